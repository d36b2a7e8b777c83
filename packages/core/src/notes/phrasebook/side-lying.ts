import type { Phrases } from './phrases.js';

export const sideLying: Phrases = {
  anantasana: {
    plain: `
      anantasana; ananta; anant asana; ananthasana; anantsana; vishnu's couch; vishnu couch pose; side-reclining leg lift;
      side reclining; sleeping vishnu; ananta's pose; eternal one; head on hand, side-lying, leg up;
      lie on side, prop head, lift top leg to sky; hold big toe, leg up, lying on the side;
      on side, head in palm, leg vertical; reclining couch; sofa pose; mermaid on a rock;
      prop head on hand and raise leg @lying; side lying leg lift holding toe;
      head in hand, hold foot with strap, lying sideways
    `,
    'back-to-wall': `
      anantasana back against the wall; vishnu's couch with wall behind; head on hand side lying, back to wall, leg up;
      side-reclining leg lift at wall; lie along the wall on your side, leg lifts, head in hand
    `,
    'bottom-knee-bent': `
      anantasana bottom knee bent; side reclining, bend lower leg for balance, top leg up; vishnu couch, under leg bent;
      head on hand, lower knee bent, lift top leg to sky; bend the bottom knee to steady, hold toe
    `,
    not: `
      side-lying leg lift (no hand hold) = side-lying-leg-lift; happy baby = ananda-balasana; side plank = vasisthasana;
      mermaid twist = bharadvajasana; reclined hand to big toe to side = supta-padangusthasana-2;
      side-lying relaxation = savasana-side
    `,
  },
  'side-lying-leg-lift': {
    plain: `
      side-lying leg lift; side lying leg lifts; side leg lift lying; side leg raises; top leg raise; top leg lift;
      lift the top leg, lying on side; hip abduction side-lying; side-lying abduction; on side, top leg up and down;
      scissors; jane fonda leg lifts; lie on side, straight leg lift; top leg up, toes forward @lying; SLL side ?;
      sidelying leg raise; glute med lifts; upper leg raises on the side; raise upper leg, head on arm;
      leg lifts on your side; parsva leg lift; side leg lifts lying; top leg up; side-lying leg raises;
      abduction side lying; leg lifts on side; side leg raise @lying;
      side leg lifts; lift top leg lying on side
    `,
    'knee-bent': `
      side-lying leg lift, knee bent; lift the top knee, bent leg, on side; bent-knee side leg raise, knee and ankle level;
      short lever top leg lift; raise bent top leg, whole shin parallel, on side
    `,
    standing: `
      side-lying leg lift, standing version; can't lie on side: do it standing;
      stand and lift leg to side instead of lying ?; side leg lift standing ?;
      leg out to side, standing option for side-lying lift
    `,
    not: `
      side leg lift behind the chair = chair-hip-abduction; bottom leg lift = side-lying-inner-thigh-lift;
      anantasana with hand to toe = anantasana; clams = side-lying-clam; scissors on the back = absent;
      leg lift on belly = ardha-salabhasana
    `,
  },
  'side-lying-clam': {
    plain: `
      clamshell; clam shell; clams; clam; clamshells; the clam; oyster; knee opens lying on the side;
      on side, heels together, open top knee; lie on side, knees bent, open and close knee;
      feet glued, lift the top knee @lying; hip external rotation side-lying; glute clams; open the shell;
      side-lying knee opening; side-lying clam; clam lying on the side; claims on side ?;
      side lying, open top knee like a book; top knee up, feet stay together, on side; pilates clam;
      clam shells w/out rolling pelvis; clam shells; open knee, side lying; side clam; clam w band;
      open knee lying on side; side lying knee lifts
    `,
    'light-band-above-the-knees': `
      clams with band above knees; clamshell + loop band; band round thighs, clams; theraband clam;
      side-lying clam, light resistance band; mini-band above the knees, open top knee
    `,
    not: `
      open book = side-lying-open-book; side-lying leg lift = side-lying-leg-lift; butterfly lying = supta-baddha-konasana;
      side-lying rest, pillow between knees = side-lying-rest; pearl diver clam on chair = absent; fire hydrant = absent
    `,
  },
  'side-lying-inner-thigh-lift': {
    plain: `
      bottom leg lift; bottom leg lifts; lower leg lift side-lying; inner-thigh lift; inner thigh lifts;
      inner thigh raises on side; adductor lift lying on the side; under-the-bridge;
      top leg crossed over, lift the bottom leg; top foot on floor in front, raise under leg;
      on side, underneath leg lifts; side-lying adduction; hip adduction side lying; lift the lower leg, on your side;
      underneath leg up and down @lying; lying on the side, bottom leg straight and lifting;
      lower leg raises w top knee bent in front; inner thighs, side-lying; bottom leg pulse side-lying;
      on side, top foot planted in front, straight under leg floats up; lift the leg that is nearest the floor;
      underneath leg lift; lower leg lift side lying; bottom leg up, on side
    `,
    'squeeze-a-cushion-instead': `
      side-lying, squeeze a cushion between knees; squeeze pillow instead of bottom leg lift;
      lying on side, press knees together on cushion; cushion squeeze on the side;
      inner thigh: just squeeze the cushion, side-lying
    `,
    not: `
      top leg lift = side-lying-leg-lift; cushion squeeze lying on back = supine-adductor-squeeze;
      cushion squeeze on chair = chair-adductor-squeeze; bridge = setu-bandhasana; clams = side-lying-clam;
      wide-leg fold, look under the bridge = prasarita-padottanasana
    `,
  },
  'side-lying-open-book': {
    plain: `
      open book; open the book; openbook; open books; book openings; book openers; side-lying twist; side lying twist;
      lying on side, top arm opens like a book; thoracic rotation lying; T-spine rotation on side;
      on side, knees stacked, open top arm behind you; arm sweeps over to the other side, knees stay @lying;
      lie on side, arms in front, peel top arm open; chest opens, knees stay stacked, on the side;
      bow and arrow side lying ?; pilates book opener; half twist on side; thoracic opener lying;
      turn the page, side lying; palms together in front, open to other side; side-lying chest opener; book pose opening;
      book opening; side-lying rotation; thoracic rotation on side; open arm on side;
      arm opens, eyes follow, lying on side; chest opener on side; windmill on side;
      arm opens over, knees stacked; book opener
    `,
    'cushion-under-the-top-knee': `
      open book with cushion under top knee; open book, pillow between the knees;
      prop top knee on bolster, then open the arm; thoracic rotation, top knee on a cushion;
      side-lying twist, top knee supported
    `,
    'hand-on-ribs': `
      open book, hand on ribs; short-lever open book, hand stays on ribcage;
      side-lying twist, hold ribs instead of arm out; hand on own ribs, roll chest open;
      open book for sore shoulder, palm on ribs
    `,
    not: `
      bolster twist = supported-twist; supine twist = supine-twist-knees-together; clamshell = side-lying-clam;
      closing book seated fold = paschimottanasana; thread the needle = thread-the-needle;
      chest opener at wall = wall-chest-opener
    `,
  },
  'side-lying-quad-stretch': {
    plain: `
      side-lying thigh stretch; side-lying quad stretch; quad stretch on the side; quads lying on side;
      lying on the side, hold top foot behind; on side, heel to bum; heel to buttock side-lying; flamingo asleep;
      side-lying quads; lie on side, catch ankle, draw heel back; front of thigh stretch, lying sideways;
      top foot in hand, pull heel to seat @lying; sidelying quad str; quad stretch @lying; thigh stretch on your side;
      side lying dancer; hold the foot behind you while on side; reach back for the top ankle, on side;
      on one side, bend top knee, hold foot, bring knee back a little;
      heel toward the bottom, lying on one side, hips forward
    `,
    strap: `
      side-lying quad stretch with strap; strap round top foot, lying on side; belt on ankle, heel to seat, side lying;
      use a strap for quads on the side; can't reach foot: loop a belt, side-lying thigh stretch
    `,
    not: `
      prone thigh stretch with strap = prone-quad-stretch; quad stretch standing behind chair = chair-quad-stretch;
      dancer standing = natarajasana; flamingo = kids-flamingo; side-lying leg lift = side-lying-leg-lift;
      half bow = ardha-dhanurasana
    `,
  },
  'side-lying-cat': {
    plain: `
      side-lying cat-cow; side lying cat cow; cat cow on the side; cat/cow lying on side; curl and uncurl on the side;
      shrimp; curl up and unfold, on side; lying on side, round then arch; side-lying spinal flexion extension;
      on side, knees to nose, then open back; fetal curl and stretch out; sidelying catcow; marjaryasana on the side;
      foetal then banana back arch, on side; cat cow without wrists, on side; side-lying curl n arch;
      on the side draw knees in round spine, then extend @lying; little shrimp;
      lying on your side, make yourself small then make yourself long; curl and uncurl on side; cat cow on side;
      side-lying cat cow; curl and arch on side
    `,
    seated: `
      side-lying cat done sitting; cat cow seated instead of on the side; side-lying curl: do it seated;
      sit up for the curl/uncurl ?; shrimp, sitting version
    `,
    not: `
      cat-cow on all fours = marjaryasana; seated cat-cow = seated-cat-cow; fetal rest = side-lying-rest;
      standing cat-cow = standing-cat-cow; tiger = vyaghrasana; kids cat = kids-cat
    `,
  },
};
