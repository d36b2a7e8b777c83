import type { BodyAnswers } from '@lotus-steady/core';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import { Growing } from '../../parts/use-growing.js';
import { setupWords } from '@lotus-steady/core/sheets';
import { Thumb } from '../../parts/Thumb.js';
import type { ForWhom } from '../../parts/use-for-whom.js';
import { WhomSelect } from '../../parts/WhomSelect.js';
import { words } from '../../parts/words.js';
import type { AsanaEntry, AsanaPage } from '../../worker/asana-page.js';
import { MeasureTable } from './MeasureTable.js';
import { StepListWays } from './StepListWays.js';
import { Touching } from './Touching.js';
import { Turnable } from './Turnable.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { useConventions } from '../../theme/conventions.js';
import { t } from '../../words/t.js';

interface Props {
  readonly page: AsanaPage;
  readonly whom: ForWhom | null;
  readonly body: BodyAnswers;
  readonly onWhom: (key: string) => void;
}

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="mt-8">
      <h2 className="mb-2 text-lg">{title}</h2>
      {children}
    </section>
  );
}

function Row({ asanas, suffix }: { asanas: readonly AsanaEntry[]; suffix: string }) {
  return (
    <ul className="flex flex-wrap gap-3">
      {asanas.map(({ id, name }) => (
        <li key={id} className="w-36">
          <Link to={`/asanas/${id}${suffix}`} className="block rounded border border-rule bg-sheet p-2 hover:border-ink">
            <Thumb id={id} className="h-16" />
            <span className="text-sm leading-tight">{name}</span>
          </Link>
        </li>
      ))}
    </ul>
  );
}

const WEIGHTS = { 1: 'also', 2: 'clearly', 3: 'mainly' } as const;

export function AsanaView({ page, whom, body, onWhom }: Props) {
  const { entry, names, kids, shown, weights, dose, breath, cues, asides, variations, ways, substitutes, counterposes } = page;
  const [chosen, setChosen] = useState(0);
  const conventions = useConventions();
  const [all, setAll] = useState(false);
  const form = variations[chosen];
  const suffix = whom ? `?for=${whom.key}` : '';
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <PageTitle>{entry.name}</PageTitle>
          <h1 className="text-2xl">{entry.name}</h1>
          <p className="text-soft">
            {entry.iast && <em>{entry.iast}</em>}
            {entry.iast && names.length > 0 && ' · '}
            {t('{names} · with children: {kids}', { names: names.join(', '), kids })}
          </p>
        </div>
        <div className="w-60">
          <WhomSelect value={whom?.key ?? ''} onChange={onWhom} />
        </div>
      </div>
      {form && (
        <div className="mt-4 grid items-start gap-6 lg:grid-cols-[1fr_24rem]">
          <Turnable
            key={form.id}
            id={entry.id}
            variation={form.id}
            body={body}
            name={`${entry.name}, ${form.name}`}
            start={form.drawn[0]!.eye.azimuth}
            hasSides={shown !== null}
          />
          <div className="space-y-3">
            <p>
              <strong>{t('For:')} </strong>
              {form.for}
            </p>
            {form.setup.length > 0 && (
              <p>
                <strong>{whom?.isPerson ? t('Set up for {name}:', { name: whom.name }) : t('Set up:')} </strong>
                {setupWords(form.setup, conventions)}
              </p>
            )}
            {!form.reached && (
              <p className="text-accent">{t('Not quite reached with this body: {warnings}.', { warnings: form.warnings.join('; ') })}</p>
            )}
            <p>
              <strong>{t('Usually:')} </strong>
              {shown ? t('{dose}; the picture shows {as}', { dose, as: shown.as }) : dose}
            </p>
            <p>
              <strong>{t('In:')} </strong>
              {breath.inhale}. <strong>{t('Out:')} </strong>
              {breath.exhale}.
            </p>
            <p>
              <strong>{t('Good for:')} </strong>
              {Object.entries(weights)
                .sort(([, a], [, b]) => b - a)
                .map(([purpose, weight]) => `${words(purpose)} (${WEIGHTS[weight]})`)
                .join(', ')}
            </p>
            {cues.length > 0 && (
              <div>
                <strong>{t('Say:')}</strong>
                <ul className="list-disc pl-5">
                  {cues.map((cue) => (
                    <li key={cue}>{cue}</li>
                  ))}
                </ul>
              </div>
            )}
            {asides.length > 0 && (
              <p>
                <strong>{t('For you, not for the class:')} </strong>
                {asides.join(' ')}
              </p>
            )}
            {form.ends[0]!.loads.length > 0 && (
              <p className="text-sm text-soft">
                {t('Weight: {loads}', {
                  loads: form.ends[0]!.loads.map(({ part, on, share }) => `${words(part)} ${Math.round(share * 100)} % (${on})`).join(', '),
                })}
              </p>
            )}
          </div>
        </div>
      )}
      <Growing>
        {ways.length > 0 && (
          <Section title={t('Its steps')}>
            <StepListWays key={entry.id} ways={ways} suffix={suffix} />
          </Section>
        )}
        {variations.length > 1 && (
          <Section title={t('Ways to do it')}>
            <ul className="flex flex-wrap gap-3">
              {variations.map(({ id, name, for: whom, drawn }, i) => (
                <li key={id} className="w-40">
                  <button
                    type="button"
                    aria-pressed={i === chosen}
                    onClick={() => setChosen(i)}
                    className={`flex h-full w-full flex-col rounded border p-2 text-left ${i === chosen ? 'border-ink bg-shade' : 'border-rule bg-sheet hover:border-ink'}`}
                  >
                    <FigureDrawing figure={drawn[0]!} ghost={drawn[1]} className="h-20 w-full" />
                    <span className="mt-1 leading-tight font-semibold">{name}</span>
                    <span className="text-sm leading-tight text-soft">{whom}</span>
                  </button>
                </li>
              ))}
            </ul>
          </Section>
        )}
        {form && (
          <Section title={whom ? t('Limits of {name} that it goes beyond', { name: whom.name }) : t('Limits that it goes beyond')}>
            <Touching form={form} whom={whom} />
          </Section>
        )}
        {form && (
          <Section title={t('Measures')}>
            <label className="mb-2 inline-flex items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="size-4 accent-[var(--ink)]"
                checked={all}
                onChange={(event) => setAll(event.target.checked)}
              />
              {t('all of them')}
            </label>
            <MeasureTable variations={variations} all={all} />
          </Section>
        )}
        {substitutes.length > 0 && (
          <Section title={t('Does the same job')}>
            <Row asanas={substitutes} suffix={suffix} />
          </Section>
        )}
        {counterposes.length > 0 && (
          <Section title={t('Usually followed by')}>
            <Row asanas={counterposes} suffix={suffix} />
          </Section>
        )}
      </Growing>
    </>
  );
}
