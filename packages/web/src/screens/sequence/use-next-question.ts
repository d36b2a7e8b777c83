import { useCallback, useEffect, useRef, type RefObject } from 'react';

/**
 * Where the keyboard goes on once a question is answered and its buttons are gone: to the next question of the list, from
 * that line on, or to the list where none is left. Each question is marked with `data-question`, its line.
 */
export function useNextQuestion(asked: unknown): {
  readonly list: RefObject<HTMLOListElement | null>;
  readonly answered: (line: number) => void;
} {
  const list = useRef<HTMLOListElement>(null);
  const from = useRef<number | null>(null);
  useEffect(() => {
    const line = from.current;
    // Somebody who went on elsewhere stays there.
    if (line === null || document.activeElement !== document.body) return;
    from.current = null;
    const questions = [...(list.current?.querySelectorAll<HTMLElement>('[data-question]') ?? [])];
    const next = questions.find(({ dataset }) => Number(dataset['question']) >= line) ?? questions[0];
    (next?.querySelector('button') ?? list.current)?.focus();
  }, [asked]);
  const answered = useCallback((line: number) => {
    from.current = line;
  }, []);
  return { list, answered };
}
