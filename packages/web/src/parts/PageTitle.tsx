/** What the window, its history and a reader of screens call this page; React puts it in the head. */
export function PageTitle({ children }: { readonly children: string }) {
  return <title>{`${children} · Lotus Steady`}</title>;
}

/** The title and the heading of a screen that shows nothing of its own yet: whoever listens to it hears which one it is. */
export function UnseenTitle({ children }: { readonly children: string }) {
  return (
    <>
      <PageTitle>{children}</PageTitle>
      <h1 className="sr-only">{children}</h1>
    </>
  );
}
