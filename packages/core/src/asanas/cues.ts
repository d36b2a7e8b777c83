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
