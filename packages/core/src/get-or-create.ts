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

/** The same, where no more than `most` are held: with one more, all others are forgotten. */
export function getOrCreateWithin<Key, Value>(map: Map<Key, Value>, most: number, key: Key, make: () => Value): Value {
  return getOrCreate(map, key, () => {
    const made = make();
    if (map.size >= most) map.clear();
    return made;
  });
}
