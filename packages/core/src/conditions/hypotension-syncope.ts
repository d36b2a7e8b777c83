import { condition } from './condition.js';
import { ARMS_HELD, limits, pick } from './limits.js';
import { clearance, emergency, found, note, refer, today } from './screening.js';
import { orthostaticClass } from '../readings/orthostatic.js';

const DROPS = ['oh', 'pots', 'faint'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const hypotensionSyncope = condition({
  id: 'hypotension-syncope',
  name: 'Low blood pressure or fainting',
  words: ['passes out', 'blackouts', 'low BP', 'low blood pressure', 'fainting', 'faints', 'POTS', 'orthostatic', 'dizzy on standing', 'blackout', 'syncope'],
  parameters: {
    lyingSystolic: { kind: 'number', holdsDays: 30, unit: 'mmHg', from: 50, to: 260, ask: 'Upper number after 5 minutes of lying', how: 'Lie for 5 minutes, read; stand up, read after 1 and after 3 minutes. Stay beside them; sit them down if they feel faint.' },
    lyingDiastolic: { kind: 'number', holdsDays: 30, unit: 'mmHg', from: 25, to: 160, ask: 'Lower number, lying' },
    standSystolic: { kind: 'number', holdsDays: 30, unit: 'mmHg', from: 50, to: 260, ask: 'Lowest upper number at 1 and 3 minutes of standing' },
    standDiastolic: { kind: 'number', holdsDays: 30, unit: 'mmHg', from: 25, to: 160, ask: 'Lowest lower number, standing' },
    lyingPulse: { kind: 'number', holdsDays: 30, unit: 'beats/min', from: 30, to: 220, ask: 'Pulse lying' },
    standPulse: { kind: 'number', holdsDays: 30, unit: 'beats/min', from: 30, to: 220, ask: 'Highest pulse within 10 minutes of standing' },
    age: { kind: 'number', unit: 'year', ofBody: 'age', from: 3, to: 110, ask: 'Age' },
    faints: { kind: 'number', unit: 'times', from: 0, to: 50, ask: 'Faints in the last 12 months', default: 0 },
    cause: { kind: 'choice', options: ['vasovagal', 'orthostatic', 'pots', 'drug', 'cardiac', 'unknown'], ask: 'Known cause of the faints' },
    lowersPressure: { kind: 'yesno', ask: 'Medicine that lowers the pressure?', default: false },
    symptomsToday: { kind: 'yesno', holdsDays: 0, ask: 'Giddy on standing today?', default: false },
  },
  stages: { low: 'Low lying, no drop', oh: 'Drop on standing, or not measured', pots: 'Pulse races on standing', faint: 'Faints, harmless cause', neck: 'Faints, from 40 years on', unk: 'Faints, cause of the heart or unknown' },
  stagesOf: (a) => {
    const measured = orthostaticClass(a);
    const fainted = (a.faints ?? 0) >= 1;
    const cause = a.cause ?? (fainted ? 'unknown' : undefined);
    return pick(
      measured === 'drop' || measured === 'unknown' ? 'oh' : measured === 'racing' || cause === 'pots' ? 'pots' : measured === 'low' && 'low',
      fainted && (cause === 'unknown' || cause === 'cardiac' ? 'unk' : 'faint'),
      // The sensor in the neck is a matter of age (ESC 2018, from memory: from 40 on).
      fainted && (a.age ?? 99) >= 40 && 'neck',
      // No practice in this stage; a plan is still made, with the strictest rows.
      fainted && (cause === 'unknown' || cause === 'cardiac') && 'faint',
    );
  },
  screen: (a) => {
    const fainted = (a.faints ?? 0) >= 1;
    const cause = a.cause ?? (fainted ? 'unknown' : undefined);
    const measured = orthostaticClass(a);
    return found(
      fainted && (cause === 'unknown' || cause === 'cardiac') && refer('cause', 'Faints of the heart or of unknown cause: no practice until a doctor has cleared it; same day if one was this week.'),
      (a.faints ?? 0) >= 2 && cause !== 'unknown' && cause !== 'cardiac' && clearance('faints', 'Two faints or more: written clearance first.'),
      measured === 'drop' && a.symptomsToday === true && refer('standSystolic', 'A drop of 20 or more with symptoms today: no practice, medical contact today.'),
      a.lyingSystolic !== undefined && a.lyingSystolic < 80 && a.symptomsToday === true && refer('lyingSystolic', 'Upper pressure below 80 with symptoms: no practice, medical contact today.'),
      measured === 'unknown' && note('standSystolic', 'Not measured lying and standing: taken as a drop on standing.'),
    );
  },
  redFlags: [
    emergency('effort-faint', 'A faint during effort or lying, with palpitations or chest pain'),
    today('faint-injury', 'A faint with injury, sudden death under 40 in the family'),
    today('bleeding', 'Low pressure that is new, with black stools or bleeding'),
  ],
  schools: {
    'hypotension-inversions': {
      name: 'Inversions',
      positions: { none: 'The rise after them is the risk', blood: 'They bring blood to the head' },
      default: 'none',
      because: 'People faint on the way up, not while upside down.',
    },
  },
  limits: [
    ...limits('hpo-01', 'Blood needs time to climb; whoever rises fast here blacks out.', 'ESCSYN*', ['transitionTime', '>= 60', 'avoid', DROPS, 'levelChange >= 70', { reading: 'From lying to standing is read as a rise of 70 cm.' }], ['transitionTime', '>= 15', 'avoid', DROPS, 'headDrop > 15']),
    ...limits('hpo-02', 'Blood needs time to climb.', 'common practice', ['transitionTime', '>= 10', 'modify', undefined, 'levelChange >= 30']),
    ...limits('hpo-03', 'Standing still lets the blood sink; working calves pump it up.', 'ESCSYN*', ['standingRun', '<= 1', 'modify']),
    ...limits('hpo-04', 'Coming up after the head was low is what makes people faint.', 'common practice', ['headBelowHeart', '<= 15', 'modify', DROPS], ['hold', '<= 20', 'modify', DROPS, 'headBelowHeart > 5']),
    ...limits('hpo-05', 'Arms held up let the pressure fall.', 'common practice', ['hold', '<= 15', 'modify', DROPS, 'shoulderElevation > 150', 'elbowAboveHeart > 18', ARMS_HELD, 'standing']),
    ...limits('hpo-06', 'A sensor in the neck can slow the heart when the head goes far back or round.', 'ESCSYN*', ['cervicalFlexion', '>= -30', 'modify', ['neck']], ['cervicalRotation', '<= 60', 'modify', ['neck']]),
    ...limits('hpo-07', { support: 'Something to hold makes a faint harmless.', fallHeight: 'A faint must land softly, never from a height.' }, 'common practice', ['support', '>= 1', 'avoid', ['oh', 'pots'], 'standing'], ['support', '>= 1', 'watch', ['faint'], 'standing'], ['fallHeight', '= 0', 'avoid', DROPS]),
    ...limits('hpo-08', 'Every rise from the floor costs blood pressure.', 'common practice', ['floorTrips', '<= 2', 'modify', DROPS]),
    ...limits('hpo-09', 'Over-breathing and straining make faint.', 'ESCSYN*', ['breathRetention', '= 0', 'avoid'], ['breathRate', '<= 20', 'avoid']),
    ...limits('hpo-10', 'Warmth opens the vessels, and the pressure drops.', 'ESCSYN*', ['heat', '<= 24', 'modify']),
    ...limits('hpo-11', 'Working legs keep the pressure up.', 'ESCSYN*', ['effort', '<= 3', 'watch']),
  ], // prettier-ignore
  favour: ['strengthen-legs', 'stretch-calves', 'rest', 'breath-awareness'],
  stopInClass: 'Grey, clammy, tunnel sight, nausea: lie flat, legs up; not better in 5 minutes, medical contact today; injury or chest pain, emergency number.',
});
