export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="py-10 text-soft">
      {what} …
    </p>
  );
}
