import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { clearance, emergency, found, note, open, refer, today } from './screening.js';

const THIN = ['treat', 'anticoag'] as const;

interface Clot {
  readonly status?: string | undefined;
  readonly daysOnAnticoagulant?: number | undefined;
  readonly cleared?: boolean | undefined;
}

function stageOf({ status = 'suspected', daysOnAnticoagulant = 0, cleared }: Clot): 'sus' | 'early' | 'treat' | 'late' {
  if (status === 'suspected') return 'sus';
  if (status === 'past') return 'late';
  if (cleared !== true || daysOnAnticoagulant < 14) return 'early';
  return daysOnAnticoagulant < 84 ? 'treat' : 'late';
}

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const deepVeinThrombosis = condition({
  id: 'deep-vein-thrombosis',
  name: 'Blood clot in leg or lung',
  words: ['thrombosis', 'DVT', 'blood clot', 'embolism', 'clot in the lung', 'blood thinner', 'anticoagulant'],
  parameters: {
    status: { kind: 'choice', options: ['suspected', 'confirmed', 'past'], ask: 'Suspected, confirmed or past?', default: 'suspected' },
    daysOnAnticoagulant: { kind: 'number', unit: 'days', goesOn: true, from: 0, to: 3650, ask: 'Days on a blood thinner', default: 0 },
    lungClot: { kind: 'yesno', ask: 'A clot in the lung?' },
    anticoagulated: { kind: 'yesno', ask: 'On a blood thinner now?', default: true },
    leg: { kind: 'choice', options: ['left', 'right', 'both', 'arm'], ask: 'Where?' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing?' },
  },
  stages: { sus: 'Suspected', early: 'Not cleared, or first 14 days', treat: 'Cleared, first 12 weeks', late: 'From 12 weeks, or past', anticoag: 'On a blood thinner', 'late-thin': 'From 12 weeks, or on a blood thinner' },
  gathering: ['late-thin'],
  stagesOf: (a) => {
    const stage = stageOf(a);
    const thin = a.anticoagulated ?? true;
    // Before there is a class a plan is still made, with the strictest rows.
    return pick(stage, stage !== 'late' && 'treat', thin && 'anticoag', (stage === 'late' || thin) && 'late-thin');
  },
  screen: (a) => {
    const stage = stageOf(a);
    return found(
      stage === 'sus' && refer('status', 'A clot is suspected: no practice, medical contact today; with breathlessness, chest pain or fainting the emergency number.'),
      stage === 'early' && refer('status', 'A confirmed clot, not cleared or in the first 14 days: walk as the clinic says, no class.'),
      a.lungClot === true && a.cleared !== true && clearance('lungClot', 'A clot in the lung: written clearance first.'),
      a.lungClot === undefined && stage !== 'sus' && open('lungClot', 'a clot in the lung?'),
      note('status', 'Never massage or press the leg.'),
    );
  },
  redFlags: [
    today('leg', 'One leg swollen (3 cm or more at the calf), warm, sore'),
    emergency('lung', 'Breathless, chest pain, coughing blood, fainting'),
    emergency('bleeding', 'On a blood thinner: a blow to the head, black stool, a big bruise, blood in the urine'),
  ],
  schools: {
    'clot-rest': {
      name: 'Rest or walk',
      positions: { walk: 'Walk early, after the clinic’s word', bed: 'Strict bed rest' },
      default: 'walk',
      because: 'Early walking with a blood thinner is safe.',
    },
  },
  limits: [
    ...limits('dvt-01', 'On a blood thinner a fall bleeds.', 'common practice', ['fallHeight', '<= 5', 'avoid', THIN]),
    ...noInversion('dvt-02', 'On a blood thinner nothing presses head or neck, and no fall is risked.', 'common practice', 'avoid', THIN),
    ...limits('dvt-03', 'On a blood thinner no fall is risked; something to hold is near.', 'common practice', ['support', '>= 1', 'modify', THIN, 'feetDown = 1']),
    ...limits('dvt-04', 'Tight folds dam the vein.', 'KAHN*', ['hold', '<= 20', 'modify', ['treat'], 'kneeFlexion > 120'], ['hold', '<= 60', 'modify', ['late'], 'kneeFlexion > 120']),
    ...limits('dvt-05', 'Long sitting lets the blood stand; moving calves pump it.', 'NG158*', ['unrelievedSitting', '<= 20', 'modify', ['treat']], ['unrelievedSitting', '<= 45', 'watch', ['late']]),
    ...limits('dvt-06', 'Pooled blood hurts a damaged vein.', 'KAHN*', ['standingRun', '<= 2', 'modify', ['treat']], ['standingRun', '<= 5', 'modify', ['late']]),
    ...limits('dvt-07', 'Pressure could loosen a clot.', 'common practice', ['touch', '= 0', 'avoid']),
    ...limits('dvt-08', { effort: 'Work comes back in steps after a clot.', impact: 'Jumps bruise on a blood thinner.' }, ['CHEST*', 'NG158*'], ['effort', '<= 2', 'avoid', ['treat']], ['impact', '= 0', 'avoid', ['treat']], ['effort', '<= 4', 'modify', ['late-thin']], ['impact', '<= 1', 'modify', ['late-thin']]),
    ...limits('dvt-09', { breathRetention: 'Straining on a held breath backs the blood up.', breathRate: 'Pumping breath backs the blood up.' }, 'common practice', ['breathRetention', '= 0', 'avoid', ['treat']], ['breathRate', '<= 20', 'avoid', ['treat']]),
    ...limits('dvt-10', 'Heat swells the leg.', 'common practice', ['heat', '<= 27', 'modify', ['treat', 'late']]),
  ], // prettier-ignore
  favour: ['mobilise-ankles', 'drain-legs', 'calm'],
  stopInClass: 'One leg swells, breathless, chest pain, bleeding.',
});
