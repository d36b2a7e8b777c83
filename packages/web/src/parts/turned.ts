/** A list with one more, or without it where it was there. */
export function turned<T>(list: readonly T[], one: T): T[] {
  return list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
}
