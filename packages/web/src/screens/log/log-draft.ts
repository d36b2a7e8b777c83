import type { PastClass, Place, Scale, Told } from '@lotus-steady/core';
import type { ClassLog, LogPart } from '@lotus-steady/requests';
import type { ClassRun } from '../teach/class-run.js';

/** What is noted of a class, as it is edited. */
export type LogDraft = Omit<ClassLog, 'key' | 'version'>;

/** Letters of a note on somebody. */
export const MOST_NOTED = 2000;

const NOTHING: Told = {};

/** What a class that was taught leaves to be noted; everybody was there, and nobody has been asked. */
export function draftOf(title: string, day: string, ids: readonly number[], run: ClassRun | null): LogDraft {
  return {
    title,
    day,
    startedAt: run?.startedAt ?? null,
    endedAt: run?.endedAt ?? null,
    note: '',
    incident: '',
    people: ids.map((personId): LogPart => {
      const marks = (run?.marks ?? []).filter((mark) => mark.personId === personId);
      return {
        personId,
        present: true,
        before: run?.told[personId] ?? NOTHING,
        after: NOTHING,
        felt: null,
        note: run?.notes?.[personId] ?? '',
        marks: marks.map(({ asana, variation, side, mark }) => ({ asana, variation, side, mark })),
        decided: [],
      };
    }),
  };
}

export function toDraft({ key: _key, version: _version, ...draft }: ClassLog): LogDraft {
  return draft;
}

/** Somebody's part with some of it changed. */
export function withPart(draft: LogDraft, personId: number, part: Partial<LogPart>): LogDraft {
  return { ...draft, people: draft.people.map((one) => (one.personId === personId ? { ...one, ...part } : one)) };
}

/** Who was there and has not been asked; of whoever was marked it is to be asked one by one. */
export function notAsked(draft: LogDraft): readonly LogPart[] {
  return inOrder(draft.people).others.filter(({ present, felt }) => present && felt === null);
}

/** They felt the same: said for all of them at once, and only by a teacher. */
export function restTheSame(draft: LogDraft): LogDraft {
  const open = new Set(notAsked(draft));
  return { ...draft, people: draft.people.map((one) => (open.has(one) ? { ...one, felt: 'same' } : one)) };
}

/** Who is to be looked at first: whoever was marked; then the others, as they came. */
export function inOrder(people: readonly LogPart[]): { readonly marked: readonly LogPart[]; readonly others: readonly LogPart[] } {
  const isMarked = ({ marks }: LogPart) => marks.some(({ mark }) => mark !== 'fine');
  return { marked: people.filter(isMarked), others: people.filter((one) => !isMarked(one)) };
}

/** Past classes of somebody with the one that is being noted, in place of what was kept of it. */
export function historyWith(kept: readonly (PastClass & { readonly key: string })[], key: string, day: string, part: LogPart): PastClass[] {
  return [...kept.filter((one) => one.key !== key), { ...part, day }];
}

/** What was told, with one scale changed; without a number it was not asked. Without pain it hurts nowhere. */
export function withScale(told: Told, scale: Scale, value: string): Told {
  const { [scale]: _old, ...rest } = told;
  const next: Told = value === '' ? rest : { ...rest, [scale]: Number(value) };
  return scale === 'pain' && !next.pain ? withPlace(next, undefined) : next;
}

/** What was told, with another place; without one it was not asked. */
export function withPlace(told: Told, place: Place | undefined): Told {
  const { where: _old, ...rest } = told;
  return place === undefined ? rest : { ...rest, where: place };
}
