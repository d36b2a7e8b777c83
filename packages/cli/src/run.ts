import { BadInput } from './bad-input.js';
import { adaptCommand } from './adapt-command.js';
import { parseOptions, type Options } from './options.js';
import { cuesCommand } from './cues-command.js';
import { exportCommand } from './export-command.js';
import { homeCommand } from './home-command.js';
import { importCommand } from './import-command.js';
import { lessonCommand } from './lesson-command.js';
import { readCommand } from './read-command.js';
import { asanasCommand, conditionsCommand, limitsCommand, measureCommand, setupCommand } from './knowledge-commands.js';

export interface Outcome {
  /** 0 done, 2 bad input. */
  readonly code: 0 | 2;
  readonly out: string;
  readonly err: string;
}

const COMMANDS: Readonly<Record<string, (words: readonly string[], options: Options) => string | Promise<string>>> = {
  read: readCommand,
  adapt: adaptCommand,
  cues: cuesCommand,
  home: homeCommand,
  lesson: lessonCommand,
  export: exportCommand,
  import: importCommand,
  measure: measureCommand,
  asanas: asanasCommand,
  conditions: conditionsCommand,
  limits: limitsCommand,
  setup: setupCommand,
};

const HELP = `lotus read SEQUENCE.md... [--json]
lotus adapt SEQUENCE.md|.json [--for "CONDITION key=value ..."] [--body "stature=165 ..."] [--with block:2,chair] [--school NAME=POSITION] [--class FILE [--figures N]] [--minutes N] [--json]
lotus cues SEQUENCE.md|.json [--for ...] [--class FILE] [--length whole|short|words] [--facing] [--exhale-on-effort] [--as text|vtt|json]
lotus home SEQUENCE.md|.json --minutes N [--for ...] [--days 1-7] [--times N] [--with ...] [--as text|html|pdf [PRINT]] [--json]
lotus lesson --age N --minutes N [--space mats|hall|desks] [--children N] [--theme WORD] [--for ...] [--class FILE] [--as text|pdf [PRINT]] [--json]
lotus export SEQUENCE|CLASS.json --as json|csv|ics|vtt|html|pdf|svg|fhir [--for ...] [--out FILE]; PRINT is --out FILE [--paper a4|letter] [--large]
lotus import FILE [--as json|csv|vcf|fhir|text] [--json]
lotus measure ASANA [--variation ID] [--body ...] [--json]     lotus measure --all [--variations] --json
lotus setup shoulder-stand|seat|ASANA [--body ...] [--blanket CM] [--json]
lotus asanas [--json]
lotus conditions [--json]
lotus limits CONDITION [key=value ...] [--json]     lotus limits --all --json`;

function carriedOut(args: readonly string[]): string | Promise<string> {
  const { values, positionals } = parseOptions(args);
  const [name, ...words] = positionals;
  if (values.help || name === undefined) return HELP;
  const command = COMMANDS[name];
  if (!command) throw new BadInput(`no command "${name}"; known are ${Object.keys(COMMANDS).join(', ')}`);
  return command(words, values);
}

/** @throws what is no bad input. */
function refused(error: unknown): Outcome {
  const code: unknown = (error as { code?: unknown }).code;
  const isUsage = error instanceof BadInput || (typeof code === 'string' && code.startsWith('ERR_PARSE_ARGS'));
  if (!isUsage) throw error;
  return { code: 2, out: '', err: `lotus: ${(error as Error).message.split('\n')[0]}` };
}

/** Carries out one command line that answers with a text; touches nothing but the files that it names. */
export function run(args: readonly string[]): Outcome {
  try {
    const out = carriedOut(args);
    if (typeof out !== 'string') throw new RangeError('this command is answered later; use runToEnd');
    return { code: 0, out, err: '' };
  } catch (error) {
    return refused(error);
  }
}

/** Carries out any command line, also one whose file takes a while to write. */
export async function runToEnd(args: readonly string[]): Promise<Outcome> {
  try {
    return { code: 0, out: await carriedOut(args), err: '' };
  } catch (error) {
    return refused(error);
  }
}
