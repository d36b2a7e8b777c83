import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const menopause = condition({
  id: 'menopause',
  name: 'Menopause and the years around it',
  words: ['menopause', 'menapause', 'menopaus', 'perimenopause', 'perimenopausal', 'change of life', 'hot flushes', 'hot flashes', 'hot flashs', 'night sweats', 'climacteric', 'post-menopause', 'early menopause', 'POI', 'ovaries removed', 'surgical menopause', 'HRT', 'MHT'],
  parameters: {
    phase: { kind: 'choice', options: ['peri', 'post', 'surgical', 'early', 'unknown'], ask: 'Around the last period, after it, or after an operation?', default: 'unknown' },
    age: { kind: 'number', unit: 'years', ofBody: 'age', from: 15, to: 110, ask: 'Age', default: 52 },
    flushes: { kind: 'number', unit: 'a day', from: 0, to: 50, ask: 'Hot flushes a day', default: 0 },
    heatTrigger: { kind: 'yesno', ask: 'Does warmth bring one on?' },
    bleeding: { kind: 'choice', options: ['none', 'periods', 'heavy', 'afterMenopause'], ask: 'Bleeding (asked in private)' },
    giddyBleeding: { kind: 'yesno', holdsDays: 0, ask: 'Giddy with the bleeding?', default: false, onlyIf: { bleeding: ['heavy'] } },
    hrt: { kind: 'yesno', ask: 'Hormone treatment?' },
    bone: { kind: 'choice', options: ['unknown', 'normal', 'osteopenia', 'osteoporosis'], ask: 'Bones', default: 'unknown' },
    pelvicFloor: { kind: 'set', options: ['leak', 'heaviness', 'dryness'], ask: 'Pelvic floor (asked in private)' },
    stiff: { kind: 'yesno', ask: 'Sore joints or shoulders?', default: false },
    palpitations: { kind: 'choice', options: ['none', 'known', 'new'], ask: 'Palpitations?', default: 'none' },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the operation', onlyIf: { phase: ['surgical'] } },
  },
  stages: { plain: 'Nothing to heed', flush: 'Many flushes, or warmth brings them on', bone: 'Bones not known, and at risk', penia: 'Osteopenia', op: 'Osteoporosis', stiff: 'Sore joints', leaky: 'Leaks', flutter: 'Palpitations' },
  stagesOf: ({ phase = 'unknown', age = 52, flushes = 0, heatTrigger, hrt, bone = 'unknown', pelvicFloor = [], stiff, palpitations }) => {
    const flags = pick(
      (flushes >= 4 || (heatTrigger ?? flushes >= 1)) && 'flush',
      bone === 'unknown' && ((phase === 'early' && hrt !== true) || (phase === 'surgical' && age < 45 && hrt !== true) || age >= 65) && 'bone',
      bone === 'osteopenia' && 'penia',
      bone === 'osteoporosis' && 'op',
      stiff === true && 'stiff',
      pelvicFloor.includes('leak') && 'leaky',
      (palpitations === 'known' || palpitations === 'new') && 'flutter',
    );
    return flags.length > 0 ? flags : ['plain'];
  },
  screen: ({ phase, age = 52, bleeding, giddyBleeding, bone = 'unknown', pelvicFloor = [], palpitations, weeksSinceSurgery }) =>
    found(
      bleeding === 'heavy' && giddyBleeding === true && refer('bleeding', 'Very heavy bleeding with giddiness: no practice, medical contact today.'),
      palpitations === 'new' && clearanceAlone('palpitations', 'New palpitations: let them be looked at first.'),
      bleeding === 'afterMenopause' && note('bleeding', 'Bleeding after the menopause: see a doctor within days; practice goes on.'),
      bleeding === undefined && open('bleeding', 'bleeding? (ask alone)'),
      (bone === 'osteopenia' || bone === 'osteoporosis') && note('bone', 'Answer "Osteoporosis" as well.'),
      bone === 'unknown' && (age >= 65 || phase === 'early') && note('bone', 'Ask for a check of the bones.'),
      (pelvicFloor.includes('leak') || pelvicFloor.includes('heaviness')) && note('pelvicFloor', 'Answer "Pelvic floor" as well.'),
      weeksSinceSurgery !== undefined && weeksSinceSurgery < 12 && note('weeksSinceSurgery', 'Answer "Abdominal surgery" as well.'),
    ),
  redFlags: [
    emergency('heart', 'Pressure in the chest (in women also jaw, back, breathless, sick), stroke signs, one swollen leg with breathlessness'),
    today('calf', 'One swollen calf on hormone tablets, sudden back pain after a bend'),
    today('despair', 'Thoughts of suicide (with a plan: emergency)'),
  ],
  schools: {
    'menopause-load': { name: 'Cool or strong', positions: { strong: 'Strength and load, with cooling comfort', cool: 'Cooling, lying practice only' }, default: 'strong', because: 'Bone and muscle want load in these years.' },
  },
  limits: [
    ...limits('mno-01', 'A warm room is uncomfortable with flushes; air and layers help, though cooling is not shown to lessen them.', 'common practice', ['heat', '<= 26', 'modify', ['flush']]),
    ...limits('mno-02', 'A hard hold can bring on a flush; it is harmless.', 'common practice', ['hold', '<= 20', 'watch', ['flush'], 'effort >= 4']),
    ...limits('mno-03', { breathRate: 'Fast breath warms.', breathRetention: 'A long held breath can bring on a flush.' }, 'common practice', ['breathRate', '<= 20', 'watch', ['flush']], ['breathRetention', '<= 10', 'watch', ['flush']]),
    ...limits('mno-04', 'Bone is lost fastest in these years; bending from the hips spares the vertebrae.', 'BHOF*', ['lumbarFlexion', '<= 40', 'watch', ['bone']]),
    ...limits('mno-05', 'Rounding and turning together load thin vertebrae most.', 'TFTF*', ['spineRotation', '<= 30', 'watch', ['bone'], 'lumbarFlexion > 30']),
    ...limits('mno-06', 'The bone of the neck was not measured, so it carries no weight.', 'LEE*', ['neckLoad', '<= 0.05', 'watch', ['bone']], ['headLoad', '<= 0.1', 'watch', ['bone']]),
    ...limits('mno-12', 'A rounded back presses the front of thin vertebrae.', ['SINAKI*', 'TFTF*'],
      ['lumbarFlexion', '<= 40', 'modify', ['penia']], ['lumbarFlexion', '<= 20', 'avoid', ['op']],
      ['thoracicFlexion', '<= 30', 'modify', ['penia']], ['thoracicFlexion', '<= 15', 'avoid', ['op']]),
    ...limits('mno-13', 'The end of a twist loads thin vertebrae; slow, partial turns don’t.', 'TFTF*', ['spineRotation', '<= 30', 'modify', ['op']]),
    ...limits('mno-14', 'The vertebrae of the neck can break too.', ['TFTF*', 'LEE*'],
      ['headLoad', '<= 0.1', 'modify', ['penia']], ['neckLoad', '<= 0.05', 'modify', ['penia']],
      ['headLoad', '<= 0.1', 'avoid', ['op']], ['neckLoad', '<= 0.05', 'avoid', ['op']]),
    ...limits('mno-07', 'Shoulders are often stiff at this age.', 'common practice', ['shoulderElevation', '<= 165', 'watch', ['stiff']], ['shoulderExtension', '<= 45', 'watch', ['stiff']]),
    ...limits('mno-08', { wristExtensionLoaded: 'Sore hands bear better on a wedge.', kneeLoad: 'Sore knees want padding.' }, 'common practice', ['wristExtensionLoaded', '<= 75', 'watch', ['stiff']], ['kneeLoad', '<= 0.6', 'watch', ['stiff']]),
    ...limits('mno-09', { impact: 'Jumping makes a weak pelvic floor leak.', abdominalLoad: 'Hard belly work makes a weak pelvic floor leak; breathing out on the effort helps.' }, 'NYGAARD*', ['impact', '<= 1', 'watch', ['leaky']], ['abdominalLoad', '<= 4', 'watch', ['leaky']]),
    ...limits('mno-10', 'A flush can make people giddy on getting up.', 'common practice', ['transitionTime', '>= 5', 'watch', ['flutter', 'flush'], 'levelChange >= 50']),
    ...limits('mno-11', 'Until palpitations have been looked at, work stays light enough to talk.', 'common practice', ['effort', '<= 4', 'watch', ['flutter']]),
  ], // prettier-ignore
  favour: ['strengthen-legs', 'strengthen-back', 'strengthen-arms', 'balance', 'pelvic-floor', 'calm', 'lengthen-exhale'],
  stopInClass: 'Faint, pressure in the chest, palpitations that stay, sudden back pain. A flush: pause, sip, go on.',
});
