import { condition } from './condition.js';
import { ARMS_HELD, limits, pick } from './limits.js';
import { clearance, emergency, found, note, refer, today } from './screening.js';

const BOTH = ['n12', 'n3'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const heartFailure = condition({
  id: 'heart-failure',
  name: 'Heart failure',
  words: ['weak heart', 'cardiomyopathy', 'water in the lungs', 'NYHA', 'CHF', 'cardiac insufficiency'],
  parameters: {
    nyha: { kind: 'number', unit: 'class 1-4', from: 1, to: 4, ask: 'NYHA class, 1 no limits to 4 at rest', default: 3 },
    ef: { kind: 'number', unit: '%', from: 10, to: 80, ask: 'Pumping share of the heart (EF), if known' },
    weight3d: { kind: 'number', holdsDays: 0, unit: 'kg', from: -10, to: 10, ask: 'Change of weight in the last 3 days' },
    orthopnoea: { kind: 'number', unit: 'pillows', from: 0, to: 5, ask: 'Pillows needed to sleep', default: 2 },
    bendBreathless: { kind: 'yesno', ask: 'Breathless within half a minute of bending over?', default: false },
    hospitalWeeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since the last stay in hospital for it' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class, in the last 6 months?' },
  },
  stages: { n12: 'NYHA I or II', n3: 'NYHA III, or not known', n4: 'NYHA IV', flat: 'Needs pillows, or NYHA III', bend: 'Breathless on bending, or NYHA III' },
  gathering: ['flat', 'bend'],
  stagesOf: ({ nyha = 3, weight3d, orthopnoea = 2, bendBreathless, hospitalWeeks }) => {
    const fourth = nyha >= 4 || (hospitalWeeks !== undefined && hospitalWeeks < 6);
    const third = fourth || nyha >= 3 || weight3d === undefined;
    return pick(fourth && 'n4', third ? 'n3' : 'n12', (orthopnoea >= 2 || third) && 'flat', (bendBreathless === true || third) && 'bend');
  },
  screen: ({ nyha, weight3d, hospitalWeeks, cleared }) =>
    found(
      ((nyha ?? 3) >= 4 || (hospitalWeeks !== undefined && hospitalWeeks < 6)) && refer('nyha', 'NYHA IV or in hospital in the last 6 weeks: no class, only led by clinicians.'),
      weight3d !== undefined && weight3d >= 2 && refer('weight3d', '2 kg or more in 3 days: no practice, medical contact today.'),
      weight3d === undefined && note('weight3d', 'The change of weight is not known: limits of NYHA III are used.'),
      cleared !== true && clearance('cleared', 'Written clearance first, renewed after each event or 6 months.'),
      cleared === true && (nyha ?? 3) === 3 && { parameter: 'nyha', text: 'NYHA III: the restricted profile and 30 minutes.', outcome: 'note' },
    ),
  redFlags: [
    emergency('rest', 'Breathless at rest or newly when lying, a faint, pink froth, chest pain'),
    today('fluid', '2 kg more in 3 days, more ankle swelling, a new cough at night'),
  ],
  schools: {
    'heart-failure-legs': {
      name: 'Legs up',
      positions: { none: 'No extra return of blood', up: 'Legs up for a tired heart' },
      default: 'none',
      because: 'Heart teams avoid extra return of blood to a weak pump.',
    },
  },
  limits: [
    ...limits('hfa-01', 'A low head or a raised pelvis lets fluid rush back to a weak heart.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', BOTH], ['pelvisAboveHeart', '<= 0', 'avoid', BOTH]),
    ...limits('hfa-02', 'Raised legs let fluid rush back to a weak heart.', 'common practice', ['feetAboveHeart', '<= 20', 'avoid', ['n12']], ['feetAboveHeart', '<= 0', 'avoid', ['n3']]),
    ...limits('hfa-03', 'Lying flat, fluid gathers in the lungs.', 'HF22*', ['trunkPitch', '<= 60', 'avoid', ['flat'], 'facing supine']),
    ...limits('hfa-04', 'Bent over, the breath runs out.', 'BENDO*', ['bellyClosure', '<= 0.3', 'modify', ['bend']], ['trunkPitch', '<= 90', 'modify', ['bend']]),
    ...limits('hfa-05', 'A steady hard hold loads a weak heart.', 'ACSM*', ['hold', '<= 15', 'modify', BOTH, 'effort >= 3']),
    ...limits('hfa-06', 'Arms held up tire a weak heart.', 'common practice', ['hold', '<= 10', 'modify', undefined, 'shoulderElevation > 90', 'elbowAboveHeart > 8', ARMS_HELD]),
    ...limits('hfa-07', { transitionTime: 'Pills and a weak heart make people giddy on rising.', floorTrips: 'Every rise from the floor costs strength.' }, 'common practice', ['transitionTime', '>= 10', 'modify', undefined, 'levelChange >= 30'], ['floorTrips', '<= 1', 'modify']),
    ...limits('hfa-08', 'A weak heart works at a light to somewhat hard level.', 'HF22*', ['effort', '<= 3', 'modify', ['n12']], ['effort', '<= 2', 'avoid', ['n3']]),
    ...limits('hfa-09', 'The heart has little reserve for more.', 'common practice', ['met', '<= 4', 'modify', ['n12']], ['met', '<= 2.5', 'avoid', ['n3']]),
    ...limits('hfa-10', { breathRetention: 'Straining on a held breath loads a weak heart.', breathRate: 'Forced breath loads a weak heart.', impact: 'Jolts load a weak heart.' }, 'ACSM*', ['breathRetention', '= 0', 'avoid'], ['breathRate', '5..20', 'avoid'], ['impact', '= 0', 'avoid']),
    ...limits('hfa-11', 'Heat lowers the pressure and dries the body out.', 'common practice', ['heat', '<= 25', 'avoid']),
    ...limits('hfa-12', 'Half an hour is enough with so little reserve.', 'HF22*', ['sessionMinutes', '<= 30', 'modify', ['n3']]),
  ], // prettier-ignore
  favour: ['breath-awareness', 'strengthen-legs', 'calm', 'lengthen-exhale'],
  stopInClass: 'Breathless, cough, dizzy, chest pain, ankles or face puffy: sit up; emergency number if it doesn’t ease in 5 minutes.',
});
