import { condition } from './condition.js';
import { FIVE_BREATHS, limits, noInversion, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, note, refer, today } from './screening.js';

const KINDS = [
  'detachmentRepaired', 'tearLasered', 'vitrectomy', 'pdr', 'severeNpdr', 'npdrMild', 'veinOcclusion', 'wetAmd', 'dryAmd',
  'highMyopia', 'cataractOp', 'refractiveOp', 'cornealGraft', 'injection',
] as const; // prettier-ignore
type Kind = (typeof KINDS)[number];

/** Weeks without practice after an operation, laser or injection, where the surgeon hasn't released earlier (from memory). */
const WINDOW_WEEKS: Readonly<Partial<Record<Kind, number>>> = {
  detachmentRepaired: 6, vitrectomy: 6, tearLasered: 2, cataractOp: 1, refractiveOp: 1, cornealGraft: 12, injection: 2 / 7,
}; // prettier-ignore

interface Eye {
  readonly kind?: readonly (Kind | 'none')[] | undefined;
  readonly weeksSince?: number | undefined;
  readonly gasBubble?: boolean | undefined;
  readonly release?: boolean | undefined;
}

/** Whether gas may still be in the eye: for 12 weeks where it is not known. */
function holdsGas({ kind = [], weeksSince = 0, gasBubble, release }: Eye): boolean {
  return gasBubble ?? (release !== true && weeksSince < 12 && (kind.includes('vitrectomy') || kind.includes('detachmentRepaired')));
}

function insideWindow(eye: Eye): boolean {
  const { kind, weeksSince = 0, release } = eye;
  if (release === true) return false;
  const has = (one: Kind) => kind?.includes(one) ?? false;
  return holdsGas(eye) || (Object.keys(WINDOW_WEEKS) as Kind[]).some((one) => has(one) && weeksSince < WINDOW_WEEKS[one]!);
}

