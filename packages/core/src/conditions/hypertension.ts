import { bloodPressureClass } from '../readings/blood-pressure.js';
import { condition, row, type ScreeningFinding } from './condition.js';

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
    s1: '130 to 139 or 80 to 89', ctrl: 'Diagnosed and below 140/90', s2: '140 to 159 or 90 to 99, or not known',
    s2b: '160 to 179 or 100 to 109', s3: '180 or 110 and more', pills: 'Beta blocker or vessel-widening pills', any: 'Any stage with limits', 'quiet-end': 'Pills, or 140/90 and more',
  }, // prettier-ignore
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
    ...row(
      'hyp-01',
      { measure: 'headBelowHeart', reason: 'Head-down raises the pressure in head and eyes.', source: ['common practice'] },
      [{ bound: { atMost: 25 }, grade: 'modify', stages: ['s1', 'ctrl'] }],
    ),
    ...row(
      'hyp-02',
      { measure: 'headBelowHeart', reason: 'Head-down raises the pressure in head and eyes.', source: ['common practice'] },
      [
        { bound: { atMost: 10 }, grade: 'avoid', stages: ['s2'], when: [{ measure: 'hold', over: 5 }] },
        { as: 'moving', bound: { atMost: 20 }, grade: 'avoid', stages: ['s2'] },
      ],
    ),
    ...row(
      'hyp-03',
      { measure: 'headBelowHeart', reason: 'Head-down raises the pressure in head and eyes.', source: ['common practice'] },
      [{ bound: { atMost: 0 }, grade: 'avoid', stages: ['s2b'] }],
    ),
    ...row(
      'hyp-04',
      {
        measure: 'pelvisAboveHeart',
        grade: 'avoid',
        reason: 'A raised pelvis pours blood to chest and head.',
        source: ['common practice'],
      },
      [
        { as: 's2', bound: { atMost: 20 }, stages: ['s2'] },
        { as: 's2b', bound: { atMost: 5 }, stages: ['s2b'] },
      ],
    ),
    ...row(
      'hyp-05',
      {
        grade: 'avoid',
        reason: 'Full inversions.',
        source: ['common practice'],
        reading: "No load on the head is read as at most 0.1: the head's own weight may rest.",
      },
      [
        {
          as: 'head-controlled',
          measure: 'headLoad',
          bound: { atMost: 0.1 },
          stages: ['s1', 'ctrl'],
          school: 'hypertension-inversions=none',
        },
        {
          as: 'neck-controlled',
          measure: 'neckLoad',
          bound: { atMost: 0.05 },
          stages: ['s1', 'ctrl'],
          school: 'hypertension-inversions=none',
        },
        { as: 'head', measure: 'headLoad', bound: { atMost: 0.1 }, stages: ['s2', 's2b'] },
        { as: 'neck', measure: 'neckLoad', bound: { atMost: 0.05 }, stages: ['s2', 's2b'] },
      ],
    ),
    ...row('hyp-06', { measure: 'hold', grade: 'modify', reason: 'Long strain pushes the pressure up.', source: ['ACSM*'] }, [
      { as: 's1-head', bound: { atMost: 30 }, when: [{ measure: 'headBelowHeart', over: 10 }], stages: ['s1', 'ctrl'] },
      { as: 's1-effort', bound: { atMost: 30 }, when: [{ measure: 'effort', from: 3 }], stages: ['s1', 'ctrl'] },
      { as: 's2-head', bound: { atMost: 20 }, when: [{ measure: 'headBelowHeart', over: 10 }], stages: ['s2', 's2b'] },
      { as: 's2-effort', bound: { atMost: 20 }, when: [{ measure: 'effort', from: 3 }], stages: ['s2', 's2b'] },
    ]),
    ...row(
      'hyp-07',
      { measure: 'hold', grade: 'modify', reason: 'Arms up raise the pressure; hands on hips.', source: ['common practice'] },
      [
        {
          bound: { atMost: 20 },
          when: [{ measure: 'shoulderElevation', over: 120 }],
          stages: ['s2', 's2b'],
          school: 'hypertension-arms=hips',
        },
      ],
    ),
    ...row('hyp-08', { measure: 'transitionTime', grade: 'modify', reason: 'Pills make faint on rising.', source: ['ACSM*'] }, [
      { as: 'level', bound: { atLeast: 5 }, when: [{ measure: 'levelChange', from: 50 }], stages: ['any'] },
      { as: 'head', bound: { atLeast: 5 }, when: [{ measure: 'headDrop', over: 15 }], stages: ['any'] },
      { as: 'level-pills', bound: { atLeast: 10 }, when: [{ measure: 'levelChange', from: 50 }], stages: ['pills'] },
      { as: 'head-pills', bound: { atLeast: 10 }, when: [{ measure: 'headDrop', over: 15 }], stages: ['pills'] },
    ]),
    ...row('hyp-09', { measure: 'lumbarFlexion', reason: 'Deep backbends make people hold the breath.', source: ['common practice'] }, [
      { bound: { atLeast: -25 }, grade: 'modify', stages: ['s2', 's2b'] },
    ]),
    ...row(
      'hyp-10',
      { grade: 'modify', stages: ['s2b'], reason: 'A pressed belly and raised legs load the heart.', source: ['common practice'] },
      [
        { as: 'belly', measure: 'bellyClosure', bound: { atMost: 0.6 } },
        { as: 'legs', measure: 'feetAboveHeart', bound: { atMost: 20 } },
      ],
    ),
    ...row('hyp-11', { measure: 'breathRetention', reason: 'Straining on a held breath spikes the pressure.', source: ['ACSM*'] }, [
      { bound: { atMost: 0 }, grade: 'avoid', stages: ['any'] },
    ]),
    ...row('hyp-12', { measure: 'breathRate', reason: 'Forced breath raises the pressure.', source: ['common practice'] }, [
      { bound: { atMost: 20 }, grade: 'avoid', stages: ['any'] },
    ]),
    ...row('hyp-13', { measure: 'effort', reason: 'Hard muscle work pushes the pressure up.', source: ['ACSM*'] }, [
      { as: 's1', bound: { atMost: 4 }, grade: 'watch', stages: ['s1', 'ctrl'] },
      { as: 's2', bound: { atMost: 3 }, grade: 'modify', stages: ['s2'] },
      { as: 's2b', bound: { atMost: 2 }, grade: 'avoid', stages: ['s2b'] },
    ]),
    ...row(
      'hyp-14',
      { measure: 'met', grade: 'modify', reason: 'Moderate work lowers the pressure, hard work spikes it.', source: ['common practice'] },
      [
        { as: 's2', bound: { atMost: 5 }, stages: ['s2'] },
        { as: 's2b', bound: { atMost: 3 }, stages: ['s2b'] },
      ],
    ),
    ...row('hyp-15', { measure: 'heat', reason: 'With pills, a sudden drop.', source: ['common practice'] }, [
      { bound: { atMost: 27 }, grade: 'modify', stages: ['any'] },
    ]),
    ...row('hyp-16', { measure: 'coolMinutes', reason: 'The pressure falls after class.', source: ['ACSM*'] }, [
      { bound: { atLeast: 10 }, grade: 'modify', stages: ['quiet-end'] },
    ]),
  ],
  favour: ['calm', 'lengthen-exhale', 'strengthen-legs', 'rest'],
  stopInClass: 'Headache, pressure in the head, nosebleed, chest pain, change of sight, giddy: sit and measure.',
});
