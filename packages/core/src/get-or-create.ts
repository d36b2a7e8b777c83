/** What a map holds of a key; made, and held from then on, where it held nothing yet. */
export function getOrCreate<Key, Value>(
  map: { get: (key: Key) => Value | undefined; set: (key: Key, value: Value) => unknown },
  key: Key,
  make: () => Value,
): Value {
  let known = map.get(key);
  if (known === undefined) map.set(key, (known = make()));
  return known;
}

/** What a map holds of a key. @throws RangeError where it holds nothing. */
export function getKnown<Key, Value>(map: { get: (key: Key) => Value | undefined }, key: Key): Value {
  const known = map.get(key);
  if (known === undefined) throw new RangeError(`Nothing is known of ${JSON.stringify(key)}`);
  return known;
}

/** A function of an object that never changes, worked out once for as long as the object is there. */
export function memoize<Of extends object, Value>(work: (of: Of) => Value): (of: Of) => Value {
  const known = new WeakMap<Of, Value>();
  return (of) => getOrCreate(known, of, () => work(of));
}
