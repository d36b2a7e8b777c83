/** First names, and as much more of a name as tells two people apart. */
export function shortNames(names: readonly string[]): string[] {
  return names.map((name, i) => {
    const words = name.split(/\s+/);
    for (let count = 1; count < words.length; count++) {
      const short = words.slice(0, count).join(' ');
      const alike = names.filter((other, j) => j !== i && other.split(/\s+/).slice(0, count).join(' ') === short);
      if (alike.length === 0) return short;
      const initial = `${short} ${words[count]![0]}.`;
      if (alike.every((other) => other.split(/\s+/)[count]?.[0] !== words[count]![0])) return initial;
    }
    return name;
  });
}
