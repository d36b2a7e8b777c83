import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const polyneuropathy = condition({
  id: 'polyneuropathy',
  name: 'Polyneuropathy (not from diabetes)',
  words: ['neuropathy', 'polyneuropathy', 'peripheral neuropathy', 'nuropathy', 'neuropathie', 'numb feet', 'numb hands', 'tingling feet', 'pins and needles', 'burning feet', 'nerve damage', 'chemo nerves', 'CIPN', 'Guillain-Barré', 'GBS', 'CIDP', 'Charcot-Marie-Tooth', 'CMT', 'HNPP', 'B12 nerves', 'alcohol nerves'],
  parameters: {
    cause: { kind: 'choice', options: ['chemo', 'alcohol', 'vitamin', 'inherited', 'pressureLiable', 'gbs', 'cidp', 'kidney', 'thyroid', 'idiopathic', 'unknown'], ask: 'What is it from?' },
    course: { kind: 'choice', options: ['steady', 'slow', 'fast'], ask: 'How has it gone on? (fast: worse within 4 weeks)' },
    cleared: { kind: 'yesno', ask: 'Cleared by the rehabilitation team?', onlyIf: { cause: ['gbs', 'cidp'] } },
    feeling: { kind: 'choice', options: ['normal', 'reduced', 'absent'], ask: 'Feeling at the toes, eyes shut', default: 'reduced' },
    weak: { kind: 'set', options: ['ankle', 'knee', 'hand'], ask: 'What is weak?' },
    oneLeg: { kind: 'number', unit: 's', from: 0, to: 60, ask: 'Standing on the better leg, at a wall', default: 3, clock: 'up' },
    falls: { kind: 'number', unit: 'falls', from: 0, to: 50, ask: 'Falls in the last 12 months', default: 1 },
    footDrop: { kind: 'yesno', ask: 'Does a foot hang?' },
    handsNumb: { kind: 'yesno', ask: 'Numb hands?' },
    autonomic: { kind: 'yesno', ask: 'Giddy on standing, or no sweat?' },
    footWound: { kind: 'yesno', holdsDays: 0, ask: 'A wound on the foot? (look)' },
    breathless: { kind: 'yesno', holdsDays: 0, ask: 'Weak breath, swallowing or face?', default: false },
    painNow: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Pain now' },
  },
  stages: { mild: 'Mild', mod: 'Moderate', sev: 'Severe', worn: 'Moderate or severe', hands: 'Numb hands', auto: 'Pressure and sweat are not steered', wound: 'A wound on the foot', press: 'Nerves that press easily', drop: 'A foot hangs' },
  gathering: ['worn'],
  stagesOf: ({ cause = 'unknown', feeling = 'reduced', weak = ['ankle'], oneLeg = 3, falls = 1, footDrop, handsNumb, autonomic, footWound }) => {
    const severe = footDrop === true || weak.includes('knee') || falls >= 2;
    const moderate = feeling === 'absent' || weak.includes('ankle') || oneLeg < 10;
    return pick(
      severe ? 'sev' : moderate ? 'mod' : 'mild',
      (severe || moderate) && 'worn',
      (handsNumb ?? cause === 'chemo') && 'hands',
      (autonomic ?? cause === 'gbs') && 'auto',
      footWound === true && 'wound',
      cause === 'pressureLiable' && 'press',
      footDrop === true && 'drop',
    );
  },
  screen: ({ cause, course, cleared, footWound, footDrop, handsNumb, breathless }) =>
    found(
      breathless === true && callNow('breathless', 'Weak breath, swallowing or face: call the emergency number.'),
      course === 'fast' && refer('course', 'Worse within weeks: no practice, medical contact today.'),
      course === undefined && clearanceAlone('course', 'Whether it grows worse must be known first.'),
      (cause === 'gbs' || cause === 'cidp') && cleared !== true && clearance('cause', 'Inflamed nerves: cleared by the rehabilitation team first.'),
      (cause === undefined || cause === 'unknown') && clearanceAlone('cause', 'Numbness that nobody has looked at: let it be looked at first.'),
      footWound === true && clearanceAlone('footWound', 'A wound on the foot: let it be looked at; a class on the chair.'),
      footWound === undefined && open('footWound', 'a wound on the foot?'),
      footDrop === undefined && open('footDrop', 'does a foot hang?'),
      handsNumb === undefined && open('handsNumb', 'numb hands?'),
      note('feeling', 'No hot bottle, heat pad or ice on numb skin; look at the soles before and after.'),
    ),
  redFlags: [
    emergency('climbing', 'Weakness that climbs up the legs over hours or days, trouble breathing or swallowing, new loss of bladder or bowel'),
    today('ulcer', 'A new ulcer, a red hot foot, a new fall with injury, one limb suddenly weak'),
  ],
  schools: {
    'neuropathy-feet': { name: 'Bare feet', positions: { look: 'Bare on the mat when the skin was looked at', always: 'Always bare', shoes: 'Shoes' }, default: 'look', because: 'The sole feels more when it is bare, and numb skin does not tell of a wound.' },
    'neuropathy-balance': { name: 'Balance', positions: { train: 'Train it, with a hand near', protect: 'Protect' }, default: 'train', because: 'Trials test balance and strength training; leaving balance out would be the wrong reading.' },
  },
  limits: [
    ...limits('pn-01', 'Feet that feel little react late; balance is trained, with a hand near.', 'STRECK*', ['support', '>= 1', 'watch', ['mild'], 'feetDown = 1'], ['support', '>= 1', 'modify', ['mod'], 'feetDown = 1', { reading: 'On both feet the margin rules; the warriors stay.' }], ['support', '>= 1', 'modify', ['sev'], 'standing', { reading: 'One hand on something firm is a hand near.' }]),
    ...limits('pn-02', 'Feet that feel little want a wider stance.', 'STRECK*', ['balanceMargin', '>= 3', 'watch', ['mild'], 'standing'], ['balanceMargin', '>= 4', 'modify', ['mod'], 'standing', 'support < 1'], ['balanceMargin', '>= 6', 'avoid', ['sev'], 'standing', 'support < 1']),
    ...limits('pn-03', 'One leg may give way.', 'common practice', ['feetDown', '= 2', 'avoid', ['sev'], 'standing']),
    ...limits('pn-04', 'The eyes replace the missing feeling.', 'common practice', ['eyesClosed', '= 0', 'modify', ['mild'], 'standing'], ['eyesClosed', '= 0', 'avoid', ['worn'], 'standing']),
    ...limits('pn-05', 'Kneeling long has pressed a nerve at the knee into a foot that hangs.', 'CHUSID*', ['hold', '<= 60', 'modify', ['mild', 'worn'], 'kneeFlexion > 130'], ['hold', '<= 30', 'avoid', ['press'], 'kneeFlexion > 130']),
    ...limits('pn-06', 'Crossed legs press the same nerve.', 'CHUSID*', ['hold', '<= 60', 'modify', ['worn'], 'hipAdduction > 15'], ['hold', '<= 30', 'modify', ['press'], 'hipAdduction > 15']),
    ...limits('pn-07', 'The nerve at the elbow is pressed by bending and leaning.', 'CUBIT*', ['hold', '<= 60', 'watch', ['hands'], 'elbowFlexion > 110'], ['forearmLoad', '<= 0.3', 'modify', ['press']]),
    ...limits('pn-08', 'Numb hands overload: forearm or wedge.', 'common practice', ['handLoad', '<= 0.5', 'modify', ['hands']], ['wristExtensionLoaded', '<= 70', 'modify', ['hands']], ['gripForce', '<= 1', 'modify', ['hands']]),
    ...limits('pn-09', 'No weight on a wound.', 'IWGDF*', ['footLoad', '<= 0.05', 'avoid', ['wound'], { reading: 'A foot that only touches is no weight.' }]),
    ...limits('pn-10', 'A weak ankle rolls, numb toes bruise unnoticed.', 'common practice', ['ankleInversion', '<= 15', 'modify', ['worn'], 'standing', { as: 'ankle-inversion' }], ['toeExtensionLoaded', '<= 30', 'modify', ['worn'], 'effort >= 3', { as: 'toe-extension-loaded', reading: 'Heel raises with both hands held are kept.' }], ['toeExtensionLoaded', '<= 30', 'modify', ['worn'], 'kneeFlexion > 130', { as: 'toes-under' }]),
    ...limits('pn-11', 'What can’t lift isn’t stretched longer.', 'common practice', ['anklePlantarflexion', '<= 40', 'modify', ['drop']]),
    ...limits('pn-12', 'Pressure falls without warning.', 'FREEMAN*', ['transitionTime', '>= 10', 'modify', ['auto'], 'levelChange >= 30'], ['standingRun', '<= 3', 'modify', ['auto']]),
    ...limits('pn-13', { headBelowHeart: 'With nerves that don’t steer the pressure, a low head makes people giddy afterwards.', heat: 'With nerves that don’t steer the sweat, the body can’t cool.' }, ['FREEMAN*', 'common practice'], ['headBelowHeart', '<= 10', 'modify', ['auto']], ['heat', '<= 27', 'modify', ['auto']]),
    ...limits('pn-14', 'Arms and legs may give way.', 'common practice', ['fallHeight', '= 0', 'avoid', ['worn', 'hands']], ['headLoad', '<= 0.1', 'avoid', ['worn', 'hands']]),
    ...limits('pn-15', 'Rising needs feeling in the feet.', 'common practice', ['floorTrips', '<= 3', 'watch', ['mod']], ['floorTrips', '<= 1', 'modify', ['sev']]),
    ...limits('pn-16', { effort: 'Strength helps weak nerves; overwork doesn’t.', impact: 'Jolts hurt feet that feel little.' }, ['STRECK*', 'ASCON*'], ['effort', '<= 4', 'watch', ['mild']], ['effort', '<= 3', 'modify', ['worn']], ['impact', '<= 1', 'watch', ['mild']], ['impact', '= 0', 'modify', ['mod']], ['impact', '= 0', 'avoid', ['sev']]),
  ], // prettier-ignore
  favour: ['balance', 'strengthen-legs', 'strengthen-feet', 'mobilise-ankles', 'mobilise-hands', 'functional-transfer'],
  stopInClass: 'New numbness after a pose that does not go in 2 minutes, a foot that slaps, a cut or blister, giddy.',
});
