import {
  anybody, BODY_RANGES, checkParticipant, readCondition, readParticipants, readProps,
  type BodyAnswers, type Participant, type SchoolChoices,
} from '@lotus-steady/core'; // prettier-ignore
import { BadInput, refuse } from './bad-input.js';
import { readJson } from './files.js';
import type { Options } from './options.js';

/** Pairs such as `stature=165 sex=f`. */
function pairs(text: string, where: string): [string, string][] {
  return text.trim().split(/[\s,]+/).filter((word) => word !== '').map((word) => {
    const at = word.indexOf('=');
    if (at < 1) throw new BadInput(`${where}: "${word}" is no key=value`);
    return [word.slice(0, at), word.slice(at + 1)];
  }); // prettier-ignore
}

/** Measurements that the body takes besides those with a range of their own. */
const BODY_KEYS = [...Object.keys(BODY_RANGES), 'sex'];

/** @throws BadInput naming the key. */
export function readBody(text: string | undefined): BodyAnswers {
  if (text === undefined) return {};
  const answers: Record<string, number | string> = {};
  for (const [key, value] of pairs(text, '--body')) {
    const name = key.replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase());
    if (!BODY_KEYS.includes(name)) throw new BadInput(`--body: no measurement "${key}"; known are ${BODY_KEYS.join(', ')}`);
    answers[name] = name === 'sex' ? value : value === '' ? Number.NaN : Number(value);
  }
  return answers as BodyAnswers;
}

function readSchools(texts: readonly string[] | undefined): SchoolChoices {
  return Object.fromEntries((texts ?? []).flatMap((text) => pairs(text, '--school')));
}

/** The people that a command line names: a class file, or one participant, or nobody in particular. */
export function participantsOf(options: Options): Participant[] {
  const { for: conditions = [], class: file } = options;
  if (file !== undefined) {
    if (conditions.length > 0) throw new BadInput('--for and --class: give one of them');
    const { participants, problems } = readParticipants(readJson(file));
    refuse(
      problems.map(({ field, message }) => ({ field, message: `${field}: ${message}` })),
      file,
    );
    return participants;
  }
  const props = options.with === undefined ? null : readProps(options.with);
  if (props) refuse(props.problems, '--with');
  const read = conditions.map(readCondition);
  for (const { problems } of read) refuse(problems, '--for');
  const participant: Participant = {
    ...anybody('p1'),
    body: readBody(options.body),
    conditions: read.map(({ answer }) => answer),
    schools: readSchools(options.school),
    ...(props && { props: props.props }),
  };
  refuse(checkParticipant(participant), '--for, --body or --school');
  return [participant];
}
