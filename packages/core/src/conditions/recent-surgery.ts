import { condition } from './condition.js';
import { LYING_ARMS, LYING_HAND, limits, noInversion, pick } from './limits.js';
import { PAIN } from './pain.js';
import { clearance, clearanceAlone, emergency, found, note, today } from './screening.js';

const PARTS = ['spine-level', 'shoulder', 'arm', 'wrist-hand', 'ribs', 'pelvis', 'hip', 'thigh', 'knee', 'leg', 'ankle-foot', 'skull', 'jaw', 'abdomen'] as const;
type Part = (typeof PARTS)[number];
type Stage = 's0' | 's1' | 's2' | 's3' | 's4';

const ARMS = new Set<Part>(['shoulder', 'arm', 'wrist-hand']);
const LEGS = new Set<Part>(['pelvis', 'hip', 'thigh', 'knee', 'leg', 'ankle-foot']);

interface Surgery {
  readonly part?: Part | undefined;
  readonly weeks?: number | undefined;
  readonly united?: boolean | undefined;
}

function stageOf({ part, weeks = 0, united = false }: Surgery): Stage {
  if (weeks >= 26 || (weeks >= 12 && united)) return 's4';
  const own: Stage = weeks < 2 ? 's0' : weeks < 6 ? 's1' : weeks < 12 ? 's2' : 's3';
  const quick = part !== undefined && (ARMS.has(part) || part === 'ribs');
  return quick && united && weeks >= 6 ? (own === 's2' ? 's3' : 's4') : own;
}

