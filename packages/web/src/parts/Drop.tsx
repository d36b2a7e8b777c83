import { useRef, type ReactNode } from 'react';

interface Props {
  /** What is always in sight. */
  readonly button: ReactNode;
  readonly buttonClass: string;
  readonly panelClass: string;
  /** In words, where the button is a picture alone. */
  readonly label?: string;
  readonly children: ReactNode;
}

/** Something that opens below its button, over what is there, and closes by the button or Escape. */
export function Drop({ button, buttonClass, panelClass, label, children }: Props) {
  const details = useRef<HTMLDetailsElement>(null);
  return (
    <details
      ref={details}
      className="relative"
      onKeyDown={(event) => {
        if (event.key !== 'Escape' || !details.current?.open) return;
        event.stopPropagation();
        event.nativeEvent.stopImmediatePropagation();
        details.current.open = false;
        details.current.querySelector('summary')?.focus();
      }}
    >
      <summary className={`cursor-pointer list-none ${buttonClass}`} aria-label={label} title={label}>
        {button}
      </summary>
      <div className={`absolute top-full z-30 mt-1 rounded border border-ink bg-sheet p-4 shadow-xl ${panelClass}`}>{children}</div>
    </details>
  );
}
