import { isForChildren } from '../asanas/library.js';
import { getOrCreate } from '../get-or-create.js';
import { isNamed } from './certainty.js';
import type { Reading } from './evidence.js';
import type { WeighedLine } from './sheet.js';
import { tellsOf } from './surrounding.js';

/** For whom the class is, where that is known: a name that children's postures share with others is theirs, or isn't. */
export type Audience = 'anybody' | 'grown-ups' | 'children';

type Readings = readonly Reading[];

/** The readings of a line that its class leaves; remembered for as long as the line is weighed the same. */
const LEFT: Readonly<Record<Audience, WeakMap<Readings, Readings>>> = {
  anybody: new WeakMap(),
  'grown-ups': new WeakMap(),
  children: new WeakMap(),
};

/** A line with those of its readings that such a class leaves. */
export function forAudience(line: WeighedLine, audience: Audience): WeighedLine {
  const readings = getOrCreate(LEFT[audience], line.readings, () => {
    const left = offTheChair(line, line.readings);
    return audience === 'grown-ups' ? forGrownUps(line, left) : audience === 'children' ? forChildren(left) : left;
  });
  return readings === line.readings ? line : { ...line, readings };
}

/** Those without other postures, if the words name a children's one to the letter. */
function forChildren(readings: Readings): Readings {
  const isTheirs = ({ hypothesis }: Reading) => hypothesis.is === 'step' && isForChildren(hypothesis.asana);
  const isNamedSo = readings.some((one) => isTheirs(one) && one.hypothesis.is === 'step' && one.hypothesis.found?.exact);
  return isNamedSo ? readings.filter((one) => one.hypothesis.is !== 'step' || isTheirs(one)) : readings;
}

/** Where nothing speaks of a chair, those without postures on one, if the words are those of another to the letter: the commoner of two meanings. */
function offTheChair({ text, surrounding }: WeighedLine, readings: Readings): Readings {
  if (surrounding.has('chair') || tellsOf(text).surrounding.has('chair')) return readings;
  const onChair = ({ hypothesis }: Reading) => hypothesis.is === 'step' && hypothesis.asana.base === 'seated-chair';
  const isExact = ({ hypothesis }: Reading) => hypothesis.is === 'step' && hypothesis.found?.exact === true;
  if (!readings.some((one) => isExact(one) && !onChair(one))) return readings;
  return readings.filter((one) => !onChair(one));
}

/** Those without children's postures, unless the words speak of children or name one by a name that no other has. */
function forGrownUps({ text }: WeighedLine, readings: Readings): Readings {
  if (tellsOf(text).surrounding.has('kids')) return readings;
  const isOurs = ({ hypothesis }: Reading) => hypothesis.is === 'step' && !isForChildren(hypothesis.asana);
  const isShared = readings.some((one) => isOurs(one) && one.hypothesis.is === 'step' && one.hypothesis.found?.exact);
  const ours = readings.filter((one) => one.hypothesis.is !== 'step' || isOurs(one) || (isNamed(one.hypothesis.found) && !isShared));
  return ours.some(isOurs) ? ours : readings;
}
