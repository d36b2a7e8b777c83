import { Mic, Square } from 'lucide-react';
import { useEffect, useState } from 'react';
import { canDictate, listen, withPhrase } from './dictation.js';
import { useLatest } from './use-latest.js';
import { t } from '../words/t.js';

interface Props {
  /** What is written so far. */
  readonly text: string;
  readonly onChange: (text: string) => void;
  /** What it is written into. */
  readonly into: string;
}

/** Writes what is said below what is there, where the device can do that by itself; nothing where it can't. */
export function Dictate({ text, onChange, into }: Props) {
  const [can, setCan] = useState(false);
  const [stop, setStop] = useState<(() => void) | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const latest = useLatest({ text, onChange });
  useEffect(() => {
    let isHere = true;
    void canDictate().then((yes) => isHere && setCan(yes));
    return () => {
      isHere = false;
    };
  }, []);
  useEffect(() => {
    return () => stop?.();
  }, [stop]);
  if (!can) return null;
  const start = () => {
    setProblem(null);
    const end = listen(
      (phrase) => latest.current.onChange(withPhrase(latest.current.text, phrase)),
      (told) => {
        setStop(null);
        setProblem(told);
      },
    );
    setStop(() => end);
  };
  return (
    <span className="inline-flex items-center gap-2">
      <button
        type="button"
        className="rounded p-2.5 hover:bg-shade"
        aria-pressed={stop !== null}
        aria-label={stop ? t('Stop writing what is said into {into}', { into }) : t('Say it: {into}', { into })}
        title={stop ? t('Stop') : t('Say it')}
        onClick={() => (stop ? stop() : start())}
      >
        {stop ? <Square size={18} aria-hidden /> : <Mic size={18} aria-hidden />}
      </button>
      {problem !== null && (
        <span role="alert" className="text-sm text-accent">
          {problem}
        </span>
      )}
    </span>
  );
}
