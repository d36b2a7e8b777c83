import { condition, type ScreeningFinding } from './condition.js';
import { limits } from './limits.js';

/** Written from memory of the sources; to be reviewed by a licensed clinician. */
/** Heads held low for a short time. */
const SHORT_DOG = 'Ours: a study of 25 women in weeks 35 to 37 saw no acute harm in a short, supervised downward dog (Obstet Gynecol 2015).';

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
  gathering: ['squat', 'less-than-experienced-t1', 'experienced-t1'],
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
    { id: 'heavy-bleeding', text: 'Heavy bleeding, the waters broken with the cord felt or green fluid, a fit, chest pain', urgency: 'emergency' },
    { id: 'bleeding', text: 'Any bleeding or loss of fluid', urgency: 'today' },
    { id: 'contractions', text: 'Regular painful contractions before 37 weeks', urgency: 'today' },
    { id: 'less-movement', text: 'The baby moves less than usual', urgency: 'today' },
    {
      id: 'headache-or-sight',
      text: 'Severe headache, visual spots, pain under the ribs, sudden swelling of face or hands',
      urgency: 'today',
    },
    { id: 'calf', text: 'Pain or swelling of one calf', urgency: 'today' },
    { id: 'breathless', text: 'Breathless already at rest, or dizziness that stays', urgency: 'today' },
    { id: 'fall', text: 'A fall or blow on the belly', urgency: 'today' },
    { id: 'fever', text: 'Fever of 38.0 °C or more', urgency: 'today' },
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
    ...limits('prg-01', 'The belly may be tender in the first weeks; stop where it feels wrong.', 'common practice', ['bellyClosure', '<= 0.8', 'watch', ['t1']]),
    ...limits('prg-02', 'Nothing may press the womb: no lying on the belly, no closed folds.', 'common practice',
      ['bellyClosure', '<= 0.3', 'avoid', ['t2', 't3']]),
    ...limits('prg-03', 'Lying flat, the womb begins to weigh on the big vein.', 'ACOG804*', ['supineRun', '<= 5', 'watch', ['t2-early']]),
    ...limits('prg-04', 'Lying flat, the womb presses the big vein and the blood pressure falls.', 'ACOG804*',
      ['supineRun', '<= 2', 'avoid', ['w20-27'], { reading: '"Long" is read as 2 minutes; the guideline gives no number.' }]),
    ...limits('prg-05', 'Lying flat, the womb presses the big vein; the side is the better habit for the night too.', ['ACOG804*', 'NG201*'],
      ['supineRun', '<= 1', 'avoid', ['t3'], { reading: '"Long" is read as 1 minute; the guideline gives no number.' }],
      ['supineRun', '<= 0', 'avoid', ['supine-symptoms'], { as: 'symptoms', reading: '"Long" is read as 1 minute; the guideline gives no number.' }]),
    ...limits('prg-06', 'Turning from the upper back leaves the belly free.', 'common practice', ['spineRotation', '<= 45', 'watch', ['t1']]),
    ...limits('prg-07', 'The twist stays open, so that the belly is free.', 'common practice', ['spineRotation', '<= 30', 'modify', ['t2', 't3']]),
    ...limits('prg-08', 'Deep backbends pull on a stretched belly wall and a hollow back.', 'common practice',
      ['lumbarFlexion', '>= -30', 'modify', ['t1'], { as: 't1' }],
      ['lumbarFlexion', '>= -20', 'modify', ['t2'], { as: 't2' }],
      ['lumbarFlexion', '>= -15', 'avoid', ['t3'], { as: 't3' }]),
    ...limits('prg-09', 'Hard work of the belly makes the midline bulge.', 'common practice',
      ['abdominalLoad', '<= 4', 'watch', ['t1'], { as: 't1' }],
      ['abdominalLoad', '<= 3', 'modify', ['t2'], { as: 't2' }],
      ['abdominalLoad', '<= 2', 'avoid', ['t3'], { as: 't3' }]),
    ...limits('prg-10', { headLoad: 'No weight goes on the head: a fall can’t be risked.', neckLoad: 'The ligaments of the neck are softer now; it carries no weight.' }, 'ACOG804*',
      ['headLoad', '<= 0.1', 'avoid', ['t1', 't2'], { as: 'head', school: 'pregnancy-inversions=stop', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }],
      ['neckLoad', '<= 0.05', 'avoid', ['t1', 't2'], { as: 'neck', school: 'pregnancy-inversions=stop', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }],
      ['headLoad', '<= 0.1', 'avoid', ['t3'], { as: 'head-t3', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }],
      ['neckLoad', '<= 0.05', 'avoid', ['t3'], { as: 'neck-t3', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }]),
    ...limits('prg-11', 'Hanging the head low brings reflux, giddiness and a stuffy nose.', 'common practice',
      ['headBelowHeart', '<= 30', 'modify', ['t1', 't2'], { as: 't1-t2', reading: SHORT_DOG }],
      ['headBelowHeart', '<= 15', 'modify', ['t3'], { as: 't3', reading: SHORT_DOG }]),
    ...limits('prg-12', 'Coming up fast after the head was low makes people faint.', 'common practice', ['hold', '<= 30', 'modify', ['t2', 't3'], 'headBelowHeart > 10']),
    ...limits('prg-13', 'A deep squat helps the baby to engage, which waits for the midwife’s word.', 'common practice',
      ['kneeFlexionLoaded', '<= 110', 'avoid', ['squat'], 'standing', { reading: 'Read for squats on the feet: kneeling does not open the pelvis in the same way.' }]),
    ...limits('prg-14', 'The centre of weight moves forward week by week, so that balance needs a hand.', 'ACOG804*',
      ['support', '>= 1', 'modify', ['t2'], 'feetDown = 1', 'standing', { as: 't2' }],
      ['support', '>= 1', 'avoid', ['t3'], 'feetDown = 1', 'standing', { as: 't3' }],
      ['support', '>= 2', 'modify', ['t2', 't3'], 'feetDown = 1', 'standing', 'trunkPitch > 45', { as: 'bent-over', reading: 'One leg and a trunk that leans: a wall or a chair, more than a hand on a block.' }]),
    ...limits('prg-15', 'The bigger belly makes standing less steady; a wider base or a hand helps.', 'common practice', ['balanceMargin', '>= 5', 'modify', ['t2', 't3'], 'standing', 'support < 1', 'hold > 0', { reading: 'What is held: a step while walking is none.' }]),
    ...limits('prg-16', 'Ligaments are loose now, and a long lunge pulls on the joints of the pelvis.', 'common practice',
      ['legAsymmetry', '<= 90', 'watch', ['t1', 't2'], { as: 't1-t2' }],
      // Shortens long lunges and leaves ordinary standing poses: no evidence bars these where the pelvis doesn't hurt.
      ['legAsymmetry', '<= 112', 'modify', ['t3'], { as: 't3' }]),
    ...limits('prg-17', 'Uneven legs and wide legs bring the pain on.', 'common practice',
      ['legAsymmetry', '<= 30', 'avoid', ['pgp'], { as: 'uneven' }],
      ['hipAbduction', '<= 20', 'avoid', ['pgp'], { as: 'wide' }],
      ['feetDown', '= 2', 'avoid', ['pgp'], 'standing', { as: 'one-foot' }]),
    ...limits('prg-18', 'The looseness of pregnancy is no progress; it needs holding, not stretching.', 'common practice', ['hipAbduction', '<= 60', 'watch']),
    ...limits('prg-19', 'Standing still lets blood pool.', 'ACOG804*',
      ['standingRun', '<= 3', 'watch', ['t1'], { as: 't1' }],
      ['standingRun', '<= 2', 'modify', ['t2', 't3'], { as: 't2-t3' }]),
    ...limits('prg-20', 'Getting up over the side, with the hands, spares belly and blood pressure.', 'common practice',
      ['transitionTime', '>= 5', 'watch', undefined, 'levelChange >= 50']),
    ...limits('prg-21', 'Getting up from the floor is the hardest move of the class.', 'common practice', ['floorTrips', '<= 4', 'watch', ['t3']]),
    ...limits('prg-22', 'A held breath takes oxygen from the baby and presses downwards.', 'ACOG804*', ['breathRetention', '<= 0', 'avoid']),
    ...limits('prg-23', 'Pumping or forced breath jerks the belly and makes giddy.', 'common practice', ['breathRate', '5..20', 'avoid']),
    ...limits('prg-24', 'Work that leaves no breath to talk is too hard in pregnancy.', 'ACOG804*',
      ['effort', '<= 4', 'modify', ['experienced-t1'], { as: 'experienced' }],
      ['effort', '<= 3', 'modify', ['less-than-experienced-t1'], 'hold > 30', { as: 'others' }],
      ['effort', '<= 4', 'modify', ['less-than-experienced-t1'], { as: 'others-strong' }]),
    ...limits('prg-25', 'Moderate work is what pregnancy is advised; hard work is for those who are used to it.', 'ACOG804*',
      ['met', '<= 3.5', 'watch', ['beginner'], { as: 'beginner' }],
      ['met', '<= 6', 'watch', ['experienced'], { as: 'experienced' }]),
    ...limits('prg-26', 'A jump jolts the pelvic floor and loose joints; stepping does not.', 'common practice', ['impact', '<= 0', 'avoid']),
    ...limits('prg-27', 'An overheated body can harm the baby; no hot room.', 'ACOG804*', ['heat', '<= 27', 'avoid']),
    ...limits('prg-28', 'A long class brings heat and tiredness.', 'common practice',
      ['sessionMinutes', '<= 75', 'watch', ['experienced-t1'], { as: 'experienced' }],
      ['sessionMinutes', '<= 60', 'watch', ['less-than-experienced-t1'], { as: 'others' }]),
  ],
  favour: ['strengthen-legs', 'strengthen-back', 'stretch-side-body', 'mobilise-hips', 'pelvic-floor', 'calm'],
  stopInClass:
    "Any red flag; a contraction that doesn't settle on the left side in 5 minutes; giddy or sick on the back: to the left side at once.",
});