const EARLY = ['s0', 's1'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. Other conditions replace it for their part. */
export const recentSurgery = condition({
  id: 'recent-surgery',
  name: 'Recent operation or broken bone',
  words: ['had an operation', 'stitches', 'just operated', 'broken', 'fracture', 'cast', 'recent surgery', 'operation', 'plaster', 'broken arm', 'broken leg', 'broken rib', 'sling'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['fracture', 'joint-repair', 'implant', 'soft-tissue', 'spine', 'other'], ask: 'What was it?', default: 'fracture' },
    part: { kind: 'choice', options: PARTS, ask: 'Which part?' },
    weeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since it happened', default: 0 },
    weightBearing: { kind: 'choice', options: ['none', 'touch', 'partial', 'as-tolerated', 'full'], ask: 'How much weight may the leg take?', default: 'none', onlyIf: { part: ['pelvis', 'hip', 'thigh', 'knee', 'leg', 'ankle-foot'] } },
    kg: { kind: 'number', unit: 'kg', from: 1, to: 80, ask: 'Partial: how many kilos?', onlyIf: { weightBearing: ['partial'] } },
    bodyKg: { kind: 'number', unit: 'kg', from: 30, to: 300, ask: 'Body weight', default: 70, onlyIf: { weightBearing: ['partial'] } },
    immobiliser: { kind: 'choice', options: ['none', 'cast', 'sling', 'brace'], ask: 'Cast, sling or brace' },
    woundHealed: { kind: 'yesno', ask: 'Is the wound healed?' },
    united: { kind: 'yesno', ask: 'Did a clinician say, from an X-ray, that it has knit?', default: false },
    anticoagulated: { kind: 'yesno', ask: 'On a blood thinner?', default: false },
  },
  stages: {
    ...PAIN.stages, s0: 'First 2 weeks', s1: '2 to 5 weeks', s2: '6 to 11 weeks', s3: '12 to 25 weeks', s4: 'Healed', 'leg-none': 'Leg, no weight', 'leg-touch': 'Leg, touch only', 'leg-partial': 'Leg, partial weight', 'leg-tolerated': 'Leg, as tolerated',
    'arm-fresh': 'Arm, first 6 weeks or not knit', 'arm-later': 'Arm, 6 to 11 weeks', 'spine-early': 'Spine or ribs, first 12 weeks', 'spine-late': 'Spine or ribs, 12 to 25 weeks', 'turn-early': 'Spine, pelvis or ribs, first 12 weeks', 'turn-late': 'Spine, pelvis or ribs, 12 to 25 weeks',
    'leg-early': 'Leg, first 12 weeks', 'leg-late': 'Leg, 12 to 25 weeks', healing: 'Not yet healed', strain: 'First 6 weeks, ribs or skull', mid: '2 to 11 weeks', sling: 'In a sling',
  }, // prettier-ignore
  gathering: ['turn-early', 'turn-late', 'leg-early', 'leg-late', 'mid', 'strain'],
  stagesOf: (a) => {
    const { part, weightBearing = 'none', united = false, immobiliser } = a;
    const stage = stageOf(a);
    // A part that nobody told takes the limits of all.
    const arm = part === undefined || ARMS.has(part);
    const leg = part === undefined || LEGS.has(part);
    const spine = part === undefined || part === 'spine-level' || part === 'ribs';
    const turn = spine || part === 'pelvis';
    const early = stage === 's0' || stage === 's1' || stage === 's2';
    if (stage === 's4') return [...PAIN.stagesOf(a), 's4'];
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        stage,
        'healing',
        leg && (weightBearing === 'none' ? 'leg-none' : weightBearing === 'touch' ? 'leg-touch' : weightBearing === 'partial' ? 'leg-partial' : weightBearing === 'as-tolerated' && 'leg-tolerated'),
        arm && (stage === 's0' || stage === 's1' || !united ? 'arm-fresh' : stage === 's2' && 'arm-later'),
        spine && (early ? 'spine-early' : 'spine-late'),
        turn && (early ? 'turn-early' : 'turn-late'),
        leg && (early ? 'leg-early' : 'leg-late'),
        (stage === 's0' || stage === 's1' || part === 'ribs' || part === 'skull' || part === undefined) && 'strain',
        (stage === 's1' || stage === 's2') && 'mid',
        immobiliser === 'sling' && 'sling',
      ),
    ];
  },
  screen: (a) => {
    const stage = stageOf(a);
    const leg = a.part !== undefined && LEGS.has(a.part);
    return [
      ...PAIN.screen(a),
      ...found(
        a.part === undefined && clearanceAlone('part', 'Not answered: which part. Written clearance until it is.'),
        (stage === 's0' || stage === 's1') && clearance('weeks', 'In the first 6 weeks, or not known when: written clearance first.'),
        leg && stage !== 's4' && (a.weightBearing === undefined || a.weightBearing === 'none' || a.weightBearing === 'partial') && clearance('weightBearing', 'No or partial weight on the leg: written clearance first.'),
        a.part === 'spine-level' && (a.weeks ?? 0) < 26 && clearance('part', 'Spine operated in the last 26 weeks: written clearance first.'),
        (a.part === 'skull' || a.part === 'pelvis') && stage !== 's4' && clearance('part', 'Skull or pelvis: written clearance first.'),
        a.anticoagulated === true && note('anticoagulated', 'On a blood thinner: no falls, no bruises.'),
      ),
    ];
  },
  redFlags: [
    emergency('compartment', 'A limb that is cold, pale, blue, numb, tight, pain out of proportion; new deformity or a loud crack; calf pain or breathless'),
    today('wound', 'Fever, a weeping wound, burning pain with changed colour or sweating of the limb'),
  ],
  schools: {
    'surgery-free-parts': {
      name: 'The parts that are free',
      positions: { move: 'Move them from day one', wait: 'Nothing until the last check' },
      default: 'move',
      because: 'What is not hurt loses strength by resting.',
    },
  },
  limits: [
    ...PAIN.limits('rs'),
    ...limits('rs-01', 'The bone is not yet stiff.', 'common practice',
      ['footLoad', '<= 0.2', 'avoid', ['leg-none'], { reading: 'No weight is read as the weight of a resting leg; standing on the sound leg counts too, since sides are not told apart.' }], ['footLoad', '<= 0.2', 'avoid', ['leg-touch']],
      ['footLoad', '<= 0.2', 'avoid', ['leg-partial'], { of: ({ kg, bodyKg }) => (typeof kg === 'number' ? kg : 10) / (typeof bodyKg === 'number' ? bodyKg : 70), reading: 'The kilos that are allowed, as a share of body weight.' }], ['footLoad', '<= 0.6', 'watch', ['leg-tolerated']]),
    ...limits('rs-02', 'The bone is not yet stiff.', 'common practice', ['handLoad', '<= 0.1', 'avoid', ['arm-fresh'], LYING_HAND], ['forearmLoad', '<= 0.15', 'avoid', ['arm-fresh'], LYING_ARMS], ['handLoad', '<= 0.25', 'modify', ['arm-later']], ['forearmLoad', '<= 0.25', 'modify', ['arm-later']]),
    ...limits('rs-03', 'What is held or fresh isn’t forced to its end.', ['NG38*', 'common practice'], ['jointRangeUsed', '<= 0.8', 'watch', ['healing'], { reading: 'The affected joint is not told apart from the others, which move freely: shown as a caution at its loosest bound.' }]),
    ...limits('rs-04', 'The spine keeps its healing position.', 'common practice', ['spineRangeUsed', '<= 0.2', 'avoid', ['spine-early']], ['spineRangeUsed', '<= 0.5', 'modify', ['spine-late']]),
    ...limits('rs-05', 'Twisting pulls on healing bone; the body rolls in one piece.', 'common practice', ['spineRotation', '<= 5', 'avoid', ['turn-early']], ['spineRotation', '<= 20', 'modify', ['turn-late']]),
    ...limits('rs-06', 'A fall is the worst that can happen to a healing leg.', 'common practice', ['support', '>= 2', 'avoid', ['leg-early'], 'standing'], ['support', '>= 1', 'modify', ['leg-late'], 'standing']),
    ...noInversion('rs-07', 'Healing tissue isn’t turned upside down.', 'common practice', 'avoid', ['healing']),
    ...limits('rs-08', 'Getting down to the floor and up is too much for a fresh wound.', 'common practice', ['floorTrips', '= 0', 'avoid', EARLY], ['floorTrips', '<= 1', 'modify', ['s2']]),
    ...limits('rs-09', 'Straining on a held breath pulls on the stitches.', 'common practice', ['breathRetention', '= 0', 'avoid', ['strain']]),
    ...limits('rs-10', { effort: 'Healing takes time; then load builds bone.', impact: 'Jolts disturb what is knitting.' }, 'NG38*', ['effort', '<= 1', 'avoid', ['s0']], ['impact', '= 0', 'avoid', ['s0']], ['effort', '<= 2', 'modify', ['mid']], ['impact', '= 0', 'modify', ['mid']], ['effort', '<= 3', 'modify', ['s3']], ['impact', '<= 1', 'modify', ['s3']]),
    ...limits('rs-11', 'Effort of the trunk drags on the site.', 'common practice', ['abdominalLoad', '<= 1', 'avoid', EARLY], ['abdominalLoad', '<= 3', 'modify', ['s2']]),
    ...limits('rs-12', 'The arm stays in its sling; the other one moves.', 'common practice', ['shoulderElevation', '<= 30', 'avoid', ['sling']], ['handLoad', '<= 0', 'avoid', ['sling']]),
  ], // prettier-ignore
  favour: ['breath-awareness', 'rest', 'posture-awareness', 'drain-legs'],
  stopInClass: 'Pain at the site, swelling, the wound, giddy.',
});
