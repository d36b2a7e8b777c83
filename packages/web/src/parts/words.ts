import { format, parseISO } from 'date-fns';

/** Words whose hyphen or capitals belong to them. */
const OWN: Readonly<Record<string, string>> = {
  ivf: 'IVF',
  play: 'play, for children',
  'pre-eclampsia': 'pre-eclampsia',
  'earlier-preterm-birth': 'an earlier preterm birth',
  'heart-or-lung': 'heart or lung disease',
  'weak-stable': 'weak, but not getting weaker',
};

/** An id such as `sitStand` or `placenta-praevia` as words. */
export function words(id: string): string {
  return (
    OWN[id] ??
    id
      .replace(/([a-z])([A-Z])/g, '$1 $2')
      .replaceAll('-', ' ')
      .toLowerCase()
  );
}

/** A day as people say it. */
export function dayWords(day: string): string {
  return format(parseISO(day), 'd MMMM yyyy');
}
