import { condition } from './condition.js';
import { FIVE_BREATHS, ON_FEET, limits, noInversion, pick } from './limits.js';
import { clearance, emergency, found, note, today } from './screening.js';

/** One finger-breadth in cm (1.5 to 2 in practice; from memory). */
const FINGER_CM = 1.6;
/** Weeks after which nobody bleeds any more who was not asked. Common practice, no source: it ends within six, some need eight. */
const LOCHIA_ENDS = 8;

interface Gap {
  readonly gapFingers?: number | undefined;
  readonly gapCm?: number | undefined;
}

/** The gap between the straight belly muscles in cm: the larger of what was measured; three fingers where nothing was. */
export function rectusGapCm({ gapFingers, gapCm }: Gap): number {
  if (gapFingers === undefined && gapCm === undefined) return 3 * FINGER_CM;
  return Math.max(gapCm ?? 0, (gapFingers ?? 0) * FINGER_CM);
}

/** Classes after Candido 2005, begun at 2.0 cm on the cautious side (Beer 2009: up to 2.2 cm can be normal; from memory). */
export function rectusGapClass(cm: number): 'g0' | 'g1' | 'g2' | 'g3' {
  if (cm < 2) return 'g0';
  if (cm < 3.5) return 'g1';
  return cm <= 5 ? 'g2' : 'g3';
}

type Stage = 'p0' | 'p1' | 'p2' | 'p3' | 'p4';

function stageOf(weeks: number | undefined, caesarean: boolean, checkDone: boolean): Stage {
  if (weeks === undefined || weeks < 2) return 'p0';
  if (weeks < (caesarean ? 8 : 6) || (weeks < 12 && !checkDone)) return 'p1';
  if (weeks < 12) return 'p2';
  return weeks < 26 ? 'p3' : 'p4';
}

