import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, open, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const jawJoint = condition({
  id: 'jaw-joint',
  name: 'Jaw joint pain',
  words: ['TMD', 'TMJ', 'TMJD', 'jaw pain', 'jaw joint', 'jaw ache', 'temporomandibular', 'tempromandibular', 'temperomandibular', 'clicking jaw', 'locked jaw', 'lockjaw', 'jaw clicks', 'jaw clenching', 'clenching teeth', 'teeth grinding', 'bruxism', 'bruxisim', 'sore face muscles', 'jaw surgery'],
  parameters: {
    painNow: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Jaw pain now', default: 3 },
    opening: { kind: 'number', unit: 'mm', from: 0, to: 70, ask: 'How far it opens, between the front teeth', default: 40 },
    lock: { kind: 'choice', options: ['none', 'catches', 'stuckShut', 'slipsOut'], ask: 'Does it catch, lock or slip out?' },
    openNow: { kind: 'yesno', holdsDays: 0, ask: 'Stuck open now?', default: false },
    clench: { kind: 'set', options: ['day', 'night'], ask: 'Clenching or grinding?' },
    weeksSinceJawSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1000, ask: 'Weeks since an operation on the jaw, if any' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
    neckPain: { kind: 'yesno', ask: 'Neck pain as well?' },
    seenBy: { kind: 'yesno', ask: 'Seen by a dentist or doctor?' },
  },
  stages: { calm: 'Calm', ache: 'Calm, with some pain', sore: 'Sore, or opens little', shut: 'Locked shut', slip: 'Slips out', op: 'First 12 weeks after an operation', op6: 'First 6 weeks after an operation', op2: 'First 2 weeks after an operation', clench: 'Clenches' },
  gathering: ['ache'],
  stagesOf: ({ painNow = 3, opening = 40, lock = 'none', clench = ['day'], weeksSinceJawSurgery: weeks = Infinity }) => {
    const shut = lock === 'stuckShut' || opening < 25;
    const sore = painNow >= 4 || opening < 40 || lock === 'catches';
    const troubled = shut || sore || lock === 'slipsOut' || weeks < 12;
    return pick(
      !troubled && 'calm',
      !troubled && painNow >= 1 && 'ache',
      sore && 'sore',
      shut && 'shut',
      lock === 'slipsOut' && 'slip',
      weeks < 12 && 'op',
      weeks < 6 && 'op6',
      weeks < 2 && 'op2',
      (clench.includes('day') || clench.includes('night')) && 'clench',
    );
  },
  screen: ({ painNow = 3, opening = 40, lock, openNow, weeksSinceJawSurgery, cleared, neckPain, seenBy }) =>
    found(
      openNow === true && callNow('openNow', 'A jaw stuck open: a dental emergency now.'),
      cleared !== true && (weeksSinceJawSurgery ?? Infinity) < 12 && clearance('weeksSinceJawSurgery', 'Less than 12 weeks after an operation on the jaw: written clearance first.'),
      cleared !== true && (lock === 'stuckShut' || (opening < 25 && painNow > 0)) && clearanceAlone('opening', 'A jaw that hardly opens: dentist or doctor first.'),
      lock === undefined && open('lock', 'does it catch, lock or slip out?'),
      neckPain === true && note('neckPain', 'Answer "Neck pain" as well.'),
      seenBy !== true && note('seenBy', 'A click without pain is normal; pain that stays is for a dentist or doctor.'),
    ),
  redFlags: [
    emergency('heart', 'A jaw stuck open, or jaw pain with pressure in the chest or on effort'),
    today('face', 'Swollen face with fever, new numb face, a broken jaw'),
    today('temple', 'Jaw pain on chewing with headache or a change of sight over 50'),
  ],
  schools: {
    'jaw-lion': { name: 'Lion’s breath', positions: { calm: 'While the jaw is calm', never: 'Left out' }, default: 'calm', because: 'Wide opening strains a sore joint, and moves a calm one.' },
  },
  limits: [
    ...limits('tmj-01', 'Weight on the chin or the side of the jaw presses into the joint.', 'common practice', ['chinLoad', '<= 0.02', 'avoid', ['sore', 'shut', 'slip', 'op']], ['chinLoad', '<= 0.02', 'modify', ['ache']]),
    ...limits('tmj-02', 'Lying on one cheek presses the jaw sideways.', 'common practice', ['cervicalRotation', '<= 60', 'modify', ['sore', 'shut', 'op'], 'facing prone']),
    ...limits('tmj-03', 'Opening wide slips or strains the joint of the jaw.', 'common practice', ['jawOpening', '<= 1', 'avoid', ['slip', 'shut', 'op']], ['jawOpening', '<= 1', 'modify', ['sore']]),
    ...limits('tmj-04', 'A head thrown back pulls the jaw open, a chin pressed in pushes it back.', 'common practice', ['cervicalFlexion', '-30..45', 'modify', ['sore', 'shut']]),
    ...limits('tmj-05', { neckLoad: 'With the chin pressed to the chest people clench the jaw.', headLoad: 'Weight on the head makes people clench the jaw.' }, 'common practice', ['neckLoad', '<= 0.05', 'modify', ['sore', 'shut', 'slip']], ['headLoad', '<= 0.1', 'modify', ['sore', 'shut', 'slip'], { reading: 'The head’s own weight may rest.' }], ['neckLoad', '<= 0.05', 'avoid', ['op']], ['headLoad', '<= 0.1', 'avoid', ['op']]),
    ...limits('tmj-06', 'In hard holds people bite; lips together, teeth apart.', 'BRUX*', ['hold', '<= 20', 'watch', ['clench', 'sore'], 'effort >= 4']),
    ...limits('tmj-07', 'Arms held up make neck and jaw brace.', 'common practice', ['hold', '<= 20', 'watch', ['sore'], 'shoulderElevation > 150']),
    ...limits('tmj-08', 'With the head low, a fresh wound swells and bleeds.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['op2']]),
    ...limits('tmj-09', 'Straining makes people clench a healing jaw.', 'common practice', ['handLoad', '<= 0.3', 'modify', ['op6']], ['abdominalLoad', '<= 2', 'modify', ['op6']]),
    ...limits('tmj-10', 'With the breath held, people clench the teeth.', 'common practice', ['breathRetention', '<= 10', 'watch', ['clench', 'sore']], ['breathRetention', '= 0', 'modify', ['op']]),
    ...limits('tmj-11', 'Jerks jar the joint.', 'common practice', ['headJolt', '= 0', 'modify', ['sore', 'shut', 'slip', 'op']]),
    ...limits('tmj-12', 'Hands at face and jaw are for trained hands.', 'common practice', ['touch', '= 0', 'watch', ['sore', 'shut', 'slip', 'op'], { reading: 'Where help will lie is not planned, so it is told.' }]),
    ...limits('tmj-13', 'The body may work, the jaw stays loose.', 'common practice', ['effort', '<= 4', 'watch', ['sore']], ['impact', '<= 2', 'watch', ['sore']], ['effort', '<= 2', 'avoid', ['op']], ['impact', '= 0', 'avoid', ['op']]),
  ], // prettier-ignore
  favour: ['calm', 'lengthen-exhale', 'mobilise-neck', 'posture-awareness', 'mobilise-shoulders', 'rest'],
  stopInClass: 'The jaw catches, a sharp pain in front of the ear, can’t close: stop, soft sounds, no forcing.',
});
