import type { Asana } from './library.js';

/** For whom an asana, or a part of it, is not. */
const FOR_WHOM_NOT = /^(Not (with|in|for|after|flat|beyond|as it stands)|Leave (it )?out|Skip (after|with))\b|\bis not for\b/;
const CONDITION =
  /pregnan|osteopor|glaucoma|hernia|prolapse|epilep|\breplacement\b|\bdiscs?\b|(blood|eye)[- ]pressure|fracture|sciatic|asthma|scoliosis|brittle|surgery|reflux|trauma|arthritis|rectus gap|replaced|girdle|sacroiliac/i;

/** Whether a cue is told to the teacher: said aloud in a class it would name someone's condition. */
function isAside(cue: string): boolean {
  return FOR_WHOM_NOT.test(cue) || CONDITION.test(cue);
}

/** What a teacher says while an asana is done. */
export function saidCues({ cues }: Pick<Asana, 'cues'>): readonly string[] {
  return cues.filter((cue) => !isAside(cue));
}

/** What a teacher is told beside: whom it is not for, and what eases it for whom. Limits judge the same by numbers. */
export function asides({ cues }: Pick<Asana, 'cues'>): readonly string[] {
  return cues.filter(isAside);
}

const HEART = ['coronary-heart-disease', 'heart-failure', 'cardiac-device', 'arrhythmia'];

/** Which words of an aside speak to whom, by the ids of conditions. */
const SPEAKS_OF: readonly (readonly [RegExp, readonly string[]])[] = [
  [/pregnan|breech|girdle|rectus gap/i, ['pregnancy', 'postpartum']],
  [/girdle|pubic|sacroiliac/i, ['sacroiliac-pain']],
  [/menstruation/i, ['menstruation']],
  [/osteopor|brittle|\bbone\b|fracture/i, ['osteoporosis', 'seniors', 'menopause', 'low-weight', 'recent-surgery']],
  [/\bdiscs?\b|acute back|low-back|sciatic/i, ['lumbar-disc', 'sciatica', 'low-back-pain']],
  [/listhesis|slipped vertebra/i, ['spondylolisthesis']],
  [/narrow canal/i, ['spinal-stenosis']],
  [/scoliosis/i, ['scoliosis', 'scheuermann']],
  [/\bneck\b/i, ['neck-pain', 'arthritis']],
  [/\beyes?\b|glaucoma/i, ['glaucoma', 'retinal-disease', 'diabetes']],
  [/blood(-| |- or eye-| or eye )pressure|eye or blood-pressure/i, ['hypertension', 'hypotension-syncope', 'stroke-tia', ...HEART]],
  [/\bheart\b/i, [...HEART, 'hypertension']],
  [/dizz|\bear\b/i, ['vertigo', 'hypotension-syncope']],
  [/epilep/i, ['epilepsy']],
  [/migraine/i, ['migraine-headache']],
  [/panic|trauma|low mood/i, ['anxiety-depression-ptsd']],
  [/hernia/i, ['abdominal-hernia']],
  [/surgery|ulcer/i, ['abdominal-surgery', 'recent-surgery', 'abdominal-hernia']],
  [/prolapse|pelvic floor/i, ['pelvic-floor', 'pelvic-pain', 'postpartum']],
  [/reflux|throat/i, ['reflux']],
  [/asthma|cold or dirty air|lung/i, ['asthma-copd', 'acute-illness']],
  [/fever|blocked nose|ear infection/i, ['acute-illness']],
  [/\bjaw\b/i, ['jaw-joint']],
  [/wrists?\b/i, ['wrist', 'arthritis']],
  [/shoulder|dislocation/i, ['shoulder', 'hypermobility']],
  [/\bhips?\b/i, ['hip-replacement', 'hip-joint', 'arthritis']],
  [/\bknees?\b|meniscus/i, ['knee', 'arthritis']],
  [/replac/i, ['hip-replacement', 'knee', 'recent-surgery']],
  [/sprain|bunion|gout/i, ['ankle-foot', 'arthritis']],
  [/arthritis/i, ['arthritis']],
];

/** Asides that concern somebody with these conditions: what speaks of others only is left out, what speaks of nobody in particular stays. */
export function asidesFor(told: readonly string[], conditions: readonly string[]): string[] {
  return told.filter((aside) => {
    const concerned = SPEAKS_OF.flatMap(([words, ids]) => (words.test(aside) ? ids : []));
    return concerned.length === 0 || concerned.some((id) => conditions.includes(id));
  });
}
