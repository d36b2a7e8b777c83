import { PageTitle } from './PageTitle.js';

export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="py-10 text-soft">
      {what} …
    </p>
  );
}

/** A screen that is still empty: whoever listens to it, or looks at the window's tabs, hears at once which one it is. */
export function ScreenLoading({ title, what }: { title: string; what: string }) {
  return (
    <>
      <PageTitle>{title}</PageTitle>
      <h1 className="sr-only">{title}</h1>
      <Loading what={what} />
    </>
  );
}
