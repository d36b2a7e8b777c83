import { library } from '../asanas/all.js';
import { BodySolver } from '../solving/body-solver.js';
import { measurePosture, type Measure } from './measure.js';

/**
 * Orders between shapes that hold on every body: anatomy and statics, some measured (Suprak DN et al. J Strength Cond Res
 * 2011;25:497-503; Wilke HJ et al. Spine 1999;24:755-762; Sato K et al. Spine 1999;24:2468-2474; Nachemson A. Spine 1976;1:59-71; from
 * memory), the rest common practice, no source. `a < b+6`: b may fall short by 6 degrees or cm, hundredths of a load, tenths of disc load.
 */
const ORDERS: readonly (readonly [of: keyof typeof OF, order: string])[] = [
  ['ext', 'sphinx < bhujangasana (high) <= urdhva-mukha-svanasana+6'],
  ['ext', 'sphinx < ustrasana'],
  ['ext', 'sphinx < urdhva-dhanurasana'],
  ['ext', 'sphinx < dhanurasana'],
  ['ext', 'bhujangasana (low) < bhujangasana (high)'],
  ['ext', 'bhujangasana (low) < urdhva-mukha-svanasana'],
  ['ext', 'ustrasana < urdhva-dhanurasana'],
  ['ext', 'dhanurasana < urdhva-dhanurasana'],
  ['ext', 'setu-bandhasana < ustrasana'],
  ['ext', 'setu-bandhasana < sphinx'],
  ['ext', 'supported-bridge <= setu-bandhasana+2'],
  ['ext', 'salabhasana < urdhva-mukha-svanasana'],
  ['ext', 'anuvittasana < ustrasana'],
  ['ext', 'urdhva-hastasana < anuvittasana'],
  ['ext', 'virabhadrasana-1 < ustrasana'],
  ['ext', 'marjaryasana (cow end) < bhujangasana (high)'],
  ['ext', 'tadasana < marjaryasana (cow end)'],
  ['ext', 'makarasana < sphinx'],
  ['lum', 'all-fours < apanasana < paschimottanasana'],
  ['lum', 'apanasana < halasana/toes-on-floor'],
  ['lum', 'halasana < karnapidasana'],
  ['lum', 'halasana < halasana/toes-on-floor'],
  ['lum', 'ardha-uttanasana < uttanasana'],
  ['lum', 'all-fours < marjaryasana (cat end)'],
  ['lum', 'marjaryasana (cow end) < all-fours'],
  ['lum', 'savasana < constructive-rest < apanasana'],
  ['lum', 'ananda-balasana <= apanasana+6'],
  ['lum', 'tadasana < chair-mountain < chair-forward-fold'],
  ['lum', 'tadasana < dandasana < paschimottanasana'],
  ['lum', 'chair-mountain <= dandasana+4'],
  ['lum', 'sukhasana < paschimottanasana'],
  ['lum', 'all-fours < balasana'],
  ['lum', 'adho-mukha-svanasana < uttanasana'],
  ['lum', 'parsvottanasana < uttanasana+4'],
  ['lum', 'trikonasana < parsvottanasana'],
  ['lum', 'apanasana < rocking-ball'],
  ['lum', 'urdhva-prasarita-padasana < apanasana'],
  ['lum', 'virabhadrasana-2 < malasana'],
  ['cer', 'tadasana < ardha-sarvangasana < sarvangasana'],
  ['cer', 'sarvangasana-supported < sarvangasana'],
  ['cer', 'setu-bandhasana < sarvangasana-supported'],
  ['cer', 'supported-bridge < setu-bandhasana'],
  ['cerext', 'tadasana < ustrasana < matsyasana'],
  ['eye', 'tadasana < savasana < uttanasana'],
  ['eye', 'viparita-karani < adho-mukha-svanasana'],
  ['eye', 'viparita-karani < setu-bandhasana < adho-mukha-svanasana'],
  ['eye', 'setu-bandhasana < sarvangasana-supported'],
  ['eye', 'sarvangasana < sarvangasana-supported'],
  ['eye', 'ardha-sarvangasana < sarvangasana'],
  ['eye', 'sarvangasana-supported < adho-mukha-svanasana'],
  ['eye', 'sarvangasana-supported < sirsasana'],
  ['eye', 'adho-mukha-svanasana < sirsasana'],
  ['eye', 'uttanasana < sirsasana'],
  ['eye', 'prasarita-padottanasana <= sirsasana+2'],
  ['eye', 'ardha-uttanasana < uttanasana'],
  ['eye', 'ardha-uttanasana < adho-mukha-svanasana'],
  ['eye', 'paschimottanasana < uttanasana'],
  ['eye', 'chair-forward-fold < uttanasana+2'],
  ['eye', 'tadasana < paschimottanasana'],
  ['eye', 'sphinx < makarasana'],
  ['eye', 'bhujangasana (high) < bhujangasana (low) < makarasana'],
  ['eye', 'urdhva-mukha-svanasana < phalakasana < adho-mukha-svanasana'],
  ['eye', 'marjaryasana (cow end) < all-fours < marjaryasana (cat end)'],
  ['eye', 'all-fours < balasana'],
  ['eye', 'trikonasana < parsvottanasana'],
  ['pel', 'tadasana < savasana < setu-bandhasana < sarvangasana'],
  ['pel', 'supported-bridge <= setu-bandhasana'],
  ['pel', 'ardha-sarvangasana < sarvangasana'],
  ['pel', 'sarvangasana <= sirsasana'],
  ['pel', 'all-fours < adho-mukha-svanasana'],
  ['hand', 'bhujangasana (low) < all-fours < knee-plank < phalakasana < chaturanga < adho-mukha-vrksasana'],
  ['hand', 'adho-mukha-svanasana < phalakasana'],
  ['hand', 'urdhva-dhanurasana < phalakasana'],
  ['hand', 'all-fours < urdhva-mukha-svanasana'],
  ['hand', 'trikonasana < all-fours'],
  ['hand', 'setu-bandhasana < all-fours'],
  ['hand', 'ardha-chandrasana < all-fours'],
  ['hand', 'trikonasana <= parsvottanasana+6'],
  ['hand', 'savasana <= setu-bandhasana+1'],
  ['hand', 'phalakasana < bakasana'],
  ['fore', 'sphinx < forearm-plank'],
  ['fore', 'sarvangasana-supported < ardha-sarvangasana'],
  ['fore', 'balasana < sphinx'],
  ['head', 'savasana < sirsasana'],
  ['head', 'balasana < sirsasana'],
  ['head', 'matsyasana < sirsasana'],
  ['knees', 'bird-dog <= all-fours+8'],
  ['knees', 'anjaneyasana < all-fours'],
  ['knees', 'knee-plank < all-fours'],
  ['tta', 'karnapidasana <= apanasana'],
  ['tta', 'balasana < apanasana < ananda-balasana+14'],
  ['tta', 'balasana < malasana < utkatasana < tadasana'],
  ['tta', 'uttanasana < ardha-uttanasana < tadasana'],
  ['tta', 'paschimottanasana < dandasana < savasana'],
  ['tta', 'chair-forward-fold < chair-mountain'],
  ['tta', 'adho-mukha-svanasana < all-fours < setu-bandhasana'],
  ['tta', 'viparita-karani < constructive-rest < savasana'],
  ['tta', 'sarvangasana-supported >= ardha-sarvangasana'],
  ['tta', 'halasana < ardha-sarvangasana < sarvangasana'],
  ['knee', 'tadasana < utkatasana < malasana < balasana'],
  ['knee', 'setu-bandhasana < apanasana'],
  ['hip', 'tadasana < utkatasana < malasana'],
  ['hip', 'dandasana < paschimottanasana'],
  ['hip', 'halasana < karnapidasana'],
  ['disc', 'savasana < chair-mountain < paschimottanasana'],
  ['disc', 'savasana < sphinx < tadasana'],
  ['disc', 'savasana <= side-lying-rest < tadasana'],
  ['disc', 'tadasana < dandasana < paschimottanasana'],
  ['disc', 'tadasana < uttanasana'],
  ['disc', 'tadasana <= anuvittasana'],
  ['disc', 'paschimottanasana < uttanasana+4'],
  ['disc', 'constructive-rest < urdhva-prasarita-padasana < supine-curl-up+4'],
  ['disc', 'makarasana < sphinx < salabhasana'],
  ['disc', 'all-fours < bird-dog < salabhasana+2'],
  ['disc', 'tadasana < salabhasana'],
  ['disc', 'tadasana < navasana'],
  ['disc', 'all-fours < tadasana'],
  ['disc', 'chair-mountain < utkatasana'],
  ['mar', 'vrksasana < tadasana < savasana'],
  ['mar', 'virabhadrasana-3 < virabhadrasana-1'],
  ['mar', 'bird-dog < all-fours'],
  ['mar', 'natarajasana < tadasana'],
  ['mar', 'adho-mukha-vrksasana < sirsasana+1 < adho-mukha-svanasana'],
  ['mar', 'bakasana < all-fours'],
  ['mar', 'navasana < dandasana'],
  ['mar', 'vrksasana < virabhadrasana-2'],
  ['mar', 'vasisthasana < phalakasana'],
  ['mar', 'ardha-chandrasana < trikonasana'],
  ['rot', 'virabhadrasana-2 < parivrtta-trikonasana'],
  ['rot', 'tadasana <= virabhadrasana-1 < supine-twist-knees-together'],
  ['rot', 'trikonasana <= parivrtta-trikonasana'],
  ['wri', 'adho-mukha-svanasana < all-fours <= urdhva-dhanurasana'],
  ['wri', 'sphinx < bhujangasana (low)'],
  ['wri', 'forearm-plank < phalakasana'],
  ['ank', 'tadasana < utkatasana'],
]; // prettier-ignore

