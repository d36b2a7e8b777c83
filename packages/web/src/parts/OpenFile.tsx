import { useRef } from 'react';
import { PLAIN } from './button-styles.js';

interface Props {
  /** On the button. */
  readonly label: string;
  /** Names the input behind it, for whoever hears the page. */
  readonly name: string;
  /** Endings and kinds, as an input takes them. */
  readonly accept: string;
  readonly className?: string;
  /** The same file can be opened again. */
  readonly onFile: (file: File) => void;
}

/** A button that opens one file of this device. */
export function OpenFile({ label, name, accept, className = PLAIN, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className={className} onClick={() => input.current?.click()}>
        {label}
      </button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={name}
        className="sr-only"
        tabIndex={-1}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
