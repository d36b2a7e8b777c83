import { condition } from './condition.js';
import { HELD, limits, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, open, refer, today } from './screening.js';

const LATER = ['mod', 'sev'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const multipleSclerosis = condition({
  id: 'multiple-sclerosis',
  name: 'Multiple sclerosis',
  words: ['MS', 'multiple sclerosis', 'relapse', 'Uhthoff', 'optic neuritis'],
  parameters: {
    edss: { kind: 'number', unit: '0-10 by halves', from: 0, to: 10, ask: 'EDSS, if known', default: 6 },
    relapseNow: { kind: 'yesno', ask: 'A relapse now?', default: false },
    weeksSinceRelapse: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1000, ask: 'Weeks since the last relapse' },
    heatSensitive: { kind: 'yesno', ask: 'Worse in the heat?', default: true },
    lhermitte: { kind: 'yesno', ask: 'An electric shock on bending the neck?', default: false },
    spasticity: { kind: 'number', unit: 'grade 0-4', from: 0, to: 4, ask: 'Stiffness of the legs', default: 2 },
    fatigue: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Fatigue today', default: 6 },
    optic: { kind: 'yesno', ask: 'Optic neuritis not long ago?', default: false },
    bladder: { kind: 'yesno', ask: 'Needs a toilet near?', default: false },
    walking: { kind: 'choice', options: ['free', 'aid', 'wheelchair'], ask: 'Walking' },
    infusionWeeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 500, ask: 'Weeks since a new medicine by infusion' },
  },
  stages: { mild: 'EDSS to 3.5', mod: 'EDSS 4 to 6.5', sev: 'EDSS 7 and more', shock: 'Shock on bending the neck', spastic: 'Stiff legs', tired: 'Fatigue of 6 or more', hot: 'Worse in the heat', optic: 'Optic neuritis', 'mod-optic': 'EDSS from 4, or optic neuritis' },
  gathering: ['mod-optic'],
  stagesOf: ({ edss = 6, heatSensitive = true, lhermitte, spasticity = 2, fatigue = 6, optic }) => {
    const stage = edss < 4 ? 'mild' : edss < 7 ? 'mod' : 'sev';
    return pick(
      stage,
      lhermitte === true && 'shock',
      spasticity >= 2 && 'spastic',
      fatigue >= 6 && 'tired',
      heatSensitive && 'hot',
      optic === true && 'optic',
      (stage !== 'mild' || optic === true) && 'mod-optic',
    );
  },
  screen: ({ edss = 6, relapseNow, weeksSinceRelapse, lhermitte, infusionWeeks }) =>
    found(
      (relapseNow === true || (weeksSinceRelapse ?? 99) < 4) && refer('weeksSinceRelapse', 'A relapse now or in the last 4 weeks: no practice beyond resting breath.'),
      weeksSinceRelapse !== undefined && weeksSinceRelapse >= 4 && weeksSinceRelapse < 12 && clearance('weeksSinceRelapse', 'A relapse in the last 12 weeks: written clearance first.'),
      edss >= 6 && clearanceAlone('edss', 'EDSS 6 or more, or not known: written clearance first.'),
      (infusionWeeks ?? 99) < 2 && clearance('infusionWeeks', 'A new infusion in the last 2 weeks: written clearance first.'),
      lhermitte === undefined && open('lhermitte', 'an electric shock on bending the neck?'),
      weeksSinceRelapse === undefined && relapseNow === undefined && open('weeksSinceRelapse', 'weeks since the last relapse?'),
    ),
  redFlags: [
    today('worse', 'New weakness, numbness, loss of sight, double vision or balance for over a day; fever with worse signs'),
    emergency('swallow', 'Trouble swallowing or breathing'),
  ],
  schools: {
    'ms-effort': {
      name: 'Effort',
      positions: { graded: 'Graded exercise, in a cool room', none: 'Avoid all effort' },
      default: 'graded',
      because: 'Graded exercise is safe and does good; hot rooms are not.',
    },
  },
  limits: [
    ...limits('mus-01', 'Bending the neck sends a shock down the spine.', 'common practice', ['cervicalFlexion', '<= 15', 'avoid', ['shock']]),
    ...limits('mus-02', 'Feet are numb or drop, so that a hand is on something.', 'KALB*', ['support', '>= 1', 'modify', ['mild'], 'feetDown = 1'], ['support', '>= 2', 'avoid', LATER, 'standing']),
    ...limits('mus-03', 'Unsure feet need a wider base.', 'KALB*', ['balanceMargin', '>= 4', 'modify', ['mild'], 'feetDown = 1', 'support < 1'], ['balanceMargin', '>= 6', 'modify', ['mod'], 'standing', 'support < 2', HELD]),
    ...limits('mus-04', 'One leg may give way without warning.', 'common practice', ['feetDown', '= 2', 'avoid', ['mod'], 'standing']),
    ...limits('mus-05', 'Fatigue builds in long holds.', 'KALB*', ['hold', '<= 30', 'modify', undefined, 'effort >= 2'], ['hold', '<= 15', 'modify', ['tired'], 'effort >= 3']),
    ...limits('mus-06', 'With the head low, people get giddy and the eyes feel the pressure.', 'common practice', ['headBelowHeart', '<= 15', 'modify', ['mod-optic'], { reading: 'A plain cat-cow, the head 14 cm low for a breath at a time, is left; a fold and a dog are not.' }]),
    ...limits('mus-07', { headLoad: 'Balance may go, and a healing eye nerve feels the pressure.', neckLoad: 'Strength may go, and a healing eye nerve feels the pressure.', fallHeight: 'Strength may go without warning; nothing is done at a height.' }, 'common practice', ['headLoad', '<= 0.1', 'avoid', ['mod', 'sev', 'optic']], ['neckLoad', '<= 0.05', 'avoid', ['mod', 'sev', 'optic']], ['fallHeight', '= 0', 'avoid', ['mod', 'sev', 'optic']]),
    ...limits('mus-08', { legAsymmetry: 'A long stretch sets off a spasm of stiff legs.', transitionTime: 'A fast change sets off a spasm of stiff legs.' }, 'common practice', ['legAsymmetry', '<= 90', 'modify', ['spastic']], ['transitionTime', '>= 10', 'modify', ['spastic'], 'levelChange >= 10', { reading: 'Into every change of level, not between like postures.' }]),
    ...limits('mus-09', 'Each rise from the floor costs strength.', 'common practice', ['transitionTime', '>= 8', 'modify', ['mod'], 'levelChange >= 30'], ['floorTrips', '<= 2', 'modify', ['mod']]),
    ...limits('mus-10', 'A warm body blocks weak nerves.', 'KALB*', ['heat', '<= 24', 'avoid'], ['heat', '<= 22', 'avoid', ['hot']]),
    ...limits('mus-11', 'Strength is trained in short blocks, with rests between.', 'KALB*', ['effort', '<= 3', 'modify'], ['effort', '<= 2', 'modify', ['tired']]),
    ...limits('mus-12', { breathRetention: 'A held breath makes giddy and tired.', breathRate: 'Fast breath makes giddy and tired.' }, 'common practice', ['breathRetention', '<= 3', 'modify'], ['breathRate', '<= 20', 'modify']),
    ...limits('mus-13', 'The class ends before fatigue, not at it.', 'KALB*', ['sessionMinutes', '<= 60', 'modify'], ['sessionMinutes', '<= 30', 'modify', ['tired']]),
    ...limits('mus-14', { impact: 'Jumping sets off spasm and falls.', headJolt: 'Jerks set off spasm.' }, 'common practice', ['impact', '= 0', 'avoid'], ['headJolt', '= 0', 'avoid']),
  ], // prettier-ignore
  favour: ['breath-awareness', 'stretch-calves', 'mobilise-hips', 'balance', 'strengthen-core'],
  stopInClass: 'Sight dims, legs heavy (cool down; half an hour should clear it), a shock in the neck, a spasm.',
});
