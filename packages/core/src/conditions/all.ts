import { abdominalHernia } from './abdominal-hernia.js';
import { abdominalSurgery } from './abdominal-surgery.js';
import { acuteIllness } from './acute-illness.js';
import { ankleFoot } from './ankle-foot.js';
import { anxietyDepressionPtsd } from './anxiety-depression-ptsd.js';
import { arrhythmia } from './arrhythmia.js';
import { arthritis } from './arthritis.js';
import { asthmaCopd } from './asthma-copd.js';
import { autismAdhd } from './autism-adhd.js';
import { beginners } from './beginners.js';
import { bloodThinners } from './blood-thinners.js';
import { bowelDisease } from './bowel-disease.js';
import { cancer } from './cancer.js';
import { cardiacDevice } from './cardiac-device.js';
import { chairAmbulatory } from './chair-ambulatory.js';
import { children } from './children.js';
import { chronicFatigue } from './chronic-fatigue.js';
import { concussion } from './concussion.js';
import type { Condition } from './condition.js';
import { coronaryHeartDisease } from './coronary-heart-disease.js';
import { deepVeinThrombosis } from './deep-vein-thrombosis.js';
import { dementia } from './dementia.js';
import { diabetes } from './diabetes.js';
import { elbow } from './elbow.js';
import { epilepsy } from './epilepsy.js';
import { fibromyalgia } from './fibromyalgia.js';
import { glaucoma } from './glaucoma.js';
import { heartFailure } from './heart-failure.js';
import { hipJoint } from './hip-joint.js';
import { hipReplacement } from './hip-replacement.js';
import { hypermobility } from './hypermobility.js';
import { hypertension } from './hypertension.js';
import { hypotensionSyncope } from './hypotension-syncope.js';
import { insomnia } from './insomnia.js';
import { jawJoint } from './jaw-joint.js';
import { kidneyDisease } from './kidney-disease.js';
import { knee } from './knee.js';
import { largerBodies } from './larger-bodies.js';
import { lowBackPain } from './low-back-pain.js';
import { lowWeight } from './low-weight.js';
import { lumbarDisc } from './lumbar-disc.js';
import { lupus } from './lupus.js';
import { menopause } from './menopause.js';
import { menstruation } from './menstruation.js';
import { migraineHeadache } from './migraine-headache.js';
import { multipleSclerosis } from './multiple-sclerosis.js';
import { neckPain } from './neck-pain.js';
import { osteoporosis } from './osteoporosis.js';
import { parkinsons } from './parkinsons.js';
import { pelvicFloor } from './pelvic-floor.js';
import { pelvicPain } from './pelvic-pain.js';
import { peripheralArteryDisease } from './peripheral-artery-disease.js';
import { polyneuropathy } from './polyneuropathy.js';
import { postpartum } from './postpartum.js';
import { pregnancy } from './pregnancy.js';
import { recentSurgery } from './recent-surgery.js';
import { reflux } from './reflux.js';
import { retinalDisease } from './retinal-disease.js';
import { sacroiliacPain } from './sacroiliac-pain.js';
import { scheuermann } from './scheuermann.js';
import { sciatica } from './sciatica.js';
import { scoliosis } from './scoliosis.js';
import { seniors } from './seniors.js';
import { shoulder } from './shoulder.js';
import { spinalStenosis } from './spinal-stenosis.js';
import { spondylolisthesis } from './spondylolisthesis.js';
import { strokeTia } from './stroke-tia.js';
import { thyroid } from './thyroid.js';
import { varicoseVeins } from './varicose-veins.js';
import { vertigo } from './vertigo.js';
import { wheelchairUser } from './wheelchair-user.js';
import { wrist } from './wrist.js';

/** Stages of life and groups, heart, eyes, lungs, head, nerves, mind and acute illness; then spine, joints, belly, pelvis and the rest. */
export const CONDITIONS: readonly Condition[] = [
  pregnancy, postpartum, menstruation, menopause, seniors, children, chairAmbulatory, wheelchairUser, beginners, largerBodies, hypertension, hypotensionSyncope, glaucoma, retinalDisease, coronaryHeartDisease, heartFailure, cardiacDevice, arrhythmia, strokeTia, peripheralArteryDisease, bloodThinners, asthmaCopd, migraineHeadache, concussion, vertigo, epilepsy, parkinsons, multipleSclerosis, polyneuropathy, dementia, anxietyDepressionPtsd, insomnia, autismAdhd, lowWeight, acuteIllness, lowBackPain, lumbarDisc, sciatica, spinalStenosis, spondylolisthesis, sacroiliacPain, scoliosis, scheuermann, osteoporosis, neckPain, jawJoint, shoulder, wrist, elbow, hipReplacement, hipJoint, knee, ankleFoot, arthritis, lupus, fibromyalgia, hypermobility, abdominalHernia, reflux, bowelDisease, abdominalSurgery, pelvicPain, pelvicFloor, diabetes, thyroid, kidneyDisease, varicoseVeins, deepVeinThrombosis, cancer, chronicFatigue, recentSurgery,
]; // prettier-ignore

const BY_ID = new Map(CONDITIONS.map((condition) => [condition.id, condition]));

/** @throws RangeError for a condition that doesn't exist. */
export function getCondition(id: string): Condition {
  const condition = BY_ID.get(id);
  if (!condition) throw new RangeError(`No condition "${id}"`);
  return condition;
}

export function findCondition(id: string): Condition | null {
  return BY_ID.get(id) ?? null;
}
