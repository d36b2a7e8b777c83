import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { emergency, found, note, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const pelvicPain = condition({
  id: 'pelvic-pain',
  name: 'Chronic pelvic pain',
  words: ['pelvic pain', 'endometriosis', 'painful bladder', 'vulvodynia', 'prostatitis', 'CPP', 'interstitial cystitis'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['endometriosis', 'bladder', 'vulvar', 'prostatic', 'unknown'], ask: 'Which kind?', default: 'unknown' },
    tone: { kind: 'choice', options: ['overactive', 'normal', 'underactive', 'unknown'], ask: 'Pelvic floor, as a physiotherapist found it', default: 'unknown' },
    flare: { kind: 'yesno', ask: 'A flare now?' },
    bleeding: { kind: 'choice', options: ['none', 'light', 'heavy'], ask: 'Bleeding now', default: 'none' },
    traumaHistory: { kind: 'yesno', ask: 'Should we be careful with touch and closed eyes? (no reason needed)', default: true },
  },
  stages: { ...PAIN.stages, flare: 'Flare', calm: 'Calm', tight: 'Overactive floor, or not known', loose: 'Normal or weak floor', care: 'Care with closed eyes' },
  stagesOf: (a) => {
    const flare = a.flare ?? painOf(a) >= 5;
    const tight = (a.tone ?? 'unknown') === 'unknown' || a.tone === 'overactive';
    return [...PAIN.stagesOf(a), ...pick(flare ? 'flare' : 'calm', tight ? 'tight' : 'loose', (a.traumaHistory ?? true) && 'care')];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.bleeding !== undefined && a.bleeding !== 'none' && note('bleeding', 'Add menstruation: its limits hold too.'),
      (a.tone === undefined || a.tone === 'unknown') && note('tone', 'The tone of the floor is not known: taken as overactive, release first.'),
    ),
  ],
  redFlags: [
    emergency('sudden', 'Sudden severe one-sided pain, shoulder-tip pain, fainting, possible pregnancy'),
    today('infection', 'Fever with discharge, can’t pass urine, blood in urine or stool, bleeding after sex or menopause, a new lump'),
  ],
  schools: {
    'pelvic-first': {
      name: 'Strengthen or release',
      positions: { release: 'Release first', strengthen: 'Strengthen always' },
      default: 'release',
      because: 'Clenching feeds the pain unless a pelvic physiotherapist found a weak floor.',
    },
  },
  limits: [
    ...PAIN.limits('pelp'),
    ...limits('pelp-01', 'Clenching feeds the pain; the pelvic floor is asked to let go.', 'EAUCPP*', ['pelvicFloorCue', '<= 0', 'avoid', ['tight']], ['pelvicFloorCue', '<= 1', 'modify', ['loose']]),
    ...limits('pelp-02', 'Pressing the belly may ease or hurt; it is asked, and a pillow offered.', 'common practice', ['bellyClosure', '<= 0.9', 'watch', ['calm']], ['bellyClosure', '<= 0.9', 'modify', ['flare']]),
    ...limits('pelp-03', 'Wringing hurts a sore belly.', 'common practice', ['spineRotation', '<= 30', 'modify', ['flare'], 'bellyClosure > 0.4']),
    ...limits('pelp-04', 'Gripping the belly grips the floor.', 'common practice', ['abdominalLoad', '<= 4', 'watch', ['calm']], ['abdominalLoad', '<= 2', 'modify', ['flare']]),
    ...limits('pelp-05', 'Wide legs pull; props under the knees ease.', 'common practice', ['hipAbduction', '<= 55', 'watch', ['flare']]),
    ...limits('pelp-06', 'A deep arch stretches belly scars and adhesions.', 'common practice', ['lumbarFlexion', '>= -30', 'watch', ['calm']], ['lumbarFlexion', '>= -20', 'modify', ['flare']]),
    ...limits('pelp-07', 'Long effort leads to clenching.', 'common practice', ['hold', '<= 60', 'watch', ['calm'], 'effort >= 3'], ['hold', '<= 15', 'modify', ['flare'], 'effort >= 3']),
    ...limits('pelp-08', 'Trust comes first; no hands on hips or belly.', 'common practice', ['touch', '= 0', 'avoid']),
    ...limits('pelp-09', 'Eyes open is always allowed.', 'common practice', ['eyesClosed', '= 0', 'watch', ['care']]),
    ...limits('pelp-10', { breathRetention: 'A held breath holds the pelvic floor tight.', breathRate: 'Pumping breath grips the belly and the pelvic floor.' }, 'common practice', ['breathRetention', '<= 5', 'modify'], ['breathRate', '<= 20', 'modify'], ['breathRetention', '= 0', 'modify', ['flare']]),
    ...limits('pelp-11', { effort: 'Calm comes first; hard work grips the belly.', impact: 'Jolts make the pelvic floor grip.' }, 'common practice', ['effort', '<= 4', 'watch', ['calm']], ['impact', '<= 2', 'watch', ['calm']], ['effort', '<= 2', 'modify', ['flare']], ['impact', '= 0', 'modify', ['flare']]),
  ], // prettier-ignore
  favour: ['pelvic-floor', 'open-hips', 'mobilise-pelvis', 'lengthen-exhale', 'rest', 'calm'],
  stopInClass: 'Pain up by more than 2, cramps that don’t settle in 5 minutes, a flashback.',
});
