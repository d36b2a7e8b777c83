import { MARKS, type TrainingMark } from '@lotus-steady/core/training';
import type { TrainingProgress } from '@lotus-steady/requests';
import { t } from '../../words/t.js';

/** How often each mark was given, over all tasks: misses and false alarms apart. */
export function countsOf(progress: readonly Pick<TrainingProgress, 'counts'>[]): Record<TrainingMark, number> {
  const sum = (mark: TrainingMark) => progress.reduce((all, { counts }) => all + (counts[mark] ?? 0), 0);
  return { right: sum('right'), half: sum('half'), missed: sum('missed'), 'false-alarm': sum('false-alarm') };
}

/** How many answers were given. */
export function answersOf(progress: readonly Pick<TrainingProgress, 'counts'>[]): number {
  return Object.values(countsOf(progress)).reduce((all, one) => all + one, 0);
}

export const MARK_WORDS: Readonly<Record<TrainingMark, string>> = {
  right: 'right',
  half: t('half right'),
  missed: 'missed',
  'false-alarm': t('too careful'),
};

/** "3 right, 1 half right, 0 missed, 2 too careful". */
export function countsSaid(progress: readonly Pick<TrainingProgress, 'counts'>[]): string {
  const counts = countsOf(progress);
  return MARKS.map((mark) => `${counts[mark]} ${MARK_WORDS[mark]}`).join(', ');
}
