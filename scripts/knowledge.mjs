/**
 * Writes docs/knowledge.md from the conditions themselves: every source and what rests on it.
 * With `--check` it only says whether the page is up to date.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { CONDITIONS, describeBound, LIBRARY_VERSION, MEASURES, SOURCES } from '@lotus-steady/core';
import { ROOT } from './prepare.mjs';

const limits = CONDITIONS.flatMap((condition) => condition.limits.map((limit) => ({ condition, limit })));
const resting = (mark) => limits.filter(({ limit }) => limit.source.includes(mark));
const names = (rows) => rows.map(({ condition, limit }) => `${condition.id}/${limit.id}`).join(', ');
const bound = ({ limit }) =>
  `${limit.measure === 'facing' ? 'position' : limit.measure} ${describeBound(limit.bound)} ${limit.measure === 'facing' ? '' : MEASURES[limit.measure].unit}`.trim();

const sources = Object.entries(SOURCES).map(([id, title]) => {
  const direct = resting(id);
  const principle = resting(`${id}*`);
  const lines = [`- **${id}** ${title}.`];
  if (direct.length > 0) lines.push(`  - number and principle: ${names(direct)}`);
  if (principle.length > 0) lines.push(`  - principle, the number is ours: ${names(principle)}`);
  if (direct.length + principle.length === 0) lines.push('  - used in screening or in the body model');
  return lines.join('\n');
});
const practice = resting('common practice');

const text = `# What the knowledge rests on

Version ${LIBRARY_VERSION} of the knowledge: ${CONDITIONS.length} conditions, ${limits.length} limits. This page is written by \`npm run knowledge\` from the conditions themselves.

**All of it was written from memory of its sources and has not been checked against them. A licensed clinician has to review it before it is relied on.** Where the number in a limit is not in its source, the limit says so: the source then gives the principle ("no long lying on the back"), and the number ("1 minute") is our reading. A written word of a person's own doctor, midwife, surgeon or physiotherapist comes before every limit here.

## The body
- Masses and centres of mass: de Leva P. J Biomech 1996;29:1223-1230, table 4.
- Lengths: Drillis R, Contini R. Body Segment Parameters, New York University report 1166-03, 1966.
- Solving contacts: damped least squares (Levenberg, Q Appl Math 1944;2:164; Marquardt, J SIAM 1963;11:431).
- Forces: quadratic programming (Goldfarb D, Idnani A. Math Program 1983;27:1-33).
- Checked against: push-ups (Suprak 2011), headstand (Hector 2015, from memory), pressure in lumbar discs (Wilke 1999, Sato 1999, Nachemson 1976), height of the centre of mass (Croskey 1922, Palmer 1944).
- Energy of a step: Compendium of Physical Activities, 2011 (from memory). Blood pressure classes: ACC/AHA 2017. Chair stand: STEADI, CDC 2017.
- Angles, doses, cues and purposes of the asanas, bearing radii of the body, sizes of the changes that are tried, and the worst values of the ways between floor and standing: common practice, no published source.

## Sources and the limits that rest on them
${sources.join('\n')}

## Common practice, no published source known (${practice.length} limits)
${practice.map((row) => `- ${row.condition.id}/${row.limit.id}: ${bound(row)} (${row.limit.grade}). ${row.limit.reason}`).join('\n')}
`;
const page = join(ROOT, 'docs/knowledge.md');
if (process.argv.includes('--check')) {
  if (readFileSync(page, 'utf8') === text) process.exit(0);
  console.error('docs/knowledge.md is out of date; run: npm run knowledge');
  process.exit(1);
}
writeFileSync(page, text);
