import type { Side } from '../angles.js';
import { readPosture, type Posture, type PostureSpec } from '../body/posture.js';
import { KnowledgeError } from '../knowledge-error.js';
import type { AngleGroups, AsanaSpec, Base, BreathPattern, DeclaredSpec, Detail, DoseSpec, ListVariationSpec, StepSpec, VariationSpec } from './asana.js';
import { GRADINGS } from './easier-than.js';
import { PURPOSES, type PurposeWeights } from './purposes.js';

/** One way to do an asana, ready to be solved: the posture and, for movements, its other end. */
export interface Variation {
  readonly id: string;
  readonly name: string;
  readonly for: string;
  /** The asana whose posture this is, where it is another's. */
  readonly as: string | null;
  readonly posture: Posture;
  readonly moves: Posture | null;
  readonly declared: DeclaredSpec;
  /** The breath of a breathing practice. */
  readonly pattern: BreathPattern | null;
  /** What is seen close up beside the figure. */
  readonly detail: Detail | null;
}

/** A named way through a step list, all its steps told. */
export interface ListVariation {
  readonly id: string;
  readonly name: string;
  readonly for: string;
  readonly steps: readonly StepSpec[];
  readonly how: string | null;
}

export interface Asana {
  readonly id: string;
  readonly name: string;
  readonly iast: string | null;
  readonly names: readonly string[];
  readonly kids: string;
  readonly base: Base;
  readonly shown: { readonly side: Side; readonly as: string } | null;
  /** Whether it is done once, or on each side, where nobody tells; `none` too where both sides are the same. */
  readonly usualSide: 'none' | 'both';
  readonly purposes: PurposeWeights;
  /** `plain` first. Empty for step lists. */
  readonly variations: readonly Variation[];
  readonly steps: readonly StepSpec[];
  readonly listVariations: readonly ListVariation[];
  readonly dose: DoseSpec;
  readonly pattern: BreathPattern | null;
  readonly movesWhen: string | null;
  /** Goes on moving, though one moment of it is shown: circles, marching. */
  readonly neverStill: boolean;
  readonly breath: { readonly inhale: string; readonly exhale: string };
  readonly substitutes: readonly string[];
  readonly counterposes: readonly string[];
  readonly cues: readonly string[];
}

export interface Library {
  readonly asanas: readonly Asana[];
  find(id: string): Asana | null;
  /** @throws RangeError for an id that is not in the library. */
  get(id: string): Asana;
}

/** What the graded table says of a form's effort: the same number that it is offered by is the one that it is judged by. */
function gradedEffort(asana: string, variation: string): Partial<DeclaredSpec> {
  const effort = GRADINGS[asana]?.forms?.[variation]?.effort;
  return effort === undefined ? {} : { effort };
}

const GROUPS = ['root', 'spine', 'legs', 'legL', 'legR', 'arms', 'armL', 'armR'] as const;

/** Parts that can't bear in two places at once: a new contact of one takes the place of the others. */
const FAMILIES: readonly (readonly string[])[] = [
  ['palm', 'hand', 'fingertips', 'fist', 'handback', 'forearm', 'wrist', 'elbow'],
  ['sole', 'heel', 'ball', 'edge', 'inneredge', 'instep', 'foot'],
  ['head', 'forehead', 'crown', 'temple', 'headback', 'chin'],
  ['sitbone', 'pelvis', 'sacrum', 'hipside'],
  ['calf', 'lowerleg', 'ankle'],
];
const SUPPORTED_BACK = new Set(['pelvis', 'sacrum']);

function familyOf(contact: string): { family: readonly string[]; letter: string | null } {
  const part = partOf(contact);
  return { family: FAMILIES.find((parts) => parts.includes(part)) ?? [part], letter: /^([LR])\./.exec(contact)?.[1] ?? null };
}
function partOf(contact: string): string {
  return /^(?:[LR]\.)?([a-z]+)/.exec(contact)?.[1] ?? '';
}

/** The contacts of a variation: its own, and those of the base that they leave in place. */
function replaceContacts(base: readonly string[], own: readonly string[]): string[] {
  const kept = base.filter((contact) => {
    const old = familyOf(contact);
    return !own.some((added) => {
      const fresh = familyOf(added);
      // A pelvis against a wall leaves the seat bones where they are.
      if (added.includes('wall') && SUPPORTED_BACK.has(added.split(/[>~]/)[0]!)) return false;
      const sameSide = fresh.letter === null || old.letter === null || fresh.letter === old.letter;
      return fresh.family === old.family || (fresh.family[0] === old.family[0] && fresh.family.length === 1) ? sameSide : false;
    });
  });
  const split = base.filter((contact) => !kept.includes(contact)).flatMap((contact) => otherSides(contact, own));
  return [...kept, ...split, ...own];
}

