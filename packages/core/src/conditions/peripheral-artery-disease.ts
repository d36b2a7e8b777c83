import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const peripheralArteryDisease = condition({
  id: 'peripheral-artery-disease',
  name: 'Narrowed leg arteries',
  words: ['cramp in the calves when walking', 'bad circulation', 'peripheral artery disease', 'peripheral arterial disease', 'PAD', 'PVD', 'poor circulation in the legs', 'bad leg circulation', 'claudication', 'intermittent claudication', 'claudication pain', 'calf pain walking', 'blocked leg arteries', 'leg bypass', 'leg stent', 'hardening of the leg arteries'],
  parameters: {
    level: { kind: 'choice', options: ['noPain', 'walkPain', 'restPain', 'wound'], ask: 'Pain on walking, at rest, or a wound?', default: 'walkPain' },
    abi: { kind: 'number', unit: 'ratio', from: 0, to: 3, ask: 'Ankle-brachial index, if known', how: '0.90 or less is narrowed, above 1.40 can’t be read' },
    painFreeMetres: { kind: 'number', unit: 'm', from: 0, to: 5000, ask: 'Metres without pain', default: 100 },
    newChange: { kind: 'yesno', holdsDays: 0, ask: 'Pain, cold or colour that is new in 2 weeks?' },
    suddenCold: { kind: 'yesno', holdsDays: 0, ask: 'A leg suddenly cold, pale, numb or weak?', default: false },
    procedure: { kind: 'choice', options: ['none', 'stent', 'bypassGroin', 'bypassKnee'], ask: 'A stent or bypass?', default: 'none' },
    weeksSinceProcedure: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the stent or bypass', default: 0, onlyIf: { procedure: ['stent', 'bypassGroin', 'bypassKnee'] } },
    skin: { kind: 'choice', holdsDays: 0, options: ['whole', 'wound'], ask: 'Skin of the feet (look)' },
    numb: { kind: 'yesno', ask: 'Numb feet?' },
    bloodThinner: { kind: 'choice', options: ['none', 'aspirin', 'dual', 'warfarin', 'doac', 'heparin', 'unknown'], ask: 'A blood thinner?' },
    cleared: { kind: 'yesno', ask: 'Heart looked at, and cleared?' },
    age: { kind: 'number', unit: 'years', ofBody: 'age', from: 18, to: 110, ask: 'Age' },
  },
  stages: { walk: 'No pain, or pain on walking', crit: 'Pain at rest, or a wound', proc: 'First 6 weeks after a procedure', knee: 'Bypass past the knee', groin: 'Bypass in the groin', newGroin: 'New bypass in the groin', wound: 'A wound', numb: 'Numb feet', severe: 'Pain at rest, a wound, or a new procedure' },
  gathering: ['severe'],
  stagesOf: ({ level = 'walkPain', abi, procedure = 'none', weeksSinceProcedure = 0, skin, numb }) => {
    const crit = level === 'restPain' || level === 'wound' || (abi !== undefined && abi < 0.4);
    const proc = procedure !== 'none' && weeksSinceProcedure < 6;
    return pick(
      crit ? 'crit' : 'walk',
      proc && 'proc',
      procedure === 'bypassKnee' && 'knee',
      procedure === 'bypassGroin' && 'groin',
      procedure === 'bypassGroin' && proc && 'newGroin',
      (level === 'wound' || skin === 'wound') && 'wound',
      numb === true && 'numb',
      (crit || proc) && 'severe',
    );
  },
  screen: ({ level, abi, newChange, suddenCold, procedure = 'none', weeksSinceProcedure = 0, skin, cleared }) =>
    found(
      suddenCold === true && callNow('suddenCold', 'A leg suddenly cold, pale, painful, numb or weak: call the emergency number; hours matter.'),
      newChange === true && suddenCold !== true && refer('newChange', 'New pain, cold or colour: no practice, medical contact today.'),
      newChange === undefined && clearanceAlone('newChange', 'Whether anything is new in the leg must be known first.'),
      cleared !== true && clearance('cleared', 'Heart disease is usual beside it: written clearance first.'),
      cleared !== true && (level === 'restPain' || level === 'wound' || (abi !== undefined && abi < 0.4)) && clearance('level', 'Pain at rest or a wound: written clearance first.'),
      cleared !== true && procedure !== 'none' && weeksSinceProcedure < 6 && clearance('weeksSinceProcedure', 'In the first 6 weeks after the procedure: written clearance first.'),
      skin === undefined && open('skin', 'is the skin of the feet whole?'),
      note('level', 'Walking until moderate pain, rest, again, is the treatment; calf pain on effort is no red flag here.'),
    ),
  redFlags: [
    emergency('leg', 'A leg suddenly cold, pale, painful, numb or weak'),
    emergency('vessel', 'Chest pain, stroke signs, sudden back or belly pain with faintness'),
    today('rest', 'New pain at rest at night, a new wound or black toe, fever with a foot wound'),
  ],
  schools: {
    'artery-pain': { name: 'Leg pain', positions: { into: 'Walk into moderate pain, rest, repeat', stop: 'Stop at the first ache' }, default: 'into', because: 'Exercise to calf pain is the treatment, not the danger.' },
  },
  limits: [
    ...limits('pad-01', 'Blood can’t climb into a starved foot; letting the foot hang eases it.', 'common practice', ['feetAboveHeart', '<= 0', 'avoid', ['crit']], ['feetAboveHeart', '<= 40', 'watch', ['walk']]),
    ...limits('pad-02', 'Blood can’t climb into a starved leg, and the heart is often ill too.', 'common practice', ['pelvisAboveHeart', '<= 5', 'avoid', ['severe']], ['pelvisAboveHeart', '<= 20', 'watch', ['walk']]),
    ...limits('pad-03', 'A tightly folded knee shuts the artery behind it.', 'common practice', ['hold', '<= 60', 'modify', ['walk'], 'kneeFlexion > 120'], ['hold', '<= 20', 'avoid', ['knee', 'crit'], 'kneeFlexion > 120']),
    ...limits('pad-04', 'A sharply bent hip can kink a bypass in the groin.', 'common practice', ['hold', '<= 60', 'watch', ['groin'], 'hipFlexion > 100'], ['hold', '<= 20', 'modify', ['proc'], 'hipFlexion > 100']),
    ...limits('pad-05', { hipFlexion: 'The fresh wound in the groin isn’t folded.', abdominalLoad: 'The fresh wound in the groin isn’t strained.' }, 'common practice', ['hipFlexion', '<= 90', 'avoid', ['newGroin']], ['abdominalLoad', '<= 2', 'avoid', ['newGroin']]),
    ...limits('pad-06', 'A muscle held tight gets no blood; moving it does.', 'common practice', ['hold', '<= 30', 'modify', ['walk'], 'standing', 'effort >= 3'], ['hold', '<= 10', 'avoid', ['crit'], 'standing', 'effort >= 3']),
    ...limits('pad-07', 'No weight goes on a foot with a wound.', 'IWGDF*', ['footLoad', '<= 0.05', 'avoid', ['wound'], { reading: 'A foot that only touches is no weight.' }]),
    ...limits('pad-08', 'Thin, ill-fed skin breaks under pressure.', 'common practice', ['toeExtensionLoaded', '<= 30', 'modify', ['crit']], ['kneeLoad', '<= 0.4', 'modify', ['crit']]),
    ...limits('pad-09', 'The heels lie free, with a rolled towel under the calves.', 'common practice', ['supineRun', '<= 10', 'watch', ['crit']]),
    ...limits('pad-10', 'A band round a poorly fed leg stops what blood there is.', 'common practice', ['limbStrap', '= 0', 'avoid', ['severe', 'knee']], ['limbStrap', '= 0', 'modify', ['walk']]),
    ...limits('pad-11', 'Weak calves want something to hold within reach.', 'common practice', ['support', '>= 1', 'watch', ['walk'], 'feetDown = 1'], ['support', '>= 1', 'modify', ['severe'], 'feetDown = 1']),
    ...limits('pad-12', { effort: 'Walking into calf pain is the treatment; a wound or pain at rest is what sets the limit.', met: 'Walking into calf pain is the treatment; a wound or pain at rest is what sets the limit.' }, ['PAD24*', 'AHASET*'], ['effort', '<= 4', 'watch', ['walk']], ['met', '<= 6', 'watch', ['walk']], ['effort', '<= 2', 'avoid', ['severe']], ['met', '<= 2.5', 'avoid', ['severe']]),
    ...limits('pad-13', { breathRetention: 'A held breath loads a heart that may be ill.', headLoad: 'Upside down, the strain loads a heart that may be ill.', neckLoad: 'Upside down, the strain loads a heart that may be ill.' }, 'common practice', ['breathRetention', '= 0', 'modify', ['walk']], ['headLoad', '<= 0.1', 'modify', ['walk']], ['neckLoad', '<= 0.05', 'modify', ['walk']], ['breathRetention', '= 0', 'avoid', ['severe']], ['headLoad', '<= 0.1', 'avoid', ['severe']], ['neckLoad', '<= 0.05', 'avoid', ['severe']]),
    ...limits('pad-14', 'Cold narrows the vessels, and numb feet burn on a hot bottle.', 'common practice', ['heat', '19..28', 'watch', ['walk']], ['heat', '21..27', 'modify', ['crit']]),
    ...limits('pad-15', 'Pills for heart and pressure need a slow end.', 'ACSM*', ['coolMinutes', '>= 10', 'watch', ['walk']]),
    ...limits('pad-16', { impact: 'Jumping can break ill-fed skin.', fallHeight: 'A fall breaks skin that heals badly.' }, 'common practice', ['impact', '<= 1', 'watch', ['walk']], ['fallHeight', '<= 30', 'watch', ['walk']], ['impact', '= 0', 'avoid', ['severe']], ['fallHeight', '= 0', 'avoid', ['severe']]),
    ...limits('pad-17', { support: 'Numb feet react late; a hand is near something.', balanceMargin: 'Numb feet react late; a wider stance helps.', eyesClosed: 'With numb feet the eyes keep the balance.' }, 'STRECK*', ['support', '>= 1', 'modify', ['numb'], 'feetDown = 1'], ['balanceMargin', '>= 4', 'modify', ['numb'], 'standing', 'support < 1'], ['eyesClosed', '= 0', 'avoid', ['numb'], 'standing']),
  ], // prettier-ignore
  favour: ['strengthen-legs', 'strengthen-feet', 'mobilise-ankles', 'functional-transfer', 'calm', 'energise'],
  stopInClass: 'Pain at rest that stays 10 minutes, a foot white or cold, chest, breathless, a wound that bleeds.',
});
