import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearance, emergency, found, note, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. Repositioning is a clinician's job and is never taught here. */
export const vertigo = condition({
  id: 'vertigo',
  name: 'Vertigo',
  words: ['room spins', 'wobbly', 'vertigo', 'BPPV', 'spinning', 'Meniere', 'dizzy', 'dizziness', 'ear crystals', 'vestibular', 'labyrinthitis'],
  parameters: {
    type: { kind: 'choice', options: ['posterior', 'horizontal', 'meniere', 'neuritis', 'vestibularMigraine', 'persistent', 'unknown'], ask: 'Which kind?', default: 'unknown' },
    side: { kind: 'choice', options: ['left', 'right', 'both'], ask: 'Which ear?', default: 'both' },
    phase: { kind: 'choice', options: ['active', 'treated', 'quiet'], ask: 'Active, treated in the last week, or quiet?', default: 'active' },
    attackNow: { kind: 'yesno', holdsDays: 0, ask: 'An attack now, or Menière attack in the last 24 hours?', default: false },
    oneLeg: { kind: 'number', holdsDays: 183, unit: 's', from: 0, to: 60, ask: 'Seconds on one leg', clock: 'up', how: 'Near a wall, eyes open, the better leg.', default: 3 },
    hearing: { kind: 'yesno', ask: 'Is the hearing getting worse?', default: false },
  },
  stages: { act: 'Active', tre: 'Treated in the last week', qui: 'Quiet', later: 'Treated or quiet', unsteady: 'Treated, Menière, neuritis, or unsteady', eyes: 'Balance needs the eyes', 'act-tre': 'Active or treated' },
  gathering: ['later', 'unsteady', 'act-tre'],
  stagesOf: ({ type = 'unknown', phase = 'active', oneLeg = 3 }) => {
    const inner = type === 'meniere' || type === 'neuritis';
    return pick(
      phase === 'active' ? 'act' : phase === 'treated' ? 'tre' : 'qui',
      phase !== 'active' && 'later',
      (phase === 'treated' || inner || oneLeg < 5) && 'unsteady',
      (phase !== 'quiet' || inner) && 'eyes',
      phase !== 'quiet' && 'act-tre',
    );
  },
  screen: ({ type, attackNow, hearing, phase }) =>
    found(
      attackNow === true && refer('attackNow', 'An attack now or in the last day: no practice; home accompanied.'),
      (type === undefined || type === 'unknown') && clearance('type', 'The kind is not known, or a first attack: written clearance first.'),
      hearing === true && refer('hearing', 'Hearing falls: no practice, medical contact today.'),
      phase === undefined && note('phase', 'The phase is not known: taken as active.'),
    ),
  redFlags: [
    emergency('brain', 'New vertigo with double vision, slurred speech, swallowing or face trouble, clumsy limbs, can’t stand, severe headache, sudden hearing loss'),
    today('neck', 'A faint, or neck pain after an injury'),
  ],
  schools: {
    'vertigo-after': {
      name: 'After repositioning',
      positions: { free: 'No restrictions, some comfort', upright: 'Two days upright, no lying flat' },
      default: 'free',
      because: 'The guideline found no use in restrictions afterwards; the limits of the first week are for comfort.',
    },
  },
  limits: [
    ...limits('ver-01', 'The crystals in the ear roll when the head turns far.', 'BPPV17*', ['headSweep', '<= 60', 'avoid', ['act']], ['neckSweep', '<= 30', 'avoid'], ['headSweep', '<= 100', 'modify', ['tre']]),
    ...limits('ver-02', 'Looking up is the position in which the giddiness is tested.', 'BPPV17*', ['cervicalFlexion', '>= -10', 'avoid', ['act']], ['cervicalFlexion', '>= -25', 'modify', ['later']]),
    ...limits('ver-03', 'With the head low, the crystals in the ear roll.', 'BPPV17*', ['headBelowHeart', '<= 5', 'avoid', ['act']], ['headBelowHeart', '<= 15', 'modify', ['tre']]),
    ...limits('ver-04', 'Lying flat sets off the spinning; propped, it stays away.', 'common practice', ['trunkPitch', '<= 50', 'modify', ['act'], 'facing supine']),
    ...limits('ver-05', 'The affected ear downwards brings it on.', 'BPPV17*', ['cervicalRotation', '<= 30', 'modify', ['act-tre'], 'not facing upright', { reading: 'The ear is not told apart: a turn to either side counts while the trunk lies.' }]),
    ...limits('ver-06', { headLoad: 'Whoever spins upside down falls on the head.', neckLoad: 'Whoever spins upside down falls on the neck.', fallHeight: 'Whoever spins falls; nothing is done at a height.' }, 'common practice', ['headLoad', '<= 0.1', 'avoid'], ['neckLoad', '<= 0.05', 'avoid'], ['fallHeight', '= 0', 'avoid']),
    ...limits('ver-07', 'Giddy people want something to hold.', 'common practice', ['support', '>= 1', 'avoid', ['act'], 'standing'], ['support', '>= 2', 'modify', ['unsteady'], 'feetDown = 1']),
    ...limits('ver-08', { transitionTime: 'Slow changes, with a wait, let the giddiness pass.', neckSpeed: 'Slow turns of the head keep the giddiness away.' }, 'common practice', ['transitionTime', '>= 8', 'modify', undefined, 'levelChange >= 30', { reading: 'A rise.' }], ['transitionTime', '>= 8', 'modify', undefined, 'headSweep > 45', { reading: 'A turn of the head.' }], ['neckSpeed', '<= 60', 'modify', undefined, { reading: 'Usual turns take thirty to sixty degrees a second.' }]),
    ...limits('ver-09', 'Every trip to the floor is two big turns of the head.', 'common practice', ['floorTrips', '<= 1', 'modify', ['act']]),
    ...limits('ver-10', { headJolt: 'Rolls and swings of the head bring on the giddiness.', impact: 'Jolts bring on the giddiness.' }, 'common practice', ['headJolt', '= 0', 'avoid'], ['impact', '= 0', 'avoid']),
    ...limits('ver-11', { breathRate: 'Over-breathing brings a giddiness of its own.', breathRetention: 'Straining on a held breath brings giddiness.' }, 'common practice', ['breathRate', '<= 20', 'avoid'], ['breathRetention', '= 0', 'avoid']),
    ...limits('ver-12', 'Balance needs the eyes.', 'common practice', ['eyesClosed', '= 0', 'avoid', ['eyes'], 'standing']),
    ...limits('ver-13', 'Spinning makes people sick and tired.', 'common practice', ['effort', '<= 2', 'modify', ['act']], ['effort', '<= 3', 'modify', ['tre']]),
  ], // prettier-ignore
  favour: ['balance', 'calm', 'mobilise-ankles', 'strengthen-feet'],
  stopInClass: 'Spinning, nausea, hearing falls, fullness: sit still, fix the gaze, help to a chair; over 2 minutes or a first attack, medical contact today.',
});
