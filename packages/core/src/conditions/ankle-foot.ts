import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, found, note, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const ankleFoot = condition({
  id: 'ankle-foot',
  name: 'Ankle or foot trouble',
  words: ['fractured ankle', 'broken ankle', 'shin splints', 'flat feet', 'ankle', 'foot', 'plantar fasciitis', 'heel pain', 'sprained ankle', 'Achilles', 'big toe', 'hallux', 'bunion', 'broken foot'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['plantar-fasciitis', 'sprain', 'achilles-mid', 'achilles-insertion', 'big-toe', 'fracture', 'unknown'], ask: 'Which kind?', default: 'unknown' },
    grade: { kind: 'number', unit: 'grade 1-3', from: 1, to: 3, ask: 'Sprain: which grade?', default: 3, onlyIf: { kind: ['sprain', 'unknown'] } },
    weeksSince: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since it began', default: 0 },
    canHop: { kind: 'yesno', ask: 'Hops without pain?', default: false },
  },
  stages: {
    ...PAIN.stages, irr: 'Irritable', sub: 'To 12 weeks, no hopping yet', calm: 'Calm', 'sprain-irr': 'Sprain, irritable', 'sprain-later': 'Sprain, later', 'sprain-early': 'Sprain, irritable or to 12 weeks', 'sprain-calm': 'Sprain, calm', 'sprain-sub': 'Sprain, to 12 weeks',
    sore: 'Irritable or to 12 weeks', 'sole-irr': 'Sole or big toe, irritable', 'sole-calm': 'Sole or big toe, calm', 'heel-irr': 'Achilles at the heel, irritable', 'heel-calm': 'Achilles at the heel, calm', heels: 'Achilles, or sprain to 12 weeks', 'fasciitis-irr': 'Sole, irritable',
  }, // prettier-ignore
  gathering: ['sprain-irr', 'sprain-early', 'sprain-calm', 'sprain-sub', 'sore', 'sole-irr', 'sole-calm', 'heel-irr', 'heel-calm', 'heels', 'fasciitis-irr'],
  stagesOf: (a) => {
    const { kind = 'unknown', grade = 3, weeksSince = 0, canHop = false } = a;
    const irr = painOf(a) >= 4 || weeksSince < (kind === 'sprain' || kind === 'unknown' ? (grade >= 3 ? 6 : 2) : 2);
    const sub = !irr && weeksSince < 12 && !canHop;
    const sprain = kind === 'sprain' || kind === 'unknown';
    const sole = kind === 'plantar-fasciitis' || kind === 'unknown';
    const toe = sole || kind === 'big-toe';
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        irr ? 'irr' : sub ? 'sub' : 'calm',
        sprain && (irr ? 'sprain-irr' : 'sprain-later'),
        sprain && (irr || sub ? 'sprain-early' : 'sprain-calm'),
        sprain && sub && 'sprain-sub',
        (irr || sub) && 'sore',
        toe && (irr ? 'sole-irr' : 'sole-calm'),
        kind === 'achilles-insertion' && (irr ? 'heel-irr' : 'heel-calm'),
        (kind === 'achilles-mid' || kind === 'achilles-insertion' || (sprain && sub)) && 'heels',
        sole && irr && 'fasciitis-irr',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.kind === 'fracture' && (a.weeksSince ?? 0) < 12 && clearance('weeksSince', 'A break in the last 12 weeks: written clearance first.'),
      a.kind === 'sprain' && (a.grade ?? 3) >= 3 && (a.weeksSince ?? 0) < 6 && clearance('grade', 'A grade 3 sprain in the last 6 weeks: written clearance first.'),
      a.kind === undefined && note('kind', 'The kind is not known: limits of a sprain and of the sole are used.'),
    ),
  ],
  redFlags: [
    today('steps', 'Can’t take four steps, bone tender behind an ankle bone or at the outer midfoot, a snap at the heel, can’t rise on the toes'),
    today('hot', 'A hot red foot with diabetes, calf swelling'),
  ],
  schools: {
    'foot-sole': {
      name: 'A sore sole',
      positions: { load: 'Load the calf slowly, stretch gently', stretch: 'Stretch the sole hard' },
      default: 'load',
      because: 'Slow loading heals it faster than stretching alone.',
    },
  },
  limits: [
    ...PAIN.limits('af'),
    ...limits('af-01', 'Turning the foot in stretches the torn outer band.', 'ANK21*', ['ankleInversion', '<= 10', 'avoid', ['sprain-irr'], 'effort >= 2'], ['ankleInversion', '<= 15', 'avoid', ['sprain-irr'], 'effort < 2', { reading: 'A foot that lies rolls in by some 12 degrees.' }], ['ankleInversion', '<= 25', 'modify', ['sprain-later']]),
    ...limits('af-02', 'Kneeling on the top of the foot pulls on its sore front.', 'common practice', ['anklePlantarflexion', '<= 30', 'modify', ['sprain-early'], 'kneeLoad > 0.05'], ['anklePlantarflexion', '<= 45', 'modify', ['sprain-calm'], 'kneeLoad > 0.05']),
    ...limits('af-03', 'Balance returns last after a sore ankle; it is trained at the wall.', 'ANK21*', ['support', '>= 1', 'modify', ['sore'], 'feetDown = 1'], ['support', '>= 1', 'watch', ['calm'], 'feetDown = 1']),
    ...limits('af-04', 'Tucked toes pull the sole.', 'HEEL14*', ['toeExtensionLoaded', '<= 30', 'avoid', ['sole-irr']], ['toeExtensionLoaded', '<= 60', 'watch', ['sole-calm']]),
    ...limits('af-05', 'A deep drop of the heel presses the tendon on the bone.', 'ACH18*', ['ankleDorsiflexion', '<= 0', 'modify', ['heel-irr'], 'footLoad > 0.2', 'hold > 15', { reading: 'In the dog each foot bears 0.28.' }], ['ankleDorsiflexion', '<= 10', 'modify', ['heel-calm'], 'footLoad > 0.2', 'hold > 15', { reading: 'In the dog each foot bears 0.28.' }]),
    ...limits('af-06', 'Bringing the knee over the toes comes back a little at a time.', 'common practice', ['ankleDorsiflexion', '<= 10', 'modify', ['sprain-irr'], 'footLoad > 0.3'], ['ankleDorsiflexion', '<= 20', 'modify', ['sprain-sub'], 'footLoad > 0.3']),
    ...limits('af-07', 'A sore foot doesn’t carry all the weight alone.', 'common practice', ['footLoad', '<= 0.6', 'modify', ['irr'], { reading: 'Half of the weight, with room for a stance that isn’t quite even.' }]),
    ...limits('af-08', 'Raised heels spare the ankle in a squat.', 'common practice', ['kneeFlexionLoaded', '<= 90', 'watch', ['heels'], 'footLoad > 0.1']),
    ...limits('af-09', 'Long standing inflames the sole.', 'common practice', ['hold', '<= 30', 'modify', ['fasciitis-irr'], 'feetDown = 1'], ['standingRun', '<= 5', 'modify', ['fasciitis-irr']]),
    ...limits('af-10', 'Hopping comes back last.', 'ANK21*', ['impact', '= 0', 'avoid', ['irr']], ['impact', '<= 1', 'modify', ['sub']], ['impact', '<= 2', 'watch', ['calm']]),
    ...limits('af-11', 'Work for the calf comes back in steps.', 'ACH18*', ['effort', '<= 3', 'modify', ['irr']]),
  ], // prettier-ignore
  favour: ['strengthen-feet', 'stretch-calves', 'balance', 'mobilise-ankles'],
  stopInClass: 'A snap, sudden giving way, swelling, a cold or numb foot.',
});
