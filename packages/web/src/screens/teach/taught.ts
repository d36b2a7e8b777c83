import type { StepJson } from '@lotus-steady/core';
import type { ClassScore } from '../../worker/answers.js';
import type { Picture } from '../../worker/figure-cache.js';

/** One figure of a step, and who does it; nobody is named where only one person is taught. */
export interface TaughtFigure {
  readonly picture: Picture;
  readonly name: string;
  readonly changes: readonly string[];
  readonly who: readonly string[];
}

/** A way to get to a step that isn't the one that most take, and who takes it. */
export interface Getting {
  readonly say: string;
  readonly who: readonly string[];
}

/** A step as it is taught: its figures, that of the most people first, and who gets there another way. */
export interface TaughtStep {
  readonly step: StepJson;
  readonly figures: readonly TaughtFigure[];
  readonly getting: readonly Getting[];
}

function sayOf({ ways }: StepJson): string {
  return ways.map(({ say }) => say).join('; ');
}

/** A plan as it is shown while it is taught. Whoever may not practise today is left out. */
export function taughtOf({ answer, staves }: ClassScore, names: readonly string[]): TaughtStep[] {
  const may = (person: number) => answer.participants[person]!.screening.decision === 'practise';
  const taking = staves.map(({ people, steps }) => ({ people: people.filter(may), steps })).filter(({ people }) => people.length > 0);
  const count = answer.participants[0]!.steps.length;
  const named = (who: readonly string[]) => (names.length === 1 ? [] : who);
  return Array.from({ length: count }, (_, index): TaughtStep => {
    const doing = taking
      .flatMap(({ people, steps }) => {
        const step = answer.participants[people[0]!]!.steps[index]!;
        const { adapted, given } = steps[index]!;
        return step.to ? [{ step, to: step.to, people, picture: adapted ?? given }] : [];
      })
      .sort((a, b) => b.people.length - a.people.length);
    // Staves that show the same here stand together; what only some of them change goes with their names.
    const figures = new Map<string, typeof doing>();
    for (const one of doing) figures.set(one.to.figure, [...(figures.get(one.to.figure) ?? []), one]);
    const getting = new Map<string, string[]>();
    for (const { step, people } of doing)
      if (step.ways.length > 0) getting.set(sayOf(step), [...(getting.get(sayOf(step)) ?? []), ...people.map((person) => names[person]!)]);
    return {
      step: doing[0]?.step ?? answer.participants[0]!.steps[index]!,
      getting: [...getting].map(([say, who]) => ({ say, who: named(who) })),
      figures: [...figures.values()]
        .map((alike) => {
          const first = alike[0]!;
          const changes = first.to.changes.filter((change) => alike.every(({ to }) => to.changes.includes(change)));
          const who = alike.flatMap(({ to, people }) => {
            const own = to.changes.filter((change) => !changes.includes(change));
            return people.map((person) => `${names[person]}${own.length > 0 ? ` (${own.join('; ')})` : ''}`);
          });
          return { picture: first.picture, name: first.to.name, changes, who };
        })
        .sort((one, other) => other.who.length - one.who.length)
        .map((one): TaughtFigure => ({ ...one, who: named(one.who) })),
    };
  });
}
