import { SlidersHorizontal } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { PLAIN } from '../../parts/button-styles.js';
import { Drop } from '../../parts/Drop.js';
import { SelectField } from '../../parts/SelectField.js';
import type { RoomCode } from '../room/room-code.js';
import type { TeachingSettings } from './teaching-settings.js';
import { canSpeak } from './use-voice.js';
import { t } from '../../words/t.js';

interface Props {
  readonly settings: TeachingSettings;
  readonly onChange: (part: Partial<TeachingSettings>) => void;
  /** The code by which screens on other devices follow. */
  readonly room: RoomCode;
}

const WORDS = [
  ['whole', t('all that there is time for')],
  ['short', t('one line a step')],
  ['words', t('key words')],
  ['none', 'nothing'],
] as const;

function Switch({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <label className="flex items-center gap-3 text-lg">
      <input type="checkbox" className="size-5 accent-ink" checked={on} onChange={({ target }) => onChange(target.checked)} />
      {label}
    </label>
  );
}

/** Words, voice, tones, and which way the teacher stands. */
export function HowToTeach({ settings, onChange, room }: Props) {
  const told = useRef<HTMLParagraphElement>(null);
  const { code } = room;
  // The button that had the focus is gone: the code takes it, so that Escape closes the panel and not the class.
  useEffect(() => {
    if (code !== null) told.current?.focus();
  }, [code]);
  return (
    <Drop
      label={t('Words, voice and tones')}
      buttonClass="rounded p-2 hover:bg-shade"
      panelClass="right-0 w-80 space-y-4"
      button={<SlidersHorizontal size={26} aria-hidden />}
    >
      <SelectField
        label={t('What to say')}
        value={settings.words}
        onChange={(words) => onChange({ words: words as TeachingSettings['words'] })}
      >
        {WORDS.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </SelectField>
      <Switch label={t('I face the class: mirror me')} on={settings.facing} onChange={(facing) => onChange({ facing })} />
      <Switch
        label={t('Breathe out to lift, as in strength work')}
        on={settings.exhaleOnEffort}
        onChange={(exhaleOnEffort) => onChange({ exhaleOnEffort })}
      />
      <Switch label={t('A tone at each step and side')} on={settings.tones} onChange={(tones) => onChange({ tones })} />
      {canSpeak && <Switch label={t('This device says the words')} on={settings.voice} onChange={(voice) => onChange({ voice })} />}
      <label className="block text-lg">
        {t('How loud')}
        <input
          type="range"
          min={0}
          max={1}
          step={0.1}
          value={settings.volume}
          onChange={({ target }) => onChange({ volume: Number(target.value) })}
          className="w-full accent-ink"
        />
      </label>
      {code === null ? (
        <button type="button" className={PLAIN} onClick={room.open}>
          {t('A screen on another device')}
        </button>
      ) : (
        <p ref={told} tabIndex={-1} className="text-lg" role="status">
          {t('On the other device open')} <strong className="break-all">{t('{host}/room', { host: location.host })}</strong> {t('and type')}{' '}
          <strong className="text-2xl tracking-widest">{code}</strong>
        </p>
      )}
      {room.failed && (
        <p role="alert" className="text-accent">
          {t('The server could not be reached. Try again.')}
        </p>
      )}
    </Drop>
  );
}
