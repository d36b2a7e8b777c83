import { condition } from './condition.js';
import { ARMS_HELD, limits, noInversion, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, note, refer, today } from './screening.js';

type Event = 'none' | 'stableAngina' | 'mi' | 'stent' | 'bypass' | 'valve';
type Phase = 'acute' | 'early' | 'recover' | 'stable';

interface Heart {
  readonly event?: Event | undefined;
  readonly weeksSince?: number | undefined;
  readonly angina?: number | undefined;
  readonly ef?: number | undefined;
  readonly rehabDone?: boolean | undefined;
}

function phaseOf({ event = 'bypass', weeksSince = 0, angina = 2, ef, rehabDone = false }: Heart): Phase {
  // A pumping share that nobody measured counts as below 40.
  const weak = ef === undefined || ef < 40 || angina >= 2;
  if (event === 'none' || event === 'stableAngina') return weak ? 'recover' : 'stable';
  const opened = event === 'bypass' || event === 'valve';
  if (weeksSince < (opened ? 6 : 2)) return 'acute';
  if (weeksSince < (opened ? 12 : 6)) return 'early';
  return weeksSince < 26 || !rehabDone || weak ? 'recover' : 'stable';
}

const ANY = ['recover', 'stable'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const coronaryHeartDisease = condition({
  id: 'coronary-heart-disease',
  name: 'Coronary heart disease',
  words: ['valve replacement', 'heart attack', 'angina', 'stent', 'bypass', 'CABG', 'MI', 'heart valve', 'open heart surgery', 'coronary'],
  parameters: {
    event: { kind: 'choice', options: ['none', 'stableAngina', 'mi', 'stent', 'bypass', 'valve'], ask: 'What happened?', default: 'bypass' },
    weeksSince: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1040, ask: 'Weeks since it happened', default: 0, onlyIf: { event: ['mi', 'stent', 'bypass', 'valve'] } },
    sternotomy: { kind: 'yesno', ask: 'Was the breastbone opened?', onlyIf: { event: ['bypass', 'valve'] } },
    angina: { kind: 'number', unit: 'class 0-4', from: 0, to: 4, ask: 'Chest pain class, 0 none to 4 at rest', default: 2 },
    ef: { kind: 'number', unit: '%', from: 10, to: 80, ask: 'Pumping share of the heart (EF), if known' },
    rehabDone: { kind: 'yesno', ask: 'Cardiac rehabilitation finished?', default: false, onlyIf: { event: ['mi', 'stent', 'bypass', 'valve'] } },
    testedMet: { kind: 'number', unit: 'MET', from: 1, to: 20, ask: 'Highest load in the exercise test, if known' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class, in the last 6 months?' },
    betaBlocker: { kind: 'yesno', ask: 'Taking a beta blocker?', default: false },
    nitroAtHand: { kind: 'choice', holdsDays: 0, options: ['yes', 'no', 'notPrescribed'], ask: 'Is the nitrate spray here today?' },
    systolic: { kind: 'number', holdsDays: 7, unit: 'mmHg', from: 60, to: 260, ask: 'Last blood pressure, upper number' },
    diastolic: { kind: 'number', holdsDays: 7, unit: 'mmHg', from: 30, to: 160, ask: 'Last blood pressure, lower number' },
  },
  stages: { acute: 'First weeks: no class', early: 'Only inside rehabilitation', recover: 'Recovering', stable: 'Stable', sternum: 'Breastbone knitting, first 12 weeks', soft: 'Recovering after the breastbone was opened' },
  gathering: ['soft'],
  stagesOf: (a) => {
    const phase = phaseOf(a);
    const opened = a.sternotomy ?? (a.event === undefined || a.event === 'bypass' || a.event === 'valve');
    const knitting = opened && (a.weeksSince ?? 0) < 12 && a.event !== 'none' && a.event !== 'stableAngina';
    // Before there is a class a plan is still made, with the strictest rows.
    const recovering = phase !== 'stable';
    return pick(phase, recovering && 'recover', knitting && 'sternum', opened && (knitting || recovering) && 'soft');
  },
  screen: (a) => {
    const phase = phaseOf(a);
    return found(
      (a.angina ?? 2) >= 3 && refer('angina', 'Chest pain class 3 or 4: no practice, medical contact today.'),
      phase === 'acute' && refer('weeksSince', 'The first weeks: no class.'),
      phase === 'early' && { parameter: 'weeksSince', text: 'Only inside cardiac rehabilitation, with the restricted profile.', outcome: 'note', restricted: true },
      a.cleared !== true && clearance('cleared', 'Written clearance first, renewed after each event or 6 months.'),
      (a.nitroAtHand === undefined || a.nitroAtHand === 'no') && clearanceAlone('nitroAtHand', 'The nitrate spray has to be here, or not prescribed: no practice today without it.'),
      a.ef === undefined && note('ef', 'The pumping share is not known: taken as below 40 %.'),
      ((a.systolic ?? 0) >= 180 || (a.diastolic ?? 0) >= 110) && refer('systolic', '180/110 or more: no practice today, medical contact the same day.'),
    );
  },
  redFlags: [
    emergency('lasting', 'Chest, jaw or arm pressure or breathlessness not gone 5 minutes after stopping; a faint'),
    today('ankles', 'New ankle swelling, racing or irregular pulse with symptoms, resting pulse over 120'),
  ],
  schools: {
    'heart-sternum': {
      name: 'The breastbone after the operation',
      positions: { twelve: 'Nothing across the chest for 12 weeks', tube: 'Move free of pain near the body' },
      default: 'twelve',
      because: 'The fixed rule stays until the surgeon writes otherwise.',
    },
  },
  limits: [
    ...limits('chd-01', 'With the head low, blood returns suddenly and loads the heart.', 'common practice', ['headBelowHeart', '<= 15', 'avoid', ['recover'], { reading: 'Nothing upside down; the head of a cat-cow hangs 14 for a breath.' }], ['headBelowHeart', '<= 15', 'modify', ['stable'], { reading: 'Nothing upside down; the head of a cat-cow hangs 14 for a breath.' }]),
    ...noInversion('chd-02', 'Upside down, blood returns suddenly, and the strain loads the heart.', 'common practice', 'avoid', ANY),
    ...limits('chd-03', 'A raised pelvis sends blood back suddenly and loads the heart.', 'common practice', ['pelvisAboveHeart', '<= 5', 'avoid', ['recover']], ['pelvisAboveHeart', '<= 20', 'modify', ['stable']]),
    ...limits('chd-04', 'The breastbone is knitting; the arms bear no weight.', 'CAHALIN*', ['handLoad', '<= 0.1', 'avoid', ['sternum'], { school: 'heart-sternum=twelve', reading: 'The old rule of 2 to 5 kg (from memory), over the 0.08 that two lying hands weigh.' }]),
    ...limits('chd-05', 'The breastbone is knitting; nothing pulls across the chest.', 'CAHALIN*', ['shoulderElevation', '<= 90', 'avoid', ['sternum'], { school: 'heart-sternum=twelve' }], ['shoulderExtension', '<= 10', 'avoid', ['sternum'], { school: 'heart-sternum=twelve' }]),
    ...limits('chd-06', 'The breastbone is knitting; nothing pulls across the chest.', 'CAHALIN*', ['thoracicFlexion', '>= -10', 'avoid', ['sternum']], ['spineRotation', '<= 20', 'avoid', ['sternum']]),
    ...limits('chd-07', 'The wound on the chest isn’t lain on.', 'common practice', ['bellyClosure', '<= 0.6', 'modify', ['soft']]),
    ...limits('chd-08', 'Long strain leaves the heart short of blood.', 'ACSM*', ['hold', '<= 30', 'modify', ANY, 'effort >= 3'], ['hold', '<= 15', 'modify', ANY, 'shoulderElevation > 120', 'elbowAboveHeart > 18', { reason: 'Arms held up load the heart.', ...ARMS_HELD }]),
    ...limits('chd-09', 'Heart pills make people faint when they rise fast.', 'ACSM*', ['transitionTime', '>= 8', 'modify', undefined, 'levelChange >= 50']),
    ...limits('chd-10', 'Work stays light enough to talk in sentences.', 'AACVPR*', ['effort', '<= 2', 'avoid', ['recover']], ['effort', '<= 3', 'modify', ['stable']]),
    ...limits('chd-11', 'Work stays below what brings the chest pain.', 'ESCSPORT*', ['met', '<= 3', 'avoid', ['recover']],
      ['met', '<= 5', 'modify', ['stable'], { of: ({ testedMet }) => Math.min(5, 0.6 * (typeof testedMet === 'number' ? testedMet : 20)), reading: 'At most 60 % of the tested load.' }]),
    ...limits('chd-12', { breathRetention: 'A held breath makes the pressure spike.', breathRate: 'Forced breath makes the pressure spike.', impact: 'Jumping loads the heart in bursts.' }, 'ACSM*', ['breathRetention', '= 0', 'avoid'], ['breathRate', '5..20', 'avoid'], ['impact', '= 0', 'avoid']),
    ...limits('chd-13', 'Heat makes the heart race and the pressure drop.', 'common practice', ['heat', '<= 25', 'modify']),
    ...limits('chd-14', 'A heart that worked needs a slow end, never a sudden stop.', 'ACSM*', ['coolMinutes', '>= 10', 'avoid']),
  ], // prettier-ignore
  favour: ['calm', 'open-chest', 'breath-awareness', 'lengthen-exhale'],
  stopInClass: 'Chest pressure, breathless, palpitations, cold sweat, grey: sit, own nitrate, after 5 minutes the emergency number.',
});
