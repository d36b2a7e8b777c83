import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const kidneyDisease = condition({
  id: 'kidney-disease',
  name: 'Kidney disease, dialysis or transplant',
  words: ['kidney disease', 'kidny disease', 'CKD', 'chronic kidney disease', 'kidney damage', 'renal disease', 'renal failure', 'kidney failure', 'dialysis', 'dyalisis', 'dialisis', 'haemodialysis', 'hemodialysis', 'peritoneal dialysis', 'fistula arm', 'kidney transplant', 'nephritis', 'polycystic kidneys'],
  parameters: {
    stage: { kind: 'choice', options: ['g1', 'g2', 'g3', 'g4', 'g5', 'hd', 'pd', 'transplant', 'unknown'], ask: 'Stage, dialysis (hd blood, pd belly) or transplant' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
    access: { kind: 'choice', options: ['none', 'fistula', 'graft', 'chestLine'], ask: 'Access for dialysis' },
    accessSide: { kind: 'choice', options: ['left', 'right', 'both'], ask: 'On which side?', default: 'both', onlyIf: { access: ['fistula', 'graft', 'chestLine'] } },
    accessWeeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the access was made', default: 0, onlyIf: { access: ['fistula', 'graft'] } },
    hoursSinceDialysis: { kind: 'number', holdsDays: 0, unit: 'h', from: 0, to: 120, ask: 'Hours since dialysis', onlyIf: { stage: ['hd'] } },
    kgOver: { kind: 'number', holdsDays: 0, unit: 'kg', from: -5, to: 15, ask: 'Kilograms above dry weight', onlyIf: { stage: ['hd', 'pd'] } },
    missedDialysis: { kind: 'yesno', holdsDays: 0, ask: 'A dialysis missed?', onlyIf: { stage: ['hd'] } },
    pdFull: { kind: 'yesno', holdsDays: 0, ask: 'Fluid in the belly now?', default: true, onlyIf: { stage: ['pd'] } },
    pdCatheterWeeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1000, ask: 'Weeks since the belly catheter', default: 0, onlyIf: { stage: ['pd'] } },
    potassium: { kind: 'number', holdsDays: 7, unit: 'mmol/L', from: 1.5, to: 9, ask: 'Potassium, if read this week' },
    hb: { kind: 'number', unit: 'g/L', from: 30, to: 200, ask: 'Haemoglobin, if known' },
    weeksSinceTransplant: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the transplant', default: 0, onlyIf: { stage: ['transplant'] } },
    temp: { kind: 'number', holdsDays: 0, unit: '°C', from: 34, to: 42.5, ask: 'Temperature, if unwell' },
    bigKidneys: { kind: 'yesno', ask: 'Large kidneys with cysts?', default: false },
    neuropathy: { kind: 'yesno', ask: 'Numb feet?' },
  },
  stages: { mid: 'Stages 1 to 3', low: 'Stages 4 and 5 without dialysis', hd: 'Blood dialysis', hdDay: 'Within 6 hours of dialysis', pd: 'Belly dialysis', pdFull: 'Belly full', tx: 'Transplant', txNew: 'Transplant below 12 weeks', arm: 'Access in the arm', armNew: 'New access in the arm', line: 'Line in the chest', cysts: 'Large kidneys', weak: 'Late stages or dialysis', frail: 'Day of dialysis, full belly or new transplant' },
  gathering: ['weak', 'frail'],
  stagesOf: ({ stage = 'unknown', access, accessWeeks = 0, hoursSinceDialysis = 0, pdFull = true, weeksSinceTransplant = 0, bigKidneys }) => {
    const inArm = access === 'fistula' || access === 'graft' || (stage === 'hd' && access === undefined);
    const dayOf = stage === 'hd' && hoursSinceDialysis < 6;
    const full = stage === 'pd' && pdFull;
    const fresh = stage === 'transplant' && weeksSinceTransplant < 12;
    const low = stage === 'g4' || stage === 'g5' || stage === 'unknown';
    return pick(
      low ? 'low' : stage === 'hd' || stage === 'pd' ? stage : stage === 'transplant' ? 'tx' : 'mid',
      dayOf && 'hdDay',
      full && 'pdFull',
      fresh && 'txNew',
      inArm && (accessWeeks < 6 ? 'armNew' : 'arm'),
      access === 'chestLine' && 'line',
      bigKidneys === true && 'cysts',
      (low || stage === 'hd' || stage === 'pd') && 'weak',
      (dayOf || full || fresh) && 'frail',
    );
  },
  screen: ({ stage, cleared, kgOver, missedDialysis, pdCatheterWeeks = 0, potassium = 4.5, hb = 120, weeksSinceTransplant = 0, temp = 37, neuropathy }) =>
    found(
      missedDialysis === true && refer('missedDialysis', 'A missed dialysis: no practice, medical contact today.'),
      kgOver !== undefined && kgOver > 4 && refer('kgOver', 'More than 4 kg above dry weight: no practice, medical contact today (the unit’s own number wins).'),
      potassium >= 6.5 && callNow('potassium', 'Potassium of 6.5 or more: call the emergency number.'),
      potassium >= 6 && potassium < 6.5 && refer('potassium', 'Potassium of 6.0 or more: no practice, medical contact today.'),
      hb < 80 && refer('hb', 'Haemoglobin below 80: no practice, medical contact today.'),
      stage === 'transplant' && temp >= 38 && refer('temp', 'Fever with a transplant: no practice, medical contact today.'),
      stage === 'hd' && missedDialysis === undefined && clearanceAlone('missedDialysis', 'Whether a dialysis was missed must be known first.'),
      (stage === undefined || stage === 'unknown') && clearanceAlone('stage', 'Which stage it is must be known first.'),
      cleared !== true && (stage === 'g4' || stage === 'g5' || stage === 'hd' || stage === 'pd' || stage === 'transplant') && clearance('stage', 'At the first class and after any stay in hospital: written clearance first.'),
      cleared !== true && stage === 'transplant' && weeksSinceTransplant < 12 && clearance('weeksSinceTransplant', 'A transplant of less than 12 weeks: written clearance first.'),
      cleared !== true && stage === 'pd' && pdCatheterWeeks < 6 && clearance('pdCatheterWeeks', 'A belly catheter of less than 6 weeks: written clearance first.'),
      (stage === 'hd' || stage === 'pd') && kgOver === undefined && open('kgOver', 'kilograms above dry weight?'),
      neuropathy === true && note('neuropathy', 'Answer "Polyneuropathy" as well.'),
      note('stage', 'Answer "High blood pressure" as well. Drinks are rationed; nothing tight round the access arm, and no pressure taken there.'),
    ),
  redFlags: [
    emergency('heart', 'Chest pain, breathless lying flat, weakness with a slow or irregular pulse, bleeding from the access that pressing doesn’t stop, confusion'),
    today('access', 'An access that is hot, red or no longer buzzes; cloudy dialysis fluid or belly pain'),
    today('graft', 'Transplant: fever, pain over it, little urine'),
  ],
  schools: {
    'kidney-arm': { name: 'The arm with the access', positions: { ripe: 'The open hand bears once it is ripe', never: 'Never load it' }, default: 'ripe', because: 'Weight on the open hand is usual later; leaning on the vessel is not.' },
    'kidney-day': { name: 'The day of dialysis', positions: { chair: 'A gentle class on the chair', none: 'No class' }, default: 'chair', because: 'Moderate work is advised at every stage.' },
  },
  limits: [
    ...limits('kid-01', { oneHandLoad: 'The vessel made for dialysis ripens first; later the open hand bears weight.', forearmLoad: 'Nothing leans on the vessel made for dialysis.' }, 'common practice', ['oneHandLoad', '<= 0.05', 'avoid', ['armNew'], { reading: 'A hand that only touches is no load.' }], ['forearmLoad', '<= 0.05', 'avoid', ['armNew']], ['oneHandLoad', '<= 0.5', 'watch', ['arm']], ['forearmLoad', '<= 0.3', 'watch', ['arm'], { reading: '0.15 on the one forearm, with both down.' }]),
    ...limits('kid-02', 'Nothing tight goes round the arm with the vessel.', 'KDOQIVA*', ['limbStrap', '= 0', 'avoid', ['arm', 'armNew']]),
    ...limits('kid-03', 'A long folded elbow kinks the vessel.', 'common practice', ['hold', '<= 60', 'modify', ['arm', 'armNew'], 'elbowFlexion > 110']),
    ...limits('kid-04', 'The line pulls at neck and chest.', 'common practice', ['shoulderElevation', '<= 120', 'modify', ['line']], ['shoulderExtension', '<= 30', 'modify', ['line']]),
    ...limits('kid-05', 'Fluid, large kidneys or the new kidney in the groin are pressed.', ['ISPDX*', 'common practice'], ['bellyClosure', '<= 0.3', 'avoid', ['pdFull', 'txNew']], ['bellyClosure', '<= 0.6', 'modify', ['pd', 'cysts']], ['bellyClosure', '<= 0.6', 'watch', ['tx']]),
    ...limits('kid-06', 'Hard belly work makes the dialysis line leak, or a hernia.', 'ISPDX*', ['abdominalLoad', '<= 1', 'avoid', ['txNew']], ['abdominalLoad', '<= 2', 'modify', ['pdFull']], ['abdominalLoad', '<= 4', 'watch', ['pd', 'tx', 'cysts']]),
    ...limits('kid-07', 'Deep folding presses the new kidney in the groin.', 'common practice', ['hipFlexion', '<= 90', 'avoid', ['txNew']], ['hipFlexion', '<= 115', 'watch', ['tx']]),
    ...limits('kid-08', 'Fluid shifts, and a full belly cramps the breath.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['pdFull', 'hdDay']], ['pelvisAboveHeart', '<= 5', 'avoid', ['pdFull', 'hdDay']]),
    ...limits('kid-09', 'Pressure and fluid are unsteady.', 'common practice', ['headBelowHeart', '<= 25', 'watch', ['weak']]),
    ...limits('kid-10', { headLoad: 'Bones are brittle and bleeding is easy.', neckLoad: 'Bones are brittle and bleeding is easy.', fallHeight: 'Bones are brittle and bleeding is easy; nothing is done at a height.' }, 'common practice', ['headLoad', '<= 0.1', 'avoid', ['frail']], ['neckLoad', '<= 0.05', 'avoid', ['frail']], ['fallHeight', '<= 5', 'avoid', ['frail']], ['headLoad', '<= 0.1', 'modify', ['weak']], ['neckLoad', '<= 0.05', 'modify', ['weak']], ['fallHeight', '<= 5', 'modify', ['weak']]),
    ...limits('kid-11', 'The pressure drops on rising, most after dialysis.', 'common practice', ['transitionTime', '>= 10', 'modify', ['weak'], 'levelChange >= 50']),
    ...limits('kid-12', 'After dialysis people are washed out and weak.', 'STEADI*', ['support', '>= 1', 'modify', ['hdDay'], 'standing'], ['support', '>= 1', 'watch', ['weak'], 'feetDown = 1']),
    ...limits('kid-13', 'Moderate work is advised at every stage; after dialysis it is light.', ['UKKA*', 'EXCITE*'], ['effort', '<= 2', 'modify', ['hdDay', 'txNew']], ['effort', '<= 3', 'watch', ['weak']], ['effort', '<= 4', 'watch', ['mid', 'tx']]),
    ...limits('kid-14', 'Straining on a held breath raises the blood pressure.', 'common practice', ['breathRetention', '= 0', 'modify', ['weak', 'txNew']], ['breathRetention', '<= 5', 'watch', ['mid', 'tx']]),
    ...limits('kid-15', 'Fluid is rationed, and overheating dries a weak kidney.', 'common practice', ['heat', '<= 27', 'modify', ['weak', 'tx']]),
    ...limits('kid-16', 'Jolts can bruise, or break brittle bone.', 'common practice', ['impact', '= 0', 'avoid', ['frail']], ['impact', '<= 1', 'watch', ['hd', 'pd', 'tx', 'cysts']]),
  ], // prettier-ignore
  favour: ['strengthen-legs', 'functional-transfer', 'balance', 'calm', 'rest', 'mobilise-shoulders'],
  stopInClass: 'Giddy, cramp, breathless, palpitations, the access bleeds or goes still, pain in belly or graft.',
});
