import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, note, today } from './screening.js';

const LEVELS = [
  'C1', 'C2', 'C3', 'C4', 'C5', 'C6', 'C7', 'C8', 'T1', 'T2', 'T3', 'T4', 'T5', 'T6', 'T7', 'T8', 'T9', 'T10', 'T11', 'T12',
  'L1', 'L2', 'L3', 'L4', 'L5', 'S1', 'S2', 'S3', 'S4', 'S5',
] as const; // prettier-ignore
type Level = (typeof LEVELS)[number];

/** Whether a lesion lies at the sixth thoracic level or above, where dysreflexia threatens. */
function atOrAboveT6(level: Level): boolean {
  return LEVELS.indexOf(level) <= LEVELS.indexOf('T6');
}
function usualHand(level: Level): 'full' | 'tenodesis' | 'none' {
  const place = LEVELS.indexOf(level);
  return place <= LEVELS.indexOf('C5') ? 'none' : place <= LEVELS.indexOf('C8') ? 'tenodesis' : 'full';
}

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const wheelchairUser = condition({
  id: 'wheelchair-user',
  name: 'Wheelchair user',
  words: ['wheelchair', 'paraplegia', 'tetraplegia', 'quadriplegia', 'spinal cord injury', 'SCI', 'cerebral palsy', 'amputation', 'dysreflexia'],
  body: { wheelchair: true },
  parameters: {
    cause: { kind: 'choice', options: ['sci', 'stroke', 'ms', 'cp', 'amputation', 'other'], ask: 'Why the wheelchair?', default: 'sci' },
    level: { kind: 'choice', options: LEVELS, ask: 'Level of the spinal cord injury', default: 'T4', onlyIf: { cause: ['sci'] } },
    ais: { kind: 'choice', options: ['A', 'B', 'C', 'D', 'E'], ask: 'How complete is the injury (grade A to E)?', default: 'A', onlyIf: { cause: ['sci'] } },
    adHistory: { kind: 'yesno', ask: 'Ever had autonomic dysreflexia?', default: true },
    trunkControl: { kind: 'number', unit: 'grade 0-3', from: 0, to: 3, ask: 'Trunk: 0 none, 1 with the arms, 2 sits free, 3 reaches freely', default: 0 },
    hand: { kind: 'choice', options: ['full', 'tenodesis', 'none'], ask: 'Hands: full grip, grip by bending the wrist back, or none' },
    skin: { kind: 'choice', options: ['intact', 'healed', 'open'], ask: 'Skin of seat and heels today' },
    baselineSystolic: { kind: 'number', unit: 'mmHg', from: 60, to: 180, ask: 'Usual upper blood pressure', onlyIf: { cause: ['sci'] } },
    systolic: { kind: 'number', holdsDays: 7, unit: 'mmHg', from: 40, to: 260, ask: 'Upper blood pressure now, if read', onlyIf: { cause: ['sci'] } },
    catheter: { kind: 'yesno', ask: 'A catheter?', default: false },
    insensate: { kind: 'yesno', ask: 'Skin without feeling?', default: true },
    boneLoss: { kind: 'yesno', ask: 'Weak bones in the legs?' },
    weeksSinceInjury: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 4000, ask: 'Weeks since the injury', onlyIf: { cause: ['sci'] } },
    transfer: { kind: 'choice', options: ['alone', 'help', 'hoist'], ask: 'Moves to the floor or a bench', default: 'hoist' },
    stands: { kind: 'yesno', ask: 'Stands up for practice, as a therapist agreed?', default: false },
    helper: { kind: 'yesno', ask: 'Is a trained helper there?', default: false },
    fused: { kind: 'yesno', ask: 'Is part of the spine fused?', default: false },
    touchConsent: { kind: 'yesno', ask: 'Agreed to hands-on help?', default: false },
  },
  stages: {
    ad: 'Injury at T6 or above, or dysreflexia before', low: 'Injury below T6', other: 'Another cause', trunk0: 'Little trunk control', press: 'Dysreflexia or a catheter',
    numb: 'Skin without feeling', bones: 'Weak bones', tenodesis: 'Grip by bending the wrist back', fused: 'Part of the spine fused', 'no-floor': 'No safe way to the floor', 'no-touch': 'No agreement to touch', seated: 'Practises seated', 'still-legs': 'No strength in the legs',
    cord: 'Spinal cord injury', 'low-other': 'Injury below T6, or another cause',
  }, // prettier-ignore
  gathering: ['press', 'low-other'],
  stagesOf: (a) => {
    const { cause = 'sci', level = 'T4', adHistory = true, trunkControl = 0, catheter = false, insensate = true, transfer = 'hoist' } = a;
    const cord = cause === 'sci';
    const ad = (cord && atOrAboveT6(level)) || (adHistory && (cord || a.adHistory !== undefined));
    const boneLoss = a.boneLoss ?? (cord && (a.weeksSinceInjury ?? 60) > 52);
    return pick(
      ad ? 'ad' : cord ? 'low' : 'other',
      !ad && 'low-other',
      cord && 'cord',
      trunkControl <= 1 && 'trunk0',
      (ad || catheter) && 'press',
      insensate && 'numb',
      boneLoss && 'bones',
      (a.hand ?? (cord ? usualHand(level) : 'full')) === 'tenodesis' && 'tenodesis',
      a.fused === true && 'fused',
      transfer !== 'alone' && a.helper !== true && 'no-floor',
      a.touchConsent !== true && 'no-touch',
      a.stands !== true && 'seated',
      cord && (a.ais === undefined || a.ais === 'A' || a.ais === 'B') && a.stands !== true && 'still-legs',
    );
  },
  screen: ({ cause = 'sci', skin, systolic, baselineSystolic, level = 'T4', weeksSinceInjury }) => {
    const base = baselineSystolic ?? (atOrAboveT6(level) ? 100 : 120);
    return found(
      skin === undefined && clearanceAlone('skin', 'Not answered: the skin of seat and heels. No class until it was looked at.'),
      skin === 'open' && clearance('skin', 'Open skin: no seated practice without written clearance; medical contact today.'),
      cause === 'sci' && weeksSinceInjury !== undefined && weeksSinceInjury < 26 && clearance('weeksSinceInjury', 'Less than 6 months since the injury: written clearance first.'),
      cause === 'sci' && systolic !== undefined && systolic >= base + 20 && {
        parameter: 'systolic',
        text: `Upper pressure ${systolic}, ${systolic - base} above the usual: dysreflexia. Sit up, legs down, loosen everything, check bladder, bowel and skin; emergency number if it stays or reaches 150.`,
        outcome: 'refer',
      },
      cause === 'sci' && baselineSystolic === undefined && note('baselineSystolic', `The usual pressure is not known: taken as ${base}.`),
    );
  },
  redFlags: [
    emergency('dysreflexia', 'Pounding headache, flushing or sweating above the injury, slow pulse: sit up, legs down, never lie down, loosen straps, check bladder, bowel, skin'),
    today('change', 'New weakness or change of feeling, a hot swollen limb, fever, open skin on a seat bone'),
  ],
  schools: {
    'wheelchair-legs': {
      name: 'Moving paralysed legs',
      positions: { gentle: 'Picture it and move gently', leave: 'Leave it to therapists' },
      default: 'gentle',
      because: 'Inside the limits for hips and for 30 s at a time it does good and no harm is known.',
    },
  },
  limits: [
    ...limits('whe-01', 'Pressing a full bladder can set off dysreflexia.', 'PVA-AD*', ['bellyClosure', '<= 0.4', 'avoid', ['press']]),
    ...limits('whe-02', 'With an injury this high, the blood pressure swings either way when the head goes down.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['ad']]),
    ...limits('whe-03', 'The pressure may fall on coming up; it is done slowly, hands on the thighs.', 'common practice', ['headBelowHeart', '<= 10', 'modify', ['low-other']]),
    ...limits('whe-04', 'Skin without feeling is damaged before it hurts; leaning forward or sideways relieves it.', 'PVA-PU', ['unrelievedSitting', '<= 15', 'avoid', ['numb'], { reading: 'Every 15 to 30 minutes (from memory); the shorter is used.' }]),
    ...limits('whe-05', 'With little hold in the trunk, a strap or a hand on the rim keeps the body from tipping.', 'common practice', ['balanceMargin', '>= 8', 'avoid', ['trunk0'], 'trunkPitch < 45'], ['balanceMargin', '>= 5', 'avoid', undefined, 'trunkPitch < 45']),
    ...limits('whe-06', 'Leaning so far, the trunk falls forward and can’t come back by itself.', 'common practice', ['trunkPitch', '<= 20', 'avoid', ['trunk0'], 'handLoad < 0.05', 'forearmLoad < 0.05']),
    ...limits('whe-07', 'Thin bones of the legs break without pain, and new bone can lie round the hips.', 'common practice', ['hipFlexion', '<= 110', 'avoid', ['bones']]),
    ...limits('whe-08', 'A twisting force breaks the thigh bone.', 'common practice', ['hipExternalRotation', '<= 30', 'modify', ['bones']], ['hipInternalRotation', '<= 20', 'modify', ['bones']]),
    ...limits('whe-09', 'Leaning on the flat hand stretches the finger tendons and loses the grip for life: fists or forearms.', 'PVA-UL*', ['wristExtensionLoaded', '<= 30', 'avoid', ['tenodesis']]),
    ...limits('whe-10', { shoulderElevation: 'The shoulders do the work of the legs and are spared overhead load.', hold: 'The shoulders do the work of the legs and are spared long overhead holds.' }, 'PVA-UL*', ['shoulderElevation', '<= 120', 'modify', undefined, 'handLoad > 0.1'], ['hold', '<= 15', 'modify', undefined, 'shoulderElevation > 90']),
    ...limits('whe-11', 'Push-ups wear the shoulders that every day needs; leaning relieves as well.', ['PVA-UL*', 'PVA-PU*'], ['handLoad', '<= 0.3', 'modify']),
    ...limits('whe-12', 'Above a stiff or fused part, the neighbours take the strain of the twist.', 'common practice', ['spineRotation', '<= 30', 'modify'], ['spineRotation', '<= 10', 'avoid', ['fused']]),
    ...limits('whe-13', 'After a cord injury the pressure drops on sitting up.', 'PVA-AD*', ['transitionTime', '>= 30', 'modify', ['cord'], 'levelChange >= 20', { reading: 'Sitting up is read as a rise of 20 cm or more.' }]),
    ...limits('whe-14', 'There is no safe way to the floor: it would cost the teacher’s back and the client’s skin.', 'common practice', ['floorTrips', '= 0', 'avoid', ['no-floor']]),
    ...limits('whe-15', 'The body can’t sweat below so high an injury.', 'SCIEX*', ['heat', '<= 24', 'avoid', ['ad']]),
    ...limits('whe-16', 'A held breath swings the pressure and strains a weak belly.', 'common practice', ['breathRetention', '= 0', 'avoid']),
    ...limits('whe-17', 'Fast breath makes giddy; with weak breathing muscles, slow breath with a hand’s help is better.', 'common practice', ['breathRate', '<= 20', 'modify']),
    ...limits('whe-18', 'The pulse can’t guide effort with so high an injury; being able to talk does.', 'SCIEX*', ['effort', '<= 3', 'modify', ['ad']]),
    ...limits('whe-19', 'Skin without feeling can’t warn; touch needs agreement, and a look before and after.', 'common practice', ['touch', '= 0', 'avoid', ['no-touch']]),
    ...limits('whe-21', 'Neck and arms are what carries every day: no body rests on them upside down.', 'common practice', ['neckLoad', '<= 0.05', 'avoid', undefined, { reading: 'Added: the table names no bound on the neck.' }], ['headLoad', '<= 0.1', 'avoid']),
    ...limits('whe-20', 'Legs that were not tried don’t carry: practice is seated until a therapist has agreed to more.', 'common practice', ['feetLoad', '<= 0.4', 'avoid', ['seated'], { reading: 'Added: the table names no bound on standing, yet its substitutes are all seated.' }]),
    ...limits('whe-22', 'Legs without strength can’t lift or hold the body, kneeling or in a bridge.', 'common practice',
      ['kneeLoad', '<= 0.3', 'avoid', ['still-legs'], { reading: 'Added: hips and knees are held by muscles that an injury of grade A or B leaves without strength.' }],
      ['pelvisAboveHeart', '<= 5', 'avoid', ['still-legs'], 'effort >= 2']),
  ], // prettier-ignore
  favour: ['open-chest', 'strengthen-back', 'breath-awareness', 'mobilise-neck', 'balance', 'calm'],
  stopInClass: 'Any sign of dysreflexia, a spasm that won’t let go, skin red after, the chair moves.',
});
