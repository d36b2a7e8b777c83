import { condition } from './condition.js';
import { FIVE_BREATHS, ON_FEET, limits, pick } from './limits.js';
import { clearance, emergency, found, note, open, today } from './screening.js';

const SAGGING = ['w2', 'w3'] as const;
const WEAK = ['w1', 'w2', 'w3'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const pelvicFloor = condition({
  id: 'pelvic-floor',
  name: 'Pelvic floor trouble',
  words: ['heaviness down below', 'dropped womb', 'pelvic floor', 'prolapse', 'incontinence', 'leaking', 'leak when I sneeze', 'weak bladder', 'overactive floor', 'POP'],
  parameters: {
    type: { kind: 'choice', options: ['weak', 'overactive', 'mixed', 'unknown'], ask: 'Weak, overactive or both?', default: 'unknown' },
    popStage: { kind: 'number', unit: 'stage 0-4', from: 0, to: 4, ask: 'Stage of a prolapse' },
    leak: { kind: 'choice', options: ['none', 'effort', 'urge'], ask: 'Leaking: none, on effort, or with urge (asked in private)' },
    heaviness: { kind: 'yesno', holdsDays: 0, ask: 'Heaviness today?', default: false },
    pessary: { kind: 'yesno', ask: 'A pessary?', default: false },
    newBulge: { kind: 'yesno', ask: 'A new bulge?', default: false },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since an operation for it, if any' },
    weeksPostpartum: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since a birth, if not long ago' },
  },
  stages: { w1: 'Weak, prolapse to stage 1', w2: 'Stage 2, leaking on effort, or heavy', w3: 'Stage 3 and more', over: 'Overactive, mixed or not known', guarded: 'Stage 2 and more, or overactive', 'low-jolt': 'Weak, no leak on effort', 'no-jolt': 'Stage 3, or leaks on effort' },
  gathering: ['guarded', 'no-jolt', 'low-jolt'],
  stagesOf: ({ type = 'unknown', popStage, leak, heaviness }) => {
    const heavy = heaviness === true;
    const stage = popStage ?? (heavy ? 2 : 0);
    const weak = type !== 'overactive';
    const own = stage >= 3 ? 'w3' : stage >= 2 || leak === 'effort' || heavy ? 'w2' : 'w1';
    const over = type !== 'weak';
    const jolt = own === 'w3' || leak === 'effort';
    return pick(weak && own, over && 'over', ((weak && own !== 'w1') || over) && 'guarded', weak && (jolt ? 'no-jolt' : 'low-jolt'));
  },
  screen: ({ popStage, leak, newBulge, weeksSinceSurgery, type, weeksPostpartum }) =>
    found(
      (popStage ?? 0) >= 3 && clearance('popStage', 'A prolapse of stage 3 or more: written clearance first.'),
      newBulge === true && clearance('newBulge', 'A new bulge: written clearance first.'),
      (weeksSinceSurgery ?? 99) < 12 && clearance('weeksSinceSurgery', 'Operated in the last 12 weeks: written clearance first; add abdominal surgery.'),
      leak === undefined && open('leak', 'leaking, asked in private?'),
      (type === undefined || type === 'unknown') && note('type', 'Weak or overactive is not known: both are kept, release first.'),
      (weeksPostpartum ?? 99) <= 26 && note('weeksPostpartum', 'Add after birth: its limits hold too.'),
    ),
  redFlags: [
    emergency('saddle', 'Numbness between the legs'),
    today('urine', 'Can’t pass urine, a bulge that is out and bleeds or is stuck, blood in the urine, new loss of stool'),
  ],
  schools: {
    'floor-lock': {
      name: 'The root lock',
      positions: { weak: 'Only in weak floors, letting go fully', always: 'Throughout', none: 'Never' },
      default: 'weak',
      because: 'Lifting and fully letting go trains a weak floor; holding tightens an overactive one.',
    },
  },
  limits: [
    ...limits('pf-01', 'Pressure in the belly goes down when the pelvic floor can’t answer it.', 'NYGAARD*', ['abdominalLoad', '<= 4', 'watch', ['w1']], ['abdominalLoad', '<= 3', 'modify', ['w2']], ['abdominalLoad', '<= 2', 'avoid', ['w3']]),
    ...limits('pf-02', 'A deep squat opens the pelvic outlet under load.', 'NG210*', ['kneeFlexionLoaded', '<= 120', 'modify', ['w2'], 'standing', ON_FEET], ['kneeFlexionLoaded', '<= 90', 'avoid', ['w3'], 'standing']),
    ...limits('pf-03', 'A wide, deep squat bears down on the pelvic floor.', 'common practice', ['hipAbduction', '<= 50', 'modify', SAGGING, 'kneeFlexionLoaded > 60']),
    ...limits('pf-04', 'The pelvic floor tires before the legs do.', 'common practice', ['hold', '<= 25', 'modify', SAGGING, 'effort >= 3', FIVE_BREATHS]),
    ...limits('pf-05', 'Heaviness grows with standing.', 'common practice', ['standingRun', '<= 10', 'watch', SAGGING]),
    ...limits('pf-06', 'A tight pelvic floor isn’t lifted; it learns to let go.', 'EAUCPP*', ['pelvicFloorCue', '<= 0', 'avoid', ['over']]),
    ...limits('pf-07', 'The pelvic floor lifts and lets go fully; it never only holds.', 'DUMOU*', ['pelvicFloorCue', '<= 1', 'modify', WEAK]),
    ...limits('pf-08', { breathRetention: 'Straining on a held breath pushes the pelvic floor down, or tightens it.', breathRate: 'Pumping breath pushes the pelvic floor down, or tightens it.' }, 'NG210*', ['breathRetention', '= 0', 'avoid', ['guarded']], ['breathRate', '<= 20', 'avoid', ['guarded']]),
    ...limits('pf-09', 'Jolts make a weak pelvic floor leak or drop.', 'NYGAARD*', ['impact', '<= 1', 'modify', ['low-jolt']], ['impact', '= 0', 'avoid', ['no-jolt']]),
    ...limits('pf-10', 'Strength builds up in steps; the effort goes with the breath out.', 'NG123*', ['effort', '<= 4', 'watch', ['w1']], ['effort', '<= 3', 'modify', ['w2']], ['effort', '<= 3', 'avoid', ['w3']]),
  ], // prettier-ignore
  favour: ['pelvic-floor', 'strengthen-hips', 'drain-legs', 'breath-awareness'],
  stopInClass: 'Heaviness, a bulge, a leak, pain: lie with the feet up.',
});
