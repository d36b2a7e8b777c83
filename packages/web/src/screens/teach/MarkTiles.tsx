import type { Beat } from '@lotus-steady/core/cues';
import { MARK_WORDS, type Mark } from './class-run.js';
import { shortNames } from './short-names.js';
import { useLongPress } from './use-long-press.js';
import { t } from '../../words/t.js';

/** More names than these stand in two rows. */
export const ONE_ROW = 8;

interface Someone {
  readonly id: number;
  readonly name: string;
}

interface Props {
  readonly people: readonly Someone[];
  /** Who is here, or was to come, and may not practise today: the plan is not for them. */
  readonly sittingOut: readonly Someone[];
  readonly beat: Beat;
  readonly marks: readonly Mark[];
  /** What was noted of them so far, by their number. */
  readonly notes: Readonly<Record<number, string>>;
  readonly onMark: (personId: number) => void;
  readonly onNote: (personId: number) => void;
}

interface TileProps {
  readonly name: string;
  readonly short: string;
  readonly mark: Mark['mark'] | undefined;
  readonly hasNote: boolean;
  readonly onMark: () => void;
  readonly onNote: () => void;
}

const TILE = 'flex h-14 w-full flex-col items-center justify-center rounded border-2 px-2 text-xl leading-tight lg:h-16';

function Tile({ name, short, mark, hasNote, onMark, onNote }: TileProps) {
  const press = useLongPress(onMark, onNote);
  return (
    <button
      type="button"
      {...press}
      aria-label={`${name}: ${mark ? MARK_WORDS[mark] : t('nothing marked')}`}
      title={t('A longer press, or N: a note')}
      className={`${TILE} touch-manipulation select-none ${mark ? 'border-ink bg-ink text-paper' : 'border-rule bg-sheet hover:border-ink'}`}
    >
      <strong className="max-w-full truncate">
        {short}
        {hasNote && ' …'}
      </strong>
      {mark && <span className="text-lg leading-none">{MARK_WORDS[mark]}</span>}
    </button>
  );
}

/** One tap tells what was seen of someone in this step; the next tap goes on: stopped, in pain, another way, fine, nothing. A longer press is for a note. */
export function MarkTiles({ people, sittingOut, beat, marks, notes, onMark, onNote }: Props) {
  const short = shortNames([...people, ...sittingOut].map(({ name }) => name));
  const place = `min-w-28 grow ${short.length > ONE_ROW ? 'basis-[14%]' : 'basis-0'}`;
  return (
    <ul className="flex flex-wrap gap-2" aria-label={t('What you see of them')}>
      {people.map(({ id, name }, i) => (
        <li key={id} className={place}>
          <Tile
            name={name}
            short={short[i]!}
            mark={marks.find((one) => one.personId === id && one.index === beat.index && one.side === beat.side)?.mark}
            hasNote={(notes[id] ?? '') !== ''}
            onMark={() => onMark(id)}
            onNote={() => onNote(id)}
          />
        </li>
      ))}
      {sittingOut.map(({ id, name }, i) => (
        <li key={id} className={place}>
          <p
            className={`${TILE} border-dashed border-rule text-soft`}
            title={t('{name} may not practise yet: the plan is not for them', { name })}
          >
            <span className="max-w-full truncate">{short[people.length + i]}</span>
            <span className="text-lg leading-none">{t('sits out')}</span>
          </p>
        </li>
      ))}
    </ul>
  );
}
