import { readLetter } from './letter.js';

/** Invented letters in the usual manner of their kind (common practice, no source). */
const REFERRAL = `Dear colleague,

Thank you for seeing Mrs Vale for a gentle class. She has osteoporosis (T-score of -2.8 at the spine, -2.1 at
the hip) with one vertebral fracture. Her blood pressure is 148/88; she has had hypertension for years.
No history of stroke, heart failure or diabetes. Her mother had glaucoma. She had a right total hip replacement
7 weeks ago, posterior approach. Pain is 3/10 at rest. Asthma was excluded last year.

She denies dizziness, but has mild Parkinson's disease (Hoehn and Yahr stage II).`;

const answersIn = (text: string) => readLetter(text).found.map(({ answer }) => answer);

test('conditions come with the numbers beside them and with the sentences they stand in', () => {
  const { found } = readLetter(REFERRAL);
  expect(found.map(({ answer }) => answer)).toEqual([
    { id: 'osteoporosis', painNow: 3, tScore: -2.8, vertebralFractures: 1 },
    { id: 'hypertension', systolic: 148, diastolic: 88 },
    { id: 'hip-replacement', painNow: 3, weeksSinceSurgery: 7 },
    { id: 'parkinsons', hy: 2 },
  ]);
  expect(found[2]!.quotes[0]).toBe('She had a right total hip replacement 7 weeks ago, posterior approach.');
});

test('what is denied or told of the family is listed with its sentence and not proposed', () => {
  expect(readLetter(REFERRAL).not.map(({ condition, why }) => `${condition} ${why}`)).toEqual([
    'stroke-tia denied',
    'heart-failure denied',
    'diabetes denied',
    'glaucoma family',
    'asthma-copd denied',
    'vertigo denied',
  ]);
});

test.each([
  ['Heart failure, LVEF 35 %, NYHA class II.', [{ id: 'heart-failure', nyha: 2, ef: 35 }]],
  ['24 weeks pregnant with twins. BP 128/76.', [{ id: 'pregnancy', week: 24, systolic: 128, diastolic: 76 }]],
  ['Warfarin, INR 2,4.', [{ id: 'blood-thinners', inr: 2.4 }]],
  ['Scoliosis with a Cobb angle of 24 degrees.', [{ id: 'scoliosis', cobb: 24 }]],
  ['Sciatica on the left. SLR positive at 40 degrees.', [{ id: 'sciatica', slrAngle: 40 }]],
  // Out of the range that is asked for: not taken.
  ['Osteoporosis, T-score 28.', [{ id: 'osteoporosis' }]],
  // Weeks of something else are no weeks since the relapse.
  ['Multiple sclerosis. Holiday of 3 weeks planned.', [{ id: 'multiple-sclerosis' }]],
])('%s', (text, answers) => expect(answersIn(text)).toEqual(answers));

test.each(['', 'Children at home, the chair at work is poor, BP taken for a long period.', 'Not diabetic. No known asthma.', '\u0000 ] ( * 🙂'])(
  'nothing is proposed from %j',
  (text) => expect(answersIn(text)).toEqual([]),
);
