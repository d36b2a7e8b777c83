/** What a map holds of a key; made, and held from then on, where it held nothing yet. */
export function onceOf<Key, Value>(
  map: { get: (key: Key) => Value | undefined; set: (key: Key, value: Value) => unknown },
  key: Key,
  make: () => Value,
): Value {
  let known = map.get(key);
  if (known === undefined) map.set(key, (known = make()));
  return known;
}
