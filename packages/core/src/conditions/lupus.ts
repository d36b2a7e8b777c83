import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const lupus = condition({
  id: 'lupus',
  name: 'Lupus (SLE)',
  words: ['Sjögren', 'lupus', 'lupis', 'loopus', 'SLE', 'systemic lupus', 'systemic lupus erythematosus', 'erythematosis', 'discoid lupus', 'butterfly rash', 'connective tissue disease', 'antiphospholipid', 'APS', 'Hughes syndrome', 'Raynaud’s', "Raynaud's"],
  parameters: {
    activity: { kind: 'choice', holdsDays: 28, options: ['quiet', 'mild', 'moderate', 'severe'], ask: 'How active now?' },
    organs: { kind: 'set', options: ['joints', 'skin', 'kidney', 'heartLung', 'brain', 'blood'], ask: 'What is affected?' },
    newSign: { kind: 'yesno', holdsDays: 0, ask: 'A new sign of chest, breath, nerves, urine, sight, or fever?' },
    chestPain: { kind: 'yesno', holdsDays: 0, ask: 'Chest pain or breathless?', default: false },
    temp: { kind: 'number', holdsDays: 0, unit: '°C', from: 34, to: 42.5, ask: 'Temperature, if unwell' },
    steroidMg: { kind: 'number', unit: 'mg/day', from: 0, to: 100, ask: 'Prednisolone a day' },
    steroidMonths: { kind: 'number', unit: 'months', from: 0, to: 600, ask: 'Months on prednisolone' },
    boneScan: { kind: 'yesno', ask: 'Bones measured?' },
    hipPain: { kind: 'yesno', ask: 'Pain in the groin or deep in the hip on weight?' },
    hipImaged: { kind: 'yesno', ask: 'Was the hip imaged, and is it sound?', default: false, onlyIf: { hipPain: [true] } },
    aps: { kind: 'yesno', ask: 'Clots easily (antiphospholipid)?' },
    bloodThinner: { kind: 'choice', options: ['none', 'aspirin', 'dual', 'warfarin', 'doac', 'heparin', 'unknown'], ask: 'A blood thinner?' },
    platelets: { kind: 'number', unit: '10⁹/L', from: 0, to: 1000, ask: 'Platelets, if known' },
    hb: { kind: 'number', unit: 'g/L', from: 30, to: 200, ask: 'Haemoglobin, if known' },
    raynaud: { kind: 'yesno', ask: 'Fingers turn white in the cold?', default: false },
    sunSensitive: { kind: 'yesno', ask: 'Does sun bring it on?', default: true },
    looseJoints: { kind: 'yesno', ask: 'Loose joints of the hands?', default: false },
    fatigue: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Tiredness today', default: 5 },
    immune: { kind: 'yesno', ask: 'A medicine that lowers defence?', default: true },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
  },
  stages: { quiet: 'Quiet', mild: 'Mild', mod: 'Moderate or severe', jointsMild: 'Joints, mild', jointsMod: 'Joints, moderate', lax: 'Loose joints of the hands', hip: 'Hip pain not yet imaged', bone: 'Steroids without a measure of the bones', clot: 'Clots easily, or on a full blood thinner', ray: 'Fingers turn white', low: 'Few platelets or anaemic', chest: 'Heart or lung affected', tired: 'Very tired today' },
  gathering: ['jointsMild'],
  stagesOf: ({ activity = 'moderate', organs = [], steroidMg = 0, steroidMonths = 0, boneScan, hipPain, hipImaged, aps, bloodThinner = 'none', platelets = 200, hb = 130, raynaud, looseJoints, fatigue = 5 }) => {
    const active = activity !== 'quiet';
    const moderate = activity === 'moderate' || activity === 'severe';
    return pick(
      moderate ? 'mod' : activity,
      active && organs.includes('joints') && (moderate ? 'jointsMod' : 'jointsMild'),
      looseJoints === true && 'lax',
      hipPain === true && hipImaged !== true && 'hip',
      steroidMg >= 2.5 && steroidMonths >= 3 && boneScan !== true && 'bone',
      (aps === true || !['none', 'aspirin'].includes(bloodThinner)) && 'clot',
      raynaud === true && 'ray',
      (platelets < 50 || hb < 100) && 'low',
      active && organs.includes('heartLung') && 'chest',
      fatigue >= 7 && 'tired',
    );
  },
  screen: ({ activity, organs, newSign, chestPain, temp = 37, hipPain, hipImaged, platelets = 200, hb = 130, immune = true, sunSensitive = true, cleared, steroidMg, boneScan }) =>
    found(
      chestPain === true && callNow('chestPain', 'Chest pain or breathless: call the emergency number.'),
      newSign === true && chestPain !== true && refer('newSign', 'A new sign: no practice, medical contact today.'),
      immune && temp >= 38 && refer('temp', 'Fever on a medicine that lowers defence: no practice, medical contact today.'),
      hb < 80 && refer('hb', 'Haemoglobin below 80: no practice, medical contact today.'),
      newSign === undefined && clearanceAlone('newSign', 'Whether there is a new sign must be known first.'),
      organs === undefined && clearanceAlone('organs', 'What is affected must be known first; "none" must be said.'),
      cleared !== true && activity === 'severe' && clearance('activity', 'Severe: written clearance first.'),
      cleared !== true && activity !== 'quiet' && (organs ?? []).includes('heartLung') && clearance('organs', 'Heart or lung affected: written clearance first.'),
      cleared !== true && (organs ?? []).includes('brain') && clearance('organs', 'Brain affected: written clearance first.'),
      cleared !== true && (platelets < 50 || hb < 100) && clearance('platelets', 'Few platelets or anaemic: written clearance first.'),
      hipPain === true && hipImaged !== true && clearanceAlone('hipPain', 'Hip pain on weight: a picture of the hip first.'),
      hipPain === undefined && open('hipPain', 'pain in the groin or deep in the hip?'),
      (organs ?? []).includes('kidney') && note('organs', 'Answer "Kidney disease" as well.'),
      (steroidMg ?? 0) >= 2.5 && boneScan !== true && note('boneScan', 'Ask for a measure of the bones.'),
      sunSensitive && note('sunSensitive', 'Outdoors only in the shade, before 10 or after 16; covered skin.'),
    ),
  redFlags: [
    emergency('chest', 'Chest pain or breathless, a seizure, stroke signs, sudden confusion, one swollen leg with breathlessness'),
    emergency('joint', 'One hot joint with fever'),
    today('new', 'Foamy or dark urine with swelling, one swollen calf, purple spots, sudden loss of sight'),
  ],
  schools: {
    'lupus-flare': { name: 'In a flare', positions: { gentle: 'Gentle range', rest: 'Full rest' }, default: 'gentle', because: 'Exercise did not raise the activity of the disease in trials.' },
  },
  limits: [
    ...limits('lup-01', 'Being active is advised and lowers fatigue; the flare sets how hard.', ['EULARNP*', 'WU17*'], ['effort', '<= 4', 'watch', ['quiet']], ['effort', '<= 3', 'watch', ['mild']], ['effort', '<= 2', 'modify', ['mod']]),
    ...limits('lup-02', 'Being active is advised; the flare sets how hard.', 'EULARNP*', ['met', '<= 4', 'watch', ['mild']], ['met', '<= 2.5', 'modify', ['mod']]),
    ...limits('lup-03', 'An inflamed joint is moved, not stretched.', 'EULAR18*', ['jointRangeUsed', '<= 0.95', 'watch', ['jointsMild'], 'effort >= 2'], ['jointRangeUsed', '<= 0.8', 'watch', ['jointsMod'], { reading: 'Which joint is inflamed is not asked, so it is told.' }]),
    ...limits('lup-04', { handLoad: 'Sore or loose hands carry less.', wristExtensionLoaded: 'Sore or loose wrists bend back less under weight.', gripForce: 'Sore or loose fingers grip less.' }, 'common practice', ['handLoad', '<= 0.3', 'modify', ['jointsMod', 'lax']], ['wristExtensionLoaded', '<= 45', 'modify', ['jointsMod', 'lax']], ['gripForce', '<= 1', 'modify', ['jointsMod', 'lax']]),
    ...limits('lup-05', { footLoad: 'Steroids can damage the bone of the hip; until it is imaged, no leg stands alone.', kneeFlexionLoaded: 'Steroids can damage the bone of the hip; until it is imaged, no deep bend.' }, 'common practice', ['footLoad', '<= 0.6', 'avoid', ['hip']], ['kneeFlexionLoaded', '<= 60', 'avoid', ['hip']]),
    ...limits('lup-06', 'Steroids thin the bone, and rounding loads it.', ['ACRGIOP*', 'TFTF*'], ['lumbarFlexion', '<= 40', 'modify', ['bone']], ['spineRotation', '<= 40', 'watch', ['bone'], 'lumbarFlexion > 20']),
    ...noInversion('lup-07', { headLoad: 'Thin blood, thin bone or an ill chest make upside down unsafe.', neckLoad: 'Thin blood, thin bone or an ill chest make upside down unsafe.' }, 'common practice', 'avoid', ['mod', 'low', 'clot', 'bone', 'chest']),
    ...limits('lup-08', 'A fall from a height bleeds here.', 'common practice', ['fallHeight', '<= 5', 'avoid', ['clot', 'low']]),
    ...limits('lup-09', 'Balance is trained with the wall within reach.', 'common practice', ['support', '>= 1', 'watch', ['clot', 'bone'], 'feetDown = 1'], ['support', '>= 1', 'modify', ['low', 'hip', 'mod'], 'feetDown = 1']),
    ...limits('lup-10', { hold: 'Legs folded tight dam the veins, and this blood clots easily.', unrelievedSitting: 'Long sitting dams the veins, and this blood clots easily.' }, ['KAHN*', 'NG158*'], ['hold', '<= 60', 'modify', ['clot'], 'kneeFlexion > 130'], ['unrelievedSitting', '<= 30', 'modify', ['clot']]),
    ...limits('lup-11', 'With the head low, an ill body gets giddy and short of breath.', 'common practice', ['headBelowHeart', '<= 10', 'modify', ['mod', 'chest']]),
    ...limits('lup-12', 'Lying flat hurts an inflamed lining of the heart.', 'common practice', ['trunkPitch', '<= 60', 'modify', ['chest'], 'facing supine']),
    ...limits('lup-13', 'Rest comes before tiredness.', 'EULARNP*', ['sessionMinutes', '<= 30', 'modify', ['mod', 'tired']], ['restShare', '>= 0.3', 'modify', ['mod', 'tired']]),
    ...limits('lup-14', { breathRetention: 'A held breath strains an inflamed chest.', breathRate: 'Fast breath strains an inflamed chest.' }, 'common practice', ['breathRetention', '= 0', 'modify', ['mod', 'chest']], ['breathRate', '<= 20', 'modify', ['mod', 'chest']]),
    ...limits('lup-15', 'Cold turns the fingers white; heat tires.', 'common practice', ['heat', '>= 21', 'modify', ['ray']], ['heat', '<= 28', 'watch', ['mod']]),
    ...limits('lup-16', 'Jolts bruise and break where blood or bone is thin.', 'common practice', ['impact', '= 0', 'avoid', ['low', 'hip', 'clot']], ['impact', '<= 1', 'watch', ['mild', 'mod', 'bone']]),
  ], // prettier-ignore
  favour: ['strengthen-legs', 'energise', 'rest', 'mobilise-hands', 'calm', 'lengthen-exhale'],
  stopInClass: 'Chest, breath, new numbness, white fingers that don’t warm, a swelling joint, groin pain, sudden exhaustion.',
});
