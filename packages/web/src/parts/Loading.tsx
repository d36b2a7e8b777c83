import { UnseenTitle } from './PageTitle.js';

export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="py-10 text-soft">
      {what} …
    </p>
  );
}

/** A screen that is still empty. */
export function ScreenLoading({ title, what }: { title: string; what: string }) {
  return (
    <>
      <UnseenTitle>{title}</UnseenTitle>
      <Loading what={what} />
    </>
  );
}
