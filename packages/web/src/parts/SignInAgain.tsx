import type { Teacher } from '@lotus-steady/requests';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Suspense, useState } from 'react';
import { request } from '../api/client.js';
import { sessionQuery } from '../api/queries.js';
import { sessionFound, useSessionLost } from '../api/session-lost.js';
import { INPUT, PRIMARY } from './button-styles.js';
import { explain } from './Failure.js';
import { LaterInterruption } from './interruption-later.js';
import { Labelled } from './Labelled.js';
import { t } from '../words/t.js';

/** Where a session has ended: signing in again in place. What is on the screen stays, and what waits is sent afterwards. */
export function SignInAgain() {
  const isLost = useSessionLost();
  const session = useQuery({ ...sessionQuery, enabled: false });
  const queries = useQueryClient();
  const [password, setPassword] = useState('');
  const enter = useMutation({
    mutationFn: () =>
      session.data?.demo
        ? request<Teacher>('POST', 'session/demo')
        : request<Teacher>('POST', 'session', { name: session.data?.name ?? '', password }),
    onSuccess: async (teacher) => {
      setPassword('');
      queries.setQueryData(sessionQuery.queryKey, teacher);
      sessionFound();
      // Saves that wait listen for the way to the server being open again.
      window.dispatchEvent(new Event('online'));
      await queries.invalidateQueries();
    },
  });
  if (!isLost) return null;
  return (
    <Suspense>
      <LaterInterruption open onClose={() => undefined} title={t('Sign in again')}>
        <p className="mt-2">{t('Your session has ended. What is on the screen stays, and what isn’t saved is saved afterwards.')}</p>
        <form
          className="mt-4 space-y-4"
          onSubmit={(event) => {
            event.preventDefault();
            enter.mutate();
          }}
        >
          {session.data?.demo !== true && (
            <Labelled label={t('Password of {name}', { name: session.data?.name ?? t('your account') })}>
              {(id) => (
                <input
                  id={id}
                  type="password"
                  data-autofocus
                  autoComplete="current-password"
                  value={password}
                  onChange={({ target }) => setPassword(target.value)}
                  className={INPUT}
                />
              )}
            </Labelled>
          )}
          {enter.isError && (
            <p role="alert" className="text-accent">
              {explain(enter.error)}
            </p>
          )}
          <button type="submit" disabled={enter.isPending} className={`${PRIMARY} w-full`}>
            {session.data?.demo ? t('Go on') : t('Sign in')}
          </button>
        </form>
      </LaterInterruption>
    </Suspense>
  );
}
