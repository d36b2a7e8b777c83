import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearanceAlone, found, GENERAL_RED_FLAGS, note } from './screening.js';

const NEW = ['b0', 'b1'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const beginners = condition({
  id: 'beginners',
  name: 'Beginner',
  words: ['new to yoga', 'beginner', 'first class', 'never done yoga'],
  parameters: {
    classes: { kind: 'number', unit: 'class', from: 0, to: 500, ask: 'How many classes so far?', default: 0 },
    screen: { kind: 'choice', options: ['allNo', 'anyYes', 'notDone'], ask: 'General health questions: all no, any yes, or not asked', default: 'notDone' },
    activeBefore: { kind: 'yesno', ask: 'Moderately active on three days a week for three months?', default: false },
    invertedCleared: { kind: 'yesno', ask: 'Has a teacher signed that inversions were learnt?', default: false },
  },
  stages: { b0: '0 to 5 classes', b1: '6 to 20 classes', b2: '21 to 40 classes', upside: 'Inversions not yet signed off', unasked: 'Health questions not asked' },
  stagesOf: ({ classes = 0, screen = 'notDone', invertedCleared = false }) =>
    pick(
      classes <= 5 ? 'b0' : classes <= 20 ? 'b1' : classes <= 40 && 'b2',
      !invertedCleared && 'upside',
      screen === 'notDone' && 'unasked',
    ),
  screen: ({ screen, classes }) =>
    found(
      classes === undefined && note('classes', 'The number of classes is not known: taken as none.'),
      screen === undefined && note('screen', 'Health questions not asked: nothing beyond light effort.'),
      screen === 'anyYes' && clearanceAlone('screen', 'A yes to a health question: with known heart, kidney or metabolic disease written clearance first.'),
    ),
  redFlags: GENERAL_RED_FLAGS,
  schools: {
    'beginners-inversions': {
      name: 'Headstand early',
      positions: { late: 'After months of preparation', early: 'Within weeks' },
      default: 'late',
      because: 'Headstand is among the poses most often reported in injuries.',
    },
  },
  limits: [
    ...limits('beg-01', 'Headstand is among the most reported in injuries.', 'CRAMER*', ['headLoad', '<= 0.1', 'avoid', ['upside']], ['handLoad', '<= 0.9', 'avoid', ['upside'], 'pelvisAboveHeart > 20'], ['forearmLoad', '<= 0.9', 'avoid', ['upside'], 'pelvisAboveHeart > 20']),
    ...limits('beg-02', 'An untrained neck isn’t ready for the weight of a shoulder stand.', 'CRAMER*', ['neckLoad', '<= 0.05', 'avoid', NEW], ['neckLoad', '<= 0.15', 'modify', ['b2']]),
    ...limits('beg-03', 'What can be fallen out of is learnt near the floor first.', 'common practice', ['fallHeight', '= 0', 'avoid', NEW]),
    ...limits('beg-04', 'A new body bends from the waist before the hips have learnt to move.', 'common practice', ['lumbarFlexion', '-25..45', 'modify', NEW, { reading: 'The straight-legged fold of an ordinary back measures 41.' }]),
    ...limits('beg-05', 'Hips that are still stiff hand the twist of lotus to the knee.', 'CRAMER*', ['hipExternalRotation', '<= 60', 'avoid', NEW, 'kneeFlexion > 110']),
    ...limits('beg-06', 'A deep fold of the knees is new; a cushion under the seat eases it.', 'common practice', ['kneeFlexionLoaded', '<= 122', 'modify', ['b0'], { reading: 'Folded heels with a blanket between measure 122.' }]),
    ...limits('beg-07', 'Wrists and shoulders aren’t used to carrying the body yet.', 'common practice', ['handLoad', '<= 0.5', 'modify', ['b0']], ['hold', '<= 30', 'modify', ['b0'], 'handLoad > 0.3', { reading: 'Five ordinary breaths take 25 seconds.' }]),
    ...limits('beg-08', 'A leg stretch this long is for warm, practised muscles.', 'common practice', ['legAsymmetry', '<= 110', 'modify', NEW]),
    ...limits('beg-09', 'Held this long, the form fails first.', 'common practice', ['hold', '<= 30', 'modify', ['b0'], 'effort >= 3'], ['hold', '<= 60', 'modify', ['b1'], 'effort >= 3']),
    ...limits('beg-10', 'Balance is new; the wall is within reach.', 'common practice', ['support', '>= 1', 'watch', ['b0'], 'feetDown = 1']),
    ...limits('beg-11', { effort: 'Beginners work without strain; strength comes with the weeks.' }, 'RIEBE*', ['effort', '<= 3', 'modify', ['b0']], ['effort', '<= 4', 'modify', ['b1']], ['effort', '<= 3', 'modify', ['unasked'], { reading: 'Light and moderate work needs no answers first (ACSM screening, from memory).' }]),
    ...limits('beg-12', 'Breathing freely is learnt before holding the breath.', 'CRAMER*', ['breathRetention', '= 0', 'avoid', NEW], ['breathRetention', '<= 5', 'watch', ['b2']]),
    ...limits('beg-13', 'Fast breath makes beginners giddy.', 'CRAMER*', ['breathRate', '<= 20', 'avoid', NEW]),
    ...limits('beg-14', 'Beginners step; jumping is learnt later.', 'common practice', ['impact', '= 0', 'modify', ['b0']]),
    ...limits('beg-15', 'The body isn’t used to work in the heat yet.', 'common practice', ['heat', '<= 30', 'avoid', NEW]),
    ...limits('beg-16', 'Attention and form fade in a long class.', 'common practice', ['sessionMinutes', '<= 60', 'watch', ['b0']]),
  ], // prettier-ignore
  favour: ['posture-awareness', 'breath-awareness', 'warm-up'],
  stopInClass: 'Pain, giddiness, breath that can’t be talked through.',
});
