import { caseTest, session, type WorkedCase } from './cases.fixture.js';

/** Worked cases of practitioners (common practice, no source, where a limit's own source is not named). */
const FIBRO = 'fibromyalgia seenByDoctor=yes pem=no giddy=no sensory=none';
const SLEEP = 'insomnia apnoea=none sedative=no';
const FLUTTER = 'arrhythmia evaluated=yes cleared=yes symptomsNow=none faints12m=0 rateMedicine=no';
const NERVES = 'polyneuropathy cause=chemo course=steady weak=none falls=0 footWound=no footDrop=no';
const BLOW = 'concussion kind=concussion examined=yes bloodThinner=no skull=none';
const MEMORY = 'dementia assent=yes consentOnFile=yes newChange=no falls=0 tug=9';
const KIDNEY = 'kidney-disease cleared=yes missedDialysis=no kgOver=1';
const ARTERY = 'peripheral-artery-disease cleared=yes newChange=no skin=whole';
const SPECTRUM = 'autism-adhd age=30 runs=no stimulant=no';
const CURVE = 'scheuermann seen=yes cleared=yes nerve=no painNow=1 age=15 growing=yes kyphosis=58';
const LUPUS = 'lupus newSign=no hipPain=no aps=no bloodThinner=none cleared=yes fatigue=4 immune=no';
const THINNER = 'blood-thinners headBlow=no falls12m=0';
const METS = 'cancer phase=after boneMets=yes metSites=spine clearedByTeam=yes device=none';
const BONE = 'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1';
const ARM = 'cancer phase=after boneMets=no lymphoedema=stage1 limb=arm device=none garment=yes lastSwell=20';
const OLD = 'seniors age=72 falls=0 injuriousFall=no tug=8 chairStand=16 tandem=10 oneLeg=20 bone=normal floorRise=alone';
const CASES: readonly WorkedCase[] = [
  ['fm-a', `${FIBRO} painUsual=6 painNow=6 weeksPractising=4`, { asana: 'virabhadrasana-2', dose: { seconds: 20 }, side: 'both' }, 'keep'],
  ['fm-b', `${FIBRO} flare=yes`, { asana: 'utkatasana', dose: { seconds: 30 } }, 'change', ['fm-01', 'fm-02']],
  ['fm-c', `${FIBRO} painUsual=5 painNow=5 weeksPractising=30 fatigue=4`, { asana: 'adho-mukha-svanasana', dose: { breaths: 5 } }, 'keep'],
  ['fm-e', `${FIBRO} flare=yes fatigue=5`, { asana: 'viparita-karani', dose: { minutes: 8 } }, 'keep'],
  ['ins-a, the fold', `${SLEEP} hoursToBed=0.5 sleptHours=6`, { asana: 'paschimottanasana', dose: { minutes: 2 } }, 'keep'],
  ['ins-a, the rest', `${SLEEP} hoursToBed=0.5 sleptHours=6`, { asana: 'savasana', dose: { minutes: 15 } }, 'keep'],
  ['ins-b', `${SLEEP} hoursToBed=0.5 sleptHours=6`, { asana: 'dhanurasana', dose: { breaths: 5 } }, 'change', ['ins-01']],
  ['ins-c', `${SLEEP} hoursToBed=10 sleptHours=6`, { asana: 'utkatasana', dose: { seconds: 30 } }, 'keep'],
  ['ins-d', `${SLEEP} hoursToBed=2 sleptHours=6`, 'bhastrika', 'keep'],
  ['ins-e', `${SLEEP} hoursToBed=14 sleptHours=3`, { asana: 'vrksasana', side: 'both', dose: { seconds: 20 } }, 'change', ['ins-10']],
  ['dem-a', `${MEMORY} level=mci`, { asana: 'virabhadrasana-2', dose: { seconds: 30 }, side: 'both' }, 'keep'],
  ['dem-b', `${MEMORY} level=moderate companion=yes`, { asana: 'vrksasana', side: 'both' }, 'change', ['dem-02', 'dem-03', 'dem-04']],
  ['dem-d', `${MEMORY} level=mild`, { asana: 'savasana', dose: { minutes: 4 } }, 'keep'],
  ['dem-e', 'dementia assent=yes consentOnFile=yes companion=yes level=moderate newChange=yes drowsy=yes', 'sukhasana', 'refer'],
  ['arr-a', `${FLUTTER} kind=paroxysmal rhythmNow=regular restingPulse=68 bloodThinner=doac`, { asana: 'virabhadrasana-2', dose: { seconds: 20 }, side: 'both' }, 'keep'],
  ['arr-b', `${FLUTTER} kind=paroxysmal rhythmNow=regular restingPulse=68 bloodThinner=doac`, 'sirsasana', 'change', ['arr-07', 'arr-08']],
  ['arr-c, giddy', 'arrhythmia evaluated=yes cleared=yes kind=permanent rhythmNow=irregular-usual restingPulse=124 symptomsNow=giddy', 'sukhasana', 'refer'],
  ['arr-d', `${FLUTTER} kind=permanent rhythmNow=irregular-usual restingPulse=82 bloodThinner=doac`, { asana: 'viparita-karani', dose: { minutes: 5 } }, 'keep'],
  ['arr-e', `${FLUTTER} kind=permanent rhythmNow=irregular-usual restingPulse=82 bloodThinner=doac`, 'bhastrika', 'change', ['arr-05']],
  ['pn-a', `${NERVES} feeling=reduced oneLeg=15 handsNumb=no`, { asana: 'virabhadrasana-2', dose: { seconds: 30 }, side: 'both' }, 'keep'],
  ['pn-b', `${NERVES} feeling=absent oneLeg=6 handsNumb=no`, { asana: 'vrksasana', side: 'both' }, 'change', ['pn-01', 'pn-02']],
  ['pn-c', `${NERVES} feeling=absent oneLeg=6 handsNumb=no`, { asana: 'vajrasana', dose: { minutes: 3 } }, 'change', ['pn-05']],
  ['pn-d', `${NERVES} feeling=reduced oneLeg=15 handsNumb=no`, { asana: 'adho-mukha-svanasana', dose: { breaths: 5 } }, 'keep'],
  ['pn-f, numb toes bear no kneeling weight', `${NERVES} feeling=absent oneLeg=6 handsNumb=no`, { asana: 'vajrasana-toes-tucked', dose: { breaths: 5 } }, 'change', ['pn-10']],
  ['pn-e', 'polyneuropathy cause=unknown course=fast', 'tadasana', 'refer'],
  ['tbi-a', `${BLOW} daysSince=1 symptoms=4`, { asana: 'sukhasana', dose: { minutes: 5 } }, 'keep'],
  ['tbi-b', `${BLOW} daysSince=5 symptoms=2 neckPain=no giddy=no`, { asana: 'adho-mukha-svanasana', dose: { breaths: 3 } }, 'change', ['tbi-03']],
  ['tbi-c', `${BLOW} daysSince=12 symptoms=0 fullyBack=yes headClear=no`, 'sirsasana', 'change', ['tbi-04', 'tbi-05']],
  ['tbi-d', `${BLOW} daysSince=6 symptoms=2 neckPain=no giddy=no`, 'tadasana', 'keep'],
  ['tbi-f, a paper does not outweigh symptoms', `${BLOW} daysSince=20 symptoms=2 headClear=yes neckPain=no giddy=no`, 'sirsasana', 'change', ['tbi-04']],
  ['tbi-g', `${BLOW} daysSince=20 symptoms=2 neckPain=no giddy=no`, 'chair-head-circles', 'change', ['tbi-08']],
  ['tbi-e', 'concussion kind=concussion examined=yes daysSince=0 bloodThinner=yes', 'tadasana', 'refer'],
  ['tmj-a', 'jaw-joint painNow=0 opening=45 lock=none clench=none', { asana: 'lions-breath', dose: { rounds: 3 } }, 'keep'],
  ['tmj-b', 'jaw-joint painNow=0 opening=45 lock=slipsOut', { asana: 'lions-breath', dose: { rounds: 3 } }, 'change', ['tmj-03']],
  ['tmj-d', 'jaw-joint painNow=5 clench=day lock=none', { asana: 'adho-mukha-svanasana', dose: { breaths: 3 } }, 'keep'],
  ['tmj-d, standing', 'jaw-joint painNow=5 clench=day lock=none', { asana: 'virabhadrasana-2', side: 'both', dose: { breaths: 3 } }, 'keep'],
  ['thy-a', 'thyroid kind=hypo controlled=yes', { asana: 'sarvangasana', dose: { seconds: 30 } }, 'keep'],
  ['thy-b', 'thyroid kind=hyper controlled=no restingPulse=96 eyes=none cleared=yes neckPress=no', { asana: 'utkatasana', dose: { seconds: 30 } }, 'change', ['thy-01', 'thy-09']],
  ['thy-c', 'thyroid kind=hyper controlled=yes eyes=active cleared=yes neckPress=no', 'adho-mukha-svanasana', 'change', ['thy-03']],
  ['thy-d', 'thyroid kind=operated controlled=yes eyes=none weeksSinceSurgery=3', 'matsyasana', 'change', ['thy-05']],
  ['thy-e', 'thyroid kind=hypo controlled=no', { asana: 'virabhadrasana-2', side: 'both', dose: { seconds: 15 } }, 'keep'],
  ['mno-a', 'menopause phase=peri age=50 flushes=6 bleeding=none', { asana: 'adho-mukha-svanasana', dose: { breaths: 5 } }, 'keep'],
  ['mno-c', 'menopause phase=post age=58 flushes=0 bone=normal bleeding=none', { asana: 'sarvangasana', dose: { seconds: 60 } }, 'keep'],
  ['mno-d', 'menopause phase=early age=38 hrt=no flushes=0 bleeding=none', 'paschimottanasana', 'keep'],
  ['mno-e', 'menopause phase=post age=58 flushes=0 bone=normal bleeding=afterMenopause', 'sukhasana', 'keep'],
  ['gut-a', 'bowel-disease kind=colitis activity=remission steroids=no urgency=no perianal=none', { asana: 'navasana', dose: { breaths: 5 } }, 'keep'],
  ['gut-b', 'bowel-disease kind=crohn activity=flare stools=4 blood=none temp=36.8 perianal=none', 'navasana', 'change', ['gut-03', 'gut-12']],
  ['gut-c', 'bowel-disease kind=ibs pattern=constipation painNow=2 perianal=none', 'apanasana', 'keep'],
  ['gut-d', 'bowel-disease kind=colitis activity=remission stoma=ileostomy stomaWeeks=40 perianal=none', 'dhanurasana', 'change', ['gut-05']],
  ['gut-e', 'bowel-disease kind=colitis activity=flare stools=8 blood=some temp=38.0 pulse=104', 'sukhasana', 'refer'],
  ['kid-a', `${KIDNEY} stage=g3 access=none`, { asana: 'adho-mukha-svanasana', dose: { breaths: 3 } }, 'keep'],
  ['kid-b', `${KIDNEY} stage=hd access=fistula accessSide=left accessWeeks=60 hoursSinceDialysis=30`, { asana: 'phalakasana', dose: { seconds: 15 } }, 'keep'],
  ['kid-c', `${KIDNEY} stage=pd access=none pdFull=yes pdCatheterWeeks=40`, 'balasana', 'change', ['kid-05']],
  ['kid-d', `${KIDNEY} stage=hd access=fistula accessWeeks=60 hoursSinceDialysis=2`, { asana: 'vrksasana', side: 'both' }, 'change', ['kid-12']],
  ['kid-f', 'kidney-disease stage=hd cleared=yes missedDialysis=yes kgOver=5', 'sukhasana', 'refer'],
  ['pad-a', `${ARTERY} level=walkPain abi=0.75`, { asana: 'chair-heel-raise', dose: { repetitions: 8 } }, 'keep'],
  ['pad-b', `${ARTERY} level=walkPain abi=0.75`, { asana: 'virabhadrasana-2', side: 'both', dose: { seconds: 60 } }, 'change', ['pad-06']],
  ['pad-c', `${ARTERY} level=restPain`, { asana: 'viparita-karani', dose: { minutes: 5 } }, 'change', ['pad-01']],
  ['pad-d', `${ARTERY} level=walkPain`, { asana: 'setu-bandhasana', dose: { breaths: 3 } }, 'keep'],
  ['pad-e', `${ARTERY} level=noPain procedure=bypassKnee weeksSinceProcedure=20`, { asana: 'vajrasana', dose: { seconds: 60 } }, 'change', ['pad-03']],
  ['pad-f', 'peripheral-artery-disease cleared=yes newChange=yes suddenCold=yes', 'tadasana', 'refer'],
  ['lw-a', 'low-weight kind=anorexia bmi=16.4 teamWord=yes pulse=58 systolic=100 temp=36.4 ateToday=yes', { asana: 'utkatasana', dose: { seconds: 30 } }, 'change', ['lw-01']],
  ['lw-b', 'low-weight kind=lifelongThin bmi=17.9', { asana: 'adho-mukha-svanasana', dose: { breaths: 5 } }, 'keep'],
  ['lw-c', 'low-weight kind=recovered bmi=21', 'urdhva-dhanurasana', 'keep'],
  ['lw-e', 'low-weight kind=anorexia bmi=16.4 teamWord=yes pulse=38 temp=36.4', 'sukhasana', 'refer'],
  ['lw-f', 'low-weight kind=other bmi=18.0 teamWord=yes drive=some bone=normal pulse=60 temp=36.5', { asana: 'virabhadrasana-2', side: 'both', dose: { seconds: 15 } }, 'keep'],
  ['nd-b', `${SPECTRUM} kind=adhd triggers=none signals=clear`, { asana: 'virabhadrasana-2', side: 'both', dose: { seconds: 20 } }, 'keep'],
  ['nd-c', `${SPECTRUM} kind=both triggers=noise`, { asana: 'viparita-karani', dose: { minutes: 3 } }, 'keep'],
  ['sch-a', CURVE, { asana: 'paschimottanasana', dose: { breaths: 5 } }, 'change', ['sch-01']],
  ['sch-b', CURVE, { asana: 'salabhasana', dose: { seconds: 15 } }, 'keep'],
  ['sch-c', CURVE, 'sarvangasana', 'change', ['sch-06']],
  ['sch-e', CURVE, { asana: 'adho-mukha-svanasana', dose: { breaths: 3 } }, 'keep'],
  ['lup-a', `${LUPUS} activity=quiet organs=none`, { asana: 'phalakasana', dose: { breaths: 3 } }, 'keep'],
  ['lup-b', `${LUPUS} activity=moderate organs=joints temp=36.8`, { asana: 'phalakasana', dose: { seconds: 20 } }, 'change', ['lup-01', 'lup-04']],
  ['lup-c', `${LUPUS} activity=mild organs=skin`, { asana: 'viparita-karani', dose: { minutes: 5 } }, 'keep'],
  ['lup-e', 'lupus activity=mild organs=skin newSign=yes chestPain=yes', 'sukhasana', 'refer'],
  ['bt-a', `${THINNER} kind=doac`, 'sirsasana', 'change', ['bt-01', 'bt-02']],
  ['bt-b', `${THINNER} kind=aspirin`, 'sirsasana', 'keep'],
  ['bt-c', `${THINNER} kind=doac`, { asana: 'vrksasana', side: 'both' }, 'keep'],
  ['bt-d', `${THINNER} kind=warfarin inr=2.6`, { asana: 'setu-bandhasana', dose: { breaths: 3 } }, 'keep'],
  ['bt-e', 'blood-thinners kind=warfarin headBlow=yes', 'tadasana', 'refer'],
  ['ca-f', `${METS} metLevels=c3-c6 sins=5`, 'chair-head-circles', 'change', ['ca-22']],
  ['ca-h', `${METS} metLevels=t3-t10 sins=5`, { asana: 'chair-mountain', dose: { breaths: 3 } }, 'keep'],
  ['opo-e', `${BONE} neckFinding=none`, { asana: 'adho-mukha-svanasana', dose: { breaths: 3 } }, 'keep'],
  ['opo-f', `${BONE} neckFinding=narrowCanal neckCleared=yes`, 'matsyasana', 'change', ['opo-18']],
  ['opo-h', `${BONE} neckFinding=fracture weeksSinceNeckFracture=30 neckCleared=yes`, 'adho-mukha-svanasana', 'change', ['opo-22', 'opo-23']],
  ['ca-j', `${ARM} loadLevel=trained`, { asana: 'knee-plank', dose: { breaths: 3 } }, 'keep'],
  ['ca-k, none', `${ARM} loadLevel=none`, { asana: 'vasisthasana', side: 'both', dose: { breaths: 3 } }, 'change', ['ca-08']],
  ['ca-l', 'cancer phase=after boneMets=no lymphoedema=risk limb=arm device=none', { asana: 'adho-mukha-svanasana', dose: { breaths: 3 } }, 'keep'],
  ['ca-m', `${ARM} limbNow=red`, 'tadasana', 'refer'],
  ['sen-d', `${OLD} hearing=poor`, { asana: 'chair-warrior-2', side: 'both', dose: { seconds: 20 } }, 'keep'],
  ['sen-g', `${OLD} cognition=mild`, { asana: 'vrksasana', side: 'both' }, 'change', ['sen-29']],
  ['sen-f', `${OLD} cognition=mild`, { asana: 'wall-tree', side: 'both' }, 'keep'],
  ['dev-d', 'cardiac-device kind=pacemaker weeksSince=60 side=left rhythm=afPermanent restingPulse=76 bloodThinner=doac alerts=no', { asana: 'virabhadrasana-2', side: 'both', dose: { seconds: 20 } }, 'keep'],
  ['dev-e', 'cardiac-device kind=icd weeksSince=80 side=left rhythm=af icdRate=180 afRateMax=130 cleared=yes alerts=no', { asana: 'phalakasana', dose: { seconds: 15 } }, 'change', ['dev-10']],
  ['dev-f', 'cardiac-device kind=pacemaker weeksSince=60 side=left rhythm=af alerts=no', 'bhastrika', 'change', ['dev-12']],
  ['dev-i, fast breath drives the pulse towards the rate of a shock', 'cardiac-device kind=icd weeksSince=80 side=left rhythm=sinus cleared=yes alerts=no', 'kapalabhati', 'change', ['dev-08']],
  ['hyp-i, a rest on the shins is no strain', 'hypertension systolic=126 diastolic=78 controlled=yes betaBlocker=yes aneurysm=no organDamage=no', { asana: 'balasana', dose: { seconds: 40 } }, 'keep'],
  ['lar-d, told of in kilos, the body is as large', 'larger-bodies heightCm=168 weightKg=140 floorRise=alone', { asana: 'paschimottanasana', dose: { breaths: 8 } }, 'change', ['lar-01']],
  ['lar-f, wide at the waist', 'larger-bodies heightCm=168 weightKg=100 waistCm=118 thighCm=70 floorRise=alone', { asana: 'paschimottanasana', dose: { breaths: 5 } }, 'change', ['lar-01']],
  ['lar-f, broad elsewhere', 'larger-bodies heightCm=168 weightKg=100 waistCm=88 thighCm=62 floorRise=alone', { asana: 'paschimottanasana', dose: { breaths: 5 } }, 'keep'],
  ['lar-e', 'larger-bodies heightCm=168 weightKg=88 floorRise=alone', { asana: 'paschimottanasana', dose: { breaths: 5 } }, 'keep'],
  ['sci-e, folded out under the weight', 'sciatica painNow=4 cause=unknown weeksSinceOnset=3 weakness=none bothLegs=no', { asana: 'eka-pada-rajakapotasana', side: 'both' }, 'change', ['sci-13']],
  ['sci-f, the same on the back', 'sciatica painNow=3 cause=deep-gluteal weeksSinceOnset=3 slrAngle=70 weakness=none bothLegs=no', { asana: 'supine-figure-four', side: 'both', dose: { seconds: 20 } }, 'keep'],
  ['disc-j', 'lumbar-disc phase=acute direction=extension legSymptoms=pain spreading=no surgery=none painNow=4', { asana: 'eka-pada-rajakapotasana', side: 'both' }, 'change', ['disc-18']],
  ['wr-e, a break of five weeks', 'wrist kind=fracture weeksSince=5 painNow=2', 'sirsasana', 'change', ['wr-06']],
  ['wr-f, resting on the forearms', 'wrist kind=fracture weeksSince=5 painNow=2', 'sphinx', 'keep'],
  ['ca-h, a leg folded far in front', 'cancer phase=hormone boneMets=yes metSites=pelvis clearedByTeam=yes fatigue=0', { asana: 'eka-pada-rajakapotasana', side: 'both' }, 'change', ['ca-26']],
  ['disc-i, once settled', 'lumbar-disc phase=settled direction=extension legSymptoms=none spreading=no surgery=none painNow=1', { asana: 'marjaryasana', dose: { repetitions: 6 } }, 'keep'],
  ['dev-g, knees to the belly on the back press no pocket', 'cardiac-device kind=pacemaker weeksSince=3 side=left cleared=yes', 'apanasana', 'keep'],
  ['dev-h', 'cardiac-device kind=pacemaker weeksSince=3 side=left cleared=yes', 'salabhasana', 'change', ['dev-03']],
  ['dev-g', 'cardiac-device kind=pacemaker weeksSince=60 side=left rhythm=af restingPulse=80 alerts=no', { asana: 'viparita-karani', dose: { minutes: 5 } }, 'keep'],
]; // prettier-ignore

caseTest(CASES);

test('mno-b: a room at 30 degrees is too warm for whoever flushes', () => {
  const person = 'menopause phase=peri age=50 flushes=6 bleeding=none';
  expect(session(person, { room: 30 }, 'tadasana')).toContain('menopause/mno-01');
  expect(session(person, { room: 23 }, 'tadasana')).not.toContain('menopause/mno-01');
});

test('nd-a: a gong is too much for whoever noise floods', () => {
  expect(session(`${SPECTRUM} triggers=noise,stillness`, { senses: 3 }, 'savasana')).toContain('autism-adhd/nd-02-sens');
  expect(session(`${SPECTRUM} triggers=noise,stillness`, {}, 'savasana')).not.toContain('autism-adhd/nd-02-sens');
});

test('fm-d: hands-on help is left to words where touch hurts', () => {
  const person = 'fibromyalgia seenByDoctor=yes pem=no giddy=no sensory=touch';
  expect(session(person, { assists: true }, 'savasana')).toContain('fibromyalgia/fm-12-tender');
});
