import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, found, note, open, SPINE_RED_FLAGS, today } from './screening.js';

const SORE = ['high', 'low'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const sacroiliacPain = condition({
  id: 'sacroiliac-pain',
  name: 'Sacroiliac or pelvic girdle pain',
  words: ['SI joint', 'sacroiliac', 'pelvic girdle pain', 'symphysis', 'SPD', 'buttock pain', 'SIJ'],
  parameters: {
    ...PAIN.parameters,
    aslr: { kind: 'number', unit: 'points', from: 0, to: 10, ask: 'Active straight leg raise, both legs added (0 easy to 10)', default: 4 },
    pregnancyRelated: { kind: 'choice', options: ['no', 'pregnant', 'postpartum'], ask: 'Pregnant or after birth?' },
    inflammatory: { kind: 'yesno', ask: 'Inflammatory disease of the joint?', default: false },
    hypermobile: { kind: 'yesno', ask: 'Very bendy joints?', default: false },
    fracture: { kind: 'yesno', ask: 'Ever a fracture of the pelvis, or a symphysis gap over 10 mm?', default: false },
  },
  stages: { ...PAIN.stages, high: 'Pain of 4 or more, or leg raise 6 or more', low: 'Some pain, or not asked', calm: 'No pain' },
  stagesOf: (a) => {
    const aslr = a.aslr ?? 4;
    const pain = painOf(a);
    return [...PAIN.stagesOf(a), ...pick(pain >= 4 || aslr >= 6 ? 'high' : pain >= 1 || aslr >= 2 ? 'low' : 'calm')];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.fracture === true && clearance('fracture', 'A fracture or a wide symphysis: written clearance first.'),
      a.pregnancyRelated === undefined && open('pregnancyRelated', 'pregnant or after birth? Then add it.'),
      a.pregnancyRelated !== undefined && a.pregnancyRelated !== 'no' && note('pregnancyRelated', 'Add pregnancy or birth: its limits hold too.'),
      a.inflammatory === true && note('inflammatory', 'Add arthritis: its limits hold too.'),
      a.hypermobile === true && note('hypermobile', 'Add hypermobility: its limits hold too.'),
    ),
  ],
  redFlags: [...SPINE_RED_FLAGS, today('weight', 'Can’t bear weight, or fever with one-sided buttock pain')],
  schools: {
    'sacrum-twist': {
      name: 'The pelvis in twists',
      positions: { free: 'It turns with the spine', fixed: 'Squared and fixed' },
      default: 'free',
      because: 'Fixed, the joint becomes the hinge.',
    },
  },
  limits: [
    ...PAIN.limits('sij'),
    ...limits('sij-01', 'One leg forward and one back wrings the pelvis.', 'EUPGP*', ['legAsymmetry', '<= 30', 'avoid', ['high']], ['legAsymmetry', '<= 60', 'modify', ['low']], ['legAsymmetry', '<= 90', 'watch', ['calm']]),
    ...limits('sij-02', 'Wide legs pull the pubic joint apart.', 'EUPGP*', ['hipAbduction', '<= 20', 'avoid', ['high']], ['hipAbduction', '<= 40', 'modify', ['low']]),
    ...limits('sij-03', 'With the pelvis pinned by the seat, the twist wrings the joint; letting it turn along doesn’t.', 'common practice', ['spineRotation', '<= 20', 'modify', SORE, 'facing upright', 'feetDown = 0']),
    ...limits('sij-04', 'Standing on one leg shears the joint.', 'EUPGP*', ['feetDown', '= 2', 'avoid', ['high'], 'standing']),
    ...limits('sij-05', 'A leg behind tips the pelvis.', 'common practice', ['hipExtension', '<= 10', 'modify', ['high']], ['hipExtension', '<= 20', 'modify', ['low']]),
    ...limits('sij-06', 'Deep crossed legs lever the joint.', 'common practice', ['hipExternalRotation', '<= 45', 'modify', ['high'], 'hipFlexion > 80'], ['hipExternalRotation', '<= 60', 'modify', ['low'], 'hipFlexion > 80']),
    ...limits('sij-07', 'Hamstrings pull the sitting bone under a bent back.', 'common practice', ['lumbarFlexion', '<= 35', 'modify', SORE, 'straightLegAngle > 80']),
    ...limits('sij-08', 'Uneven legs wring the joint; short stays are enough.', 'common practice', ['hold', '<= 20', 'modify', ['low'], 'legAsymmetry > 30']),
    ...limits('sij-09', 'Both sides are done equally, unless a clinician says otherwise.', 'common practice', ['leftRightDifference', '<= 0.1', 'watch']),
    ...limits('sij-10', { effort: 'Strong work on one leg shears the pelvis.', impact: 'Jumping shears the joint.' }, 'common practice', ['effort', '<= 3', 'modify', SORE, 'legAsymmetry > 30', { reason: 'Strong work on one leg shears the pelvis.', reading: 'Read for one-sided work: both legs alike load the joint evenly.' }], ['impact', '<= 1', 'modify', SORE]),
    ...limits('sij-11', 'Standing on one leg is quiet with a hand on the wall.', 'common practice', ['support', '>= 1', 'modify', ['low'], 'feetDown = 1']),
  ], // prettier-ignore
  favour: ['deep-core', 'pelvic-floor', 'strengthen-hips', 'rest'],
  stopInClass: 'Sharp one-sided groin or buttock pain, a clunk with pain, the leg gives way.',
});
