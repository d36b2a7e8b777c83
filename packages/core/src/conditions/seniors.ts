import { chairStandBelowAverage } from '../readings/functional-tests.js';
import { CAT_COW, limits, pick } from './limits.js';
import { note, refer } from './screening.js';
import { condition, type ScreeningFinding } from './condition.js';

interface Steadiness {
  readonly falls: number | undefined;
  readonly injuriousFall: boolean | undefined;
  /** Seconds. */
  readonly tug: number | undefined;
  readonly aid: string | undefined;
  readonly floorRise: string | undefined;
}

/** A high risk of falling, by any of its signs. */
function fallsEasily({ falls = 0, injuriousFall = false, tug = 0, aid, floorRise }: Steadiness): boolean {
  const needsHelp = aid === 'frame' || floorRise === 'help' || floorRise === 'no';
  return needsHelp || falls >= 2 || injuriousFall || tug > 15 || (falls >= 1 && tug >= 12);
}

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const seniors = condition({
  id: 'seniors',
  name: 'Seniors (65 and over)',
  words: ['deaf', 'hard of hearing', 'hearing aid', 'hearing loss', 'wobbly', 'unsteady', 'balance problems', 'poor eyesight', 'senior', 'elderly', 'older', 'old age', 'aged', 'fall risk', 'falls'],
  parameters: {
    age: { kind: 'number', unit: 'years', ofBody: 'age', from: 60, to: 110, ask: 'Age' },
    tug: { kind: 'number', holdsDays: 183, unit: 's', from: 3, to: 120, ask: 'Timed up and go', clock: 'up', how: 'Sitting in a chair with arms: on "go" stand up, walk 3 metres at the usual pace, turn, walk back, sit down. Stop the watch when seated. 12 s or more is a risk.' },
    chairStand: { kind: 'number', holdsDays: 183, unit: 'rises', from: 0, to: 40, ask: 'Rises from a chair in 30 seconds (0 if the arms helped)', clock: 30, how: 'Straight chair, no arms, against a wall, 43 cm high. Arms crossed on the chest, feet flat. Count full stands; more than halfway up at the end counts. Stop if unsteady.' },
    tandem: { kind: 'number', holdsDays: 183, unit: 's', from: 0, to: 10, ask: 'Standing heel to toe', clock: 'up', how: 'Stand beside them, ready to catch. First feet side by side 10 s, then instep to toe 10 s, then heel to toe: enter the seconds of the last, at most 10; 0 where an earlier one is not held. Less than 10 is a risk.' },
    oneLeg: { kind: 'number', holdsDays: 183, unit: 's', from: 0, to: 60, ask: 'Standing on one leg', clock: 'up', how: 'Near a wall, eyes open, the better leg, arms free. Stop when the foot touches or a hand reaches out. Less than 5 s is a risk.' },
    gaitSpeed: { kind: 'number', holdsDays: 183, unit: 'm/s', from: 0, to: 3, ask: 'Walking speed', how: 'Time 4 metres at the usual pace, with a metre to start and to stop; 4 divided by the seconds. 0.8 or less is a risk.' },
    falls: { kind: 'number', unit: 'falls', from: 0, to: 50, ask: 'Falls in the last twelve months' },
    injuriousFall: { kind: 'yesno', ask: 'Did any of these falls cause an injury?' },
    recentInjuriousFall: { kind: 'yesno', ask: 'An injury from a fall in the last six months?', default: false },
    fear: { kind: 'yesno', ask: 'Afraid of falling?', default: false },
    aid: { kind: 'choice', options: ['none', 'stick', 'frame'], ask: 'Walking aid', default: 'none' },
    floorRise: { kind: 'choice', options: ['alone', 'chair', 'help', 'no'], ask: 'Getting up from the floor', default: 'chair' },
    bone: { kind: 'choice', options: ['unknown', 'normal', 'osteopenia', 'osteoporosis'], ask: 'Bone density', default: 'unknown' },
    sex: { kind: 'choice', options: ['f', 'm'], ask: 'Sex (for the test norms)' },
    cognition: { kind: 'choice', options: ['ok', 'mild', 'more', 'unknown'], ask: 'Memory' },
    miniCog: { kind: 'number', unit: 'points', from: 0, to: 5, ask: 'Short test of memory, if done (below 3: a check is worth while)' },
    newConfusion: { kind: 'yesno', holdsDays: 0, ask: 'Newly confused?', default: false },
    hearing: { kind: 'choice', options: ['ok', 'aid', 'poor', 'deaf'], ask: 'Hearing', default: 'ok' },
    hearingAidIn: { kind: 'yesno', holdsDays: 0, ask: 'Is the hearing aid in?', default: false, onlyIf: { hearing: ['aid'] } },
    lipReads: { kind: 'yesno', ask: 'Reads lips?', default: true, onlyIf: { hearing: ['poor', 'deaf'] } },
    sight: { kind: 'choice', options: ['ok', 'poor'], ask: 'Sight', default: 'ok' },
  },
  stages: {
    low: 'All tests done and passed', mid: 'Some sign of fall risk, or no test done', high: 'High risk of falling',
    'weak-bone': 'Bone density low, or unknown at an age where it often is', 'bone-not-normal': 'Bone density not known to be normal',
    slow: 'Mild memory loss', quiet: 'Hears little', lips: 'Reads lips', dim: 'Sees little', unsure: 'Memory loss, or hears little after a fall', 'quiet-dim': 'Hears and sees little', slowOrQuiet: 'Mild memory loss, or hears little',
  }, // prettier-ignore
  gathering: ['weak-bone', 'unsure', 'quiet-dim', 'slowOrQuiet'],
  stagesOf: ({ age, tug, chairStand, tandem, oneLeg, gaitSpeed, falls, injuriousFall, fear, aid, floorRise, bone = 'unknown', sex, cognition, hearing = 'ok', hearingAidIn, lipReads = true, sight }) => {
    const fell = falls ?? 0;
    const high = fallsEasily({ falls, injuriousFall, tug, aid, floorRise });
    const tests = [tug, chairStand, tandem, oneLeg].filter((one) => one !== undefined).length;
    const weakLegs = chairStand !== undefined && (age === undefined || chairStandBelowAverage(chairStand, age, sex));
    const mid =
      fell === 1 || (tug ?? 0) >= 12 || weakLegs || (tandem ?? 10) < 10 || (oneLeg ?? 60) < 5 || (gaitSpeed ?? 3) <= 0.8 ||
      fear === true || aid === 'stick' || ((age ?? 110) >= 80 && tests === 0) || tests === 0; // prettier-ignore
    const oldEnough = age === undefined || (sex === 'm' ? age >= 70 : age >= 65);
    const slow = cognition === 'mild' || cognition === 'more';
    const quiet = hearing === 'poor' || hearing === 'deaf' || (hearing === 'aid' && hearingAidIn !== true);
    const dim = sight === 'poor';
    return [
      ...pick(
        slow && 'slow',
        quiet && 'quiet',
        quiet && hearing !== 'aid' && lipReads && 'lips',
        dim && 'dim',
        (slow || (quiet && fell >= 1)) && 'unsure',
        quiet && dim && 'quiet-dim',
        (slow || quiet) && 'slowOrQuiet',
      ),
      high ? 'high' : mid ? 'mid' : 'low',
      ...(bone === 'osteopenia' || bone === 'osteoporosis' || (bone === 'unknown' && oldEnough) ? (['weak-bone'] as const) : []),
      ...(bone !== 'normal' ? (['bone-not-normal'] as const) : []),
    ];
  },
  screen: ({ tug, falls, injuriousFall, recentInjuriousFall, aid, floorRise, tandem, chairStand, oneLeg, cognition, hearing, newConfusion }) => {
    const found: ScreeningFinding[] = [];
    if (newConfusion === true) found.push(refer('newConfusion', 'New confusion: no practice, medical contact today.'));
    if (cognition === 'mild' || cognition === 'more') found.push(note('cognition', 'Answer "Dementia or memory loss" as well: shown, then said, then wait.'));
    if (hearing === 'poor' || hearing === 'deaf' || hearing === 'aid')
      found.push(note('hearing', 'Front row, a lit face, signals agreed for stop and come back.'));
    if (injuriousFall === undefined && (falls === undefined || falls > 0))
      found.push({
        parameter: 'injuriousFall',
        text: 'Not answered: falls with an injury. No standing steps until it is.',
        outcome: 'clearance',
      });
    if (recentInjuriousFall)
      found.push({
        parameter: 'recentInjuriousFall',
        text: 'A fall with an injury in the last six months: written clearance first.',
        outcome: 'clearance',
      });
    if (fallsEasily({ falls, injuriousFall, tug, aid, floorRise }))
      found.push({ parameter: 'falls', text: 'High risk of falling: clearance by a physiotherapist first.', outcome: 'clearance' });
    else if ([tug, chairStand, tandem, oneLeg].every((one) => one === undefined))
      found.push({ parameter: 'tug', text: 'No balance or strength test done: treated as some risk.', outcome: 'note' });
    return found;
  },
  redFlags: [
    { id: 'head-blow', text: 'A fall with a blow on the head on blood thinners, new one-sided weakness, a faint', urgency: 'emergency' },
    { id: 'confusion', text: 'New confusion or new double vision', urgency: 'today' },
    { id: 'two-falls', text: 'Two falls in a month', urgency: 'today' },
    { id: 'back-pain', text: 'Sudden back pain after a bend or a cough', urgency: 'today' },
    { id: 'calf', text: 'Swelling of one calf', urgency: 'today' },
  ],
  schools: {
    'senior-inversions': {
      name: 'Inversions in age',
      positions: { keep: 'Long-practising elders keep them', stop: 'Stop at 60 to 65' },
      default: 'stop',
      because: 'A fall breaks bones; written clearance opens it.',
    },
    'senior-balance': {
      name: 'Balance in age',
      positions: { protect: 'Leave balance out', train: 'Train it, supported and challenging' },
      default: 'train',
      because: 'Fall research favours training (WFG22).',
    },
    'senior-flexion': {
      name: 'Rounding the back in age',
      positions: { never: 'Never', 'normal-bone': 'Fine with normal bone' },
      default: 'normal-bone',
      because: 'Unknown bone is treated as weak.',
    },
  },
  limits: [
    ...limits('sen-01', 'Standing on one leg is trained with the wall or a chair within reach.', 'STEADI*',
      ['support', '>= 1', 'watch', ['low'], 'feetDown = 1', 'standing', { as: 'low' }],
      ['support', '>= 1', 'modify', ['mid'], 'feetDown = 1', 'standing', { as: 'mid' }]),
    ...limits('sen-02', 'With a high risk of falling, one leg is too little to stand on.', 'STEADI*', ['feetDown', '= 2', 'avoid', ['high'], 'standing']),
    // A hand on something firm catches what the feet alone would not: the row asks for the one or the other.
    ...limits('sen-03', 'Older legs correct a sway late; a wider stance and something to hold help.', 'common practice',
      ['balanceMargin', '>= 3', 'modify', ['low'], 'standing', 'support < 1', { as: 'low' }],
      ['balanceMargin', '>= 5', 'modify', ['mid'], 'standing', 'support < 1', { as: 'mid' }],
      ['balanceMargin', '>= 7', 'avoid', ['high'], 'standing', 'support < 2', { as: 'high' }]),
    ...limits('sen-04', 'Whoever falls easily stands with both hands on something firm.', 'common practice', ['support', '>= 2', 'avoid', ['high'], 'standing', 'hold > 5']),
    ...limits('sen-05', 'A fall from a height breaks bones.', 'common practice', ['fallHeight', '<= 0', 'avoid', undefined, { school: 'senior-inversions=stop' }]),
    ...limits('sen-06', { headLoad: 'The bones of an older neck don’t carry the body, and the pressure in the head rises.', neckLoad: 'The bones of an older neck don’t carry the body.' }, 'common practice',
      ['headLoad', '<= 0.1', 'avoid', undefined, { as: 'head', school: 'senior-inversions=stop' }],
      ['neckLoad', '<= 0.05', 'avoid', undefined, { as: 'neck', school: 'senior-inversions=stop' }]),
    ...limits('sen-07', 'Coming up after the head was low makes older people giddy.', 'common practice',
      ['headBelowHeart', '<= 25', 'modify', ['low'], { as: 'low' }],
      ['headBelowHeart', '<= 15', 'modify', ['mid'], { as: 'mid', ...CAT_COW }],
      ['headBelowHeart', '<= 10', 'modify', ['high'], { as: 'high' }]),
    ...limits('sen-08', 'The blood pressure follows more slowly at this age.', 'STEADI*',
      ['transitionTime', '>= 5', 'modify', undefined, 'levelChange >= 30', { as: 'level' }],
      ['transitionTime', '>= 5', 'modify', undefined, 'headDrop > 20', { as: 'head' }]),
    ...limits('sen-09', 'Getting down to the floor and up again is where falls happen.', 'common practice',
      ['floorTrips', '<= 4', 'watch', ['low'], { as: 'low' }],
      ['floorTrips', '<= 2', 'modify', ['mid'], { as: 'mid' }],
      ['floorTrips', '<= 0', 'avoid', ['high'], { as: 'high' }]),
    ...limits('sen-10', { lumbarFlexion: 'Rounding can crush a thin vertebra.' }, ['SINAKI*', 'USPSTF*'],
      ['lumbarFlexion', '<= 35', 'modify', ['weak-bone']],
      ['lumbarFlexion', '<= 10', 'modify', undefined, { as: 'never', school: 'senior-flexion=never' }],
      ['lumbarFlexion', '>= -20', 'modify', undefined, 'handLoad > 0.3', { as: 'arch' }]),
    ...limits('sen-11', 'Bending and turning together is worst for weak bone.', 'TFTF*',
      ['spineRotation', '<= 20', 'avoid', ['bone-not-normal'], 'lumbarFlexion > 20']),
    ...limits('sen-12', 'A head thrown back makes older people giddy.', 'common practice', ['cervicalFlexion', '>= -30', 'modify']),
    ...limits('sen-13', 'Head back and turned narrows the arteries of the neck.', 'common practice', ['cervicalRotation', '<= 60', 'avoid', undefined, 'cervicalFlexion < -15']),
    ...limits('sen-14', 'Kneeling hurts an older kneecap; padding of 3 cm or more helps.', 'common practice', ['kneeLoad', '<= 0.7', 'modify']),
    ...limits('sen-15', 'Deeply bent knees are hard on worn joints.', 'common practice', ['kneeFlexionLoaded', '<= 110', 'modify']),
    ...limits('sen-16', 'Older wrists and shoulders carry less.', 'common practice', ['handLoad', '<= 0.5', 'modify']),
    ...limits('sen-17', 'Work may be strong, but never so strong that it strains.', 'ACSM*',
      ['effort', '<= 4', 'watch', ['low'], { as: 'low' }],
      ['effort', '<= 3', 'modify', ['mid'], { as: 'mid' }],
      ['effort', '<= 3', 'modify', ['high'], { as: 'high' }],
      ['effort', '<= 2', 'modify', ['high'], 'hold > 10', { as: 'high-still' }]),
    ...limits('sen-18', 'A long hard hold raises the blood pressure.', 'common practice', ['hold', '<= 30', 'watch', undefined, 'effort >= 3']),
    ...limits('sen-19', 'A held breath makes the pressure peak and then fall, and people faint.', 'common practice', ['breathRetention', '<= 3', 'avoid']),
    ...limits('sen-20', 'Fast breath makes older people giddy.', 'common practice', ['breathRate', '<= 20', 'modify']),
    ...limits('sen-21', 'Jumps jar worn joints and end in falls.', 'common practice',
      ['impact', '<= 1', 'modify', ['low'], { as: 'low' }],
      ['impact', '<= 0', 'avoid', ['mid', 'high'], { as: 'mid-high' }]),
    ...limits('sen-22', 'Quick moves of the head make people giddy and hurt the neck.', 'common practice', ['headJolt', '<= 0', 'avoid']),
    ...limits('sen-23', 'The sense of thirst is weaker at this age, and heat dries out.', 'common practice', ['heat', '<= 27', 'modify']),
    ...limits('sen-24', 'Standing, the eyes keep the balance.', 'common practice', ['eyesClosed', '<= 0', 'avoid', undefined, 'standing']),
    ...limits('sen-26', 'Face down nobody can read lips; show it first and agree on a signal.', 'common practice', ['facing', ['upright', 'supine', 'left side', 'right side'], 'watch', ['lips']]),
    ...limits('sen-27', 'With the eyes closed they can’t notice the call to come back.', 'common practice', ['eyesClosed', '= 0', 'watch', ['quiet']], ['eyesClosed', '= 0', 'modify', ['quiet-dim']]),
    ...limits('sen-28', 'Music hides speech.', 'common practice', ['sensoryLoad', '<= 1', 'modify', ['slowOrQuiet']]),
    ...limits('sen-29', 'Memory loss and poor hearing both go with more falls.', ['WFG22*', 'LINHEAR*'], ['support', '>= 1', 'modify', ['unsure'], 'feetDown = 1', 'standing']),
    ...limits('sen-30', 'The way up from the floor is hard to remember; one cue at a time.', 'common practice', ['floorTrips', '<= 2', 'watch', ['slow']]),
    ...limits('sen-31', { eyesClosed: 'With little sight left, closed eyes leave nothing to hold on to.', balanceMargin: 'Sight keeps the balance; with little of it the stance is wider, with light and marked edges.' }, 'WFG22*', ['eyesClosed', '= 0', 'modify', ['dim'], 'not standing'], ['balanceMargin', '>= 5', 'modify', ['dim'], 'standing', 'support = 0']),
  ],
  favour: ['functional-transfer', 'strengthen-legs', 'mobilise-ankles', 'mobilise-hips', 'mobilise-spine-extension', 'balance'],
  stopInClass: 'Unsteady twice, giddy, grey, confused, chest or sudden back pain.',
});
