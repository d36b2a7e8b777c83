import { INPUT } from './button-styles.js';

/** Fewer are seen at a glance. */
const MANY = 8;

/** What is looked for in a long list; nothing where the list is short. */
export function FindField({
  label,
  of,
  value,
  onChange,
}: {
  label: string;
  of: number;
  value: string;
  onChange: (wanted: string) => void;
}) {
  if (of <= MANY) return null;
  return (
    <label className="mb-3 block max-w-sm">
      <span className="mb-1 block text-sm font-semibold">{label}</span>
      <input type="search" autoComplete="off" value={value} onChange={({ target }) => onChange(target.value)} className={INPUT} />
    </label>
  );
}

/** Whether a text holds what is looked for, capitals and accents aside. */
export function holds(text: string, wanted: string): boolean {
  const plain = (one: string) => one.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
  return plain(text).includes(plain(wanted.trim()));
}
