import { useEffect, type RefObject } from 'react';

/** An element that had what was focused in it, and which of its children that was in. */
interface Place {
  readonly parent: Element;
  readonly index: number;
}

/** From the inmost element outwards. */
function placesOf(element: Element): Place[] {
  const places: Place[] = [];
  for (let at = element; at.parentElement; at = at.parentElement)
    places.push({ parent: at.parentElement, index: [...at.parentElement.children].indexOf(at) });
  return places;
}

/** What the keyboard may go on to; a field that is focused unasked opens the keys of a phone. */
const CONTROLS = 'button:not(:disabled), a[href], summary';

function controlIn(element: Element | undefined): HTMLElement | null {
  if (!element) return null;
  return element.matches(CONTROLS) ? (element as HTMLElement) : element.querySelector<HTMLElement>(CONTROLS);
}

/** Where the work goes on once what was focused is gone: at what stands in its place, or else near it. */
function nextTo(places: readonly Place[], main: HTMLElement | null): HTMLElement | null {
  for (const { parent, index } of places) {
    if (!parent.isConnected) continue;
    if (parent === main || !main?.contains(parent)) break;
    const control = controlIn(parent.children[Math.min(index, parent.children.length - 1)]) ?? controlIn(parent);
    if (control) return control;
  }
  return main;
}

/** So long an action may take until what it was done with is gone, and how often that is looked at, in ms. */
const WATCHED_MS = 3_000;
const LOOK_MS = 100;

/**
 * Keeps the keyboard where it is: a control that is gone with what it did, as "Remove" with its row, would leave it at
 * the top of the page.
 */
export function useKeptFocus(main: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    let last: Element | null = null;
    let places: Place[] = [];
    let timer: ReturnType<typeof setInterval> | undefined;
    let looksLeft = 0;
    const look = () => {
      if (--looksLeft <= 0) clearInterval(timer);
      if (!last || last.isConnected || document.activeElement !== document.body) return;
      clearInterval(timer);
      nextTo(places, main.current)?.focus({ preventScroll: true });
    };
    const remember = ({ target }: FocusEvent) => {
      if (!(target instanceof HTMLElement)) return;
      last = target;
      places = placesOf(target);
    };
    const watch = ({ target }: Event) => {
      if (!(target instanceof Node) || !last?.contains(target)) return;
      clearInterval(timer);
      looksLeft = WATCHED_MS / LOOK_MS;
      timer = setInterval(look, LOOK_MS);
    };
    document.addEventListener('focus', remember, true);
    document.addEventListener('click', watch, true);
    document.addEventListener('keydown', watch, true);
    return () => {
      clearInterval(timer);
      document.removeEventListener('focus', remember, true);
      document.removeEventListener('click', watch, true);
      document.removeEventListener('keydown', watch, true);
    };
  }, [main]);
}
