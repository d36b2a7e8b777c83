import { Link, useRouteError } from 'react-router';
import { ApiError, Unreachable } from '../api/client.js';
import { t } from '../words/t.js';
import { PageTitle, UnseenTitle } from './PageTitle.js';

/** What went wrong, in words a teacher can act on. */
export function explain(error: unknown): string {
  if (error instanceof ApiError)
    return error.status === 404
      ? t('{message}: it may have been erased, or the address is wrong.', { message: error.message })
      : error.message;
  if (error instanceof Unreachable) return t('The server can’t be reached at the moment. What you typed is kept on this device.');
  if (error instanceof TypeError)
    return t('This is a fault of the application, not yours. What you typed is kept on this device. ({message})', {
      message: error.message,
    });
  return error instanceof Error ? error.message : String(error);
}

export function Failure({ error, onRetry }: { error: unknown; onRetry?: () => void }) {
  return (
    <div role="alert" className="my-6 max-w-2xl rounded border border-rule bg-sheet p-5">
      <h2 className="text-lg">{t('This could not be shown')}</h2>
      <p className="mt-2">{explain(error)}</p>
      {onRetry && (
        <button type="button" onClick={onRetry} className="mt-4 rounded border border-ink px-4 py-2 font-semibold hover:bg-shade">
          {t('Try again')}
        </button>
      )}
    </div>
  );
}

/** A screen that stays empty. What is not there isn't asked for again: the desk leads on from it. */
export function ScreenFailure({ title, error, onRetry }: { title: string; error: unknown; onRetry: () => void }) {
  const isMissing = error instanceof ApiError && error.status === 404;
  return (
    <>
      <UnseenTitle>{title}</UnseenTitle>
      <Failure error={error} {...(isMissing ? {} : { onRetry })} />
      {isMissing && <BackToDesk />}
    </>
  );
}

function BackToDesk() {
  return (
    <p className="mt-6">
      <Link to="/" className="underline">
        {t('Back to the desk')}
      </Link>
    </p>
  );
}

/** For an address that leads nowhere, and for a screen that broke. */
export function RouteFailure() {
  const error = useRouteError();
  const title = error ? t('This screen could not be opened') : t('There is nothing at this address');
  return (
    <div className="mx-auto max-w-2xl p-8">
      <PageTitle>{title}</PageTitle>
      <h1 className="text-2xl">{title}</h1>
      {error !== undefined && error !== null && <p className="mt-3">{explain(error)}</p>}
      <BackToDesk />
    </div>
  );
}
