import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, note, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const migraineHeadache = condition({
  id: 'migraine-headache',
  name: 'Migraine or headache',
  words: ['migraine', 'headache', 'tension headache', 'cluster', 'aura', 'head pain', 'migrane'],
  parameters: {
    type: { kind: 'choice', options: ['migraine', 'aura', 'tension', 'neck', 'cluster', 'exertion', 'unknown'], ask: 'Which kind?', default: 'unknown' },
    now: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Headache today', default: 0 },
    auraNow: { kind: 'yesno', holdsDays: 0, ask: 'Is an aura running now?', default: false },
    daysPerMonth: { kind: 'number', unit: 'days', from: 0, to: 31, ask: 'Days with headache a month' },
    newWeeks: { kind: 'yesno', ask: 'New for more than 2 weeks, or a pattern that changed?', default: false },
    triggers: { kind: 'set', options: ['light', 'heat', 'headDown', 'exertion', 'neck', 'smell', 'hunger'], ask: 'What brings it on? (say none if nothing)' },
    csf: { kind: 'choice', options: ['none', 'lowPressure', 'highPressure'], ask: 'A known change of pressure in the skull?', default: 'none' },
  },
  stages: { attack: 'Attack now', between: 'Between attacks', freq: '15 days a month or more', neck: 'From neck or tension', 'csf-high': 'High pressure in the skull', 'csf-low': 'Low pressure in the skull', warm: 'Heat triggers, or an attack' },
  gathering: ['warm'],
  stagesOf: ({ type = 'unknown', now = 0, auraNow, daysPerMonth, triggers, csf = 'none' }) => {
    const attack = now >= 4 || auraNow === true;
    return pick(
      attack ? 'attack' : 'between',
      (daysPerMonth ?? 0) >= 15 && 'freq',
      (type === 'neck' || type === 'tension' || type === 'unknown') && 'neck',
      csf === 'highPressure' && 'csf-high',
      csf === 'lowPressure' && 'csf-low',
      (attack || (triggers?.includes('heat') ?? true)) && 'warm',
    );
  },
  screen: ({ type, daysPerMonth, newWeeks, csf }) =>
    found(
      (type === undefined || type === 'unknown') && note('type', 'The kind is not known: new headaches for over 2 weeks need a doctor first.'),
      newWeeks === true && clearance('newWeeks', 'New, or a pattern that changed: written clearance first.'),
      type === 'exertion' && clearance('type', 'Headache from effort: written clearance first.'),
      csf !== undefined && csf !== 'none' && clearance('csf', 'A change of pressure in the skull: written clearance first.'),
      (daysPerMonth ?? 0) >= 15 && clearanceAlone('daysPerMonth', '15 days a month or more: too much medicine may cause it; a doctor first.'),
    ),
  redFlags: [
    emergency('thunderclap', 'Thunderclap headache, worst ever, with fever, stiff neck or rash, confusion, weakness'),
    emergency('injury', 'After a head injury, loss of sight, new in pregnancy or after birth'),
    today('new', 'First after 50, with cancer or low immunity, worse lying or on coughing'),
  ],
  schools: {
    'headache-folds': {
      name: 'Forward bends between attacks',
      positions: { level: 'Head level, on a prop', folds: 'Supported forward bends soothe' },
      default: 'level',
      because: 'Head level on a prop soothes as well and does not throb.',
    },
  },
  limits: [
    ...limits('mig-01', 'With the head low, the head throbs.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['attack']], ['headBelowHeart', '<= 15', 'modify', ['between']]),
    ...noInversion('mig-02', 'Upside down, the head throbs.', 'common practice', 'avoid'),
    ...limits('mig-03', 'This pain comes from the neck; its ends bring it on.', 'common practice', ['cervicalFlexion', '-20..40', 'modify', ['neck']], ['cervicalRotation', '<= 60', 'modify', ['neck']]),
    ...limits('mig-04', { headBelowHeart: 'With the head low, the pressure in the skull rises further.', trunkPitch: 'Lying flat raises the pressure in the skull.' }, 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['csf-high']], ['trunkPitch', '<= 45', 'avoid', ['csf-high'], 'facing supine']),
    ...limits('mig-05', { trunkPitch: 'With low pressure in the skull, being upright worsens it; all is done lying.', effort: 'With low pressure in the skull, there is only rest.' }, 'common practice', ['trunkPitch', '>= 80', 'avoid', ['csf-low']], ['effort', '<= 1', 'avoid', ['csf-low']]),
    ...limits('mig-06', 'Long strain can set off an attack.', 'common practice', ['hold', '<= 20', 'watch', ['between'], 'effort >= 3']),
    ...limits('mig-07', { breathRetention: 'A held breath makes the head throb.', breathRate: 'Forced breath makes the head throb.' }, 'common practice', ['breathRetention', '= 0', 'avoid'], ['breathRate', '<= 20', 'avoid']),
    ...limits('mig-08', 'In an attack, rest comes first.', 'common practice', ['effort', '<= 1', 'avoid', ['attack']], ['effort', '<= 4', 'modify', ['between'], { reason: 'Sudden hard effort can set off an attack.', reading: 'Between attacks regular exercise lowers their number; only the hardest work is eased.' }]),
    ...limits('mig-09', 'Heat is a common trigger.', 'common practice', ['heat', '<= 24', 'modify', ['warm']]),
    ...limits('mig-10', 'Jolts make the head throb.', 'common practice', ['headJolt', '= 0', 'avoid', ['attack']], ['impact', '= 0', 'avoid', ['attack']], ['headJolt', '= 0', 'modify', ['between']], ['impact', '= 0', 'modify', ['between']]),
  ], // prettier-ignore
  favour: ['stretch-neck', 'mobilise-shoulders', 'calm', 'rest', 'lengthen-exhale'],
  stopInClass: 'Pain up by 2 or more, an aura, neck pain with giddiness.',
});