/** The measures by their short names; `-` where less of it is more. */
const OF = {
  ext: '-lumbarFlexion', lum: 'lumbarFlexion', cer: 'cervicalFlexion', cerext: '-cervicalFlexion', eye: 'headBelowHeart', pel: 'pelvisAboveHeart',
  hand: 'handLoad', fore: 'forearmLoad', head: 'headLoad', knees: 'kneeLoad', tta: 'trunkThigh', knee: 'kneeFlexion', hip: 'hipFlexion', disc: 'discLoad',
  mar: 'balanceMargin', rot: 'spineRotation', wri: 'wristExtensionLoaded', ank: 'ankleDorsiflexion',
} as const satisfies Record<string, Measure | `-${Measure}`>; // prettier-ignore

const NAMED: Readonly<Record<string, readonly [asana: string, variation: string | null, end?: number]>> = {
  'bhujangasana (high)': ['bhujangasana', 'high-cobra'],
  'bhujangasana (low)': ['bhujangasana', null],
  'marjaryasana (cow end)': ['marjaryasana', null, 0],
  'marjaryasana (cat end)': ['marjaryasana', null, 1],
};

const solver = new BodySolver(library);
function valueOf(shape: string, of: keyof typeof OF): number {
  const [asana, variation, end = 0] = NAMED[shape] ?? [
    ...(shape.includes('/') ? (shape.split('/') as [string, string]) : ([shape, null] as const)),
  ];
  const name = OF[of];
  const measure = name.replace('-', '') as Measure;
  const value = measurePosture(solver.form(asana, variation).ends[end]!.solved).values[measure];
  if (value === undefined) throw new Error(`${shape}: ${measure} is not known`);
  return name.startsWith('-') ? -value : value;
}

/** What one unit of slack is worth. */
function slackOf(of: keyof typeof OF): number {
  if (of === 'disc') return 0.1;
  return ['hand', 'fore', 'head', 'knees'].includes(of) ? 0.01 : 1;
}

test.each(ORDERS)('%s: %s', (of, order) => {
  const parts = order.split(/ (<=|<|>=) /);
  for (let i = 0; i + 2 < parts.length; i += 2) {
    const [, shape = '', slack = '0'] = /^(.*?)(?:\+(\d+))?$/.exec(parts[i + 2]!)!;
    const less = valueOf(parts[i]!.replace(/\+\d+$/, ''), of);
    const more = valueOf(shape, of) + Number(slack) * slackOf(of);
    const [low, high] = parts[i + 1] === '>=' ? [more, less] : [less, more];
    if (parts[i + 1] === '<') expect(low).toBeLessThan(high);
    else expect(low).toBeLessThanOrEqual(high + 1e-6);
  }
});
