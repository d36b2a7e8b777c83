import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { FirstTeacherBody, SignInBody } from '@lotus-steady/requests';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useNavigate, useSearchParams } from 'react-router';
import { request } from '../../api/client.js';
import { hasCome } from '../../api/leave.js';
import { sessionFound } from '../../api/session-lost.js';
import { openDraftsOf } from '../../drafts/drafts.js';
import { sessionQuery, stateQuery } from '../../api/queries.js';
import type { Teacher } from '@lotus-steady/requests';
import { INPUT, PRIMARY } from '../../parts/button-styles.js';
import { explain, Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';

interface Entry {
  readonly name: string;
  readonly password: string;
}

/** Name and password, for signing in and for the first account alike. */
function EntryForm({ first, onEnter, error, busy }: { first: boolean; onEnter: (entry: Entry) => void; error: unknown; busy: boolean }) {
  const { register, handleSubmit, formState } = useForm<Entry>({
    defaultValues: { name: '', password: '' },
    resolver: classValidatorResolver(first ? FirstTeacherBody : SignInBody),
  });
  const problems = { name: formState.errors.name?.message, password: formState.errors.password?.message };
  return (
    <form onSubmit={(event) => void handleSubmit(onEnter)(event)} noValidate className="space-y-4">
      {(['name', 'password'] as const).map((field) => (
        <div key={field}>
          <label htmlFor={field} className="mb-1 block font-semibold">
            {field === 'name' ? t('Name') : t('Password')}
          </label>
          <input
            id={field}
            type={field === 'name' ? 'text' : 'password'}
            autoComplete={field === 'name' ? 'username' : first ? 'new-password' : 'current-password'}
            className={INPUT}
            aria-invalid={problems[field] !== undefined}
            aria-describedby={problems[field] === undefined ? undefined : `${field}-problem`}
            {...register(field)}
          />
          {problems[field] !== undefined && (
            <p id={`${field}-problem`} className="mt-1 text-sm text-accent">
              {problems[field]}
            </p>
          )}
        </div>
      ))}
      {error !== null && (
        <p role="alert" className="text-accent">
          {explain(error)}
        </p>
      )}
      <button type="submit" disabled={busy} className={`${PRIMARY} w-full`}>
        {first ? t('Make the account') : t('Sign in')}
      </button>
    </form>
  );
}

/** The demo as it is reached from this device: under the same host, at a port of its own. */
function demoLink(address: string): string {
  const { protocol, port } = new URL(address.replace('{host}', 'localhost'));
  return `${protocol}//${window.location.hostname}:${port}/sign-in`;
}

/** Invented people and nobody's password. */
function DemoEntry({ busy, error, onEnter }: { busy: boolean; error: unknown; onEnter: () => void }) {
  return (
    <>
      <p className="mb-4">{t('This is the demo: everybody in it is invented. Don’t enter real people here; anybody may come in.')}</p>
      <button type="button" disabled={busy} onClick={onEnter} className={`${PRIMARY} w-full`}>
        {t('Look round the demo hall')}
      </button>
      {error !== null && (
        <p role="alert" className="mt-3 text-accent">
          {explain(error)}
        </p>
      )}
    </>
  );
}

export function SignInScreen() {
  const state = useQuery(stateQuery);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const enter = useMutation({
    mutationFn: ({ path, body }: { path: string; body?: Entry }) => request<Teacher>('POST', path, body),
    onSuccess: async (teacher) => {
      hasCome();
      sessionFound();
      await openDraftsOf(teacher);
      queries.setQueryData(sessionQuery.queryKey, teacher);
      await queries.invalidateQueries({ queryKey: stateQuery.queryKey });
      const to = search.get('to');
      await navigate(to?.startsWith('/') === true && !to.startsWith('//') ? to : '/');
    },
  });

  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col justify-center px-5 py-10">
      <img src="/mark.svg" alt="" className="mb-5 size-14" />
      <PageTitle>{t('Sign in')}</PageTitle>
      <h1 className="text-3xl">{t('Lotus Steady')}</h1>
      <p className="mt-2 mb-7 text-soft">
        {t(
          'Sequences adapted to the people in front of you. It supports your judgement and defers to doctors, midwives and physiotherapists.',
        )}
      </p>
      {state.isPending && <Loading what={t('Looking for the server')} />}
      {state.isError && <Failure error={state.error} onRetry={() => void state.refetch()} />}
      {state.data && (
        <div className="rounded-lg border border-rule bg-sheet p-6">
          {state.data.demo ? (
            <DemoEntry busy={enter.isPending} error={enter.error} onEnter={() => enter.mutate({ path: 'session/demo' })} />
          ) : (
            <>
              {state.data.needsTeacher && (
                <p className="mb-4">{t('This installation is new. Make the owner’s account; everything you enter belongs to it.')}</p>
              )}
              <EntryForm
                first={state.data.needsTeacher}
                busy={enter.isPending}
                error={enter.error}
                onEnter={(body) => enter.mutate({ path: state.data.needsTeacher ? 'teachers' : 'session', body: { ...body } })}
              />
              {state.data.demoAddress !== null && (
                <p className="mt-5 border-t border-rule pt-4 text-sm">
                  <a href={demoLink(state.data.demoAddress)} className="underline">
                    {t('Look round the demo hall')}
                  </a>{' '}
                  {t('first: invented people, apart from yours.')}
                </p>
              )}
            </>
          )}
        </div>
      )}
    </main>
  );
}
