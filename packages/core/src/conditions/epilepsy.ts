import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, note, refer, today } from './screening.js';

const RECENT = ['act', 'rec'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const epilepsy = condition({
  id: 'epilepsy',
  name: 'Epilepsy',
  words: ['epilepsy', 'seizures', 'fits', 'absence', 'convulsions', 'epileptic'],
  parameters: {
    type: { kind: 'choice', options: ['focalAware', 'focalImpaired', 'generalised', 'absence', 'myoclonic', 'unknown'], ask: 'Which kind of seizure?', default: 'generalised' },
    daysSince: { kind: 'number', unit: 'days', goesOn: true, from: 0, to: 20000, ask: 'Days since the last seizure', default: 0 },
    triggers: { kind: 'set', options: ['flicker', 'overbreathing', 'sleepLoss', 'heat', 'startle', 'hunger', 'alcohol'], ask: 'What brings them on? (say none if nothing)' },
    rescuePlan: { kind: 'yesno', ask: 'A rescue plan, known here?', default: false },
    medsChanged: { kind: 'yesno', ask: 'Medicine changed in the last 30 days?', default: false },
    helperKnows: { kind: 'yesno', ask: 'Does a helper here know what to do?', default: false },
    device: { kind: 'yesno', ask: 'A vagus nerve stimulator?', default: false },
  },
  stages: { free: 'A year or more without', rec: '90 days to a year', act: 'In the last 90 days', warm: 'Heat triggers, or recent seizures', flicker: 'Flicker triggers' },
  gathering: ['warm'],
  stagesOf: ({ daysSince = 0, triggers }) =>
    pick(
      daysSince >= 365 ? 'free' : daysSince >= 90 ? 'rec' : 'act',
      (daysSince < 90 || (triggers?.includes('heat') ?? true)) && 'warm',
      (triggers?.includes('flicker') ?? true) && 'flicker',
    ),
  screen: ({ type = 'generalised', daysSince, rescuePlan, medsChanged, device }) =>
    found(
      daysSince !== undefined && daysSince < 1 && refer('daysSince', 'A seizure today: no practice.'),
      daysSince === undefined && clearance('daysSince', 'Not answered: days since the last seizure. Taken as recent.'),
      daysSince !== undefined && daysSince >= 1 && daysSince < 90 && clearance('daysSince', 'A seizure in the last 90 days: written clearance first.'),
      daysSince !== undefined && daysSince >= 90 && daysSince < 365 && type !== 'focalAware' && clearanceAlone('daysSince', 'Seizures with lost awareness in the last year: written clearance first.'),
      rescuePlan !== true && clearanceAlone('rescuePlan', 'A rescue plan has to be known here first.'),
      medsChanged === true && note('medsChanged', 'Medicine changed: watch more closely.'),
      device === true && note('device', 'The magnet of the stimulator stays with the person.'),
    ),
  redFlags: [
    emergency('long', 'A seizure of 5 minutes or more, a second without waking, a first ever, in pregnancy, with injury, not breathing well after'),
    today('change', 'A new headache, or a change of pattern'),
  ],
  schools: {
    'epilepsy-headstand': {
      name: 'Headstand',
      positions: { none: 'None while seizures are recent', heals: 'Headstand heals' },
      default: 'none',
      because: 'The evidence is too weak for any claim, and a fit upside down breaks a neck.',
    },
  },
  limits: [
    ...limits('epi-01', 'A fit could come upside down or at a height.', 'ILAE16*', ['fallHeight', '= 0', 'avoid', RECENT], ['fallHeight', '<= 20', 'modify', ['free']]),
    ...noInversion('epi-02', 'A fit could bring the body down on the neck.', 'ILAE16*', 'avoid', RECENT),
    ...limits('epi-03', 'A fit could bring the body down on the neck; someone stands by.', 'common practice', ['headLoad', '<= 0.1', 'modify', ['free']]),
    ...limits('epi-04', 'A fit could come standing: both feet, something to hold, and a soft, clear floor.', 'common practice', ['feetDown', '= 2', 'modify', ['act'], 'standing'], ['support', '>= 1', 'modify', ['act'], 'standing']),
    ...limits('epi-05', 'How a low head acts after a recent fit isn’t known; the body needs time to recover.', 'common practice', ['headBelowHeart', '<= 15', 'modify', ['act']]),
    ...limits('epi-06', 'A wider stance makes a fall less likely and softer.', 'common practice', ['balanceMargin', '>= 4', 'watch', RECENT, 'standing']),
    ...limits('epi-07', 'Over-breathing sets off absences.', 'NG217*', ['breathRate', '<= 18', 'avoid']),
    ...limits('epi-08', 'The giddiness of a held breath is taken for the first sign of a fit.', 'common practice', ['breathRetention', '= 0', 'avoid', RECENT]),
    ...limits('epi-09', 'Overheating can set off a fit.', 'common practice', ['heat', '<= 26', 'modify', ['warm']]),
    ...limits('epi-10', 'Exhaustion and lost sleep can set off a fit.', 'ILAE16*', ['effort', '<= 3', 'modify', ['act']], ['effort', '<= 4', 'watch', ['rec']]),
    ...limits('epi-11', 'Closing the eyes can set off a fit, as flashing light and sun through blinds can.', 'common practice', ['eyesClosed', '= 0', 'watch', ['flicker']]),
  ], // prettier-ignore
  favour: ['calm', 'rest', 'breath-awareness'],
  stopInClass: 'An aura, a stare, twitching, an odd taste: sit down on the floor; a seizure: clear space, cushion the head, time it, roll to the side after.',
});
