import { CONDITIONS } from './all.js';
import { findConditions, mentionedConditions } from './search.js';

/** What people say and write, misspelled as they do (common practice, no source). */
test.each([
  ['high BP', 'hypertension'], ['low blood pressure', 'hypotension-syncope'], ['slipped disk', 'lumbar-disc'], ['slipped disc', 'lumbar-disc'],
  ['bulging disc L4/5', 'lumbar-disc'], ['herniated disc', 'lumbar-disc'], ['C-section', 'postpartum'], ['caesarian', 'postpartum'], ['expecting', 'pregnancy'], ['pregnent', 'pregnancy'],
  ['siatica', 'sciatica'], ['ostoporosis', 'osteoporosis'], ['scolosis', 'scoliosis'], ['heart attack', 'coronary-heart-disease'], ['stent', 'coronary-heart-disease'], ['pacemaker', 'cardiac-device'],
  ['MS', 'multiple-sclerosis'], ['parkinson', 'parkinsons'], ['long covid', 'chronic-fatigue'], ['ME/CFS', 'chronic-fatigue'], ['heartburn', 'reflux'], ['GERD', 'reflux'],
  ['new hip', 'hip-replacement'], ['frozen shoulder', 'shoulder'], ['tennis elbow', 'elbow'], ['carpal tunnel', 'wrist'], ['plantar fascitis', 'ankle-foot'], ['meniscus', 'knee'],
  ['migrane', 'migraine-headache'], ['BPPV', 'vertigo'], ['glaucoma', 'glaucoma'], ['cataract', 'retinal-disease'], ['asthma', 'asthma-copd'], ['panic attacks', 'anxiety-depression-ptsd'],
  ['wheelchair', 'wheelchair-user'], ['period', 'menstruation'], ['bendy joints', 'hypermobility'], ['endometriosis', 'pelvic-pain'], ['prolapse', 'pelvic-floor'], ['blood clot', 'deep-vein-thrombosis'],
  ['chemo', 'cancer'], ['type 2', 'diabetes'], ['broken arm', 'recent-surgery'], ['flu', 'acute-illness'], ['seizures', 'epilepsy'], ['TIA', 'stroke-tia'], ['whiplash', 'neck-pain'],
] as const)('"%s" means %s', (words, id) => expect(findConditions(words).slice(0, 3).map((one) => one.id)).toContain(id)); // prettier-ignore

test('a sentence brings up what is in it', () => {
  const found = findConditions('she has a bulging disc and high blood pressure').slice(0, 6).map(({ id }) => id); // prettier-ignore
  expect(found).toContain('lumbar-disc');
  expect(found).toContain('hypertension');
});

test('every condition is found by its own name, first', () => {
  for (const { id, name } of CONDITIONS) expect([id, findConditions(name)[0]?.id]).toEqual([id, id]);
});

test('a word that says nothing brings up nobody', () => {
  expect(findConditions('bad knees').map(({ id }) => id)).toEqual(['knee']);
  expect(findConditions('poor hearing').map(({ id }) => id)).not.toContain('peripheral-artery-disease');
});

test('nothing at all for nonsense, everything for no words', () => {
  expect(findConditions('zzzxqqj')).toEqual([]);
  expect(findConditions('  ')).toHaveLength(CONDITIONS.length);
});

test.each([
  ['a bulging disc L4/5 since spring, high BP and sleeps badly', ['lumbar-disc', 'insomnia', 'hypertension']],
  ['low blood pressure; wants to be calmer', ['hypotension-syncope']],
  ['sciatca on the left', ['sciatica']],
  ['wants to sleep better and move again', []],
  ['', []],
])('"%s" speaks of %j', (text, ids) => expect(mentionedConditions(text).map(({ id }) => id)).toEqual(ids));
