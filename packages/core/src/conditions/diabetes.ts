import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

const NERVES = ['feet', 'auto'] as const;

interface Sugar {
  readonly type?: string | undefined;
  readonly lowersGlucose?: boolean | undefined;
  readonly glucose?: number | undefined;
  readonly ketones?: number | undefined;
}

/** Whether effort stays at rest level today: no reading, or a high one that is allowed. */
function restOnly({ type = '1', lowersGlucose = true, glucose }: Sugar): boolean {
  if (glucose === undefined) return !lowersGlucose && type !== '1';
  return glucose >= 14;
}

/** Reading before class in mmol/L. Riddell 2017, ADA 2016; numbers from memory. */
function glucoseFindings({ type = '1', lowersGlucose = true, glucose, ketones }: Sugar) {
  const insulin = type === '1' || lowersGlucose;
  if (glucose === undefined) return insulin ? [clearanceAlone('glucose', 'No reading in the last half hour: no practice until it is read.')] : [note('glucose', 'No reading: rest-level effort only.')];
  return found(
    glucose < 3 && refer('glucose', 'Below 3.0: treat, no practice today, medical contact.'),
    glucose >= 3 && glucose < 4 && refer('glucose', '3.0 to 3.9: 15 g of fast sugar, read again after 15 minutes, start only from 5.0.'),
    glucose >= 4 && glucose < 5 && insulin && refer('glucose', '4.0 to 4.9: not yet. 15 g of carbohydrate, read again, start from 5.0.'),
    glucose >= 5 && glucose < 7 && type === '1' && note('glucose', 'Type 1: 7.0 to 10 is the better start.'),
    glucose > 20 && refer('glucose', 'Above 20: no practice, medical contact today.'),
    glucose >= 14 && glucose <= 20 && insulin && ketones === undefined && clearanceAlone('ketones', '14 or more: read the ketones first.'),
    glucose >= 14 && insulin && ketones !== undefined && ketones >= 1.5 && refer('ketones', 'Ketones of 1.5 or more: no practice, medical contact today; with vomiting or drowsiness the emergency number.'),
    glucose >= 14 && insulin && ketones !== undefined && ketones >= 0.6 && ketones < 1.5 && refer('ketones', 'Ketones of 0.6 to 1.4: no practice, own sick-day plan.'),
    glucose >= 14 && glucose <= 20 && note('glucose', '14 or more: gentle only, drink water, read again in 30 minutes.'),
  );
}

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const diabetes = condition({
  id: 'diabetes',
  name: 'Diabetes',
  words: ['diabetic', 'diabetic feet', 'diabetes', 'diabetic', 'type 1', 'type 2', 'sugar', 'insulin', 'gestational diabetes', 'hypo', 'neuropathy'],
  parameters: {
    type: { kind: 'choice', options: ['1', '2', 'gestational', 'other'], ask: 'Which type?', default: '1' },
    lowersGlucose: { kind: 'yesno', ask: 'Insulin, sulfonylurea or glinide?', default: true },
    glucose: { kind: 'number', holdsDays: 0, unit: 'mmol/L', from: 1, to: 40, ask: 'Glucose in the last half hour (mg/dL divided by 18)' },
    ketones: { kind: 'number', holdsDays: 0, unit: 'mmol/L', from: 0, to: 10, ask: 'Ketones, if glucose is 14 or more' },
    lowIn24h: { kind: 'choice', holdsDays: 0, options: ['severe', 'mild', 'none'], ask: 'A low in the last 24 hours' },
    years: { kind: 'number', unit: 'year', from: 0, to: 100, ask: 'Years with diabetes' },
    neuropathy: { kind: 'choice', options: ['none', 'feet', 'autonomic', 'both', 'unknown'], ask: 'Damaged nerves from diabetes' },
    retinopathy: { kind: 'choice', options: ['none', 'mild', 'moderate', 'severe', 'proliferative', 'unknown'], ask: 'Eyes, at a check in the last two years', default: 'unknown' },
    weeksSinceEyeTreatment: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since an eye treatment, if any', onlyIf: { retinopathy: ['moderate', 'severe', 'proliferative'] } },
    footWound: { kind: 'yesno', ask: 'A wound or a hot swollen foot?' },
    bellyDevice: { kind: 'yesno', ask: 'Pump or sensor on the belly?', default: false },
    heartDisease: { kind: 'yesno', ask: 'Heart disease?', default: false },
    cleared: { kind: 'yesno', ask: 'Cleared in writing?' },
  },
  stages: { feet: 'Numb feet', auto: 'Nerves of heart and vessels', eye1: 'Eyes, mild or moderate', eye2: 'Eyes, severe, not known or just treated', eye3: 'Eyes, new vessels, not known or just treated', wound: 'A wound on the foot', belly: 'Pump or sensor on the belly', sugar: 'No reading, or a high one', guard: 'Nerves, or mild eyes', strain: 'Eyes severe, or nerves of the heart' },
  gathering: ['guard', 'strain'],
  stagesOf: (a) => {
    const { neuropathy, years, retinopathy = 'unknown', weeksSinceEyeTreatment, footWound, bellyDevice } = a;
    const nerves = neuropathy ?? ((years ?? 0) > 10 ? 'feet' : 'none');
    const feet = nerves === 'feet' || nerves === 'both' || nerves === 'unknown';
    const auto = nerves === 'autonomic' || nerves === 'both';
    const eye2 = retinopathy === 'severe' || retinopathy === 'proliferative' || retinopathy === 'unknown' || (weeksSinceEyeTreatment ?? 99) < 6;
    const eye1 = !eye2 && (retinopathy === 'mild' || retinopathy === 'moderate');
    return pick(
      feet && 'feet',
      auto && 'auto',
      eye1 && 'eye1',
      eye2 && 'eye2',
      eye2 && retinopathy !== 'severe' && 'eye3',
      footWound === true && 'wound',
      bellyDevice === true && 'belly',
      restOnly(a) && 'sugar',
      (feet || auto || eye1) && 'guard',
      (eye2 || auto) && 'strain',
    );
  },
  screen: (a) => [
    ...glucoseFindings(a),
    ...found(
      a.lowIn24h === 'severe' && refer('lowIn24h', 'A severe low in the last day: no practice.'),
      (a.retinopathy === 'severe' || a.retinopathy === 'proliferative' || (a.weeksSinceEyeTreatment ?? 99) < 6) && clearance('retinopathy', 'Severe eye damage or just treated: written clearance first.'),
      a.footWound === true && clearance('footWound', 'A wound on the foot: written clearance first, chair only.'),
      a.footWound === undefined && open('footWound', 'a wound or hot foot? Look at both feet.'),
      (a.neuropathy === 'autonomic' || a.neuropathy === 'both') && clearance('neuropathy', 'Nerves of heart and vessels: written clearance first.'),
      a.heartDisease === true && clearanceAlone('heartDisease', 'Heart disease: written clearance first.'),
      (a.retinopathy === undefined || a.retinopathy === 'unknown') && note('retinopathy', 'No eye check in two years: limits for severe eye damage are used.'),
      note('glucose', 'Sugar within reach; a class over 45 minutes: read again in the middle.'),
    ),
  ],
  redFlags: [
    emergency('low', 'A low that doesn’t rise after two treatments, unconscious: nothing by mouth, on the side'),
    emergency('sight', 'Sudden floaters, a curtain or loss of sight; chest pain or breathless'),
    today('foot', 'A hot red swollen foot, a new ulcer'),
  ],
  schools: {
    'diabetes-start': {
      name: 'From which reading to start',
      positions: { five: 'From 5.0, type 1 prompted to 7.0', seven: 'From 7.0 for type 1' },
      default: 'five',
      because: 'A gentle class lowers glucose little; the prompt keeps the higher target in view.',
    },
  },
  limits: [
    ...limits('dm-01', 'With the head low, the pressure rises in fragile vessels of the eye.', 'ADA16*', ['headBelowHeart', '<= 25', 'watch', ['eye1']], ['headBelowHeart', '<= 3', 'avoid', ['eye2']]),
    ...limits('dm-02', { pelvisAboveHeart: 'With the hips raised, the pressure rises in fragile vessels of the eye.', headLoad: 'Upside down, the pressure rises in fragile vessels of the eye.', neckLoad: 'Upside down, the pressure rises in fragile vessels of the eye.' }, 'ADA16*', ['pelvisAboveHeart', '<= 5', 'avoid', ['eye2']], ['headLoad', '<= 0.1', 'avoid', ['eye2']], ['neckLoad', '<= 0.05', 'avoid', ['eye2']]),
    ...limits('dm-03', 'Numb feet don’t feel the floor.', 'ADA16*', ['balanceMargin', '>= 4', 'modify', NERVES, 'standing', 'support < 1'], ['support', '>= 1', 'modify', NERVES, 'feetDown = 1']),
    ...limits('dm-04', 'The eyes replace the feeling of the feet.', 'common practice', ['eyesClosed', '= 0', 'avoid', NERVES, 'standing']),
    ...limits('dm-05', 'Numb nerves are pressed unnoticed in a tight fold.', ['CHUSID*', 'common practice'], ['hold', '<= 60', 'modify', ['feet'], 'kneeFlexion > 130']),
    ...limits('dm-06', 'No weight goes on a wound of the foot.', 'IWGDF*', ['footLoad', '<= 0.2', 'avoid', ['wound'], { reading: 'No weight is read as the weight of a resting leg.' }]),
    ...limits('dm-07', { transitionTime: 'The pressure drops on rising, and a low sugar gives no warning.', standingRun: 'The pressure drops in standing still.' }, 'ADA16*', ['transitionTime', '>= 10', 'modify', ['auto'], 'levelChange >= 50'], ['standingRun', '<= 2', 'modify', ['auto']]),
    ...limits('dm-08', 'The pulse is no guide to effort here, so the work stays light.', 'ADA16*', ['met', '<= 3', 'modify', ['auto']]),
    ...limits('dm-09', 'Nobody lies on the pump or the sensor.', 'common practice', ['bellyClosure', '<= 0.8', 'watch', ['belly']]),
    ...limits('dm-10', { breathRetention: 'A held breath makes the pressure peak in the vessels of the eye.', breathRate: 'Forced breath makes the pressure peak in the vessels of the eye.' }, 'ADA16*', ['breathRetention', '= 0', 'avoid', ['strain']], ['breathRate', '<= 20', 'avoid', ['strain']], ['breathRetention', '= 0', 'modify', ['eye1']], ['breathRate', '<= 20', 'modify', ['eye1']]),
    ...limits('dm-11', { effort: 'Hard work strains the eyes, the heart’s nerves or an unsteady sugar.', impact: 'Jolts can make fragile vessels of the eye bleed.', headJolt: 'Jerks of the head can make fragile vessels of the eye bleed.' }, 'ADA16*', ['effort', '<= 2', 'avoid', ['sugar', 'eye3']], ['effort', '<= 3', 'avoid', ['eye2'], { reading: 'The standard warns of vigorous work; ordinary standing poses are moderate.' }], ['impact', '= 0', 'avoid', ['eye2']], ['headJolt', '= 0', 'avoid', ['eye2']], ['effort', '<= 3', 'modify', ['guard']], ['impact', '<= 1', 'modify', ['guard']], ['headJolt', '<= 1', 'modify', ['guard']]),
    ...limits('dm-12', 'In the heat insulin acts faster and the sweat nerves fail; numb feet burn on a hot bottle.', 'ADA16*', ['heat', '<= 27', 'modify']),
  ], // prettier-ignore
  favour: ['strengthen-legs', 'balance', 'breath-awareness', 'strengthen-arms'],
  stopInClass: 'Shaky, sweaty, confused, cross: sit, read glucose, 15 g of sugar; changed sight, foot pain.',
});
