import { condition } from './condition.js';
import { LYING_HAND, QUIET, limits, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

const SITES = ['spine', 'ribs', 'pelvis', 'arm', 'leg', 'skull'] as const;
const LEVELS = ['occ-c2', 'c3-c6', 'c7-t2', 't3-t10', 't11-l1', 'l2-l4', 'l5-s1', 's2-s5'] as const;
/** Where the spine moves most beside a stiff part: there weak bone scores highest (SINS, from memory). */
const JUNCTIONS: readonly string[] = ['occ-c2', 'c7-t2', 't11-l1', 'l5-s1'];
const FRAIL = ['mets', 'low'] as const;
const HEAD = ['mets', 'low', 'brain'] as const;

interface Cancer {
  readonly phase?: string | undefined;
  readonly platelets?: number | undefined;
  readonly neutrophils?: number | undefined;
  readonly hb?: number | undefined;
}

function lowCounts({ platelets, neutrophils, hb }: Cancer): boolean {
  return (platelets ?? 999) < 50 || (hb ?? 999) < 100 || (neutrophils ?? 99) < 1;
}
function unread({ phase = 'chemo', platelets, hb }: Cancer): boolean {
  return phase === 'chemo' && (platelets === undefined || hb === undefined);
}

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const cancer = condition({
  id: 'cancer',
  name: 'Cancer, in treatment or after',
  words: ['mastectomy', 'port in the chest', 'cancer', 'chemo', 'chemotherapy', 'radiation', 'breast cancer', 'lymphoedema', 'lymphedema', 'metastases', 'tumour', 'port', 'leukaemia'],
  parameters: {
    phase: { kind: 'choice', options: ['before', 'chemo', 'radiation', 'immune', 'hormone', 'after'], ask: 'Where in treatment?', default: 'chemo' },
    boneMets: { kind: 'choice', options: ['yes', 'no', 'unknown'], ask: 'In the bones?' },
    bonePain: { kind: 'yesno', ask: 'Bone pain?', default: false },
    metSites: { kind: 'set', options: SITES, ask: 'In which bones? (say none if none)', onlyIf: { boneMets: ['yes', 'unknown'] } },
    metLevels: { kind: 'set', options: LEVELS, ask: 'At which levels of the spine?', onlyIf: { boneMets: ['yes'] } },
    sins: { kind: 'number', unit: 'points', from: 0, to: 18, ask: 'Spinal instability score, as the team wrote it', onlyIf: { boneMets: ['yes'] } },
    surgeonPlan: { kind: 'yesno', ask: 'A written plan of the surgeon?', default: false, onlyIf: { boneMets: ['yes'] } },
    nerveSigns: { kind: 'yesno', holdsDays: 0, ask: 'Weak or numb legs, a band round the chest, bladder?', onlyIf: { boneMets: ['yes'] } },
    clearedByTeam: { kind: 'yesno', ask: 'Has the team cleared this class in writing?', default: false, onlyIf: { boneMets: ['yes', 'unknown'] } },
    platelets: { kind: 'number', holdsDays: 7, unit: '×10⁹/L', from: 0, to: 1000, ask: 'Platelets in the last week', onlyIf: { phase: ['chemo'] } },
    neutrophils: { kind: 'number', holdsDays: 7, unit: '×10⁹/L', from: 0, to: 20, ask: 'Neutrophils in the last week', onlyIf: { phase: ['chemo'] } },
    hb: { kind: 'number', holdsDays: 7, unit: 'g/L', from: 30, to: 200, ask: 'Haemoglobin in the last week', onlyIf: { phase: ['chemo'] } },
    lymphoedema: { kind: 'choice', options: ['none', 'risk', 'stage0', 'stage1', 'stage2', 'stage3'], ask: 'Lymph nodes removed, or a swollen limb?', default: 'none' },
    loadLevel: { kind: 'choice', options: ['none', 'start', 'building', 'trained'], ask: 'Supervised strength work: taught (start), 4 to 12 weeks without swelling (building), longer (trained)', default: 'none', onlyIf: { lymphoedema: ['risk', 'stage0', 'stage1', 'stage2', 'stage3'] } },
    lastSwell: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since it last swelled after activity', onlyIf: { lymphoedema: ['risk', 'stage0', 'stage1', 'stage2', 'stage3'] } },
    garment: { kind: 'yesno', holdsDays: 0, ask: 'Does the sleeve fit, and is it worn?', onlyIf: { lymphoedema: ['stage1', 'stage2', 'stage3'] } },
    limbNow: { kind: 'choice', holdsDays: 0, options: ['usual', 'fuller', 'red'], ask: 'The limb today', default: 'usual', onlyIf: { lymphoedema: ['risk', 'stage0', 'stage1', 'stage2', 'stage3'] } },
    limb: { kind: 'choice', options: ['arm', 'leg'], ask: 'Which limb?', default: 'arm', onlyIf: { lymphoedema: ['risk', 'stage0', 'stage1', 'stage2', 'stage3'] } },
    device: { kind: 'set', options: ['port', 'line', 'pump', 'drain', 'ostomy'], ask: 'Port, line, pump, drain or ostomy? (say none if not)' },
    deviceWeeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since it was put in', default: 0, onlyIf: { device: ['port', 'line', 'pump', 'drain', 'ostomy'] } },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since an operation, if any' },
    breast: { kind: 'yesno', ask: 'Breast or chest operated or radiated?', default: false },
    neuropathy: { kind: 'yesno', ask: 'Numb feet or hands?', default: false },
    brainMets: { kind: 'yesno', ask: 'In the brain?', default: false },
    fatigue: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Fatigue today', default: 3 },
    group: { kind: 'yesno', ask: 'Would it be a group class?', default: true },
  },
  stages: {
    ok: 'Well', chemo: 'Chemotherapy', mets: 'In the bones', low: 'Low counts, or not read on chemotherapy', brain: 'In the brain', 'mets-spine': 'In the spine', 'mets-turn': 'In spine, ribs or pelvis', 'mets-arm': 'In the arm', 'mets-leg': 'In leg or pelvis', 'spine-any': 'In the spine, at any level', neck: 'In the neck', chestSpine: 'In the chest spine', lowSpine: 'In the low back', sacral: 'In low back or sacrum', junction: 'At a junction of the spine', load0: 'Not yet loaded', load1: 'Loading just taught', load2: 'Loading grows', load3: 'Trained', fuller: 'The limb is fuller, or without its sleeve',
    lymph: 'Nodes removed or a swollen limb', 'lymph-arm': 'Nodes removed or a swollen arm', line: 'Port or line', 'line-new': 'Port or line, first 2 weeks', chest: 'Sore or fresh chest', ostomy: 'Ostomy', tired: 'Chemotherapy or fatigue of 6', counted: 'Counts not read, or platelets 50 to 99', numb: 'Numb feet', therapy: 'Chemotherapy or lymph nodes',
  }, // prettier-ignore
  gathering: ['mets-turn', 'mets-leg', 'sacral', 'spine-any', 'lymph-arm', 'line-new', 'counted', 'tired', 'therapy'],
  stagesOf: (a) => {
    const { phase = 'chemo', boneMets, bonePain, metSites, lymphoedema = 'none', limb = 'arm', device, deviceWeeks = 0, weeksSinceSurgery, breast, brainMets, fatigue = 3, neuropathy, platelets, metLevels, loadLevel = 'none', lastSwell, garment, limbNow } = a;
    const mets = boneMets === 'yes' || (boneMets !== 'no' && bonePain === true);
    const spineKnown = mets && metLevels !== undefined && !metLevels.some((one) => one === 'none');
    const level = (...some: (typeof LEVELS)[number][]) => spineKnown && some.some((one) => metLevels.includes(one));
    const site = (...some: (typeof SITES)[number][]) => mets && (metSites === undefined || some.some((one) => metSites.includes(one)));
    const low = lowCounts(a);
    const has = (one: string) => (device as readonly string[] | undefined)?.includes(one) ?? false;
    const line = has('port') || has('line');
    const lymph = lymphoedema !== 'none';
    const arm = lymph && limb === 'arm';
    const steps = { none: 0, start: 1, building: 2, trained: 3 }[loadLevel];
    const loading = Math.max(0, steps - ((lastSwell ?? 99) < 4 ? 1 : 0) - (limbNow === 'fuller' ? 1 : 0));
    const sore = (breast === true && (phase === 'radiation' || (weeksSinceSurgery ?? 99) < 12)) || line;
    const chemo = phase === 'chemo';
    return pick(
      chemo && 'chemo',
      mets && 'mets',
      low && 'low',
      brainMets === true && 'brain',
      // Once the levels are told, bending and load are barred where the bone is weak, and softened elsewhere.
      site('spine') && !spineKnown && 'mets-spine',
      spineKnown && 'spine-any',
      level('occ-c2', 'c3-c6', 'c7-t2') && 'neck',
      level('c7-t2', 't3-t10', 't11-l1') && 'chestSpine',
      level('t11-l1', 'l2-l4', 'l5-s1') && 'lowSpine',
      level('l5-s1', 's2-s5') && 'sacral',
      spineKnown && metLevels.some((one) => JUNCTIONS.includes(one)) && 'junction',
      (spineKnown
        ? site('ribs', 'pelvis') || level('c7-t2', 't3-t10', 't11-l1', 'l2-l4', 'l5-s1', 's2-s5')
        : site('spine', 'ribs', 'pelvis')) && 'mets-turn',
      site('arm') && 'mets-arm',
      site('leg', 'pelvis') && 'mets-leg',
      lymph && 'lymph',
      arm && 'lymph-arm',
      arm && (['load0', 'load1', 'load2', 'load3'] as const)[loading],
      arm && (limbNow === 'fuller' || (garment === false && ['stage1', 'stage2', 'stage3'].includes(lymphoedema))) && 'fuller',
      line && 'line',
      line && deviceWeeks < 2 && 'line-new',
      sore && 'chest',
      has('ostomy') && 'ostomy',
      (chemo || fatigue >= 6) && 'tired',
      (unread(a) || (platelets !== undefined && platelets < 100)) && 'counted',
      neuropathy === true && 'numb',
      (chemo || (lymph && loadLevel !== 'building' && loadLevel !== 'trained')) && 'therapy',
      !chemo && !mets && !low && brainMets !== true && 'ok',
    );
  },
  screen: (a) =>
    found(
      (a.platelets ?? 999) < 20 && refer('platelets', 'Platelets below 20: no class.'),
      a.platelets !== undefined && a.platelets >= 20 && a.platelets < 50 && clearance('platelets', 'Platelets 20 to 49: written clearance, restricted profile.'),
      (a.hb ?? 999) < 80 && refer('hb', 'Haemoglobin below 80: no class, medical contact today.'),
      a.hb !== undefined && a.hb >= 80 && a.hb < 100 && clearanceAlone('hb', 'Haemoglobin 80 to 99: written clearance first.'),
      (a.neutrophils ?? 99) < 0.5 && refer('neutrophils', 'Neutrophils below 0.5: practice at home only.'),
      a.neutrophils !== undefined && a.neutrophils >= 0.5 && a.neutrophils < 1 && (a.group ?? true) && refer('neutrophils', 'Neutrophils below 1.0: no group class.'),
      (a.boneMets === 'yes' || (a.boneMets !== 'no' && a.bonePain === true)) && a.clearedByTeam !== true && clearance('boneMets', 'In the bones: written clearance of the team first.'),
      a.boneMets === undefined && open('boneMets', 'is it in the bones?'),
      a.nerveSigns === true && callNow('nerveSigns', 'Weak or numb legs, a band round the chest or a changed bladder: call the emergency number.'),
      (a.sins ?? 0) >= 13 && refer('sins', 'A spine that is not stable: no practice.'),
      (a.sins ?? 0) >= 7 && (a.sins ?? 0) < 13 && a.surgeonPlan !== true && clearance('sins', 'A spine that may not be stable: a written plan of the surgeon first.'),
      a.boneMets === 'yes' && (a.metSites?.includes('spine') ?? true) && a.sins === undefined && note('sins', 'The instability score of the spine is not known: ask the team for it.'),
      a.limbNow === 'red' && refer('limbNow', 'A red or hot limb: no practice, medical contact today.'),
      a.brainMets === true && clearance('brainMets', 'In the brain: written clearance first.'),
      (a.weeksSinceSurgery ?? 99) < 12 && clearance('weeksSinceSurgery', 'Operated in the last 12 weeks: written clearance first; add recent surgery.'),
      a.device?.some((one) => one !== 'none') === true && (a.deviceWeeks ?? 0) < 2 && clearance('device', 'A device in the last 2 weeks: written clearance first.'),
      unread(a) && note('platelets', 'No counts of the last week on chemotherapy: light effort, something to hold.'),
    ),
  redFlags: [
    emergency('fever', 'Fever of 38.0 °C or more on chemotherapy, or shivering'),
    emergency('cord', 'New back pain like a band, weak legs, changed bladder or bowel; face and arm swelling'),
    today('other', 'Breathless, one leg swollen, new headache or seizure, bone pain on load'),
  ],
  schools: {
    'cancer-lymph': {
      name: 'A swollen limb',
      positions: { slow: 'Slow loading', never: 'Never loaded' },
      default: 'slow',
      because: 'Strength built slowly is safe and does good.',
    },
  },
  limits: [
    ...limits('ca-01', 'Weakened vertebrae break in bending.', 'BONEMET*', ['lumbarFlexion', '-10..15', 'avoid', ['mets-spine']], ['thoracicFlexion', '<= 10', 'avoid', ['mets-spine']]),
    ...limits('ca-02', 'Turning forces break weakened bone.', 'BONEMET*', ['spineRotation', '<= 10', 'avoid', ['mets-turn']]),
    ...limits('ca-03', 'A weakened spine breaks under load.', 'BONEMET*', ['discLoad', '<= 1.9', 'avoid', ['mets-spine'], { reading: 'Sitting upright loads a disc 1.4 times as much as standing, with the arms out up to 1.8 times.' }]),
    ...limits('ca-04', 'The weakened bone of the arm may break under weight.', 'MIRELS*', ['handLoad', '<= 0.1', 'avoid', ['mets-arm'], LYING_HAND]),
    ...limits('ca-05', { headLoad: 'Weak bone, easy bleeding or pressure in the head make it unsafe upside down.', neckLoad: 'Weak bone, easy bleeding or pressure in the head make it unsafe upside down.', headJolt: 'Jerks of the head can break weak bone or make bleed.' }, 'common practice', ['headLoad', '<= 0.1', 'avoid', HEAD], ['neckLoad', '<= 0.05', 'avoid', HEAD], ['headJolt', '= 0', 'avoid', HEAD]),
    ...limits('ca-06', 'With the head low, the pressure in the head rises.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['brain', 'low']]),
    ...limits('ca-07', 'A fall would break bone or bleed.', 'BONEMET*', ['fallHeight', '<= 5', 'avoid', FRAIL], ['balanceMargin', '>= 4', 'avoid', FRAIL, 'standing', 'support < 2']),
    ...limits('ca-08', 'The load grows in steps that the arm has answered well; none is harmful in itself.', ['SCHMITZ*', 'ISL20*'], ['oneHandLoad', '<= 0.3', 'modify', ['load0'], { reading: 'The trial set no upper limit; the numbers are ours.' }], ['oneHandLoad', '<= 0.4', 'modify', ['load1']], ['oneHandLoad', '<= 0.55', 'watch', ['load2']], ['oneHandLoad', '<= 0.8', 'watch', ['load3']]),
    ...limits('ca-09', 'The arm likes moving better than a long hold; the sleeve stays on.', 'ISL20*', ['hold', '<= 60', 'modify', ['lymph'], 'shoulderElevation > 120']),
    ...limits('ca-10', { touch: 'Pressing swells the limb.', heat: 'Heat swells the limb.' }, 'ISL20*', ['touch', '= 0', 'avoid', ['lymph']], ['heat', '<= 27', 'modify', ['lymph']]),
    ...limits('ca-11', 'A high arm pulls the line.', 'common practice', ['shoulderElevation', '<= 90', 'modify', ['line-new']], ['shoulderElevation', '<= 150', 'watch', ['line']]),
    ...limits('ca-12', 'Lying on the front presses the port or sore skin.', 'common practice', ['chestLoad', '<= 0.05', 'modify', ['chest']]),
    ...limits('ca-13', { bellyClosure: 'Pressing the belly presses the bag.', abdominalLoad: 'Hard belly work makes the wall bulge beside the opening.' }, 'common practice', ['bellyClosure', '<= 0.4', 'modify', ['ostomy']], ['abdominalLoad', '<= 3', 'modify', ['ostomy']]),
    ...limits('ca-14', 'Rest comes before tiredness.', 'ACSMC*', ['sessionMinutes', '<= 30', 'modify', ['tired']], ['restShare', '>= 0.3', 'modify', ['tired']]),
    ...limits('ca-15', { breathRetention: 'Straining on a held breath raises the pressure.', breathRate: 'Forced breath raises the pressure.' }, 'common practice', ['breathRetention', '= 0', 'avoid', HEAD], ['breathRate', '<= 20', 'avoid', HEAD]),
    ...limits('ca-16', { effort: 'Work builds up slowly through and after treatment.', impact: 'Jolts come last, where bone and blood are sound.' }, ['ACSMC*', 'BONEMET*'], ['effort', '<= 2', 'avoid', FRAIL], ['impact', '= 0', 'avoid', FRAIL], ['effort', '<= 3', 'modify', ['therapy']], ['impact', '= 0', 'modify', ['therapy']], ['effort', '<= 4', 'watch', ['ok']], ['impact', '<= 1', 'watch', ['ok']]),
    ...limits('ca-17', 'The weakened leg never carries all the weight.', ['BONEMET*', 'MIRELS*'], ['footLoad', '<= 0.6', 'avoid', ['mets-leg'], { reading: 'Half of the weight, with room for a stance that isn’t quite even.' }], ['support', '>= 2', 'avoid', ['mets-leg'], 'standing']),
    ...limits('ca-18', 'An arm far behind presses the port.', 'common practice', ['shoulderExtension', '<= 30', 'modify', ['line']]),
    ...limits('ca-19', { support: 'Platelets are low or not known: something to hold, so that no fall bleeds.', effort: 'Platelets are low or not known: light work.', impact: 'Platelets are low or not known: no jolts.' }, 'APTALAB*', ['support', '>= 1', 'modify', ['counted'], 'standing', 'effort >= 2', QUIET], ['effort', '<= 2', 'modify', ['counted']], ['impact', '= 0', 'modify', ['counted']]),
    ...limits('ca-20', 'Numb feet don’t feel the floor.', 'ADA16*', ['balanceMargin', '>= 4', 'modify', ['numb'], 'standing', 'support < 1'], ['support', '>= 1', 'modify', ['numb'], 'feetDown = 1'], ['eyesClosed', '= 0', 'avoid', ['numb'], 'standing']),
    ...limits('ca-21', 'The bone of the neck is weak beside the cord.', ['BONEMET*', 'NG234*'], ['cervicalFlexion', '-5..15', 'avoid', ['neck']]),
    ...limits('ca-22', 'Turning and tilting load a weakened neck most.', 'BONEMET*', ['cervicalRotation', '<= 20', 'avoid', ['neck']], ['neckSweep', '<= 20', 'avoid', ['neck']], ['cervicalLateral', '<= 10', 'avoid', ['neck']]),
    ...limits('ca-23', 'Arms brace the neck, and a hanging head can’t be held.', 'common practice', ['handLoad', '<= 0.3', 'avoid', ['neck']], ['headBelowHeart', '<= 5', 'avoid', ['neck']]),
    ...limits('ca-24', 'Lifting the arms fully moves the weakened upper spine.', 'common practice', ['shoulderElevation', '<= 120', 'modify', ['neck', 'chestSpine']]),
    ...limits('ca-25', 'A side bend presses one edge of a weakened vertebra.', 'BONEMET*', ['spineLateral', '<= 10', 'avoid', ['chestSpine', 'lowSpine']]),
    ...limits('ca-26', 'Long levers pull on pelvis and sacrum.', 'common practice', ['straightLegAngle', '<= 60', 'modify', ['lowSpine', 'sacral']], ['legAsymmetry', '<= 40', 'modify', ['lowSpine', 'sacral'], { as: 'low' }], ['legAsymmetry', '<= 90', 'modify', ['mets-leg'], { as: 'leg' }]),
    ...limits('ca-27', 'Weak vertebrae break in bending; free regions move, gently.', ['BONEMET*', 'common practice'], ['lumbarFlexion', '-10..15', 'avoid', ['lowSpine']], ['discLoad', '<= 1.3', 'avoid', ['lowSpine']], ['thoracicFlexion', '<= 10', 'avoid', ['chestSpine']], ['lumbarFlexion', '-20..30', 'modify', ['spine-any']], ['thoracicFlexion', '<= 20', 'modify', ['spine-any']]),
    ...limits('ca-28', 'Rolling in one piece, with the hands, spares a weakened spine.', 'BONEMET*', ['transitionTime', '>= 10', 'avoid', ['spine-any'], 'levelChange >= 30']),
    ...limits('ca-29', 'A weakened junction of the spine bears short and easy holds.', 'common practice', ['hold', '<= 15', 'modify', ['junction'], 'effort >= 2']),
    ...limits('ca-31', 'Repeats pump the arm; long holds don’t.', 'ISL20*', ['hold', '<= 20', 'modify', ['load1'], 'handLoad > 0.3'], ['hold', '<= 40', 'watch', ['load2'], 'handLoad > 0.3']),
    ...limits('ca-32', 'Nothing tight goes round the limb but the sleeve.', 'ISL20*', ['limbStrap', '= 0', 'avoid', ['lymph']]),
    ...limits('ca-33', 'Strength is the aim; it is built up in steps.', 'SCHMITZ*', ['effort', '<= 4', 'watch', ['load2', 'load3']]),
    ...limits('ca-34', 'The limb is fuller today: it moves freely and carries little.', 'common practice', ['oneHandLoad', '<= 0.2', 'modify', ['fuller']]),
  ], // prettier-ignore
  favour: ['rest', 'calm', 'mobilise-shoulders', 'strengthen-legs', 'breath-awareness'],
  stopInClass: 'Bone pain, new swelling, bleeding, faint, fever.',
});
