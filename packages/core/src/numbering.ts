/** So many texts keep their number; then they are numbered on. */
const MOST = 50_000;

/** Numbers texts from 1: the same text has the same number, as long as it is remembered; no number is given twice. */
export function numbering(): (text: string) => number {
  const numbers = new Map<string, number>();
  let count = 0;
  return (text) => {
    const number = numbers.get(text) ?? ++count;
    if (numbers.size >= MOST) numbers.clear();
    numbers.set(text, number);
    return number;
  };
}
