import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearance, emergency, found, note, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const varicoseVeins = condition({
  id: 'varicose-veins',
  name: 'Varicose veins',
  words: ['varicose veins', 'spider veins', 'heavy legs', 'leg ulcer', 'venous', 'swollen legs'],
  parameters: {
    severity: { kind: 'choice', options: ['spider', 'varicose', 'swelling', 'skin-change', 'ulcer'], ask: 'How far has it gone?', default: 'swelling' },
    weeksSinceProcedure: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since a treatment, if any' },
    bleedEver: { kind: 'yesno', ask: 'Ever bled?', default: false },
    clot6m: { kind: 'yesno', ask: 'A clot in the last 6 months?', default: false },
  },
  stages: { mild: 'Spider or varicose veins', mod: 'Swelling or changed skin', ulcer: 'Ulcer', proc: 'Treated in the last 2 weeks', worse: 'Swelling or worse', sitting: 'Swelling or ulcer', fresh: 'Ulcer or just treated' },
  gathering: ['worse', 'sitting', 'fresh'],
  stagesOf: ({ severity = 'swelling', weeksSinceProcedure }) => {
    const proc = (weeksSinceProcedure ?? 99) < 2;
    const own = severity === 'ulcer' ? 'ulcer' : severity === 'swelling' || severity === 'skin-change' ? 'mod' : 'mild';
    return pick(own, proc && 'proc', (own !== 'mild' || proc) && 'worse', own !== 'mild' && 'sitting', (own === 'ulcer' || proc) && 'fresh');
  },
  screen: ({ severity, weeksSinceProcedure, clot6m }) =>
    found(
      severity === 'ulcer' && clearance('severity', 'An ulcer: written clearance first.'),
      (weeksSinceProcedure ?? 99) < 2 && clearance('weeksSinceProcedure', 'Treated in the last 2 weeks: written clearance first.'),
      clot6m === true && clearance('clot6m', 'A clot in the last 6 months: written clearance first; add it.'),
      severity === undefined && note('severity', 'How far is not known: taken as swelling.'),
    ),
  redFlags: [
    today('calf', 'One calf swollen, warm, sore; a hard hot red cord near groin or knee'),
    emergency('bleed', 'A bleeding vein that doesn’t stop: press, legs up'),
  ],
  schools: {
    'veins-inversion': {
      name: 'Inversions',
      positions: { relieve: 'They relieve', cure: 'They cure veins' },
      default: 'relieve',
      because: 'Raised legs empty the veins while they are up; nothing repairs the valves.',
    },
  },
  limits: [
    ...limits('vv-01', 'Standing still, the calf doesn’t pump; stepping on the spot does.', 'CG168*', ['standingRun', '<= 5', 'watch', ['mild']], ['standingRun', '<= 2', 'modify', ['worse']]),
    ...limits('vv-02', 'Long sitting with bent hips and knees dams the vein.', 'common practice', ['unrelievedSitting', '<= 45', 'watch', ['mild']], ['unrelievedSitting', '<= 20', 'modify', ['sitting']]),
    ...limits('vv-03', 'Legs folded tight dam the vein.', 'common practice', ['hold', '<= 60', 'watch', ['mild'], 'kneeFlexion > 130'], ['hold', '<= 60', 'modify', ['sitting'], 'kneeFlexion > 130']),
    ...limits('vv-04', 'Still squeezing raises the pressure in the vein.', 'common practice', ['hold', '<= 30', 'modify', ['worse'], 'standing', 'effort >= 3']),
    ...limits('vv-05', 'Warmth widens veins.', 'common practice', ['heat', '<= 27', 'modify', ['worse']]),
    ...limits('vv-06', 'Straining on a held breath backs the blood up in the legs.', 'common practice', ['breathRetention', '<= 5', 'modify', ['worse']]),
    ...limits('vv-07', { effort: 'The wound or the treated vein rests.', impact: 'Jolts disturb the wound or the treated vein.' }, 'common practice', ['effort', '<= 3', 'modify', ['fresh']], ['impact', '<= 1', 'modify', ['fresh']]),
  ], // prettier-ignore
  favour: ['drain-legs', 'mobilise-ankles', 'stretch-calves', 'strengthen-feet'],
  stopInClass: 'Calf pain, bleeding.',
});
