/** Numbers texts from 1: the same text has the same number, as long as it is remembered, `most` of them; no number is given twice. */
export function numbering(most = 50_000): (text: string) => number {
  const numbers = new Map<string, number>();
  let count = 0;
  return (text) => {
    const number = numbers.get(text) ?? ++count;
    if (numbers.size >= most) numbers.clear();
    numbers.set(text, number);
    return number;
  };
}
