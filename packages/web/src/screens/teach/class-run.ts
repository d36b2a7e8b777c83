import { MARK_KINDS, type MarkKind, type StepMark, type Told } from '@lotus-steady/core';
import { useCallback, useState } from 'react';
import { dropDraft, readDraft, writeDraft } from '../../drafts/drafts.js';
import { t } from '../../words/t.js';

export const MARK_WORDS: Readonly<Record<MarkKind, string>> = {
  stopped: t('stopped'),
  pain: t('in pain'),
  other: t('another way'),
  fine: t('fine'),
};

/** What a teacher saw of someone in a step, and in which. */
export interface Mark extends StepMark {
  readonly personId: number;
  /** Place of the step in the sequence. */
  readonly index: number;
}

/** A class that is being taught, or was: kept on this device until it is logged, so that nothing breaks it off. */
export interface ClassRun {
  readonly beat: number;
  readonly left: number;
  /** When the clock was first started. */
  readonly startedAt: string | null;
  readonly endedAt: string | null;
  /** Where the rest was fitted to the time that was left. */
  readonly fits: readonly { readonly from: number; readonly secondsLeft: number }[];
  readonly marks: readonly Mark[];
  /** What people told at the door, by their number. */
  readonly told: Readonly<Record<number, Told>>;
  /** What was noted of them meanwhile, by their number; left out in what older versions kept. */
  readonly notes?: Readonly<Record<number, string>>;
}

export function runKey(sequenceId: number, ids: readonly number[], day: string): string {
  return `class.${sequenceId}.${[...ids].sort((a, b) => a - b).join(',')}.${day}`;
}

const EMPTY: ClassRun = { beat: 0, left: 0, startedAt: null, endedAt: null, fits: [], marks: [], told: {} };

export function readRun(key: string): ClassRun | null {
  return readDraft<ClassRun>(key)?.value ?? null;
}

/** Keeps what people told at the door for the class that follows. */
export function tellRun(key: string, told: ClassRun['told']): void {
  const run = readRun(key) ?? EMPTY;
  writeDraft(key, { version: null, value: { ...run, told: { ...run.told, ...told } } });
}

export function dropRun(key: string): void {
  dropDraft(key);
}

/** The run of a class, with every change kept at once. */
export function useClassRun(key: string) {
  const [run, set] = useState(() => readRun(key));
  const change = useCallback(
    (part: Partial<ClassRun>) => {
      const next = { ...EMPTY, ...readRun(key), ...part };
      writeDraft(key, { version: null, value: next });
      set(next);
    },
    [key],
  );
  return [run, change] as const;
}

/** The next mark of someone in a step: one tap goes on to the next, and after the last to none. */
export function marked(marks: readonly Mark[], of: Omit<Mark, 'mark'>): readonly Mark[] {
  const isSame = (one: Mark) => one.personId === of.personId && one.index === of.index && one.side === of.side;
  const now = marks.find(isSame);
  const next = MARK_KINDS[now ? MARK_KINDS.indexOf(now.mark) + 1 : 0];
  const others = marks.filter((one) => !isSame(one));
  return next === undefined ? others : [...others, { ...of, mark: next }];
}
