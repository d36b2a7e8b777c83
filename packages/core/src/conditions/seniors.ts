import { chairStandBelowAverage } from '../readings/functional-tests.js';
import { limits, pick } from './limits.js';
import { note, refer } from './screening.js';
import { condition, row, type ScreeningFinding } from './condition.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const seniors = condition({
  id: 'seniors',
  name: 'Seniors (65 and over)',
  words: ['deaf', 'hard of hearing', 'hearing aid', 'hearing loss', 'wobbly', 'unsteady', 'balance problems', 'poor eyesight', 'senior', 'elderly', 'older', 'old age', 'aged', 'fall risk', 'falls'],
  parameters: {
    age: { kind: 'number', unit: 'years', from: 60, to: 110, ask: 'Age' },
    tug: { kind: 'number', holdsDays: 183, unit: 's', from: 3, to: 120, ask: 'Timed up and go', clock: 'up', how: 'Sitting in a chair with arms: on "go" stand up, walk 3 metres at the usual pace, turn, walk back, sit down. Stop the watch when seated. 12 s or more is a risk.' },
    chairStand: { kind: 'number', holdsDays: 183, unit: 'rises', from: 0, to: 40, ask: 'Rises from a chair in 30 seconds (0 if the arms helped)', clock: 30, how: 'Straight chair, no arms, against a wall, 43 cm high. Arms crossed on the chest, feet flat. Count full stands; more than halfway up at the end counts. Stop if unsteady.' },
    tandem: { kind: 'number', holdsDays: 183, unit: 's', from: 0, to: 10, ask: 'Standing heel to toe', clock: 'up', how: 'Stand beside them, ready to catch. First feet side by side 10 s, then instep to toe 10 s, then heel to toe: enter the seconds of the last, at most 10; 0 where an earlier one is not held. Less than 10 is a risk.' },
    oneLeg: { kind: 'number', holdsDays: 183, unit: 's', from: 0, to: 60, ask: 'Standing on one leg', clock: 'up', how: 'Near a wall, eyes open, the better leg, arms free. Stop when the foot touches or a hand reaches out. Less than 5 s is a risk.' },
    gaitSpeed: { kind: 'number', holdsDays: 183, unit: 'm/s', from: 0, to: 3, ask: 'Walking speed', how: 'Time 4 metres at the usual pace, with a metre to start and to stop; 4 divided by the seconds. 0.8 or less is a risk.' },
    falls: { kind: 'number', unit: 'falls', from: 0, to: 50, ask: 'Falls in the last twelve months' },
    injuriousFall: { kind: 'yesno', ask: 'Was anyone of them with an injury?' },
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
  stagesOf: ({ age, tug, chairStand, tandem, oneLeg, gaitSpeed, falls, injuriousFall, fear, aid, floorRise, bone = 'unknown', sex, cognition, hearing = 'ok', hearingAidIn, lipReads = true, sight }) => {
    const fell = falls ?? 0;
    const high =
      fell >= 2 ||
      injuriousFall === true ||
      (tug ?? 0) > 15 ||
      aid === 'frame' ||
      floorRise === 'help' ||
      floorRise === 'no' ||
      (fell >= 1 && (tug ?? 0) >= 12);
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
    const fell = falls ?? 0;
    if (
      fell >= 2 ||
      injuriousFall ||
      (tug ?? 0) > 15 ||
      aid === 'frame' ||
      floorRise === 'help' ||
      floorRise === 'no' ||
      (fell >= 1 && (tug ?? 0) >= 12)
    )
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
    ...row(
      'sen-01',
      {
        measure: 'support',
        bound: { atLeast: 1 },
        when: [{ measure: 'feetDown', equals: 1 }, { standing: true }],
        reason: 'A hand near the wall.',
        source: ['STEADI*'],
      },
      [
        { as: 'low', grade: 'watch', stages: ['low'] },
        { as: 'mid', grade: 'modify', stages: ['mid'] },
      ],
    ),
    ...row('sen-02', { measure: 'feetDown', reason: 'No standing on one leg.', source: ['STEADI*'] }, [
      { bound: { equals: 2 }, when: [{ standing: true }], grade: 'avoid', stages: ['high'] },
    ]),
    ...row(
      'sen-03',
      { measure: 'balanceMargin', reason: 'Widen the stance, add a chair.', source: ['common practice'] },
      // A hand on something firm catches what the feet alone would not: the row asks for the one or the other.
      [
        { as: 'low', bound: { atLeast: 3 }, when: [{ standing: true }, { measure: 'support', under: 1 }], grade: 'modify', stages: ['low'] },
        { as: 'mid', bound: { atLeast: 5 }, when: [{ standing: true }, { measure: 'support', under: 1 }], grade: 'modify', stages: ['mid'] },
        { as: 'high', bound: { atLeast: 7 }, when: [{ standing: true }, { measure: 'support', under: 2 }], grade: 'avoid', stages: ['high'] },
      ],
    ),
    ...row('sen-04', { measure: 'support', reason: 'Both hands or a firm grip.', source: ['common practice'] }, [
      { bound: { atLeast: 2 }, when: [{ standing: true }, { measure: 'hold', over: 5 }], grade: 'avoid', stages: ['high'] },
    ]),
    ...row('sen-05', { measure: 'fallHeight', reason: 'A fall breaks bones.', source: ['common practice'] }, [
      { bound: { atMost: 0 }, grade: 'avoid', school: 'senior-inversions=stop' },
    ]),
    ...row('sen-06', { grade: 'avoid', reason: 'Neck bones, pressure.', source: ['common practice'], school: 'senior-inversions=stop' }, [
      { as: 'head', measure: 'headLoad', bound: { atMost: 0.1 } },
      { as: 'neck', measure: 'neckLoad', bound: { atMost: 0.05 } },
    ]),
    ...row('sen-07', { measure: 'headBelowHeart', grade: 'modify', reason: 'Giddy when coming up.', source: ['common practice'] }, [
      { as: 'low', bound: { atMost: 25 }, stages: ['low'] },
      { as: 'mid-high', bound: { atMost: 10 }, stages: ['mid', 'high'] },
    ]),
    ...row(
      'sen-08',
      { measure: 'transitionTime', bound: { atLeast: 5 }, grade: 'modify', reason: 'The pressure needs time.', source: ['STEADI*'] },
      [
        { as: 'level', when: [{ measure: 'levelChange', from: 30 }] },
        { as: 'head', when: [{ measure: 'headDrop', over: 20 }] },
      ],
    ),
    ...row('sen-09', { measure: 'floorTrips', reason: 'Getting down is where falls happen.', source: ['common practice'] }, [
      { as: 'low', bound: { atMost: 4 }, grade: 'watch', stages: ['low'] },
      { as: 'mid', bound: { atMost: 2 }, grade: 'modify', stages: ['mid'] },
      { as: 'high', bound: { atMost: 0 }, grade: 'avoid', stages: ['high'] },
    ]),
    ...row('sen-10', { measure: 'lumbarFlexion', reason: 'Rounding under load can crush vertebrae.', source: ['SINAKI*', 'USPSTF*'] }, [
      { bound: { atMost: 35 }, grade: 'modify', stages: ['weak-bone'] },
      { as: 'never', bound: { atMost: 10 }, grade: 'modify', school: 'senior-flexion=never' },
      { as: 'arch', bound: { atLeast: -20 }, when: [{ measure: 'handLoad', over: 0.3 }], grade: 'modify' },
    ]),
    ...row('sen-11', { measure: 'spineRotation', reason: 'Bend plus twist is worst for weak bone.', source: ['SINAKI*'] }, [
      { bound: { atMost: 20 }, when: [{ measure: 'lumbarFlexion', over: 20 }], grade: 'avoid', stages: ['bone-not-normal'] },
    ]),
    ...row('sen-12', { measure: 'cervicalFlexion', reason: 'A head thrown back makes giddy.', source: ['common practice'] }, [
      { bound: { atLeast: -30 }, grade: 'modify' },
    ]),
    ...row('sen-13', { measure: 'cervicalRotation', reason: 'Neck arteries.', source: ['common practice'] }, [
      { bound: { atMost: 60 }, when: [{ measure: 'cervicalFlexion', under: -15 }], grade: 'avoid' },
    ]),
    ...row('sen-14', { measure: 'kneeLoad', reason: 'Kneecap pain: always pad 3 cm or more.', source: ['common practice'] }, [
      { bound: { atMost: 0.7 }, grade: 'modify' },
    ]),
    ...row('sen-15', { measure: 'kneeFlexionLoaded', reason: 'Deep kneeling and squatting.', source: ['common practice'] }, [
      { bound: { atMost: 110 }, grade: 'modify' },
    ]),
    ...row('sen-16', { measure: 'handLoad', reason: 'Wrists, shoulders.', source: ['common practice'] }, [
      { bound: { atMost: 0.5 }, grade: 'modify' },
    ]),
    ...row('sen-17', { measure: 'effort', reason: 'Strong but never strained.', source: ['ACSM*'] }, [
      { as: 'low', bound: { atMost: 4 }, grade: 'watch', stages: ['low'] },
      { as: 'mid', bound: { atMost: 3 }, grade: 'modify', stages: ['mid'] },
      { as: 'high', bound: { atMost: 3 }, grade: 'modify', stages: ['high'] },
      { as: 'high-still', bound: { atMost: 2 }, when: [{ measure: 'hold', over: 10 }], grade: 'modify', stages: ['high'] },
    ]),
    ...row('sen-18', { measure: 'hold', reason: 'Blood pressure.', source: ['common practice'] }, [
      { bound: { atMost: 30 }, when: [{ measure: 'effort', from: 3 }], grade: 'watch' },
    ]),
    ...row('sen-19', { measure: 'breathRetention', reason: 'Pressure peaks, faint.', source: ['common practice'] }, [
      { bound: { atMost: 3 }, grade: 'avoid' },
    ]),
    ...row('sen-20', { measure: 'breathRate', reason: 'Makes giddy.', source: ['common practice'] }, [
      { bound: { atMost: 20 }, grade: 'modify' },
    ]),
    ...row('sen-21', { measure: 'impact', reason: 'Joints, falls.', source: ['common practice'] }, [
      { as: 'low', bound: { atMost: 1 }, grade: 'modify', stages: ['low'] },
      { as: 'mid-high', bound: { atMost: 0 }, grade: 'avoid', stages: ['mid', 'high'] },
    ]),
    ...row('sen-22', { measure: 'headJolt', reason: 'Giddy, neck.', source: ['common practice'] }, [
      { bound: { atMost: 0 }, grade: 'avoid' },
    ]),
    ...row('sen-23', { measure: 'heat', reason: 'The sense of thirst is weaker.', source: ['common practice'] }, [
      { bound: { atMost: 27 }, grade: 'modify' },
    ]),
    ...row('sen-24', { measure: 'eyesClosed', reason: 'Sight keeps the balance.', source: ['common practice'] }, [
      { bound: { atMost: 0 }, when: [{ standing: true }], grade: 'avoid' },
    ]),
    ...limits('sen-26', 'Face down nobody can read lips: show first, a signal agreed.', 'common practice', ['facing', ['upright', 'supine', 'left side', 'right side'], 'watch', ['lips']]),
    ...limits('sen-27', 'They can’t hear the call to come back.', 'common practice', ['eyesClosed', '= 0', 'watch', ['quiet']], ['eyesClosed', '= 0', 'modify', ['quiet-dim']]),
    ...limits('sen-28', 'Music hides speech.', 'common practice', ['sensoryLoad', '<= 1', 'modify', ['slowOrQuiet']]),
    ...limits('sen-29', 'Memory loss and poor hearing both go with more falls.', ['WFG22*', 'LINHEAR*'], ['support', '>= 1', 'modify', ['unsure'], 'feetDown = 1', 'standing']),
    ...limits('sen-30', 'Plan the way up with one cue.', 'common practice', ['floorTrips', '<= 2', 'watch', ['slow']]),
    ...limits('sen-31', 'Sight keeps the balance: light, contrast, edges marked.', 'WFG22*', ['eyesClosed', '= 0', 'modify', ['dim'], 'not standing'], ['balanceMargin', '>= 5', 'modify', ['dim'], 'standing', 'support = 0']),
  ],
  favour: ['functional-transfer', 'strengthen-legs', 'mobilise-ankles', 'mobilise-hips', 'mobilise-spine-extension', 'balance'],
  stopInClass: 'Unsteady twice, giddy, grey, confused, chest or sudden back pain.',
});
