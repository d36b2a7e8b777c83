import { CONDITIONS, findConditions, type Condition } from '@lotus-steady/core';
import { useDeferredValue, useId } from 'react';
import { Link, useSearchParams } from 'react-router';
import { INPUT } from '../../parts/button-styles.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** Where each group begins, in the order of the conditions. */
const GROUPS: readonly { readonly title: string; readonly first: string }[] = [
  { title: t('Stages of life and ways of practising'), first: 'pregnancy' },
  { title: t('Heart, pressure, eyes, lungs'), first: 'hypertension' },
  { title: t('Head, nerves, mind, illness'), first: 'migraine-headache' },
  { title: t('Spine'), first: 'low-back-pain' },
  { title: t('Joints'), first: 'shoulder' },
  { title: t('Belly, pelvis, metabolism and the rest'), first: 'abdominal-hernia' },
];

function grouped(conditions: readonly Condition[]): { title: string; conditions: readonly Condition[] }[] {
  const starts = GROUPS.map(({ first }) => CONDITIONS.findIndex(({ id }) => id === first));
  return GROUPS.map(({ title }, i) => ({
    title,
    conditions: CONDITIONS.slice(starts[i], starts[i + 1]).filter((condition) => conditions.includes(condition)),
  })).filter((group) => group.conditions.length > 0);
}

function Entry({ condition: { id, name, words, limits, schools } }: { condition: Condition }) {
  const disputed = Object.keys(schools).length;
  return (
    <li>
      <Link to={`/limits/${id}`} className="block h-full rounded border border-rule bg-sheet p-3 hover:border-ink">
        <span className="font-semibold">{name}</span>
        <span className="block text-sm text-soft">{words.slice(0, 4).join(', ')}</span>
        <span className="mt-1 block text-sm">
          {tell('{count, plural, one {# limit} other {# limits}}{disputed, plural, =0 {} other {, # where practitioners disagree}}', {
            count: limits.length,
            disputed,
          })}
        </span>
      </Link>
    </li>
  );
}

/** Every condition and group with its limits; found by plain words, which live in the address. */
export function LimitsScreen() {
  const [search, setSearch] = useSearchParams();
  const words = useDeferredValue(search.get('q') ?? '');
  const id = useId();
  const found = findConditions(words);
  return (
    <>
      <PageTitle>{t('Limits')}</PageTitle>
      <h1 className="mb-1 text-2xl">{t('Limits')}</h1>
      <p className="mb-4 max-w-prose text-soft">
        {t(
          'What each condition bars, why, and on whose word. Written from memory of its sources and not yet reviewed by a clinician; a written word of a person’s own doctor, midwife or physiotherapist comes first.',
        )}{' '}
        <Link to="/studio">{t('What our studio decides')}</Link> · <Link to="/practice">{t('Practise judging')}</Link>
      </p>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {t('Find by plain words')}
      </label>
      <input
        id={id}
        type="search"
        value={search.get('q') ?? ''}
        onChange={(event) => setSearch(event.target.value === '' ? {} : { q: event.target.value }, { replace: true })}
        placeholder={t('high BP, slipped disc, new hip …')}
        className={`${INPUT} max-w-md`}
      />
      <p role="status" className="my-3 text-sm text-soft">
        {t('{found} of {conditions}', { found: found.length, conditions: CONDITIONS.length })}
      </p>
      {found.length === 0 && <p>{t('No condition here goes by that name. If in doubt, refer.')}</p>}
      {grouped(found).map(({ title, conditions }) => (
        <section key={title} aria-label={title} className="mb-6">
          <h2 className="mb-2 text-lg">{title}</h2>
          <ul className="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
            {conditions.map((condition) => (
              <Entry key={condition.id} condition={condition} />
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}
