import { condition, type ScreeningFinding } from './condition.js';
import { FIVE_BREATHS, limits, noFoldedLeg } from './limits.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const lumbarDisc = condition({
  id: 'lumbar-disc',
  name: 'Lumbar disc herniation',
  words: ['back surgery', 'slipped disc', 'slipped disk', 'herniated disc', 'bulging disc', 'disc prolapse', 'prolapsed disc', 'disc herniation', 'disc protrusion', 'disc bulge', 'L4/5', 'L5/S1'],
  parameters: {
    phase: { kind: 'choice', options: ['acute', 'recovering', 'settled'], ask: 'Phase, as a clinician named it' },
    weeksSinceOnset: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since it began (a new episode starts at 0)' },
    direction: {
      kind: 'choice',
      options: ['flexion', 'extension', 'both'],
      ask: 'What makes it worse: bending, arching, both?',
      default: 'flexion',
    },
    level: { kind: 'choice', options: ['L1-2', 'L2-3', 'L3-4', 'L4-5', 'L5-S1', 'unknown'], ask: 'Which level?', default: 'unknown' },
    legSymptoms: {
      kind: 'choice',
      options: ['none', 'pain', 'numb', 'weak-stable'],
      ask: 'In the leg: pain, numb, weak?',
      default: 'pain',
    },
    spreading: { kind: 'yesno', ask: 'Do the leg symptoms spread?', default: false },
    surgery: { kind: 'choice', options: ['none', 'discectomy', 'fusion'], ask: 'Back surgery?' },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the surgery' },
    recentInjection: { kind: 'yesno', ask: 'An injection in the last week?', default: false },
    painNow: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Pain now', default: 3 },
    hoursSinceWaking: { kind: 'number', holdsDays: 0, unit: 'h', from: 0, to: 24, ask: 'Hours since waking', default: 2 },
  },
  stages: {
    acute: 'Acute', recovering: 'Recovering', settled: 'Settled', nerve: 'Acute or recovering, with leg symptoms',
    'nerve-acute': 'Acute with leg symptoms', 'nerve-recovering': 'Recovering with leg symptoms', flexion: 'Bending makes it worse', extension: 'Arching makes it worse',
    morning: 'Within an hour of waking, acute or recovering', pain: 'Pain of 4 to 6 now', fresh: 'Acute or recovering', 'fresh-flexion': 'Acute or recovering, bending worse',
    'acute-flexion': 'Acute, bending worse', 'recovering-flexion': 'Recovering, bending worse', 'settled-flexion': 'Settled, bending worse', 'fresh-extension': 'Arching worse, not settled', 'settled-extension': 'Arching worse, settled',
  }, // prettier-ignore
  gathering: ['nerve', 'nerve-acute', 'nerve-recovering', 'morning', 'fresh', 'fresh-flexion', 'fresh-extension', 'acute-flexion', 'recovering-flexion', 'settled-flexion', 'settled-extension'],
  stagesOf: ({
    phase,
    weeksSinceOnset,
    direction = 'flexion',
    legSymptoms = 'pain',
    spreading,
    surgery,
    weeksSinceSurgery,
    painNow = 3,
    hoursSinceWaking = 2,
  }) => {
    const operated = surgery === 'discectomy' || surgery === 'fusion';
    const weeks = weeksSinceSurgery ?? 0;
    const byWeeks =
      weeksSinceOnset === undefined || weeksSinceOnset < 6 || painNow >= 6 || spreading
        ? 'acute'
        : weeksSinceOnset >= 12 && painNow <= 2 && legSymptoms !== 'numb' && legSymptoms !== 'weak-stable'
          ? 'settled'
          : 'recovering';
    const named = phase ?? byWeeks;
    const stage = operated && weeks < 6 ? 'acute' : operated && weeks < 12 && named === 'settled' ? 'recovering' : named;
    const bending = direction !== 'extension';
    const arching = direction !== 'flexion';
    const nerve = legSymptoms !== 'none';
    const fresh = stage !== 'settled';
    return [
      stage,
      ...(fresh ? (['fresh'] as const) : []),
      ...(bending ? (['flexion', `${stage}-flexion`] as const) : []),
      ...(arching ? (['extension', fresh ? 'fresh-extension' : 'settled-extension'] as const) : []),
      ...(bending && fresh ? (['fresh-flexion'] as const) : []),
      ...(nerve && stage === 'acute' ? (['nerve', 'nerve-acute'] as const) : []),
      ...(nerve && stage === 'recovering' ? (['nerve', 'nerve-recovering'] as const) : []),
      ...(fresh && hoursSinceWaking < 1 ? (['morning'] as const) : []),
      ...(painNow >= 4 && painNow <= 6 ? (['pain'] as const) : []),
    ];
  },
  screen: ({ phase, legSymptoms, spreading, surgery, weeksSinceSurgery, recentInjection, painNow }) => {
    const found: ScreeningFinding[] = [];
    if (spreading === true && phase !== 'settled' && legSymptoms !== 'none')
      found.push({ parameter: 'spreading', text: 'Leg signs that spread: no practice, medical contact today.', outcome: 'refer' });
    if (surgery === undefined) found.push({ parameter: 'surgery', text: 'Not answered: back surgery?', outcome: 'note' });
    if (painNow === undefined) found.push({ parameter: 'painNow', text: 'Pain was not asked today; 3 of 10 is assumed.', outcome: 'note' });
    if (legSymptoms === 'numb' || legSymptoms === 'weak-stable')
      found.push({ parameter: 'legSymptoms', text: 'A numb or weak leg: written clearance first.', outcome: 'clearance' });
    if ((surgery === 'discectomy' || surgery === 'fusion') && (weeksSinceSurgery ?? 0) < 12)
      found.push({
        parameter: 'weeksSinceSurgery',
        text: 'Less than 12 weeks after back surgery: written clearance first.',
        outcome: 'clearance',
      });
    if (recentInjection)
      found.push({
        parameter: 'recentInjection',
        text: 'An injection less than a week ago: written clearance first.',
        outcome: 'clearance',
      });
    if ((painNow ?? 0) >= 9)
      found.push({ parameter: 'painNow', text: 'Pain of 9 or 10: no practice today; medical contact if it is new.', outcome: 'refer' });
    else if ((painNow ?? 0) >= 7)
      found.push({
        parameter: 'painNow',
        text: 'Pain of 7 or 8: written clearance first, and only the restricted profile.',
        outcome: 'clearance',
        restricted: true,
      });
    return found;
  },
  redFlags: [
    {
      id: 'saddle',
      text: 'Numbness between the legs or of the genitals, new trouble with urine or stool, pain or weakness in both legs, weakness that grows, a foot that newly drops',
      urgency: 'emergency',
    },
    { id: 'after-fall', text: 'Severe back pain after a fall or crash, sudden tearing pain with faintness', urgency: 'emergency' },
    { id: 'fever', text: 'Fever or feeling ill with the pain', urgency: 'today' },
    {
      id: 'cancer',
      text: 'Cancer ever, with new, growing or night pain; weight loss without reason; pain that no position eases',
      urgency: 'today',
    },
  ],
  schools: {
    'disc-rotation': {
      name: 'Turning the trunk while a disc recovers',
      positions: { strict: 'No rotation until settled', supported: 'Slow supine turns with the knees propped and both shoulders down' },
      default: 'supported',
      because: 'Lying and propped, a small slow turn is unloaded. In the acute stage it stays barred in both.',
    },
  },
  limits: [
    ...limits('disc-01', 'Rounding pushes the disc back towards the nerve.', ['CALLMC*', 'WILKE*'],
      ['lumbarFlexion', '<= 15', 'avoid', ['acute-flexion'], { as: 'acute' }],
      ['lumbarFlexion', '<= 25', 'avoid', ['recovering-flexion'], { as: 'recovering' }],
      ['lumbarFlexion', '<= 40', 'modify', ['settled-flexion'], { as: 'settled' }]),
    ...limits('disc-02', 'Only a small backbend, shared by the whole spine, suits a fresh disc.', 'common practice', ['lumbarFlexion', '>= -30', 'modify', ['fresh']]),
    ...limits('disc-ext', 'Arching is what makes this one worse: it narrows the nerve canal.', ['INUFUSA*', 'NASSLSS*'],
      ['lumbarFlexion', '>= -5', 'avoid', ['fresh-extension'], { as: 'fresh' }],
      ['lumbarFlexion', '>= -15', 'modify', ['settled-extension'], { as: 'settled', reading: 'Once it has settled, the small arch of a cat-cow, 13, is ordinary movement.' }]),
    ...limits('disc-03', 'The ring of the disc is torn, and a twist pulls on it.', 'common practice', ['spineRotation', '<= 10', 'avoid', ['acute']]),
    ...limits('disc-04', 'An upright twist adds load to the turn.', 'common practice',
      ['spineRotation', '<= 15', 'avoid', ['recovering'], 'not facing supine']),
    ...limits('disc-05', 'Lying and propped, a small turn is unloaded.', 'common practice',
      ['spineRotation', '<= 30', 'modify', ['recovering'], 'facing supine', { school: 'disc-rotation=supported' }],
      ['spineRotation', '<= 10', 'avoid', ['recovering'], 'facing supine', { as: 'strict', school: 'disc-rotation=strict' }]),
    ...limits('disc-06', 'The knees rest on a prop, both shoulder blades stay down, slowly.', 'common practice',
      ['kneeGap', '<= 1', 'modify', ['recovering'], 'spineRotation > 10', 'facing supine', { as: 'knees' }],
      ['shoulderLift', '<= 2', 'modify', ['recovering'], 'spineRotation > 10', 'facing supine', { as: 'shoulders' }],
      ['repSeconds', '>= 6', 'modify', ['recovering'], 'spineRotation > 10', 'facing supine', { as: 'slow' }]),
    ...limits('disc-07', 'Bent and turned together is worst for a disc.', 'common practice',
      ['spineRotation', '<= 10', 'avoid', ['fresh'], 'lumbarFlexion > 20', { as: 'fresh' }],
      ['spineRotation', '<= 25', 'modify', ['settled'], 'lumbarFlexion > 20', { as: 'settled' }]),
    ...limits('disc-08', 'Leaning squeezes one side of the disc.', 'common practice',
      ['spineLateral', '<= 15', 'avoid', ['acute'], { as: 'acute' }],
      ['spineLateral', '<= 20', 'modify', ['recovering'], { as: 'recovering' }]),
    ...limits('disc-09', 'Bent and loaded together is worst for a disc.', 'WILKE*',
      ['discLoad', '<= 1.3', 'avoid', ['acute-flexion'], 'lumbarFlexion > 10', { as: 'acute' }],
      ['discLoad', '<= 1.6', 'modify', ['recovering-flexion'], 'lumbarFlexion > 10', { as: 'recovering' }]),
    ...limits('disc-10', 'A straight raised leg pulls the nerve.', 'NASSLDH*',
      ['straightLegAngle', '<= 60', 'modify', ['nerve-acute'], { as: 'acute' }],
      ['straightLegAngle', '<= 75', 'modify', ['nerve-recovering'], { as: 'recovering' }]),
    ...noFoldedLeg('disc-18', ['nerve-acute']),
    ...limits('disc-11', 'Hard belly work presses the disc.', 'NACH*',
      ['abdominalLoad', '<= 2', 'avoid', ['acute'], { as: 'acute' }],
      ['abdominalLoad', '<= 3', 'modify', ['recovering'], { as: 'recovering' }],
      ['abdominalLoad', '<= 4', 'watch', ['settled'], { as: 'settled' }]),
    ...limits('disc-12', 'Coming in and out bends the low back.', 'common practice',
      ['headLoad', '<= 0.1', 'avoid', ['fresh'], { as: 'head' }],
      ['neckLoad', '<= 0.05', 'avoid', ['fresh'], { as: 'neck' }]),
    ...limits('disc-13', 'The discs are swollen after the night.', ['SNOOK*', 'ADAMS*'], ['lumbarFlexion', '<= 10', 'modify', ['morning']]),
    ...limits('disc-14', 'Long sitting without a change is felt; stand up between.', 'common practice',
      ['unrelievedSitting', '<= 15', 'modify', ['acute'], { as: 'acute' }],
      ['unrelievedSitting', '<= 30', 'watch', ['recovering'], { as: 'recovering' }]),
    ...limits('disc-15', 'Short, repeated holds suit a fresh disc.', 'common practice', ['hold', '<= 25', 'modify', ['fresh'], 'effort >= 3', FIVE_BREATHS]),
    ...limits('disc-16', 'Straining raises the disc pressure.', 'NACH*',
      ['breathRetention', '<= 0', 'avoid', ['acute'], { as: 'acute' }],
      ['breathRetention', '<= 5', 'watch', ['recovering'], { as: 'recovering' }]),
    ...limits('disc-17', { effort: 'Maximal work presses the disc.', impact: 'Jolts press the disc.', lumbarSpeed: 'Fast bending presses the disc.' }, 'common practice',
      ['effort', '<= 3', 'modify', ['fresh'], { as: 'effort' }],
      ['impact', '<= 1', 'avoid', ['fresh'], { as: 'impact' }],
      ['lumbarSpeed', '<= 30', 'modify', ['fresh', 'recovering'], { as: 'speed', reading: 'Brisk for a movement that goes with the breath.' }]),
    ...limits('disc-pain', 'Pain of 4 to 6 now: gentle and short.', 'common practice',
      ['effort', '<= 3', 'modify', ['pain'], { as: 'effort' }],
      ['hold', '<= 25', 'modify', ['pain'], 'effort >= 3', { as: 'hold', ...FIVE_BREATHS }]),
  ],
  favour: ['mobilise-spine-extension', 'strengthen-back', 'strengthen-hips', 'calm'],
  stopInClass: 'Leg pain spreads downwards, new numbness or weakness. Pain that moves from the leg to the back is a good sign.',
});
