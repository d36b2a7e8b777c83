import { condition, row, type ScreeningFinding } from './condition.js';

/** Written from memory of the sources; to be reviewed by a licensed clinician. */
export const pregnancy = condition({
  id: 'pregnancy',
  name: 'Pregnancy',
  words: ['with child', 'IVF', 'breech', 'baby bump', 'miscarriage before', 'pregnant', 'expecting', 'prenatal', 'antenatal', 'baby on the way', 'trimester'],
  parameters: {
    week: { kind: 'number', unit: 'week', goesOn: true, ofBody: 'pregnancyWeek', from: 0, to: 42.86, dueAt: 40, ask: 'Which week of pregnancy?' },
    experience: {
      kind: 'choice',
      options: ['beginner', 'experienced'],
      ask: 'Yoga at least twice a week in the six months before?',
      default: 'beginner',
    },
    fetuses: { kind: 'number', unit: 'children', from: 1, to: 5, ask: 'One child, twins or more?' },
    complications: {
      kind: 'set',
      options: [
        'placenta-praevia',
        'pre-eclampsia',
        'hypertension',
        'cervical-insufficiency',
        'preterm-labour',
        'ruptured-membranes',
        'bleeding',
        'growth-restriction',
        'severe-anaemia',
        'anaemia',
        'heart-or-lung',
        'uncontrolled-illness',
        'earlier-preterm-birth',
        'ivf',
        'breech',
        'short-cervix',
      ],
      ask: 'Anything that the midwife or doctor watches in this pregnancy? (say none if not)',
    },
    pelvicGirdlePain: { kind: 'number', unit: '0-10', from: 0, to: 10, ask: 'Pain at the front or back of the pelvis now?', default: 0 },
    symptomsSupine: { kind: 'yesno', holdsDays: 7, ask: 'Giddy, sick or breathless when lying on the back?', default: false },
    systolic: { kind: 'number', holdsDays: 7, unit: 'mmHg', from: 60, to: 260, ask: 'Last blood pressure, upper number' },
    diastolic: { kind: 'number', holdsDays: 7, unit: 'mmHg', from: 30, to: 160, ask: 'Last blood pressure, lower number' },
  },
  stages: {
    t1: 'To 13 weeks 6 days', t2: '14 to 27 weeks', t3: 'From 28 weeks',
    't2-early': '14 to 19 weeks', 'w20-27': '20 to 27 weeks', w34: 'From 34 weeks', squat: 'From 34 weeks, or breech, low placenta, short cervix',
    pgp: 'Pelvic girdle pain of 4 or more', 'supine-symptoms': 'Unwell on the back',
    'experienced-t1': 'Experienced, first trimester', 'less-than-experienced-t1': 'Past the first trimester, or not experienced', beginner: 'Beginner', experienced: 'Experienced',
  }, // prettier-ignore
  stagesOf: ({ week, experience, complications, pelvicGirdlePain, symptomsSupine }) => {
    // A week that nobody told takes the strictest rows of all stages.
    const within = (from: number, to: number) => week === undefined || (week >= from && week < to);
    const practised = experience === 'experienced' && week !== undefined && week < 14;
    const lowLying = (complications ?? []).some((one) => one === 'breech' || one === 'placenta-praevia' || one === 'short-cervix');
    return [
      ...(within(0, 14) ? (['t1'] as const) : []),
      ...(within(14, 28) ? (['t2'] as const) : []),
      ...(within(28, 99) ? (['t3'] as const) : []),
      ...(within(14, 20) ? (['t2-early'] as const) : []),
      ...(within(20, 28) ? (['w20-27'] as const) : []),
      ...(within(34, 99) ? (['w34'] as const) : []),
      ...(within(34, 99) || lowLying ? (['squat'] as const) : []),
      ...((pelvicGirdlePain ?? 0) >= 4 ? (['pgp'] as const) : []),
      ...(symptomsSupine ? (['supine-symptoms'] as const) : []),
      practised ? 'experienced-t1' : 'less-than-experienced-t1',
      experience === 'experienced' ? 'experienced' : 'beginner',
    ];
  },
  screen: ({ week, experience, fetuses, complications, systolic, diastolic }) => {
    const found: ScreeningFinding[] = [];
    if (week === undefined)
      found.push({ parameter: 'week', text: 'The week is not known: the strictest limits of all stages are used.', outcome: 'note' });
    if (fetuses === undefined) found.push({ parameter: 'fetuses', text: 'Not answered: one child, twins or more?', outcome: 'clearance' });
    if (complications === undefined)
      found.push({ parameter: 'complications', text: 'Not answered: complications ("none" must be said).', outcome: 'clearance' });
    const has = (one: string) => (complications as readonly string[] | undefined)?.includes(one) ?? false;
    const stop = (one: string, text: string) => {
      if (has(one)) found.push({ parameter: 'complications', text, outcome: 'refer' });
    };
    if (has('placenta-praevia'))
      found.push(
        week === undefined || week >= 26
          ? { parameter: 'complications', text: 'Placenta praevia from 26 weeks: no practice (ACOG804; CAN19 says 28).', outcome: 'refer' }
          : {
              parameter: 'complications',
              text: 'Placenta praevia: written clearance; until then only the restricted profile.',
              outcome: 'clearance',
              restricted: true,
            },
      );
    stop('pre-eclampsia', 'Pre-eclampsia: no practice, medical contact today.');
    stop('cervical-insufficiency', 'Cervical insufficiency or cerclage: no practice.');
    stop('preterm-labour', 'Preterm labour in this pregnancy: no practice.');
    stop('ruptured-membranes', 'Waters broken: no practice.');
    stop('bleeding', 'Bleeding: no practice, medical contact today.');
    stop('growth-restriction', 'Growth restriction: no practice (CAN19).');
    stop('severe-anaemia', 'Severe anaemia (below 70 g/L): no practice.');
    stop('heart-or-lung', 'Significant heart or restrictive lung disease: no practice.');
    stop('uncontrolled-illness', 'Uncontrolled diabetes, thyroid or blood pressure: no practice.');
    if (has('hypertension'))
      found.push({
        parameter: 'complications',
        text: 'High blood pressure in pregnancy: nothing until cleared in writing.',
        outcome: 'clearance',
        restricted: true,
      });
    if (has('anaemia'))
      found.push({
        parameter: 'complications',
        text: 'Anaemia (70 to 99 g/L) or symptoms: written clearance, restricted profile.',
        outcome: 'clearance',
        restricted: true,
      });
    if (has('earlier-preterm-birth'))
      found.push({ parameter: 'complications', text: 'Earlier preterm birth: written clearance first (CAN19).', outcome: 'clearance' });
    if (has('ivf') && (week === undefined || week < 14))
      found.push({ parameter: 'complications', text: 'After IVF, first trimester: written clearance first.', outcome: 'clearance' });
    if (fetuses !== undefined && fetuses >= 3)
      found.push({ parameter: 'fetuses', text: 'Three or more children: no practice (CAN19).', outcome: 'refer' });
    if (fetuses === 2)
      found.push({
        parameter: 'fetuses',
        text: 'Twins: written clearance first.',
        outcome: 'clearance',
        restricted: week === undefined || week >= 28,
      });
    if (experience !== 'experienced' && week !== undefined && week >= 28)
      found.push({
        parameter: 'experience',
        text:
          experience === undefined
            ? 'Not known whether she practised before: a beginner who starts at 28 weeks or later needs written clearance.'
            : 'A beginner who starts at 28 weeks or later needs written clearance.',
        outcome: 'clearance',
      });
    if ((systolic ?? 0) >= 160 || (diastolic ?? 0) >= 110)
      found.push({ parameter: 'systolic', text: 'Blood pressure of 160/110 or more: emergency.', outcome: 'refer' });
    else if ((systolic ?? 0) >= 140 || (diastolic ?? 0) >= 90)
      found.push({
        parameter: 'systolic',
        text: 'Blood pressure of 140/90 or more in pregnancy: no practice, medical contact today.',
        outcome: 'refer',
      });
    return found;
  },
  redFlags: [
    { id: 'heavy-bleeding', text: 'Heavy bleeding, waters with cord or green fluid, a fit, chest pain', urgency: 'emergency' },
    { id: 'bleeding', text: 'Any bleeding or loss of fluid', urgency: 'today' },
    { id: 'contractions', text: 'Regular painful contractions before 37 weeks', urgency: 'today' },
    { id: 'less-movement', text: 'The child moves less', urgency: 'today' },
    {
      id: 'headache-or-sight',
      text: 'Severe headache, visual spots, pain under the ribs, sudden swelling of face or hands',
      urgency: 'today',
    },
    { id: 'calf', text: 'Pain or swelling of one calf', urgency: 'today' },
    { id: 'breathless', text: 'Breathless before effort, or dizziness that stays', urgency: 'today' },
    { id: 'fall', text: 'A fall or blow on the belly', urgency: 'today' },
    { id: 'fever', text: 'Fever of 38.0 or more', urgency: 'today' },
  ],
  schools: {
    'first-trimester': {
      name: 'The first trimester',
      positions: { rest: 'No asana until week 12 to 14', active: 'A healthy woman keeps moving' },
      default: 'active',
      because: 'Guideline bodies keep a healthy woman moving; no evidence of harm.',
    },
    'pregnancy-inversions': {
      name: 'Inversions for the experienced',
      positions: { continue: 'Continue in the first two trimesters', stop: 'Stop at the positive test' },
      default: 'stop',
      because: 'A fall is a real risk, and no benefit is lost.',
    },
  },
  limits: [
    ...row(
      'prg-01',
      { measure: 'bellyClosure', reason: 'The belly may be tender; stop when it feels wrong.', source: ['common practice'] },
      [{ bound: { atMost: 0.8 }, grade: 'watch', stages: ['t1'] }],
    ),
    ...row(
      'prg-02',
      {
        measure: 'bellyClosure',
        reason: 'Nothing may press the womb, so no lying on the belly and no closed folds.',
        source: ['common practice'],
      },
      [{ bound: { atMost: 0.3 }, grade: 'avoid', stages: ['t2', 't3'] }],
    ),
    ...row('prg-03', { measure: 'supineRun', reason: 'The womb begins to weigh on the big vein.', source: ['ACOG804*'] }, [
      { bound: { atMost: 5 }, grade: 'watch', stages: ['t2-early'] },
    ]),
    ...row(
      'prg-04',
      {
        measure: 'supineRun',
        reason: 'The womb presses the big vein; the pressure falls.',
        source: ['ACOG804*'],
        reading: '"Long" is read as 2 minutes; the guideline gives no number.',
      },
      [{ bound: { atMost: 2 }, grade: 'avoid', stages: ['w20-27'] }],
    ),
    ...row(
      'prg-05',
      {
        measure: 'supineRun',
        reason: 'The womb presses the big vein; also the habit matters at night.',
        source: ['ACOG804*', 'NG201*'],
        reading: '"Long" is read as 1 minute; the guideline gives no number.',
      },
      [
        { bound: { atMost: 1 }, grade: 'avoid', stages: ['t3'] },
        { as: 'symptoms', bound: { atMost: 0 }, grade: 'avoid', stages: ['supine-symptoms'] },
      ],
    ),
    ...row('prg-06', { measure: 'spineRotation', reason: 'Twist from the upper back.', source: ['common practice'] }, [
      { bound: { atMost: 45 }, grade: 'watch', stages: ['t1'] },
    ]),
    ...row('prg-07', { measure: 'spineRotation', reason: 'Open twists only, so that the belly stays free.', source: ['common practice'] }, [
      { bound: { atMost: 30 }, grade: 'modify', stages: ['t2', 't3'] },
    ]),
    ...row(
      'prg-08',
      { measure: 'lumbarFlexion', reason: 'Deep backbends pull on a stretched belly wall and a hollow back.', source: ['common practice'] },
      [
        { as: 't1', bound: { atLeast: -30 }, grade: 'modify', stages: ['t1'] },
        { as: 't2', bound: { atLeast: -20 }, grade: 'modify', stages: ['t2'] },
        { as: 't3', bound: { atLeast: -15 }, grade: 'avoid', stages: ['t3'] },
      ],
    ),
    ...row('prg-09', { measure: 'abdominalLoad', reason: 'Hard belly work makes the midline dome.', source: ['common practice'] }, [
      { as: 't1', bound: { atMost: 4 }, grade: 'watch', stages: ['t1'] },
      { as: 't2', bound: { atMost: 3 }, grade: 'modify', stages: ['t2'] },
      { as: 't3', bound: { atMost: 2 }, grade: 'avoid', stages: ['t3'] },
    ]),
    ...row(
      'prg-10',
      {
        grade: 'avoid',
        reason: "A fall from an inversion can't be risked; neck tissues are softer.",
        source: ['ACOG804*'],
        reading: "No load on the head is read as at most 0.1: the head's own weight may rest.",
      },
      [
        { as: 'head', measure: 'headLoad', bound: { atMost: 0.1 }, stages: ['t1', 't2'], school: 'pregnancy-inversions=stop' },
        { as: 'neck', measure: 'neckLoad', bound: { atMost: 0.05 }, stages: ['t1', 't2'], school: 'pregnancy-inversions=stop' },
        { as: 'head-t3', measure: 'headLoad', bound: { atMost: 0.1 }, stages: ['t3'] },
        { as: 'neck-t3', measure: 'neckLoad', bound: { atMost: 0.05 }, stages: ['t3'] },
      ],
    ),
    ...row('prg-11', { measure: 'headBelowHeart', grade: 'modify', reason: 'Reflux, giddiness, stuffy head.', source: ['POLIS*'] }, [
      { as: 't1-t2', bound: { atMost: 30 }, stages: ['t1', 't2'] },
      { as: 't3', bound: { atMost: 15 }, stages: ['t3'] },
    ]),
    ...row(
      'prg-12',
      { measure: 'hold', grade: 'modify', reason: 'Rising too fast from head-down makes faint.', source: ['common practice'] },
      [{ bound: { atMost: 30 }, when: [{ measure: 'headBelowHeart', over: 10 }], stages: ['t2', 't3'] }],
    ),
    ...row(
      'prg-13',
      { measure: 'kneeFlexionLoaded', grade: 'avoid', reason: 'A deep squat helps the baby engage.', source: ['common practice'] },
      [
        {
          bound: { atMost: 110 },
          when: [{ standing: true }],
          stages: ['squat'],
          reading: 'Read for squats on the feet: kneeling does not open the pelvis in the same way.',
        },
      ],
    ),
    ...row(
      'prg-14',
      {
        measure: 'support',
        reason: 'The balance point moves forward weekly.',
        source: ['ACOG804*'],
        when: [{ measure: 'feetDown', equals: 1 }, { standing: true }],
      },
      [
        { as: 't2', bound: { atLeast: 1 }, grade: 'modify', stages: ['t2'] },
        { as: 't3', bound: { atLeast: 1 }, grade: 'avoid', stages: ['t3'] },
      ],
    ),
    ...row('prg-15', { measure: 'balanceMargin', grade: 'modify', reason: 'Widen the stance.', source: ['common practice'] }, [
      { bound: { atLeast: 5 }, when: [{ standing: true }], stages: ['t2', 't3'] },
    ]),
    ...row('prg-16', { measure: 'legAsymmetry', reason: 'Loose ligaments; long lunges shear the pelvis.', source: ['common practice'] }, [
      { as: 't1-t2', bound: { atMost: 90 }, grade: 'watch', stages: ['t1', 't2'] },
      { as: 't3', bound: { atMost: 60 }, grade: 'modify', stages: ['t3'] },
    ]),
    ...row(
      'prg-17',
      { grade: 'avoid', stages: ['pgp'], reason: 'Uneven legs and wide legs bring the pain on.', source: ['common practice'] },
      [
        { as: 'uneven', measure: 'legAsymmetry', bound: { atMost: 30 } },
        { as: 'wide', measure: 'hipAbduction', bound: { atMost: 20 } },
        { as: 'one-foot', measure: 'feetDown', bound: { equals: 2 }, when: [{ standing: true }] },
      ],
    ),
    ...row(
      'prg-18',
      { measure: 'hipAbduction', grade: 'watch', reason: "Don't use new looseness as progress.", source: ['common practice'] },
      [{ bound: { atMost: 60 } }],
    ),
    ...row('prg-19', { measure: 'standingRun', reason: 'Standing still lets blood pool.', source: ['ACOG804*'] }, [
      { as: 't1', bound: { atMost: 3 }, grade: 'watch', stages: ['t1'] },
      { as: 't2-t3', bound: { atMost: 2 }, grade: 'modify', stages: ['t2', 't3'] },
    ]),
    ...row(
      'prg-20',
      {
        measure: 'transitionTime',
        grade: 'watch',
        reason: 'Roll to the side, push up with the hands, pause.',
        source: ['common practice'],
      },
      [{ bound: { atLeast: 5 }, when: [{ measure: 'levelChange', from: 50 }] }],
    ),
    ...row('prg-21', { measure: 'floorTrips', grade: 'watch', reason: 'Getting up is the hardest move.', source: ['common practice'] }, [
      { bound: { atMost: 4 }, stages: ['t3'] },
    ]),
    ...row(
      'prg-22',
      { measure: 'breathRetention', grade: 'avoid', reason: 'Oxygen for the baby, no pressure downwards.', source: ['ACOG804*'] },
      [{ bound: { atMost: 0 } }],
    ),
    ...row(
      'prg-23',
      {
        measure: 'breathRate',
        grade: 'avoid',
        reason: 'No pumping or forced breath: the belly jerks, giddiness.',
        source: ['common practice'],
      },
      [{ bound: { atLeast: 5, atMost: 20 } }],
    ),
    ...row('prg-24', { measure: 'effort', grade: 'modify', reason: 'She must be able to talk.', source: ['ACOG804*'] }, [
      { as: 'experienced', bound: { atMost: 4 }, stages: ['experienced-t1'] },
      { as: 'others', bound: { atMost: 3 }, stages: ['less-than-experienced-t1'], when: [{ measure: 'hold', over: 30 }] },
      { as: 'others-strong', bound: { atMost: 4 }, stages: ['less-than-experienced-t1'] },
    ]),
    ...row('prg-25', { measure: 'met', grade: 'watch', reason: 'Moderate activity only.', source: ['ACOG804*'] }, [
      { as: 'beginner', bound: { atMost: 3.5 }, stages: ['beginner'] },
      { as: 'experienced', bound: { atMost: 6 }, stages: ['experienced'] },
    ]),
    ...row('prg-26', { measure: 'impact', grade: 'avoid', reason: 'Step, never jump.', source: ['common practice'] }, [
      { bound: { atMost: 0 } },
    ]),
    ...row('prg-27', { measure: 'heat', grade: 'avoid', reason: 'No hot yoga.', source: ['ACOG804*'] }, [{ bound: { atMost: 27 } }]),
    ...row('prg-28', { measure: 'sessionMinutes', grade: 'watch', reason: 'Heat and tiredness.', source: ['common practice'] }, [
      { as: 'experienced', bound: { atMost: 75 }, stages: ['experienced-t1'] },
      { as: 'others', bound: { atMost: 60 }, stages: ['less-than-experienced-t1'] },
    ]),
  ],
  favour: ['strengthen-legs', 'strengthen-back', 'stretch-side-body', 'mobilise-hips', 'pelvic-floor', 'calm'],
  stopInClass:
    "Any red flag; a contraction that doesn't settle on the left side in 5 minutes; giddy or sick on the back: to the left side at once.",
});
