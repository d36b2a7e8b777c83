import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { NameBody, PasswordBody, type Teacher } from '@lotus-steady/requests';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { Link } from 'react-router';
import { ApiError, request } from '../../api/client.js';
import { sessionQuery } from '../../api/queries.js';
import { INPUT, PLAIN } from '../../parts/button-styles.js';
import { explain } from '../../parts/Failure.js';
import { Labelled } from '../../parts/Labelled.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { ConventionFields } from './ConventionFields.js';
import { FigureLooks } from './FigureLooks.js';
import { t } from '../../words/t.js';

/** Name and password of whoever is signed in, and the ways to the studio and the trail. */
export function AccountScreen() {
  const { data: teacher } = useQuery(sessionQuery);
  if (!teacher) return null;
  return (
    <>
      <PageTitle>{t('Account')}</PageTitle>
      <h1 className="mb-4 text-2xl">{t('Account')}</h1>
      <ul className="mb-6 space-y-2">
        <li>
          <Link to="/studio" className="underline">
            {t('The studio')}
          </Link>
          {t(': what it decides for everyone, its time zone and its words')}
        </li>
        <li>
          <Link to="/help" className="underline">
            {t('Help')}
          </Link>
          {t(': how it goes, and the keys')}
        </li>
        <li>
          <Link to="/register" className="underline">
            {t('The register')}
          </Link>
          {t(': classes that were held, and how they were')}
        </li>
        <li>
          <Link to="/account/trail" className="underline">
            {t('The trail')}
          </Link>
          {t(': who was looked at or changed, and who signed in, when')}
        </li>
      </ul>
      {teacher.demo ? (
        <p>{t('This is the demo: its account has no password and is everybody’s.')}</p>
      ) : (
        <div className="grid max-w-3xl gap-6 md:grid-cols-2">
          <NameForm teacher={teacher} />
          <PasswordForm />
        </div>
      )}
      <ConventionFields />
      <FigureLooks />
    </>
  );
}

function Problem({ error, said }: { error: unknown; said: string | undefined }) {
  const text = said ?? (error instanceof ApiError && error.problems[0] ? error.problems[0].message : error ? explain(error) : null);
  return text === null ? null : (
    <p role="alert" className="text-accent">
      {text}
    </p>
  );
}

function NameForm({ teacher }: { teacher: Teacher }) {
  const queries = useQueryClient();
  const { register, handleSubmit, formState } = useForm<NameBody>({
    defaultValues: { name: teacher.name },
    resolver: classValidatorResolver(NameBody),
  });
  const rename = useMutation({
    mutationFn: (body: NameBody) => request<Teacher>('PUT', 'session/name', body),
    onSuccess: (renamed) => queries.setQueryData(sessionQuery.queryKey, renamed),
  });
  return (
    <form
      onSubmit={(event) => void handleSubmit((body) => rename.mutate({ ...body }))(event)}
      noValidate
      className="space-y-3 rounded border border-rule bg-sheet p-4"
    >
      <h2 className="text-lg">{t('Name')}</h2>
      <Labelled label={t('The name you sign in with')}>
        {(id) => <input id={id} autoComplete="username" className={INPUT} {...register('name')} />}
      </Labelled>
      <Problem error={rename.error} said={formState.errors.name?.message} />
      {rename.isSuccess && <p role="status">{t('Changed.')}</p>}
      <button type="submit" disabled={rename.isPending} className={PLAIN}>
        {t('Change the name')}
      </button>
    </form>
  );
}

const FIELDS = [
  { name: 'old', label: t('Password as it is now'), autoComplete: 'current-password' },
  { name: 'password', label: t('New password'), autoComplete: 'new-password' },
] as const;

function PasswordForm() {
  const { register, handleSubmit, formState, reset } = useForm<PasswordBody>({
    defaultValues: { old: '', password: '' },
    resolver: classValidatorResolver(PasswordBody),
  });
  const change = useMutation({ mutationFn: (body: PasswordBody) => request('PUT', 'session/password', body), onSuccess: () => reset() });
  return (
    <form
      onSubmit={(event) => void handleSubmit((body) => change.mutate({ ...body }))(event)}
      noValidate
      className="space-y-3 rounded border border-rule bg-sheet p-4"
    >
      <h2 className="text-lg">{t('Password')}</h2>
      {FIELDS.map(({ name, label, autoComplete }) => (
        <Labelled key={name} label={label}>
          {(id) => <input id={id} type="password" autoComplete={autoComplete} className={INPUT} {...register(name)} />}
        </Labelled>
      ))}
      <Problem error={change.error} said={formState.errors.old?.message ?? formState.errors.password?.message} />
      {change.isSuccess && <p role="status">{t('Changed. Whoever else was signed in with the old one has to sign in again.')}</p>}
      <button type="submit" disabled={change.isPending} className={PLAIN}>
        {t('Change the password')}
      </button>
    </form>
  );
}
