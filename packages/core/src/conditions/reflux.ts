import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearance, emergency, found, note } from './screening.js';

const BAD = ['act', 'big', 'op'] as const;
const FULL = ['act', 'big'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const reflux = condition({
  id: 'reflux',
  name: 'Reflux or hiatus hernia',
  words: ['reflux', 'heartburn', 'GERD', 'GORD', 'hiatus hernia', 'hiatal hernia', 'acid', 'after a meal'],
  parameters: {
    hiatus: { kind: 'choice', options: ['none', 'sliding-small', 'sliding-large', 'paraoesophageal', 'unknown'], ask: 'A hiatus hernia?', default: 'unknown' },
    symptomsToday: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Burning today', default: 3 },
    minutesSinceMeal: { kind: 'number', holdsDays: 0, unit: 'min', from: 0, to: 1440, ask: 'Minutes since the last meal', default: 60 },
    weeksSinceFundoplication: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since an operation for it, if any' },
    swallowing: { kind: 'yesno', ask: 'Trouble swallowing?', default: false },
  },
  stages: { act: 'Burning, or within 3 hours of a meal', calm: 'Calm', big: 'Large or rolling hernia', op: 'Operated, first 12 weeks' },
  stagesOf: ({ hiatus, symptomsToday = 3, minutesSinceMeal = 60, weeksSinceFundoplication }) => {
    const big = hiatus === 'sliding-large' || hiatus === 'paraoesophageal';
    const op = (weeksSinceFundoplication ?? 99) < 12;
    const act = symptomsToday >= 3 || minutesSinceMeal < 180;
    return pick(act && 'act', big && 'big', op && 'op', !act && !big && !op && 'calm');
  },
  screen: ({ hiatus, weeksSinceFundoplication, swallowing, minutesSinceMeal }) =>
    found(
      (hiatus === 'sliding-large' || hiatus === 'paraoesophageal') && clearance('hiatus', 'A large or rolling hernia: written clearance first.'),
      (weeksSinceFundoplication ?? 99) < 6 && clearance('weeksSinceFundoplication', 'Operated in the last 6 weeks: written clearance first.'),
      swallowing === true && clearance('swallowing', 'Trouble swallowing: written clearance first.'),
      minutesSinceMeal === undefined && note('minutesSinceMeal', 'The last meal was not asked: taken as an hour ago.'),
    ),
  redFlags: [
    emergency('bleed', 'Vomiting blood, black stool, chest pain on effort or to jaw or arm, retching without vomit and pain'),
    emergency('stuck', 'Food sticks, weight loss'),
  ],
  schools: {
    'reflux-inversions': {
      name: 'Inversions',
      positions: { worsen: 'They worsen reflux', strengthen: 'They strengthen the valve' },
      default: 'worsen',
      because: 'Head down lets acid run up; no study shows a stronger valve.',
    },
  },
  limits: [
    ...limits('rf-01', 'Head down lets acid run up.', 'ACG22*', ['headBelowHeart', '<= 25', 'modify', ['calm']], ['headBelowHeart', '<= 5', 'avoid', BAD]),
    ...limits('rf-02', 'With the hips raised, the stomach slides towards the chest.', 'common practice', ['pelvisAboveHeart', '<= 40', 'modify', ['calm']], ['pelvisAboveHeart', '<= 5', 'avoid', BAD]),
    ...limits('rf-03', 'Lying flat after food brings acid up.', ['ACG22*', 'CG184*'], ['trunkPitch', '<= 60', 'modify', FULL, 'facing supine']),
    ...limits('rf-04', 'On the right side acid runs up, on the left it stays.', 'ACG22*', ['facing', ['upright', 'prone', 'supine', 'left side'], 'modify', FULL, 'hold > 60']),
    ...limits('rf-05', 'Thighs or floor press the stomach.', 'common practice', ['bellyClosure', '<= 0.7', 'modify', ['calm']], ['bellyClosure', '<= 0.4', 'avoid', BAD]),
    ...limits('rf-06', 'A squeezed belly pushes acid up.', 'common practice', ['abdominalLoad', '<= 4', 'watch', ['calm']], ['abdominalLoad', '<= 2', 'modify', BAD]),
    ...limits('rf-07', 'A deep arch stretches the repair and the valve.', 'common practice', ['lumbarFlexion', '>= -30', 'modify', ['big']], ['lumbarFlexion', '>= -15', 'modify', ['op']]),
    ...limits('rf-08', 'Closed twists wring the stomach.', 'common practice', ['spineRotation', '<= 30', 'modify', FULL, 'bellyClosure > 0.4']),
    ...limits('rf-09', { breathRetention: 'A held breath raises the pressure in the belly.', breathRate: 'Pumping breath raises the pressure in the belly.' }, 'common practice', ['breathRetention', '= 0', 'avoid', BAD], ['breathRate', '<= 20', 'avoid', BAD]),
    ...limits('rf-10', { effort: 'Straining pushes acid up.', impact: 'Jumping throws acid up.' }, 'common practice', ['effort', '<= 3', 'modify', BAD], ['impact', '<= 1', 'modify', BAD]),
  ], // prettier-ignore
  favour: ['stretch-side-body', 'breath-awareness', 'calm', 'posture-awareness'],
  stopInClass: 'Burning, sour taste, chest pain.',
});
