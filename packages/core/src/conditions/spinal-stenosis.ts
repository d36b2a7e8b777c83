import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN } from './pain.js';
import { clearance, clearanceAlone, found, note, open, SPINE_RED_FLAGS, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const spinalStenosis = condition({
  id: 'spinal-stenosis',
  name: 'Spinal stenosis',
  words: ['stenosis', 'narrow spinal canal', 'neurogenic claudication', 'legs ache on walking', 'lumbar stenosis'],
  parameters: {
    ...PAIN.parameters,
    walkMinutes: { kind: 'number', unit: 'min', from: 0, to: 240, ask: 'Minutes of walking until the legs ache or tire', default: 5 },
    deficit: { kind: 'choice', options: ['none', 'numb', 'weak'], ask: 'Numb or weak legs' },
    surgery: { kind: 'choice', options: ['none', 'decompression', 'fusion'], ask: 'Operated?', default: 'none' },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the operation', onlyIf: { surgery: ['decompression', 'fusion'] } },
    falls12m: { kind: 'number', unit: 'falls', from: 0, to: 50, ask: 'Falls in the last 12 months', default: 0 },
  },
  stages: { ...PAIN.stages, mild: 'Walks 15 minutes or more', symptomatic: 'Walks 3 to 14 minutes', severe: 'Less than 3 minutes, or weak', legs: 'Walks under 15 minutes, or weak' },
  gathering: ['legs'],
  stagesOf: (a) => {
    const walk = a.walkMinutes ?? 5;
    const severe = walk < 3 || a.deficit === 'weak';
    const stage = severe ? 'severe' : walk < 15 ? 'symptomatic' : 'mild';
    return [...PAIN.stagesOf(a), ...pick(stage, stage !== 'mild' && 'legs')];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      ((a.walkMinutes ?? 5) < 3 || a.deficit === 'weak') && clearance('walkMinutes', 'Less than 3 minutes of walking, or weak legs: written clearance first.'),
      a.surgery !== undefined && a.surgery !== 'none' && (a.weeksSinceSurgery ?? 0) < 12 && clearance('weeksSinceSurgery', 'Operated in the last 12 weeks: written clearance first.'),
      (a.falls12m ?? 0) >= 2 && clearanceAlone('falls12m', 'Two falls or more: written clearance first.'),
      a.deficit === undefined && open('deficit', 'numb or weak legs?'),
      a.walkMinutes === undefined && note('walkMinutes', 'The walking time is not known: taken as 5 minutes.'),
    ),
  ],
  redFlags: [...SPINE_RED_FLAGS, today('vessel', 'Legs cold or pale, or pain eased by standing still (a vessel, not a nerve)')],
  schools: {
    'stenosis-bias': {
      name: 'Bend or strengthen',
      positions: { staged: 'Bend while it hurts, strengthen in the middle when mild', flexion: 'Bend forward, always' },
      default: 'staged',
      because: 'Mild narrowing tolerates a little arching; symptomatic does not.',
    },
  },
  limits: [
    ...PAIN.limits('sts'),
    ...limits('sts-01', 'Arching narrows the nerve canal.', ['INUFUSA*', 'NASSLSS*'], ['lumbarFlexion', '>= -10', 'modify', ['mild']], ['lumbarFlexion', '>= -5', 'avoid', ['legs']]),
    ...limits('sts-02', 'Flat straight legs pull the back into an arch.', 'common practice', ['hipFlexion', '>= 20', 'watch', ['mild'], 'facing supine', 'hold > 60'], ['hipFlexion', '>= 20', 'modify', ['legs'], 'facing supine', 'hold > 60']),
    ...limits('sts-03', 'A leg drawn back arches the waist.', 'common practice', ['hipExtension', '<= 15', 'modify', ['mild']], ['hipExtension', '<= 5', 'modify', ['legs'], 'hipAbduction < 40', { reading: 'A leg set out to the side arches no waist.' }]),
    ...limits('sts-04', 'Arms overhead lift the ribs into an arch.', 'common practice', ['shoulderElevation', '<= 150', 'watch', ['mild'], 'standing'], ['shoulderElevation', '<= 150', 'modify', ['legs'], 'standing']),
    ...limits('sts-05', 'Standing still brings the leg ache.', 'NASSLSS*', ['standingRun', '<= 5', 'watch', ['mild']], ['standingRun', '<= 2', 'modify', ['legs']]),
    ...limits('sts-06', 'Leaning to the sore side narrows the nerve exit.', 'common practice', ['spineLateral', '<= 15', 'modify', ['legs']]),
    ...limits('sts-07', 'A lengthened spine turns a little; a big twist narrows the nerve canal.', 'common practice', ['spineRotation', '<= 30', 'watch', ['legs']]),
    ...limits('sts-08', 'Legs may give way.', 'STEADI*', ['support', '>= 1', 'modify', ['legs'], 'feetDown = 1']),
    ...limits('sts-09', 'The legs ache and tire standing; sitting down between eases them.', 'common practice', ['hold', '<= 30', 'modify', ['legs'], 'standing', 'effort >= 3']),
    ...limits('sts-10', { impact: 'Jolts press the narrow canal.', effort: 'Tired people sag into an arch.' }, 'common practice', ['effort', '<= 3', 'modify', ['legs']], ['impact', '<= 1', 'modify', ['legs']]),
  ], // prettier-ignore
  favour: ['mobilise-spine-flexion', 'stretch-hip-flexors', 'strengthen-legs', 'balance', 'ease-back'],
  stopInClass: 'Heavy or numb legs that don’t settle in 2 minutes of sitting bent forward.',
});
