import type { ClassJson } from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';
import { Link } from 'react-router';
import { DecisionWord } from '../../parts/Verdict.js';
import { sentence } from '../../words/say.js';
import { t } from '../../words/t.js';

interface Props {
  readonly people: readonly Person[];
  readonly participants: ClassJson['participants'];
}

/** Who may not practise yet and why, and what is still open for whom: the same for one person and for many. */
export function Screenings({ people, participants }: Props) {
  const told = participants
    .map(({ screening }, i) => ({ screening, person: people[i]! }))
    .filter(({ screening }) => screening.decision !== 'practise' || screening.notes.length > 0);
  if (told.length === 0) return null;
  const waiting = told.filter(({ screening }) => screening.decision !== 'practise').length;
  const alone = people.length === 1;
  return (
    <section
      aria-label={t('Screening')}
      className={`mb-3 rounded border bg-sheet px-4 py-1.5 ${waiting > 0 ? 'border-accent' : 'border-rule'}`}
    >
      {waiting > 0 && (
        <p className="font-semibold">
          {alone
            ? t('The plan below is for thinking ahead; it is not to be taught yet.')
            : t('Not everybody may practise yet. Their staves are for thinking ahead; teaching leaves them out.')}
        </p>
      )}
      <ul
        className={`space-y-1 ${alone ? '' : 'max-h-40 overflow-auto'}`}
        tabIndex={alone ? undefined : 0}
        aria-label={t('Whom it concerns')}
      >
        {told.map(({ screening: { decision, reasons, notes }, person: { id, name } }) => (
          <li key={id}>
            <Link to={`/people/${id}`} className="font-semibold underline">
              {name}
            </Link>{' '}
            {decision !== 'practise' && <DecisionWord decision={decision} />}
            {reasons.length > 0 && (
              <ul className="list-disc pl-5">
                {reasons.map((reason) => (
                  <li key={reason.text}>{sentence(reason)}</li>
                ))}
              </ul>
            )}
            <span className="text-sm text-soft">{notes.map(sentence).join(' ')}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
