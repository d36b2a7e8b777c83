import { condition, row, type ScreeningFinding } from './condition.js';

/** Walks, but practises in a chair. From memory of the sources; to be reviewed. */
export const chairAmbulatory = condition({
  id: 'chair-ambulatory',
  name: 'Practises in a chair (walks)',
  words: ['chair', 'chair yoga', 'cannot get down to the floor', 'seated practice', 'office'],
  parameters: {
    transfer: { kind: 'choice', options: ['alone', 'hands', 'help'], ask: 'Standing up from the chair', default: 'hands' },
    backRest: { kind: 'yesno', ask: 'Is the back rest needed?', default: true },
    kneeHeight: { kind: 'number', unit: 'cm', from: 30, to: 60, ask: 'Floor to the back of the knee', default: 42 },
    floor: { kind: 'choice', options: ['never', 'withHelp', 'yes'], ask: 'Getting down to the floor', default: 'never' },
    chairOk: { kind: 'yesno', ask: 'Rigid chair, no wheels, no arms, four feet on a mat or against a wall, strong enough?' },
    standing: { kind: 'yesno', ask: 'Standing steps as well?', default: false },
  },
  stages: {
    sit: 'Sitting only', sitStand: 'Sitting and standing', 'floor-never': 'Never on the floor',
    'back-rest': 'Back rest needed', 'no-back-rest': 'Back rest not needed',
  }, // prettier-ignore
  stagesOf: ({ transfer = 'hands', backRest = true, floor = 'never', standing = false }) => [
    transfer !== 'help' && standing ? 'sitStand' : 'sit',
    ...(floor === 'never' ? (['floor-never'] as const) : []),
    backRest ? 'back-rest' : 'no-back-rest',
  ],
  screen: ({ chairOk }) => {
    const found: ScreeningFinding[] = [];
    if (chairOk === undefined)
      found.push({
        parameter: 'chairOk',
        text: 'Not answered: is the chair rigid, without wheels, and strong enough? It is not used until it is.',
        outcome: 'note',
      });
    if (chairOk === false)
      found.push({
        parameter: 'chairOk',
        text: 'The chair is not fit for practice: find a rigid one without wheels first.',
        outcome: 'clearance',
      });
    return found;
  },
  redFlags: [
    { id: 'chest', text: 'Chest pain or pressure, breathless at rest, fainting, new one-sided weakness', urgency: 'emergency' },
    { id: 'fever', text: 'Fever of 38.0 or more, swelling or pain of one calf', urgency: 'today' },
  ],
  schools: {
    'chair-practice': {
      name: 'Chair work',
      positions: { lesser: 'A step on the way to the floor', full: 'A full practice of its own' },
      default: 'full',
      because: 'The chair gives what the floor gives, for those who can use it.',
    },
  },
  limits: [
    ...row('cha-01', { measure: 'facing', reason: 'Everything in or at the chair.', source: ['common practice'] }, [
      { bound: { is: ['upright'] }, grade: 'modify', stages: ['floor-never'] },
    ]),
    ...row(
      'cha-02',
      { measure: 'balanceMargin', reason: 'Leaning past the front legs tips chair or person.', source: ['common practice'] },
      [{ bound: { atLeast: 5 }, grade: 'avoid', stages: ['sit', 'sitStand'] }],
    ),
    ...row('cha-03', { measure: 'headBelowHeart', reason: 'Giddy when coming up; slides forward.', source: ['common practice'] }, [
      { bound: { atMost: 10 }, grade: 'modify' },
    ]),
    ...row('cha-04', { measure: 'bellyClosure', reason: 'Breath and reflux.', source: ['common practice'] }, [
      { bound: { atMost: 0.7 }, grade: 'modify' },
    ]),
    ...row('cha-05', { measure: 'feetDown', reason: 'The feet are the anchor; a block under short legs.', source: ['common practice'] }, [
      { as: 'both', bound: { atLeast: 2 }, grade: 'modify', stages: ['back-rest'] },
      { as: 'one', bound: { atLeast: 1 }, grade: 'modify', stages: ['no-back-rest'] },
    ]),
    ...row('cha-06', { measure: 'support', reason: 'Grip the chair back.', source: ['STEADI*'] }, [
      { bound: { atLeast: 2 }, when: [{ standing: true }], grade: 'avoid', stages: ['sitStand'] },
    ]),
    ...row('cha-07', { measure: 'lumbarFlexion', reason: 'A slumped bend over the knees loads the discs.', source: ['common practice'] }, [
      { bound: { atMost: 40 }, grade: 'modify' },
    ]),
    ...row('cha-08', { measure: 'spineRotation', reason: 'Hands on the chair can lever too far.', source: ['common practice'] }, [
      { bound: { atMost: 40 }, grade: 'modify' },
    ]),
    ...row('cha-09', { measure: 'hold', reason: 'Arms up tire and raise the pressure.', source: ['common practice'] }, [
      { bound: { atMost: 20 }, when: [{ measure: 'shoulderElevation', over: 120 }], grade: 'watch' },
    ]),
    ...row(
      'cha-10',
      { measure: 'kneeFlexionLoaded', reason: 'The seat is too low: raise it with a blanket.', source: ['common practice'] },
      [{ bound: { atMost: 100 }, grade: 'modify', stages: ['sitStand'] }],
    ),
    ...row('cha-11', { measure: 'floorTrips', reason: 'The way down and up is not safe.', source: ['common practice'] }, [
      { bound: { atMost: 0 }, grade: 'avoid', stages: ['floor-never'] },
    ]),
    ...row('cha-12', { measure: 'effort', reason: 'Small muscles, slow.', source: ['common practice'] }, [
      { bound: { atMost: 3 }, grade: 'modify' },
    ]),
    ...row('cha-13', { measure: 'met', reason: 'Gentle work only; fitness is unknown.', source: ['common practice'] }, [
      { bound: { atMost: 3 }, grade: 'watch' },
    ]),
    ...row('cha-14', { measure: 'breathRetention', reason: 'The state of the heart is unknown.', source: ['common practice'] }, [
      { bound: { atMost: 0 }, grade: 'avoid' },
    ]),
    ...row('cha-15', { measure: 'impact', reason: 'No stamping or dropping on to the seat.', source: ['common practice'] }, [
      { bound: { atMost: 0 }, grade: 'avoid' },
    ]),
    ...row('cha-16', { measure: 'heat', reason: 'Heat brings giddiness.', source: ['common practice'] }, [
      { bound: { atMost: 27 }, grade: 'modify' },
    ]),
    ...row(
      'cha-17',
      { measure: 'sessionMinutes', reason: 'The seat goes numb: shift the weight every 10 minutes.', source: ['common practice'] },
      [{ bound: { atMost: 45 }, grade: 'watch' }],
    ),
  ],
  favour: ['mobilise-spine-flexion', 'mobilise-shoulders', 'posture-awareness', 'functional-transfer', 'breath-awareness'],
  stopInClass: 'Sliding forward, giddy, a numb leg, a chair that moves.',
});
