import { counted } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { sequencesQuery } from '../../api/queries.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { hasFailed } from '../../api/failed.js';
import { PageTitle } from '../../parts/PageTitle.js';

export function SequencesScreen() {
  const sequences = useQuery(sequencesQuery);
  if (hasFailed(sequences)) return <Failure error={sequences.error} onRetry={() => void sequences.refetch()} />;
  if (sequences.data === undefined) return <Loading what="Looking up sequences" />;
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <PageTitle>{'Sequences'}</PageTitle>
        <h1 className="text-2xl">Sequences</h1>
        <div className="flex flex-wrap gap-3">
          <Link to="/sequences/build" className={PLAIN}>
            Build one
          </Link>
          <Link to="/sequences/new" className={PRIMARY}>
            Paste a sequence
          </Link>
        </div>
      </div>
      {sequences.data.length === 0 && <p className="text-soft">No sequence yet. Paste one from your notes: one step a line.</p>}
      <ul className="divide-y divide-rule border-y border-rule">
        {sequences.data.map(({ id, title, steps, unknown, minutes }) => (
          <li key={id}>
            <Link to={`/sequences/${id}`} className="grid gap-x-4 px-2 py-2.5 hover:bg-shade sm:grid-cols-[1fr_8rem_14rem]">
              <span className="font-semibold">{title}</span>
              <span className="text-soft">{minutes === null ? 'no set length' : `${minutes} min`}</span>
              <span className="text-soft">
                {counted(steps, 'step')}
                {unknown > 0 && <strong className="text-accent">, {unknown} not understood</strong>}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
