import { bloodPressureClass } from '../readings/blood-pressure.js';
import { condition, type ScreeningFinding } from './condition.js';
import { ARMS_HELD, limits } from './limits.js';

type Stage = 'ok' | 's1' | 'ctrl' | 's2' | 's2b' | 's3';

/** The stage of a reading (mmHg); a missing reading counts as uncontrolled. */
function stageOf(systolic: number | undefined, diastolic: number | undefined, diagnosed: boolean): Stage {
  if (systolic === undefined || diastolic === undefined) return 's2';
  if (systolic >= 180 || diastolic >= 110) return 's3';
  if (systolic >= 160 || diastolic >= 100) return 's2b';
  if (systolic >= 140 || diastolic >= 90) return 's2';
  if (diagnosed) return 'ctrl';
  if (systolic >= 130 || diastolic >= 80) return 's1';
  return 'ok';
}

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const hypertension = condition({
  id: 'hypertension',
  name: 'High blood pressure',
  words: ['high BP', 'blood pressure', 'hypertensive', 'BP'],
  parameters: {
    systolic: { kind: 'number', holdsDays: 7, unit: 'mmHg', from: 60, to: 260, ask: 'Upper number, seated, after five minutes of rest', how: 'Back leaning, feet flat, arm on a table at the height of the heart, no talking, no coffee or exercise in the half hour before. Two readings a minute apart; enter the mean.' },
    diastolic: { kind: 'number', holdsDays: 7, unit: 'mmHg', from: 30, to: 160, ask: 'Lower number' },
    controlled: {
      kind: 'choice',
      options: ['yes', 'no', 'unknown'],
      ask: 'Diagnosed, and under control with treatment?',
      default: 'unknown',
    },
    betaBlocker: { kind: 'yesno', ask: 'Taking a beta blocker?', default: false },
    vasodilator: { kind: 'yesno', ask: 'Taking an alpha blocker, calcium blocker or nitrate?', default: false },
    aneurysm: { kind: 'yesno', ask: 'A known aneurysm?' },
    organDamage: { kind: 'yesno', ask: 'Known damage to heart, kidneys or eyes from it?', default: false },
  },
  stages: {
    s1: '130/80 to 139/89', ctrl: 'Diagnosed and below 140/90', s2: '140/90 to 159/99, or not known',
    s2b: '160/100 to 179/109', s3: '180/110 and more', pills: 'Beta blocker or vessel-widening pills', any: '130/80 or more, or not known', 'quiet-end': 'Pills, or 140/90 and more',
  }, // prettier-ignore
  gathering: ['any', 'quiet-end'],
  stagesOf: ({ systolic, diastolic, controlled, betaBlocker, vasodilator }) => {
    const stage = stageOf(systolic, diastolic, controlled === 'yes' || betaBlocker === true);
    // s3 has no rows of its own (no practice); the plan is still computed, with the strictest ones.
    const own = stage === 's3' ? (['s3', 's2b'] as const) : stage === 'ok' ? [] : [stage];
    const pills = betaBlocker === true || vasodilator === true;
    return [
      ...own,
      ...(own.length > 0 || pills ? (['any'] as const) : []),
      ...(pills ? (['pills'] as const) : []),
      ...(pills || stage === 's2' ? (['quiet-end'] as const) : []),
    ];
  },
  screen: ({ systolic, diastolic, controlled, betaBlocker, aneurysm, organDamage }) => {
    const found: ScreeningFinding[] = [];
    const stage = stageOf(systolic, diastolic, controlled === 'yes' || betaBlocker === true);
    if (systolic !== undefined && diastolic !== undefined)
      found.push({ parameter: 'systolic', text: `${systolic}/${diastolic} mmHg is ${bloodPressureClass(systolic, diastolic)} (ACC/AHA 2017).`, outcome: 'note' });
    if (systolic === undefined || diastolic === undefined)
      found.push({ parameter: 'systolic', text: 'No reading: treated as 140 to 159, uncontrolled.', outcome: 'note' });
    if (stage === 's3')
      found.push({
        parameter: 'systolic',
        text: '180/110 or more: no practice today, medical contact the same day; with headache, chest pain, breathlessness or weakness call the emergency number.',
        outcome: 'refer',
      });
    if (stage === 's2b') found.push({ parameter: 'systolic', text: '160/100 or more: written clearance first.', outcome: 'clearance' });
    if (aneurysm === true)
      found.push({
        parameter: 'aneurysm',
        text: 'A known aneurysm: nothing beyond the restricted profile without written clearance.',
        outcome: 'clearance',
        restricted: true,
      });
    if (aneurysm === undefined) found.push({ parameter: 'aneurysm', text: 'Not answered: a known aneurysm?', outcome: 'note' });
    if (organDamage === true)
      found.push({
        parameter: 'organDamage',
        text: 'Damage to an organ from the pressure: written clearance first.',
        outcome: 'clearance',
      });
    return found;
  },
  redFlags: [
    {
      id: 'severe-headache',
      text: "New severe headache, a nosebleed that won't stop, sudden tearing chest or back pain",
      urgency: 'emergency',
    },
    { id: 'stroke-signs', text: 'Chest pain, breathless, loss of sight, weakness of one side', urgency: 'emergency' },
  ],
  schools: {
    'hypertension-inversions': {
      name: 'Inversions when controlled',
      positions: { allowed: 'Shoulder stand calms, allowed below 140/90', none: 'None' },
      default: 'none',
      because: 'No benefit is lost; a short downward dog stays allowed.',
    },
    'hypertension-arms': {
      name: 'Arms overhead',
      positions: { up: 'Hands up are fine', hips: 'Hands on the hips from 140/90' },
      default: 'hips',
      because: 'Arms above the heart raise the pressure.',
    },
  },
  limits: [
    ...limits('hyp-01', 'Head-down raises the pressure in head and eyes.', 'common practice', ['headBelowHeart', '<= 25', 'modify', ['s1', 'ctrl']]),
    ...limits('hyp-02', 'Head-down raises the pressure in head and eyes.', 'common practice',
      ['headBelowHeart', '<= 10', 'avoid', ['s2'], 'hold > 5'],
      ['headBelowHeart', '<= 20', 'avoid', ['s2'], { as: 'moving' }]),
    ...limits('hyp-03', 'Head-down raises the pressure in head and eyes.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['s2b']]),
    ...limits('hyp-04', 'A raised pelvis pours blood to chest and head.', 'common practice',
      ['pelvisAboveHeart', '<= 20', 'avoid', ['s2'], { as: 's2' }],
      ['pelvisAboveHeart', '<= 5', 'avoid', ['s2b'], { as: 's2b' }]),
    ...limits('hyp-05', { headLoad: 'A full inversion raises the pressure in the head.', neckLoad: 'A full inversion raises the pressure in the head.' }, 'common practice',
      ['headLoad', '<= 0.1', 'avoid', ['s1', 'ctrl'], { as: 'head-controlled', school: 'hypertension-inversions=none', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }],
      ['neckLoad', '<= 0.05', 'avoid', ['s1', 'ctrl'], { as: 'neck-controlled', school: 'hypertension-inversions=none', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }],
      ['headLoad', '<= 0.1', 'avoid', ['s2', 's2b'], { as: 'head', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }],
      ['neckLoad', '<= 0.05', 'avoid', ['s2', 's2b'], { as: 'neck', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }]),
    ...limits('hyp-06', 'Long strain pushes the pressure up.', 'ACSM*',
      ['hold', '<= 30', 'modify', ['s1', 'ctrl'], 'headBelowHeart > 16', { as: 's1-head', reading: 'In child’s pose the head lies 15 below, rests, and nothing strains.' }],
      ['hold', '<= 30', 'modify', ['s1', 'ctrl'], 'effort >= 3', { as: 's1-effort' }],
      ['hold', '<= 20', 'modify', ['s2', 's2b'], 'headBelowHeart > 10', { as: 's2-head' }],
      ['hold', '<= 25', 'modify', ['s2'], 'effort >= 3', { as: 's2-moderate', reading: 'Five ordinary breaths of a moderate pose; hard ones are shorter.' }],
      ['hold', '<= 20', 'modify', ['s2'], 'effort >= 4', { as: 's2-effort' }],
      ['hold', '<= 20', 'modify', ['s2b'], 'effort >= 3', { as: 's2b-effort' }]),
    ...limits('hyp-07', 'Arms held up raise the blood pressure; hands on the hips don’t.', 'common practice',
      ['hold', '<= 20', 'modify', ['s2', 's2b'], 'shoulderElevation > 120', 'elbowAboveHeart > 18', ARMS_HELD, { school: 'hypertension-arms=hips' }]),
    ...limits('hyp-08', 'Pressure pills make people faint when they rise fast.', 'ACSM*',
      ['transitionTime', '>= 5', 'modify', ['any'], 'levelChange >= 50', { as: 'level' }],
      ['transitionTime', '>= 5', 'modify', ['any'], 'headDrop > 15', { as: 'head' }],
      ['transitionTime', '>= 10', 'modify', ['pills'], 'levelChange >= 50', { as: 'level-pills' }],
      ['transitionTime', '>= 10', 'modify', ['pills'], 'headDrop > 15', { as: 'head-pills' }]),
    ...limits('hyp-09', 'Deep backbends make people hold the breath.', 'common practice', ['lumbarFlexion', '>= -25', 'modify', ['s2', 's2b']]),
    ...limits('hyp-10', { bellyClosure: 'A pressed belly loads the heart.', feetAboveHeart: 'Raised legs send blood back to the heart.' }, 'common practice',
      ['bellyClosure', '<= 0.6', 'modify', ['s2b'], { as: 'belly' }],
      ['feetAboveHeart', '<= 20', 'modify', ['s2b'], { as: 'legs' }]),
    ...limits('hyp-11', 'Straining on a held breath spikes the pressure.', 'ACSM*', ['breathRetention', '<= 0', 'avoid', ['any']]),
    ...limits('hyp-12', 'Forced breath raises the pressure.', 'common practice', ['breathRate', '<= 20', 'avoid', ['any']]),
    ...limits('hyp-13', 'Hard muscle work pushes the pressure up.', 'ACSM*',
      ['effort', '<= 4', 'watch', ['s1', 'ctrl'], { as: 's1' }],
      ['effort', '<= 3', 'modify', ['s2'], { as: 's2' }],
      ['effort', '<= 2', 'avoid', ['s2b'], { as: 's2b' }]),
    ...limits('hyp-14', 'Moderate work lowers the pressure, hard work spikes it.', 'common practice',
      ['met', '<= 5', 'modify', ['s2'], { as: 's2' }],
      ['met', '<= 3', 'modify', ['s2b'], { as: 's2b' }]),
    ...limits('hyp-15', 'Heat and pressure pills together make the pressure drop.', 'common practice', ['heat', '<= 27', 'modify', ['any']]),
    ...limits('hyp-16', 'The pressure falls after class; a slow end lets it settle.', 'ACSM*', ['coolMinutes', '>= 10', 'modify', ['quiet-end']]),
  ],
  favour: ['calm', 'lengthen-exhale', 'strengthen-legs', 'rest'],
  stopInClass: 'Headache, pressure in the head, nosebleed, chest pain, change of sight, giddy: sit and measure.',
});
