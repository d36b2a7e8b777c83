import type { Step } from '../sequence/sequence.js';
import { SIT_OUT } from '../plan/cost.js';
import { START, totalsAfter } from '../judging/step-context.js';
import type { RunningTotals } from '../plan/plan.js';
import { eachSafeWay, safeWays, wayLike } from './search.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

/** Every way through the steps as a graph: its nodes are the places that someone may come to, its edges ways to do a step. */
export interface AllWays {
  readonly edges: readonly {
    readonly index: number;
    readonly from: number;
    readonly to: number;
    readonly cost: number;
    readonly figure: string | null;
  }[];
  readonly count: number;
  readonly ends: readonly number[];
}

/**
 * All ways of someone whose steps cost less than `below` each, found without any pruning by what follows; with them
 * the figures that others show in each step.
 */
export function allWays(
  profile: JudgingProfile,
  steps: readonly Step[],
  below: number,
  others: readonly ReadonlySet<string>[] = [],
): AllWays {
  const edges: AllWays['edges'][number][] = [];
  let layer = new Map<string, { readonly node: number; readonly totals: RunningTotals }>([['', { node: 0, totals: START }]]);
  let count = 0;
  for (const [index, step] of steps.entries()) {
    const next: typeof layer = new Map();
    for (const { node, totals } of layer.values()) {
      const context = { profile, step, totals };
      const own = [...eachSafeWay(context, below)];
      const known = new Set(own.map(({ figure }) => figure));
      const like = [...(others[index] ?? [])].flatMap((figure) => {
        const way = known.has(figure) ? null : wayLike(context, figure);
        return way && way.cost < below ? way : [];
      });
      const ways: { cost: number; figure: string | null; totals: RunningTotals }[] = [...own, ...like].map((chosen) => ({
        cost: chosen.cost,
        figure: chosen.figure,
        totals: totalsAfter(totals, chosen.ends, chosen.timed),
      }));
      if (SIT_OUT < below || safeWays(context, 1).length === 0) ways.push({ cost: SIT_OUT, figure: null, totals });
      for (const way of ways) {
        const { last, ...sums } = way.totals;
        const key = `${last?.id} ${Object.values(sums).join(' ')}`;
        const known = next.get(key) ?? { node: ++count, totals: way.totals };
        next.set(key, known);
        edges.push({ index, from: node, to: known.node, cost: way.cost, figure: way.figure });
      }
    }
    layer = next;
  }
  return { edges, count, ends: [...layer.values()].map(({ node }) => node) };
}

/** Everybody's ways, with those that only someone else's figures suggest. */
export function allWaysTogether(people: readonly JudgingProfile[], steps: readonly Step[], below: number): AllWays[] {
  const alone = people.map((profile) => allWays(profile, steps, below));
  const shown = steps.map(
    (_, step) =>
      new Set(alone.flatMap(({ edges }) => edges.flatMap(({ index, figure }) => (index === step && figure !== null ? [figure] : [])))),
  );
  return people.map((profile) => allWays(profile, steps, below, shown));
}

/**
 * The cheapest ways through for everybody as a program for a general solver: of each one unit flows from the start
 * to an end, and with `figures` no step shows more different ones than that.
 */
export function asProgram(people: readonly AllWays[], figures: number | null): string {
  const sum = (terms: readonly string[]) => terms.join(' + ');
  const name = (person: number, edge: number) => `x${person}_${edge}`;
  const all = people.flatMap(({ edges }, person) => edges.map((edge, i) => ({ ...edge, name: name(person, i) })));
  const flows = people.flatMap(({ edges, count, ends }, person) => {
    const last = new Set(ends);
    const out = new Map<number, string[]>();
    const into = new Map<number, string[]>();
    const add = (map: Map<number, string[]>, node: number, edge: string) => map.set(node, [...(map.get(node) ?? []), edge]);
    edges.forEach(({ from, to }, i) => {
      add(out, from, name(person, i));
      add(into, to, name(person, i));
    });
    return Array.from({ length: count + 1 }, (_, node) => {
      if (node === 0) return ` start${person}: ${sum(out.get(0)!)} = 1`;
      return last.has(node) ? '' : ` n${person}_${node}: ${[sum(into.get(node)!), ...(out.get(node) ?? [])].join(' - ')} = 0`;
    }).filter((line) => line !== '');
  });
  const shown = new Map<string, string>();
  for (const { index, figure } of figures === null ? [] : all) {
    const key = `${index} ${figure}`;
    if (figure !== null && !shown.has(key)) shown.set(key, `y${shown.size}`);
  }
  const opened = all.flatMap(({ name: edge, index, figure }) => {
    const y = shown.get(`${index} ${figure}`);
    return y === undefined ? [] : [` open_${edge}: ${edge} - ${y} <= 0`];
  });
  const few = [...new Set(all.map(({ index }) => index))].flatMap((index) => {
    const ys = [...shown].flatMap(([key, y]) => (key.startsWith(`${index} `) ? [y] : []));
    return ys.length === 0 ? [] : [` few${index}: ${sum(ys)} <= ${figures}`];
  });
  return ['Minimize', ` obj: ${sum(all.map(({ cost, name: edge }) => `${cost.toFixed(9)} ${edge}`))}`, 'Subject To', ...flows, ...opened, ...few,
    'Bounds', ...all.map(({ name: edge }) => ` 0 <= ${edge} <= 1`), ...(figures === null ? [] : ['Binary', ` ${[...all.map(({ name: edge }) => edge), ...shown.values()].join(' ')}`]), 'End'].join('\n'); // prettier-ignore
}
