import { condition } from './condition.js';
import { FIVE_BREATHS, limits, pick } from './limits.js';
import { PAIN } from './pain.js';
import { clearance, found, note, open, refer, SPINE_RED_FLAGS } from './screening.js';

/** From here on a movement that is said to hurt is spared in old pain too; below, fear of it does more harm. */
const TOLD_PAIN = 3;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const lowBackPain = condition({
  id: 'low-back-pain',
  name: 'Low back pain',
  words: ['back ache', 'backache', 'tailbone pain', 'coccyx', 'back surgery', 'back pain', 'bad back', 'lumbago', 'lower back', 'backache', 'LBP', 'sore back'],
  parameters: {
    ...PAIN.parameters,
    weeksSinceOnset: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since this episode began' },
    worse: { kind: 'set', options: ['flexion', 'extension', 'rotation', 'sitting', 'standing'], ask: 'What makes it worse? (say none if nothing)' },
    legPain: { kind: 'yesno', ask: 'Pain down the leg?' },
    trauma: { kind: 'yesno', ask: 'After a fall or blow, not looked into?' },
    hoursSinceWaking: { kind: 'number', holdsDays: 0, unit: 'h', from: 0, to: 24, ask: 'Hours since getting up', default: 2 },
    surgery: { kind: 'yesno', ask: 'Back surgery ever, result not known?', default: false },
    inflammatory: { kind: 'yesno', ask: 'Inflammatory back disease, or strong opioids?', default: false },
  },
  stages: {
    ...PAIN.stages, acute: 'Less than 6 weeks, or not known', subacute: '6 to 11 weeks', chronic: '12 weeks and more', 'bend-acute': 'Bending hurts, acute', 'bend-sub': 'Bending hurts, 6 to 11 weeks', 'bend-chronic': 'Bending hurts, chronic', 'bend-told': 'Bending hurts today, chronic',
    'arch-acute': 'Arching hurts, acute', 'arch-sub': 'Arching hurts, 6 to 11 weeks', 'arch-chronic': 'Arching hurts, chronic', turn: 'Turning hurts, first 12 weeks', young: 'First 12 weeks', morning: 'First hour of the day, bending hurts or acute', 'morning-chronic': 'First hour of the day, chronic',
  }, // prettier-ignore
  gathering: ['young', 'bend-sub', 'bend-told', 'arch-sub', 'turn', 'morning'],
  stagesOf: (a) => {
    const { weeksSinceOnset, worse, hoursSinceWaking = 2 } = a;
    const stage = weeksSinceOnset === undefined || weeksSinceOnset < 6 ? 'acute' : weeksSinceOnset < 12 ? 'subacute' : 'chronic';
    const has = (...some: string[]) => worse === undefined || worse.some((one) => some.includes(one));
    const bend = has('flexion', 'sitting');
    const arch = has('extension', 'standing');
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        stage,
        stage !== 'chronic' && 'young',
        bend && (stage === 'acute' ? 'bend-acute' : stage === 'subacute' ? 'bend-sub' : 'bend-chronic'),
        stage === 'chronic' && worse?.includes('flexion') === true && (a.painNow ?? 0) >= TOLD_PAIN && 'bend-told',
        arch && (stage === 'acute' ? 'arch-acute' : stage === 'subacute' ? 'arch-sub' : 'arch-chronic'),
        worse?.includes('rotation') === true && stage !== 'chronic' && 'turn',
        hoursSinceWaking < 1 && (stage === 'acute' || bend ? 'morning' : 'morning-chronic'),
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.trauma === true && refer('trauma', 'A fall or blow that nobody looked into: no practice, medical contact today.'),
      a.trauma === undefined && open('trauma', 'a fall or blow that was not looked into?'),
      a.legPain === undefined && open('legPain', 'pain down the leg? Then add sciatica.'),
      a.legPain === true && note('legPain', 'Pain down the leg: add sciatica, its limits hold too.'),
      a.weeksSinceOnset === undefined && note('weeksSinceOnset', 'How long is not known: taken as acute.'),
      a.worse === undefined && note('worse', 'What makes it worse is not known: bending and arching are both spared ("none" must be said).'),
      a.surgery === true && clearance('surgery', 'Back surgery without a known result: written clearance first.'),
      a.inflammatory === true && clearance('inflammatory', 'Inflammatory back disease or strong opioids: written clearance first.'),
    ),
  ],
  redFlags: SPINE_RED_FLAGS,
  schools: {
    'back-direction': {
      name: 'Protect or move',
      positions: { direction: 'The direction that eases while acute, everything in comfort once chronic', protect: 'No bending for any back pain' },
      default: 'direction',
      because: 'Guidelines favour staying active, and fear of bending prolongs pain.',
    },
  },
  limits: [
    ...PAIN.limits('lbp'),
    ...limits('lbp-01', 'Fresh pain guards against deep rounding.', 'common practice', ['lumbarFlexion', '<= 35', 'modify', ['acute']]),
    ...limits('lbp-02', 'Bending is what brings this pain.', 'LONG*', ['lumbarFlexion', '<= 20', 'avoid', ['bend-acute']], ['lumbarFlexion', '<= 30', 'modify', ['bend-sub']], ['lumbarFlexion', '<= 40', 'watch', ['bend-chronic']], ['lumbarFlexion', '<= 30', 'modify', ['bend-told']]),
    ...limits('lbp-03', 'Deep backbends pinch guarded joints.', 'common practice', ['lumbarFlexion', '>= -25', 'modify', ['acute']]),
    ...limits('lbp-04', 'Arching is what brings this pain.', 'LONG*', ['lumbarFlexion', '>= -10', 'modify', ['arch-acute']], ['lumbarFlexion', '>= -15', 'modify', ['arch-sub']], ['lumbarFlexion', '>= -13', 'modify', ['arch-chronic'], { reading: 'A locust measures -14: it is what such a back is spared, a cow at -12 is not.' }]),
    ...limits('lbp-05', 'A twist within ease, not to the end.', 'common practice', ['spineRotation', '<= 30', 'modify', ['acute']], ['spineRotation', '<= 40', 'watch', ['subacute']]),
    ...limits('lbp-06', 'Turning is what brings this pain.', 'LONG*', ['spineRotation', '<= 15', 'modify', ['turn']]),
    ...limits('lbp-07', 'Rounded and turned loads a back most.', 'common practice', ['spineRotation', '<= 15', 'modify', ['young'], 'lumbarFlexion > 20']),
    ...limits('lbp-08', 'Hanging forward from the waist loads a sore back.', 'WILKE*', ['discLoad', '<= 1.8', 'modify', ['acute']]),
    ...limits('lbp-09', 'Discs are full and stiff after the night.', ['SNOOK*', 'ADAMS*'], ['lumbarFlexion', '<= 25', 'modify', ['morning']], ['lumbarFlexion', '<= 25', 'watch', ['morning-chronic']]),
    ...limits('lbp-10', 'Bracing hard hurts before it helps.', 'common practice', ['abdominalLoad', '<= 3', 'modify', ['acute']], ['abdominalLoad', '<= 4', 'watch', ['subacute']]),
    ...limits('lbp-11', 'A sore back wants to change its position.', 'NG59*', ['unrelievedSitting', '<= 20', 'modify', ['acute']]),
    ...limits('lbp-12', 'Short and repeated is better for a sore back than long.', 'common practice', ['hold', '<= 25', 'modify', ['acute'], 'effort >= 3', FIVE_BREATHS]),
    ...limits('lbp-13', { breathRetention: 'Straining on a held breath spikes the load on a sore back.', effort: 'Hard work makes a sore back guard.', impact: 'Jolts spike the load on a sore back.', lumbarSpeed: 'Fast bending spikes the load on a sore back.' }, 'NACH*', ['breathRetention', '= 0', 'modify', ['acute']], ['effort', '<= 3', 'modify', ['acute']], ['impact', '<= 1', 'modify', ['acute']], ['lumbarSpeed', '<= 30', 'modify', ['acute'], { reading: 'Brisk for a movement that goes with the breath.' }]),
  ], // prettier-ignore
  favour: ['ease-back', 'mobilise-hips', 'strengthen-back', 'strengthen-hips', 'calm'],
  stopInClass: 'Pain further down the leg, new tingling or weakness, pain up by more than 2.',
});
