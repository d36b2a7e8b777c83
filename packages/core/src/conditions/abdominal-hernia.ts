import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN } from './pain.js';
import { callNow, clearance, emergency, found, note, } from './screening.js';

type Stage = 'small' | 'big' | 'r0' | 'r1' | 'r2';

interface Hernia {
  readonly kind?: string | undefined;
  readonly sizeCm?: number | undefined;
  readonly weeksSinceRepair?: number | undefined;
}

function stageOf({ kind = 'incisional', sizeCm = 4, weeksSinceRepair }: Hernia): Stage | null {
  if (weeksSinceRepair === undefined) return sizeCm >= 4 || kind === 'incisional' || kind === 'parastomal' || kind === 'femoral' ? 'big' : 'small';
  const [first, second, third] = kind === 'incisional' ? [6, 12, 24] : [2, 6, 12];
  return weeksSinceRepair < first ? 'r0' : weeksSinceRepair < second ? 'r1' : weeksSinceRepair < third ? 'r2' : null;
}

const LIGHT = ['small', 'r2'] as const;
const HEAVY = ['big', 'r0', 'r1'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const abdominalHernia = condition({
  id: 'abdominal-hernia',
  name: 'Abdominal hernia',
  words: ['hernia', 'groin hernia', 'inguinal', 'umbilical hernia', 'navel hernia', 'incisional hernia', 'rupture', 'stoma hernia'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['inguinal', 'femoral', 'umbilical', 'epigastric', 'incisional', 'parastomal'], ask: 'Where?', default: 'incisional' },
    reducible: { kind: 'yesno', ask: 'Does it go back when lying down?' },
    sizeCm: { kind: 'number', unit: 'cm', from: 0, to: 40, ask: 'How large?', default: 4 },
    weeksSinceRepair: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since a repair, if repaired' },
    pregnant: { kind: 'yesno', ask: 'Pregnant, or fluid in the belly?', default: false },
  },
  stages: { ...PAIN.stages, small: 'Small, goes back', big: '4 cm or more, or a scar, stoma or femoral hernia', r0: 'First weeks after repair', r1: 'Next weeks after repair', r2: 'To 12 weeks after repair', 'groin-light': 'Groin, small or late after repair', 'groin-fresh': 'Groin, early after repair' },
  gathering: ['groin-light'],
  stagesOf: (a) => {
    const stage = stageOf(a);
    const groin = a.kind === 'inguinal' || a.kind === 'femoral';
    return [
      ...PAIN.stagesOf(a),
      ...pick(stage ?? undefined, groin && (stage === 'small' || stage === 'r2') && 'groin-light', groin && (stage === 'r0' || stage === 'r1') && 'groin-fresh'),
    ];
  },
  screen: (a) => {
    const stage = stageOf(a);
    const open = a.weeksSinceRepair === undefined;
    return [
      ...PAIN.screen(a),
      ...found(
        open && a.reducible === false && (a.painNow ?? 0) >= 4 && callNow('reducible', 'It doesn’t go back and hurts: call the emergency number.'),
        open && a.reducible !== true && clearance('reducible', 'It doesn’t go back, or not asked: written clearance first.'),
        (stage === 'big' || stage === 'r0' || stage === 'r1') && clearance('sizeCm', 'Large, femoral, or early after a repair: written clearance first.'),
        a.pregnant === true && clearance('pregnant', 'Pregnant or fluid in the belly: written clearance first.'),
        a.kind === undefined && note('kind', 'The kind is not known: taken as a scar hernia.'),
      ),
    ];
  },
  redFlags: [emergency('stuck', 'A lump that is hard, tender and can’t be pushed back, sick, a swollen belly, no wind or stool')],
  schools: {
    'hernia-exercise': {
      name: 'Exercise and hernias',
      positions: { care: 'Exercise doesn’t close them: wait or repair', closes: 'Exercise closes them' },
      default: 'care',
      because: 'Guidelines know watchful waiting and repair; no exercise closes a gap.',
    },
  },
  limits: [
    ...PAIN.limits('he'),
    ...limits('he-01', 'Hard belly work pushes the lump out.', 'common practice',
      ['abdominalLoad', '<= 3', 'modify', ['small']], ['abdominalLoad', '<= 2', 'avoid', ['big']], ['abdominalLoad', '<= 1', 'avoid', ['r0']], ['abdominalLoad', '<= 2', 'avoid', ['r1']], ['abdominalLoad', '<= 3', 'modify', ['r2']]),
    ...limits('he-02', 'A backbend stretches the gap in the belly wall.', 'common practice', ['lumbarFlexion', '>= -20', 'modify', LIGHT], ['lumbarFlexion', '>= -10', 'avoid', HEAVY]),
    ...limits('he-03', 'A leg behind stretches the canal of the groin.', 'common practice', ['hipExtension', '<= 20', 'modify', ['groin-light']], ['hipExtension', '<= 10', 'modify', ['groin-fresh']]),
    ...limits('he-04', 'Pressing the belly pushes on the lump or the scar.', 'common practice', ['bellyClosure', '<= 0.8', 'modify', LIGHT], ['bellyClosure', '<= 0.4', 'avoid', HEAVY]),
    ...limits('he-05', 'A twist pulls the belly wall aslant.', 'common practice', ['spineRotation', '<= 40', 'watch', LIGHT], ['spineRotation', '<= 20', 'modify', HEAVY]),
    ...limits('he-06', 'Deep squats make people strain.', 'common practice', ['kneeFlexionLoaded', '<= 90', 'modify', ['small', 'big', 'r0', 'r1'], 'effort >= 3']),
    ...limits('he-07', 'Raised hips press the bowels on a wound that doesn’t hold yet.', 'common practice', ['pelvisAboveHeart', '<= 5', 'avoid', ['r0', 'r1']]),
    ...limits('he-08', 'A long effort pushes the lump out; it goes with the breath out.', 'common practice', ['hold', '<= 15', 'modify', ['big', 'r1'], 'effort >= 3', { as: 'big' }], ['hold', '<= 25', 'modify', ['small'], 'effort >= 3', { as: 'small-moderate', reading: 'Five ordinary breaths of a moderate pose; hard ones are shorter.' }], ['hold', '<= 15', 'modify', ['small'], 'effort >= 4', { as: 'small-hard' }], ['hold', '<= 15', 'modify', ['r2'], 'effort >= 4', { reading: 'Six weeks after a repair comfort guides (HerniaSurge 2018, from memory): only hard work is kept short.' }]),
    ...limits('he-09', { breathRetention: 'Straining on a held breath widens the gap.', breathRate: 'Pumping breath widens the gap.' }, 'common practice', ['breathRetention', '= 0', 'avoid'], ['breathRate', '<= 20', 'avoid']),
    ...limits('he-10', { effort: 'Effort comes back in steps, so that the gap doesn’t widen.', impact: 'Jolts push the lump out.' }, 'HSURGE*', ['effort', '<= 3', 'modify', LIGHT], ['impact', '<= 1', 'modify', LIGHT], ['effort', '<= 2', 'avoid', HEAVY], ['impact', '= 0', 'avoid', HEAVY]),
  ], // prettier-ignore
  favour: ['deep-core', 'pelvic-floor', 'mobilise-hips', 'drain-legs'],
  stopInClass: 'The lump grows, stays out or hurts; the wound pulls.',
});
