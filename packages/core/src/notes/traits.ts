import { isForChildren, type Asana } from '../asanas/library.js';

/** A posture as the library gives it. */
type Posture = Asana['variations'][number]['posture'];

/** Degrees from which on a joint is said to be bent, raised or turned: what words speak of, not what harms. */
const TWISTED = 12;
const TURNED_OVER = 40;
const SIDEWAYS = 10;
const ROUNDED = 35;
const ARCHED = -25;

function addShape(traits: Set<string>, { root, spine, legs, arms, contacts }: Posture): void {
  const is = (trait: string, holds: boolean) => holds && traits.add(trait);
  is('twisted', Math.abs(spine.rotation) > TWISTED || Math.abs(root.axial) > TURNED_OVER);
  is('bent sideways', Math.abs(spine.lateral) > SIDEWAYS);
  is('rounded', spine.lumbar + spine.thoracic > ROUNDED);
  is('arched', spine.lumbar + spine.thoracic < ARCHED);
  is('neck turned', Math.abs(spine.neckRotation) + Math.abs(spine.neckLateral) > 15);
  is('folded', root.pitch > 45 && root.pitch < 130);
  for (const leg of [legs.left, legs.right]) {
    is('hip bent', leg.hipFlexion > 80);
    is('hip back', leg.hipFlexion < -8);
    is('legs apart', leg.hipAbduction > 22);
    is('legs crossed', leg.hipAbduction < -5);
    is('turned out', leg.hipRotation > 35);
    is('knee bent', leg.knee > 60);
    is('toes pointed', leg.ankle < -30);
  }
  is('legs differ', Math.abs(legs.left.hipFlexion - legs.right.hipFlexion) > 25);
  is('knees differ', Math.abs(legs.left.knee - legs.right.knee) > 35);
  for (const arm of [arms.left, arms.right]) {
    is('arm up', arm.shoulder > 130);
    is('arm out', arm.shoulder > 60 && arm.shoulder <= 130);
    is('arm back', arm.shoulder < -10);
    is('elbow bent', arm.elbow > 70);
  }
  is('arms differ', Math.abs(arms.left.shoulder - arms.right.shoulder) > 40);
  is('one foot down', contacts.filter(({ part, on }) => part === 'sole' && on.kind === 'level').length === 1);
  for (const { part, on } of contacts) {
    const what = on.kind === 'body' ? `own ${on.part}` : on.kind === 'level' ? on.surface : on.kind;
    traits.add(`${part} on ${what}`);
    if (on.kind !== 'body' && what !== 'floor') traits.add(`uses ${what}`);
  }
}

/**
 * What an asana is like, in words that others share with it: where it is done, how the limbs lie, what
 * touches what, what it is for. So a description is understood that nobody wrote of just this asana.
 */
export function traitsOf(asana: Asana): ReadonlySet<string> {
  const traits = new Set([`base ${asana.base}`]);
  traits.add(asana.base.includes('chair') ? 'at a chair' : asana.base.includes('wall') ? 'at a wall' : 'on the mat');
  if (asana.pattern !== null) traits.add('breathing');
  if (isForChildren(asana)) traits.add('for children');
  for (const [purpose, weight] of Object.entries(asana.purposes)) if (weight >= 2) traits.add(`for ${purpose}`);
  traits.add(asana.movesWhen ? 'moves' : asana.steps.length > 0 ? 'of several' : 'still');
  if (asana.shown) traits.add('has sides');
  const [plain] = asana.variations;
  if (!plain) return traits;
  traits.add(`effort ${plain.declared.effort}`);
  addShape(traits, plain.posture);
  if (plain.moves) addShape(traits, plain.moves);
  return traits;
}
