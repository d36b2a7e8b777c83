import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { clearance, emergency, found, note, today } from './screening.js';

type Stage = 'a0' | 'a1' | 'a2' | 'a3';

interface Surgery {
  readonly approach?: 'laparoscopic' | 'open' | undefined;
  readonly weeks?: number | undefined;
  readonly procedure?: readonly string[] | undefined;
}

function stageOf({ approach = 'open', weeks = 0, procedure }: Surgery): Stage | null {
  const [first, second, third, fourth] = approach === 'laparoscopic' ? [2, 4, 8, 16] : [2, 6, 12, 26];
  const own: Stage | null = weeks < first ? 'a0' : weeks < second ? 'a1' : weeks < third ? 'a2' : weeks < fourth ? 'a3' : null;
  const pelvic = procedure?.some((one) => one === 'hysterectomy' || one === 'prolapse-repair') ?? false;
  if (!pelvic) return own;
  if (weeks < 6 && own !== 'a0') return 'a1';
  return weeks < 12 && (own === 'a3' || own === null) ? 'a2' : own;
}

const EARLY = ['a0', 'a1'] as const;
const THREE = ['a0', 'a1', 'a2'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const abdominalSurgery = condition({
  id: 'abdominal-surgery',
  name: 'Abdominal or pelvic surgery',
  words: ['tummy tuck', 'abdominal surgery', 'belly operation', 'hysterectomy', 'gallbladder', 'appendix', 'bowel surgery', 'prolapse repair', 'stoma', 'keyhole surgery'],
  parameters: {
    approach: { kind: 'choice', options: ['laparoscopic', 'open'], ask: 'Keyhole or open?', default: 'open' },
    weeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 104, ask: 'Weeks since the operation', default: 0 },
    procedure: { kind: 'set', options: ['bowel', 'gallbladder', 'hysterectomy', 'prolapse-repair', 'other'], ask: 'What was done? (say none if nothing of these)' },
    woundHealed: { kind: 'yesno', ask: 'Is the wound healed?' },
    stoma: { kind: 'yesno', ask: 'A stoma?', default: false },
    drain: { kind: 'yesno', ask: 'A drain?', default: false },
    cleared: { kind: 'yesno', ask: 'Cleared in writing?' },
  },
  stages: { a0: 'First 2 weeks, or not known', a1: 'To 6 weeks, keyhole to 4', a2: 'To 12 weeks, keyhole to 8', a3: 'To 26 weeks, keyhole to 16', 'scar-12': 'To 12 weeks', squat: 'Early, or womb or prolapse to 12 weeks', breath: 'To 12 weeks, or a stoma' },
  gathering: ['squat', 'breath'],
  stagesOf: (a) => {
    const stage = stageOf(a);
    const pelvic = a.procedure?.some((one) => one === 'hysterectomy' || one === 'prolapse-repair') ?? false;
    const early = stage === 'a0' || stage === 'a1';
    return pick(stage ?? undefined, (a.weeks ?? 0) < 12 && stage === 'a3' && 'scar-12', (early || (pelvic && stage === 'a2')) && 'squat', (early || stage === 'a2' || a.stoma === true) && 'breath');
  },
  screen: (a) => {
    const stage = stageOf(a);
    const healed = a.woundHealed ?? (a.weeks ?? 0) >= 3;
    return found(
      (stage === 'a0' || stage === 'a1') && clearance('weeks', 'In the first weeks, or not known when: written clearance first.'),
      stage !== null && (a.approach ?? 'open') === 'open' && stage !== 'a0' && stage !== 'a1' && a.cleared !== true && clearance('cleared', 'The first class after an open operation: written clearance first.'),
      !healed && note('woundHealed', 'The wound is not healed: nothing pulls it.'),
      a.approach === undefined && note('approach', 'Keyhole or open is not known: taken as open.'),
    );
  },
  redFlags: [
    today('wound', 'Fever, a wound that opens or weeps, vaginal bleeding, calf pain, breathless, vomiting, no wind'),
    emergency('gapes', 'A wound that gapes with bowel, heavy bleeding'),
  ],
  schools: {
    'surgery-rest': {
      name: 'How long to rest',
      positions: { staged: 'By stages, the surgeon’s word first', six: 'Six weeks of nothing', comfort: 'By comfort' },
      default: 'staged',
      because: 'Strict rest lacks evidence, and wounds need weeks: the stages stand between.',
    },
  },
  limits: [
    ...limits('as-01', 'The belly wall is still knitting.', 'LEVENSON*', ['abdominalLoad', '<= 1', 'avoid', EARLY], ['abdominalLoad', '<= 2', 'avoid', ['a2']], ['abdominalLoad', '<= 3', 'modify', ['a3']]),
    ...limits('as-02', 'A backbend pulls the scar.', 'common practice', ['lumbarFlexion', '>= -5', 'avoid', ['a0'], { reading: 'Lying flat measures -1 to -5.' }], ['lumbarFlexion', '>= -10', 'avoid', ['a1']], ['lumbarFlexion', '>= -20', 'avoid', ['a2', 'scar-12']], ['lumbarFlexion', '>= -12', 'avoid', ['a2'], 'shoulderExtension > 50'], ['lumbarFlexion', '>= -30', 'watch', ['a3']]),
    ...limits('as-03', 'A twist pulls the scar.', 'common practice', ['spineRotation', '<= 10', 'avoid', ['a0']], ['spineRotation', '<= 20', 'modify', ['a1']], ['spineRotation', '<= 35', 'watch', ['a2']]),
    ...limits('as-04', 'A side-bend pulls the scar.', 'common practice', ['spineLateral', '<= 10', 'modify', ['a0']], ['spineLateral', '<= 20', 'modify', ['a1']]),
    ...limits('as-05', 'Nothing presses the wound.', 'common practice', ['bellyClosure', '<= 0.3', 'avoid', EARLY], ['bellyClosure', '<= 0.5', 'modify', ['a2']], ['bellyClosure', '<= 0.8', 'watch', ['a3']]),
    ...limits('as-06', 'Raised hips let the bowels fall on the wound, and make giddy.', 'common practice', ['pelvisAboveHeart', '<= 5', 'avoid', EARLY], ['pelvisAboveHeart', '<= 20', 'modify', ['a2']]),
    ...limits('as-07', 'A deep squat bears down on the wound or the pelvic floor.', 'WEIR*', ['kneeFlexionLoaded', '<= 90', 'modify', ['squat'], 'standing']),
    ...limits('as-08', 'Weight on the arms tightens the belly.', 'common practice', ['handLoad', '<= 0.1', 'avoid', ['a0']], ['handLoad', '<= 0.3', 'modify', ['a1']], ['handLoad', '<= 0.5', 'modify', ['a2']]),
    ...noInversion('as-09', 'A full inversion presses the bowels on the wound.', 'common practice', 'avoid', THREE),
    ...limits('as-10', 'Effort strains the wound; short, and on the breath out.', 'common practice', ['hold', '<= 15', 'modify', EARLY, 'effort >= 2'], ['hold', '<= 15', 'modify', ['a2'], 'effort >= 3']),
    ...limits('as-11', { breathRetention: 'A held breath presses on the scar or the stoma.', breathRate: 'Pumping breath presses on the scar or the stoma.' }, 'common practice', ['breathRetention', '= 0', 'avoid', ['breath']], ['breathRate', '<= 20', 'avoid', ['breath']]),
    ...limits('as-12', { effort: 'Effort comes back in steps, though the evidence for strict rest is thin.', impact: 'Jolts pull on the wound.' }, 'WEIR*', ['effort', '<= 1', 'avoid', ['a0']], ['impact', '= 0', 'avoid', ['a0']], ['effort', '<= 2', 'modify', ['a1']], ['impact', '= 0', 'modify', ['a1']], ['effort', '<= 3', 'watch', ['a2']], ['impact', '<= 1', 'watch', ['a2']]),
    ...limits('as-13', 'After an operation people tire soon.', 'common practice', ['sessionMinutes', '<= 10', 'modify', ['a0']], ['sessionMinutes', '<= 25', 'modify', ['a1']], ['sessionMinutes', '<= 45', 'modify', ['a2']]),
  ], // prettier-ignore
  favour: ['breath-awareness', 'mobilise-ankles', 'posture-awareness', 'rest'],
  stopInClass: 'A pull in the wound, a bulge, bleeding, giddy.',
});
