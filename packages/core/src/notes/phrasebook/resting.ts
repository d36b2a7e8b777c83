import type { Phrases } from './phrases.js';

export const resting: Phrases = {
  'prone-half-frog-rest': {
    plain: `
      half frog lying prone; half frog rest; half-frog rest; prone half frog; side-drawn knee rest;
      knee drawn to side, on tummy; on the belly, one knee out to the side; lie on front, slide one knee up;
      one knee bent to side like climbing, face down; prone knee to the side; gecko; gecko asleep; gecko rest;
      climbing gecko @kids; lizard on the wall, lying; recovery position on belly ?; sleeping frog one leg; half froggy;
      ardha mandukasana prone; ardha manduk; tummy rest w knee up; rock climber pose; tree lying on belly; prone tree;
      flapping fish; matsya kridasana; baby-sleeping pose ?; half frog; belly down, one knee to side; half frog on front;
      recovery on the belly; one knee up, prone
    `,
    'cushion-under-chest-and-knee': `
      half frog w/ pillows; cushion under chest + knee, prone; pillow under the bent knee; gecko propped;
      bolster along the side, knee on it
    `,
    'side-lying': `
      knee-up rest on the side @prenatal; side-lying, top knee forward on pillow ?; half frog but on the side;
      lie on side, top knee bent up
    `,
    not: `
      ardha bhekasana hand on foot = ardha-bhekasana; frog, both knees wide = mandukasana;
      prone thigh stretch = prone-quad-stretch; half frog squat = kids-frog; side-lying rest = side-lying-rest;
      supine half moon = supine-half-moon; lizard = utthan-pristhasana; fish = matsyasana
    `,
  },
  savasana: {
    plain: `
      savasana; shavasana; shavasan; shav asan; savasan; savasna; shavasna; savassana; shavashana; svasana; sav; shava;
      savy; final relaxation; final relax; final rest; relaxation; relax; corpse; corpse pose; dead man's pose;
      Totenstellung; lie on back, arms by sides, palms up; lie flat & let go; lying down rest; lie still; do nothing pose;
      flat on back, legs apart, eyes closed; sleeping lions @kids; sleepy lions @kids; sleeping star @kids; pentacle; pentacle @yin; dead pose;
      dead position; the corpse; end relaxation; relaxation at the end; initial relaxation; opening relaxation;
      lie and arrive; DR; flat out rest; starfish rest; sleeping starfish; everyone starfish; lying star, rest; full rest;
      deep rest lying; take rest; rest flat; lie flat; surrender; mritasana; let go lying; long relaxation;
      integrate lying; savasana w eye pillow; sav w blanket; closing relaxation; deep relaxation; sleep pose;
      relax on the back, legs apart; stillness lying; arrive lying down; settle on the back;
      lie down rest; relax on the back; deep rest; final rest with blanket; lie flat and let go
    `,
    'bolster-under-knees': `
      sav w bolster under knees ?; savasana, knees over bolster ?; pillow under knees, relax ?;
      final rest w/ rolled blanket under knees; corpse, cushion under the knees ?
    `,
    'on-the-side': `savasana on side ?; side savasana ?; relax on the side ?; side-lying sav @prenatal; SLS @prenatal`,
    'in-the-chair': `savasana in chair @chair; sav sitting ?; relax in the chair ?; final rest seated @chair; corpse on the chair`,
    'eyes-open-door-in-sight': `
      sav, eyes open; savasana facing the door; rest, see the exit; lie where you can see the door;
      trauma-sensitive rest, eyes open; eyes may stay open, back to wall; soft gaze, no eyes closed in rest
    `,
    not: `
      side-lying rest = side-lying-rest; chair relaxation = savasana-chair; prone relaxation = savasana-prone;
      yoga nidra = body-scan; sarvangasana = sarvangasana; constructive rest = constructive-rest;
      svanasana, dog = adho-mukha-svanasana; vasisthasana = vasisthasana; shashankasana = shashankasana;
      starfish = five-pointed-star; standing still = tadasana
    `,
  },
  'savasana-knees-bolster': {
    plain: `
      savasana w bolster under knees; sav, bolster under knees; shavasana bolster knees; supported savasana; supp sav;
      supported rest; supported rest on back; savasana with knees supported; knees over bolster, lie back;
      bolster under the knees, lie on back; knees on bolster, arms out, relax; pillow under knees, lie flat;
      rolled blanket under knees, final rest; cushion under knees relaxation; lying rest, knees propped; salamba savasana;
      salamba shavasana; relax w legs over bolster; rest with rolled mat under knees; back-friendly savasana;
      floating on a lake @kids; low-back savasana; supine w/ knee roll;
      savasana with a bolster under the knees; savasana, knees over the bolster; final rest, bolster under knees;
      relax on the back, knees on a bolster; savasana knees supported; corpse with a roll under the knees;
      lie down, bolster behind the knees; rest on the back, pillow under the knees; savasana, legs over a bolster
    `,
    'legs-on-chair': `
      savasana, calves on chair; sav w legs on the chair ?; relax, lower legs on seat ?;
      swap bolster for chair, legs up on it; lower legs on chair seat, final rest
    `,
    not: `
      savasana plain = savasana; legs on a chair rest = legs-on-chair; supported child's = supported-child;
      supported bridge = supported-bridge; goddess with bolster = supported-bound-angle;
      bolster along the spine = supported-fish; constructive rest = constructive-rest
    `,
  },
  'savasana-side': {
    plain: `
      side-lying relaxation; side lying relax; side savasana; side-lying savasana; savasana on the side; sav on side;
      SL savasana; SLS; side sav; relax on side w pillows; lie on the side, pillow between knees; rest on side, cushions;
      side-lying, bolster between the legs, head on pillow; prenatal savasana @prenatal; pregnancy savasana @prenatal;
      side-lying w/ body pillow @prenatal; final relaxation on the side; fox in the den @kids; parsva savasana;
      parshva shavasana; on side nest of pillows; hug a bolster lying on side; nest on side; savasana on side;
      final rest on the side; side-lying final relaxation; relaxation on the left side;
      left side rest; relaxation lying on the left
    `,
    'half-prone': `
      3/4 prone; three-quarter prone; recovery position ?; recovery position, half on the belly;
      half on belly, top knee forward on cushion; half prone over bolster; roll slightly forward, top leg on pillow;
      semi-prone side rest
    `,
    not: `
      side-lying = side-lying-rest; roll to the side before sitting = side-lying-rest;
      side-lying over bolster = supported-side-bend; side plank = vasisthasana; prone relaxation = savasana-prone;
      side-lying leg lift = side-lying-leg-lift; sleeping vishnu = anantasana
    `,
  },
  'savasana-prone': {
    plain: `
      prone relaxation; prone relax; prone savasana; sav on belly; savasana face down; savasana on tummy; belly-down rest;
      belly down relaxation; tummy savasana; front savasana; relax on the front; lie on your front & relax;
      on belly, head to side, arms by the sides; face down, head turned, let go; prone, cheek on mat, arms along the body;
      advasana; adhvasana; adva asana; adh vasan; reverse corpse; reversed corpse pose; reverse savasana;
      makarasana rest ?; final relaxation on the tummy; seal asleep @kids; belly nap; face-down savasana
    `,
    'forehead-on-hands': `
      prone rest, forehead on hands ?; face down relax, brow on stacked hands ?; final rest belly, forehead supported;
      prone savasana, forehead on backs of hands; neck sore: forehead on hands
    `,
    not: `
      makarasana = makarasana; crocodile = makarasana; prone rest on bolster = supported-prone;
      half frog rest = prone-half-frog-rest; locust = salabhasana; savasana on back = savasana; sphinx = sphinx;
      jyestikasana = makarasana
    `,
  },
  'savasana-chair': {
    plain: `
      chair relaxation; chair savasana; chair sav; savasana on chair; sav in chair; savasana sitting; seated savasana;
      sitting savasana; seated rest; seated relaxation; sitting relax; sitting relaxation; relax in the chair;
      rest in chair; final relaxation seated; final relax in chairs; sit back, close eyes & rest;
      sit back in the chair, hands in lap, rest; back supported, feet flat, eyes closed; lean back in chair and let go;
      chair rest; end relaxation in chairs; captain's nap @kids; coachman's seat ?; armchair relaxation; relaxation @chair;
      final rest @chair; savasana @chair;
      sit and rest, eyes soft; relaxation sitting
    `,
    'head-on-table': `
      rest head on table; head on the desk, rest; forearms on table, forehead down, relax; fold arms on table + rest;
      head down on cushion on the table; lean on table relaxation
    `,
    'feet-on-a-stool': `
      chair rest, feet on stool; feet up on a stool, lean back; legs on footstool, chair savasana;
      feet raised on block/stool in chair rest; recline in chair, legs on another chair ?
    `,
    not: `
      legs on a chair = legs-on-chair; chair pose = utkatasana; chair child's pose = chair-forward-fold;
      seated mountain = chair-mountain; heads down desk mouse kids = kids-mouse;
      savasana with calves on chair = savasana-knees-bolster; meditation seat = siddhasana
    `,
  },
  'body-scan': {
    plain: `
      body scan; bodyscan; scan; scan the body; body awareness scan; guided relaxation; guided rest;
      guided rest body part by body part; rotation of consciousness; rotation of attention; yoga nidra; nidra; YN;
      yoganidra; yoga needra; sleep of the yogi; yogic sleep; NSDR; non-sleep deep rest; iRest ?;
      feel toes, feet, ankles... up to head; move attention through body; go round the body; travel through the body;
      name each body part and relax; flashlight journey @kids; torch journey; body tour; body part relaxation; 61 points ?;
      DRT; quick relaxation technique; QRT; IRT; guided relaxation toes to head; relax each body part;
      journey through the body; attention through body parts; body awareness lying; sweep of attention;
      torch game on body parts; flashlight on body parts;
      scan through the body; guided relaxation through the body
    `,
    'any-rest-shape': `
      body scan, any shape; scan in any rest position; body scan sitting or lying; nidra on the side or chair;
      yoga nidra, choose your resting shape; scan wherever comfy
    `,
    not: `
      tense and release = tense-release; yoga nidrasana = absent; progressive muscle relaxation = tense-release;
      savasana = savasana; breath awareness = natural-awareness; loving-kindness meditation = absent;
      muscle scan, squeeze each = tense-release
    `,
  },
  'tense-release': {
    plain: `
      tense and release; tense & release; tense/release; tense and relax; tense + let go; tensing and relaxing;
      clench & let go; clench and release; squeeze and let go; squeeze everything, then let go; scrunch up then flop;
      squeeze & soften; PMR; progressive muscle relaxation; progressive relaxation; prog muscle relax; Jacobson;
      Jacobsen relaxation; jacobson's; contract-relax through the body; tighten fists, let go, then arms, face...;
      make fists, tense legs, release, lying; lift limb a bit, tighten, drop; robot - jelly; tin soldier/rag doll;
      squeeze a lemon @kids; tighten then loosen each muscle; tighten all, release; tight and soft;
      robot and rag doll @kids
    `,
    seated: `
      tense & release sitting @sitting; PMR in chair @chair; squeeze and let go on the chair; tense/relax seated;
      clench fists in chair and soften
    `,
    'without-holding': `
      tense-release, no squeezing hard; release only, no clench; soften each part w/out tensing;
      PMR light, no holding (BP); only let go bit by bit
    `,
    not: `
      body scan = body-scan; nidra = body-scan; rag doll fold = chair-forward-fold; robot walk = chair-arm-leg-raise;
      pelvic floor squeeze = mula-bandha; cushion squeeze = chair-adductor-squeeze;
      contract-relax PNF hamstring = supta-padangusthasana-1; shake it out = absent
    `,
  },
  'viparita-karani': {
    plain: `
      legs up the wall; legs up wall; LUTW; LUW; L.U.W.; legs-up; legs up ?; legs on wall; legs against wall;
      legs at the wall; feet up the wall; feet up on wall; viparita karani; viparita karini; viparit karani;
      vipareeta karani; viparitakarani; vip karani; VK; VPK; waterfall pose ?; inverted lake; wall legs;
      bum to the wall, legs up; lie on back, legs vertical against the wall; back on the floor, legs rest up wall;
      legs up against the door; put legs up; feet to the sky @kids; restorative inversion; waterfall; legs up;
      legs up on wall;
      WLR legs wall; legs against the wall; legs up the wall, hips on bolster
    `,
    'pelvis-on-bolster': `
      legs up wall, bolster under hips; LUTW w bolster; pelvis raised, legs on wall; hips on folded blanket, legs up wall;
      VK on bolster; Iyengar VK
    `,
    'calves-on-chair': `
      legs up on chair instead ?; no wall: calves on chair ?; LUTW -> lower legs on seat;
      swap wall for chair, calves on seat; legs-up on chair ?
    `,
    'wide-legs': `
      legs up wall wide ?; LUTW, open legs ?; legs up, let them fall wide ?; V legs from LUTW;
      legs up wall then straddle ?
    `,
    'soles-together': `
      LUTW soles together ?; legs up wall, butterfly legs ?; from legs up bring soles together, heels slide down wall ?;
      feet together, knees wide, at wall ?
    `,
    not: `
      half shoulder stand mudra = ardha-sarvangasana; viparita karani mudra = ardha-sarvangasana;
      legs up at 90 no wall = urdhva-prasarita-padasana; legs wide up the wall = wall-straddle;
      wall butterfly = wall-butterfly; legs on a chair = legs-on-chair; wall sit = wall-squat;
      L handstand = half-handstand; viparita virabhadrasana = viparita-virabhadrasana; waterfall fold kids = kids-willow
    `,
  },
  'legs-on-chair': {
    plain: `
      legs on a chair; legs on chair; legs up on chair; legs on the chair seat; legs up the chair; calves on the seat;
      calves on chair; calves on couch; lower legs on chair; lower legs on sofa; lower-leg rest; 90-90 rest; 90/90 rest;
      90 90 lying, calves on the chair; lie on back, lower legs on the seat; on floor, knees bent over chair;
      lie down, shins on chair, arms out; hips and knees at right angles, legs on chair; psoas rest on chair; static back;
      astronaut; astronaut position; astronaut seat @kids; step position; stufenlagerung; viparita karani on chair ?;
      back-care rest, legs on stool; legs on sofa; legs on the couch; legs up on the bed; calves on sofa;
      legs over chair rest; legs resting on seat; lower legs on stool;
      legs on chair seat; 90/90 legs on chair; lower legs on the seat
    `,
    'bed-on-a-pile-of-pillows': `
      legs on a pile of pillows; in bed, calves on pillows; bed version, pile of cushions under legs;
      no chair: pillows/sofa cushions; lower legs on stacked pillows
    `,
    'wedge-under-the-back': `
      legs on chair w wedge; wedge under back, calves on seat @prenatal; back raised on ramp, legs on chair;
      incline under trunk, lower legs up; upper body raised, calves on chair
    `,
    not: `
      legs up the wall = viparita-karani; 90/90 deer = ninety-ninety; chair savasana = savasana-chair;
      feet on chair plough = halasana; foot on the seat lunge = chair-lunge; tabletop legs no chair = deep-core-tabletop;
      dead bug 90/90 = dead-bug; knees over bolster = savasana-knees-bolster
    `,
  },
  'supported-child': {
    plain: `
      supported child's pose; supported child; supp child's; supp CP; supported childs; restorative child's; resto child;
      child's over bolster; child on bolster; CP on bolster; balasana w/ bolster; salamba balasana; salamb balasan;
      salamba bal; lie chest on bolster, knees apart; hug the bolster kneeling; kneel, trunk over bolster, head turned;
      belly down on a bolster, knees each side; front lying along bolster, sitting on heels; koala; koala on a log @kids;
      child's pose on cushions; child's with pillow under chest; draped over bolster kneeling; child w/ pillows @prenatal;
      restorative balasana; child over bolster; bolster child; chest on bolster, kneeling; restorative child;
      hug the bolster;
      hug the bolster, knees wide
    `,
    'blanket-between-seat-and-heels': `
      supported child, blanket on heels; rolled blanket between bum and heels, over bolster;
      pad behind knees, child on bolster; cushion between seat/heels + bolster; supp CP w/ blanket at the hips
    `,
    'on-a-chair': `
      supported child on chair @chair; sit, fold over pillows on the chair ?; lean over bolster on table @chair;
      sit facing second chair w/ cushion, rest head ?; chair version: pillow on lap/thighs, fold
    `,
    not: `
      child's pose = balasana; wide-knee child's = balasana-wide; chair child's = chair-forward-fold;
      bolster twist = supported-twist; supported forward fold = supported-forward-fold;
      prone over bolster = supported-prone; supported frog, trunk on bolster = mandukasana;
      puppy over bolster = anahatasana
    `,
  },
  'supported-bound-angle': {
    plain: `
      supported reclining bound angle; supported bound angle; supp bound angle; SSBK; supported SBK;
      supta baddha konasana w bolster; SBK on bolster; salamba supta baddha konasana; supp supta baddha; goddess on a ramp;
      restorative goddess; reclined goddess w/ props; queen's pose; queen of restoratives; bolster butterfly;
      reclined butterfly w/ bolster; supported butterfly; butterfly on a hammock @kids;
      lie back over bolster, soles together, knees on blocks; bolster along spine, soles together, cushions under knees;
      lean back on ramp, feet together knees wide propped; lying diamond on props; goddess nest; resto butterfly;
      back on bolster, knees out, strap round feet; supta baddha konasana on bolster; supta BK bolster; goddess on bolster;
      reclined cobbler on ramp; supta baddha k; SBK; reclining goddess bolster; bound angle on ramp
    `,
    'ramp-45-degrees': `
      ramp at 45; bolster on 2 blocks, soles together; 45 degree ramp butterfly @prenatal;
      higher ramp, reclined bound angle; steep ramp, goddess; propped up goddess @prenatal
    `,
    'legs-long-over-a-roll': `
      ramp but legs long over roll; bolster behind, legs straight w/ knee roll; no butterfly: knees over rolled blanket;
      same bolster, legs out over roll; legs long instead of soles together
    `,
    not: `
      reclining bound angle no props = supta-baddha-konasana; goddess standing = utkata-konasana;
      chair goddess = chair-goddess; supported fish = supported-fish; ramp rest = incline-rest;
      wall butterfly = wall-butterfly; bound angle sitting = baddha-konasana; queen on the throne = chair-mountain
    `,
  },
  'supported-bridge': {
    plain: `
      supported bridge; supp bridge; sup. bridge; S. bridge ?; resting bridge; passive bridge; restorative bridge;
      bridge on block; bridge w/ block; bridge with brick; block bridge; block under the sacrum; block under sacrum;
      brick under bum; brick under sacrum, rest; lie on back, lift hips, slide block under;
      on back, feet flat, block under pelvis; salamba setu bandhasana; salamba setu bandh; salamba setubandhasana;
      setu bandha w block; setu w/ brick; hips on a yoga block; hips resting on block, knees bent; pelvis on brick;
      bridge with a pillar @kids; sacrum on the block; SB w block; bridge with bolster;
      bridge on a block; hips on the block
    `,
    'legs-straight-or-up': `
      supported bridge, legs long; legs straight on block bridge; block under sacrum, legs up ?;
      walk feet out straight, block stays; supported bridge w legs in the air ?; Iyengar setu bandha, legs long
    `,
    'bolster-under-pelvis': `
      supported bridge on bolster; bolster under the hips; bolster under pelvis, knees bent;
      hips on bolster, shoulders on floor; pelvis on bolster, softer
    `,
    'low-block': `
      low block; block flat, supported bridge; lowest height brick; block on its flat side under sacrum;
      thin block under bum
    `,
    not: `
      bridge = setu-bandhasana; one-leg bridge = setu-bandhasana-one-leg; supported fish block = supported-fish;
      half shoulder stand w block = ardha-sarvangasana; legs up wall hips on bolster = viparita-karani;
      supported backbend roll under ribs = supported-backbend; block between the knees = supine-adductor-squeeze
    `,
  },
  'supported-fish': {
    plain: `
      supported fish; supp fish; sup. fish; fish on blocks; fish w blocks; fish over bolster; restorative fish; resto fish;
      salamba matsyasana; salamb matsyasan; salamba matsya; heart opener on blocks; heart opener on bolster;
      chest opener on bolster; chest opener over block; block under shoulder blades;
      block between the shoulder blades, block under head; two blocks T shape, lie back; lie back on bolster along spine;
      bolster lengthways under spine, arms open; lie over the bolster, arms wide; heart bench; passive heart opener;
      fish on a rock @kids; lie back over block, chest opens; brick under the bra line; open-heart rest;
      reclined heart opener; fish on block; block under upper back; bolster along spine; supta matsya;
      rolled blanket under the shoulder blades; supported heart opener;
      lie back over bolster; heart opener lying on a block
    `,
    'rolled-blanket-lengthways': `
      rolled blanket along spine; blanket roll lengthways under back; lie along a rolled mat;
      roll under the spine head to waist, arms out; foam roller along spine ?; towel roll lengthwise
    `,
    'knees-bent': `
      supported fish knees bent; fish on bolster, feet flat; knees bent on block heart opener;
      soft back: bend knees, feet down; lie on bolster w bent knees
    `,
    not: `
      fish = matsyasana; gentle backbend crosswise roll = supported-backbend; bolster under knees = savasana-knees-bolster;
      supported bridge = supported-bridge; ramp soles together = supported-bound-angle;
      half lord of the fishes = ardha-matsyendrasana; flapping fish = prone-half-frog-rest; camel = ustrasana
    `,
  },
  'supported-backbend': {
    plain: `
      gentle backbend over a roll; gentle back bend over blanket; supported backbend; supp backbend; supp. back bend;
      blanket roll under ribs; roll across under the ribs; rolled blanket crosswise under chest;
      rolled towel across the shoulder blades; chest over a low roll; lie back over a rolled mat crosswise;
      lying over a roll, arms out; roll under bra line crosswise; roll under upper back; thoracic extension over roll;
      T-spine over towel; passive extension over blanket; hammock @kids; roll at the heart, legs long; drape over roll;
      lie on back, small roll across behind heart; mini backbend rest; crosswise bolster ?; mid-back over bolster ?
    `,
    'thinner-roll': `thinner roll; small towel only; flatter roll under ribs; use just a folded blanket; half-thick roll, kinder`,
    'knees-lower-or-feet-flat': `
      roll under ribs, knees bent; feet flat over roll; bend the knees to ease back;
      knees on lower bolster, backbend over roll; knees down/feet flat option on roll
    `,
    not: `
      supported fish = supported-fish; supported bridge = supported-bridge; standing back bend = anuvittasana;
      chair back bend = chair-backbend; bolster lengthways = supported-fish; roll under knees = savasana-knees-bolster;
      back rolls rocking = rocking-ball; roll-down = roll-down
    `,
  },
  'supported-twist': {
    plain: `
      bolster twist; twist on bolster; twist over bolster; supported twist; supp twist; supp. twist; restorative twist;
      resto twist; belly-down twist; belly down twist on bolster; prone twist on bolster; salamba jathara parivartanasana;
      salamba bharadvajasana; salamba jathara; hip against bolster, turn and lie chest down;
      side hip to the bolster, knees bent, lay trunk along it; lie front on the bolster, knees to one side;
      twist & hug bolster; hug the bolster, knees to side, head turned; sit sideways to bolster, turn, lie down;
      curled cat on cushion @kids; belly twist restorative; draped twist; mermaid legs, chest on bolster;
      belly-down twist on bolster; belly to bolster; tummy twist on bolster; lying over bolster, knees to side
    `,
    'head-turned-towards-the-knees': `
      head towards knees; bolster twist, face same way as knees; look to the knees, easier for neck;
      turn head to knee side; cheek down facing knees
    `,
    'higher-ramp': `
      bolster twist on ramp; raised end of bolster, twist; twist on higher ramp @prenatal; bolster on block then twist;
      steeper bolster for twist
    `,
    not: `
      supine twist = supine-twist-knees-together; side-lying over bolster = supported-side-bend;
      supported child's = supported-child; mermaid twist = bharadvajasana; open book = side-lying-open-book;
      prone over bolster straight = supported-prone; chair twist = chair-twist
    `,
  },
  'supported-side-bend': {
    plain: `
      side-lying over bolster; side lying over a bolster; supported side bend; supp side bend; supported side stretch;
      side stretch over bolster; restorative side bend; resto side bend; side bend on bolster; drape sideways over bolster;
      lie on side over bolster; lie with side waist on bolster, arm overhead; bolster under the waist/ribs, side-lying;
      bottom arm long, top arm over, bolster under side; waist over roll, lying on side; sideways over cushion;
      open the side ribs over bolster; sidelying rib opener over bolster; supported banana ?; rainbow on a cloud @kids;
      arch sideways over pillow; parsva savasana over bolster ?; side over bolster; side bend over bolster;
      lie sideways over bolster; mermaid over bolster; side stretch on bolster
    `,
    'roll-instead-of-bolster': `
      roll under the waist instead; blanket roll under side ribs; smaller side bend, rolled blanket;
      towel roll at the waist, side-lying; softer: roll not bolster
    `,
    not: `
      side-lying relaxation = savasana-side; bolster twist = supported-twist; supine half moon banana = supine-half-moon;
      side-lying = side-lying-rest; cross-legged side bend = parsva-sukhasana; rainbow chair = chair-side-bend;
      side plank = vasisthasana; kneeling side bend = parighasana
    `,
  },
  'supported-forward-fold': {
    plain: `
      supported forward fold; supp forward fold; supp FF; sup. FF; supported seated fold; fold over bolster;
      fold on to bolster; forward fold w/ bolster; seated forward bend on bolster; restorative forward fold; resto fold;
      salamba paschimottanasana; salamba paschimo; paschi w bolster; paschimottanasana over bolster;
      bolster on the legs, lie over it; sit legs long, bolster on thighs, head down;
      legs straight, rest forehead on bolster; rest over pillows, legs out; pillows on legs & fold;
      bear hugs a pillow @kids; hug a pillow over straight legs; lean on bolster, head turned, legs long; supported paschi;
      folding over bolster; seated fold on bolster; forehead on chair, legs long; restorative fold; bolster on legs, fold
    `,
    'head-on-chair-seat': `
      forehead on chair seat, legs under; sit on floor, head on the seat; legs through chair, arms on seat, rest head;
      seated forward fold, arms and head on a chair; sitting on the floor, forehead on the chair seat; paschimottanasana head on chair;
      fold to a chair seat from floor; supported fold on chair, sitting on floor
    `,
    not: `
      seated forward fold = paschimottanasana; chair forward fold = chair-forward-fold; supported child = supported-child;
      standing fold = uttanasana; wide-leg fold to seat = chair-wide-fold; head to knee = janu-sirsasana;
      hug bolster kneeling = supported-child; cross-legged fold = adho-mukha-sukhasana
    `,
  },
  'incline-rest': {
    plain: `
      rest half sitting; semi reclined rest; semi reclined, propped up; rest half upright against pillows; head end raised, rest;
      bolster ramp rest; ramp rest; bolster ramp; rest on ramp; rest on a ramp; propped recline; propped up rest;
      propped-up savasana; inclined savasana; incline rest; incline savasana; semi-sitting rest; semi-reclined rest;
      semi-recumbent; semi supine ?; half-sitting relaxation; lean back on ramp, legs out;
      bolster on blocks, lean back, legs long/knees over roll; lie back propped, head above heart;
      head and chest raised, lie back; recline on pillows; reclined rest @prenatal;
      back on slanted bolster, arms on cushions; ramp savasana @prenatal; deck chair @kids; deckchair;
      reflux rest, head up; lounge chair rest; beach lounger; sunbed; deck chair rest; lean back on ramp; ramp of pillows;
      recline propped; recliner; lean back on pillows; lie back on ramp; steep ramp; 45 degrees rest
    `,
    steeper: `
      steeper ramp; higher ramp for breathless; more upright ramp rest; sit up more, ramp; raise ramp;
      nearly sitting ramp rest; on a steep slope
    `,
    'against-a-wall-with-pillows': `
      pillows against wall, lean back; sit back against wall with cushions; in bed, pillows at the headboard;
      lean on a pile of pillows at wall @prenatal; nest at the wall, half sitting
    `,
    not: `
      ramp with soles together = supported-bound-angle; savasana = savasana; supported fish = supported-fish;
      chair relaxation = savasana-chair; incline plank = chair-plank; wedge on seat = chair-mountain;
      legs on chair w wedge = legs-on-chair
    `,
  },
  'supported-prone': {
    plain: `
      prone rest on bolster; prone on bolster; prone over bolster; belly on bolster; lie on tummy over bolster;
      tummy down on bolster, rest; front lying on a bolster; supported prone; supp prone; supported crocodile;
      croc over bolster; crocodile on bolster; crocodile over bolster; restorative prone; resto belly rest;
      bolster under belly and chest, legs long; bolster lengthways under chest, lie face down; face down on cushions;
      hug bolster lying on belly; sloth; sloth on a branch @kids; starfish over bolster face down;
      belly down, pillow along the trunk; leopard on branch
    `,
    'side-lying': `
      prone bolster -> side-lying instead; pregnant: side w/ bolster, not prone @prenatal; no belly lying, take the side;
      lie sideways hugging bolster; on side hugging bolster instead of front
    `,
    not: `
      crocodile no bolster = makarasana; prone relaxation = savasana-prone; supported child's = supported-child;
      bolster twist = supported-twist; sphinx on bolster = sphinx; pillow under belly croc = makarasana;
      monkey = hanumanasana
    `,
  },
  'side-lying-rest': {
    plain: `
      side-lying; side lying; sidelying; side lying rest; lie on your side; on the side, knees bent, rest;
      roll to the side and rest; side rest with pillows; recovery position; fetal position; foetal position;
      roll on side before coming up; curl up on one side; sleepy bear; rest on side, head on arm;
      side-lying, hug the pillow @prenatal; lie on side knees drawn up; pause on the side, fetal;
      on your side, head supported, knees bent; dridhasana; drdhasana; roll over and lie on your side a moment; sidelaying;
      side rest; lie on side, cushion between knees; left side lying; lie on left side; rest L side; curl on side;
      rest on side a minute; settle on side
    `,
    'pillow-between-knees-in-front-of-belly-and-behind-the-back': `
      side lying with pillows everywhere: knees, belly, back; pillow between knees, one at belly, one behind;
      preggo side-lying, three pillows; nest of pillows on the side @prenatal;
      side rest, bolster between legs, cushion behind back; cushion between knees and under bump
    `,
    'head-higher': `
      side-lying with head higher; extra pillow under head, on the side; side rest, raise the head and chest;
      on side, two pillows for head, reflux; propped up side-lying
    `,
    not: `
      side-lying savasana = savasana-side; side-lying over a bolster = supported-side-bend;
      side-lying leg lift = side-lying-leg-lift; side plank = vasisthasana; bear walk = kids-bear-walk;
      final rest = savasana
    `,
  },
  'viparita-virabhadrasana': {
    plain: `
      reverse warrior; rev warrior; reversed warrior; RW; revW; peaceful warrior; proud warrior; exalted warrior;
      dancing warrior ?; warrior 4; warrior IV; crescent warrior 2 ?; viparita virabhadrasana; viparitha virabhadrasana;
      viparita veerabhadrasana; vipareeta virabhadrasana; viprita virabhadrasana; shanti virabhadrasana; catch a star;
      W2 legs, back hand down the back leg, front arm up and back; from warrior 2 flip front palm, reach up and back;
      lean back over back leg, front knee bent, arm overhead; reverse W2; sun warrior;
      back hand on back thigh, front arm sweeps up, knee stays bent; revers warrior;
      front knee bent, bend the body back, one arm up, one on back leg; reverse; reverse; dancing warrior back; exalted;
      back hand to back leg, front arm up; lean back in warrior 2
    `,
    'small-arc': `
      reverse warrior, small arc; only a little lean back, front arm up, peaceful warrior;
      RW small, hand on hip not sliding down; gentle reverse warrior, arm just up
    `,
    not: `
      warrior 2 = virabhadrasana-2; chair reverse warrior = chair-reverse-warrior; side angle = parsvakonasana;
      reverse triangle = absent; humble warrior = baddha-virabhadrasana;
      legs up the wall (viparita karani) = viparita-karani; standing side bend = parsva-tadasana
    `,
  },
  'constructive-rest': {
    plain: `
      constructive rest; constructive rest position; CRP; CR ?; semi-supine; semi supine; alexander lie-down;
      alexander technique rest; active rest; hook-lying; hook lying; hooklying; crook lying; crook-lying; knees bent lying;
      lie on back, knees bent, feet flat; on back, knees up, feet on floor, rest; feet wider, knees knock together, lying;
      knees leaning in together, feet apart, lying on back; lie down with bent knees, arms relaxed; supine with knees bent;
      beach chair; lie back, knees bent ?; starting position lying, knees bent ?; lay on back knees bent feet flat;
      constructive resting; on your back, soles on floor, knees resting together;
      lie down, bend the legs, hands on belly, do nothing; crook; lying, feet supported, knees bent; lie with knees up;
      knees bent settle; lie down knees bent; Alexander rest; knees doubled, lying; settle on back, feet flat;
      knees up rest;
      knees bent, feet flat; lie knees up; knees together feet wide rest; active rest, knees bent
    `,
    'calves-on-chair': `
      constructive rest with calves on chair; lie down, lower legs on a chair seat ?; calves on the seat, semi-supine;
      crook lying, legs rested up on a chair; 90/90 rest, calves on chair ?
    `,
    'head-on-books': `
      semi-supine with head on books; head on a few books, knees up; alexander lying, books under the head;
      small book under head, knees bent lying
    `,
    'propped-up': `
      constructive rest propped up; knees bent lying but torso raised on bolster;
      semi-supine, propped up on cushions @prenatal; recline on a wedge with knees bent, feet flat;
      upper body propped, feet flat
    `,
    not: `
      savasana with bolster under the knees = savasana-knees-bolster; legs on a chair = legs-on-chair; savasana = savasana;
      pelvic tilts = supine-pelvic-tilt; bolster ramp rest = incline-rest; bridge set-up = setu-bandhasana
    `,
  },
};
