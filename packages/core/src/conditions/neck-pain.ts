import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, clearanceAlone, emergency, found, note, open, refer, SPINE_RED_FLAGS } from './screening.js';

const LATER = ['sub', 'chronic'] as const;
const FRESH = ['acute', 'root'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const neckPain = condition({
  id: 'neck-pain',
  name: 'Neck pain',
  words: ['neck pain', 'stiff neck', 'whiplash', 'cervical', 'spondylosis', 'pinched nerve in the neck', 'bulging disc C5/6', 'trapped nerve', 'cervical disc', 'cervical disc herniation', 'cervical disc prolapse'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['nonspecific', 'spondylosis', 'radiculopathy', 'whiplash', 'myelopathy', 'instability', 'fusion'], ask: 'Which kind?', default: 'nonspecific' },
    weeksSinceOnset: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since it began' },
    wadGrade: { kind: 'number', unit: 'grade 0-4', from: 0, to: 4, ask: 'Whiplash grade', onlyIf: { kind: ['whiplash'] } },
    armSymptoms: { kind: 'choice', options: ['none', 'pain', 'numb', 'weak'], ask: 'Arm symptoms', default: 'pain' },
    dizzy: { kind: 'yesno', ask: 'Dizzy on turning the head?' },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since neck surgery, if any', onlyIf: { kind: ['fusion'] } },
  },
  stages: { ...PAIN.stages, acute: 'Less than 6 weeks, or pain of 6 and more', sub: '6 to 11 weeks', chronic: '12 weeks and more', root: 'Arm symptoms', guard: 'Cord, loose joint or fresh fusion', unsteady: 'Cord, loose joint, or dizzy', 'root-guard': 'Arm symptoms, cord or loose joint', tight: 'Acute, arm symptoms, cord or loose joint', worn: 'Worn joints of the neck' },
  gathering: ['unsteady', 'root-guard', 'tight'],
  stagesOf: (a) => {
    const { kind = 'nonspecific', weeksSinceOnset, wadGrade, armSymptoms = 'pain', dizzy, weeksSinceSurgery } = a;
    const acute = weeksSinceOnset === undefined || weeksSinceOnset < 6 || painOf(a) >= 6;
    const root = armSymptoms !== 'none' || kind === 'radiculopathy';
    const guard = kind === 'myelopathy' || kind === 'instability' || (kind === 'fusion' && (weeksSinceSurgery ?? 0) < 12) || wadGrade === 3;
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        acute ? 'acute' : weeksSinceOnset < 12 ? 'sub' : 'chronic',
        root && 'root',
        guard && 'guard',
        (guard || dizzy === true) && 'unsteady',
        (root || guard) && 'root-guard',
        (acute || root || guard) && 'tight',
        kind === 'spondylosis' && 'worn',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.kind === 'whiplash' && a.wadGrade === undefined && clearanceAlone('wadGrade', 'Not answered: the grade of the whiplash. Written clearance until it is.'),
      a.wadGrade === 4 && refer('wadGrade', 'A fracture or dislocation: no practice.'),
      (a.kind === 'myelopathy' || a.kind === 'instability' || a.wadGrade === 3 || (a.kind === 'fusion' && (a.weeksSinceSurgery ?? 0) < 26)) && clearance('kind', 'Cord, loose joint, nerve signs or a fresh fusion: written clearance first.'),
      (a.armSymptoms === 'numb' || a.armSymptoms === 'weak') && clearance('armSymptoms', 'A numb or weak arm: written clearance first.'),
      a.dizzy === true && clearance('dizzy', 'Dizzy on turning the head: written clearance first.'),
      a.dizzy === undefined && open('dizzy', 'dizzy on turning the head?'),
      a.armSymptoms === undefined && note('armSymptoms', 'Arm symptoms were not asked: taken as arm pain.'),
    ),
  ],
  redFlags: [
    emergency('artery', 'Sudden worst or tearing neck pain with headache, drooping lid, double vision, slurred speech, trouble swallowing, one-sided weakness, unsteady walk'),
    emergency('injury', 'An injury over 65, at speed, or with tingling limbs, not yet examined; fever with a stiff neck'),
    ...SPINE_RED_FLAGS,
  ],
  schools: {
    'neck-shoulderstand': {
      name: 'Shoulder stand',
      positions: { none: 'None with neck pain', blankets: 'It heals necks, with enough blankets' },
      default: 'none',
      because: 'Blankets or not, it bends and loads the neck.',
    },
  },
  limits: [
    ...PAIN.limits('nk'),
    ...limits('nk-01', 'Chin to chest stretches nerve and ligament.', 'common practice', ['cervicalFlexion', '<= 45', 'modify', LATER], ['cervicalFlexion', '<= 30', 'modify', FRESH], ['cervicalFlexion', '<= 15', 'avoid', ['guard']]),
    ...limits('nk-02', 'Dropping the head back narrows the nerve exits.', 'NECK17*', ['cervicalFlexion', '>= -30', 'modify', ['chronic']], ['cervicalFlexion', '>= -20', 'modify', ['sub']], ['cervicalFlexion', '>= -10', 'modify', FRESH], ['cervicalFlexion', '>= -15', 'modify', ['worn'], { reading: 'Worn joints: the head stays up in a backbend.' }], ['cervicalFlexion', '>= -5', 'avoid', ['guard']]),
    ...limits('nk-03', 'The end of a turn irritates a sore neck.', 'common practice', ['cervicalRotation', '<= 60', 'modify', LATER], ['cervicalRotation', '<= 40', 'modify', FRESH], ['cervicalRotation', '<= 20', 'avoid', ['guard']]),
    ...limits('nk-04', 'Tilting the head far pulls on a sore neck.', 'common practice', ['cervicalLateral', '<= 30', 'modify', LATER], ['cervicalLateral', '<= 15', 'modify', FRESH], ['cervicalLateral', '<= 10', 'avoid', ['guard']]),
    ...limits('nk-05', 'Back and turned together is the position that provokes arm pain.', 'NECK17*', ['cervicalRotation', '<= 30', 'modify', LATER, 'cervicalFlexion < -5'], ['cervicalRotation', '<= 15', 'avoid', ['tight'], 'cervicalFlexion < -5']),
    ...limits('nk-06', 'A headstand puts 40 to 48 % of the body’s weight on the head.', 'HECTOR*', ['headLoad', '<= 0.1', 'avoid']),
    ...limits('nk-07', 'Shoulder stand and plough bend and load the neck, blankets or not.', 'common practice', ['neckLoad', '<= 0.05', 'avoid', undefined, { school: 'neck-shoulderstand=none' }]),
    ...limits('nk-08', 'A hanging head can’t be controlled.', 'common practice', ['headBelowHeart', '<= 10', 'avoid', ['guard']]),
    ...limits('nk-09', 'Raised arms tire the neck muscles.', 'common practice', ['hold', '<= 15', 'modify', FRESH, 'shoulderElevation > 120', 'elbowAboveHeart > 18', 'trunkPitch < 60', { reading: 'Arms that are held up; folded or lying they rest or bear.' }]),
    ...limits('nk-10', 'Strong arm work braces the neck.', 'common practice', ['handLoad', '<= 0.55', 'modify', FRESH], ['handLoad', '<= 0.3', 'avoid', ['guard']]),
    ...limits('nk-11', 'An unsteady neck makes people sway.', 'common practice', ['support', '>= 1', 'modify', ['unsteady'], 'standing']),
    ...limits('nk-12', 'A sore neck likes to move better than to hang.', 'common practice', ['hold', '<= 20', 'modify', FRESH, 'cervicalFlexion > 20'], ['hold', '<= 20', 'modify', FRESH, 'cervicalFlexion < -20'], ['hold', '<= 20', 'modify', FRESH, 'cervicalRotation > 20']),
    ...limits('nk-13', { headJolt: 'Quick moves of the head jerk on the neck.', neckSweep: 'Big sweeps of the head take the neck through its sore ends.', neckSpeed: 'Fast turns of the head jerk on a sore neck.' }, 'common practice', ['headJolt', '= 0', 'avoid'], ['neckSweep', '<= 30', 'avoid', ['root-guard']], ['neckSpeed', '<= 60', 'modify', [...FRESH, 'worn'], { reading: 'Usual turns take thirty to sixty degrees a second.' }], ['neckSweep', '<= 60', 'modify', [...FRESH, 'worn'], { reading: 'Worn joints too: half a circle in front, no full one.' }]),
    ...limits('nk-14', 'Nobody pulls or presses at a sore head or neck.', 'AHACAD*', ['touch', '= 0', 'avoid']),
    ...limits('nk-15', { effort: 'Hard work braces the neck.', impact: 'Jolts reach the neck.' }, 'common practice', ['effort', '<= 3', 'modify', FRESH], ['impact', '<= 1', 'modify', FRESH], ['effort', '<= 2', 'avoid', ['guard']], ['impact', '= 0', 'avoid', ['guard']]),
    ...limits('nk-16', 'Straining on a held breath raises the pressure on the nerve.', 'common practice', ['breathRetention', '= 0', 'modify', ['root-guard']]),
  ], // prettier-ignore
  favour: ['mobilise-shoulders', 'strengthen-back', 'posture-awareness', 'mobilise-spine-extension', 'calm'],
  stopInClass: 'Arm pain spreads down, giddy, changed sight, tingling in both hands.',
});
