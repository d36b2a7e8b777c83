import { lazy, Suspense, useMemo } from 'react';
import type { ClassScore } from '../../worker/answers.js';
import type { Column } from './layout.js';
import { Added } from './Notes.js';
import { scoreOf } from './open-step.js';
import { PrintedScore } from './PrintedScore.js';
import { WholeClass } from './WholeClass.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

const ClassCurve = lazy(async () => ({ default: (await import('./ClassCurve.js')).ClassCurve }));

/** How good what was chosen is, as far as that is proven. */
function choiceWords({ within, bestInEachStep }: ClassScore['answer']['choice']): string {
  if (within === 0) return t('No better choice for the whole class.');
  return bestInEachStep
    ? t('No better choice in any single step; the whole class is within {within} % of the best.', { within })
    : t('The whole class is within {within} % of the best.', { within });
}

interface Props {
  readonly score: ClassScore;
  readonly names: readonly string[];
  /** So many different figures a step are wanted at most. */
  readonly figures: number;
  readonly columns: readonly Column[];
}

/** What stands below a score: how many figures and changes it has, what was added, and the class as a whole. */
export function BelowScore({ score, names, figures, columns }: Props) {
  const { answer } = score;
  const isClass = names.length > 1;
  const own = useMemo(() => (isClass ? null : scoreOf(score, 0)), [isClass, score]);
  const crowded = answer.columns.filter(({ distinct }) => distinct > figures).length;
  const out = answer.participants.flatMap(({ steps }) => steps.filter(({ verdict }) => verdict === 'omit')).length;
  const giving = answer.participants.reduce((sum, { steps }) => sum + steps.filter((step) => 'together' in step).length, 0);
  return (
    <>
      <PrintedScore score={score} names={names} />
      <p className="mt-2 text-sm">
        {isClass &&
          (crowded === 0
            ? tell('Every step shows at most {figures, plural, one {# figure} other {# figures}}. ', { figures })
            : tell('{crowded, plural, one {# step shows} other {# steps show}} more figures. ', { crowded }))}
        {giving > 0 && tell('{giving, plural, =1 {Once} other {# times}} someone gives way to the class. ', { giving })}
        {out > 0 &&
          (isClass
            ? tell('{out, plural, =1 {Once} other {# times}} someone sits a step out. ', { out })
            : tell('{out, plural, =1 {Once} other {# times}} a step is left out. ', { out }))}
        {isClass && <span className="text-soft">{choiceWords(answer.choice)}</span>}
      </p>
      {answer.participants.map(({ id, inserted }, i) => (
        <Added key={id} inserted={inserted} {...(isClass && { name: names[i]! })} />
      ))}
      <WholeClass participants={answer.participants} names={names} />
      {own && (
        <section aria-labelledby="curve" className="mt-5 print:hidden">
          <h2 id="curve" className="text-lg">
            {t('Effort through the class')}
          </h2>
          <Suspense fallback={<p className="text-soft">{t('Drawing …')}</p>}>
            <ClassCurve score={own} columns={columns} />
          </Suspense>
        </section>
      )}
    </>
  );
}
