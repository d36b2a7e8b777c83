import { condition } from './condition.js';
import { CAT_COW, FIVE_BREATHS, limits, noInversion, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

interface ThyroidAnswers {
  readonly kind?: string;
  readonly controlled?: string;
  readonly eyes?: string;
}
/** An untreated gland of unknown kind counts as one that works too much. */
const isOver = ({ kind = 'unknown', controlled }: ThyroidAnswers) => controlled !== 'yes' && (kind === 'hyper' || kind === 'thyroiditis' || kind === 'unknown');
const eyesOf = (answers: ThyroidAnswers) => answers.eyes ?? (answers.kind === 'hyper' && answers.controlled !== 'yes' ? 'active' : 'none');

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const thyroid = condition({
  id: 'thyroid',
  name: 'Thyroid disease',
  words: ['thyroid', 'thyroid disease', 'tyroid', 'thiroid', 'underactive thyroid', 'hypothyroid', 'hypothyroidism', 'Hashimoto’s', 'hashimoto', 'overactive thyroid', 'hyperthyroid', 'hyperthyroidism', 'Graves’', 'graves disease', 'thyroiditis', 'goitre', 'goiter', 'thyroid nodule', 'thyroid eye disease', 'thyroidectomy', 'radioiodine'],
  parameters: {
    kind: { kind: 'choice', options: ['hypo', 'hyper', 'thyroiditis', 'goitre', 'operated', 'unknown'], ask: 'Which kind?', default: 'unknown' },
    controlled: { kind: 'choice', options: ['yes', 'no', 'unknown'], ask: 'In range in the last 12 months, on a steady dose?' },
    restingPulse: { kind: 'number', holdsDays: 0, unit: 'beats/min', from: 30, to: 220, ask: 'Resting pulse' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
    eyes: { kind: 'choice', options: ['none', 'quiet', 'active'], ask: 'Eyes: sore, red, bulging or double?' },
    neckPress: { kind: 'yesno', ask: 'A goitre that presses (swallowing, breath, a face that reddens with the arms up)?' },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since an operation on the gland, if any' },
    tingling: { kind: 'yesno', holdsDays: 0, ask: 'Tingling lips or cramps of the hands?', default: false, onlyIf: { kind: ['operated'] } },
    daysSinceIodine: { kind: 'number', unit: 'days', goesOn: true, from: 0, to: 3650, ask: 'Days since radioiodine, if any' },
    weakThighs: { kind: 'yesno', ask: 'Weak thighs?' },
    agitated: { kind: 'yesno', holdsDays: 0, ask: 'Fever, agitated or confused?', default: false },
    drowsy: { kind: 'yesno', holdsDays: 0, ask: 'Drowsy, cold and slow?', default: false },
  },
  stages: { ok: 'Controlled, eyes quiet', over: 'Works too much, not controlled', under: 'Works too little, not controlled', gland: 'The gland presses', eye: 'Active eye disease', op2: 'First 2 weeks after the operation', op6: 'Weeks 2 to 6 after the operation', iodine: 'First 3 weeks after radioiodine', weak: 'Weak thighs' },
  stagesOf: (answers) => {
    const { kind = 'unknown', controlled, neckPress, weeksSinceSurgery: weeks = Infinity, daysSinceIodine, weakThighs } = answers;
    const eye = eyesOf(answers) === 'active';
    return pick(
      controlled === 'yes' && !eye && 'ok',
      isOver(answers) && 'over',
      controlled !== 'yes' && kind === 'hypo' && 'under',
      neckPress === true && 'gland',
      eye && 'eye',
      weeks < 2 && 'op2',
      weeks >= 2 && weeks < 6 && 'op6',
      daysSinceIodine !== undefined && daysSinceIodine < 21 && 'iodine',
      (weakThighs ?? controlled !== 'yes') && 'weak',
    );
  },
  screen: (answers) => {
    const { kind = 'unknown', controlled, restingPulse, cleared, neckPress, weeksSinceSurgery, tingling, agitated, drowsy, eyes } = answers;
    const over = isOver(answers);
    const pulse = restingPulse ?? 0;
    return found(
      over && pulse > 130 && agitated === true && callNow('agitated', 'A racing pulse with fever, agitation or confusion: call the emergency number.'),
      over && pulse > 110 && refer('restingPulse', 'A resting pulse above 110: no practice, medical contact today.'),
      tingling === true && refer('tingling', 'Tingling or cramps after the operation: medical contact today.'),
      drowsy === true && refer('drowsy', 'Drowsy, cold and slow: medical contact today.'),
      over && restingPulse === undefined && clearanceAlone('restingPulse', 'The resting pulse must be known first.'),
      cleared !== true && over && pulse > 100 && clearance('restingPulse', 'A resting pulse above 100: written clearance first.'),
      cleared !== true && over && pulse <= 100 && restingPulse !== undefined && clearanceAlone('controlled', 'An overactive gland that is not controlled: written clearance first.'),
      cleared !== true && (weeksSinceSurgery ?? Infinity) < 2 && clearance('weeksSinceSurgery', 'In the first 2 weeks after the operation: written clearance first.'),
      cleared !== true && neckPress === true && clearanceAlone('neckPress', 'A gland that presses: written clearance first.'),
      cleared !== true && eyesOf(answers) === 'active' && clearanceAlone('eyes', 'Active eye disease: written clearance first.'),
      eyes === undefined && kind !== 'hypo' && controlled !== 'yes' && open('eyes', 'sore, red, bulging or double?'),
      controlled !== 'yes' && note('controlled', 'A blood test is due.'),
    );
  },
  redFlags: [
    emergency('storm', 'A racing pulse with fever, agitation or confusion; palpitations with a faint'),
    emergency('neck', 'After the operation: a neck that swells, noisy breath; sudden loss of sight'),
    today('eye', 'Eye pain with dull colours; a newly irregular pulse'),
    today('lump', 'A lump that grows fast, new hoarseness, tingling lips or hand cramps'),
  ],
  schools: {
    'thyroid-claims': { name: 'Shoulder stand and fish for the gland', positions: { none: 'No claim; the neck decides', old: 'They balance the gland' }, default: 'none', because: 'There is no evidence for it, and no reason against either.' },
  },
  limits: [
    ...limits('thy-01', 'The heart runs already and muscles tire, or a wound rests.', ['ATA16*', 'ATA14*', 'common practice'], ['effort', '<= 2', 'avoid', ['over']], ['effort', '<= 3', 'watch', ['under']], ['effort', '<= 2', 'avoid', ['op2']]),
    ...limits('thy-02', 'The heart runs already, and muscles tire.', 'ATA16*', ['met', '<= 2.5', 'avoid', ['over']], ['met', '<= 4', 'watch', ['under']]),
    ...limits('thy-03', 'Swollen tissue lies behind the eyes or at the throat; a low head swells it more.', 'EUGOGO*', ['headBelowHeart', '<= 5', 'avoid', ['eye', 'op2']], ['headBelowHeart', '<= 15', 'modify', ['over', 'gland'], CAT_COW]),
    ...noInversion('thy-04', { headLoad: 'Upside down, pressure rises at gland, wound and eyes.', neckLoad: 'Upside down, pressure rises at gland, wound and eyes.' }, 'common practice', 'avoid', ['over', 'eye', 'gland', 'op2', 'op6']),
    ...limits('thy-05', 'Pressing the chin or arching the neck presses the gland or pulls on the scar.', 'TAKAM*', ['cervicalFlexion', '-20..30', 'modify', ['gland']], ['cervicalFlexion', '>= -15', 'modify', ['op2']], ['cervicalFlexion', '>= -30', 'modify', ['op6']]),
    ...limits('thy-06', 'Raised arms narrow the inlet of the chest.', 'common practice', ['hold', '<= 10', 'modify', ['gland'], 'shoulderElevation > 120']),
    ...limits('thy-07', { abdominalLoad: 'Straining pulls on the fresh wound of the neck.', handLoad: 'Weight on the arms pulls on the fresh wound of the neck.' }, 'common practice', ['abdominalLoad', '<= 2', 'modify', ['op2']], ['handLoad', '<= 0.3', 'modify', ['op2']]),
    ...limits('thy-08', 'The thighs are weak; a high seat is easier to rise from.', 'ATA16*', ['kneeFlexionLoaded', '<= 90', 'modify', ['weak'], 'effort >= 3']),
    ...limits('thy-09', 'Weak muscles tire and cramp in long holds.', 'common practice', ['hold', '<= 25', 'modify', ['over', 'under', 'weak'], 'effort >= 3', FIVE_BREATHS]),
    ...limits('thy-10', 'A slow or racing pulse makes people giddy on rising.', 'common practice', ['transitionTime', '>= 8', 'modify', ['over', 'under'], 'levelChange >= 50']),
    ...limits('thy-11', { breathRetention: 'A held breath raises the pressure in eyes and neck.', breathRate: 'Forced breath raises the pressure in eyes and neck.' }, 'common practice', ['breathRetention', '= 0', 'avoid', ['over', 'eye', 'op2']], ['breathRate', '<= 20', 'avoid', ['over', 'eye', 'op2']], ['breathRetention', '= 0', 'modify', ['gland']], ['breathRate', '<= 20', 'modify', ['gland']]),
    ...limits('thy-12', 'The body bears heat badly when the gland works too much, and cold when too little.', ['ATA16*', 'ATA14*'], ['heat', '<= 24', 'modify', ['over']], ['heat', '>= 20', 'watch', ['under']]),
    ...limits('thy-13', 'People tire quickly with this gland.', 'common practice', ['sessionMinutes', '<= 30', 'modify', ['over']], ['sessionMinutes', '<= 60', 'watch', ['under']]),
    ...limits('thy-14', 'After radioiodine the distance that the clinic asked for is kept.', 'common practice', ['touch', '= 0', 'avoid', ['iodine']]),
    ...limits('thy-15', 'Jolts reach a sore or swollen neck.', 'common practice', ['headJolt', '= 0', 'modify', ['over', 'gland', 'op2', 'op6']], ['impact', '<= 1', 'modify', ['over', 'gland', 'op2', 'op6']]),
  ], // prettier-ignore
  favour: ['calm', 'rest', 'strengthen-legs', 'energise', 'warm-up'],
  stopInClass: 'Racing pulse, tremor, heat, sudden weakness, a tight neck, a change of sight.',
});
