/** A sign for all whom a list is for, or for those of them who have one of these conditions. */
export type StopSign = string | { readonly say: string; readonly of: readonly string[] };

/** When to stop at home, whom to ask the same day, and when to call the emergency number. Common practice and the sources of each condition's limits. */
export interface StopSigns {
  /** Whom it is for; everybody where none is named. */
  readonly conditions: readonly string[];
  readonly stopNow: readonly StopSign[];
  readonly today: readonly StopSign[];
  readonly emergency: readonly StopSign[];
  readonly call: string;
}

export const STOP_SIGNS: readonly StopSigns[] = [
  {
    conditions: [],
    stopNow: [
      'sharp, electric or growing pain',
      'dizziness that does not go when you stand or sit still',
      'numbness or tingling that stays after you come out',
      'shortness of breath that is new',
      'headache that starts during a step',
      'a feeling that something is wrong',
    ],
    today: ['fever of 38 degrees or more', 'one calf swollen, warm or sore', 'pain at night that nothing eases, with weight loss'],
    emergency: [
      'pressure or pain in the chest, jaw or arm',
      'breathless at rest',
      'fainting',
      'one side weak or numb, face hanging, speech unclear',
      'the worst headache of your life, at once',
      'new confusion',
      'a fit in someone who has no plan for it',
      'new trouble holding or passing water or stool, or numbness between the legs',
    ],
    call: 'doctor’s practice',
  },
  {
    conditions: ['pregnancy', 'postpartum'],
    stopNow: [
      { say: 'a tightening that does not pass when you rest on your side', of: ['pregnancy'] },
      'pulling at the pubic bone or groin',
      { say: 'giddy or sick on your back: roll to your left side', of: ['pregnancy'] },
      { say: 'a ridge along the belly, heaviness or leaking after the birth', of: ['postpartum'] },
    ],
    today: [
      { say: 'any bleeding or fluid', of: ['pregnancy'] },
      { say: 'regular painful tightenings before 37 weeks', of: ['pregnancy'] },
      { say: 'the baby moves less', of: ['pregnancy'] },
      'strong headache, spots before the eyes, pain under the ribs',
      'sudden swelling of face or hands',
      { say: 'a fall or a blow on the belly', of: ['pregnancy'] },
      'dizziness that stays, weakness that upsets your balance, breathless before any effort',
      {
        say: 'after the birth: fever, a red, hot or open wound, a hot breast with fever, bad-smelling discharge, bright bleeding that comes back, water that will not come, a new bulge',
        of: ['postpartum'],
      },
    ],
    emergency: [
      'heavy bleeding, or a pad soaked in an hour after the birth',
      { say: 'waters gone and a cord or green fluid', of: ['pregnancy'] },
      'a fit',
      'sudden breathlessness or chest pain',
      { say: 'after the birth: severe headache with changed sight, clots larger than an egg', of: ['postpartum'] },
      'thoughts of hurting yourself or the baby, seeing or hearing things, no sleep with a lot of energy',
    ],
    call: 'midwife or maternity unit first; emergency number for the emergency list',
  },
  {
    conditions: ['menstruation', 'pelvic-pain', 'pelvic-floor', 'menopause'],
    stopNow: [
      'pain that rises by more than two points',
      { say: 'a cramp that does not settle in five minutes', of: ['menstruation', 'pelvic-pain'] },
      { say: 'heaviness, a bulge or leaking: lie down with your feet up', of: ['pelvic-floor'] },
      'feeling faint',
    ],
    today: [
      { say: 'a pad or tampon soaked every hour or two for more than two hours', of: ['menstruation', 'pelvic-pain', 'menopause'] },
      'new, one-sided pain, or pain with fever',
      { say: 'bleeding after the change of life or in a possible pregnancy', of: ['pelvic-pain', 'pelvic-floor', 'menopause'] },
      'blood in water or stool',
      { say: 'a new bulge', of: ['pelvic-floor'] },
      'water that will not come',
    ],
    emergency: [
      { say: 'fainting with heavy bleeding', of: ['menstruation', 'pelvic-pain', 'menopause'] },
      'sudden severe one-sided pain, above all with a possible pregnancy',
      'numbness between the legs',
      { say: 'a bulge that bleeds or is stuck', of: ['pelvic-floor'] },
    ],
    call: 'doctor’s practice or women’s clinic',
  },
  {
    conditions: ['seniors', 'parkinsons', 'chair-ambulatory', 'dementia', 'polyneuropathy'],
    stopNow: [
      'unsteady twice in one session',
      'grey, giddy or confused',
      { say: 'feet that stick to the floor for more than a minute: sit down', of: ['parkinsons'] },
      { say: 'sliding forward on the chair, a chair that moves', of: ['chair-ambulatory'] },
    ],
    today: [
      'two falls in a month',
      'sudden back pain after a bend or a cough',
      'new double vision',
      'new confusion',
      { say: 'suddenly stiffer after a missed tablet', of: ['parkinsons'] },
      { say: 'seeing things that others do not see', of: ['parkinsons', 'dementia'] },
      'one calf swollen',
    ],
    emergency: ['a fall on the head with a blood thinner', 'one-sided weakness', 'fainting', 'choking'],
    call: 'doctor’s practice; the family or neighbour who was agreed',
  },
  {
    conditions: ['wheelchair-user'],
    stopNow: [
      'pounding headache, flush or sweat on the face, goose skin below, blocked nose: sit upright, legs down, loosen everything tight, check bladder and bowel',
      'a spasm that does not let go',
      'skin that stays red',
      'the chair moves',
    ],
    today: ['a hot, swollen limb', 'open or broken skin where you sit', 'new weakness or change of feeling', 'fever'],
    emergency: ['the pounding-headache signs do not settle within minutes, also when the cause was found'],
    call: 'spinal unit or doctor’s practice; show the emergency card for this reaction',
  },
  {
    conditions: [
      'hypertension',
      'hypotension-syncope',
      'coronary-heart-disease',
      'heart-failure',
      'cardiac-device',
      'varicose-veins',
      'deep-vein-thrombosis',
      'arrhythmia',
      'peripheral-artery-disease',
    ],
    stopNow: [
      'headache, pressure in the head or a nosebleed',
      {
        say: 'chest pressure, pounding or fluttering: sit, take your own spray if you have one',
        of: ['hypertension', 'coronary-heart-disease', 'heart-failure', 'cardiac-device', 'arrhythmia', 'peripheral-artery-disease'],
      },
      'breathless so that you cannot talk',
      'grey, clammy, tunnel sight: lie down, feet up',
      { say: 'breathless, coughing or bloated: sit upright, not flat', of: ['heart-failure', 'coronary-heart-disease'] },
      { say: 'a vein that bleeds: press on it, leg up', of: ['varicose-veins'] },
      { say: 'calf pain: stop. Do not rub or press it', of: ['varicose-veins', 'deep-vein-thrombosis'] },
    ],
    today: [
      { say: 'two kilos more in three days, thicker ankles, a new night cough', of: ['heart-failure', 'coronary-heart-disease'] },
      'palpitations with dizziness',
      { say: 'the device beeps, twitches or its pocket is red', of: ['cardiac-device'] },
      { say: 'one shock from the device', of: ['cardiac-device'] },
      { say: 'a hard, hot, red cord in the leg', of: ['varicose-veins', 'deep-vein-thrombosis'] },
      { say: 'one leg thicker, warm, sore. Do not rub it', of: ['varicose-veins', 'deep-vein-thrombosis'] },
    ],
    emergency: [
      'chest pressure or breathlessness that is still there five minutes after stopping',
      'sudden tearing pain in chest or back',
      'fainting during effort, with pain, or with injury',
      { say: 'two shocks, or a shock with symptoms', of: ['cardiac-device'] },
      { say: 'coughing pink froth or blood', of: ['heart-failure', 'coronary-heart-disease', 'deep-vein-thrombosis'] },
      'bleeding or a nosebleed that does not stop under pressure',
      'a new severe headache',
      {
        say: 'on a blood thinner: a blow on the head, black stool, a big bruise, blood in the water',
        of: ['coronary-heart-disease', 'heart-failure', 'cardiac-device', 'deep-vein-thrombosis', 'arrhythmia'],
      },
    ],
    call: 'heart clinic or doctor’s practice',
  },
  {
    conditions: ['glaucoma', 'retinal-disease'],
    stopNow: ['eye pain or brow ache', 'rings round lights or mist', 'any flash, new floating spots, a shadow or bent lines'],
    today: [
      'new flashes, a shower of spots, a curtain, sudden blur or bent lines: within the hour',
      'eye pain after an eye operation: within the hour',
    ],
    emergency: ['sudden loss of sight', 'sudden eye pain, a red eye with rings round lights, mist or sickness'],
    call: 'eye clinic, at once',
  },
  {
    conditions: ['stroke-tia', 'migraine-headache', 'vertigo', 'epilepsy', 'multiple-sclerosis', 'concussion'],
    stopNow: [
      { say: 'headache rising by two points, or your own warning signs', of: ['migraine-headache', 'stroke-tia', 'concussion'] },
      { say: 'spinning: sit still, look at one point', of: ['vertigo'] },
      { say: 'a stare, a twitch, an odd taste: sit on the floor', of: ['epilepsy'] },
      { say: 'sight that dims, legs that get heavy: cool down and rest', of: ['multiple-sclerosis'] },
    ],
    today: [
      { say: 'a headache unlike your usual ones', of: ['migraine-headache', 'stroke-tia', 'concussion'] },
      { say: 'a first attack of spinning, or spinning for more than two minutes', of: ['vertigo'] },
      { say: 'hearing that drops in a known ear illness', of: ['vertigo'] },
      { say: 'new weakness, numbness or sight loss lasting more than a day', of: ['multiple-sclerosis', 'stroke-tia'] },
      { say: 'more or different seizures', of: ['epilepsy'] },
    ],
    emergency: [
      'face hanging, arm drifting, speech unclear: note the time',
      {
        say: 'a headache that is at its worst within a minute, or with fever and stiff neck',
        of: ['migraine-headache', 'stroke-tia', 'concussion'],
      },
      {
        say: 'spinning with double vision, slurred speech, a numb face, clumsy limbs, sudden loss of hearing, or when you cannot stand',
        of: ['vertigo', 'stroke-tia'],
      },
      {
        say: 'a fit of five minutes or more, a second one without waking, a first one ever, one in pregnancy or with injury',
        of: ['epilepsy', 'stroke-tia', 'concussion'],
      },
      'trouble swallowing or breathing',
    ],
    call: 'doctor’s practice or the clinic that knows you',
  },
  {
    conditions: ['asthma-copd', 'acute-illness'],
    stopNow: [
      'wheeze, tight chest or a cough that goes on: sit leaning forward, use your own reliever by your own plan',
      'shivers or fever',
      'palpitations',
    ],
    today: [
      'more or greener phlegm, thicker ankles',
      'fever for more than three days',
      'breathless or pounding in the weeks after an infection',
    ],
    emergency: [
      'you cannot finish a sentence',
      'blue lips',
      'the reliever has not helped in ten minutes',
      'sudden one-sided chest pain',
      'stiff neck with fever, a rash that stays when pressed, confusion',
      'no water passed for twelve hours',
    ],
    call: 'doctor’s practice; the number on your plan',
  },
  {
    conditions: [
      'low-back-pain',
      'lumbar-disc',
      'sciatica',
      'spinal-stenosis',
      'spondylolisthesis',
      'sacroiliac-pain',
      'scoliosis',
      'osteoporosis',
      'neck-pain',
      'scheuermann',
    ],
    stopNow: [
      'pain that runs further down the leg or arm',
      'new tingling, numbness or weakness',
      { say: 'sudden pain in the middle of the spine, even a slight one', of: ['osteoporosis'] },
      'a catch or a clunk with pain',
      { say: 'legs that stay heavy or numb after two minutes of sitting bent forward', of: ['spinal-stenosis'] },
      { say: 'dizziness or a headache with neck pain', of: ['neck-pain'] },
    ],
    today: [
      'fever or feeling ill with back pain',
      { say: 'sudden pain after a sneeze or a small lift', of: ['osteoporosis'] },
      'pain that no position eases',
      { say: 'clumsy hands, an unsteady walk, an electric shock on bending the neck', of: ['neck-pain', 'spinal-stenosis'] },
      'cancer ever, and new or night pain',
    ],
    emergency: [
      'numbness between the legs, new trouble with water or stool',
      'a foot that drops, weakness that grows, both legs newly weak or painful below the knee',
      'severe pain after a fall or crash',
      { say: 'sudden worst neck pain with headache, drooping eyelid, double vision or slurred speech', of: ['neck-pain'] },
    ],
    call: 'doctor’s practice or physiotherapist',
  },
  {
    conditions: ['shoulder', 'wrist', 'elbow', 'hip-replacement', 'hip-joint', 'knee', 'ankle-foot', 'arthritis', 'hypermobility', 'lupus'],
    stopNow: [
      'a sharp catch, a slip or a clunk with pain',
      'a joint that locks or gives way',
      'numb hand or foot that lasts more than a minute',
      'new swelling',
      'joint pain that lasts more than two hours after the last time: do less',
    ],
    today: [
      'a hot or red joint',
      { say: 'you cannot put weight on it or take four steps', of: ['hip-replacement', 'hip-joint', 'knee', 'ankle-foot', 'arthritis'] },
      { say: 'a snap at the heel', of: ['ankle-foot'] },
      'calf pain or swelling',
      { say: 'a wound that weeps', of: ['hip-replacement'] },
      { say: 'a child or teenager with groin or knee pain and a limp', of: ['hip-joint', 'knee'] },
    ],
    emergency: [
      'a hot joint with fever',
      { say: 'sudden hip pain and a leg that is shorter or turned', of: ['hip-replacement'] },
      'a joint out of place, a cold or pale hand or foot',
      { say: 'tingling of both hands with weak or unsteady legs', of: ['arthritis', 'hypermobility'] },
      { say: 'very flexible with a known vessel weakness: sudden chest, belly or head pain', of: ['hypermobility'] },
    ],
    call: 'doctor’s practice, physiotherapist, or the surgeon who operated',
  },
  {
    conditions: ['abdominal-hernia', 'reflux', 'abdominal-surgery', 'recent-surgery'],
    stopNow: [
      { say: 'a lump that grows, stays out or hurts', of: ['abdominal-hernia', 'abdominal-surgery'] },
      { say: 'pulling at a scar', of: ['abdominal-surgery', 'recent-surgery'] },
      { say: 'burning or a sour taste', of: ['reflux'] },
      { say: 'swelling at the operated place, giddiness', of: ['abdominal-surgery', 'recent-surgery'] },
    ],
    today: [
      { say: 'fever, a wound that opens or weeps', of: ['abdominal-surgery', 'recent-surgery'] },
      { say: 'food that sticks, weight loss', of: ['reflux'] },
      { say: 'vomiting, no wind', of: ['abdominal-hernia', 'abdominal-surgery'] },
      { say: 'burning pain and colour change of a limb', of: ['recent-surgery'] },
    ],
    emergency: [
      {
        say: 'a lump that is hard, tender and will not go back, or with sickness and a swollen belly',
        of: ['abdominal-hernia', 'abdominal-surgery'],
      },
      { say: 'vomiting blood, black stool', of: ['reflux', 'abdominal-surgery'] },
      { say: 'heavy bleeding, a wound that gapes', of: ['abdominal-surgery', 'recent-surgery'] },
      { say: 'a cold, pale, numb or tight limb with very strong pain', of: ['recent-surgery'] },
      { say: 'a loud crack or a new bend in a limb', of: ['recent-surgery'] },
      'sudden breathlessness',
    ],
    call: 'the ward or surgeon who operated; doctor’s practice',
  },
  {
    conditions: ['diabetes', 'cancer', 'chronic-fatigue', 'fibromyalgia'],
    stopNow: [
      { say: 'shaky, sweaty, cross or confused: sit, measure, take sugar as agreed', of: ['diabetes'] },
      { say: 'heavy limbs, foggy head, light or sound that hurts: end there and rest', of: ['chronic-fatigue'] },
      { say: 'new bone pain, a pull at a scar or port', of: ['cancer'] },
    ],
    today: [
      { say: 'a new sore or a hot, red foot', of: ['diabetes'] },
      { say: 'one leg or arm swollen', of: ['cancer'] },
      { say: 'new headache', of: ['cancer'] },
      { say: 'worse every day for two weeks', of: ['chronic-fatigue'] },
    ],
    emergency: [
      { say: 'low sugar that does not rise after two treatments, or someone who cannot swallow', of: ['diabetes'] },
      { say: 'sudden spots, a curtain or loss of sight', of: ['diabetes'] },
      { say: '38 degrees or shivering during treatment that lowers the blood cells', of: ['cancer'] },
      { say: 'back pain like a band with weak legs or changed bladder', of: ['cancer'] },
      { say: 'swelling of face and arms', of: ['cancer'] },
      'chest pain or new breathlessness',
    ],
    call: "the treatment team's number on the card; doctor’s practice",
  },
  {
    conditions: ['anxiety-depression-ptsd', 'insomnia', 'autism-adhd', 'low-weight'],
    stopNow: [
      'racing breath, shaking or feeling far away: eyes open, both feet down, name five things you see',
      'images that come back',
      'weeping that frightens you',
    ],
    today: ['no sleep with a lot of energy, hearing voices, not eating', 'thoughts of not wanting to live'],
    emergency: ['a plan or the wish to hurt yourself or someone else. Do not stay alone'],
    call: 'your therapist or doctor; a crisis line; the emergency number',
  },
  {
    conditions: ['beginners', 'larger-bodies'],
    stopNow: [
      'pain inside a joint',
      'tingling hands or feet',
      'a held breath',
      { say: 'breathless lying flat: prop up or sit', of: ['larger-bodies'] },
      'a prop that cracks or slides',
    ],
    today: [{ say: 'breathlessness lying flat that is new', of: ['larger-bodies'] }],
    emergency: [],
    call: 'doctor’s practice',
  },
  {
    conditions: ['children'],
    stopNow: ['any pain, a headache, a wheeze, a pale face, fear, tears that do not settle'],
    today: [
      'pain that wakes the child',
      'a limp without a reason',
      'back pain for more than two weeks',
      'fever',
      'a word or a sign that somebody hurts the child: write down the exact words and follow the school’s rule',
    ],
    emergency: ['a fit, a collapse while playing', 'a knock on head or neck with tingling'],
    call: 'parents first, then the doctor; for a worry about harm, the person responsible at school',
  },
  {
    conditions: ['blood-thinners'],
    stopNow: ['a bump or a fall, even a small one'],
    today: ['blood in the water', 'a bruise that grows', 'a swollen, painful joint'],
    emergency: [
      'a blow on the head, also when you feel well',
      'bleeding that does not stop in 15 minutes of pressing',
      'black or bloody stool with giddiness',
    ],
    call: 'the clinic that looks after your blood thinner; never leave out a dose on your own',
  },
  {
    conditions: ['arrhythmia'],
    stopNow: ['a pulse that races or stumbles more than usual'],
    today: ['a pulse that is newly irregular', 'fever or pain on swallowing in the eight weeks after an ablation: within the hour'],
    emergency: ['fluttering with fainting'],
    call: 'heart clinic or doctor’s practice',
  },
  {
    conditions: ['peripheral-artery-disease'],
    stopNow: ['calf pain that ten minutes of rest do not ease'],
    today: ['leg pain at rest or at night', 'a sore or a black place on the foot'],
    emergency: ['a leg that is suddenly cold, pale and painful', 'sudden back or belly pain with faintness'],
    call: 'doctor’s practice or the vessel clinic',
  },
  {
    conditions: ['concussion'],
    stopNow: ['headache or fog up by more than two points, sick, sight that changes, unsteady: lie with your head raised'],
    today: ['worse from day to day'],
    emergency: [
      'drowsier and drowsier, vomiting again and again, growing confusion',
      'weak or tingling arms or legs, double vision',
      'clear fluid or blood from nose or ear',
    ],
    call: 'doctor’s practice or the concussion clinic',
  },
  {
    conditions: ['polyneuropathy'],
    stopNow: ['a foot that you no longer feel on the floor'],
    today: ['a new sore, a red, hot foot', 'one limb suddenly weak'],
    emergency: ['weakness that climbs up the legs over hours or days', 'trouble breathing or swallowing'],
    call: 'doctor’s practice',
  },
  {
    conditions: ['dementia'],
    stopNow: ['fear, anger, wanting to leave, a face of pain: stop asking, walk together'],
    today: ['fever, not drinking', 'new pain that only the face shows'],
    emergency: ['choking', 'someone who cannot be roused'],
    call: 'the companion or family first, then the doctor’s practice',
  },
  {
    conditions: ['jaw-joint'],
    stopNow: ['a jaw that catches or cannot close, sharp pain in front of the ear: stop, no forcing'],
    today: ['a lump that grows'],
    emergency: [],
    call: 'dentist or doctor’s practice',
  },
  {
    conditions: ['thyroid'],
    stopNow: ['a racing pulse that rest does not calm'],
    today: ['a lump that grows fast, new hoarseness', 'eye pain or double sight'],
    emergency: ['palpitations with fainting', 'breathless with a swelling of the neck'],
    call: 'doctor’s practice',
  },
  {
    conditions: ['bowel-disease'],
    stopNow: ['a cramp that rises', 'a pull at a stoma'],
    today: ['blood in the stool, waking at night with diarrhoea', 'one leg swollen', 'a painful red eye'],
    emergency: ['a hard, swollen belly with vomiting', 'a stoma that turns dark or gives nothing with pain'],
    call: 'bowel clinic or doctor’s practice',
  },
  {
    conditions: ['kidney-disease'],
    stopNow: ['a pull at the access or the catheter', 'giddy or cramping after dialysis'],
    today: [
      'an access that is hot, red or no longer buzzes',
      'cloudy dialysis fluid or belly pain',
      'a transplant with fever, pain over it or little urine',
    ],
    emergency: ['weakness with a slow or irregular pulse', 'breathless lying flat', 'bleeding from the access that pressing does not stop'],
    call: 'the dialysis or transplant unit',
  },
  {
    conditions: ['low-weight'],
    stopNow: ['giddy, a flutter, cold and grey, not able to stop moving'],
    today: ['swollen legs, muscle cramps with a flutter'],
    emergency: ['breathless, swollen or confused in the first two weeks of eating more'],
    call: 'the treatment team',
  },
  {
    conditions: ['insomnia'],
    stopNow: [],
    today: ['falling asleep while talking or driving', 'sudden limpness on laughing'],
    emergency: ['gasping with blue lips'],
    call: 'doctor’s practice',
  },
  {
    conditions: ['menopause'],
    stopNow: [],
    today: ['one calf swollen on hormone tablets', 'sudden back pain after a bend'],
    emergency: ['chest pressure, also felt in jaw or back, with sickness'],
    call: 'doctor’s practice',
  },
  {
    conditions: ['lupus'],
    stopNow: ['a joint that swells while you practise'],
    today: ['fever', 'foamy or red water, swollen legs', 'a new rash'],
    emergency: ['chest pain on breathing in', 'one hot joint with fever'],
    call: 'the clinic that looks after your lupus',
  },
  {
    conditions: ['fibromyalgia'],
    stopNow: ['pain or tiredness clearly above your usual: do half, or rest'],
    today: ['one hot, swollen joint', 'new headache with a tender scalp or changed sight'],
    emergency: [],
    call: 'doctor’s practice',
  },
];

