import type { KeyedLogBody } from '@lotus-steady/requests';
import { useMutation } from '@tanstack/react-query';
import { request } from '../api/client.js';
import { explain } from './Failure.js';
import { t } from '../words/t.js';

type BroughtLog = Omit<KeyedLogBody, 'people'> & { readonly people: readonly object[] };

/** Logs that come from elsewhere: added together, and removed again; `renew` fetches anew what shows them. */
export function useBroughtLogs(renew: () => Promise<unknown>, onTakenBack?: () => void) {
  const bring = useMutation({
    mutationFn: (logs: readonly BroughtLog[]) => request<{ readonly keys: readonly string[] }>('POST', 'logs/import', { logs }),
    onSuccess: renew,
  });
  const takeBack = useMutation({
    mutationFn: (keys: readonly string[]) => request('POST', 'logs/take-back', { keys }),
    onSuccess: async () => {
      bring.reset();
      onTakenBack?.();
      await renew();
    },
  });
  const forget = () => {
    bring.reset();
    takeBack.reset();
  };
  return { bring, takeBack, forget };
}

/** How many were added, as `said`, with their way back. */
export function BroughtLogs({
  logs: { bring, takeBack },
  said,
}: {
  logs: ReturnType<typeof useBroughtLogs>;
  said: (count: number) => string;
}) {
  const failed = [bring, takeBack].find(({ isError }) => isError);
  const done = bring.data?.keys;
  return (
    <>
      {failed?.isError && (
        <p role="alert" className="mt-2 text-accent">
          {explain(failed.error)}
        </p>
      )}
      <p role="status" className="mt-3">
        {done && (
          <>
            {said(done.length)}{' '}
            <button type="button" className="underline" disabled={takeBack.isPending} onClick={() => takeBack.mutate(done)}>
              {t('Undo')}
            </button>
          </>
        )}
        {takeBack.isSuccess && t('Removed again.')}
      </p>
    </>
  );
}
