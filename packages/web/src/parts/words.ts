import { format, parseISO } from 'date-fns';
import { t } from '../words/t.js';

/** Words whose hyphen or capitals belong to them. */
const OWN: Readonly<Record<string, string>> = {
  ivf: 'IVF',
  oa: 'osteoarthritis',
  acl: 'front cruciate ligament',
  pcl: 'back cruciate ligament',
  ra: 'rheumatoid',
  hsd: 'hypermobility spectrum',
  heds: 'hypermobile Ehlers-Danlos',
  ms: 'multiple sclerosis',
  cp: 'cerebral palsy',
  sci: 'spinal cord injury',
  mi: 'heart attack',
  tia: 'TIA (brief stroke)',
  pots: 'racing pulse on standing (POTS)',
  pdr: 'proliferative, from diabetes',
  severeNpdr: 'severe, from diabetes',
  npdrMild: 'mild, from diabetes',
  wetAmd: 'wet macular degeneration',
  dryAmd: 'dry macular degeneration',
  cataractOp: 'cataract operation',
  refractiveOp: 'laser for short sight',
  icd: 'defibrillator',
  crt: 'resynchronising device (CRT)',
  lvad: 'heart pump',
  af: 'atrial fibrillation',
  afPermanent: 'permanent atrial fibrillation',
  svt: 'fast rhythm from above (SVT)',
  vt: 'fast rhythm from below (VT)',
  longQT: 'long QT',
  brady: 'slow rhythm',
  doac: 'direct blood thinner (DOAC)',
  dual: 'two platelet medicines',
  copd: 'COPD',
  ptsd: 'PTSD',
  mci: 'mild cognitive impairment',
  gbs: 'Guillain-Barré',
  cidp: 'CIDP',
  arfid: 'ARFID',
  ibs: 'irritable bowel',
  covid: 'COVID',
  hd: 'blood dialysis',
  pd: 'belly dialysis',
  g1: 'stage 1',
  g2: 'stage 2',
  g3: 'stage 3',
  g4: 'stage 4',
  g5: 'stage 5',
  stage0: 'stage 0',
  stage1: 'stage 1',
  stage2: 'stage 2',
  stage3: 'stage 3',
  adhd: 'attention disorder',
  f: 'female',
  m: 'male',
  peri: 'around it',
  post: 'after it',
  'ac-joint': 'joint of the collarbone',
  allNo: 'no to all',
  anyYes: 'yes to one or more',
  notDone: 'not done',
  hypo: 'works too little',
  hyper: 'works too much',
  axial: 'of the spine',
  'carpal-tunnel': 'carpal tunnel',
  lifelongThin: 'always been thin, and well',
  pressureLiable: 'nerves that press easily',
  bypassGroin: 'bypass in the groin',
  bypassKnee: 'bypass past the knee',
  chestLine: 'line in the chest',
  openFlap: 'a piece of skull is missing',
  'irregular-usual': 'irregular, as usual',
  'irregular-new': 'irregular, and that is new',
  'occ-c2': 'skull to C2',
  sinus: 'ordinary rhythm',
  play: 'play, for children',
  'pre-eclampsia': 'pre-eclampsia',
  'earlier-preterm-birth': 'an earlier preterm birth',
  'heart-or-lung': 'heart or lung disease',
  'weak-stable': 'weak, but not getting weaker',
};

/** Levels of the spine are written in capitals, as everybody writes them. */
const LEVEL = /^[ctls]\d+(?:-[ctls]?\d+)?$/i;

/** An id such as `sitStand` or `placenta-praevia` as words. */
export function words(id: string): string {
  return t(
    (Object.hasOwn(OWN, id) ? OWN[id]! : null) ??
      (LEVEL.test(id) ? id.toUpperCase() : null) ??
      id
        .replace(/([a-z])([A-Z])/g, '$1 $2')
        .replaceAll('-', ' ')
        .toLowerCase(),
  );
}

/** Where English is written with the month first, in a long date (CLDR); without a country it is that of the first. */
const MONTH_FIRST = new Set('US AS BI CA GU MH MP PH PR UM VI'.split(' '));

/** How the English of the reader's own country orders day and month. */
function orderOf(languages: readonly string[]): string {
  const own = languages.find((language) => /^en(?:-|$)/i.test(language)) ?? 'en-GB';
  const [, region = 'US'] = own.toUpperCase().split('-');
  return MONTH_FIRST.has(region) ? 'MMMM d, yyyy' : 'd MMMM yyyy';
}

/** A day as people say it, in the order of their country: "7 March 2026", "March 7, 2026". */
export function dayWords(day: string, languages: readonly string[] = navigator.languages): string {
  return format(parseISO(day), orderOf(languages));
}

/** A number to the hundredth, without needless zeros. */
export function numberWords(value: number): string {
  return String(Math.round(value * 100) / 100);
}
