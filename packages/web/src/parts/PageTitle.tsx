/** What the window, its history and a reader of screens call this page; React puts it in the head. */
export function PageTitle({ children }: { readonly children: string }) {
  return <title>{`${children} · Lotus Steady`}</title>;
}