const EARLY = ['p0', 'p1', 'p2'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const postpartum = condition({
  id: 'postpartum',
  name: 'After birth',
  words: ['breastfeeding', 'miscarriage', 'stillbirth', 'postnatal', 'after birth', 'new mother', 'new mum', 'new mom', 'C-section', 'caesarean', 'cesarian', 'diastasis', 'rectus gap', 'had a baby'],
  parameters: {
    weeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 104, ask: 'How many weeks since the birth?' },
    birth: { kind: 'choice', options: ['vaginal', 'assisted', 'caesarean'], ask: 'How was the birth?', default: 'caesarean' },
    tear: { kind: 'number', unit: 'degree', from: 0, to: 4, ask: 'A tear or cut: which degree? (0 for none)' },
    gapFingers: { kind: 'number', unit: 'finger', from: 0, to: 8, ask: 'Gap between the belly muscles at the navel, head lifted, in finger-breadths', how: 'Lying on the back, knees bent. Lift the head a little and breathe out; lay fingers across the midline at the navel and feel how many fit between the edges.' },
    gapCm: { kind: 'number', unit: 'cm', from: 0, to: 15, ask: 'The same gap in cm, if measured' },
    doming: { kind: 'yesno', ask: 'Does a ridge stand up along the midline when the head lifts?', default: true },
    pelvicFloor: { kind: 'set', options: ['leak', 'heaviness', 'bulge', 'pain'], ask: 'Any of these from the pelvic floor? (say none if not)' },
    checkDone: { kind: 'yesno', ask: 'Has the check at 6 to 8 weeks been done?', default: false },
    lochia: { kind: 'choice', options: ['none', 'light', 'heavy'], ask: 'Bleeding since the birth, now' },
    breastfeeding: { kind: 'yesno', ask: 'Breastfeeding?', default: true },
  },
  stages: {
    p0: 'The first 2 weeks, or not known', p1: 'From 2 weeks until the check, 6 weeks or 8 after a caesarean', p2: 'To 12 weeks, after the check',
    p3: '12 to 25 weeks', p4: 'From 26 weeks', 'young-caesarean': 'Caesarean, first 8 weeks', 'healing-caesarean': 'Caesarean, first 12 weeks',
    g1: 'Gap of 2.0 to 3.4 cm', 'wide-gap': 'Gap from 3.5 cm, or doming', gap: 'Any gap from 2.0 cm', pf: 'Pelvic floor symptoms', bearing: 'Heaviness or bulge',
    bleeding: 'First weeks, or still bleeding', stitches: 'A tear that is healing', feeding: 'Breastfeeding', 'no-jolt': 'Before 12 weeks, or gap or floor symptoms',
    weak: 'First 12 weeks, floor symptoms or a gap', warm: 'First 12 weeks or breastfeeding',
  }, // prettier-ignore
  gathering: ['gap', 'bleeding', 'no-jolt', 'weak', 'warm', 'young-caesarean'],
  stagesOf: ({ weeks, birth = 'caesarean', tear, gapFingers, gapCm, doming = true, pelvicFloor, checkDone = false, lochia, breastfeeding = true }) => {
    const caesarean = birth === 'caesarean';
    const stage = stageOf(weeks, caesarean, checkDone);
    const early = stage === 'p0' || stage === 'p1' || stage === 'p2';
    const first = stage === 'p0' || stage === 'p1';
    const gapClass = rectusGapClass(rectusGapCm({ gapFingers, gapCm }));
    const gap = gapClass !== 'g0';
    const floor = pelvicFloor === undefined ? ['leak'] : pelvicFloor.filter((one) => one !== 'none');
    const torn = tear ?? (caesarean ? 0 : 2);
    return pick(
      stage,
      caesarean && first && 'young-caesarean',
      ((caesarean && early) || gap) && 'healing-caesarean',
      gapClass === 'g1' && 'g1',
      (gapClass === 'g2' || gapClass === 'g3' || doming) && 'wide-gap',
      gap && 'gap',
      floor.length > 0 && 'pf',
      floor.some((one) => one === 'heaviness' || one === 'bulge') && 'bearing',
      (first || (lochia === undefined ? weeks === undefined || weeks < LOCHIA_ENDS : lochia !== 'none')) && 'bleeding',
      ((torn >= 2 && first) || (torn >= 3 && early)) && 'stitches',
      breastfeeding && 'feeding',
      (weeks === undefined || weeks < 12 || floor.length > 0 || gap) && 'no-jolt',
      (early || floor.length > 0 || gap) && 'weak',
      (early || breastfeeding) && 'warm',
    );
  },
  screen: ({ weeks, birth, tear, gapFingers, gapCm, pelvicFloor, checkDone }) =>
    found(
      weeks === undefined && note('weeks', 'The weeks are not known: taken as the first two.'),
      gapFingers === undefined && gapCm === undefined && note('gapFingers', 'The gap was not measured: taken as three fingers.'),
      weeks !== undefined && weeks >= 6 && !checkDone && clearance('checkDone', 'Before stronger work the check at 6 to 8 weeks has to be done.'),
      (tear ?? 0) >= 3 && clearance('tear', 'A tear of the third or fourth degree: written clearance first.'),
      pelvicFloor?.some((one) => one === 'bulge') && clearance('pelvicFloor', 'A bulge: written clearance first.'),
      rectusGapClass(rectusGapCm({ gapFingers, gapCm })) === 'g3' && clearance('gapCm', 'A gap over 5 cm: written clearance first.'),
      birth === undefined && note('birth', 'How the birth was is not known: taken as a caesarean.'),
    ),
  redFlags: [
    emergency('flooding', 'Soaking a pad in an hour, clots larger than an egg'),
    emergency('breath', 'Sudden breathlessness, chest pain, a fit, severe headache with changed sight'),
    emergency('harm', 'Thoughts of harming herself or the baby, seeing or hearing things, no sleep with high energy'),
    today('infection', 'Fever of 38.0 °C or more, foul flow, a red, hot or open wound, a hot breast with fever'),
    today('calf', 'Calf pain or swelling on one side'),
    today('bleeding-back', 'Bright bleeding that comes back after exercise, can’t pass urine, a new bulge'),
  ],
  schools: {
    'postpartum-start': {
      name: 'When to start',
      positions: { gentle: 'Gentle work at once, stronger after the check', forty: 'Forty days of rest' },
      default: 'gentle',
      because: 'Guidelines favour a gradual return as soon as it is safe; nothing strong before the check.',
    },
  },
  limits: [
    ...limits('pp-01', 'The belly wall is still knitting.', ['GOOM*', 'common practice'],
      ['abdominalLoad', '<= 1', 'avoid', ['p0']], ['abdominalLoad', '<= 2', 'avoid', ['p1']],
      ['abdominalLoad', '<= 3', 'modify', ['p2']], ['abdominalLoad', '<= 4', 'watch', ['p3']]),
    ...limits('pp-02', 'The belly bulges along its middle when the load is too high.', 'common practice',
      ['abdominalLoad', '<= 3', 'avoid', ['g1']], ['abdominalLoad', '<= 2', 'avoid', ['wide-gap']]),
    ...limits('pp-03', 'A backbend stretches the scar and the midline.', 'common practice',
      ['lumbarFlexion', '>= -10', 'avoid', ['young-caesarean']], ['lumbarFlexion', '>= -20', 'modify', ['healing-caesarean']]),
    ...limits('pp-04', 'The head stays up while the womb heals and bleeds.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['bleeding']]),
    ...limits('pp-05', 'There are rare reports of air in the veins from a raised pelvis soon after birth.', 'common practice', ['pelvisAboveHeart', '<= 15', 'avoid', ['bleeding'], { reading: 'The reports are of knee-chest positions: a low bridge is early rehabilitation.' }]),
    ...limits('pp-06', 'The blood volume still shifts after birth; head-down is built up slowly.', 'common practice', ['headBelowHeart', '<= 25', 'modify', ['p2']]),
    ...noInversion('pp-07', 'A full inversion needs belly and pelvic floor to be back first.', 'common practice', 'avoid', ['weak']),
    ...limits('pp-08', 'Nothing presses on the fresh wound.', 'common practice', ['bellyClosure', '<= 0.4', 'avoid', ['young-caesarean']]),
    ...limits('pp-09', 'Full breasts hurt under the body; padding above and below, and feeding before class, help.', 'common practice', ['bellyClosure', '<= 0.8', 'watch', ['feeding']]),
    ...limits('pp-10', 'A twist pulls on the midline, and on a wound.', 'common practice',
      ['spineRotation', '<= 15', 'avoid', ['young-caesarean']], ['spineRotation', '<= 30', 'modify', EARLY]),
    ...limits('pp-11', 'Wide legs stretch the stitches.', 'common practice', ['hipAbduction', '<= 30', 'avoid', ['stitches']]),
    ...limits('pp-12', 'A deep squat bears down on the pelvic floor.', ['GOOM*', 'NG210*'],
      ['kneeFlexionLoaded', '<= 90', 'modify', EARLY, 'standing', ON_FEET],
      ['kneeFlexionLoaded', '<= 90', 'avoid', ['bearing'], 'standing']),
    ...limits('pp-13', 'Long strain bears down on the pelvic floor; effort goes with the breath out.', 'common practice', ['hold', '<= 25', 'modify', ['p1', 'p2', 'pf'], 'effort >= 3', FIVE_BREATHS]),
    ...limits('pp-14', 'Wrists are sore from lifting the baby, and the belly can’t yet hold a plank.', 'common practice', ['handLoad', '<= 0.4', 'modify', EARLY]),
    ...limits('pp-15', 'Ligaments stay loose for months after birth.', 'common practice', ['legAsymmetry', '<= 60', 'watch', ['p0', 'p1', 'p2', 'p3']]),
    ...limits('pp-16', 'Sitting straight up makes the belly bulge; rolling to the side spares it.', 'common practice', ['transitionTime', '>= 5', 'watch', EARLY, 'levelChange >= 50']),
    ...limits('pp-17', 'The pelvic floor is not ready for jolts.', 'GOOM', ['impact', '= 0', 'avoid', ['no-jolt']]),
    ...limits('pp-18', 'After a birth, effort comes back in steps.', 'ACOG804*',
      ['effort', '<= 1', 'avoid', ['p0']], ['effort', '<= 2', 'avoid', ['p1']], ['effort', '<= 3', 'modify', ['p2']], ['effort', '<= 4', 'watch', ['p3']]),
    ...limits('pp-19', 'A held breath pushes down on the pelvic floor.', 'NG210*', ['breathRetention', '= 0', 'avoid', ['weak']]),
    ...limits('pp-20', 'Pumping breath jerks the midline.', 'common practice', ['breathRate', '<= 20', 'avoid', ['weak']]),
    ...limits('pp-21', 'Bleeding, sweating and feeding cost fluid; heat costs more.', 'common practice', ['heat', '<= 27', 'modify', ['warm']]),
    ...limits('pp-22', 'Tiredness builds fast in these weeks, and too much makes the bleeding return.', 'common practice',
      ['sessionMinutes', '<= 15', 'modify', ['p0']], ['sessionMinutes', '<= 30', 'modify', ['p1']], ['sessionMinutes', '<= 45', 'modify', ['p2']]),
  ], // prettier-ignore
  favour: ['pelvic-floor', 'deep-core', 'strengthen-back', 'open-chest', 'rest', 'calm'],
  stopInClass: 'Bleeding restarts, heaviness, leak, a pull in the wound, doming, giddy.',
});