/** The signs of a list that concern somebody with these conditions. */
function signsFor(signs: readonly StopSign[], ids: readonly string[]): string[] {
  return signs.flatMap((sign) => (typeof sign === 'string' ? [sign] : sign.of.some((id) => ids.includes(id)) ? [sign.say] : []));
}

/** Without what another says as well: the same words, or those with which it begins its own list. */
function saidOnce(words: readonly string[], elsewhere: readonly string[] = []): string[] {
  const once = [...new Set(words)];
  return once.filter((one) => !elsewhere.includes(one) && !once.some((other) => other.startsWith(`${one},`)));
}

/** What somebody with these conditions looks out for, and whom they ask; each said once, where it is most urgent. */
export interface SignsOfOne {
  readonly stopSigns: readonly string[];
  readonly askToday: readonly string[];
  readonly emergency: readonly string[];
  readonly call: readonly string[];
}

export function stopSignsOf(ids: readonly string[]): SignsOfOne {
  const lists = STOP_SIGNS.filter(({ conditions }) => conditions.length === 0 || conditions.some((id) => ids.includes(id)));
  const all = (of: (one: StopSigns) => readonly StopSign[]) => lists.flatMap((one) => signsFor(of(one), ids));
  const emergency = saidOnce(all((one) => one.emergency));
  const call = saidOnce(lists.flatMap((one) => one.call.split('; ')));
  return {
    stopSigns: saidOnce(
      all((one) => one.stopNow),
      emergency,
    ),
    askToday: saidOnce(
      all((one) => one.today),
      emergency,
    ),
    emergency,
    call: call.filter((one) => !call.some((other) => other !== one && other.includes(one))),
  };
}
