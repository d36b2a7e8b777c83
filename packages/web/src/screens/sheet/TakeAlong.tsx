import type { ClassJson, Participant } from '@lotus-steady/core';
import { ChevronDown } from 'lucide-react';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { PLAIN } from '../../parts/button-styles.js';
import { download } from '../../parts/download.js';
import { core } from '../../worker/core.js';
import { t } from '../../words/t.js';

interface Props {
  readonly answer: ClassJson;
  readonly text: string;
  readonly title: string;
  readonly participants: readonly Participant[];
  readonly day: string;
  readonly calendar: () => Promise<void>;
}

/** The class in formats that other programs read. Nobody's name goes into any of them. */
export function TakeAlong({ answer, text, title, participants, day, calendar }: Props) {
  const formats = () => import('@lotus-steady/core/formats');
  const script = async (as: 'cuesVtt' | 'chaptersVtt') => {
    const cues = await import('@lotus-steady/core/cues');
    return cues[as](await core.cues(cues.beatsOf(answer.participants), participants, {}));
  };
  const kinds: readonly (readonly [what: string, take: () => Promise<void>])[] = [
    [t('Calendar (iCalendar)'), calendar],
    [t('Notes (text)'), async () => download('class.md', text, 'text/markdown')],
    [t('Sequence (JSON)'), async () => download('sequence.json', await core.sequenceFile(text), 'application/json')],
    [t('Everybody’s steps (CSV)'), async () => download('class.csv', (await formats()).planCsv(answer.participants), 'text/csv')],
    [t('Spoken lines (WebVTT)'), async () => download('cues.vtt', await script('cuesVtt'), 'text/vtt')],
    [t('Chapters (WebVTT)'), async () => download('chapters.vtt', await script('chaptersVtt'), 'text/vtt')],
    [
      t('Plans and requests (FHIR R4)'),
      async () => {
        const bundle = (await formats()).fhirBundle(participants, answer.participants, title, day);
        download('class-fhir.json', JSON.stringify(bundle, null, 2), 'application/fhir+json');
      },
    ],
  ];
  return (
    <Menu>
      <MenuButton className={PLAIN}>
        {t('Take along')} <ChevronDown size={18} aria-hidden />
      </MenuButton>
      <MenuItems anchor="bottom start" className="z-20 mt-1 rounded border border-soft bg-sheet py-1 shadow-lg">
        {kinds.map(([what, take]) => (
          <MenuItem key={what}>
            <button type="button" className="block w-full px-4 py-2 text-left data-focus:bg-shade" onClick={() => void take()}>
              {what}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}
