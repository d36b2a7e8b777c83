import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import type { LessonAsked, LessonForChild } from '@lotus-steady/core/lessons';
import { doneInLesson } from '@lotus-steady/core/sheets';
import { useQuery } from '@tanstack/react-query';
import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { peopleQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { useToday } from '../../clock.js';
import { PLAIN } from '../../parts/button-styles.js';
import { Chip } from '../../parts/Chip.js';
import { findConditionName } from '../../parts/condition-name.js';
import { explain } from '../../parts/Failure.js';
import { turned } from '../../parts/turned.js';
import { DecisionWord } from '../../parts/Verdict.js';
import { lessonForChildrenQuery } from '../../worker/queries.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';

const CHILDREN = findConditionName('children');

function ForChild({ name, screening: { decision, reasons }, ways }: LessonForChild & { readonly name: string }) {
  return (
    <li className="py-2">
      <h3 className="font-semibold">{name}</h3>
      {decision !== 'practise' ? (
        <>
          <DecisionWord decision={decision} />
          {reasons.map(({ text }) => (
            <p key={text} className="text-sm text-soft">
              {text}
            </p>
          ))}
        </>
      ) : ways.length === 0 ? (
        <p>{t('Joins in with everything.')}</p>
      ) : (
        <ul className="mt-1 space-y-2">
          {ways.map(({ shape, step }) => (
            <li key={step.line}>
              <strong>{shape}</strong>: {doneInLesson(step, say)}
              <span className="block text-sm text-soft">{[...new Set(step.reasons.map(({ text }) => text))].join(' ')}</span>
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}

function Chosen({ asked, ids }: { readonly asked: LessonAsked; readonly ids: readonly number[] }) {
  const people = usePeople(ids);
  const found = useQuery(lessonForChildrenQuery(asked, people.data, useToday()));
  const failed = people.failed?.error ?? found.error;
  if (failed) return <p role="alert">{explain(failed)}</p>;
  if (ids.length === 0) return null;
  return (
    <ul className="mt-3 divide-y divide-rule" aria-label={t('What they do otherwise')} aria-busy={!found.data}>
      {found.data?.map((one) => {
        const name = people.data?.find(({ id }) => String(id) === one.id)?.name;
        return name !== undefined && <ForChild key={one.id} name={name} {...one} />;
      })}
    </ul>
  );
}

/** What children with limits do otherwise: shut until it is asked for, never printed, never shown to the room. */
export function SingleChildren({ asked }: { readonly asked: LessonAsked }) {
  const everybody = useQuery(peopleQuery);
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const children = everybody.data?.filter(({ conditionNames }) => conditionNames.includes(CHILDREN)) ?? [];
  return (
    <Disclosure as="section" className="mt-6 print:hidden">
      <DisclosureButton className={`group ${PLAIN}`}>
        {t('Single children, for your eyes')} <ChevronDown size={18} aria-hidden className="group-data-open:rotate-180" />
      </DisclosureButton>
      <DisclosurePanel className="mt-3 rounded border border-rule bg-sheet p-4">
        <p className="text-soft">
          {t(
            'Who has limits does otherwise without a word: show it beside the others, and never say why. Nothing of this is printed or shown to the room.',
          )}
        </p>
        {everybody.data && children.length === 0 ? (
          <p className="mt-3">
            {t('No child is kept yet. ')}
            <Link to="/people/new" className="underline">
              {t('Add a child')}
            </Link>{' '}
            {t('with the condition “{children}”.', { children: CHILDREN })}
          </p>
        ) : (
          <div className="mt-3 flex flex-wrap gap-2">
            {children.map(({ id, name, conditionNames }) => (
              <Chip
                key={id}
                label={name}
                note={conditionNames.filter((one) => one !== CHILDREN).join(', ')}
                pressed={chosen.includes(id)}
                onTurn={() => setChosen(turned(chosen, id))}
              />
            ))}
          </div>
        )}
        <Chosen asked={asked} ids={chosen} />
      </DisclosurePanel>
    </Disclosure>
  );
}
