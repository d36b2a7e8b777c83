import { condition } from './condition.js';
import { limits, noFoldedLeg, pick } from './limits.js';
import { PAIN } from './pain.js';
import { callNow, clearance, found, note, open, SPINE_RED_FLAGS, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const sciatica = condition({
  id: 'sciatica',
  name: 'Sciatica',
  words: ['sciatica', 'sciatic nerve', 'leg pain', 'piriformis', 'deep gluteal', 'nerve pain in the leg', 'siatica'],
  parameters: {
    ...PAIN.parameters,
    cause: { kind: 'choice', options: ['disc', 'stenosis', 'deep-gluteal', 'unknown'], ask: 'Known cause?', default: 'unknown' },
    weeksSinceOnset: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since it began' },
    slrAngle: { kind: 'number', holdsDays: 14, unit: '°', from: 0, to: 120, ask: 'Lying, leg straight: how high until the leg pain starts?', how: 'Lift the straight leg slowly by the heel, the other flat; stop where pain runs down the leg, not at the pull behind the knee.', default: 45 },
    weakness: { kind: 'choice', options: ['none', 'stable', 'new'], ask: 'Weakness or numbness of the leg' },
    bothLegs: { kind: 'yesno', ask: 'In both legs?', default: false },
  },
  stages: { ...PAIN.stages, acute: 'Less than 6 weeks, or leg rise below 45', sub: '6 to 11 weeks', chronic: '12 weeks and more', later: 'From 6 weeks', middle: 'Acute, cause not known', gluteal: 'Deep buttock', 'gluteal-acute': 'Deep buttock, acute', 'disc-acute': 'From a disc, acute', 'disc-later': 'From a disc, not acute' },
  gathering: ['gluteal-acute'],
  stagesOf: (a) => {
    const { cause = 'unknown', weeksSinceOnset, slrAngle = 45 } = a;
    const acute = weeksSinceOnset === undefined || weeksSinceOnset < 6 || slrAngle < 45;
    const gluteal = cause === 'deep-gluteal';
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        acute ? 'acute' : weeksSinceOnset < 12 ? 'sub' : 'chronic',
        !acute && 'later',
        acute && cause === 'unknown' && 'middle',
        cause === 'disc' && (acute ? 'disc-acute' : 'disc-later'),
        gluteal && 'gluteal',
        gluteal && acute && 'gluteal-acute',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.weakness === 'new' && callNow('weakness', 'New weakness: call the emergency number.'),
      a.weakness === undefined && open('weakness', 'weakness or numbness of the leg?'),
      a.weakness === 'stable' && clearance('weakness', 'Weakness or numbness: written clearance first.'),
      a.bothLegs === true && a.cause !== 'stenosis' && callNow('bothLegs', 'Both legs, without a known narrowing: call the emergency number.'),
      (a.cause === 'disc' || a.cause === 'stenosis') && note('cause', `Add ${a.cause === 'disc' ? 'a lumbar disc' : 'spinal stenosis'}: its limits hold too.`),
      a.slrAngle === undefined && note('slrAngle', 'The leg was not raised as a test: taken as 45 degrees.'),
    ),
  ],
  redFlags: [...SPINE_RED_FLAGS, today('calf', 'Calf swelling or warmth')],
  schools: {
    'sciatica-stretch': {
      name: 'Stretch or glide',
      positions: { glide: 'Glide only', stretch: 'Stretch hamstrings and buttock hard' },
      default: 'glide',
      because: 'A stretched, irritated nerve flares for a day.',
    },
  },
  limits: [
    ...PAIN.limits('sci'),
    ...limits('sci-01', 'Stay short of where the nerve complains.', 'NASSLDH*', ['straightLegAngle', '<= 35', 'avoid', ['acute'], {
      of: ({ slrAngle }) => Math.max(20, Math.min(70, (typeof slrAngle === 'number' ? slrAngle : 45) - 10)),
      reading: '10 degrees short of the test, at least 20 and at most 70.',
    }]),
    ...limits('sci-02', 'A nerve likes to glide, not to be stretched.', 'common practice', ['straightLegAngle', '<= 80', 'modify', ['later']]),
    ...limits('sci-03', 'A nerve likes moving in and out better than staying.', 'common practice', ['hold', '<= 5', 'modify', ['acute'], 'straightLegAngle > 45'], ['hold', '<= 30', 'watch', ['later'], 'straightLegAngle > 45']),
    ...limits('sci-04', 'Rounded back, bent head and straight leg stretch the nerve from both ends.', 'common practice', ['lumbarFlexion', '<= 20', 'modify', undefined, 'straightLegAngle > 45'], ['cervicalFlexion', '<= 20', 'modify', undefined, 'straightLegAngle > 45']),
    ...limits('sci-05', 'Toes pulled up add stretch to the nerve.', 'common practice', ['ankleDorsiflexion', '<= 0', 'modify', ['acute'], 'straightLegAngle > 45']),
    ...limits('sci-06', 'Which direction helps isn’t known yet, so the low back stays in the middle.', 'common practice', ['lumbarFlexion', '-20..25', 'modify', ['middle']]),
    ...limits('sci-12', 'The disc that presses on the nerve takes its own limits along.', 'NASSLDH*', ['lumbarFlexion', '<= 15', 'avoid', ['disc-acute']], ['lumbarFlexion', '<= 30', 'modify', ['disc-later']]),
    ...limits('sci-07', 'Small turns leave the nerve alone.', 'common practice', ['spineRotation', '<= 20', 'modify', ['acute']], ['spineRotation', '<= 40', 'watch', ['sub']]),
    ...limits('sci-08', 'This tightens the buttock muscle on the nerve.', 'common practice', ['hipInternalRotation', '<= 20', 'modify', ['gluteal-acute'], 'hipFlexion > 60'], ['hipAdduction', '<= 10', 'modify', ['gluteal-acute'], 'hipFlexion > 60']),
    ...limits('sci-09', 'A buttock stretch helps in short doses.', 'common practice', ['hold', '<= 60', 'watch', ['gluteal'], 'hipExternalRotation > 40', 'hipFlexion > 80']),
    ...noFoldedLeg('sci-13', ['acute']),
    ...limits('sci-10', 'Sitting presses nerve and disc.', 'common practice', ['unrelievedSitting', '<= 15', 'modify', ['acute']]),
    ...limits('sci-11', { breathRetention: 'Straining on a held breath shoots down the leg.', effort: 'Straining shoots down the leg.', impact: 'Jolts shoot down the leg.' }, 'NACH*', ['breathRetention', '= 0', 'modify', ['acute']], ['effort', '<= 3', 'modify', ['acute']], ['impact', '<= 1', 'modify', ['acute']]),
  ], // prettier-ignore
  favour: ['strengthen-hips', 'strengthen-back', 'rest', 'ease-back'],
  stopInClass: 'Pain that passes the knee downwards, a foot that drags, both legs.',
});
