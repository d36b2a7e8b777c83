import { condition } from './condition.js';
import { limits } from './limits.js';
import { clearanceAlone, found, note } from './screening.js';

/** Days without a period after which a doctor is worth asking. Common practice, no source. */
const LONG_CYCLE = 60;

/** Private and self-chosen: never asked in front of others. From memory of the sources; to be reviewed. */
export const menstruation = condition({
  id: 'menstruation',
  name: 'Menstruation',
  words: ['time of the month', 'period pains', 'heavy periods', 'period', 'cramps', 'pms', 'bleeding days', 'moon days', 'monthly'],
  parameters: {
    flow: { kind: 'choice', options: ['none', 'light', 'moderate', 'heavy'], ask: 'How strong is the flow today?', default: 'moderate' },
    cramps: { kind: 'number', unit: '0-10', from: 0, to: 10, ask: 'Cramps now', default: 0 },
    premenstrual: { kind: 'yesno', ask: 'In the days before the period, with complaints?', default: false },
    giddyOrAnaemic: { kind: 'yesno', ask: 'Giddy, or known lack of iron?', default: false },
    school: {
      kind: 'choice',
      options: ['rest', 'free'],
      ask: 'Inversions while bleeding: rest from them, or as one feels?',
      default: 'free',
    },
    cycleDay: { kind: 'number', unit: 'day', from: 1, to: 400, ask: 'Day of the cycle, if the person wishes to say' },
  },
  stages: {
    pms: 'Before the period',
    light: 'Light or moderate flow, cramps below 4',
    heavy: 'Heavy flow, cramps of 7 or more, giddy or anaemic',
    cramp: 'Cramps of 4 or more',
    'bleeding-rest': 'Any bleeding, with the choice to rest from inversions',
  },
  gathering: ['cramp'],
  stagesOf: ({ flow = 'moderate', cramps = 0, premenstrual, giddyOrAnaemic, school }) => {
    const heavy = flow === 'heavy' || cramps >= 7 || giddyOrAnaemic === true;
    return [
      ...(premenstrual ? (['pms'] as const) : []),
      ...((flow === 'light' || flow === 'moderate') && cramps < 4 && !heavy ? (['light'] as const) : []),
      ...(heavy ? (['heavy'] as const) : []),
      ...(cramps >= 4 ? (['cramp'] as const) : []),
      ...(flow !== 'none' && school === 'rest' ? (['bleeding-rest'] as const) : []),
    ];
  },
  screen: ({ giddyOrAnaemic, cycleDay = 0 }) =>
    found(
      giddyOrAnaemic === true && clearanceAlone('giddyOrAnaemic', 'Known anaemia with symptoms: written clearance first.'),
      cycleDay > LONG_CYCLE && note('cycleDay', 'A period that stays away so long is worth a word with a doctor; nothing is left out for it.'),
    ),
  redFlags: [
    { id: 'fainting', text: 'Fainting with heavy flow', urgency: 'emergency' },
    {
      id: 'flooding',
      text: 'A pad or tampon soaked every one to two hours for over two hours, large clots again and again',
      urgency: 'today',
    },
    { id: 'new-pain', text: 'Pain that is new, one-sided or comes with fever', urgency: 'today' },
    { id: 'unexpected', text: 'Bleeding after the menopause, in possible pregnancy, or for more than seven days', urgency: 'today' },
  ],
  schools: {
    'menstruation-inversions': {
      name: 'Inversions while bleeding',
      positions: {
        none: 'No inversions, strong twists or belly work while bleeding',
        short: 'Short preparation only, no long holds, at heavy flow',
        free: 'As one feels',
      },
      default: 'short',
      because: 'No study shows harm; comfort decides at light flow, and heavy flow is treated gently.',
    },
  },
  limits: [
    ...limits('men-01', 'Upside down is less comfortable with a heavy flow, and light-headed people faint; some traditions leave it out.', 'common practice',
      ['pelvisAboveHeart', '<= 15', 'modify', ['heavy'], { as: 'heavy', school: 'menstruation-inversions=short' }],
      ['pelvisAboveHeart', '<= 15', 'avoid', ['bleeding-rest'], { as: 'rest' }],
      ['pelvisAboveHeart', '<= 15', 'avoid', ['light', 'heavy', 'cramp'], { as: 'school', school: 'menstruation-inversions=none' }]),
    ...limits('men-02', 'Upside down is less comfortable with a heavy flow, and light-headed people faint; some traditions leave it out.', 'common practice',
      ['headLoad', '<= 0.1', 'modify', ['heavy'], { as: 'head-heavy', school: 'menstruation-inversions=short' }],
      ['neckLoad', '<= 0.1', 'modify', ['heavy'], { as: 'neck-heavy', school: 'menstruation-inversions=short' }],
      ['headLoad', '<= 0.1', 'avoid', ['bleeding-rest'], { as: 'head-rest' }],
      ['neckLoad', '<= 0.1', 'avoid', ['bleeding-rest'], { as: 'neck-rest' }]),
    ...limits('men-03', 'Inversions on bleeding days are her own choice.', 'common practice', ['pelvisAboveHeart', '<= 35', 'watch', ['light']]),
    ...limits('men-04', 'Hard belly work worsens cramp.', 'common practice', ['abdominalLoad', '<= 2', 'modify', ['heavy', 'cramp']]),
    ...limits('men-05', 'A closed twist presses a sore belly.', 'common practice', ['spineRotation', '<= 30', 'modify', ['heavy', 'cramp'], 'bellyClosure > 0.3']),
    ...limits('men-06', 'Energy is low on these days.', 'common practice', ['hold', '<= 60', 'watch', ['heavy', 'pms'], 'effort >= 3']),
    ...limits('men-07', 'Blood loss makes people giddy on getting up.', 'common practice', ['transitionTime', '>= 5', 'watch', ['heavy'], 'levelChange >= 50']),
    ...limits('men-08', 'Rest counts as practice on these days.', 'common practice',
      ['effort', '<= 3', 'modify', ['heavy', 'cramp'], { as: 'heavy' }],
      ['effort', '<= 4', 'watch', ['light', 'pms'], { as: 'light' }]),
    ...limits('men-09', 'Pumping the belly worsens cramp.', 'common practice', ['breathRate', '<= 20', 'modify', ['heavy', 'cramp']]),
    ...limits('men-10', 'Locks squeeze a sore belly.', 'common practice', ['breathRetention', '<= 5', 'watch', ['heavy']]),
    ...limits('men-11', 'Heat makes the flow stronger and people giddy.', 'common practice', ['heat', '<= 30', 'watch', ['heavy']]),
  ],
  favour: ['ease-back', 'open-hips', 'calm', 'lengthen-exhale'],
  stopInClass: 'Faintness, sudden severe or one-sided pain, flooding.',
});
