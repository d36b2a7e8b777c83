import { useId, type ReactNode } from 'react';

/** A field with its label above; `children` draws it under the id that it is given. */
export function Labelled({ label, children }: { label: string; children: (id: string) => ReactNode }) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {label}
      </label>
      {children(id)}
    </div>
  );
}