const STRICT = ['high', 'mod'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const retinalDisease = condition({
  id: 'retinal-disease',
  name: 'Eye disease or operation',
  words: ['blind', 'poor eyesight', 'low vision', 'retina', 'detached retina', 'macular degeneration', 'AMD', 'diabetic eyes', 'retinopathy', 'cataract', 'laser eye', 'high myopia', 'very short-sighted', 'eye surgery'],
  parameters: {
    kind: { kind: 'set', options: KINDS, ask: 'Which eye disease or operation?' },
    weeksSince: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since the operation, laser or injection', default: 0, onlyIf: { kind: ['vitrectomy', 'detachmentRepaired', 'tearLasered', 'cataractOp', 'refractiveOp', 'cornealGraft', 'injection'] } },
    gasBubble: { kind: 'yesno', ask: 'A gas bubble in the eye?', onlyIf: { kind: ['vitrectomy', 'detachmentRepaired'] } },
    release: { kind: 'yesno', ask: 'Has the surgeon agreed to exercise, in writing?', default: false, onlyIf: { kind: ['vitrectomy', 'detachmentRepaired', 'tearLasered', 'cataractOp', 'refractiveOp', 'cornealGraft', 'injection'] } },
    diopters: { kind: 'number', unit: 'dioptres', from: -30, to: 20, ask: 'Strength of the glasses', onlyIf: { kind: ['highMyopia'] } },
    lowVision: { kind: 'yesno', ask: 'Poor sight in daily life?', default: false },
  },
  stages: { gas: 'Gas in the eye', high: 'High risk', mod: 'Some risk', low: 'Little risk', blurred: 'Poor sight or little risk' },
  gathering: ['blurred'],
  stagesOf: (a) => {
    const { kind, weeksSince = 0, diopters, lowVision, release } = a;
    const has = (...some: Kind[]) => kind === undefined || some.some((one) => kind.includes(one));
    const high = has('pdr', 'severeNpdr', 'veinOcclusion', 'wetAmd') || (has('detachmentRepaired', 'vitrectomy') && weeksSince < 52 && release !== true);
    const myopia = has('highMyopia') && (diopters === undefined || diopters <= -6);
    const mod = has('tearLasered', 'cornealGraft', 'injection', 'refractiveOp', 'detachmentRepaired', 'vitrectomy') || myopia || (has('cataractOp') && weeksSince < 6);
    const low = kind !== undefined && !high && !mod && has('dryAmd', 'npdrMild');
    const window = insideWindow(a);
    return pick(holdsGas(a) && 'gas', (high || window) && 'high', mod && !high && !window && 'mod', low && 'low', (lowVision === true || low) && 'blurred');
  },
  screen: (a) => {
    const { kind, weeksSince } = a;
    const has = (...some: Kind[]) => some.some((one) => kind?.includes(one) ?? false);
    return found(
      kind === undefined && clearanceAlone('kind', 'Not answered: which eye disease. No practice until it is.'),
      insideWindow(a) && refer('weeksSince', 'Within the weeks after the operation: no class, only the surgeon’s head position.'),
      !insideWindow(a) && (has('pdr', 'severeNpdr', 'veinOcclusion', 'wetAmd') || (has('detachmentRepaired', 'vitrectomy') && (weeksSince ?? 0) < 52)) &&
        clearance('kind', 'High risk to the eye: written clearance first.'),
      !insideWindow(a) && has('tearLasered', 'cataractOp', 'cornealGraft', 'injection', 'refractiveOp') && (weeksSince ?? 0) <= 12 &&
        clearance('weeksSince', 'In the first 12 weeks: written clearance first.'),
      weeksSince === undefined && has('tearLasered', 'cataractOp', 'cornealGraft', 'injection', 'refractiveOp', 'detachmentRepaired', 'vitrectomy') &&
        note('weeksSince', 'The weeks since are not known: taken as none.'),
    );
  },
  redFlags: [
    today('flashes', 'New flashes, a shower of floaters, a curtain, sudden blur or bent lines, eye pain after an operation: within the hour'),
    emergency('sight', 'Sudden loss of sight'),
  ],
  schools: {
    'retina-windows': {
      name: 'After an operation',
      positions: { longer: 'The longer time until the surgeon says otherwise', short: 'As soon as it feels well' },
      default: 'longer',
      because: 'The surgeon knows the eye; nobody else does.',
    },
  },
  limits: [
    ...limits('ret-01', 'With the head low the vessels of the eye fill, and can bleed or tear.', ['ADA16*', 'SHAH*'],
      ['headBelowHeart', '<= 3', 'avoid', ['high']], ['headBelowHeart', '<= 10', 'avoid', ['mod']], ['headBelowHeart', '<= 25', 'watch', ['low']]),
    ...noInversion('ret-02', 'With the head low the vessels of the eye fill.', 'SHAH*', 'avoid', STRICT),
    ...limits('ret-03', 'A long strain raises the pressure in the eye.', 'ADA16*', ['hold', '<= 25', 'modify', STRICT, 'effort >= 3', FIVE_BREATHS]),
    ...limits('ret-04', 'A raised pelvis sends blood to the head and eyes.', 'common practice', ['pelvisAboveHeart', '<= 5', 'avoid', ['high']], ['pelvisAboveHeart', '<= 15', 'avoid', ['mod']]),
    ...limits('ret-05', 'Poor sight makes poor balance.', 'common practice', ['support', '>= 1', 'modify', ['blurred'], 'feetDown = 1'], ['balanceMargin', '>= 4', 'modify', ['blurred'], 'standing', 'support < 1']),
    ...limits('ret-06', 'Nothing may press the eye: no face on floor or bolster.', 'common practice', ['bellyClosure', '<= 0.8', 'watch', STRICT]),
    ...limits('ret-07', { breathRetention: 'A held breath lets the pressure spike, and the eye can bleed.', breathRate: 'Forced breath lets the pressure spike, and the eye can bleed.' }, 'ADA16*', ['breathRetention', '= 0', 'avoid', STRICT], ['breathRate', '<= 20', 'avoid', STRICT]),
    ...limits('ret-08', 'Straining raises the pressure in the vessels of the eye.', 'ADA16*', ['effort', '<= 2', 'avoid', ['high']], ['effort', '<= 3', 'avoid', ['mod']]),
    ...limits('ret-09', 'A jolt can tear the retina.', 'ADA16*', ['impact', '= 0', 'avoid', STRICT], ['headJolt', '= 0', 'avoid', STRICT]),
    ...limits('ret-11', 'A bubble of gas in the eye floats up: never flat on the back.', 'common practice', ['facing', ['upright', 'prone', 'left side', 'right side'], 'avoid', ['gas']]),
    ...limits('ret-10', 'Fast moves of the head upset the balance where sight is poor.', 'common practice', ['headJolt', '= 0', 'modify', ['low']]),
  ], // prettier-ignore
  favour: ['balance', 'calm', 'posture-awareness', 'breath-awareness'],
  stopInClass: 'Any flash, floater, curtain or blur.',
});
