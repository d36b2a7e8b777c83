import { condition, row, type ScreeningFinding } from './condition.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const lumbarDisc = condition({
  id: 'lumbar-disc',
  name: 'Lumbar disc herniation',
  words: ['back surgery', 'slipped disc', 'slipped disk', 'herniated disc', 'bulging disc', 'disc prolapse', 'L4/5', 'L5/S1'],
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
      text: 'Numb saddle or genitals, new trouble with urine or stool, pain or weakness in both legs, weakness that grows, a foot that newly drops',
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
    ...row(
      'disc-01',
      { measure: 'lumbarFlexion', reason: 'Rounding pushes the disc back towards the nerve.', source: ['CALLMC*', 'WILKE*'] },
      [
        { as: 'acute', bound: { atMost: 15 }, grade: 'avoid', stages: ['acute-flexion'] },
        { as: 'recovering', bound: { atMost: 25 }, grade: 'avoid', stages: ['recovering-flexion'] },
        { as: 'settled', bound: { atMost: 40 }, grade: 'modify', stages: ['settled-flexion'] },
      ],
    ),
    ...row('disc-02', { measure: 'lumbarFlexion', reason: 'Small backbends only, from the whole spine.', source: ['common practice'] }, [
      { bound: { atLeast: -30 }, grade: 'modify', stages: ['fresh'] },
    ]),
    ...row(
      'disc-ext',
      {
        measure: 'lumbarFlexion',
        reason: 'Arching is what makes this one worse: it narrows the nerve canal.',
        source: ['INUFUSA*', 'NASSLSS*'],
      },
      [
        { as: 'fresh', bound: { atLeast: -5 }, grade: 'avoid', stages: ['fresh-extension'] },
        { as: 'settled', bound: { atLeast: -10 }, grade: 'modify', stages: ['settled-extension'] },
      ],
    ),
    ...row('disc-03', { measure: 'spineRotation', reason: 'No twisting while the ring is torn.', source: ['common practice'] }, [
      { bound: { atMost: 10 }, grade: 'avoid', stages: ['acute'] },
    ]),
    ...row('disc-04', { measure: 'spineRotation', reason: 'An upright twist adds load to the turn.', source: ['common practice'] }, [
      { bound: { atMost: 15 }, when: [{ facing: 'supine', not: true }], grade: 'avoid', stages: ['recovering'] },
    ]),
    ...row(
      'disc-05',
      {
        measure: 'spineRotation',
        when: [{ facing: 'supine' }],
        stages: ['recovering'],
        reason: 'Lying and propped, a small turn is unloaded.',
        source: ['common practice'],
      },
      [
        { bound: { atMost: 30 }, grade: 'modify', school: 'disc-rotation=supported' },
        { as: 'strict', bound: { atMost: 10 }, grade: 'avoid', school: 'disc-rotation=strict' },
      ],
    ),
    ...row(
      'disc-06',
      {
        grade: 'modify',
        stages: ['recovering'],
        when: [{ measure: 'spineRotation', over: 10 }, { facing: 'supine' }],
        reason: 'The knees rest on a prop, both shoulder blades stay down, slowly.',
        source: ['common practice'],
      },
      [
        { as: 'knees', measure: 'kneeGap', bound: { atMost: 1 } },
        { as: 'shoulders', measure: 'shoulderLift', bound: { atMost: 2 } },
        { as: 'slow', measure: 'repSeconds', bound: { atLeast: 6 } },
      ],
    ),
    ...row(
      'disc-07',
      {
        measure: 'spineRotation',
        when: [{ measure: 'lumbarFlexion', over: 20 }],
        reason: 'Bent and turned is the worst mix.',
        source: ['CALLMC*'],
      },
      [
        { as: 'fresh', bound: { atMost: 10 }, grade: 'avoid', stages: ['fresh'] },
        { as: 'settled', bound: { atMost: 25 }, grade: 'modify', stages: ['settled'] },
      ],
    ),
    ...row('disc-08', { measure: 'spineLateral', reason: 'Leaning squeezes one side of the disc.', source: ['common practice'] }, [
      { as: 'acute', bound: { atMost: 15 }, grade: 'avoid', stages: ['acute'] },
      { as: 'recovering', bound: { atMost: 20 }, grade: 'modify', stages: ['recovering'] },
    ]),
    ...row(
      'disc-09',
      { measure: 'discLoad', when: [{ measure: 'lumbarFlexion', over: 10 }], reason: 'Bent and loaded.', source: ['WILKE*'] },
      [
        { as: 'acute', bound: { atMost: 1.3 }, grade: 'avoid', stages: ['acute-flexion'] },
        { as: 'recovering', bound: { atMost: 1.6 }, grade: 'modify', stages: ['recovering-flexion'] },
      ],
    ),
    ...row(
      'disc-10',
      { measure: 'straightLegAngle', grade: 'modify', reason: 'A straight raised leg pulls the nerve.', source: ['NASSLDH*'] },
      [
        { as: 'acute', bound: { atMost: 60 }, stages: ['nerve-acute'] },
        { as: 'recovering', bound: { atMost: 75 }, stages: ['nerve-recovering'] },
      ],
    ),
    ...row('disc-11', { measure: 'abdominalLoad', reason: 'Hard belly work presses the disc.', source: ['NACH*'] }, [
      { as: 'acute', bound: { atMost: 2 }, grade: 'avoid', stages: ['acute'] },
      { as: 'recovering', bound: { atMost: 3 }, grade: 'modify', stages: ['recovering'] },
      { as: 'settled', bound: { atMost: 4 }, grade: 'watch', stages: ['settled'] },
    ]),
    ...row('disc-12', { grade: 'avoid', stages: ['fresh'], reason: 'Coming in and out bends the low back.', source: ['common practice'] }, [
      { as: 'head', measure: 'headLoad', bound: { atMost: 0.1 } },
      { as: 'neck', measure: 'neckLoad', bound: { atMost: 0.05 } },
    ]),
    ...row('disc-13', { measure: 'lumbarFlexion', reason: 'The discs are swollen after the night.', source: ['SNOOK*', 'ADAMS*'] }, [
      { bound: { atMost: 10 }, grade: 'modify', stages: ['morning'] },
    ]),
    ...row('disc-14', { measure: 'unrelievedSitting', reason: 'Sitting loads the disc; stand up between.', source: ['WILKE*'] }, [
      { as: 'acute', bound: { atMost: 15 }, grade: 'modify', stages: ['acute'] },
      { as: 'recovering', bound: { atMost: 30 }, grade: 'watch', stages: ['recovering'] },
    ]),
    ...row('disc-15', { measure: 'hold', reason: 'Short holds, repeated.', source: ['common practice'] }, [
      { bound: { atMost: 20 }, when: [{ measure: 'effort', from: 3 }], grade: 'modify', stages: ['fresh'] },
    ]),
    ...row('disc-16', { measure: 'breathRetention', reason: 'Straining raises the disc pressure.', source: ['NACH*'] }, [
      { as: 'acute', bound: { atMost: 0 }, grade: 'avoid', stages: ['acute'] },
      { as: 'recovering', bound: { atMost: 5 }, grade: 'watch', stages: ['recovering'] },
    ]),
    ...row('disc-17', { stages: ['fresh'], reason: 'No jolts, no maximal work.', source: ['common practice'] }, [
      { as: 'effort', measure: 'effort', bound: { atMost: 3 }, grade: 'modify' },
      { as: 'impact', measure: 'impact', bound: { atMost: 1 }, grade: 'avoid' },
    ]),
    ...row(
      'disc-pain',
      { stages: ['pain'], grade: 'modify', reason: 'Pain of 4 to 6 now: gentle and short.', source: ['common practice'] },
      [
        { as: 'effort', measure: 'effort', bound: { atMost: 3 } },
        { as: 'hold', measure: 'hold', bound: { atMost: 20 }, when: [{ measure: 'effort', from: 3 }] },
      ],
    ),
  ],
  favour: ['mobilise-spine-extension', 'strengthen-back', 'strengthen-hips', 'calm'],
  stopInClass: 'Leg pain spreads downwards, new numbness or weakness. Pain that moves from the leg to the back is a good sign.',
});
