import { condition, row } from './condition.js';

/** Private and self-chosen: never asked in front of others. From memory of the sources; to be reviewed. */
export const menstruation = condition({
  id: 'menstruation',
  name: 'Menstruation',
  words: ['time of the month', 'period pains', 'heavy periods', 'period', 'cramps', 'pms', 'bleeding days', 'moon days', 'monthly'],
  parameters: {
    flow: { kind: 'choice', options: ['none', 'light', 'moderate', 'heavy'], ask: 'How strong is the flow today?', default: 'moderate' },
    cramps: { kind: 'number', unit: '0-10', from: 0, to: 10, ask: 'Cramps now', default: 0 },
    premenstrual: { kind: 'yesno', ask: 'Days before the period, with complaints?', default: false },
    giddyOrAnaemic: { kind: 'yesno', ask: 'Giddy, or known lack of iron?', default: false },
    school: {
      kind: 'choice',
      options: ['rest', 'free'],
      ask: 'Inversions while bleeding: rest from them, or as one feels?',
      default: 'free',
    },
    cycleDay: { kind: 'number', unit: 'day', from: 1, to: 60, ask: 'Day of the cycle, if wished' },
  },
  stages: {
    pms: 'Before the period',
    light: 'Light or moderate flow, cramps below 4',
    heavy: 'Heavy flow, cramps of 7 or more, giddy or anaemic',
    cramp: 'Cramps of 4 or more',
    'bleeding-rest': 'Any bleeding, with the choice to rest from inversions',
  },
  stagesOf: ({ flow = 'moderate', cramps = 0, premenstrual, giddyOrAnaemic, school }) => {
    const heavy = flow === 'heavy' || cramps >= 7 || giddyOrAnaemic === true;
    return [
      ...(premenstrual ? (['pms'] as const) : []),
      ...((flow === 'light' || flow === 'moderate') && cramps < 4 && !heavy ? (['light'] as const) : []),
      ...(heavy ? (['heavy'] as const) : []),
      ...(cramps >= 4 ? (['cramp'] as const) : []),
      ...(flow !== 'none' && school === 'rest' ? (['bleeding-rest'] as const) : []),
    ];
  },
  screen: ({ giddyOrAnaemic }) =>
    giddyOrAnaemic
      ? [{ parameter: 'giddyOrAnaemic', text: 'Known anaemia with symptoms: written clearance first.', outcome: 'clearance' }]
      : [],
  redFlags: [
    { id: 'fainting', text: 'Fainting with heavy flow', urgency: 'emergency' },
    {
      id: 'flooding',
      text: 'A pad or tampon soaked every one to two hours for over two hours, large clots again and again',
      urgency: 'today',
    },
    { id: 'new-pain', text: 'Pain that is new, one-sided or comes with fever', urgency: 'today' },
    { id: 'unexpected', text: 'Bleeding after the menopause, in possible pregnancy, or for more than seven days', urgency: 'today' },
  ],
  schools: {
    'menstruation-inversions': {
      name: 'Inversions while bleeding',
      positions: {
        none: 'No inversions, strong twists or belly work while bleeding',
        short: 'Short preparation only, no long holds, at heavy flow',
        free: 'As one feels',
      },
      default: 'short',
      because: 'No study shows harm; comfort decides at light flow, and heavy flow is treated gently.',
    },
  },
  limits: [
    ...row(
      'men-01',
      { measure: 'pelvisAboveHeart', reason: 'Tired and light-headed; comfort of the flow; tradition.', source: ['common practice'] },
      [
        { as: 'heavy', bound: { atMost: 15 }, grade: 'modify', stages: ['heavy'], school: 'menstruation-inversions=short' },
        { as: 'rest', bound: { atMost: 15 }, grade: 'avoid', stages: ['bleeding-rest'] },
        {
          as: 'school',
          bound: { atMost: 15 },
          grade: 'avoid',
          stages: ['light', 'heavy', 'cramp'],
          school: 'menstruation-inversions=none',
        },
      ],
    ),
    ...row('men-02', { reason: 'Tired and light-headed; comfort of the flow; tradition.', source: ['common practice'] }, [
      {
        as: 'head-heavy',
        measure: 'headLoad',
        bound: { atMost: 0.1 },
        grade: 'modify',
        stages: ['heavy'],
        school: 'menstruation-inversions=short',
      },
      {
        as: 'neck-heavy',
        measure: 'neckLoad',
        bound: { atMost: 0.1 },
        grade: 'modify',
        stages: ['heavy'],
        school: 'menstruation-inversions=short',
      },
      { as: 'head-rest', measure: 'headLoad', bound: { atMost: 0.1 }, grade: 'avoid', stages: ['bleeding-rest'] },
      { as: 'neck-rest', measure: 'neckLoad', bound: { atMost: 0.1 }, grade: 'avoid', stages: ['bleeding-rest'] },
    ]),
    ...row('men-03', { measure: 'pelvisAboveHeart', reason: "Her choice; ask, don't tell.", source: ['common practice'] }, [
      { bound: { atMost: 35 }, grade: 'watch', stages: ['light'] },
    ]),
    ...row('men-04', { measure: 'abdominalLoad', reason: 'Hard belly work worsens cramp.', source: ['common practice'] }, [
      { bound: { atMost: 2 }, grade: 'modify', stages: ['heavy', 'cramp'] },
    ]),
    ...row('men-05', { measure: 'spineRotation', reason: 'Wringing the belly hurts.', source: ['common practice'] }, [
      { bound: { atMost: 30 }, when: [{ measure: 'bellyClosure', over: 0.3 }], grade: 'modify', stages: ['heavy', 'cramp'] },
    ]),
    ...row('men-06', { measure: 'hold', reason: 'Low energy.', source: ['common practice'] }, [
      { bound: { atMost: 60 }, when: [{ measure: 'effort', from: 3 }], grade: 'watch', stages: ['heavy', 'pms'] },
    ]),
    ...row('men-07', { measure: 'transitionTime', reason: 'Blood loss makes giddy.', source: ['common practice'] }, [
      { bound: { atLeast: 5 }, when: [{ measure: 'levelChange', from: 50 }], grade: 'watch', stages: ['heavy'] },
    ]),
    ...row('men-08', { measure: 'effort', reason: 'Rest counts as practice.', source: ['common practice'] }, [
      { as: 'heavy', bound: { atMost: 3 }, grade: 'modify', stages: ['heavy', 'cramp'] },
      { as: 'light', bound: { atMost: 4 }, grade: 'watch', stages: ['light', 'pms'] },
    ]),
    ...row('men-09', { measure: 'breathRate', reason: 'No pumping of the belly.', source: ['common practice'] }, [
      { bound: { atMost: 20 }, grade: 'modify', stages: ['heavy', 'cramp'] },
    ]),
    ...row('men-10', { measure: 'breathRetention', reason: 'No locks on the belly.', source: ['common practice'] }, [
      { bound: { atMost: 5 }, grade: 'watch', stages: ['heavy'] },
    ]),
    ...row('men-11', { measure: 'heat', reason: 'Heat raises flow and giddiness.', source: ['common practice'] }, [
      { bound: { atMost: 30 }, grade: 'watch', stages: ['heavy'] },
    ]),
  ],
  favour: ['ease-back', 'open-hips', 'calm', 'lengthen-exhale'],
  stopInClass: 'Faintness, sudden severe or one-sided pain, flooding.',
});
