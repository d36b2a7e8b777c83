import { caseTest, type WorkedCase } from './cases.fixture.js';

/** What any experienced teacher would leave (common practice, no source): sitting, lying, rising, standing quietly. */
const SORE_KNEE = 'knee kind=oa painNow=5 side=right';
const SORE_HIP = 'hip-joint kind=oa side=right painNow=4';
const FRESH_CUFF = 'shoulder kind=cuff-repair side=left weeksSinceSurgery=5 painNow=3';
const SORE_SHOULDER = 'shoulder kind=impingement side=right painNow=2 painNextDay=same';
const BYPASS = 'coronary-heart-disease event=bypass weeksSince=8 sternotomy=yes angina=0 ef=55 cleared=yes nitroAtHand=yes systolic=120 diastolic=75';
const EXPECTING = 'pregnancy week=22 experience=experienced fetuses=1 complications=none systolic=115 diastolic=72';
const YOUNG_FAINTER = 'hypotension-syncope lyingSystolic=112 lyingDiastolic=70 standSystolic=110 standDiastolic=74 lyingPulse=66 standPulse=78 age=28 faints=1 cause=vasovagal';
const OLD = 'seniors age=70 tug=9 chairStand=14 tandem=10 oneLeg=12 gaitSpeed=1.2 falls=0 bone=normal floorRise=alone cognition=ok';
const ANXIOUS = 'anxiety-depression-ptsd states=anxiety gad7=12 phq9=4 phq9item9=0';
const CASES: readonly WorkedCase[] = [
  ['sitting, with a sore knee', SORE_KNEE, { asana: 'chair-mountain', dose: { minutes: 1 } }, 'keep'],
  ['lying with the feet flat, with a sore knee', SORE_KNEE, { asana: 'constructive-rest', dose: { minutes: 5 } }, 'keep'],
  ['a low bridge, with a sore knee', SORE_KNEE, 'setu-bandhasana', 'keep'],
  ['a straight leg raised, with a sore kneecap', 'knee kind=kneecap side=both painNow=3', { asana: 'straight-leg-raise', side: 'both', dose: { repetitions: 8 } }, 'keep'],
  ['reclining on a bolster, with a knee that nobody named', 'knee painNow=2', { asana: 'supta-baddha-konasana', dose: { minutes: 5 } }, 'keep'],
  ['sitting on the heels, with a sore knee', SORE_KNEE, 'virasana', 'change', ['kn-01']],
  ['knees on blocks in an easy seat, at 70', OLD, { asana: 'sukhasana', variation: 'blocks-under-knees', dose: { minutes: 2 } }, 'keep'],
  ['the lower leg on the floor in a seated twist, at 70', OLD, { asana: 'ardha-matsyendrasana', side: 'both', dose: { breaths: 4 } }, 'keep'],
  ['sitting on the heels, at 70', OLD, { asana: 'vajrasana', dose: { minutes: 1 } }, 'change', ['sen-15']],
  ['a plain cat-cow, with multiple sclerosis', 'multiple-sclerosis edss=4 weeksSinceRelapse=30 heatSensitive=yes spasticity=1 fatigue=5', { asana: 'marjaryasana', dose: { rounds: 6 } }, 'keep'],
  ['fast breathing, with moderate anxiety', ANXIOUS, { asana: 'bhastrika', dose: { rounds: 2 } }, 'change', ['psy-08']],
  ['a long out-breath, with moderate anxiety', ANXIOUS, { asana: 'extended-exhale', dose: { minutes: 3 } }, 'keep'],
  ['a longer pause of the breath, with moderate anxiety', ANXIOUS, { asana: 'antara-kumbhaka', dose: { rounds: 3 } }, 'change', ['psy-08']],
  ['turning on a chair, with a sore hip', SORE_HIP, { asana: 'chair-twist', side: 'both' }, 'keep'],
  ['moving the spine on a chair, with a sore hip', SORE_HIP, { asana: 'chair-cat-cow', dose: { repetitions: 6 } }, 'keep'],
  ['a squat, with a sore hip', SORE_HIP, 'malasana', 'change', ['hj-01']],
  ['resting on the back, with a fresh cuff', FRESH_CUFF, { asana: 'savasana', dose: { minutes: 5 } }, 'keep'],
  ['sitting, with a fresh cuff', FRESH_CUFF, { asana: 'chair-mountain', dose: { minutes: 1 } }, 'keep'],
  ['standing quietly before the surgeon has cleared it', FRESH_CUFF, 'tadasana', 'keep'],
  ['leaning, with a fresh cuff', FRESH_CUFF, 'sphinx', 'change', ['sh-08']],
  ['resting on the side, with a sore shoulder', SORE_SHOULDER, { asana: 'side-lying-rest', dose: { minutes: 5 } }, 'keep'],
  ['leaning on the forearms, with a sore shoulder', SORE_SHOULDER, { asana: 'sphinx', dose: { minutes: 1 } }, 'keep'],
  ['arms held out, with a sore shoulder', SORE_SHOULDER, { asana: 'virabhadrasana-2', side: 'both', dose: { seconds: 30 } }, 'change', ['sh-03']],
  ['resting on the back, eight weeks after the breastbone was cut', BYPASS, { asana: 'savasana', dose: { minutes: 5 } }, 'keep'],
  ['resting on the side after a heart attack', 'coronary-heart-disease event=mi weeksSince=30 angina=0 ef=50 rehabDone=yes cleared=yes nitroAtHand=yes systolic=124 diastolic=76', { asana: 'savasana-side', dose: { minutes: 5 } }, 'keep'],
  ['turning on a chair in the middle of pregnancy', EXPECTING, { asana: 'chair-twist', side: 'both' }, 'keep'],
  ['rising from a chair in the middle of pregnancy', EXPECTING, { asana: 'sit-to-stand', dose: { repetitions: 5 } }, 'keep'],
  ['looking over the hand, for somebody young who faints', YOUNG_FAINTER, { asana: 'virabhadrasana-2', side: 'both' }, 'keep'],
  ['a standing pose for somebody new', 'beginners classes=0', { asana: 'virabhadrasana-2', side: 'both' }, 'keep'],
  ['lying on the belly, in a large body', 'larger-bodies', 'sphinx', 'keep'],
  ['a fold, in a large body', 'larger-bodies', 'apanasana', 'change', ['lar-01']],
  ['down dog, with a sore heel tendon', 'ankle-foot kind=achilles-insertion side=right painNow=3 weeksSince=12', { asana: 'adho-mukha-svanasana', dose: { breaths: 5 } }, 'change', ['af-05']],
  ['marching on a chair for a minute is no hold', 'hip-replacement approach=anterior weeksSinceSurgery=8 side=left painNow=2 highRisk=no lifted=no', { asana: 'chair-march', dose: { minutes: 1 } }, 'keep'],
  ['a fold, in old pain that bending brings back today', 'low-back-pain painNow=3 weeksSinceOnset=20 worse=flexion painNextDay=same legPain=no trauma=no hoursSinceWaking=4', 'uttanasana', 'change', ['lbp-02']],
  ['full circles of the head, with a worn neck', 'neck-pain kind=spondylosis painNow=3 armSymptoms=none weeksSinceOnset=100 dizzy=no', { asana: 'chair-head-circles', dose: { repetitions: 4 } }, 'change', ['nk-13']],
  ['a full backbend eight weeks after keyhole surgery', 'abdominal-surgery approach=laparoscopic weeks=8 procedure=gallbladder woundHealed=yes cleared=yes', 'urdhva-dhanurasana', 'change', ['as-02']],
  ['a half moon in the middle of pregnancy', EXPECTING, { asana: 'ardha-chandrasana', side: 'both' }, 'change', ['prg-14']],
  ['a standing pose, with severe changes in the eyes', 'diabetes type=1 lowersGlucose=yes glucose=8 lowIn24h=none neuropathy=none retinopathy=severe footWound=no cleared=yes', { asana: 'virabhadrasana-2', side: 'both' }, 'keep'],
  ['heel raises behind a chair, for somebody who stands between chairs', 'chair-ambulatory transfer=alone floor=never standing=yes backRest=yes', { asana: 'chair-heel-raise', dose: { repetitions: 8 } }, 'keep'],
  ['circles of the head, with a rheumatic neck that nobody looked at', 'arthritis type=ra flare=no das28=2.5 joints=wrist neckInvolved=unknown painNow=2 morningStiffness=20', { asana: 'chair-head-circles', dose: { repetitions: 4 } }, 'change', ['ar-06']],
  ['a standing pose ten weeks after a groin repair', 'abdominal-hernia kind=inguinal weeksSinceRepair=10 painNow=0', { asana: 'virabhadrasana-2', side: 'both', dose: { breaths: 5 } }, 'keep'],
  ['rolling, for somebody whom turning makes giddy', 'vertigo type=meniere phase=quiet attackNow=no oneLeg=15', { asana: 'rocking-ball', dose: { repetitions: 6 } }, 'change', ['ver-10']],
  ['the head back in a camel, with a worn neck', 'neck-pain kind=spondylosis painNow=3 armSymptoms=none weeksSinceOnset=100 dizzy=no', 'ustrasana', 'change', ['nk-02']],
  ['a moderate pose for five breaths, with raised pressure', 'hypertension systolic=148 diastolic=90 controlled=yes', { asana: 'virabhadrasana-2', side: 'both', dose: { breaths: 5 } }, 'keep'],
  ['a shoulder stand, for somebody who sits in a wheelchair', 'wheelchair-user cause=sci level=L2 ais=C trunkControl=3 hand=full skin=intact weeksSinceInjury=300 transfer=alone adHistory=no', { asana: 'sarvangasana', dose: { minutes: 1 } }, 'change', ['whe-21']],
]; // prettier-ignore

caseTest(CASES);
