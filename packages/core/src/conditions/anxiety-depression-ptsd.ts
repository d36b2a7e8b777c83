import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearance, emergency, found, note, refer, today } from './screening.js';

/** From here on GAD-7 tells moderate anxiety (Spitzer et al., Arch Intern Med 2006;166:1092). */
const MODERATE = 10;

/** From memory of the sources; to be reviewed by a licensed clinician. Private: shown to the teacher only. */
export const anxietyDepressionPtsd = condition({
  id: 'anxiety-depression-ptsd',
  name: 'Anxiety, depression, trauma',
  words: ['anxious', 'grief', 'anxiety', 'panic', 'depression', 'PTSD', 'trauma', 'bipolar', 'burnout', 'mental health', 'low mood'],
  parameters: {
    states: { kind: 'set', options: ['anxiety', 'panic', 'depression', 'ptsd', 'bipolar', 'psychosis'], ask: 'Which of these apply? (say none if none)' },
    phq9: { kind: 'number', holdsDays: 30, unit: 'points', from: 0, to: 27, ask: 'PHQ-9, only if the person or a clinician brings it', onlyIf: { states: ['depression'] } },
    phq9item9: { kind: 'number', holdsDays: 30, unit: 'points', from: 0, to: 3, ask: 'Its last item, thoughts of being better off dead', onlyIf: { states: ['depression'] } },
    gad7: { kind: 'number', holdsDays: 30, unit: 'points', from: 0, to: 21, ask: 'GAD-7, only if brought', onlyIf: { states: ['anxiety', 'panic'] } },
    panicThisWeek: { kind: 'yesno', ask: 'A panic attack this week?', default: false, onlyIf: { states: ['anxiety', 'panic'] } },
    elevated: { kind: 'yesno', ask: 'Very high mood with little sleep, or voices?', default: false, onlyIf: { states: ['bipolar', 'psychosis'] } },
    triggers: { kind: 'set', options: ['touch', 'eyesClosed', 'backToDoor', 'supine', 'legsApart', 'straps', 'breathFocus', 'dark', 'loudVoice', 'silence', 'mirror'], ask: 'What is hard to bear? (say none if nothing)' },
    dissociation: { kind: 'yesno', ask: 'Drifting far away in class?' },
    touchConsent: { kind: 'yesno', ask: 'Agreed to hands-on help, asked each class?', default: false },
    therapist: { kind: 'yesno', ask: 'In treatment?', default: false },
    medsNew: { kind: 'yesno', ask: 'New medicine in the last 2 weeks?', default: false },
  },
  stages: {
    acuteMind: 'A hard time now', ptsd: 'After trauma', still: 'After trauma, or a hard time', supine: 'Lying is hard to bear', open: 'After trauma, or legs apart are hard to bear', breath: 'Attention on the breath is hard to bear', rush: 'Panic or a hard time',
    meds: 'New medicine', 'no-touch': 'Touch not agreed', eyes: 'After trauma, or closed eyes are hard', wound: 'Panic, trauma, bipolar, or a hard time', anxious: 'Moderate anxiety, or not known how strong',
  }, // prettier-ignore
  gathering: ['still', 'open', 'rush', 'eyes', 'wound'],
  stagesOf: ({ states, phq9, gad7, panicThisWeek, triggers, dissociation, touchConsent, medsNew }) => {
    const has = (one: string) => (states as readonly string[] | undefined)?.includes(one) ?? false;
    const hard = (one: string) => (triggers as readonly string[] | undefined)?.includes(one) ?? false;
    const acute = (phq9 ?? 0) >= 20 || (gad7 ?? 0) >= 15 || panicThisWeek === true || (dissociation ?? has('ptsd'));
    return pick(
      acute && 'acuteMind',
      has('ptsd') && 'ptsd',
      (has('ptsd') || acute) && 'still',
      hard('supine') && 'supine',
      (has('ptsd') || hard('legsApart')) && 'open',
      hard('breathFocus') && 'breath',
      (has('panic') || acute) && 'rush',
      medsNew === true && 'meds',
      touchConsent !== true && 'no-touch',
      (has('ptsd') || hard('eyesClosed')) && 'eyes',
      (has('panic') || has('ptsd') || has('bipolar') || has('psychosis') || acute) && 'wound',
      has('anxiety') && (gad7 ?? MODERATE) >= MODERATE && 'anxious',
    );
  },
  screen: ({ states, phq9, phq9item9, elevated }) =>
    found(
      (phq9item9 ?? 0) >= 1 && refer('phq9item9', 'Thoughts of being better off dead: no practice, help today; with a plan or intent the emergency number, don’t leave alone.'),
      elevated === true && refer('elevated', 'Very high mood or voices: no practice, medical contact today.'),
      states?.some((one) => one === 'psychosis') && clearance('states', 'Psychosis: written clearance first.'),
      (phq9 ?? 0) >= 20 && (phq9item9 ?? 0) === 0 && clearance('phq9', 'A severe episode: written clearance first.'),
      states === undefined && note('states', 'Not answered: choices and invitations for every class all the same.'),
      note('states', 'Invite, offer two forms at once, say when time ends, leave a light on, a mat with the door in sight, nobody behind.'),
    ),
  redFlags: [
    emergency('suicide', 'A thought of suicide or harm with a plan or intent: don’t leave alone'),
    today('thoughts', 'A thought of suicide or harm; not eating, no sleep with high energy, voices, confusion'),
  ],
  schools: {
    'mind-rest': {
      name: 'Deep relaxation',
      positions: { short: 'Short, with choices', deep: 'Long and deep heals' },
      default: 'short',
      because: 'Long stillness lets memories in; choice is what makes it safe.',
    },
  },
  limits: [
    ...limits('psy-01', { hold: 'Lying exposed for long can frighten; the side, or sitting, is offered too.' }, 'SAMHSA*', ['hold', '<= 60', 'watch', ['ptsd'], 'facing supine', { reading: 'Lying on the back.' }], ['hold', '<= 60', 'watch', ['ptsd'], 'hipAbduction > 45', 'not standing', { reading: 'Legs wide on the floor.' }]),
    ...limits('psy-02', 'Long stillness lets memories in.', 'LINDAHL*', ['supineRun', '<= 5', 'modify', ['still'], { school: 'mind-rest=short' }], ['supineRun', '<= 2', 'avoid', ['supine']]),
    ...limits('psy-03', 'Lying with the legs apart feels exposed.', 'common practice', ['hipAbduction', '<= 30', 'modify', ['open'], 'facing supine']),
    ...limits('psy-04', 'A rush of blood feels like panic.', 'common practice', ['headBelowHeart', '<= 25', 'modify', ['rush']]),
    ...limits('psy-05', 'A new medicine can make people giddy.', 'common practice', ['support', '>= 1', 'watch', ['meds'], 'standing']),
    ...limits('psy-06', 'Safety is choice, and touch was not agreed.', 'SAMHSA*', ['touch', '= 0', 'avoid', ['no-touch']]),
    ...limits('psy-07', 'Closed eyes are an offer, never an order: “soft gaze or closed, as you like”.', 'SAMHSA*', ['eyesClosed', '= 0', 'modify'], ['eyesClosed', '= 0', 'avoid', ['eyes']]),
    ...limits('psy-08', { breathRetention: 'A held breath can bring panic.', breathRate: 'Over-breathing brings panic, and can raise mania.' }, ['LINDAHL*', 'common practice'], ['breathRetention', '= 0', 'avoid', ['wound']], ['breathRate', '<= 16', 'avoid', ['wound']], ['breathRate', '<= 20', 'avoid', ['anxious'], { reading: 'Moderate anxiety as panic: over-breathing is what brings it on. Equal and slow breathing is far below.' }], ['breathRetention', '<= 4', 'modify', ['anxious'], { reading: 'A short pause of box breathing; no more.' }]),
    ...limits('psy-09', 'Tired or wired, there is little room for hard work.', 'common practice', ['effort', '<= 4', 'modify'], ['effort', '<= 3', 'modify', ['acuteMind']]),
    ...limits('psy-10', 'Short and finished does more good than long and flooded.', 'common practice', ['sessionMinutes', '<= 60', 'watch'], ['sessionMinutes', '<= 30', 'modify', ['acuteMind']]),
    ...limits('psy-12', 'Watching the breath brings it on; humming, a sigh, the feet on the floor or what the eyes see calm as well.', 'common practice', ['breathFocus', '= 0', 'avoid', ['breath']]),
    ...limits('psy-11', 'Sudden moves startle.', 'common practice', ['headJolt', '= 0', 'modify', ['ptsd']]),
  ], // prettier-ignore
  favour: ['lengthen-exhale', 'calm', 'open-chest', 'strengthen-legs', 'focus'],
  stopInClass: 'A far-away stare, shaking, racing breath, weeping that frightens: name the room, feet on the floor, eyes open, offer water and the door, not touch.',
});
