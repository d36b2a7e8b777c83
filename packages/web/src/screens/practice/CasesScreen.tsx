import {
  casesFile,
  readCasesFile,
  readResultsFile,
  resultsFile,
  tasksWith,
  type TrainingCaseText,
  type TrainingClient,
  type TrainingResults,
} from '@lotus-steady/core/training';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { request } from '../../api/client.js';
import { hasFailed } from '../../api/failed.js';
import { sessionQuery, trainingCasesQuery, trainingProgressQuery } from '../../api/queries.js';
import { PLAIN } from '../../parts/button-styles.js';
import { download } from '../../parts/download.js';
import { explain, ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { OpenFile } from '../../parts/OpenFile.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { CaseForm } from './CaseForm.js';
import { Results } from './Results.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

const JSON_FILE = '.json,application/json';

/**
 * Tasks that a supervisor sets: invented cases go to trainees as a file, and their results come back as one. No account
 * sees another's.
 */
export function CasesScreen() {
  const cases = useQuery(trainingCasesQuery);
  const progress = useQuery(trainingProgressQuery);
  const session = useQuery(sessionQuery);
  const queries = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const [results, setResults] = useState<TrainingResults | null>(null);
  const [gone, setGone] = useState<TrainingClient | null>(null);
  const onSuccess = async (kept: TrainingClient[]) => {
    queries.setQueryData(trainingCasesQuery.queryKey, kept);
    await queries.invalidateQueries({ queryKey: trainingProgressQuery.queryKey });
  };
  const add = useMutation({
    mutationFn: (added: readonly TrainingCaseText[]) => request<TrainingClient[]>('POST', 'training/cases', { cases: added }),
    onSuccess,
  });
  const forget = useMutation({
    mutationFn: ({ id }: TrainingClient) => request<TrainingClient[]>('POST', 'training/cases/forget', { id }),
    onSuccess,
  });
  const failed = [cases, progress].find(hasFailed);
  if (failed) return <ScreenFailure title={t('Set and review tasks')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!cases.data || !progress.data) return <ScreenLoading title={t('Set and review tasks')} what={t('Opening the cases')} />;
  const bad = [add, forget].find(({ isError }) => isError);
  const own = cases.data;
  const takeIn = (text: string) => {
    const found = readCasesFile(text);
    setProblem(typeof found === 'string' ? found : null);
    if (typeof found !== 'string') add.mutate(found);
  };
  const review = (text: string) => {
    const found = readResultsFile(text);
    setProblem(typeof found === 'string' ? found : null);
    setResults(typeof found === 'string' ? null : found);
  };
  const handOver = () => {
    download('practice-results.json', resultsFile(session.data?.name ?? '', tasksWith(own), progress.data), 'application/json');
  };
  return (
    <div className="mx-auto max-w-3xl">
      <PageTitle>{t('Set and review tasks')}</PageTitle>
      <h1 className="text-2xl">{t('Set and review tasks')}</h1>
      <p className="max-w-prose text-soft">
        {t(
          'Write invented cases, hand them to trainees as a file, and look at the results that they bring back. Cases that are here come first in ',
        )}
        <Link to="/practice" className="underline">
          {t('practice')}
        </Link>
        .
      </p>
      <p role="status" className="my-3 min-h-6 text-sm">
        {bad && t('Not kept: {reason}', { reason: explain(bad.error) })}
        {problem}
        {!bad && gone && (
          <>
            {t('{name} is removed, with the answers to it. ', { name: gone.name })}
            <button
              type="button"
              className="underline"
              onClick={() => {
                const { id: _id, ...text } = gone;
                add.mutate([text], { onSuccess: () => setGone(null) });
              }}
            >
              {t('Undo')}
            </button>
          </>
        )}
      </p>
      {own.length === 0 ? (
        <p>{t('No case is here yet.')}</p>
      ) : (
        <ul className="divide-y divide-rule rounded border border-rule bg-sheet">
          {own.map((one) => (
            <li key={one.id} className="flex flex-wrap items-baseline gap-x-4 gap-y-1 px-3 py-2">
              <strong>{one.name}</strong>
              <span className="min-w-0 grow basis-64 text-sm">{one.about}</span>
              <span className="text-sm text-soft">
                {t('level {level}, {steps}', {
                  level: one.level,
                  steps: tell('{count, plural, one {# step} other {# steps}}', { count: one.steps.length }),
                })}
              </span>
              <button
                type="button"
                className="text-sm underline"
                aria-label={t('Remove the case {name}', { name: one.name })}
                onClick={() => forget.mutate(one, { onSuccess: () => setGone(one) })}
              >
                {t('Remove')}
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        <button
          type="button"
          className={PLAIN}
          disabled={own.length === 0}
          onClick={() => download('training-cases.json', casesFile(own), 'application/json')}
        >
          {t('Hand these cases out')}
        </button>
        <OpenFile
          label={t('Take in cases')}
          name={t('File with cases')}
          accept={JSON_FILE}
          onFile={(chosen) => void chosen.text().then(takeIn)}
        />
        <button type="button" className={PLAIN} disabled={progress.data.length === 0} onClick={handOver}>
          {t('Hand over my results')}
        </button>
        <OpenFile
          label={t('Look at somebody’s results')}
          name={t('File with results')}
          accept={JSON_FILE}
          onFile={(chosen) => void chosen.text().then(review)}
        />
      </div>
      {results && <Results results={results} onClose={() => setResults(null)} />}
      <CaseForm isSaving={add.isPending} onSave={(written, onSaved) => add.mutate([written], { onSuccess: onSaved })} />
    </div>
  );
}
