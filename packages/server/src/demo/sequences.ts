/** Sequences as a teacher would write them down, one for each kind of class in the hall. */
export const DEMO_SEQUENCES: readonly string[] = [
  `# Slow morning
minutes: 16
tags: mornings

## Arrive
Mountain, 5 breaths
Standing sun breath x6

## Warm
Cat-cow, 6x
Downward dog - 5 breaths
Low lunge, each side, 3 breaths

## Main
Warrior II each side 5 breaths
Triangle, each side, 5 breaths
Tree L/R 5 breaths
Standing forward fold 5 breaths
Cobra 3x
Bridge 5 breaths
Supine twist, knees together, each side, 1 min

## Rest
Savasana 8 min
`,
  `# Classical salutation
1. Mountain, palms together
2. Standing back bend, small, inhale
3. Forward fold, exhale
4. Low lunge, right leg back, inhale
5. Jump back to plank, 1 breath
6. Knees, chest, chin
7. Cobra, inhale
8. Downward dog, exhale, 5 breaths
9. Low lunge, right foot forward
10. Forward fold, exhale
11. Standing back bend, inhale
12. Mountain

Savasana 10 min
`,
  `# In the chair
minutes: 14
tags: chair, Tuesday
place: chair

## Arrive
Chair mountain, 5 breaths
Chair sun breath, 6x

## Main
Chair cat-cow x8
Chair twist, both sides, 4 breaths
Chair side bend, both sides, 4 breaths
Chair forward fold, 5 breaths
Chair pigeon, each side, 5 breaths
Chair warrior II, each side, 4 breaths
Sit to stand, 6x
Chair heel raise x8

## Rest
Extended exhale, 10 breaths
Savasana in the chair 5 min
`,
  `# Backs
minutes: 18
tags: backs

## Arrive
Constructive rest 3 min
Pelvic tilt, 8x

## Main
Cat-cow 6x
Bird dog, each side, 4x
Sphinx 1 min
Locust x3
Bridge 5 breaths
Seated forward fold 5 breaths
Reclined hand to big toe, each side, 5 breaths
Supine twist, knees together, each side, 45 s

## Rest
Savasana with bolster under the knees 8 min
`,
  `# Upside down
minutes: 18
tags: strong

## Warm
Arms overhead 3 breaths
Downward dog 5 breaths
Wide-legged forward fold 5 breaths

## Main
Headstand 10 breaths
Child's pose 5 breaths
Shoulder stand 10 breaths
Plough 8 breaths
Fish 5 breaths
Legs up the wall 5 min

## Breath
Three-count pause 6 breaths
Skull shining 2 rounds

## Rest
Savasana 6 min
`,
  `# Hips and belly, slow evening
minutes: 20
tags: evenings, slow

Bound angle, 8 breaths
Boat, 5 breaths
Seated twist cross-legged, each side, 5 breaths
Pigeon, each side, 8 breaths
Garland squat, 5 breaths
Happy baby, 8 breaths
Knees to chest, 8 breaths
Reclining bound angle, 3 min
Side-lying rest 2 min
Savasana 8 min
`,
];
