import { lengthWords, USUAL_CONVENTIONS, type Conventions } from '../conventions.js';
import { message, sayInEnglish, type Say } from '../messages/message.js';
import { counted } from '../counted.js';
import type { SetupItem } from '../candidates/props-needed.js';
import type { StepJson } from '../planning/json.js';

/** Which props, how high and under what, in one line. */
export function setupWords(setup: readonly SetupItem[], { lengths }: Conventions = USUAL_CONVENTIONS): string {
  return setup
    .map(
      ({ prop, count, height, place }) =>
        `${count > 1 ? `${count} × ` : ''}${prop}${height === null ? '' : `, top ${lengthWords(height, lengths)} high,`} ${place}`,
    )
    .join('; ');
}

/** What somebody does instead of a step, or how they do it. Another dose of the same step is among its changes. */
export function doneWords({ verdict, to, dose }: Pick<StepJson, 'verdict' | 'to' | 'dose'>, say: Say = sayInEnglish): string {
  if (to === null) return say(message('done.left-out'));
  const changes = to.changes.join('; ');
  if (verdict === 'substitute') return `${to.name}${changes === '' ? '' : `: ${changes}`}, ${dose}`;
  return changes === '' ? dose : changes;
}

/** The same for a child in a lesson: whoever can't join in rests, as anybody may. */
export function doneInLesson(step: Pick<StepJson, 'verdict' | 'to' | 'dose'>, say: Say = sayInEnglish): string {
  return step.to === null ? say(message('done.waits')) : doneWords(step, say);
}

/** What has to be brought for a class, of each prop as many as the step that needs most; each person's steps in turn. */
export function toBring(people: readonly (readonly Pick<StepJson, 'setup'>[])[], say: Say = sayInEnglish): string {
  const most = new Map<string, number>();
  const count = people[0]?.length ?? 0;
  for (let index = 0; index < count; index++) {
    const here = new Map<string, number>();
    for (const steps of people) for (const { prop, count: many } of steps[index]!.setup) here.set(prop, (here.get(prop) ?? 0) + many);
    for (const [prop, many] of here) most.set(prop, Math.max(most.get(prop) ?? 0, many));
  }
  return [...most].map(([prop, many]) => (prop === 'wall' ? say(message('sheet.free-wall')) : counted(many, prop))).join(', ');
}
