import { memo } from 'react';
import type { ClassScore } from '../../worker/answers.js';
import { t } from '../../words/t.js';

/** The score on paper, in words: the staves draw only what is in sight. The sheet has the figures. */
export const PrintedScore = memo(function PrintedScore({ score, names }: { score: ClassScore; names: readonly string[] }) {
  const { answer, given, staves } = score;
  return (
    <table className="hidden w-full text-left text-sm print:table">
      <thead>
        <tr className="border-b">
          <th>{t('Step')}</th>
          {staves.map(({ people }) => (
            <th key={people.join()}>{people.map((one) => names[one]).join(', ')}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {given.map(({ givenName, givenDose }, index) => (
          <tr key={index} className="border-b align-top">
            <th scope="row" className="pr-3 font-semibold">
              {givenName}, {givenDose}
            </th>
            {staves.map(({ people }) => {
              const { verdict, to, dose } = answer.participants[people[0]!]!.steps[index]!;
              const words = verdict === 'keep' ? '–' : to === null ? t('left out') : [verdict === 'substitute' ? to.name : '', ...to.changes, dose].filter(Boolean).join('; '); // prettier-ignore
              return (
                <td key={people.join()} className="pr-3">
                  {words}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
});
