import type { Phrases } from './phrases.js';

export const supine: Phrases = {
  'wall-butterfly': {
    plain: `
      wall butterfly; butterfly at the wall; butterfly on wall; bound angle with feet on the wall; bound angle up the wall;
      wall bound angle; wall baddha konasana; baddha konasana at the wall; badha konasana lying at wall; BK at wall;
      supta baddha konasana w feet on wall; legs up wall, soles together; feet on wall, soles together, knees open;
      on back, soles of feet together against wall; bum near wall, feet touch, knees drop wide; diamond legs on the wall;
      diamond at wall; frog legs up the wall; groin stretch at the wall; butterfly on the window @kids;
      soles joined, heels slide down wall; upside-down butterfly
    `,
    'hands-on-thighs': `
      wall butterfly, hands on thighs; press knees gently w hands, feet on wall; palms on inner thighs, soles on wall;
      hands rest on the thighs, butterfly at wall; hands support the knees at wall
    `,
    not: `
      wall straddle = wall-straddle; legs up the wall = viparita-karani; reclining bound angle = supta-baddha-konasana;
      supported butterfly bolster = supported-bound-angle; sitting back to wall, soles together = baddha-konasana;
      figure four at the wall = supine-figure-four; wall squat lying, feet flat on wall = absent;
      dragonfly at wall = wall-straddle
    `,
  },
  'wall-straddle': {
    plain: `
      legs wide up the wall; wide legs up wall; wide-leg wall; wide LUTW; LUTW wide; legs wide at the wall; wall straddle;
      straddle at the wall; straddle on wall; straddle up the wall; wall pancake; wall dragonfly; dragonfly at the wall;
      upavistha konasana at wall; upavista konasana up the wall; konasana on wall; wide V at the wall; V legs on the wall;
      legs in V up the wall; legs slide apart on wall; back on floor, legs up wall & open; bum to wall, legs fall apart;
      open scissors @kids; open the legs like scissors on wall; inner thigh stretch at wall, lying; adductors legs up wall
    `,
    'knees-bent': `
      wall straddle, knees soft; wide legs up wall with bent knees; bend knees a bit, legs wide on wall;
      adductors tight: knees bent at wall; hands under thighs, legs wide, knees soft
    `,
    not: `
      wall butterfly = wall-butterfly; legs up wall = viparita-karani; seated straddle = upavistha-konasana;
      wide-leg forward fold = prasarita-padottanasana; scissors (abs) = absent; splits = hanumanasana;
      side lunge = skandasana; wide legs reclined no wall = absent
    `,
  },
  'supine-pelvic-tilt': {
    plain: `
      pelvic tilts; pelvic tilt; pelvic rocks; pelvic rocking; pelvic rocking lying; pelvic tilts lying;
      pelvic tilts supine; rock the pelvis @lying; tilt the pelvis, on back, knees bent; flatten and arch the low back;
      imprint and release; imprint; low back to floor then small arch, lying;
      on back knees bent, press waist down, let it lift; tuck tailbone and untuck lying; seesaw hips; seesaw pelvis;
      posterior tilt lying; supine cat cow; cat-cow on back; pelvic tilting; pelvis tilt lying;
      press lower back into mat and let go; PT (pelvic tilts); tilt pelvis; pelvic rock; arch & flatten;
      arch and flatten the back; flatten low back; PT lying; find neutral; rock pelvis; pelvis rocking lying;
      low back press; tuck and tilt; tilts on back; pelvic curls small;
      tilt and release; imprint low back; flatten back to floor; tip pelvis back and forth lying
    `,
    'seated-or-all-fours': `
      pelvic tilts seated or on all fours; pelvic tilts on hands and knees; tilt pelvis sitting rather than lying ?;
      do your pelvic tilts on all 4s; pelvic rocks from tabletop @prenatal
    `,
    'press-until-no-gap-is-left-hold-5-breaths': `
      press low back flat till there is no gap, hold; close the gap under your waist and stay;
      hold the low back flat to the floor, knees bent; no space under lumbar, keep pressing
    `,
    not: `
      pelvic clock = pelvic-clock; bridge = setu-bandhasana; pelvic tilts sitting on chair = chair-pelvic-clock;
      standing pelvic rock = standing-cat-cow; cat-cow = marjaryasana; pelvic floor lift = mula-bandha;
      revolved triangle (PT) = parivrtta-trikonasana
    `,
  },
  'pelvic-clock': {
    plain: `
      pelvic clock; pelvic clock lying; pelvic clock supine; pelvis clock; clock with the pelvis; feldenkrais clock;
      feldenkrais pelvic clock; pelvic circles supine; pelvic circles lying; circle the pelvis lying on back;
      on back knees bent, roll pelvis round like a clock; marble on a plate; roll a marble round the plate, pelvis;
      circles with low back on floor; draw a circle with sacrum lying; imagine clock on low belly, 12 3 6 9;
      lying pelvis circles; tip pelvis to each number; massage the sacrum in circles, feet down ?; sacral circles
    `,
    '12-to-6-only': `
      pelvic clock 12 to 6 only; clock, twelve to six only; just noon to six, lying; rock between twelve and six;
      12-6 pelvis lying
    `,
    'on-a-chair': `
      pelvic clock from lying, do it on a chair; pelvic clock, chair option; clock lying or take it sitting on chair ?;
      pelvic clock if you can't lie: chair
    `,
    not: `
      pelvic clock on chair = chair-pelvic-clock; pelvic tilts = supine-pelvic-tilt;
      knee circles lying = supine-knee-circles; hip circles on all fours = all-fours-hip-circles;
      clock hand twist = supine-twist-straight-leg; rocking side to side = rocking-ball
    `,
  },
  apanasana: {
    plain: `
      knees to chest; knees to chest @lying; knees into chest; knees in; hug knees; hug both knees; hug knees in;
      hug your knees to your chest; hug knees in, rock ?; both knees in to chest, lying; apanasana; apanasan; aapanasana;
      wind release; wind relieving; wind-relieving pose; gas release pose; pawanmuktasana; pavanamuktasana; pavanmuktasana;
      pawan muktasana; dwi pada pawanmuktasana; pvnmuktasana; rolling pebble;
      lie on back, draw both knees in, hands on shins; hold knees, lying on back;
      lying on back, both thighs to the belly, arms round legs; on back fold both legs in, hold with hands;
      bring two knees to the chest and hug; lie down, pull knees to tummy for gas; supta pawanmuktasana; gas release;
      knees hugging; DKTC; both knees in; knee hug lying; ball on back; curl up on back; hug it in;
      knees in, rock; squeeze knees in; knees to chest hug; curl knees in
    `,
    'one-knee': `apanasana one knee; just one knee in instead of both; wind release, single knee ?; hug one knee rather than both`,
    'hold-behind-thighs': `
      knees to chest, hold behind thighs; hug knees, hands behind the knees; both knees in holding backs of thighs;
      apanasana hands under the thighs
    `,
    'knees-wide': `
      knees to chest, knees wide; hug knees wide apart, room for belly; wide-knee apanasana;
      knees to armpits, lying, hug wide; both knees in, apart
    `,
    not: `
      one knee to chest = apanasana-single; knee hug on chair = chair-knee-hug; happy baby = ananda-balasana;
      child's pose = balasana; rock like a ball = rocking-ball; standing knee hug = standing-knee-hug;
      knees to ears = karnapidasana; knees-chest-chin = ashtanga-namaskara
    `,
  },
  'apanasana-single': {
    plain: `
      one knee to chest; one knee to chest @lying; single knee to chest; single knee hug; 1 knee to chest;
      knee to chest lying ?; hug one knee, other leg long; hug one knee; half wind release; half wind relieving;
      ardha pawanmuktasana; ardha pavanamuktasana; ardh pawanmuktasana; ardha pavanmuktasana; eka pada pawanmuktasana;
      ek pada pawanmuktasana; eka pada apanasana; eka pada pavanamuktasana; ardha apanasana; half apanasana;
      lie on back, one knee in, other leg straight on floor; draw one knee in, lengthen other leg;
      one leg hugged, one leg long, lying; one-sided knee hug supine; single apanasana; half gas release;
      on back, one thigh to belly, hands clasped, other leg down; knee to chest; SKTC; one knee in; hug R knee;
      one knee hug, other leg long; embrace 1 knee; draw one knee in;
      single knee hug lying; R knee to chest other leg long
    `,
    'hold-behind-the-thigh': `
      one knee to chest, hold behind thigh; single knee hug, hands behind the thigh;
      clasp back of thigh, one knee in, lying; half apanasana holding under the knee
    `,
    'other-knee-bent': `
      one knee in, other foot flat on floor; single knee hug, other knee bent; half wind release with the second knee bent;
      hug one knee, keep other foot standing
    `,
    not: `
      both knees to chest = apanasana; knee hug on chair = chair-knee-hug; standing knee hug = standing-knee-hug;
      half happy baby = half-happy-baby; supine twist with one knee = supine-twist-foot-on-knee;
      leg stretch with strap lying = supta-padangusthasana-1
    `,
  },
  'setu-bandhasana': {
    plain: `
      bridge; bridge pose; bridges; half bridge; bridge roll; bridge rolls; rolling bridge; pelvic lift; pelvic lifts;
      shoulder bridge; setu bandhasana; setu bandha; setu bandha sarvangasana; setubandhasana; sethu bandhasana; setubandh;
      dvi pada pitham; dwi pada pitham; dvipada pitham; kandharasana; chatushpadasana ?; lie on back, feet flat, lift hips;
      on back, knees bent, hips up, roll down spine; two-foot support; drawbridge @lying;
      lift hips, feet hip width, peel spine up; lie down, knees bent, press the feet, raise pelvis, arms by sides;
      lying, feet near hips, lift the bottom and lower bone by bone;
      on back, push with feet till thighs and chest make one slope; bottom up bottom down, knees bent, lying; bridge lifts;
      bridge ups; SB; hip lifts lying; glute bridge; peel the spine up; roll spine up and down; bridging;
      hip bridge; bum lifts;
      peel up to bridge; hips up; bridge roll ups; bridges with breath; lift bottom off floor, knees bent
    `,
    'block-under-the-sacrum': `
      bridge with block under sacrum; block under hips, bridge ?; supported bridge, short, brick under the sacrum ?;
      slide a block under the sacrum ?; setu bandha with a block
    `,
    'cushion-between-knees-on-the-toes': `
      bridge on toes, cushion between knees; bridge heels lifted, squeeze cushion;
      on tiptoes, hips up, block between the knees; setu bandhasana with ball between knees + heels up
    `,
    'small-lift-no-roll': `little bridge; bridge, only a small lift; bridge small lift, no roll; lift hips just a little, flat back; bridge in one piece, low; tiny bridge, no spine roll`,
    'arms-overhead-on-the-lift': `
      bridge with arms going overhead; arms float back as hips lift; vinyasa bridge, arms overhead;
      dynamic bridge with arms; inhale hips up + arms over the head
    `,
    held: `bridge, hold it; static bridge; stay up in bridge; setu bandhasana, stay; bridge hold`,
    not: `
      supported bridge restorative = supported-bridge; one-leg bridge = setu-bandhasana-one-leg;
      full wheel = urdhva-dhanurasana; pelvic tilts = supine-pelvic-tilt; reverse tabletop = ardha-purvottanasana;
      bridge with cushion squeeze (small) = supine-adductor-squeeze; rope bridge on chair = chair-tandem;
      half wheel standing = anuvittasana
    `,
  },
  'setu-bandhasana-one-leg': {
    plain: `
      one-leg bridge; one leg bridge; one-legged bridge; single-leg bridge; single leg bridge; SL bridge; SLB;
      eka pada setu bandhasana; eka pada setu bandha sarvangasana; eka pada setu bandha; ek pad setubandhasana;
      eka pada sethu bandhasana; 1-leg bridge; bridge with leg lift; bridge, one leg up; bridge, extend one leg;
      crane lifts a leg; hips up, one leg straight to the ceiling; lie on back, hips lifted, one foot off floor;
      lift hips with one foot down, other leg long; bridge leg extended, level pelvis;
      lying, hips high, one foot pushing, other foot in the air; on back, knees bent, lift pelvis, lift one leg straight;
      hips up and keep level while one leg lengthens
    `,
    march: `
      bridge march; marching bridge; hips up, lift one foot then the other; march in bridge, knees bent;
      alternate knee lifts in bridge
    `,
    not: `
      bridge = setu-bandhasana; supine march = supine-heel-march; three-legged dog = eka-pada-adho-mukha-svanasana;
      half shoulder stand = ardha-sarvangasana; leg raises lying = urdhva-prasarita-padasana;
      crane half moon = ardha-chandrasana
    `,
  },
  'supta-baddha-konasana': {
    plain: `
      reclining bound angle; reclined bound angle; RBA; lying butterfly; reclined butterfly; reclining butterfly;
      supine butterfly; butterfly @lying; butterfly on back; supta baddha konasana; supta badha konasana;
      suptabaddhakonasana; supta baddha kon; supta baddha; SBK; reclined goddess; reclining goddess; goddess lying down;
      reclined cobbler; supta bhadrasana; bound angle with two blocks ?; on back, soles together, knees open;
      lie down, feet together, knees fall out; soles together knees wide, lying; resting butterfly; laying butterfly;
      reclined diamond; lying flat, feet touching, thighs open to the sides;
      on the back, heels together, let knees drop apart, hands on belly; lie down and make a diamond with the legs;
      soles together lying; supta baddha k; on back, soles together; goddess lying; lying cobbler;
      soles together lying down
    `,
    'on-bolster-ramp': `
      lying butterfly on a bolster ramp; reclined bound angle, torso on sloped bolster ?;
      supta baddha konasana propped on bolster and block ?; butterfly, back on an incline bolster @prenatal;
      recline on ramp, soles together
    `,
    'higher-blocks': `
      reclined butterfly, higher blocks under knees; supta baddha konasana with taller props at the thighs;
      blocks stood up under knees, lying butterfly; more height beneath the knees in reclined bound angle
    `,
    dynamic: `
      lying butterfly, open and close the knees; dynamic supta baddha konasana; knees open and close lying, soles together;
      bring knees together and open again, feet touching, on back; moving reclined butterfly; flap the knees, lying; lying butterfly flapping
    `,
    not: `
      butterfly sitting = baddha-konasana; supported reclining bound angle = supported-bound-angle;
      butterfly with feet on wall = wall-butterfly; happy baby = ananda-balasana; goddess = utkata-konasana;
      diamond fold = tarasana; clams = side-lying-clam; frog lying prone = prone-half-frog-rest
    `,
  },
  'ananda-balasana': {
    plain: `
      happy baby; happy baby pose; full happy baby; happybaby; HB; ananda balasana; anand balasana; anandabalasana;
      ananda bala; aananda balasana; dead bug pose ?; happy bug; blissful baby; stirrup pose; stirrups;
      lie on back, hold feet, knees to armpits; hold outer edges of feet, knees wide, soles to ceiling;
      on back, grab the feet, knees bent wide; knees towards armpits, shins vertical, hold soles; rock in happy baby;
      hapy baby; baby pose on back; squat upside down on back; happy babies; hold big toes, knees wide, lying on back;
      dead bug hold feet; stirrup; happy b; joyful baby;
      hold feet, knees to armpits
    `,
    'hold-the-thighs-or-straps': `
      happy baby holding thighs; happy baby with straps; belts round the feet, knees to armpits;
      hold behind the thighs, soles up; happy baby, can't reach feet: strap
    `,
    'calves-on-chair-knees-wide': `
      happy baby with calves on chair, knees wide; calves on a chair seat, knees apart;
      easy happy baby, lower legs on chair; lie down, legs on chair, knees out wide
    `,
    not: `
      half happy baby = half-happy-baby; dead bug core = dead-bug; child's pose = balasana;
      knees to chest wide = apanasana; reclined butterfly = supta-baddha-konasana; squat = malasana;
      rocking and rolling = rocking-ball
    `,
  },
  'half-happy-baby': {
    plain: `
      half happy baby; 1/2 happy baby; half-happy-baby; one-leg happy baby; single-leg happy baby; one legged happy baby;
      ardha ananda balasana; ardh ananda balasana; ardha anand balasana; eka pada ananda balasana; half hb;
      half a happy bug; half stirrup; one knee to armpit, sole to ceiling, other leg long;
      hold one foot, knee to armpit, lying; lie on back, one shin vertical, hold outer foot;
      one foot held, knee wide, other leg straight on floor; happy baby with only one leg; single stirrup lying;
      half hapy baby; one leg happy baby; foot to hip, knee out; single leg happy baby;
      hold one foot, knee to armpit
    `,
    strap: `
      half happy baby with strap; strap on one foot, knee to armpit; belt round sole, half happy baby;
      can't reach the foot: belt, one-leg happy baby
    `,
    'other-foot-flat': `
      half happy baby, other foot flat on floor; half happy baby, other knee bent;
      one-leg happy baby with second foot standing; keep other foot on the mat, half happy baby
    `,
    not: `
      happy baby = ananda-balasana; one knee to chest = apanasana-single;
      leg stretch with strap lying = supta-padangusthasana-1; figure four lying = supine-figure-four;
      half frog = ardha-bhekasana
    `,
  },
  'supta-padangusthasana-1': {
    plain: `
      reclined hand to big toe; reclining hand to big toe; reclined hand-to-big-toe; recl. big toe; supta padangusthasana;
      supta padangusthasana 1; supta padangusthasana I; supta padangusthasana A; supta padangushthasana;
      suptapadangusthasana; supta padangushtasana one; supta pad; sup pad; SPA ?; SP1; supine leg raise with strap;
      hamstring stretch lying; hamstrings on back; lying hamstring stretch; lying leg stretch;
      strap on foot, leg up, lying; on back, one leg up, strap round foot; one leg to ceiling with belt, other long;
      lie down, belt on foot, straighten leg up; leg stretch with strap @lying; supine hamstring w/ belt;
      reclined leg stretch; lying, one leg up straight with belt, other leg on the floor;
      on the back, hold foot with strap, knee straight, hips down; supta padangustha 1; hamstring strap;
      hammie stretch on back; SLR stretch; leg up strap; straight leg raise with strap; strap round foot leg up;
      hand to toe lying; reclining hand to toe; leg raise w belt;
      strap hamstring stretch; leg up with strap; lying leg stretch with belt; hand to toe on back;
      leg straight up, belt round foot
    `,
    'other-knee-bent': `
      supta padangusthasana, other knee bent; lying hamstring, bottom foot on floor; strap on foot, leg up, other leg bent;
      leg up with belt, second foot flat
    `,
    'knee-soft': `
      lying hamstring stretch with soft knee; supta padangusthasana, bend the lifted knee a bit;
      strap, leg up, knee not locked; leg up w/ belt, knee slightly bent
    `,
    'in-a-doorway-or-at-a-wall-corner': `
      hamstring stretch in a doorway, heel on frame; lie in the doorway, leg up the door frame;
      supta padangusthasana at wall corner; one leg up the door frame, other through the door
    `,
    'on-a-chair': `
      hamstring leg stretch on chair instead of lying ?; supta padangusthasana done on chair;
      chair version of reclined hand to toe; sit on chair, strap on foot, straighten leg up
    `,
    not: `
      standing hand to big toe = utthita-hasta-padangusthasana;
      seated hamstring stretch on chair = chair-hamstring-stretch; leg to the side with strap = supta-padangusthasana-2;
      leg across with strap = supta-padangusthasana-3; heron = krauncasana; both legs up at 90 = urdhva-prasarita-padasana;
      legs up the wall = viparita-karani; anantasana = anantasana
    `,
  },
  'supta-padangusthasana-2': {
    plain: `
      leg raise to the side with strap; leg to the side with strap; leg out to side with belt, lying;
      supta padangusthasana 2; supta padangusthasana II; supta padangusthasana B; supta padangushthasana two;
      supta padangustasana 2; sup pad 2; sup pad B; SP2; SP side; supta parsva padangusthasana; supta pada to the side;
      open leg lying; open the fan lying; lie on back, belt on foot, leg opens out sideways;
      strapped leg swings out wide, on back; take the leg out to side, lying, hold strap;
      inner thigh stretch lying with strap; lying leg stretch, out; adductor stretch with strap supine;
      supta padangustha 2; leg out to the side with strap; strap leg out wide lying
    `,
    'thigh-on-bolster': `
      leg to the side, thigh resting on bolster; supta padangusthasana 2 with bolster under the thigh;
      strap leg out, cushion beneath outer thigh; leg out to the side supported on a bolster, lying
    `,
    not: `
      leg straight up with strap = supta-padangusthasana-1; leg across with strap = supta-padangusthasana-3;
      happy baby = ananda-balasana; legs wide at wall = wall-straddle; seated straddle = upavistha-konasana;
      side-lying leg lift = side-lying-leg-lift
    `,
  },
  'supta-padangusthasana-3': {
    plain: `
      leg raise across with strap; leg across with strap; leg across the body with belt, lying; supta padangusthasana 3;
      supta padangusthasana III; supta padangusthasana C ?; supta padangushthasana three; supta padangustasana 3;
      sup pad 3; sup pad twist; SP3; revolved supta padangusthasana; parivrtta supta padangusthasana;
      parivritta supta padangusthasana; IT band stretch lying; ITB stretch with strap; outer-leg stretch lying;
      outer hip stretch, strap; cross the river; on back, strap on foot, leg crosses over midline;
      strapped straight leg over to the other side; lie on back, belt, take leg across body a little;
      supta padangusthasana c; leg across body with strap; IT band stretch with strap
    `,
    'knee-bent': `
      leg across with strap, knee bent; supta padangusthasana 3 bent knee; ITB stretch lying with soft bent knee;
      cross the strapped leg over, bend the knee
    `,
    not: `
      leg to the side with strap = supta-padangusthasana-2; straight leg up with strap = supta-padangusthasana-1;
      supine twist straight leg across = supine-twist-straight-leg; supine twist foot on knee = supine-twist-foot-on-knee;
      figure four lying = supine-figure-four
    `,
  },
  'supine-twist-knees-together': {
    plain: `
      supine twist; supine twist @lying; lying twist; reclined twist; reclining twist; recl twist; supine spinal twist;
      spinal twist lying ?; spinal twist @lying; twist on back; lying twist knees and feet together;
      both knees to one side lying, knees stacked; knees together drop to the side, arms out; jathara parivartanasana;
      jathara parivartanasana bent knees; jatara parivartanasana; jathara parivartasana; jathara parivarthanasana;
      jathara parivritti ?; lie on back, arms in T, drop both knees over; knees to chest then over to the side;
      knees over to one side, look the other way; lighthouse lying down; double knee twist; two-knee twist; supine twst;
      lumbar rotation lying, knees together; on back, feet and knees glued, both drop to one side, shoulders down;
      lying, bend both legs, lower them sideways, turn head opposite; crocodile twist; crocodile on back, knees to side;
      twist lying; knees to right; knees to left; both knees to the side; jathara; belly twist lying; lumbar rotation;
      lumbar rolls; knee drops to side and stay; twisted roots; supine spinal; SST; spinal twist lying; floor twist;
      knees drop to side; supine twist both knees; knees over to one side
    `,
    'higher-bolster': `
      supine twist, knees on a higher bolster; lying twist with stacked cushions, not so far down;
      raise the bolster under the knees in the twist; knees over to tall bolster
    `,
    'knees-to-the-floor': `
      supine twist, knees all the way to floor; lying twist, legs down on the floor; full lying twist no prop, knees down;
      knees to the floor in twist
    `,
    'supported-on-bolster': `
      supine twist, legs supported on bolster ?; knees rest on a bolster, lying twist;
      lying twist with cushion under knees; reclined twist w/ bolster under both legs
    `,
    'block-between-the-knees': `
      supine twist, block between the knees; lying twist with pillow between knees; squeeze a cushion, knees over;
      twist on back, brick between thighs
    `,
    not: `
      bolster twist on belly = supported-twist; open book = side-lying-open-book;
      windscreen wipers = supine-windscreen-wipers; twist with feet wide = supine-twist-feet-wide;
      one-knee twist = supine-twist-foot-on-knee; straight leg over twist = supine-twist-straight-leg;
      seated spinal twist = ardha-matsyendrasana; chair twist = chair-twist
    `,
  },
  'supine-twist-feet-wide': {
    plain: `
      supine twist feet hip-width; wide-foot twist; lying twist with feet apart; feet wide, knees to one side, stay;
      feet hip-width, knees lean to one side, lying; knees lean to one side; falling tents; supine twist wide feet;
      jathara parivartanasana feet hip-wide; jathara feet apart; jatara parivartanasana feet wide;
      lie on back, feet mat-width, both knees over, hold; twist, feet stay on floor apart, lying;
      knees fall one way, feet wide; gentle twist lying, feet wide; windscreen wipers, pause one side ?;
      knee to heel of other foot, lying lean; easy supine twist feet on floor; wide leg supine twist;
      psoas twist, feet wide, lying; knees lean to right, feet wide; feet apart twist; feet mat width, knees to one side;
      wide feet, drop knees over
    `,
    'cushion-under-the-outer-knee': `
      feet wide twist, cushion under the outer knee; knees lean over, pad under outside knee;
      prop outer knee on block in wide-foot twist; lying twist feet apart with a pillow under the outside knee
    `,
    'on-a-chair': `
      wide-foot twist on a chair; knees lean to one side sitting on chair; feet wide on floor, both knees over, chair;
      supine twist feet wide: chair version
    `,
    not: `
      windscreen wipers moving = supine-windscreen-wipers; twist knees together = supine-twist-knees-together;
      knees knock together, feet wide, lying = constructive-rest; hip switches sitting = ninety-ninety;
      chair twist = chair-twist; seated hands behind wipers = ninety-ninety
    `,
  },
  'supine-twist-straight-leg': {
    plain: `
      supine twist straight leg across; straight-leg supine twist; leg over twist; leg-over twist lying;
      lying twist, top leg straight; straight leg across the body, no strap, lying; clock hand;
      jathara parivartanasana straight leg across; jathara parivartanasana B ?; jathara parivartanasana, extend top leg;
      on back, one leg up then straight over to the other side; lie on back, arms wide, straight leg drops across;
      leg over, lying, foot toward opposite hand; scorpion legs on back ?; supine leg crossover;
      take straight leg across, look away; one straight leg crosses over, both shoulders down; iron cross stretch;
      iron cross; twist with the long leg over
    `,
    'foot-on-a-chair-seat': `
      straight-leg twist, foot on chair seat; leg over twist, foot rests on a chair;
      leg across, put foot on the seat beside you; lying twist, crossed foot to chair
    `,
    'foot-to-the-floor': `
      leg over twist, foot all the way to the floor; straight leg across, foot to ground;
      full leg-over, foot touches floor; long-leg twist all the way down
    `,
    'knee-bent': `
      leg over twist with knee bent; straight-leg twist but bend the top knee; bend knee of the crossing leg, lying twist;
      leg across, soft bent knee
    `,
    not: `
      leg across with strap = supta-padangusthasana-3; supine twist both knees = supine-twist-knees-together;
      supine twist foot on knee = supine-twist-foot-on-knee; pelvic clock = pelvic-clock;
      both legs straight, full jathara = absent
    `,
  },
  'supine-twist-foot-on-knee': {
    plain: `
      supine twist foot on knee; one-knee twist; one knee twist; single knee twist; belly twist; supta matsyendrasana;
      supta matsyendra; supta matsendrasana; supta matsyendrasan; reclined lord of the fishes;
      reclined half lord of the fishes; supine spinal twist one knee; lying twist, foot on the other knee;
      place foot on knee, take the knee across; one foot on opposite knee, drop knee over, arm out;
      knee across body, other leg straight, lying; lie on back, one knee over, hand on knee; key in the lock;
      udarakarshanasana lying; supta udarakarshanasana; universal spinal twist; crocodile twist ?; makarasana twist 2 ?;
      foot-on-knee twist; supine half twist bent top knee; twist, one leg across, foot on knee; single leg twist lying;
      universal twist
    `,
    'knee-lower': `
      one-knee twist, knee lower; foot on knee twist with the knee dropped down toward hip height;
      bring the twisting knee down away from armpit; supta matsyendrasana, knee in lower position
    `,
    not: `
      half lord of the fishes seated = ardha-matsyendrasana; supine twist both knees = supine-twist-knees-together;
      straight leg across twist = supine-twist-straight-leg; figure four lying = supine-figure-four; fish = matsyasana;
      crocodile = makarasana; one knee to chest = apanasana-single
    `,
  },
  'supine-windscreen-wipers': {
    plain: `
      windscreen wipers; windscreen wiper; windshield wipers; windshield wiper legs; wind screen wipers; w/s wipers; WW ?;
      wipers; wiper legs; knee drops; knee drops side to side; knees side to side lying; knee sways;
      sway knees side to side, lying; on back, feet wide, knees drop side to side;
      feet wide, knees over one way, then the other; lying knee rocks; rock knees side to side, feet on floor;
      lower trunk rotations; LTR lying; feet apart, wipe the knees over; swaying knees; wind-shield wipers;
      winshield wipers; knee rolls; knee rocks; rock knees; knees like a windscreen; windshield; lumbar rocks;
      trunk rotations; rotations lying, knees bent; pelvic rolls side to side; rolling knees;
      rock knees from side to side; knee drops with breath
    `,
    'seated-hands-behind': `
      windscreen wipers sitting, hands behind; seated windshield wipers ?; lean back on hands, wipers with the knees;
      wipers sitting up, hands on floor behind
    `,
    not: `
      wide-foot twist, stay one side = supine-twist-feet-wide; supine twist = supine-twist-knees-together;
      90-90 hip switches = ninety-ninety; side leg lift behind chair (windshield) = chair-hip-abduction;
      standing hip circles = standing-hip-circles; straight-leg wipers core = absent
    `,
  },
  'deep-core-tabletop': {
    plain: `
      deep-core tabletop; deep core tabletop; deep core; core tabletop lying; tabletop legs; table top legs;
      tabletop @lying; legs in tabletop, on back; legs at 90, squeeze cushion, on back; cushion squeeze with legs at 90;
      cushion between knees, shins parallel to floor, lying; tray on your shins;
      lie on back, knees over hips, hold, squeeze block; TVA hold, legs up bent; transverse abs tabletop;
      knees above hips, shins level, breathe out and squeeze; reverse tabletop lying ?; supine tabletop hold;
      knees bent legs lifted 90/90, hands on belly, core; tabletop core with block; hundred prep legs ?;
      on back, legs like sitting on a chair in the air, press a ball between knees; 90/90 legs; tabletop legs lying;
      legs at 90; 90-90 hold; legs in table top, squeeze block; tabletop hold lying; imprint and table top
    `,
    'feet-on-chair': `
      deep core with feet on a chair; calves on chair, squeeze cushion, core; legs at 90 resting on the seat, squeeze;
      tabletop legs supported by chair
    `,
    'one-leg-at-a-time': `
      tabletop legs one at a time; float one leg up to tabletop then the other; deep core, lift just one knee over hip;
      one leg in tabletop, other foot down
    `,
    'legs-vertical': `
      deep core legs vertical; tabletop then straighten legs up, squeeze cushion;
      legs straight up with block between, deep core; cushion squeeze, legs to ceiling
    `,
    not: `
      tabletop on hands and knees = all-fours; reverse tabletop crab = ardha-purvottanasana; dead bug = dead-bug;
      cushion squeeze feet down = supine-adductor-squeeze; toe taps march = supine-heel-march;
      legs up at 90 = urdhva-prasarita-padasana; 90-90 rest = legs-on-chair
    `,
  },
  'supine-heel-march': {
    plain: `
      heel-lift march lying; heel march lying; supine march; supine marching; lying march; march @lying;
      marching on the back; march lying down; toe taps; toe taps lying; toe taps from tabletop; tip toe ants; tiptoe ants;
      one heel up; on back, lift one foot then other, pelvis still; lie on back, knees bent, march feet;
      alternate foot lifts lying, core; pelvic stability march; small knee lifts supine;
      one foot floats off floor, alternate, on back; toe dips; march with the feet, lying, hips stay quiet; knee folds;
      single knee fold; pilates knee folds; marching on back; knee lifts lying; single knee folds; march on the back;
      heel lifts lying
    `,
    'heel-lift-only': `
      just lift the heel, lying, toes stay; supine march, heel only; heel peels, lying knees bent;
      one heel up, ball of foot down, on back
    `,
    seated: `heel-lift march sitting; supine march done on chair; lying march: seated option; sit up for the marching feet ?`,
    not: `
      seated march = chair-march; marching bridge = setu-bandhasana-one-leg; dead bug = dead-bug;
      standing march = standing-march; heel slides = supine-leg-slide;
      heel and toe raises on chair = chair-heel-toe-raises; bicycle = supine-bicycle
    `,
  },
  'dead-bug': {
    plain: `
      dead bug; deadbug; dead bugs; dead-bug; dying bug; beetle; beetle on its back; opposite arm and leg lying;
      opposite arm and leg on back; opp arm/leg supine; lie on back, legs in tabletop, lower opposite arm and leg;
      opposite arm and leg reach away, on back; arm back, other leg out, lying, core; upside-down bird dog;
      bird dog on the back; cross-pattern lying; supine opposite limbs; contralateral reach, supine;
      arms to ceiling, legs tabletop, extend opposites; ded bug; dead cockroach; opposite arm + leg lengthen on back
    `,
    'heel-slides': `
      dead bug with heel slides; slide heel out + opposite arm, lying; easy dead bug, feet on floor, slide a heel;
      arm overhead, slide the other heel along mat
    `,
    'arms-only-or-leg-only': `
      dead bug arms only; dead bug legs only; just the arms in dead bug; dead bug, one leg at a time, arms still;
      beetle, only the legs
    `,
    not: `
      happy baby (yin dead bug) = ananda-balasana; bird dog = bird-dog; opposite arm and leg prone = prone-alternate-lift;
      opposite arm and leg on chair = chair-arm-leg-raise; bicycle crunch = supine-bicycle;
      deep core tabletop hold = deep-core-tabletop; heel slides only = supine-leg-slide
    `,
  },
  'supine-figure-four': {
    plain: `
      supine figure four; supine figure 4; figure four; figure 4; fig 4; figure 4 @lying; figure four lying;
      reclined pigeon; reclining pigeon; supine pigeon; pigeon on back ?; lying pigeon; eye of the needle;
      thread the needle lying; thread the needle on back; thread the needle @lying; supta kapotasana; sucirandhrasana;
      suchirandhrasana; suci randhrasana; on back, ankle over knee, draw thigh in;
      ankle on opposite thigh, hands through the gap, lying; dead pigeon; sucirandrasana;
      ankle across knee, hug the leg, lying; supta eka pada rajakapotasana ?;
      lying, foot crossed on other thigh, pull the under leg in; on back, cross ankle above knee, knee away, hug thigh;
      ankle on thigh, both legs up, hold behind the thigh, lying; make a four with legs on the back and draw it close; F4;
      pigeon on the back; eye of needle; glute stretch lying; piriformis stretch lying; threaded needle lying;
      number 4 lying; 4 shape on back; hip opener on back, ankle on knee;
      figure 4 on back; thread the needle legs; ankle over knee on back; supine 4
    `,
    'left-foot-on-floor-or-wall': `
      figure four, bottom foot stays on floor; ankle on knee lying, other foot on the wall;
      reclined pigeon with foot on wall; figure 4, don't lift, foot down
    `,
    'on-a-chair': `
      lying figure four: do it on a chair; reclined pigeon, chair option;
      supine figure four but sit on chair, ankle on knee; eye of the needle on a chair ?
    `,
    not: `
      chair pigeon = chair-pigeon; pigeon = eka-pada-rajakapotasana; thread the needle on all fours = thread-the-needle;
      standing figure four = standing-figure-four; fire log = agnistambhasana; one-knee twist = supine-twist-foot-on-knee;
      figure four twist lying = absent; half happy baby = half-happy-baby
    `,
  },
  'supine-half-moon': {
    plain: `
      supine half moon; lying half moon; half moon @lying; half moon on back; banana; banana pose; bananasana;
      banana-asana; supta ardha chandrasana; supta ardh chandrasana; supine crescent; crescent on back; reclining crescent;
      lying side bend; side bend @lying; lie on back, walk feet and arms to one side, like a banana;
      on back, curve body sideways; feet and hands over to same side, lying; banana nap; yin banana; lying c-curve;
      arms overhead, legs over, C shape on the mat; side bend lying on your back; bannanasana;
      lying flat, arms and legs both shift to one side of mat; bananasana @yin; crescent lying; side curve lying;
      lie in a banana shape; C-shape lying
    `,
    'arms-down': `
      banana with arms down; lying side bend, arms by sides; supine half moon, keep arms low;
      legs over only, arms down, banana
    `,
    seated: `
      banana taken sitting; supine half moon: seated option; lying side bend, do it seated instead;
      can't lie: banana in a seat
    `,
    not: `
      half moon balance = ardha-chandrasana; standing crescent = parsva-tadasana;
      side-lying over bolster = supported-side-bend; seated side bend = parsva-sukhasana; crescent lunge = high-lunge;
      side-lying = side-lying-rest
    `,
  },
  'urdhva-prasarita-padasana': {
    plain: `
      legs up at 90; legs to 90; legs up, lying ?; both legs up lying; legs vertical; legs straight up, no wall;
      legs to the ceiling; both legs held up straight; ardha halasana; half plough, legs straight up;
      urdhva prasarita padasana; urdhva prasarita padotanasana lying ?; urdhva prasarit padasana;
      oordhva prasarita padasana; urdva prasarita padasana; UPP; uttanpadasana ?; uttana padasana both legs ?;
      dwi pada uttanasana lying; two flagpoles; on back, both legs straight up;
      lie down, both legs held vertical, arms alongside or overhead; legs at right angle to body, lying; L shape lying;
      lying down, two straight legs up in the air, feet above hips;
      legs pointing to ceiling, back flat, no wall behind; legs to ceiling;
      uttanpadasana; uttana padasana; legs straight up; dwi pada
    `,
    wall: `
      legs at 90 with wall to help; urdhva prasarita padasana wall; legs vertical resting on the wall, from leg raises ?;
      both legs up, heels on the wall ?
    `,
    'knees-bent': `
      legs up, knees bent; legs up at ninety but bend the knees; double leg raise with soft knees;
      legs vertical, knees softened
    `,
    'lowering-legs': `
      double leg raise; double leg raises; leg raises; leg raising; leg lifts lying; leg raises lying; leg raises lying both legs;
      both legs raised and lowered; on back, lift both legs together, knees straight; raise both legs to vertical and lower;
      lower the legs slowly from vertical; leg lowers; double leg lowers; lower both straight legs toward floor;
      legs up then down to 60 / 30 degrees
    `,
    not: `
      legs up the wall = viparita-karani; one leg up with strap = supta-padangusthasana-1;
      deep core tabletop = deep-core-tabletop; shoulder stand = sarvangasana; 90-90 hips = ninety-ninety;
      wide-leg fold = prasarita-padottanasana; legs on a chair = legs-on-chair; boat = navasana
    `,
  },
  'supine-bicycle': {
    plain: `
      bicycle; bicycle lying; bicycles; bicycle legs; cycling; cycling lying; cycle legs, on back; pedal the air;
      pedalling lying; pada sanchalana; pada sanchalanasana; pad sanchalan; pada sanchalan; paad sanchalana; cycle @lying;
      cycle the legs; on back, pedal legs; lie on back, legs cycle in the air; ride to the beach; ride a bike @kids;
      air bike; bike legs on back; cycling legs forward and backward, supine; bycycle; bicyle; leg cycling;
      on back, legs in the air going round like pedals; lying, move the legs as if riding to somewhere;
      one knee in one leg out, big circles, lying down; pedal in the air; cycle legs; bike legs
    `,
    seated: `
      bicycle sitting; seated cycling legs; lean back on hands, pedal legs, sitting; bicycle in a chair ?;
      pedal the legs seated instead of lying
    `,
    not: `
      bicycle crunch elbow to knee = absent; pedal feet in downward dog = adho-mukha-svanasana; dead bug = dead-bug;
      seated march = chair-march; knee circles lying = supine-knee-circles; toe taps = supine-heel-march
    `,
  },
  'supine-knee-circles': {
    plain: `
      knee circles lying; knee circles; knee circles on back; hip circles supine; hip circles lying; hip circles @lying;
      circle the knees, lying; stir the pot with your knees; stir with the knees; hands on knees, circle them, on back;
      knees over belly, draw circles; massage low back in circles, knees in; lie on back, hold knees, roll them round;
      knees to chest then circle; circles with both knees; sacrum massage circles ?; round and round with knees, lying;
      low-back massage: knees in, circle; supine hip cirlces; both knees circling over hips;
      lying, knees bent above hips, hands guide them in little rounds; circle the knees; circles with knees lying;
      knees draw circles; stir knees
    `,
    'one-knee': `
      one knee circles lying; single knee circle; circle one knee, other foot down; hip circle one leg, on back;
      draw circles with one knee, hip joint
    `,
    not: `
      knees to chest = apanasana; hip circles on all fours = all-fours-hip-circles; pelvic clock = pelvic-clock;
      standing hip circles = standing-hip-circles; leg circles pilates straight leg = absent;
      rocking side to side knees in = rocking-ball; churning the mill = churning-the-mill
    `,
  },
  'supine-leg-slide': {
    plain: `
      leg slides lying; leg slides; leg slide @lying; heel slides; heel slides lying; heel slide on back;
      slide heel out and in, lying; slide one leg away along the floor; on back, knees bent, slide one heel out;
      lie on back, slide leg long and return; straighten one leg along mat, drag back; pelvis still, heel glides away;
      core heel slides; sliding heel supine; snow plough; snow plow; leg slides on back w/ sock; heal slides;
      single leg slides, pelvis neutral; foot slides out in and out on mat lying; pilates leg slides;
      on back, push one foot away on the floor till leg straight, pull back; slide heel; slide heel out;
      slide leg out and in lying; heel slide in bed; janu naman lying; bend and stretch leg lying
    `,
    chair: `
      heel slides on chair instead of lying; leg slides lying one: chair option;
      slide heel out sitting, from the lying version; chair for leg slides ?
    `,
    not: `
      leg slides on chair = chair-leg-slide; dead bug with heel slides = dead-bug; supine march = supine-heel-march;
      plough = halasana; snow angel = supine-arm-float; slide reverse plank = purvottanasana
    `,
  },
  'supine-arm-float': {
    plain: `
      arm floats lying; arm float; arm floats on back; arm floats @lying; snow angels; snow angel; snow angels lying;
      snow angel arms; arms overhead with the breath @lying; arms overhead lying, with breath; lying arm raises;
      on back, arms float up and over with breath; inhale arms overhead, exhale down, lying;
      arms up over head and back down, supine; sun breath lying; lying sun breath; supine arm raises with breathing;
      knees bent on back, arms float overhead; arms over the head to floor behind, and return, lying;
      float your arms back, lying down; supine arm sweeps; arms overhead lying with breath; arms over head & back;
      raise arms back lying; hands up with inhale, down with exhale, lying; arms up and down lying; angel arms;
      floor angels; arm raises on back
    `,
    'along-the-floor-sideways': `
      arms slide along floor sideways, snow angel; sweep the arms out along the floor;
      snow angel on the ground, arms stay down; arms glide sideways on mat up to ears
    `,
    'stop-at-vertical': `
      arm floats, stop at vertical; arms to ceiling only, lying; lift arms just to point up, on back;
      arms up to vertical and down, shoulder sore
    `,
    not: `
      wall angels = wall-arm-slide; arms overhead standing = urdhva-hastasana; sun breath standing = standing-sun-breath;
      bridge with arms overhead = setu-bandhasana; star = five-pointed-star; dead bug arms = dead-bug;
      full body stretch lying (yastikasana) = absent
    `,
  },
  'supine-ankle-pumps': {
    plain: `
      ankle pumps lying; ankle pumps on back; ankle pumps @lying; foot pumps; foot pumps lying; circulation pumps;
      circulation exercise, feet, lying; point and flex lying; point & flex on back; flex and point lying down;
      feet up and down, lying, for circulation; DVT pumps; lie on back, pump ankles; wave goodbye with your feet;
      pedal the feet lying; on back, toes to shin, toes away; calf pump in bed; flex feet lying; goolf naman lying;
      gulpha naman @lying; toes up, toes down, lying on back; ankel pumps lying; lying down, pull feet up, push feet away;
      on the back in bed, move both feet up and down; legs out on floor, lying, only ankles work; ankle pumps;
      feet up and down lying; pump ankles in bed; flex point feet lying; ankles up down, lying
    `,
    'calves-on-chair-or-cushion': `
      ankle pumps lying with calves on chair; calves on cushion, pump the feet, on back; legs raised on chair, foot pumps;
      point and flex with legs on a pile of cushions, lying
    `,
    not: `
      ankle pumps sitting = ankle-pumps; ankle circles on chair = chair-ankle-circles;
      heel and toe raises on chair = chair-heel-toe-raises; calf raises = heel-raise; legs on a chair rest = legs-on-chair;
      heel slides = supine-leg-slide
    `,
  },
  'supine-neck-release': {
    plain: `
      head rolls lying; head rolls on back; roll the head side to side, lying; head roll @lying; rolling head lying;
      neck release supine; neck release @lying; neck rolls lying; lying neck release; rolling coconut; coconut head;
      head heavy, roll slowly side to side, on back; lie on back, let head roll one way, then other;
      turn head side to side lying; head rolling lying down; say no slowly with your head, lying; supine head rolls;
      neck turning on floor; back of the head rolls on the mat; neck massage on a block lying ?; head-rolls in semi-supine;
      nose draws half circle lying; on back, look one side, look the other side, head stays on mat; roll head on floor;
      head side to side, lying; head rolling on pillow; roll the head gently on mat
    `,
    seated: `
      head rolls lying, do sitting; neck release from lying, seated option;
      turn head side to side sitting instead of lying; head roll seated ?
    `,
    not: `
      neck release seated ear to shoulder = neck-release; head half-circles = chair-head-circles;
      chin tucks = chair-chin-tuck; head lift curl-up = supine-curl-up; rocking and rolling = rocking-ball;
      side neck stretch on chair = chair-neck-stretch
    `,
  },
  'supine-curl-up': {
    plain: `
      head lift; head lift lying; head lifts; small curl-up; curl up; curl-up; curl ups; curl-ups; mini crunch; crunch ?;
      crunches ?; ab curl; abdominal curl; chest lift pilates; chest lift @lying; half sit-up; abdominal check;
      diastasis check; rec check; DRAM check; peek at your toes; lie on back, knees bent, lift head and shoulders;
      on back, nod chin, curl head up, look at toes; exhale, lift head off the mat;
      head and shoulders off floor, arms alongside; mcgill curl ?; chest lift; head and shoulders up; peek at toes;
      elbows behind head, curl; half curl
    `,
    'hands-behind-head': `
      curl-up, hands behind head; head lift with hands supporting the head; crunch with elbows wide, hands at back of head;
      chest lift, fingers laced behind head
    `,
    'head-stays-down': `
      head stays down, just draw the belly in; curl-up without lifting: head on mat;
      abdominal brace, head down, instead of curl; no head lift, nod chin only, head rests
    `,
    not: `
      head rolls lying = supine-neck-release; bridge = setu-bandhasana; boat = navasana;
      seated chest lift on chair = chair-backbend; side-lying curl = side-lying-cat; cobra chest lift prone = bhujangasana;
      full sit-up = absent; roll down = roll-down
    `,
  },
  'supine-adductor-squeeze': {
    plain: `
      cushion squeeze lying; cushion squeeze on back; knees squeeze feet down; ball squeeze lying; ball squeeze on back;
      pillow squeeze lying; squeeze a block between knees, lying feet down; adductor squeeze lying;
      adductor squeeze @lying; inner thigh squeeze on back, feet flat; squeeze the pillow;
      lie on back, knees bent, cushion between the knees, squeeze; on back, feet down, squeeze ball, release;
      knee squeeze supine; supine adductor squeeze; knees press into cushion, feet on the floor, lying;
      block squeeze in crook lying; inner thighs on the back, cushion; squeeze & let go, cushion btw knees, lying;
      cushion sqeeze lying; squeeze cushion lying; knees squeeze in bed; adductor squeeze
    `,
    'with-small-bridge': `
      bridge with cushion; cushion squeeze and small bridge; squeeze the pillow and lift hips a little;
      small bridge with ball between the knees ?; squeeze, tilt, tiny lift of hips with cushion
    `,
    not: `
      cushion squeeze on chair = chair-adductor-squeeze; legs at 90 cushion squeeze = deep-core-tabletop;
      bridge on toes with cushion = setu-bandhasana; squeeze a cushion side-lying = side-lying-inner-thigh-lift;
      pelvic floor lift = mula-bandha; supine twist block between knees = supine-twist-knees-together
    `,
  },
  matsyasana: {
    plain: `
      fish; fish pose; matsyasana; matsyasan; matsysana; matsya asana; matsayasana; mathsyasana; masyasana; matsiasana;
      fish on forearms; sardal matsyasana ?; saral matsyasana; easy fish; arched fish; uttana padasana without legs ?;
      on back, forearms down, lift chest, crown to floor; lie on back, hands under hips, arch chest up, head back;
      elbows press, chest lifts, head tips back, lying; chest up, top of head on floor, legs straight;
      counterpose to shoulder stand, chest arched; arch on elbows lying face up; fish @lying; fsh pose;
      heart opener on elbows, lying; lying, legs together, lift breastbone, forearms take the weight; the fish; matsya;
      counter fish; chest lift lying on elbows
    `,
    'on-blocks-or-roll': `
      fish on blocks ?; fish over a roll ?; fish with two blocks, under back and head;
      matsyasana with block under shoulder blades; fish on a rolled blanket ?
    `,
    'knees-bent': `fish with knees bent; fish, feet flat, knees up; matsyasana bent knees; arch chest on forearms, knees bent`,
    not: `
      supported fish = supported-fish; half lord of the fishes = ardha-matsyendrasana;
      gentle backbend over roll = supported-backbend; lotus fish = absent; flapping fish (matsya kridasana) = absent;
      sphinx on forearms = sphinx; supta matsyendrasana = supine-twist-foot-on-knee; crocodile = makarasana
    `,
  },
  'urdhva-dhanurasana': {
    plain: `
      wheel; wheel pose; full wheel; upward bow; upward-facing bow; upward facing bow; UD ?; full back bend; full backbend;
      urdhva dhanurasana; urdhva dhanurasan; urdva dhanurasana; oordhva dhanurasana; urdhva dhanu; chakrasana;
      chakra asana; wheel/chakrasana; rainbow bridge; backbend from the floor ?; crab bend @kids;
      hands by ears, feet flat, push up, arms straight, arch; lie on back, hands beside ears, press up into arch;
      big arch, hands & feet on floor, belly to the sky; push up to a full arch; bridge on straight arms, head off floor;
      upword bow; gymnastic bridge; lying, palms under shoulders by ears, lift whole body in an arc;
      hands and feet on mat, chest and hips up as high as ok
    `,
    bridge: `bridge instead of wheel; stay in bridge, no wheel; wheel or bridge ?; option to wheel: bridge`,
    'over-a-chair-or-ball': `
      wheel over a chair; backbend over a gym ball; urdhva dhanurasana through a chair, supported;
      arch back over swiss ball; drape over ball, full back bend; wheel supported through the chair
    `,
    not: `
      bow = dhanurasana; bridge = setu-bandhasana; half wheel standing = anuvittasana; camel = ustrasana;
      reverse tabletop = ardha-purvottanasana; wild thing (flip dog) = absent;
      supported backbend over a roll = supported-backbend; chair back bend = chair-backbend;
      waist wheel (kati chakrasana) = standing-twist
    `,
  },
  'supta-virasana': {
    plain: `
      reclining hero on bolster; reclined hero; reclining hero; reclined hero on a bolster; supta virasana;
      supta veerasana; supta virasan; supta vira; suptavirasana; supta virasana bolster; lying hero; hero lying back;
      lie back from hero; saddle; saddle pose; yin saddle; half-saddle both legs ?; sleeping knight;
      kneel between heels, lie back on bolster; sit between feet and recline;
      knees bent under, feet by hips, lean back over bolster; supta vajrasana ?; thighs stretch kneeling, lying back;
      reclined thunderbolt ?; shins folded under, lie back; reclining hero w/ bolster and blanket;
      sit between the heels, then recline onto cushions; kneeling seat, feet outside hips, slowly lie down backward;
      knees folded under, upper body on a bolster, arms open; saddle @yin; lean back on heels
    `,
    'bound-angle-instead': `
      bound angle instead of reclining hero; saddle not OK: lie back in butterfly;
      supta virasana swap: soles together on the bolster; knees unhappy, take reclined butterfly instead of hero
    `,
    'one-leg': `
      one-leg reclining hero; half saddle; half reclining hero; supta virasana with one leg straight; ardha supta virasana;
      one foot by hip, other leg long, lie back
    `,
    not: `
      hero = virasana; thunderbolt = vajrasana; reclining bound angle = supta-baddha-konasana;
      side-lying quad stretch = side-lying-quad-stretch; bolster ramp rest = incline-rest;
      warrior sleeping savasana = savasana; camel = ustrasana
    `,
  },
  'rocking-ball': {
    plain: `
      rocking and rolling; rock and roll; rock n roll; rock & roll; rock along the spine; roll like a ball;
      rolling like a ball; rolling ball; roll back and forth on the spine; rocking on back; spinal rocks; spine rocking;
      jhulana lurhakanasana; jhulana lurkanasana; jhulan lurhakan; jhulana lurhakan asana; roly-poly hedgehog; roly poly;
      roly poly hedgehog; hedgehog roll; hug knees, roll up and down along spine;
      knees hugged, rock back to shoulders and up to sit; tuck in a ball and rock front to back; rolling massage for back;
      egg roll; hold behind knees, roll to shoulder blades, come to seated;
      on back, knees in arms, swing forward and backward on the spine; rolling; rock on the back; roll on the spine;
      rocking chair; rock & roll few times; massage the back by rolling; pull knees in, roll
    `,
    'side-to-side': `
      rock side to side, knees hugged; roll from side to side in a ball; rocking side to side on back;
      knees in, sway like a cradle side to side; hug knees and roll sideways
    `,
    not: `
      knees to chest = apanasana; rock back and forth on all fours = kneeling-rock; plough rolls = halasana;
      rowing the boat = nauka-sancalana; windscreen wipers = supine-windscreen-wipers; roll down standing = roll-down;
      happy baby rocking = ananda-balasana; rabbit = shashankasana; rolling coconut head = supine-neck-release
    `,
  },
};
