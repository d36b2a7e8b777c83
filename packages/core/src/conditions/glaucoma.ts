import { condition, type ScreeningFinding } from './condition.js';
import { limits } from './limits.js';

const HEAD_DOWN = 'The eye pressure rises within a minute head-down.';
const MOVING = 'A plain cat-cow lowers the eyes for a breath and lifts them with the next; what goes deeper is barred also in passing.';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const glaucoma = condition({
  id: 'glaucoma',
  name: 'Glaucoma and raised eye pressure',
  words: ['pressure in the eyes', 'eye pressure', 'ocular hypertension', 'green star', 'intraocular pressure', 'IOP'],
  parameters: {
    type: {
      kind: 'choice',
      options: ['openAngle', 'normalTension', 'angleClosureTreated', 'angleClosureUntreated', 'pigmentary', 'hypertension', 'suspect'],
      ask: 'Which kind?',
      default: 'openAngle',
    },
    severity: { kind: 'choice', options: ['early', 'moderate', 'advanced', 'unknown'], ask: 'How far has it gone?', default: 'unknown' },
    iop: { kind: 'number', unit: 'mmHg', from: 5, to: 60, ask: 'Last eye pressure, if known' },
    surgery: { kind: 'choice', options: ['none', 'laser', 'trabeculectomy', 'tube', 'stent'], ask: 'Eye surgery?', default: 'none' },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since the surgery' },
    worseEye: { kind: 'choice', options: ['left', 'right', 'both'], ask: 'Which eye is worse?' },
  },
  stages: {
    oht: 'Suspect, or raised pressure only', early: 'Early', adv: 'Moderate, advanced, unknown or normal tension',
    op: 'Shortly after surgery', pigmentary: 'Pigmentary',
  }, // prettier-ignore
  stagesOf: ({ type = 'openAngle', severity = 'unknown', surgery = 'none', weeksSinceSurgery }) => {
    const healing = surgery === 'trabeculectomy' || surgery === 'tube' ? 6 : surgery === 'none' ? 0 : 1;
    const fresh = healing > 0 && (weeksSinceSurgery ?? 0) < healing;
    const stage = fresh
      ? 'adv'
      : type === 'suspect' || type === 'hypertension'
        ? 'oht'
        : severity === 'early' && type !== 'normalTension' && type !== 'angleClosureTreated' && type !== 'angleClosureUntreated'
          ? 'early'
          : 'adv';
    return [stage, ...(fresh ? (['op'] as const) : []), ...(type === 'pigmentary' ? (['pigmentary'] as const) : [])];
  },
  screen: ({ type = 'openAngle', severity = 'unknown', iop, surgery = 'none', weeksSinceSurgery }) => {
    const found: ScreeningFinding[] = [];
    const healing = surgery === 'trabeculectomy' || surgery === 'tube' ? 6 : surgery === 'none' ? 0 : 1;
    if (type === 'angleClosureUntreated')
      found.push({ parameter: 'type', text: 'Untreated angle closure: no practice until cleared.', outcome: 'refer' });
    if ((iop ?? 0) >= 30)
      found.push({ parameter: 'iop', text: 'Eye pressure of 30 or more: no practice, medical contact today.', outcome: 'refer' });
    else if ((iop ?? 0) >= 25)
      found.push({ parameter: 'iop', text: 'Eye pressure of 25 or more: written clearance first.', outcome: 'clearance' });
    if (type === 'angleClosureTreated')
      found.push({ parameter: 'type', text: 'Treated angle closure: written clearance first.', outcome: 'clearance' });
    else if (
      type !== 'suspect' &&
      type !== 'hypertension' &&
      type !== 'angleClosureUntreated' &&
      (severity !== 'early' || type === 'normalTension')
    )
      found.push({
        parameter: 'severity',
        text:
          severity === 'unknown'
            ? 'How far it has gone is not known: treated as advanced; written clearance first.'
            : 'Moderate or advanced: written clearance first.',
        outcome: 'clearance',
      });
    if (healing > 0 && (weeksSinceSurgery ?? 0) < healing)
      found.push({
        parameter: 'weeksSinceSurgery',
        text: `Less than ${healing} weeks after eye surgery: only what the surgeon allows in writing.`,
        outcome: 'clearance',
      });
    return found;
  },
  redFlags: [{ id: 'eye-pain', text: 'Sudden eye pain, red eye with halos, sickness, mist or sudden loss of sight', urgency: 'emergency' }],
  schools: {
    'glaucoma-dog': {
      name: 'Short downward dog in early disease',
      positions: { short: 'A short one is fine', none: 'None at all' },
      default: 'none',
      because: 'The pressure rises within a minute head-down; harm is known only from cases, and the optic nerve does not grow back.',
    },
  },
  limits: [
    ...limits('gla-01', 'The eye pressure rises within a minute head-down.', ['JASIEN*', 'BASKARAN*'], ['headBelowHeart', '<= 20', 'avoid', ['oht']]),
    ...limits('gla-02', 'The eye pressure rises within a minute head-down.', 'JASIEN*', ['headBelowHeart', '<= 10', 'modify', ['oht']]),
    ...limits('gla-03', 'Raised pressure can cost nerve fibres.', ['JASIEN*', 'GALLARDO*'],
      ['headBelowHeart', '<= 3', 'avoid', ['early'], 'hold > 0', { as: 'early', school: 'glaucoma-dog=none' }],
      ['headBelowHeart', '<= 15', 'avoid', ['early'], { as: 'early-moving', school: 'glaucoma-dog=none', reading: MOVING }],
      ['headBelowHeart', '<= 25', 'avoid', ['early'], { as: 'early-short', school: 'glaucoma-dog=short' }],
      ['headBelowHeart', '<= 3', 'avoid', ['adv'], 'hold > 0', { as: 'adv' }],
      ['headBelowHeart', '<= 15', 'avoid', ['adv'], { as: 'adv-moving', reading: MOVING }]),
    ...limits('gla-04', 'A headstand about doubles the eye pressure.', 'BASKARAN*',
      ['headLoad', '<= 0.1', 'avoid', ['early', 'adv'], { as: 'head', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }],
      ['neckLoad', '<= 0.05', 'avoid', ['early', 'adv'], { as: 'neck', reading: "No load on the head is read as at most 0.1: the head's own weight may rest." }],
      ['minutesHeadDown', '<= 0', 'avoid', ['adv'], { as: 'time', reason: HEAD_DOWN }],
      ['minutesHeadDown', '<= 0', 'avoid', ['early'], { as: 'time-early', school: 'glaucoma-dog=none', reason: HEAD_DOWN }],
      ['minutesHeadDown', '<= 1', 'avoid', ['early'], { as: 'time-short', school: 'glaucoma-dog=short', reason: HEAD_DOWN }]),
    ...limits('gla-05', 'A raised pelvis sends blood to the head and eyes.', 'JASIEN*',
      ['pelvisAboveHeart', '<= 15', 'avoid', ['early'], { as: 'early', school: 'glaucoma-dog=none' }],
      ['pelvisAboveHeart', '<= 30', 'avoid', ['early'], { as: 'early-short', school: 'glaucoma-dog=short' }],
      ['pelvisAboveHeart', '<= 5', 'avoid', ['adv'], { as: 'adv' }]),
    ...limits('gla-13', 'Legs up the wall raised the eye pressure too.', 'JASIEN*', ['feetAboveHeart', '<= 60', 'avoid', ['early', 'adv']]),
    ...limits('gla-06', 'The eye pressure is higher lying; raise the head 5 cm, and on the side keep the worse eye up.', 'common practice',
      ['supineRun', '<= 10', 'watch', ['adv']]),
    ...limits('gla-07', 'Face down nothing may press the eyes: brow on the prop, no eye pillow.', 'common practice', ['bellyClosure', '<= 0.8', 'watch']),
    ...limits('gla-08', 'Strain raises the eye pressure.', 'VIEIRA*', ['hold', '<= 20', 'avoid', ['early', 'adv'], 'effort >= 4']),
    ...limits('gla-09', 'Straining lifts the eye pressure at once.', 'VIEIRA*', ['breathRetention', '<= 0', 'avoid']),
    ...limits('gla-10', 'Straining lifts the eye pressure at once.', 'common practice', ['breathRate', '<= 20', 'avoid']),
    ...limits('gla-11', 'Hard work raises the eye pressure; breathing out on the effort helps.', 'VIEIRA*',
      ['effort', '<= 4', 'watch', ['oht', 'early'], { as: 'early' }],
      ['effort', '<= 3', 'modify', ['adv'], { as: 'adv' }]),
    ...limits('gla-12', 'Jolts free pigment that blocks the outflow of the eye.', 'HAYNES*',
      ['impact', '<= 0', 'avoid', ['pigmentary'], { as: 'impact' }],
      ['headJolt', '<= 0', 'avoid', ['pigmentary'], { as: 'jolt' }]),
    ...limits('gla-14', 'Bending down strains a fresh wound of the eye.', 'common practice', ['trunkThigh', '>= 75', 'avoid', ['op']]),
  ],
  favour: ['calm', 'open-chest', 'balance'],
  stopInClass: 'Eye pain, halos, mist, ache of the brow.',
});
