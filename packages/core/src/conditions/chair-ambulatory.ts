import { condition, type ScreeningFinding } from './condition.js';
import { ARMS_HELD, limits } from './limits.js';

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
    { id: 'fever', text: 'Fever of 38.0 °C or more, swelling or pain of one calf', urgency: 'today' },
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
    ...limits('cha-01', 'The floor is out of reach; all is done in or at the chair.', 'common practice', ['facing', ['upright'], 'modify', ['floor-never']]),
    ...limits('cha-02', 'Leaning past the front legs tips the chair or the person.', 'common practice', ['balanceMargin', '>= 5', 'avoid', ['sit', 'sitStand'], 'support < 2']),
    ...limits('cha-03', 'A head hung low from a chair makes giddy on coming up, and lets the body slide forward.', 'common practice', ['headBelowHeart', '<= 10', 'modify']),
    ...limits('cha-04', 'A belly pressed on the thighs cramps the breath and brings reflux.', 'common practice', ['bellyClosure', '<= 0.7', 'modify']),
    ...limits('cha-05', 'The feet on the floor, or on a block, are the anchor.', 'common practice',
      ['feetDown', '>= 2', 'modify', ['back-rest'], { as: 'both' }],
      ['feetDown', '>= 1', 'modify', ['no-back-rest'], { as: 'one' }]),
    ...limits('cha-06', 'Standing here needs both hands on the chair back.', 'STEADI*', ['support', '>= 2', 'avoid', ['sitStand'], 'standing']),
    ...limits('cha-07', 'A slumped bend over the knees loads the discs.', 'common practice', ['lumbarFlexion', '<= 40', 'modify']),
    ...limits('cha-08', 'Hands on the chair can lever the twist too far.', 'common practice', ['spineRotation', '<= 40', 'modify']),
    ...limits('cha-09', 'Arms held up tire and raise the blood pressure.', 'common practice', ['hold', '<= 20', 'watch', undefined, 'shoulderElevation > 120', 'elbowAboveHeart > 18', ARMS_HELD]),
    ...limits('cha-10', 'Rising from so low a seat is too hard; a blanket on it helps.', 'common practice', ['kneeFlexionLoaded', '<= 100', 'modify', ['sitStand']]),
    ...limits('cha-11', 'The way down to the floor and up again isn’t safe here.', 'common practice', ['floorTrips', '<= 0', 'avoid', ['floor-never']]),
    ...limits('cha-12', 'People who sit much have small reserves; slow, light work.', 'common practice', ['effort', '<= 3', 'modify']),
    ...limits('cha-13', 'How fit the heart is isn’t known, so the work stays gentle.', 'common practice', ['met', '<= 3', 'watch']),
    ...limits('cha-14', 'How the heart is isn’t known, so the breath isn’t held.', 'common practice', ['breathRetention', '<= 0', 'avoid']),
    ...limits('cha-15', 'Stamping, or dropping on to the seat, jars the spine.', 'common practice', ['impact', '<= 0', 'avoid']),
    ...limits('cha-16', 'Heat makes people giddy in the chair.', 'common practice', ['heat', '<= 27', 'modify']),
    ...limits('cha-17', 'The seat goes numb; the weight is shifted every 10 minutes.', 'common practice', ['sessionMinutes', '<= 45', 'watch']),
  ],
  favour: ['mobilise-spine-flexion', 'mobilise-shoulders', 'posture-awareness', 'functional-transfer', 'breath-awareness'],
  stopInClass: 'Sliding forward, giddy, a numb leg, a chair that moves.',
});
