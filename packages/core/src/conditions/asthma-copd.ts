import { condition } from './condition.js';
import { ARMS_HELD, FIVE_BREATHS, limits, noInversion, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, refer, today } from './screening.js';

type Level = 'well' | 'mod' | 'sev';

interface Lungs {
  readonly diagnosis?: 'asthma' | 'copd' | 'both' | undefined;
  readonly act?: number | undefined;
  readonly peakPct?: number | undefined;
  readonly mmrc?: number | undefined;
  readonly spo2?: number | undefined;
  readonly oxygen?: boolean | undefined;
}

function levelOf({ diagnosis = 'copd', act, peakPct, mmrc, spo2, oxygen }: Lungs): Level {
  const asthma = diagnosis !== 'copd';
  const copd = diagnosis !== 'asthma';
  const points = asthma ? (act ?? 16) : 25;
  const steps = copd ? (mmrc ?? 3) : (mmrc ?? 0);
  const peak = peakPct ?? (asthma && act === undefined ? 60 : 100);
  if (points <= 15 || steps >= 3 || oxygen === true || (spo2 !== undefined && spo2 <= 91)) return 'sev';
  return points <= 19 || peak < 80 || steps === 2 ? 'mod' : 'well';
}

const SHORT = ['sev', 'mod'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const asthmaCopd = condition({
  id: 'asthma-copd',
  name: 'Asthma or COPD',
  words: ['asthmatic', 'breathing trouble', 'short of breath', 'asthma', 'COPD', 'emphysema', 'lung disease', 'wheeze', 'chronic bronchitis', 'inhaler', 'breathless'],
  parameters: {
    diagnosis: { kind: 'choice', options: ['asthma', 'copd', 'both'], ask: 'Asthma, COPD or both?', default: 'copd' },
    act: { kind: 'number', unit: 'points', from: 5, to: 25, ask: 'Asthma control test', onlyIf: { diagnosis: ['asthma', 'both'] } },
    peakPct: { kind: 'number', holdsDays: 0, unit: '% of best', from: 0, to: 130, ask: 'Peak flow today', onlyIf: { diagnosis: ['asthma', 'both'] } },
    mmrc: { kind: 'number', unit: 'grade 0-4', from: 0, to: 4, ask: 'Breathlessness: 0 only in hard effort to 4 on dressing', onlyIf: { diagnosis: ['copd', 'both'] } },
    spo2: { kind: 'number', holdsDays: 0, unit: '%', from: 70, to: 100, ask: 'Oxygen in the blood at rest, today' },
    oxygen: { kind: 'yesno', ask: 'Oxygen at home?', default: false, onlyIf: { diagnosis: ['copd', 'both'] } },
    weeksSinceFlare: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since the last flare', default: 0 },
    bullae: { kind: 'yesno', ask: 'Bullae, or ever a collapsed lung?' },
    inhalerPresent: { kind: 'yesno', holdsDays: 0, ask: 'Is the reliever inhaler here?', onlyIf: { diagnosis: ['asthma', 'both'] } },
    exerciseTriggered: { kind: 'yesno', ask: 'Does effort bring it on?', default: false, onlyIf: { diagnosis: ['asthma', 'both'] } },
    cleared: { kind: 'yesno', ask: 'Cleared in writing?' },
  },
  stages: { well: 'Well controlled', mod: 'Partly controlled', sev: 'Poorly controlled or severe', bullae: 'Bullae or a collapsed lung before', guarded: 'Partly controlled, severe, or bullae' },
  gathering: ['guarded'],
  stagesOf: (a) => {
    const level = levelOf(a);
    return pick(level, a.bullae === true && 'bullae', (level !== 'well' || a.bullae === true) && 'guarded');
  },
  screen: (a) => {
    const { diagnosis = 'copd', spo2, weeksSinceFlare = 0, inhalerPresent, peakPct, bullae, cleared } = a;
    const level = levelOf(a);
    const flare = diagnosis === 'asthma' ? 1 : 4;
    return found(
      spo2 !== undefined && spo2 < 88 && (spo2 < 85 ? callNow('spo2', 'Oxygen below 85 %: call the emergency number.') : refer('spo2', 'Oxygen below 88 % at rest: no practice, medical contact today.')),
      a.weeksSinceFlare !== undefined && weeksSinceFlare < flare && refer('weeksSinceFlare', `A flare in the last ${flare === 1 ? 'week' : '4 weeks'}: no practice.`),
      a.weeksSinceFlare === undefined && clearanceAlone('weeksSinceFlare', 'Not answered: weeks since the last flare. No practice until it is.'),
      diagnosis !== 'copd' && inhalerPresent === false && refer('inhalerPresent', 'The reliever is not here: no practice today.'),
      diagnosis !== 'copd' && inhalerPresent === undefined && clearanceAlone('inhalerPresent', 'Not answered: is the reliever here? No practice without it.'),
      peakPct !== undefined && peakPct < 50 && refer('peakPct', 'Peak flow below half of the best: no practice, medical contact today.'),
      level === 'sev' && cleared !== true && clearance('mmrc', 'Severe or poorly controlled: written clearance first.'),
      bullae === true && cleared !== true && clearance('bullae', 'Bullae or a collapsed lung: written clearance first.'),
      bullae === undefined && note('bullae', 'Not answered: bullae, or ever a collapsed lung?'),
    );
  },
  redFlags: [
    emergency('attack', 'Can’t speak a sentence, blue lips, silent chest, the reliever doesn’t help in 10 minutes, sudden one-sided chest pain'),
    today('worse', 'More green sputum, new ankle swelling, peak flow below half'),
  ],
  schools: {
    'lungs-retention': {
      name: 'Holding the breath',
      positions: { none: 'No holding', holding: 'Holding heals' },
      default: 'none',
      because: 'A review found a small gain from yoga at most, and no replacement of medicine.',
    },
  },
  limits: [
    ...limits('res-01', 'With the head low, the belly weighs on the diaphragm.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['sev']], ['headBelowHeart', '<= 15', 'modify', ['mod']]),
    ...limits('res-02', 'A pressed belly cramps the breath.', 'common practice', ['bellyClosure', '<= 0.4', 'modify', ['sev']], ['bellyClosure', '<= 0.7', 'modify', ['mod']]),
    ...limits('res-03', 'Lying flat the breath is harder than propped.', 'common practice', ['trunkPitch', '<= 60', 'modify', ['sev'], 'facing supine', 'supineRun > 2']),
    ...noInversion('res-04', 'Upside down, the belly weighs on the diaphragm.', 'common practice', 'avoid', SHORT),
    ...limits('res-05', 'Arms held up tire the muscles that help the breath.', 'ATSERS*', ['hold', '<= 10', 'modify', SHORT, 'shoulderElevation > 90', 'elbowAboveHeart > 8', ARMS_HELD]),
    ...limits('res-06', 'In long holds people stop breathing freely.', 'ATSERS*', ['hold', '<= 25', 'modify', SHORT, 'effort >= 3', FIVE_BREATHS]),
    ...limits('res-07', 'A big backbend over-stretches a full chest; a long breath out comes first.', 'common practice', ['lumbarFlexion', '>= -25', 'watch']),
    ...limits('res-08', 'A raised pelvis puts pressure on thin lung.', 'common practice', ['pelvisAboveHeart', '<= 10', 'avoid', ['bullae']]),
    ...limits('res-09', 'A held breath traps air and can bring an attack.', 'common practice', ['breathRetention', '= 0', 'avoid', ['guarded']], ['breathRetention', '<= 5', 'watch', ['well']]),
    ...limits('res-10', 'Fast mouth breath sets off spasm of the airways.', 'YASTHMA*', ['breathRate', '<= 20', 'avoid', ['guarded']], ['breathRate', '<= 20', 'modify', ['well']]),
    ...limits('res-11', 'Work stays light enough to talk, after a warm-up of 10 minutes.', ['ATSERS*', 'GINA*'], ['effort', '<= 4', 'watch', ['well']], ['effort', '<= 3', 'modify', ['mod']], ['effort', '<= 2', 'avoid', ['sev']]),
    ...limits('res-12', 'Cold or hot air can set off the airways, as incense, dust and sprays can.', 'GINA*', ['heat', '18..26', 'modify']),
    ...limits('res-13', 'Little breath means short classes with rests.', 'common practice', ['sessionMinutes', '<= 30', 'modify', ['sev']]),
  ], // prettier-ignore
  favour: ['lengthen-exhale', 'breath-awareness', 'calm', 'strengthen-legs', 'open-chest'],
  stopInClass: 'Wheeze, tight chest, blue, can’t talk: sit leaning forward, own reliever; not easing in 10 minutes, emergency number.',
});
