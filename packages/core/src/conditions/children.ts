import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearance, emergency, found, note, refer, today } from './screening.js';

const YOUNG = ['c3', 'c6', 'c9'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const children = condition({
  id: 'children',
  name: 'Children and teenagers',
  words: ['toddler', 'preschooler', 'child', 'kids', 'teenager', 'school class', 'Down syndrome', 'youth'],
  parameters: {
    age: { kind: 'number', unit: 'year', ofBody: 'age', from: 3, to: 17.9, ask: 'How old?' },
    hypermobile: { kind: 'yesno', ask: 'Very bendy joints?', default: true },
    downSyndrome: { kind: 'yesno', ask: 'Down syndrome?', default: false },
    growthSpurt: { kind: 'yesno', ask: 'In a growth spurt?' },
    guardianConsent: { kind: 'yesno', ask: 'Has a guardian agreed?' },
    touchConsent: { kind: 'yesno', ask: 'Have child and guardian agreed to hands-on help?', default: false },
  },
  stages: {
    c3: '3 to 5 years', c6: '6 to 8 years', c9: '9 to 12 years', c13: '13 to 17 years', 'back-growth': 'Growth spurt, or 13 and older',
    spurt: 'Growth spurt or very bendy', bendy: 'Very bendy joints', down: 'Down syndrome', 'no-touch': 'No agreement to touch',
  }, // prettier-ignore
  gathering: ['back-growth', 'spurt'],
  stagesOf: ({ age, hypermobile = true, downSyndrome, growthSpurt, touchConsent }) => {
    const years = age ?? 3;
    const spurt = growthSpurt ?? (years >= 10 && years < 16);
    return pick(
      years < 6 ? 'c3' : years < 9 ? 'c6' : years < 13 ? 'c9' : 'c13',
      (spurt || years >= 13) && 'back-growth',
      (spurt || hypermobile) && 'spurt',
      hypermobile && 'bendy',
      downSyndrome === true && 'down',
      touchConsent !== true && 'no-touch',
    );
  },
  screen: ({ age, guardianConsent, downSyndrome }) =>
    found(
      age === undefined && note('age', 'The age is not known: limits for 3 to 5 years are used.'),
      guardianConsent === false && refer('guardianConsent', 'No class without a guardian’s agreement.'),
      guardianConsent === undefined && clearance('guardianConsent', 'Not answered: has a guardian agreed? No class before.'),
      downSyndrome === true && clearance('downSyndrome', 'Down syndrome: written clearance of the neck first.'),
    ),
  redFlags: [
    emergency('fit', 'A fit, collapse during effort, a blow to head or neck with tingling'),
    today('night-pain', 'Pain that wakes at night, a limp without cause, fever, back pain for over 2 weeks'),
    today('safeguarding', 'Any sign or word of abuse or self-harm: follow the safeguarding rule, note the exact words'),
  ],
  limits: [
    ...limits('chi-01', 'A growing neck carries no body, and children play and shove.', 'common practice', ['headLoad', '<= 0.1', 'avoid']),
    ...limits('chi-02', 'A growing neck carries no body, and children play and shove.', 'common practice', ['neckLoad', '<= 0.05', 'avoid', YOUNG], ['neckLoad', '<= 0.05', 'modify', ['c13']]),
    ...limits('chi-03', { neckLoad: 'The joints at the top of the neck may be loose with Down syndrome.', headBelowHeart: 'The joints at the top of the neck may be loose with Down syndrome; no rolls, no hanging.', cervicalFlexion: 'The joints at the top of the neck may be loose with Down syndrome; the head stays in the middle.' }, 'AAPDOWN*',
      ['neckLoad', '<= 0', 'avoid', ['down']], ['headBelowHeart', '<= 10', 'avoid', ['down']], ['cervicalFlexion', '-20..40', 'avoid', ['down']]),
    ...limits('chi-04', 'Growing muscles and a short attention suit short holds.', 'common practice',
      ['hold', '<= 10', 'modify', ['c3'], 'effort >= 3'], ['hold', '<= 15', 'modify', ['c6'], 'effort >= 3'],
      ['hold', '<= 25', 'modify', ['c9'], 'effort >= 3'], ['hold', '<= 40', 'modify', ['c13'], 'effort >= 3']),
    ...limits('chi-05', 'A child’s attention suits short holds.', 'common practice',
      ['hold', '<= 20', 'modify', ['c3'], 'effort = 2'], ['hold', '<= 30', 'modify', ['c6'], 'effort = 2'],
      ['hold', '<= 45', 'modify', ['c9'], 'effort = 2'], ['hold', '<= 90', 'modify', ['c13'], 'effort = 2']),
    ...limits('chi-06', 'Lying still too long becomes a struggle for a child.', 'common practice',
      ['supineRun', '<= 2', 'modify', ['c3']], ['supineRun', '<= 4', 'modify', ['c6']], ['supineRun', '<= 6', 'modify', ['c9']], ['supineRun', '<= 10', 'modify', ['c13']]),
    ...limits('chi-07', 'A child’s attention lasts for a short class.', 'common practice',
      ['sessionMinutes', '<= 20', 'modify', ['c3']], ['sessionMinutes', '<= 30', 'modify', ['c6']],
      ['sessionMinutes', '<= 45', 'modify', ['c9']], ['sessionMinutes', '<= 60', 'modify', ['c13']]),
    ...limits('chi-08', 'Repeated deep backbends can crack a growing vertebra.', 'MICHELI*',
      ['lumbarFlexion', '>= -35', 'modify', YOUNG], ['lumbarFlexion', '>= -25', 'modify', ['back-growth']]),
    ...limits('chi-09', 'The growth plates of the wrist don’t like long leaning.', 'common practice', ['handLoad', '<= 0.5', 'watch', ['c3', 'c6']]),
    ...limits('chi-10', 'Splits as a contest tear growth plates.', 'common practice', ['legAsymmetry', '<= 110', 'watch', ['spurt']]),
    ...limits('chi-11', 'Sitting between the feet teaches bendy joints to hang.', 'common practice', ['kneeFlexionLoaded', '<= 140', 'watch', ['bendy']]),
    ...limits('chi-12', 'A folded, turned leg twists the knee of a child who forces it.', 'common practice', ['hipExternalRotation', '<= 60', 'modify', undefined, 'kneeFlexion > 110']),
    ...limits('chi-13', 'Falling out of this one needs a mat and someone beside each child.', 'common practice', ['fallHeight', '<= 40', 'avoid']),
    ...limits('chi-14', 'A held breath makes children faint, and isn’t needed.', 'common practice', ['breathRetention', '= 0', 'avoid', YOUNG], ['breathRetention', '<= 5', 'modify', ['c13']]),
    ...limits('chi-15', { breathRate: 'A fast breath stays playful and slow enough not to make giddy.', hold: 'A fast breath stays brief, or it makes giddy.' }, 'common practice', ['breathRate', '<= 28', 'modify'], ['hold', '<= 20', 'modify', undefined, 'breathRate > 20']),
    ...limits('chi-16', 'Trying is praised, not reaching.', 'common practice', ['effort', '<= 4', 'watch']),
    ...limits('chi-17', 'Hops are fine on a mat with a soft landing.', 'common practice', ['impact', '<= 2', 'watch']),
    ...limits('chi-18', 'Children overheat when they push on and drink too little.', 'AAPHEAT*', ['heat', '<= 27', 'avoid']),
    ...limits('chi-19', 'Flinging the head and rolling over the neck can hurt it.', 'common practice', ['headJolt', '<= 1', 'modify']),
    ...limits('chi-20', 'Closed eyes are an offer; “soft eyes” do as well.', 'common practice', ['eyesClosed', '= 0', 'watch']),
    ...limits('chi-21', 'There is no agreement to touch this child.', 'common practice', ['touch', '= 0', 'avoid', ['no-touch']]),
  ], // prettier-ignore
  favour: ['play', 'balance', 'strengthen-core', 'focus', 'calm', 'coordination'],
  stopInClass: 'Pain, tears that don’t settle, pale, wheeze, headache, fear.',
});
