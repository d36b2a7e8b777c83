import { readCondition } from '../conditions/check-answers.js';
import type { ConditionAnswer } from '../conditions/condition.js';

/** From one thing to heed to several at once. */
export const LEVELS = [1, 2, 3] as const;
export type TrainingLevel = (typeof LEVELS)[number];

/** Somebody invented, and what they would like to do. */
export interface TrainingClient {
  readonly id: string;
  readonly name: string;
  readonly level: TrainingLevel;
  /** What they say of themselves. */
  readonly about: string;
  /** The same as conditions with their answers. */
  readonly conditions: readonly ConditionAnswer[];
  /** Steps as a teacher writes them. */
  readonly steps: readonly string[];
}

const EASY = 'Mountain, 5 breaths';

/** Everybody here is invented. */
export const TRAINING_CLIENTS: readonly TrainingClient[] = (
  [
    {
      id: 'vera',
      name: 'Vera Holt',
      level: 1,
      about: '30 weeks pregnant with one child, all is well, no practice before it. Blood pressure 112 over 70.',
      conditions: ['pregnancy week=30 experience=beginner fetuses=1 complications=none systolic=112 diastolic=70'],
      steps: ['Cobra, 4 breaths', 'Goddess, 4 breaths', 'Final rest, 6 min', 'Cat-cow, 6x', 'Seated twist, 4 breaths each side'],
    },
    {
      id: 'otto',
      name: 'Otto Brann',
      level: 1,
      about: 'High blood pressure, 150 over 92 at the last reading, no aneurysm, no damage to organs.',
      conditions: ['hypertension systolic=150 diastolic=92 controlled=no aneurysm=no organDamage=no'],
      steps: [
        'Downward dog, 5 breaths',
        'Warrior II, 4 breaths each side',
        'Bridge, 5 breaths',
        'Headstand, 1 min',
        'Longer exhale, 3 min',
      ],
    },
    {
      id: 'sunniva',
      name: 'Sunniva Falk',
      level: 1,
      about: 'Osteoporosis, a T-score of -2.9, nothing broken yet.',
      conditions: ['osteoporosis tScore=-2.9 vertebralFractures=0 painNow=0'],
      steps: ['Seated forward fold, 5 breaths', 'Locust, 3 breaths', 'Chair pose, 3 breaths', 'Plow, 1 min', EASY],
    },
    {
      id: 'jonte',
      name: 'Jonte Wrede',
      level: 1,
      about: 'Carpal tunnel on both sides, numb at night, pain 3 today.',
      conditions: ['wrist kind=carpal-tunnel painNow=3 painNextDay=same side=both nightNumb=yes thumbWeak=no extensionFree=60'],
      steps: [
        'Plank, 5 breaths',
        'Sphinx, 5 breaths',
        'Downward dog, 5 breaths',
        'Warrior I, 4 breaths each side',
        'Tree, 5 breaths each side',
      ],
    },
    {
      id: 'elna',
      name: 'Elna Moor',
      level: 1,
      about: 'Early glaucoma of the open angle, pressure 19, no operation.',
      conditions: ['glaucoma type=openAngle severity=early iop=19 surgery=none'],
      steps: [
        'Standing forward fold, 5 breaths',
        'Cat-cow, 6x',
        'Legs up the wall, 5 min',
        'Triangle, 4 breaths each side',
        'Shoulder stand, 1 min',
      ],
    },
    {
      id: 'pelle',
      name: 'Pelle Ro',
      level: 2,
      about: 'A disc in the low back, nine weeks ago, bending forward makes it worse, no signs in the leg, pain 3.',
      conditions: ['lumbar-disc phase=recovering weeksSinceOnset=9 direction=flexion legSymptoms=none painNow=3 hoursSinceWaking=5'],
      steps: ['Sphinx, 5 breaths', 'Seated forward fold, 5 breaths', "Child's pose, 1 min", 'Bird dog, 6x each side', 'Boat, 3 breaths'],
    },
    {
      id: 'gudrun',
      name: 'Gudrun Aas',
      level: 2,
      about: 'A new hip on the left, through the back, 40 weeks ago; the surgeon has lifted nothing. No pain.',
      conditions: ['hip-replacement approach=posterior side=left weeksSinceSurgery=40 highRisk=no painNow=0'],
      steps: [
        'Warrior II, 4 breaths each side',
        'Seated forward fold, 5 breaths',
        'Tree at the wall, 5 breaths each side',
        'Pigeon, 5 breaths each side',
        'Bridge, 5 breaths',
      ],
    },
    {
      id: 'tilde',
      name: 'Tilde Vang',
      level: 2,
      about: 'Ten weeks after a birth, no stitches left, the belly closes but for a finger, a feeling of heaviness below.',
      conditions: ['postpartum weeks=10 birth=vaginal tear=1 gapFingers=1 doming=no pelvicFloor=heaviness checkDone=yes lochia=none'],
      steps: ['Bridge, 5 breaths', 'Squat, 5 breaths', 'Warrior II, 4 breaths each side', 'Boat, 3 breaths', 'Cat-cow, 6x'],
    },
    {
      id: 'harald',
      name: 'Harald Sten',
      level: 2,
      about: 'Parkinson’s, stage 3, well adjusted at this hour, freezes at times, fell once this year.',
      conditions: ['parkinsons hy=3 state=on minutesSinceDose=60 freezing=yes falls=1 dropSystolic=5 cognition=ok'],
      steps: [
        'Tree, 5 breaths each side',
        'Chair twist, 4 breaths each side',
        'Heel raises behind the chair, 8x',
        'Seated march, 10x',
        'Downward dog, 5 breaths',
      ],
    },
    {
      id: 'mirre',
      name: 'Mirre Dahl',
      level: 3,
      about: '26 weeks pregnant and used to practice, all well, 115 over 72; carpal tunnel since the spring, pain 3, numb at night.',
      conditions: [
        'pregnancy week=26 experience=experienced fetuses=1 complications=none systolic=115 diastolic=72',
        'wrist kind=carpal-tunnel painNow=3 painNextDay=same side=both nightNumb=yes thumbWeak=no extensionFree=60',
      ],
      steps: [
        'Downward dog, 5 breaths',
        'Goddess, 5 breaths',
        'Side plank, 3 breaths each side',
        'Seated side bend, 4 breaths each side',
        'Camel, 3 breaths',
      ],
    },
    {
      id: 'ansgar',
      name: 'Ansgar Lie',
      level: 3,
      about: '78 years old, fell twice this year, gets up in 14 seconds; osteoporosis with one broken vertebra two years ago.',
      conditions: [
        'seniors age=78 sex=m tug=14 tandem=6 falls=2 injuriousFall=no bone=osteoporosis',
        'osteoporosis tScore=-3.1 vertebralFractures=1 weeksSinceFracture=110 painNow=1',
      ],
      steps: [
        'Sit to stand, 6x',
        'Chair forward fold, 4 breaths',
        'Tree, 5 breaths each side',
        'Chair twist, 3 breaths each side',
        'Chair mountain, 1 min',
      ],
    },
    {
      id: 'idun',
      name: 'Idun Strand',
      level: 3,
      about: 'Migraine six days a month, none now, hanging the head sets it off; very loose joints, feels faint when standing long.',
      conditions: [
        'hypermobility type=hsd beighton=7 age=26 diagnosed=yes unstable=none painNow=2 painNextDay=same pots=yes neckInstability=no',
        'migraine-headache type=migraine now=0 daysPerMonth=6 triggers=headDown',
      ],
      steps: [
        'Standing forward fold, 5 breaths',
        'Mountain, 3 min',
        'Bird dog, 6x each side',
        'Splits, 5 breaths each side',
        'Final rest, 6 min',
      ],
    },
  ] satisfies readonly (Omit<TrainingClient, 'conditions'> & { conditions: readonly string[] })[]
).map((client) => ({ ...client, conditions: client.conditions.map((text) => readCondition(text).answer) }));