/** When only one side of a paired contact is replaced, the other side keeps it. */
function otherSides(contact: string, own: readonly string[]): string[] {
  const old = familyOf(contact);
  if (old.letter !== null) return [];
  const letters = own.filter((added) => familyOf(added).family === old.family).map((added) => familyOf(added).letter);
  if (letters.includes(null) || letters.length === 0) return [];
  return ['L', 'R'].filter((letter) => !letters.includes(letter)).map((letter) => `${letter}.${contact}`);
}

/** Merges single angles over a posture; `legs` and `arms` reach both sides. */
function overlay(base: PostureSpec, change: AngleGroups & Pick<VariationSpec, 'without'>): PostureSpec {
  const { without = [] } = change;
  const kept = base.contacts.filter((contact) => !without.includes(partOf(contact)));
  const legL = { ...(base.legL ?? base.legs), ...change.legs, ...change.legL };
  const legR = { ...(base.legR ?? base.legs), ...change.legs, ...change.legR };
  const armL = { ...(base.armL ?? base.arms), ...change.arms, ...change.armL };
  const armR = { ...(base.armR ?? base.arms), ...change.arms, ...change.armR };
  return {
    root: { ...base.root, ...change.root },
    spine: { ...base.spine, ...change.spine },
    legL,
    legR,
    armL,
    armR,
    contacts: change.contacts ? replaceContacts(kept, change.contacts) : kept,
  };
}

/** Replaces whole groups: how `like` and `moves` are written. `legs` clears `legL` and `legR`, and so for arms. */
function replaceGroups(base: PostureSpec, change: AngleGroups): PostureSpec {
  const next: Record<string, unknown> = { ...base };
  if (change.legs) (delete next['legL'], delete next['legR']);
  if (change.arms) (delete next['armL'], delete next['armR']);
  for (const side of ['L', 'R'] as const) {
    // One limb written: the other keeps what the pair had.
    if (change[`leg${side}`] && next['legs']) {
      next['legL'] ??= next['legs'];
      next['legR'] ??= next['legs'];
      delete next['legs'];
    }
    if (change[`arm${side}`] && next['arms']) {
      next['armL'] ??= next['arms'];
      next['armR'] ??= next['arms'];
      delete next['arms'];
    }
  }
  for (const group of GROUPS) if (change[group]) next[group] = change[group];
  if (change.contacts) next['contacts'] = change.contacts;
  return next as unknown as PostureSpec;
}

function words(id: string): string {
  const text = id.replaceAll('-', ' ');
  return text[0]!.toUpperCase() + text.slice(1);
}

/** The name of a form as it stands within a sentence. */
export function formName({ name }: Pick<Variation, 'name'>): string {
  return name.charAt(0).toLowerCase() + name.slice(1);
}

/** Whether an asana is one for children: never offered to grown-ups, nor theirs to children. */
export function isForChildren({ id }: Pick<Asana, 'id'>): boolean {
  return id.startsWith('kids-');
}

/**
 * Makes the library from its specs and checks every cross-reference.
 * @throws KnowledgeError naming the asana and what is wrong with it.
 */
