import type { ConditionAnswer } from './condition.js';

const TWISTS = ['ardha-matsyendrasana', 'maricyasana-3'];
const OPEN_TWISTS = ['parivrtta-sukhasana', 'bharadvajasana'];
const FOLDS = ['uttanasana'];
const DOG = ['adho-mukha-svanasana'];
const SUN = ['surya-namaskara-classic', 'surya-namaskara-gentle'];
const HEADSTANDS = ['sirsasana', 'sirsasana-2'];
const SHOULDER_STANDS = ['sarvangasana', 'sarvangasana-supported', 'niralamba-sarvangasana'];
const FORWARD_SEATED = ['paschimottanasana'];
const SUPINE_TWISTS = ['supine-twist-knees-together', 'supine-twist-straight-leg'];
const HERO = ['virasana', 'vajrasana'];
const DEEP_BACKBENDS = ['urdhva-dhanurasana', 'dhanurasana', 'ustrasana'];

type Pairs = readonly (readonly [instead: readonly string[], of: readonly string[]])[];

/**
 * What practitioners do instead, condition by condition: these, instead of those (asanas' ids; common practice,
 * no source). Whatever is offered still has to keep all limits of the person: a pair only goes before the others.
 */
const PAIRS: Readonly<Record<string, Pairs>> = {
  pregnancy: [
    [['savasana-side', 'side-lying-rest', 'incline-rest'], ['savasana']],
    [['savasana-side', 'all-fours'], ['savasana-prone', 'makarasana']],
    [['wall-chest-opener'], ['bhujangasana', 'dhanurasana']],
    [['ardha-uttanasana'], FOLDS],
    [['chair-dog', 'wall-dog'], DOG],
    [OPEN_TWISTS, TWISTS],
    [['bird-dog', 'wall-push-up'], ['navasana', 'phalakasana']],
    [['savasana-side'], [...HEADSTANDS, ...SHOULDER_STANDS]],
    [['wall-tree', 'chair-tree'], ['vrksasana']],
    [['balasana-wide'], ['balasana']],
  ],
  postpartum: [
    [['legs-on-chair'], ['savasana']],
    [['supine-leg-slide', 'side-lying-leg-lift', 'wall-push-up'], ['navasana', 'phalakasana']],
    [['wall-dog', 'chair-dog'], DOG],
    [['supported-backbend'], ['dhanurasana', 'ustrasana']],
    [['sit-to-stand'], ['malasana']],
  ],
  menstruation: [
    [['supported-bound-angle', 'legs-on-chair'], [...HEADSTANDS, ...SHOULDER_STANDS]],
    [['supine-windscreen-wipers'], ['navasana']],
    [OPEN_TWISTS, TWISTS],
  ],
  seniors: [
    [['wall-tree', 'chair-tree'], ['vrksasana']],
    [['chair-lunge'], ['virabhadrasana-1']],
    [['ardha-uttanasana'], FOLDS],
    [['surya-namaskara-chair'], SUN],
    [['chair-forward-fold'], ['balasana']],
    [['legs-on-chair', 'savasana-chair'], ['savasana']],
    [['standing-cat-cow', 'chair-cat-cow'], ['marjaryasana']],
  ],
  children: [
    [['eka-pada-adho-mukha-svanasana'], HEADSTANDS],
    [['viparita-karani'], SHOULDER_STANDS],
    [['sukhasana'], ['padmasana']],
  ],
  'chair-ambulatory': [
    [['chair-cat-cow'], ['marjaryasana', 'bitilasana']],
    [['chair-dog', 'chair-dog-seated'], DOG],
    [['chair-warrior-2'], ['virabhadrasana-2']],
    [['chair-pigeon'], ['eka-pada-rajakapotasana']],
    [['savasana-chair'], ['savasana']],
    [['surya-namaskara-chair'], SUN],
  ],
  'wheelchair-user': [
    [['chair-cactus-arms'], ['urdhva-hastasana']],
    [['chair-forward-fold'], FOLDS],
    [['chair-dog-seated'], DOG],
    [['chair-twist'], [...TWISTS, ...OPEN_TWISTS]],
    [['chair-hamstring-stretch'], ['supta-padangusthasana-1']],
    [['savasana-chair'], ['savasana']],
  ],
  beginners: [
    [['chair-dog'], HEADSTANDS],
    [['viparita-karani'], SHOULDER_STANDS],
    [['sukhasana'], ['padmasana']],
    [['ardha-uttanasana'], FOLDS],
    [['knee-plank'], ['phalakasana']],
    [['setu-bandhasana'], ['urdhva-dhanurasana']],
  ],
  'larger-bodies': [
    [['chair-forward-fold'], ['balasana']],
    [[...OPEN_TWISTS, 'chair-twist'], TWISTS],
    [['legs-on-chair'], ['halasana']],
    [['wall-push-up', 'chair-plank'], ['phalakasana']],
    [['ardha-uttanasana'], FOLDS],
  ],
  hypertension: [
    [['chair-dog'], DOG],
    [['ardha-uttanasana'], ['uttanasana', 'prasarita-padottanasana']],
    [['incline-rest'], HEADSTANDS],
    [['viparita-karani', 'incline-rest'], SHOULDER_STANDS],
    [['wall-squat'], ['utkatasana']],
  ],
  'hypotension-syncope': [
    [['all-fours', 'surya-namaskara-chair'], SUN],
    [['ardha-uttanasana'], FOLDS],
  ],
  glaucoma: [
    [['chair-dog', 'wall-dog'], DOG],
    [['ardha-uttanasana'], FOLDS],
    [['chair-forward-fold', 'balasana-wide'], ['balasana']],
    [['incline-rest', 'legs-on-chair'], [...SHOULDER_STANDS, 'viparita-karani']],
    [['side-lying-rest'], ['savasana-prone', 'makarasana']],
    [['supported-backbend'], ['setu-bandhasana']],
  ],
  'retinal-disease': [
    [['ardha-uttanasana'], [...DOG, ...FOLDS]],
    [['tadasana'], HEADSTANDS],
    [['legs-on-chair'], ['viparita-karani']],
  ],
  'coronary-heart-disease': [
    [['chair-sun-breath'], SUN],
    [['wall-dog'], DOG],
    [['wall-push-up'], ['phalakasana']],
    [['incline-rest'], [...SHOULDER_STANDS, 'savasana']],
  ],
  'heart-failure': [
    [['incline-rest'], ['savasana', 'viparita-karani']],
    [['chair-forward-fold'], FOLDS],
  ],
  'asthma-copd': [
    [['incline-rest'], ['savasana']],
    [['wall-dog'], DOG],
    [['chair-forward-fold'], FOLDS],
    [['pursed-lip-breath'], ['antara-kumbhaka', 'bahya-kumbhaka', 'box-breath']],
  ],
  vertigo: [
    [['chair-cat-cow'], ['marjaryasana']],
    [['wall-dog', 'ardha-uttanasana'], [...DOG, ...FOLDS]],
    [['incline-rest'], ['savasana']],
    [['chair-chin-tuck'], ['chair-head-circles']],
  ],
  'acute-illness': [
    [['incline-rest', 'side-lying-rest'], ['savasana', 'tadasana', 'balasana', ...SUN]],
    [['ardha-uttanasana'], DOG],
  ],
  'low-back-pain': [
    [['ardha-uttanasana'], FOLDS],
    [['supine-twist-feet-wide'], SUPINE_TWISTS],
    [['balasana-wide'], ['balasana']],
    [['savasana-knees-bolster'], ['savasana']],
  ],
  'lumbar-disc': [
    [['ardha-uttanasana', 'anuvittasana'], FOLDS],
    [['supta-padangusthasana-1'], FORWARD_SEATED],
    [['bitilasana'], ['marjaryasana']],
    [['makarasana', 'sphinx'], ['balasana']],
    [['savasana-knees-bolster', 'supine-twist-feet-wide'], SUPINE_TWISTS],
    [['bird-dog'], ['navasana']],
  ],
  sciatica: [
    [['wall-dog'], DOG],
    [['chair-mountain'], ['dandasana']],
    [['supta-padangusthasana-1'], FORWARD_SEATED],
    [['supine-figure-four'], ['eka-pada-rajakapotasana']],
    [['supta-baddha-konasana'], ['upavistha-konasana']],
  ],
  'spinal-stenosis': [
    [['marjaryasana', 'bird-dog'], ['bhujangasana', 'sphinx', 'urdhva-mukha-svanasana']],
    [['savasana-knees-bolster'], ['savasana']],
    [['split-squat'], ['anjaneyasana']],
    [['supported-fish'], DEEP_BACKBENDS],
  ],
  spondylolisthesis: [
    [['bird-dog', 'prone-alternate-lift'], ['bhujangasana']],
    [['supported-fish'], DEEP_BACKBENDS],
    [['split-squat'], ['anjaneyasana']],
    [['supine-heel-march'], ['urdhva-prasarita-padasana']],
  ],
  'sacroiliac-pain': [
    [['utkatasana', 'wall-squat'], ['virabhadrasana-1', 'anjaneyasana']],
    [['wall-dog'], ['trikonasana']],
    [['supine-figure-four'], ['eka-pada-rajakapotasana']],
    [['wall-tree'], ['vrksasana']],
  ],
  scoliosis: [
    [['sphinx', 'supported-fish'], DEEP_BACKBENDS],
    [['supine-twist-feet-wide'], [...TWISTS, ...SUPINE_TWISTS]],
    [['urdhva-hastasana'], ['parighasana']],
    [['wall-dog', 'balasana-wide'], [...FORWARD_SEATED, 'balasana']],
  ],
  osteoporosis: [
    [['ardha-uttanasana', 'chair-mountain'], [...FOLDS, ...FORWARD_SEATED]],
    [['anahatasana'], ['balasana']],
    [['bitilasana'], ['marjaryasana']],
    [['supine-windscreen-wipers'], TWISTS],
    [['viparita-karani'], ['halasana', ...SHOULDER_STANDS]],
    [['supine-leg-slide', 'prone-alternate-lift'], ['navasana']],
    [['apanasana-single'], ['apanasana']],
  ],
  'neck-pain': [
    [['viparita-karani'], [...SHOULDER_STANDS, 'halasana']],
    [['anahatasana', 'viparita-karani'], HEADSTANDS],
    [['supported-fish'], ['matsyasana']],
    [['makarasana'], ['savasana-prone']],
    [['sphinx'], ['bhujangasana']],
    [OPEN_TWISTS, ['thread-the-needle']],
  ],
  shoulder: [
    [['wall-dog'], DOG],
    [['bird-dog', 'wall-push-up'], ['phalakasana']],
    [['knee-plank'], ['chaturanga']],
  ],
  wrist: [
    [['forearm-plank', 'wall-push-up'], ['phalakasana']],
    [['wall-dog'], DOG],
  ],
  elbow: [
    [['knee-plank'], ['chaturanga']],
    [['salabhasana', 'savasana-prone'], ['sphinx']],
    [['salabhasana'], ['dhanurasana']],
  ],
  'hip-replacement': [
    [['anahatasana', 'chair-forward-fold'], ['balasana']],
    [['chair-mountain'], FORWARD_SEATED],
    [['supine-twist-feet-wide'], ['gomukhasana', ...SUPINE_TWISTS]],
    [['split-squat'], ['anjaneyasana']],
    [['chair-pigeon'], ['eka-pada-rajakapotasana']],
  ],
  'hip-joint': [
    [['utkatasana', 'wall-squat'], ['malasana']],
    [['anahatasana'], ['balasana']],
    [['supine-figure-four'], ['eka-pada-rajakapotasana']],
    [['sukhasana', 'chair-mountain'], ['padmasana', 'gomukhasana']],
    [['split-squat'], ['anjaneyasana']],
    [OPEN_TWISTS, TWISTS],
    [['setu-bandhasana'], ['garudasana']],
  ],
  knee: [
    [['chair-forward-fold'], ['balasana']],
    [['chair-mountain'], HERO],
    [['sukhasana', 'supine-figure-four'], ['padmasana', 'eka-pada-rajakapotasana']],
    [['wall-squat', 'sit-to-stand'], ['utkatasana']],
    [['prone-alternate-lift'], ['tall-kneeling']],
    [['chair-cat-cow'], ['marjaryasana', 'bitilasana']],
  ],
  'ankle-foot': [
    [['wall-tree'], ['vrksasana']],
    [['ankle-pumps'], ['vajrasana-toes-tucked']],
    [['chair-warrior-3'], ['virabhadrasana-3']],
  ],
  arthritis: [
    [['wall-dog'], DOG],
    [['wall-push-up'], ['phalakasana']],
    [['chair-mountain'], HERO],
  ],
  hypermobility: [
    [['wall-squat', 'setu-bandhasana', 'side-lying-leg-lift'], ['upavistha-konasana', 'eka-pada-rajakapotasana']],
    [['sukhasana'], ['padmasana']],
    [['sphinx'], ['urdhva-mukha-svanasana']],
  ],
  'abdominal-hernia': [
    [['bird-dog', 'supine-leg-slide'], ['navasana']],
    [['wall-push-up'], ['phalakasana']],
    [['supported-fish'], ['dhanurasana', 'urdhva-dhanurasana']],
    [['viparita-karani'], [...HEADSTANDS, ...SHOULDER_STANDS]],
    [['anuvittasana'], ['bhujangasana']],
  ],
  reflux: [
    [['incline-rest', 'savasana-side'], ['savasana', 'viparita-karani']],
    [['ardha-uttanasana', 'wall-dog'], [...FOLDS, ...DOG]],
    [['savasana-chair'], ['balasana']],
    [['wall-tree'], ['navasana']],
  ],
  'abdominal-surgery': [
    [['incline-rest'], ['savasana']],
    [['chair-backbend'], ['bhujangasana']],
    [['chair-shoulder-circles'], [...TWISTS, ...OPEN_TWISTS]],
    [['wall-push-up'], ['phalakasana']],
    [['savasana-chair'], ['balasana']],
  ],
  'pelvic-pain': [
    [['supine-pelvic-tilt', 'bird-dog'], ['navasana', 'phalakasana']],
    [['supine-twist-feet-wide'], TWISTS],
    [['supported-fish'], ['urdhva-dhanurasana', 'dhanurasana']],
    [['sighing-breath'], ['mula-bandha']],
    [['supta-baddha-konasana'], ['malasana']],
  ],
  'pelvic-floor': [
    [['bird-dog', 'side-lying-leg-lift'], ['navasana', 'phalakasana']],
    [['chair-squat'], ['malasana']],
    [['supta-baddha-konasana', 'balasana', 'ananda-balasana'], ['supine-adductor-squeeze']],
  ],
  diabetes: [
    [['ardha-uttanasana', 'wall-dog'], [...DOG, ...FOLDS]],
    [['wall-tree'], ['vrksasana']],
    [['chair-mountain'], HERO],
    [['savasana-knees-bolster'], ['viparita-karani']],
  ],
  'cardiac-device': [
    [['tadasana'], ['urdhva-hastasana']],
    [['wall-push-up'], ['phalakasana']],
  ],
  'stroke-tia': [
    [['chair-dog'], DOG],
    [['incline-rest'], ['savasana']],
    [['chair-twist'], [...TWISTS, ...OPEN_TWISTS]],
  ],
  'migraine-headache': [
    [['ardha-uttanasana'], FOLDS],
    [['viparita-karani'], SHOULDER_STANDS],
  ],
  epilepsy: [
    [['adho-mukha-svanasana', 'viparita-karani'], HEADSTANDS],
    [['equal-breath'], ['kapalabhati', 'bhastrika']],
    [['wall-tree'], ['vrksasana']],
  ],
  parkinsons: [
    [['wall-tree'], ['vrksasana']],
    [['chair-lunge'], ['virabhadrasana-1']],
    [['ardha-uttanasana'], FOLDS],
    [['chair-twist'], [...TWISTS, ...OPEN_TWISTS]],
  ],
  'multiple-sclerosis': [
    [['wall-dog'], DOG],
    [['wall-tree'], ['vrksasana']],
    [['supta-padangusthasana-1'], FORWARD_SEATED],
    [['savasana-knees-bolster'], ['savasana']],
  ],
  'anxiety-depression-ptsd': [
    [['savasana-chair', 'savasana-side'], ['savasana']],
    [['apanasana'], ['ananda-balasana']],
    [['chair-forward-fold'], ['balasana']],
  ],
  'varicose-veins': [
    [['heel-raise', 'standing-march'], ['utkatasana']],
    [['dandasana', 'viparita-karani'], ['padmasana', ...HERO]],
  ],
  'deep-vein-thrombosis': [
    [['dandasana', 'chair-mountain'], ['padmasana', ...HERO]],
    [['viparita-karani'], HEADSTANDS],
  ],
  cancer: [
    [['ardha-uttanasana'], FOLDS],
    [['rib-breath'], TWISTS],
    [['wall-dog'], DOG],
    [['wall-push-up'], ['phalakasana']],
    [['chair-tree'], ['vrksasana']],
  ],
  'chronic-fatigue': [
    [['supine-arm-float'], SUN],
    [['incline-rest'], DOG],
    [['chair-mountain'], ['tadasana']],
  ],
  'recent-surgery': [[['chair-mountain'], ['tadasana']], [['chair-warrior-1'], ['virabhadrasana-1']], [['chair-warrior-2'], ['virabhadrasana-2']]],
  fibromyalgia: [
    [['wall-push-up', 'chair-plank'], ['phalakasana']],
    [['savasana-side', 'side-lying-rest'], ['savasana']],
    [['chair-dog'], DOG],
  ],
  insomnia: [
    [['sphinx'], ['dhanurasana', 'urdhva-dhanurasana']],
    [['equal-breath'], ['bhastrika', 'kapalabhati']],
    [['wall-tree', 'chair-tree'], ['vrksasana']],
  ],
  dementia: [
    [['wall-tree', 'chair-tree', 'chair-heel-raise'], ['vrksasana']],
    [['chair-sun-breath'], SUN],
    [['savasana-chair'], ['savasana']],
  ],
  arrhythmia: [
    [['viparita-karani', 'legs-on-chair'], HEADSTANDS],
    [['viparita-karani', 'legs-on-chair'], SHOULDER_STANDS],
    [['equal-breath'], ['bhastrika', 'kapalabhati']],
  ],
  'blood-thinners': [[['viparita-karani', 'legs-on-chair'], HEADSTANDS], [['wall-tree', 'chair-tree'], ['vrksasana']]],
  polyneuropathy: [
    [['chair-mountain'], HERO],
    [['wall-tree', 'chair-tree'], ['vrksasana']],
    [['forearm-plank'], ['phalakasana']],
    [['chair-heel-raise'], ['heel-raise']],
  ],
  concussion: [
    [['chair-dog', 'wall-dog'], DOG],
    [['ardha-uttanasana'], FOLDS],
    [['wall-tree', 'chair-tree'], ['vrksasana']],
  ],
  'jaw-joint': [
    [['extended-exhale'], ['lions-breath']],
    [['viparita-karani'], SHOULDER_STANDS],
  ],
  thyroid: [
    [['supported-fish', 'supported-backbend'], ['matsyasana', 'ustrasana']],
    [['viparita-karani', 'legs-on-chair'], SHOULDER_STANDS],
    [['sit-to-stand'], ['utkatasana']],
    [['wall-dog'], DOG],
  ],
  menopause: [
    [['equal-breath'], ['bhastrika', 'kapalabhati']],
    [OPEN_TWISTS, TWISTS],
  ],
  'bowel-disease': [
    [OPEN_TWISTS, TWISTS],
    [['ustrasana'], ['dhanurasana']],
    [['bird-dog'], ['navasana']],
    [['balasana-wide'], ['balasana']],
  ],
  'kidney-disease': [
    [['balasana-wide'], ['balasana']],
    [['incline-rest'], ['savasana']],
    [['wall-squat'], ['phalakasana']],
  ],
  'peripheral-artery-disease': [
    [['incline-rest'], ['viparita-karani', 'legs-on-chair']],
    [['chair-mountain'], HERO],
  ],
  'low-weight': [
    [['legs-on-chair'], ['utkatasana']],
    [['ardha-uttanasana'], FOLDS],
    [['extended-exhale'], ['kapalabhati', 'bhastrika']],
  ],
  'autism-adhd': [[['savasana-side', 'side-lying-rest'], ['savasana']]],
  scheuermann: [
    [['dandasana'], FORWARD_SEATED],
    [['viparita-karani'], [...SHOULDER_STANDS, 'halasana']],
    [['anahatasana'], ['balasana']],
    [['supported-fish'], ['ustrasana']],
  ],
  lupus: [
    [['forearm-plank', 'wall-push-up'], ['phalakasana']],
    [['viparita-karani'], HEADSTANDS],
    [['incline-rest'], ['savasana']],
  ],
};

/** One condition's substitutes: for each asana what is done instead, in order. */
export function substitutesOf(condition: string): ReadonlyMap<string, readonly string[]> {
  const out = new Map<string, readonly string[]>();
  for (const [instead, of] of PAIRS[condition] ?? []) for (const asana of of) out.set(asana, [...(out.get(asana) ?? []), ...instead]);
  return out;
}

/** For each asana, what any of these conditions puts in its place. */
export function namedSubstitutes(conditions: readonly Pick<ConditionAnswer, 'id'>[]): ReadonlyMap<string, ReadonlySet<string>> {
  const out = new Map<string, Set<string>>();
  for (const { id } of conditions)
    for (const [asana, instead] of substitutesOf(id)) out.set(asana, new Set([...(out.get(asana) ?? []), ...instead]));
  return out;
}

/** What any condition at all puts in the place of an asana. */
export const EVERY_SUBSTITUTE = namedSubstitutes(Object.keys(PAIRS).map((id) => ({ id })));
