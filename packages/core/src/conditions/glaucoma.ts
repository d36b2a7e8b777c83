import { condition, row, type ScreeningFinding } from './condition.js';

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
    ...row(
      'gla-01',
      { measure: 'headBelowHeart', reason: 'The eye pressure rises within a minute head-down.', source: ['JASIEN*', 'BASKARAN*'] },
      [{ bound: { atMost: 20 }, grade: 'avoid', stages: ['oht'] }],
    ),
    ...row('gla-02', { measure: 'headBelowHeart', reason: 'The eye pressure rises within a minute head-down.', source: ['JASIEN*'] }, [
      { bound: { atMost: 10 }, grade: 'modify', stages: ['oht'] },
    ]),
    ...row(
      'gla-03',
      { measure: 'headBelowHeart', grade: 'avoid', reason: 'Raised pressure can cost nerve fibres.', source: ['JASIEN*', 'GALLARDO*'] },
      [
        { as: 'early', bound: { atMost: 5 }, stages: ['early'], school: 'glaucoma-dog=none' },
        { as: 'early-short', bound: { atMost: 25 }, stages: ['early'], school: 'glaucoma-dog=short' },
        { as: 'adv', bound: { atMost: 0 }, stages: ['adv'] },
      ],
    ),
    ...row(
      'gla-04',
      {
        grade: 'avoid',
        stages: ['early', 'adv'],
        reason: 'A headstand about doubles the eye pressure.',
        source: ['BASKARAN*'],
        reading: "No load on the head is read as at most 0.1: the head's own weight may rest.",
      },
      [
        { as: 'head', measure: 'headLoad', bound: { atMost: 0.1 } },
        { as: 'neck', measure: 'neckLoad', bound: { atMost: 0.05 } },
        { as: 'time', measure: 'minutesHeadDown', bound: { atMost: 0 } },
      ],
    ),
    ...row(
      'gla-05',
      { measure: 'pelvisAboveHeart', grade: 'avoid', reason: 'A raised pelvis sends blood to the head.', source: ['JASIEN*'] },
      [
        { as: 'early', bound: { atMost: 15 }, stages: ['early'] },
        { as: 'adv', bound: { atMost: 5 }, stages: ['adv'] },
      ],
    ),
    ...row('gla-13', { measure: 'feetAboveHeart', grade: 'avoid', reason: 'Legs up the wall raised the eye pressure too.', source: ['JASIEN*'] }, [
      { bound: { atMost: 60 }, stages: ['early', 'adv'] },
    ]),
    ...row(
      'gla-06',
      {
        measure: 'supineRun',
        reason: 'The pressure is higher lying: raise the head 5 cm; on the side, the worse eye up.',
        source: ['common practice'],
      },
      [{ bound: { atMost: 10 }, grade: 'watch', stages: ['adv'] }],
    ),
    ...row(
      'gla-07',
      { measure: 'bellyClosure', reason: 'Face-down: brow on the prop, nothing on the eyes, no eye pillow.', source: ['common practice'] },
      [{ bound: { atMost: 0.8 }, grade: 'watch' }],
    ),
    ...row('gla-08', { measure: 'hold', reason: 'Strain raises the eye pressure.', source: ['VIEIRA*'] }, [
      { bound: { atMost: 20 }, when: [{ measure: 'effort', from: 4 }], grade: 'avoid', stages: ['early', 'adv'] },
    ]),
    ...row('gla-09', { measure: 'breathRetention', reason: 'Straining lifts the eye pressure at once.', source: ['VIEIRA*'] }, [
      { bound: { atMost: 0 }, grade: 'avoid' },
    ]),
    ...row('gla-10', { measure: 'breathRate', reason: 'Straining lifts the eye pressure at once.', source: ['common practice'] }, [
      { bound: { atMost: 20 }, grade: 'avoid' },
    ]),
    ...row('gla-11', { measure: 'effort', reason: 'Breathe out on the work.', source: ['VIEIRA*'] }, [
      { as: 'early', bound: { atMost: 4 }, grade: 'watch', stages: ['oht', 'early'] },
      { as: 'adv', bound: { atMost: 3 }, grade: 'modify', stages: ['adv'] },
    ]),
    ...row('gla-12', { grade: 'avoid', stages: ['pigmentary'], reason: 'Jolts free pigment.', source: ['HAYNES*'] }, [
      { as: 'impact', measure: 'impact', bound: { atMost: 0 } },
      { as: 'jolt', measure: 'headJolt', bound: { atMost: 0 } },
    ]),
    ...row('gla-14', { measure: 'trunkThigh', reason: 'Bending down strains a fresh wound of the eye.', source: ['common practice'] }, [
      { bound: { atLeast: 75 }, grade: 'avoid', stages: ['op'] },
    ]),
  ],
  favour: ['calm', 'open-chest', 'balance'],
  stopInClass: 'Eye pain, halos, mist, ache of the brow.',
});
