import type { Beat } from '@lotus-steady/core/cues';
import { MARK_WORDS, type Mark } from './class-run.js';

interface Props {
  readonly people: readonly { readonly id: number; readonly name: string }[];
  readonly beat: Beat;
  readonly marks: readonly Mark[];
  readonly onMark: (personId: number) => void;
}

/** One tap tells what was seen of someone in this step; the next tap goes on: stopped, in pain, another way, fine, nothing. */
export function MarkTiles({ people, beat, marks, onMark }: Props) {
  return (
    <ul className="flex flex-wrap gap-2" aria-label="What you see of them">
      {people.map(({ id, name }) => {
        const mark = marks.find((one) => one.personId === id && one.index === beat.index && one.side === beat.side)?.mark;
        return (
          <li key={id} className="min-w-28 grow basis-0">
            <button
              type="button"
              onClick={() => onMark(id)}
              aria-label={`${name}: ${mark ? MARK_WORDS[mark] : 'nothing marked'}`}
              className={`flex h-14 w-full flex-col items-center justify-center rounded border-2 px-2 text-xl leading-tight lg:h-16 ${mark ? 'border-ink bg-ink text-paper' : 'border-rule bg-sheet hover:border-ink'}`}
            >
              <strong className="max-w-full truncate">{name.split(' ')[0]}</strong>
              {mark && <span className="text-lg leading-none">{MARK_WORDS[mark]}</span>}
            </button>
          </li>
        );
      })}
    </ul>
  );
}