export function buildLibrary(specs: readonly AsanaSpec[]): Library {
  const byId = new Map(specs.map((spec) => [spec.id, spec]));
  if (byId.size !== specs.length) {
    const twice = specs.find((spec, i) => specs.findIndex((other) => other.id === spec.id) !== i);
    throw new KnowledgeError(`${twice?.id}: two asanas have this id`);
  }

  const specOf = (id: string, wanted: string): AsanaSpec => {
    const spec = byId.get(id);
    if (!spec) throw new KnowledgeError(`${wanted} names an unknown asana "${id}"`);
    return spec;
  };
  const postureOf = (spec: AsanaSpec): PostureSpec => {
    const own = spec.posture;
    if (!own) throw new KnowledgeError(`${spec.id} has no posture`);
    const base = own.like ? postureOf(specOf(own.like, `${spec.id} posture.like`)) : { contacts: own.contacts };
    const { like: _like, ...groups } = own;
    return replaceGroups(base, groups);
  };
  const movesOf = (spec: AsanaSpec): PostureSpec | null => (spec.moves ? replaceGroups(postureOf(spec), spec.moves) : null);

  const variationOf = (spec: AsanaSpec, variation: VariationSpec): Variation => {
    const where = `${spec.id}/${variation.id}`;
    const from = variation.as ? specOf(variation.as, where) : spec;
    const posture = overlay(postureOf(from), variation);
    const plainMoves = movesOf(from);
    const otherEnd = plainMoves && overlay(overlay(plainMoves, { ...variation, spine: {}, root: {} }), variation.moves ?? {});
    // The other end names all its contacts, as `moves` of an asana does.
    const moves = otherEnd && variation.moves?.contacts ? { ...otherEnd, contacts: variation.moves.contacts } : otherEnd;
    return {
      id: variation.id,
      name: variation.name ?? words(variation.id),
      for: variation.for,
      as: variation.as ?? null,
      posture: readPosture(posture, where),
      moves: moves ? readPosture(moves, where) : null,
      declared: { ...from.declared, ...gradedEffort(spec.id, variation.id), ...variation.declared },
      // A breath done in another posture stays that breath.
      pattern: variation.pattern ?? from.pattern ?? spec.pattern ?? null,
      detail: variation.detail ?? from.detail ?? spec.detail ?? null,
    };
  };

  const checkSteps = (steps: readonly StepSpec[], where: string): void => {
    for (const { asana, variation } of steps) {
      const { variations } = specOf(asana, where);
      if (variation !== undefined && !variations.some(({ id }) => id === variation))
        throw new KnowledgeError(`${where}: ${asana} has no variation "${variation}"`);
    }
  };
  const listVariationOf = (spec: AsanaSpec, variation: ListVariationSpec): ListVariation => {
    const where = `${spec.id}/${variation.id}`;
    const from = variation.as ? specOf(variation.as, where) : spec;
    const own = from.steps;
    if (!own) throw new KnowledgeError(`${where}: ${from.id} is no list of steps`);
    const beyond = Object.keys(variation.instead ?? {}).find((place) => !own[Number(place) - 1]);
    if (beyond) throw new KnowledgeError(`${where}: there is no step ${beyond}`);
    const steps = own.flatMap((step, i) => variation.instead?.[i + 1] ?? [step]);
    checkSteps(steps, where);
    return { id: variation.id, name: words(variation.id), for: variation.for, steps, how: variation.how ?? null };
  };

  const asanas = specs.map((spec): Asana => {
    for (const purpose of Object.keys(spec.purposes))
      if (!(PURPOSES as readonly string[]).includes(purpose)) throw new KnowledgeError(`${spec.id}: unknown purpose "${purpose}"`);
    for (const id of [...spec.substitutes, ...spec.counterposes]) specOf(id, spec.id);
    checkSteps(spec.steps ?? [], spec.id);
    if (Object.keys(spec.dose).length === 0) throw new KnowledgeError(`${spec.id}: no dose`);
    const moves = spec.posture ? movesOf(spec) : null;
    const plain: Variation[] = spec.posture
      ? [
          {
            id: 'plain',
            name: 'Plain',
            for: 'as usually taught',
            as: null,
            posture: readPosture(postureOf(spec), spec.id),
            moves: moves ? readPosture(moves, `${spec.id} moves`) : null,
            declared: spec.declared,
            pattern: spec.pattern ?? null,
            detail: spec.detail ?? null,
          },
        ]
      : [];
    return {
      id: spec.id,
      name: spec.name,
      iast: spec.iast,
      names: spec.names,
      kids: spec.kids,
      base: spec.base,
      shown: spec.shown ?? null,
      usualSide: spec.shown && !spec.once ? 'both' : 'none',
      purposes: spec.purposes,
      variations: [...plain, ...(spec.posture ? spec.variations.map((one) => variationOf(spec, one)) : [])],
      steps: spec.steps ?? [],
      listVariations: (spec.listVariations ?? []).map((one) => listVariationOf(spec, one)),
      dose: spec.dose,
      pattern: spec.pattern ?? null,
      movesWhen: spec.moves?.when ?? null,
      neverStill: spec.neverStill ?? false,
      breath: spec.breath,
      substitutes: spec.substitutes,
      counterposes: spec.counterposes,
      cues: spec.cues,
    };
  });
  const found = new Map(asanas.map((asana) => [asana.id, asana]));
  return {
    asanas,
    find: (id) => found.get(id) ?? null,
    get: (id) => {
      const asana = found.get(id);
      if (!asana) throw new RangeError(`No asana "${id}"`);
      return asana;
    },
  };
}
