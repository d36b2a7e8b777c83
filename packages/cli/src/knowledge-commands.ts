import {
  asanasJson, checkAnswers, checkBody, CONDITIONS, conditionsJson, CONTRACT, findCondition, library, LIBRARY_VERSION, limitJson, limitsOf,
  measureJson, readCondition, setupOf, seatSetup, shoulderStandSetup, BodySolver, type Asana, type Condition, type SolvedVariation,
} from '@lotus-steady/core'; // prettier-ignore
import { BadInput, refuse } from './bad-input.js';
import { readBody } from './participants.js';
import type { Options } from './options.js';
import { readNotes } from './read-notes.js';

/** The asana that a name means, as the reader of notes knows it. */
function named(name: string): Asana {
  const line = readNotes(name).lines[0];
  const step = line?.kind === 'step' ? line.steps[0] : undefined;
  if (step) return library.get(step.of ?? step.asana);
  throw new BadInput(
    `no asana "${name}"; near: ${(line?.candidates ?? [])
      .slice(0, 3)
      .map(({ asana }) => asana)
      .join(', ')}`,
  );
}

function findForm(solver: BodySolver, name: string, variation: string | undefined): SolvedVariation {
  const asana = library.find(name) ?? named(name);
  if (asana.variations.length === 0)
    throw new BadInput(`${asana.id} is a list of steps; measure one of ${asana.steps.map((step) => step.asana).join(', ')}`);
  const found = variation === undefined ? asana.variations[0]! : asana.variations.find(({ id }) => id === variation);
  if (!found) throw new BadInput(`${asana.id} has no variation "${variation}"; it has ${asana.variations.map(({ id }) => id).join(', ')}`);
  return solver.formOf(asana, found);
}

export function measureCommand(words: readonly string[], options: Options): string {
  const body = readBody(options.body);
  refuse(checkBody(body), '--body');
  const solver = new BodySolver(library, body);
  if (options.all) {
    const forms = library.asanas.flatMap((asana) =>
      (options.variations ? asana.variations : asana.variations.slice(0, 1)).map((variation) => solver.formOf(asana, variation)),
    );
    return JSON.stringify(forms.map(measureJson), null, options.json ? 2 : 0);
  }
  if (words.length === 0) throw new BadInput('measure: name an asana, or --all');
  const answer = measureJson(findForm(solver, words.join(' '), options.variation));
  if (options.json) return JSON.stringify(answer, null, 2);
  const lines = Object.entries(answer.measures).map(([name, { value, unit }]) => `  ${name.padEnd(24)} ${value} ${unit}`);
  const loads = answer.contacts.map(({ part, on, share }) => `  ${part} on ${on}: ${Math.round(share * 100)} %`);
  return [`${answer.asana} (${answer.variation})`, ...lines, 'Weight', ...loads, ...answer.warnings].join('\n');
}

/** Height of a folded blanket that a person may have, in cm. */
const BLANKET = { from: 0.5, to: 10 };

/** The props of an asana for this body; for the shoulder stand how high its blankets must be. */
export function setupCommand(words: readonly string[], options: Options): string {
  if (words.length === 0) throw new BadInput('setup: name shoulder-stand, seat or an asana');
  const body = readBody(options.body);
  refuse(checkBody(body), '--body');
  const name = words.join(' ');
  if (name === 'shoulder-stand' || name === 'seat') {
    const blanket = options.blanket === undefined ? undefined : Number(options.blanket);
    if (blanket !== undefined && !(blanket >= BLANKET.from && blanket <= BLANKET.to))
      throw new BadInput(`--blanket is "${options.blanket}"; expected ${BLANKET.from} to ${BLANKET.to} cm`);
    if (name === 'seat') {
      const seat = seatSetup(body, blanket);
      if (options.json) return JSON.stringify(seat, null, 2);
      return [`Seat ${seat.seatHeight.value} cm up: ${seat.blankets.count} blankets of ${seat.blankets.each} cm.`, ...seat.tests].join(
        '\n',
      );
    }
    const answer = shoulderStandSetup(body, blanket);
    if (options.json) return JSON.stringify(answer, null, 2);
    return [
      `Shoulders ${answer.shoulderHeight.value} cm up: ${answer.blankets.count} blankets of ${answer.blankets.each} cm.`,
      `Shoulder tops ${answer.edge.from} to ${answer.edge.to} cm in from the folded edge.`,
      ...answer.laid,
      ...answer.tests,
    ].join('\n');
  }
  const form = findForm(new BodySolver(library, body), name, options.variation);
  const setup = setupOf(form.ends[0]!);
  if (options.json) return JSON.stringify({ contract: CONTRACT, asana: form.asana.id, variation: form.variation.id, setup }, null, 2);
  return (
    setup
      .map(({ prop, count, height, place }) => `${count} ${prop}${height === null ? '' : `, top ${height} cm high,`} ${place}`)
      .join('\n') || 'No props.'
  );
}

export function asanasCommand(_words: readonly string[], options: Options): string {
  if (options.json) return JSON.stringify(asanasJson(library), null, 2);
  return library.asanas.map(({ id, name, iast }) => `${id.padEnd(36)} ${name}${iast ? ` (${iast})` : ''}`).join('\n');
}

export function conditionsCommand(_words: readonly string[], options: Options): string {
  if (options.json) return JSON.stringify(conditionsJson(CONDITIONS), null, 2);
  return CONDITIONS.map(({ id, name, parameters }) => `${id.padEnd(20)} ${name}: ${Object.keys(parameters).join(', ')}`).join('\n');
}

/** Every limit of a condition, in any stage or school. */
function everyLimit(condition: Condition) {
  return condition.limits.map((spec) => limitJson({ condition: condition.id, id: `${condition.id}/${spec.id}`, spec }));
}

export function limitsCommand(words: readonly string[], options: Options): string {
  const [id, ...answers] = words;
  if (options.all)
    return JSON.stringify({ contract: CONTRACT, knowledge: LIBRARY_VERSION, limits: CONDITIONS.flatMap(everyLimit) }, null, 2);
  if (id === undefined) throw new BadInput('limits: name a condition, or --all');
  const condition = findCondition(id);
  if (!condition) throw new BadInput(`no condition "${id}"; known are ${CONDITIONS.map((one) => one.id).join(', ')}`);
  const { answer, problems } = readCondition(words.join(' '));
  refuse([...problems, ...checkAnswers(answer)], 'limits');
  const limits = limitsOf(condition, answer).map(limitJson);
  const given = answers.length > 0 ? condition.stagesOf(answer) : ['nothing answered: the cautious stages'];
  if (options.json)
    return JSON.stringify(
      { contract: CONTRACT, knowledge: LIBRARY_VERSION, condition: id, stages: condition.stagesOf(answer), limits },
      null,
      2,
    );
  return [
    `${condition.name} (${given.join(', ')})`,
    ...limits.map(
      ({ grade, label, bound, unit, when, text }) =>
        `  ${grade.padEnd(6)} ${label}: ${bound} ${unit}${when.map((one) => `, ${one}`).join('')}. ${text}`,
    ),
  ].join('\n');
}
