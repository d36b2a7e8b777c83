import { condition } from './condition.js';
import { CAT_COW, HELD, QUIET, limits, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, note, refer, today } from './screening.js';

const UNSURE = ['mid', 'late', 'off'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const parkinsons = condition({
  id: 'parkinsons',
  name: 'Parkinson’s disease',
  words: ['the shakes', 'shaky hands', 'Parkinson', 'parkinsons', 'PD', 'tremor', 'freezing', 'Lewy'],
  parameters: {
    hy: { kind: 'number', unit: 'stage 1-5', from: 1, to: 5, ask: 'Hoehn and Yahr stage', default: 3 },
    state: { kind: 'choice', holdsDays: 0, options: ['on', 'off', 'dyskinesia'], ask: 'Medicine working now?', default: 'off' },
    minutesSinceDose: { kind: 'number', holdsDays: 0, unit: 'min', from: 0, to: 720, ask: 'Minutes since the last dose' },
    freezing: { kind: 'yesno', ask: 'Freezing?' },
    falls: { kind: 'number', unit: 'falls', from: 0, to: 50, ask: 'Falls in the last 12 months', default: 1 },
    dropSystolic: { kind: 'number', unit: 'mmHg', from: 0, to: 80, ask: 'Fall of the upper pressure on standing' },
    dbsWeeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1000, ask: 'Weeks since a brain stimulator was put in, if ever' },
    cognition: { kind: 'choice', options: ['ok', 'mild', 'more'], ask: 'Memory and thinking', default: 'mild' },
  },
  stages: { early: 'Stage 1 to 2', mid: 'Stage 2.5 to 3', late: 'Stage 4 and more', off: 'Medicine not working now', drop: 'Pressure falls on standing, or late', box: 'New stimulator', unsteady: 'From stage 2.5, or off' },
  gathering: ['drop', 'unsteady'],
  stagesOf: ({ hy = 3, state = 'off', dropSystolic, dbsWeeks }) => {
    const drop = dropSystolic ?? (hy >= 3 ? 20 : 0);
    return pick(
      hy <= 2 ? 'early' : hy <= 3 ? 'mid' : 'late',
      state === 'off' && 'off',
      (drop >= 20 || hy > 3) && 'drop',
      dbsWeeks !== undefined && dbsWeeks < 6 && 'box',
      (hy > 2 || state === 'off') && 'unsteady',
    );
  },
  screen: ({ hy = 3, state, falls, dbsWeeks }) =>
    found(
      hy >= 5 && refer('hy', 'Stage 5: led by carers, lying only; no general class.'),
      hy >= 4 && hy < 5 && clearance('hy', 'Stage 4: in a chair with a helper one to one, after written clearance.'),
      (falls ?? 0) >= 2 && clearanceAlone('falls', 'Two falls or more: written clearance first.'),
      dbsWeeks !== undefined && dbsWeeks < 6 && clearance('dbsWeeks', 'A stimulator in the last 6 weeks: written clearance first.'),
      state === undefined && note('state', 'Not asked whether the medicine works now: taken as not. Best 45 to 90 minutes after a dose.'),
    ),
  redFlags: [
    emergency('rigid', 'Sudden worse stiffness or fever after a missed dose, a fall with a blow to the head, choking'),
    today('mind', 'Newly seeing things that are not there, a faint'),
  ],
  schools: {
    'parkinsons-balance': {
      name: 'Balance',
      positions: { staged: 'Challenge it early with support, keep it safe later', safe: 'Always keep it safe' },
      default: 'staged',
      because: 'Large, fast movement keeps function early; later falls cost more than training gains.',
    },
  },
  limits: [
    ...limits('par-01', 'The body falls backwards here without a catching step.', 'PDPT*', ['support', '>= 1', 'modify', ['early'], 'standing', 'effort >= 2', QUIET], ['support', '>= 2', 'avoid', UNSURE, 'standing']),
    ...limits('par-02', 'Standing on one leg is where falls start.', 'PDPT*', ['feetDown', '= 2', 'modify', ['early'], 'standing', 'support = 0'], ['feetDown', '= 2', 'avoid', UNSURE, 'standing']),
    ...limits('par-03', 'A wide stance is steady; steps backwards are not.', 'PDPT*', ['balanceMargin', '>= 4', 'modify', ['early'], 'standing', 'support < 1'], ['balanceMargin', '>= 6', 'avoid', ['mid', 'late'], 'standing', 'support < 2', HELD]),
    ...limits('par-04', 'The pressure falls on rising after the head was low.', 'NG71*', ['headBelowHeart', '<= 20', 'modify', ['early']], ['headBelowHeart', '<= 15', 'modify', ['mid'], CAT_COW], ['headBelowHeart', '<= 5', 'avoid', ['drop']]),
    ...limits('par-05', { headLoad: 'With a stiff neck and falls, nothing is done on the head.', neckLoad: 'A stiff neck carries no weight.', fallHeight: 'A fall from a height can’t be caught here.' }, 'common practice', ['headLoad', '<= 0.1', 'avoid'], ['neckLoad', '<= 0.05', 'avoid'], ['fallHeight', '= 0', 'avoid']),
    ...limits('par-06', 'The upper back stoops already; the practice opens it.', 'PDPT*', ['thoracicFlexion', '<= 35', 'modify']),
    ...limits('par-07', 'Freezing and a falling pressure make changes slow.', 'common practice', ['transitionTime', '>= 10', 'avoid', undefined, 'levelChange >= 30']),
    ...limits('par-08', 'Rising from the floor is hard here, and is practised on its own with a helper.', 'PDPT*', ['floorTrips', '<= 3', 'watch', ['early']], ['floorTrips', '<= 1', 'modify', ['mid']], ['floorTrips', '= 0', 'avoid', ['late']]),
    ...limits('par-09', 'The lead and the box in the chest are new; the arms stay below the shoulders.', 'common practice', ['shoulderElevation', '<= 90', 'avoid', ['box']]),
    ...limits('par-10', 'The head back tips the body backwards.', 'common practice', ['cervicalFlexion', '>= -25', 'modify']),
    ...limits('par-11', 'Big, strong moves suit the early stage; later, work is lighter.', 'PDPT*', ['effort', '<= 4', 'watch', ['early']], ['effort', '<= 3', 'modify', ['mid']], ['effort', '<= 2', 'modify', ['late', 'off']]),
    ...limits('par-12', { breathRetention: 'A held breath lets the pressure drop.', impact: 'Jumping ends in falls.' }, 'common practice', ['breathRetention', '= 0', 'avoid', ['mid', 'late']], ['impact', '= 0', 'avoid', ['mid', 'late']]),
    ...limits('par-13', 'The body steers sweat and pressure poorly in the heat.', 'common practice', ['heat', '<= 25', 'modify']),
    ...limits('par-14', 'Balance leans on the eyes.', 'PDPT*', ['eyesClosed', '= 0', 'avoid', undefined, 'standing']),
  ], // prettier-ignore
  favour: ['mobilise-spine-extension', 'mobilise-spine-rotation', 'coordination', 'strengthen-legs', 'stretch-hip-flexors'],
  stopInClass: 'Freezing over a minute, a faint, a fall, choking, suddenly "off": chair, wait.',
});
