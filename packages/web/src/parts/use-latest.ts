import { useEffect, useRef, type RefObject } from 'react';

/** What was given last, for what happens later: the same reference all the time. */
export function useLatest<Value>(value: Value): RefObject<Value> {
  const latest = useRef(value);
  useEffect(() => {
    latest.current = value;
  });
  return latest;
}
