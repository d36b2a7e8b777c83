/** Where limits come from: title, body or journal, year. Written from memory: check before relying on a number. */
export const SOURCES = {
  ACOG804: 'Physical Activity and Exercise During Pregnancy and the Postpartum Period, Committee Opinion 804, ACOG, 2020',
  CAN19: '2019 Canadian guideline for physical activity throughout pregnancy, SOGC/CSEP (Mottola et al.), 2018',
  POLIS: 'Yoga in Pregnancy: maternal and fetal responses to 26 yoga postures, Obstet Gynecol, 2015',
  NG201: 'Antenatal care, NICE, 2021',
  WHOHB: 'Haemoglobin concentrations for the diagnosis of anaemia, WHO, 2011',
  NG88: 'Heavy menstrual bleeding, NICE, 2018',
  ARMOUR: 'Exercise for dysmenorrhoea, Cochrane, 2019',
  WHO20: 'Guidelines on physical activity and sedentary behaviour, WHO, 2020',
  ACSM: 'Guidelines for Exercise Testing and Prescription, 11th ed., ACSM, 2021',
  RIEBE: "Updating ACSM's Recommendations for Exercise Preparticipation Health Screening, MSSE, 2015",
  STEADI: 'Stopping Elderly Accidents, Deaths & Injuries, tests and algorithm, CDC, 2017-2019',
  WFG22: 'World guidelines for falls prevention and management, Age Ageing, 2022',
  VELLAS: 'One-leg balance is an important predictor of injurious falls, J Am Geriatr Soc, 1997',
  SINAKI: 'Postmenopausal spinal osteoporosis: flexion versus extension exercises, Arch Phys Med Rehabil, 1984',
  USPSTF: 'Osteoporosis screening, USPSTF, 2018',
  PARK: 'Chair yoga pilot trial in osteoarthritis, J Am Geriatr Soc, 2017',
  ACC17: 'Guideline for high blood pressure in adults, ACC/AHA, 2017',
  NG136: 'Hypertension in adults, NICE, 2019',
  AACVPR: 'Guidelines for Cardiac Rehabilitation Programs, 6th ed., AACVPR, 2021',
  HAGINS: 'Effectiveness of yoga for hypertension, Evid Based Complement Alternat Med, 2013',
  JOSEPH: 'Slow breathing improves baroreflex sensitivity, Hypertension, 2005',
  JASIEN: 'Intraocular pressure rise in four common yoga positions, PLoS One, 2015',
  BASKARAN: 'Intraocular pressure changes during sirsasana, Ophthalmology, 2006',
  GALLARDO: 'Progression of glaucoma associated with the sirsasana, Adv Ther, 2006',
  VIEIRA: 'Intraocular pressure variation during weight lifting, Arch Ophthalmol, 2006',
  HAYNES: 'Jogging and pigmentary dispersion/glaucoma, Ophthalmology, 1992',
  WILKE: 'New in vivo measurements of pressures in the intervertebral disc in daily life, Spine, 1999',
  CALLMC: 'Intervertebral disc herniation: porcine model, highly repetitive flexion/extension with compressive force, Clin Biomech, 2001',
  NASSLDH: 'Lumbar disc herniation with radiculopathy, clinical guideline, NASS, 2012',
  NACH: 'Disc pressure measurements, Spine, 1981',
  SNOOK: 'Reduction of chronic nonspecific low back pain through the control of early morning lumbar flexion, Spine, 1998',
  ADAMS: 'Diurnal variations in the stresses on the lumbar spine, Spine, 1987',
  INUFUSA: 'Anatomic changes of the spinal canal associated with flexion and extension, Spine, 1996',
  NASSLSS: 'Degenerative lumbar spinal stenosis, clinical guideline, NASS, 2011',
  OOSTER: 'Rehabilitation after lumbar disc surgery, Cochrane, 2014',
  IFOMPT20: 'International framework for red flags for potential serious spinal pathologies, JOSPT, 2020',
  NG59: 'Low back pain and sciatica in over 16s, NICE, 2016',
  NG234: 'Spinal metastases and metastatic spinal cord compression, NICE, 2023',
} as const satisfies Record<string, string>;
export type SourceId = keyof typeof SOURCES;

/** `ID`: the number is in the source. `ID*`: the source gives the principle, the number is ours. */
export type SourceMark = SourceId | `${SourceId}*` | 'common practice';

/** The source as a person reads it. */
export function describeSource(marks: readonly SourceMark[]): string {
  return marks
    .map((mark) => {
      if (mark === 'common practice') return 'Common practice, no published source known.';
      const principle = mark.endsWith('*');
      const id = (principle ? mark.slice(0, -1) : mark) as SourceId;
      return SOURCES[id] + (principle ? ' (the principle; the number is ours).' : '.');
    })
    .join(' ');
}
