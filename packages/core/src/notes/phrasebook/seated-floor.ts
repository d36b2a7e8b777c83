import type { Phrases } from './phrases.js';

export const seatedFloor: Phrases = {
  sukhasana: {
    plain: `
      sit with eyes closed; seated, eyes closed; sit quietly, eyes closed; sit tall and close your eyes; sit and arrive, eyes shut;
      easy seat; easy pose; sukhasana; sukasana; sukhasan; sukh asana; sooka sana; suka sana; sukhāsana; cross legged;
      cross-legged sitting; x-leg seat; sit cross legged; sitting cross legs on mat; comfortable seat; comfy seat;
      sit comfortably; simple cross legs; palthi; criss cross applesauce; crisscross; legs crossed on floor, spine tall;
      shins crossed, sit up, hands on knees; quiet camp fire; tailor's pose ?; come to seated ?;
      sit on the mat, legs folded in, back straight; legs folded, each foot under opposite knee, hands resting;
      on floor, ankles crossed, sit tall; sit down, cross the legs, hands on the knees; easy sit; tailor seat;
      cross-legged; crosslegged sitting; sit easy; criss cross; sukh; legs crossed; quiet sitting; criss-cross applesauce;
      cross legged seat; tailor sitting; sit comfortably on a block; centering seat; meditation seat;
      sit tall ?; sit up tall ?; sit upright ?
    `,
    'higher-seat': `
      sukhasana on a block; sit up on folded blankets, legs crossed; cross-legged on a bolster;
      easy seat raised on cushion; sit higher, on two blankets @sitting; prop hips up in easy pose; zafu, cross legs
    `,
    'back-to-wall': `
      sukhasana back against wall; cross legged, lean on the wall; easy seat with wall behind; sit at wall cross-legged;
      easy pose, back supported by wall
    `,
    'blocks-under-knees': `
      easy seat, blocks under knees; cushions under knees cross legged; sukhasana support the knees w blocks;
      cross legs, knees propped; blankets under each knee, sukhasana
    `,
    'on-a-chair': `
      easy seat on a chair instead; sukhasana @chair; instead of cross-legs, sit on chair; meditation seat on chair ?;
      sit on chair, feet flat instead of sukhasana
    `,
    not: `
      half lotus = padmasana; hero = virasana; cross-legged forward fold = adho-mukha-sukhasana;
      cross-legged twist = parivrtta-sukhasana; seated mountain @chair = chair-mountain; accomplished pose = siddhasana;
      stacked shins = agnistambhasana; side bend cross-legged = parsva-sukhasana
    `,
  },
  siddhasana: {
    plain: `
      accomplished seat; accomplished pose; siddhasana; sidhasana; siddhasan; sidh asana; siddasana; siddha yoni asana;
      siddha seat; adept's pose; perfect pose; heels in line; one heel in front of the other, sitting;
      heels stacked in line in front of pubic bone; meditation seat, heels aligned; heel to perineum, other heel in front;
      sit, bring one heel in, other foot in front, shins on floor; burmese position ?; burmese seat;
      half-crossed, feet not under knees, both on floor; statue ?; sidhhasana; meditation pose ?; muktasana ?;
      sitting with one foot tucked in, the other foot just in front of it;
      both knees on floor, heels line up with the navel; meditation seat; sit for meditation; meditate; meditation;
      seated meditation; sitting meditation; silent sitting; dhyana; dhyan
    `,
    'on-a-chair': `
      siddhasana on a chair; sit on chair for meditation instead of siddhasana; meditation posture on chair ?;
      accomplished seat @chair; chair meditation seat, ankles together
    `,
    not: `
      cross-legged = sukhasana; half lotus = padmasana; lotus = padmasana; freeze game statues = kids-statues;
      swastikasana = absent; thunderbolt meditation seat = vajrasana
    `,
  },
  padmasana: {
    plain: `
      lotus; lotus pose; full lotus; padmasana; padmasan; padma asana; padmasna; pudmasana; padhmasana; lotus seat;
      lotus legs; both feet on opposite thighs; feet on top of thighs, sitting; each foot up on the other thigh, soles up;
      kamalasana; lotus position; sit in lotus; fold both feet into hip creases; water lily; water lilly;
      padmasana for meditation; crossed legs feet on thighs; sitting, each ankle high on the opposite thigh, spine tall;
      legs fully folded, soles turned up in the lap; put the two feet in the groins, sit straight
    `,
    'easy-seat': `
      easy seat instead of lotus; sukhasana instead of padmasana; no lotus, just cross the legs;
      lotus option: simple cross legs; skip lotus, sit easy
    `,
    'half-lotus': `
      half lotus; half-lotus seat; ardha padmasana; ardh padmasana; 1/2 lotus; ardha padma;
      one foot on opposite thigh, other under; one leg lotus, one leg tucked
    `,
    not: `
      half lotus forward fold = absent; seated meditation, heels aligned = siddhasana; cross-legged = sukhasana;
      standing half lotus = absent; fire log = agnistambhasana; bound lotus = absent; lotus mudra = absent
    `,
  },
  dandasana: {
    plain: `
      staff; staff pose; stick pose; dandasana; dandasan; dundasana; danda asana; dhandasana; dandāsana; L-sit on floor ?;
      long sitting; long sit; sit with legs straight out; legs straight in front, sit tall;
      seated, legs extended, feet flexed; sit upright, both legs forward, hands by hips;
      legs outstretched, spine vertical, flex feet; sitting soldier; rod pose; straight leg sit; stafff;
      sit tall legs long toes up; seated on floor, legs together straight ahead, palms down beside hips; legs long sitting;
      sit with legs straight; dand; stick; sit tall legs out; legs out in front @sitting;
      sit legs long; legs straight out sit tall
    `,
    'knees-over-a-roll': `
      staff, roll under knees; dandasana with rolled blanket under the knees; long sitting, knees over bolster;
      legs straight-ish over a rolled towel, sit tall; knees softened on roll in dandasana
    `,
    'back-to-wall': `
      dandasana at wall; staff pose back against the wall; sit with back on wall, legs straight; long sit, wall behind;
      back to wall, legs out in front, floor
    `,
    'on-a-chair-heels-on-second-chair': `
      staff on a chair, heels on another chair; two chairs: sit on one, heels on the other;
      dandasana on chair, legs on second chair; sit on chair with legs straight up on a second seat;
      legs bridged between two chairs
    `,
    not: `
      four-limbed staff pose = chaturanga; chaturanga dandasana = chaturanga; stick lying down, full-body stretch = absent;
      seated forward fold = paschimottanasana; yoga danda asana = absent; upward plank from staff = purvottanasana
    `,
  },
  'ankle-pumps': {
    plain: `
      ankle and toe pumps; ankle pumps; point and flex; flex and point feet; toe bending; toes and ankles, legs straight;
      padanguli naman; padanguli naman goolf naman; goolf naman; gulf naman; gulpha naman;
      pawanmuktasana 1 toes and ankles; PMA 1 feet; padangushtha naman; wave with your feet; foot flexing in long sitting;
      sit legs out, curl toes, stretch toes; sit with legs extended, feet forward and back; scrunch toes & spread, sitting;
      ankle bending sitting on floor; toe scrunches; flex feet point feet, staff; feet pumping @sitting;
      toes forward toes back; sit on mat, hands behind, legs straight, move only the feet;
      lean back on hands, feet forward, feet back; legs long in front, bend and stretch all toes;
      foot pumps sitting; ankle bending; flex and point; feet flex and point; ankle flexion sitting;
      toes curl and spread, legs long
    `,
    'lying-legs-on-a-cushion': `
      point and flex lying, legs on cushion; ankle pumps lying with calves on a pillow ?;
      legs up on bolster, work the feet; feet up on cushion lying, pump ankles ?;
      toes n ankles lying, legs raised on cushions
    `,
    circles: `
      ankle circles legs straight @sitting; goolf chakra; gulpha chakra @floor; ankle rotation long sitting;
      circle the feet, legs out in front; ankle rolls in dandasana; draw circles with big toes, sit legs long
    `,
    not: `
      ankle circles on chair = chair-ankle-circles; ankle pumps lying = supine-ankle-pumps;
      heel and toe raises sitting on a chair = chair-heel-toe-raises; toe squat = vajrasana-toes-tucked;
      calf raises = heel-raise
    `,
  },
  paschimottanasana: {
    plain: `
      seated forward fold; seated forward bend; seated fwd fold; sitting forward bend; SFF; FF seated; pascimottanasana;
      paschimottanasana; paschimotanasana; paschimothanasana; paschimottasana; paschimo; paschi; pashchimottanasana;
      posterior stretch; back stretching pose; intense west side stretch; both legs straight fold;
      fold over straight legs, sitting; sit legs out, reach for toes; legs long, hinge over, hold feet;
      fwd fold over both legs @sitting; closing book; forward fold @sitting; caterpillar ?; pachi motta nasana;
      sitting, two legs together straight, bend forward from the hips;
      belly to thighs, chest to shins, legs straight on floor; sit, stretch both legs, catch the toes with fingers;
      legs together out in front, walk hands down to feet; pliers; the pliers; pincers; clamp; caterpillar @yin;
      jack-knife sitting; pike sitting; legs long fold; pashi; seated fold, legs straight; seated FB; SFB; west stretch;
      toes and fold, sitting; L-sit fold; sit legs out, reach for feet; uttana pada fold sitting; paschim;
      straight leg forward bend sitting;
      seated fold; sitting forward fold; fold over legs; forward fold seated, strap; long sit and fold
    `,
    'knees-bent-over-roll': `
      seated fold with bent knees over a roll; knees bent, blanket roll under, fold @sitting;
      paschimottanasana, rolled blanket under knees; seated fwd bend soft knees on bolster;
      bend knees, belly to thighs, sitting fold
    `,
    'flat-back-with-strap': `
      strap round feet, long back, seated fold; paschi w/ belt, flat back; hold strap, hinge with straight spine, legs out;
      seated fold, half way, belt round soles; concave back, strap on feet @sitting;
      seated forward bend with strap; strap round the feet in the seated fold
    `,
    'head-on-chair-or-bolster': `
      seated forward fold, head on bolster; paschimottanasana forehead on chair seat; bolster on legs, rest head, fold;
      legs under a chair, head on the seat, fold; restful seated fold, forehead supported ?
    `,
    'wide-legs': `
      seated fold with feet mat-wide; paschi legs apart, belly room; seated forward fold legs a bit wide;
      fold between the legs, feet wider than hips ?; wide-ish legs for paschimottanasana
    `,
    not: `
      standing forward fold = uttanasana; seated forward fold @chair = chair-forward-fold; purvottanasana = purvottanasana;
      supported forward fold, long hold = supported-forward-fold; one-leg seated fold = janu-sirsasana;
      caterpillar for kids = kids-caterpillar; seated straddle fold = upavistha-konasana
    `,
  },
  'janu-sirsasana': {
    plain: `
      head to knee; head to knee pose; head-to-knee fwd bend; head of the knee; janu sirsasana; janu shirshasana;
      janu sirsana; janushirasana; janu sirshasan; janu; janu A; janu sirsasana a; JS; one leg seated fold;
      one-leg forward bend sitting; half butterfly; half a butterfly; one leg straight, one bent, fold;
      sole to inner thigh, fold over straight leg; foot to inside of thigh, reach for other foot;
      single leg forward fold @sitting; seated single leg fold; ardha paschimottanasana; tree fold sitting;
      one knee bent out to side, fold over long leg; jaanu sirsasana; leg fold one at a time ?;
      seated, heel in groin, other leg out, bow down over it; half butterfly @yin; half straddle one leg bent;
      one leg in, fold over long leg; single-leg fold;
      one leg fold; half butterfly fold; one leg bent, fold over long leg
    `,
    'strap-flat-back': `
      janu with strap, flat back; head to knee w/ belt, long spine; strap round the straight leg foot, sit tall;
      one leg out, belt on foot, don't round; janu sirsasana straight back holding belt
    `,
    'block-under-bent-knee': `
      janu, block under bent knee; head to knee, cushion under the bent knee; support the bent knee, one-leg fold;
      bent knee propped on blanket, fold over other leg; janu sirsasana knee supported
    `,
    'head-on-chair-seat': `
      janu sirsasana forehead on chair seat; one leg under chair, rest head on seat; head to knee with head on chair;
      one-leg fold, arms and brow on the chair seat; janu restorative, chair
    `,
    not: `
      headstand = sirsasana; revolved head to knee = parivrtta-janu-sirsasana;
      both legs straight seated fold = paschimottanasana; knee to chest = apanasana-single;
      half split = ardha-hanumanasana; maha mudra = absent
    `,
  },
  'baddha-konasana': {
    plain: `
      bound angle; bound angle pose; butterfly; butterfly pose; butterfly legs; cobbler; cobbler's pose; cobblers;
      shoemaker; tailor pose; baddha konasana; baddhakonasana; bada konasana; bhadrasana; BK ?; titli asana; poorna titali;
      soles together, knees open, sit tall; soles of feet together @sitting; feet together knees wide, hold feet;
      sit, sole to sole, knees drop out; knees out heels in; flap the knees @sitting; purna titli; butterfly stretch;
      buterfly; bound angel; sit up, bring both soles to touch, let the knees go down;
      sitting, feet together near the groin, knees moving like wings;
      hold the feet with hands, knees drop to floor, back straight; titali; purna titali; tailor's pose; butterflies;
      baddha k; BK; flapping butterfly; butterfly wings; badha kona; soles together sitting; knees flap;
      soles together seated; feet together, knees wide, sit; frog legs sitting
    `,
    'blocks-under-knees': `
      butterfly, blocks under knees; bound angle with cushions under thighs @sitting; cobbler, knees supported;
      baddha konasana support outer knees on blocks; soles together sitting, knees resting on bolsters
    `,
    'diamond-feet-far': `
      feet further away, diamond legs, upright; diamond shape legs, sit tall; butterfly w feet far from hips, no fold;
      baddha konasana wide diamond; soles together, heels far forward, sitting upright
    `,
    'back-to-wall-high-seat': `
      bound angle back to wall, on blankets; butterfly at the wall, sit high; sit on bolster, wall behind, soles together;
      cobbler's with back against wall; baddha konasana raised seat + wall; bound angle sitting on a block
    `,
    lying: `
      butterfly lying ?; cobbler lying down; bound angle on back ?; take butterfly lying instead of sitting;
      soles together lying, from butterfly
    `,
    not: `
      reclined butterfly = supta-baddha-konasana; butterfly forward fold = tarasana; butterfly for kids = kids-butterfly;
      butterfly at the wall, legs up = wall-butterfly; bound side angle = parsvakonasana; half butterfly = janu-sirsasana;
      wide angle seated = upavistha-konasana
    `,
  },
  tarasana: {
    plain: `
      diamond fold; tarasana; tara asana; taarasana; star fold; star pose seated ?; butterfly forward fold; butterfly fold;
      fold in butterfly; diamond legs, round forward; soles together, feet far, fold forward;
      soles together, round over the feet; diamond pose fold; bound angle forward bend; baddha konasana fold ?;
      cobbler fold; yin butterfly; seated star; sleeping star ?; head to feet, diamond legs;
      feet together away from you, drop head; sit soles together, heels well forward, head hangs; baddha konasana B ?;
      diamnd fold; soles touching a long way from you, curl forward, head low; butterfly @yin; butterfly, round forward;
      round over soles together; baddha konasana B
    `,
    'forehead-on-stacked-fists-or-block': `
      butterfly fold, head on fists; tarasana forehead on a block; diamond fold, stack fists on feet and rest brow;
      rest forehead on block, diamond legs; star fold, head supported on stacked hands;
      soles together fold, brick under forehead
    `,
    not: `
      five-pointed star = five-pointed-star; butterfly upright = baddha-konasana; star for kids = kids-star;
      diamond pose vajrasana = vajrasana; lying butterfly = supta-baddha-konasana; tadasana = tadasana
    `,
  },
  'upavistha-konasana': {
    plain: `
      wide-leg seated; wide leg seated fold; seated straddle; straddle; straddle sit; wide angle; wide angle seated;
      seated wide leg forward bend; upavistha konasana; upavista konasana; upavishta konasana; upavesha konasana;
      upavishtha konasan; upa konasana; UK ?; dragonfly; legs wide @sitting; legs apart, sit tall, walk hands forward;
      sit with legs in a V, fold; legs in a V sitting; open fan; seated legs wide apart; wide legs fold @sitting;
      legs out wide, hinge forward sat on floor; pancake; bhu namanasana ?; stradle; wide-legged seated fwd bend;
      sit on floor, open both legs as wide as ok, bend forward;
      seated, wide apart legs, kneecaps up, hands walk to the front; dragonfly @yin; straddle @yin; upavista k;
      upavishta kona; seated V; legs wide sitting fold; upavista;
      legs wide sitting
    `,
    'knees-bent-over-rolls': `
      straddle with knees bent over rolls; wide leg seated, blanket rolls under knees;
      upavistha, soft knees on rolled blankets; legs wide, knees propped on rolls, sitting; bent-knee straddle
    `,
    'bolster-in-front': `
      straddle over a bolster; wide legs, bolster in front, lie chest on it; dragonfly with bolster;
      upavistha fold onto bolster; bolster between legs, rest forward, wide legs
    `,
    'at-a-chair': `
      wide-leg seated, arms on chair seat; straddle with chair in front, head on seat; upavistha at a chair;
      legs wide around the chair legs, fold on to seat; wide angle on floor, forearms on chair
    `,
    not: `
      standing straddle fold = prasarita-padottanasana; legs wide up the wall = wall-straddle; butterfly = baddha-konasana;
      chair goddess = chair-goddess; lying legs wide happy baby = ananda-balasana; standing angle pose = absent;
      seated splits, front = hanumanasana
    `,
  },
  'adho-mukha-sukhasana': {
    plain: `
      cross-legged forward fold; cross legged fold; easy seat fold; easy pose fold; sukhasana forward bend; sukhasana fwd;
      adho mukha sukhasana; adhomukha sukhasana; ado muka sukasana; forward fold cross legged; fold over crossed legs;
      x-leg fold; sit cross-legged, walk hands forward; cross legs, bow forward; yoga mudra ?; yoga mudrasana ?;
      seated bow cross legged; sleepy tent; forehead toward floor, legs crossed; legs crossed, hinge forward, arms long;
      simple cross legs and fold; sukhasan bend forward; cross leg bow; easy seat, melt forward over shins;
      seated, shins crossed, lay the body down over the legs; sit with folded legs, walk fingertips forward, head drops;
      legs crossed, arms stretched on mat in front, forehead down; crossed legs forward; walk hands forward, cross-legged;
      lean forward cross-legged; cross leg fold
    `,
    'arms-on-chair-seat': `
      cross-legged, arms and head on chair seat; easy seat fold onto a chair; sukhasana, rest forehead on chair;
      sit cross legs at chair, lean on the seat; fold cross-legged, forearms on seat of chair
    `,
    not: `
      easy seat upright = sukhasana; seated forward fold legs straight = paschimottanasana; child's pose = balasana;
      fire log fold = agnistambhasana; cross-legged twist = parivrtta-sukhasana; downward dog = adho-mukha-svanasana;
      chair forward fold = chair-forward-fold
    `,
  },
  'seated-cat-cow': {
    plain: `
      seated cats; cats sitting cross legged; cat cow sitting on the floor;
      seated cat-cow ?; seated cat cow on mat; cat cow cross-legged; cross-legged cat cow; c/c cross legged;
      cat/cow in sukhasana; cat cow sitting on the floor; sitting cat/cow; cross legged spine rolls;
      spinal flexion sitting, legs crossed; round and arch the back, cross-legged;
      hands on knees, chest forward, then round back; sufi rocks front and back ?; camel ride ?; kundalini spine flex;
      spine flex in easy pose; hold shins, pull chest through, slump back; sea horse;
      easy seat, tuck chin round spine, lift chest arch; seated marjaryasana on the floor; marjari sitting crossed legs;
      arch n round sat cross legged; seated undulation @floor; cat cow sitting on floor; seated cat cow cross-legged;
      spinal flexes sitting; camel ride; spinal flex; arch and round, cross-legged
    `,
    chair: `
      seated cat cow on chair instead; cat cow, take the chair; cross-legged cat cow, chair version;
      chair option for seated cat cow; seated c/c, sit on chair edge
    `,
    not: `
      cat-cow on all fours = marjaryasana; chair cat-cow = chair-cat-cow; standing cat-cow = standing-cat-cow;
      side-lying cat = side-lying-cat; pelvic tilts sitting on chair = chair-pelvic-clock; cat for kids = kids-cat
    `,
  },
  'seated-circles': {
    plain: `
      seated trunk circles; trunk circles sitting cross-legged; torso circles; seated torso circles; sufi circles;
      sufi grinds; sufi rolls; stirring cross legged; stir the honey; body circles, cross legs; seated spine circles;
      circle the ribs round, sitting crosslegged; barrel rolls seated; waist circles sitting;
      big circles from the hips, hands on knees, sukhasana; roll the torso round and round @sitting;
      rotate trunk over sit bones, legs crossed; circle around the sit bones @floor; seated circles; spinal circles easy seat; washing machine circles ?;
      cross-legged, draw circles with crown; hands on knees, chest circles; circle the trunk sitting; stir the trunk;
      barrel rolls; ribcage circles seated; body circles sitting; upper body circles; spinal circles;
      big circles on sit bones
    `,
    chair: `
      trunk circles on a chair; seated circles @chair; torso circles in chair, feet flat; sufi circles on chair;
      stir the honey on the chair
    `,
    not: `
      churning the mill = churning-the-mill; pelvic circles on chair = chair-pelvic-clock;
      standing hip circles = standing-hip-circles; head circles = chair-head-circles;
      knee circles lying = supine-knee-circles; shoulder circles = chair-shoulder-circles
    `,
  },
  agnistambhasana: {
    plain: `
      fire log; fire log pose; firelog; fire logs; double pigeon; agnistambhasana; agni stambhasana; agnistambasana;
      agni sthambhasana; agnistamba; ankle to knee pose seated; stacked shins; stack the shins; shin on shin, sitting;
      square pose; one shin on top of the other, ankle over knee, sitting; stacked logs;
      each knee over the opposite ankle @sitting; shins parallel to front of mat, stacked; logs;
      cross-legged but shins piled up; shoelace ?; fire log fold;
      sitting, top ankle on bottom knee, bottom ankle under top knee; pile one lower leg on the other like firewood;
      seated on floor, ankle over knee, knee over ankle; square; square pose @yin; ankle to knee; shin on shin
    `,
    'block-under-the-top-knee': `
      fire log, block under top knee; double pigeon with cushion under the high knee;
      stacked shins, fill gap under top knee; support the upper knee in firelog; agnistambhasana, block fills the space
    `,
    'easy-seat': `
      easy seat instead of fire log; fire log too much, just cross legs; double pigeon option: simple cross-legs;
      stay cross-legged, skip stacking shins; sukhasana rather than firelog
    `,
    not: `
      pigeon = eka-pada-rajakapotasana; cow face legs = gomukhasana; lotus = padmasana;
      figure four lying = supine-figure-four; easy pose = sukhasana; chair pigeon = chair-pigeon;
      standing figure four = standing-figure-four
    `,
  },
  'ninety-ninety': {
    plain: `
      deer; deer pose; 90-90; 90/90; 90 90 hips; ninety ninety; ninety-ninety sit; 90-90 hip switch; hip switches;
      mrigasana; mrugasana; mriga asana; mrgasana; yin deer; resting deer; side sitting; Z-sit; z sit; zed legs;
      pinwheel legs; front leg bent, back leg bent, both right angles @sitting;
      sit with one shin in front, other shin behind; both knees bent to the same side, switch over; shin box; shinbox;
      windshield wiper legs sitting ?; side sit swap legs; nintey ninety;
      seated, both knees at ninety degrees, one leg out front one out behind;
      feet away, both knees fall over to one side then change, sitting
    `,
    lying: `
      hip switches lying down ?; 90-90 lying; deer lying; knees drop side to side from deer, on back ?;
      lying version of ninety ninety
    `,
    'feet-on-floor-wide': `
      feet wide, knees drop side to side, sitting hands behind; hands behind, feet wide, hip switches;
      internal rotation drops, feet wide, sat up; sit, feet mat-wide, both knees over to one side;
      seated wiper legs with feet on floor
    `,
    not: `
      pigeon = eka-pada-rajakapotasana; side-sitting twist = bharadvajasana;
      supine 90-90, calves on chair = constructive-rest; legs up at 90 = urdhva-prasarita-padasana;
      windscreen wipers lying = supine-windscreen-wipers; fire log = agnistambhasana
    `,
  },
  krauncasana: {
    plain: `
      heron; heron pose; krounchasana; kraunchasana; krauncasana; krounchasan; krauncha asana; crane pose seated ?;
      seated leg lift with strap; seated hamstring strap lift; sit, one leg up in front, strap round foot;
      sitting, hold foot, straighten leg up to the nose; one leg lifted straight sitting tall, hands round foot;
      leg raised in front of torso @sitting; other leg folded, lift straight leg to face @sitting; heron w/ strap;
      belt on foot, lift leg sitting on floor; raise straight leg toward you, sitting; seated leg to sky; hern pose;
      krouncha; seated, one knee bent, lift other leg straight holding the foot; heron with strap; leg up sitting, heron
    `,
    'strap-and-bent-knee': `
      heron, bent knee, strap on foot; krounchasana with belt and soft knee; strap round foot, knee stays bent, sitting;
      half heron, don't straighten leg; belt + bent knee seated leg lift
    `,
    lying: `
      heron lying down; lie back and do the leg lift with the strap from heron ?; krounchasana on back; do heron lying;
      leg to face lying instead of sitting ?
    `,
    not: `
      crow = bakasana; stork on chair = chair-quad-stretch; reclined leg stretch with strap = supta-padangusthasana-1;
      hamstring stretch on chair = chair-hamstring-stretch; half hero forward fold (triang mukha) = absent;
      compass = absent; flamingo = kids-flamingo; standing leg stretch with strap = utthita-hasta-padangusthasana
    `,
  },
  kurmasana: {
    plain: `
      tortoise; tortoise pose; turtle ?; turtle pose; kurmasana; koormasana; kurma; kurm asana; koorma asana; kurmasan;
      turtel; arms under legs, fold forward; legs wide, slide arms under knees; thread arms beneath knees and round down;
      wide legs bent, arms go under, head drops @sitting; arms under thighs, back rounds like a shell; shell pose ?;
      knees bent out, hands under shins, fold; gentle tortoise; sit, legs wide, shoulders toward under the knees; tortose;
      half turtle ?; sitting, knees apart, hands come out under the legs, head goes down
    `,
    'soles-on-floor-wide-arms-under-knees': `
      turtle, soles flat on floor, arms under knees; feet on the floor wide, arms through under the knees;
      tortoise with knees bent up, feet down; easy turtle, feet flat, arms under knees;
      soles down, wide feet, slide arms beneath bent knees
    `,
    not: `
      turtle for kids = kids-turtle; diamond fold = tarasana; child's pose turtle = balasana; sleeping tortoise = absent;
      wide-leg seated fold = upavistha-konasana; half tortoise (bikram) = absent; ardha kurmasana = absent
    `,
  },
  'parivrtta-janu-sirsasana': {
    plain: `
      open janu twist; open knee twist, one leg long;
      revolved head to knee; revolved head-to-knee pose; revolved janu; parivrtta janu sirsasana;
      parivritta janu shirshasana; parivrita janu sirsasana; parivrtta janu; parivratta janu shirsasana; PJS;
      twisted head to knee; seated side stretch over the leg; side bend over straight leg;
      one leg bent, side bend over the long leg; straight leg to side, arm overhead, lean over it;
      side body stretch in half straddle; lean over leg, chest turned up @sitting; seated gate-like side bend;
      rainbow over leg; one leg wide, top arm over ear toward foot @sitting; seated side fold;
      roll chest open, reach for foot overhead; revolved head 2 knee; half straddle side bend; side bend over long leg;
      side bend janu
    `,
    'forearm-on-bolster': `
      revolved janu, forearm on bolster; lean over onto a bolster along the leg;
      side stretch over leg with bolster under elbow; forearm rests on cushion inside the leg, side bend;
      parivrtta janu sirsasana supported on bolster
    `,
    'on-a-chair': `
      revolved head to knee on a chair; chair: one leg out wide, lean over it; seated on chair, leg out to side, side bend;
      parivrtta janu @chair; side stretch over straight leg sitting on chair
    `,
    not: `
      head to knee = janu-sirsasana; gate = parighasana; cross-legged side bend = parsva-sukhasana;
      revolved triangle = parivrtta-trikonasana; chair side bend = chair-side-bend;
      wide-leg seated, fold forward = upavistha-konasana; rainbow bridge = urdhva-dhanurasana
    `,
  },
  gomukhasana: {
    plain: `
      cow face; cow face pose; cowface; cow face legs and arms; gomukhasana; gomukasana; gomukh asana; gomukhasan;
      gow mukhasana; go mukhasana; gomuka; stacked knees; knee over knee; knee on top of knee, sitting;
      knees stacked, feet by hips; cow face legs; shoelace (yin); shoelace legs;
      one knee on top of other, hands clasp behind @floor; legs crossed deep, knees in line;
      sit knees piled up, shins to the sides; cow's nose; cow pose seated ?; cow face full;
      cross thighs so knees stack @sitting; gomukasna; shoelace; shoelace @yin; shoe lace; knees stacked;
      knee over knee sitting;
      cow legs
    `,
    'bottom-leg-straight': `
      cow face, bottom leg straight; gomukhasana with lower leg extended; one leg straight, other knee stacked over it;
      half shoelace; straight bottom leg shoelace; cross top knee over long leg, cow face
    `,
    'on-a-chair': `
      cow face on a chair; gomukhasana @chair; cross thigh over thigh in chair + zipper arms; do cow face sitting on chair;
      cow face pose, chair version, arms and legs
    `,
    'strap-between-hands': `
      cow face pose with strap between hands @floor; gomukhasana holding belt behind; knees stacked, belt between hands;
      stacked knees, hands don't meet, use a strap; floor cow face with a towel for the hands
    `,
    not: `
      cow = bitilasana; cow face arms only = chair-cow-face-arms; eagle legs = garudasana; fire log = agnistambhasana;
      eagle legs on chair = chair-eagle-legs; cat cow = marjaryasana; butterfly = baddha-konasana
    `,
  },
  'ardha-matsyendrasana': {
    plain: `
      half lord of the fishes; half lord of fishes; half lord; HLOF; half spinal twist; seated spinal twist @floor;
      seated twist ?; ardha matsyendrasana; ardh matsyendrasana; arda matsyendrasana; ardha matsyendra;
      ardha matsendrasana; matsyendrasana; mastyendrasana; ardhamatsyendrasana; arda matsya; fish lord twist;
      vakrasana bent leg; one foot over the other thigh, twist; cross one foot over, elbow outside knee, twist;
      bottom leg bent, top foot over, turn toward knee; sit, foot crossed outside opposite thigh, hug knee and turn;
      twisted pretzel; elbow past the knee, look behind @sitting; twist w/ foot across, both legs bent; half fish twist;
      floor spinal twist, foot stepped over; ard matsyendrasan; turn seat; rotating seat; twisting seat;
      seated twist, leg crossed over; seated twist foot outside thigh; ardha mats; half spinal;
      spinal twist right leg over; twist with foot over the knee; AM twist; sitting twist, one leg over;
      sit, cross leg over and turn; half twist;
      seated twist, leg crossed; spinal twist seated; AM; lord of fishes; cross leg over and twist
    `,
    'lower-leg-straight': `
      half lord with the bottom leg straight; seated twist, lower leg out straight, foot crossed over;
      ardha matsyendrasana straight bottom leg; long leg underneath, foot over, twist;
      vakrasana foot crossed over the straight thigh ?
    `,
    'turn-to-the-open-side': `
      twist away from the knee; half lord turning the open way; seated twist, foot over, rotate to open side;
      prenatal half lord, turn away from the bent knee; open twist from half lord, belly free
    `,
    'on-a-chair': `
      half lord of the fishes on a chair; ardha matsyendrasana chair; cross one leg over on chair and twist;
      chair twist with thigh crossed over; spinal twist in chair instead of the floor
    `,
    not: `
      half moon = ardha-chandrasana; fish = matsyasana; supine spinal twist = supine-twist-knees-together;
      chair twist = chair-twist; cross-legged twist = parivrtta-sukhasana; straight-leg twist, foot inside = maricyasana-3;
      lying twist, foot on knee = supine-twist-foot-on-knee
    `,
  },
  'maricyasana-3': {
    plain: `
      sage twist; marichi's pose; marichyasana; marichyasana C; marichyasana 3; marichyasana III; marichi C; mari C;
      maricyasana 3; marichasana; marichiasana three; marichyasan; sage marichi; the sage; straight-leg seated twist;
      long sitting twist; one leg straight, other knee up, twist; one knee up foot by inner thigh, twist to it;
      sit, one leg long, foot flat by sitting bone, turn; elbow outside the upright knee, other leg straight; vakrasana;
      vakra asana; wakrasana; lighthouse beam; twist with one leg long @sitting;
      hug the bent knee and twist, one leg straight out; marichi 3; twist to bent knee;
      legs straight, one knee bent, turn to it; vakra; sage twist c
    `,
    'open-twist': `
      marichyasana open twist; sage twist, turn away from the bent knee; long-sitting twist to the open side;
      open twist: leg straight, knee up, rotate outwards; vakrasana, twist outward not across;
      marichi open, arm inside the knee
    `,
    not: `
      half lord of fishes = ardha-matsyendrasana; marichyasana A = absent; marichyasana I forward fold with bind = absent;
      cross-legged twist = parivrtta-sukhasana; side-sitting twist = bharadvajasana; noose pose = absent;
      sage pose (vasistha) = vasisthasana
    `,
  },
  bharadvajasana: {
    plain: `
      mermaid twist; bharadvaja's twist; bharadvajasana; baradvajasana; bharadwajasana; bharadvaja; bharadwaj twist;
      baradwaja; bharadvajasana 1; bharadvajasana I; side sitting twist; side-saddle twist ?; side sit & twist; mermaid;
      mermaid legs, twist; both knees to one side, sit, twist other way; legs folded to the side, turn away from feet;
      simple seated twist ?; feet beside hip, twist, hand behind @sitting; sit on one hip, shins to side, rotate;
      sidesaddle with twist; little mermaid; knees bent feet off to one side, turn @floor; bharadvajas twist
    `,
    'on-a-chair': `
      bharadvajasana on a chair; bharadvaja sideways on chair; sit sideways on the chair and hold the backrest, twist;
      sit side-on to chair back, turn to it; chair bharadvajasana, hands on chair back
    `,
    'more-blankets-under-the-right-hip': `
      mermaid twist, more blankets under sitting hip; bharadvajasana, level the pelvis with extra folded blankets;
      pad up the lower hip in side-sitting twist; block under the hip, mermaid;
      raise the hip you sit on with blankets, then twist
    `,
    not: `
      mermaid side bend = absent; mermaid quad pigeon = absent; deer = ninety-ninety;
      side-lying mermaid on a rock = anantasana; chair twist = chair-twist; half lord = ardha-matsyendrasana
    `,
  },
  'parsva-sukhasana': {
    plain: `
      seated side bend; seated side bend on floor; cross-legged side stretch; cross-legged side bend; easy seat side bend;
      easy pose lateral; parsva sukhasana; parshva sukhasana; parsva sukasana; parswa sukhasana; sukhasana side bend;
      sukhasana side stretch; side stretch x-legged; crescent cookie; sit cross legged, one hand to floor, other arm over;
      one arm over the ear, lean sideways, legs crossed; lateral flexion sitting on mat; side body in sukhasana;
      seated crescent @floor; sideways lean @floor; seated half moon ?;
      lean to the side, hand slides out on mat, top arm overhead; cross leg sidebend; seated side-bend arm overhead;
      legs folded, one palm walks out on floor, other arm sweeps over the ear;
      seated on mat, bend to one side, keep both hips down; cross-legs, reach up and across with one arm;
      side bend sitting; side bend @sitting; side bends cross legged; seated side stretch; side bend cross-legged;
      lateral stretch sitting; one hand down, reach over, sitting; seated crescent;
      side bend in easy seat; lean over seated; reach over, hand down, seated
    `,
    'forearm-on-block': `
      cross-legged side bend, forearm on block; easy seat side bend, elbow on a brick;
      parsva sukhasana with forearm propped; side bend, forearm down on block, legs crossed;
      put a block under the forearm, sideways lean cross legged
    `,
    'hand-to-head': `
      side bend cross legs, hand behind head; easy seat side bend, fingertips to temple, elbow up;
      bent top arm, palm on back of head, lean over @floor; sukhasana lateral, elbow to ceiling;
      seated side bend w/ hand to head instead of arm over
    `,
    'on-a-chair': `
      cross-legged side bend done on chair; easy seat side bend, chair version; parsva sukhasana @chair;
      side bend from sukhasana, take chair; if on chair, same side bend as easy seat
    `,
    not: `
      side bend on chair = chair-side-bend; standing side bend = parsva-tadasana;
      revolved head to knee = parivrtta-janu-sirsasana; ear to shoulder = neck-release; gate = parighasana;
      lying side bend banana = supine-half-moon; cross-legged twist = parivrtta-sukhasana
    `,
  },
  'parivrtta-sukhasana': {
    plain: `
      open twist cross legged; seated twist, open; gentle seated twist on the floor;
      seated twist cross-legged; cross legged twist; easy twist; easy pose twist; easy seat twist; sukhasana twist;
      parivrtta sukhasana; parivritta sukhasana; parivrita sukasana; revolved easy pose; twist in sukhasana;
      twist x-legged; owl twist ?; sit cross legged, hand to opposite knee, look behind;
      hand on knee, other hand behind, turn, legs crossed; cross-legs spinal rotation; simple twist sitting on mat;
      gentle seated twist ?; rotate cross-legged, hand behind the back; twist from easy seat;
      turn and look over shoulder @floor; parivarta sukhasana; crossed legs and twist;
      legs folded, one hand on the other knee, turn the ribs; cross-legged twist; seated twist; seated twist @sitting;
      twist @sitting; gentle twist sitting; simple seated twist; twist in easy seat; turn in sukhasana;
      turn sitting cross-legged; simple seated twist hands on knee
    `,
    'small-hands-light': `
      tiny twist, hands light, cross-legged; easy twist, don't pull with the arms;
      small gentle rotation sukhasana, hands resting; light hands, just turn ribs a little, cross legs;
      cross-legged twist no leverage
    `,
    not: `
      chair twist = chair-twist; owl for kids = kids-owl; half lord of the fishes = ardha-matsyendrasana;
      supine twist = supine-twist-knees-together; cross-legged side bend = parsva-sukhasana;
      standing twist = standing-twist; side sitting twist = bharadvajasana
    `,
  },
  navasana: {
    plain: `
      boat; boat pose; full boat; V-sit; vsit; v sit; navasana; naavasana; navasan; nav asana; nauvasana;
      paripurna navasana; paripoorna navasana; naukasana; noukasana; nauka asana; naukasan;
      sit bones balance, legs straight up, arms forward; balance on sitting bones, legs lifted straight, body a V;
      lean back, legs up straight, arms alongside knees; sit & lift both straight legs; sail boat ?; teaser hold ?;
      V shape abs; legs and chest lifted, weight on bum; boat straight legs; boatpose; navasna;
      sitting, lift both legs and lean back, make a V letter; the boat; nava; v-sit hold; boat hold; naukasana sitting;
      boat, legs straight; balance on sit bones legs up
    `,
    'knees-bent': `
      full boat with knees bent ?; boat shins parallel, arms forward; navasana, bend knees, shins level; boat bent knees ?;
      shins parallel to floor, balance on sitting bones; table legs boat
    `,
    'on-a-chair': `
      navasana sitting on chair; full boat, take the chair; boat from a chair instead of the floor;
      naukasana, on a chair for those who don't get down; V-sit option on chair
    `,
    not: `
      half boat = ardha-navasana; boat for kids = kids-boat; chair boat = chair-boat;
      boat lying on the belly (locust style) = salabhasana; rowing the boat = nauka-sancalana;
      two-person boat, partner = absent; supine naukasana = absent
    `,
  },
  'ardha-navasana': {
    plain: `
      half boat; half boat pose; ardha navasana; ardh navasana; arda navasana; ardha naukasana; 1/2 boat; low boat ?;
      bent-knee boat; baby boat; boat holding thighs; hold behind thighs, lean back, shins up;
      lean back, knees bent, hands under the thighs; canoe; canoe pose; tabletop boat; boat legs bent, hold hamstrings;
      sit, knees bent, feet off the mat, hold back of legs; semi boat; beginner boat; half-boat holding on;
      lean back hands behind knees feet hover @floor; low boat; banana boat;
      low boat knees bent; boat with bent knees
    `,
    'toes-on-floor': `
      half boat, toes on the floor; boat prep, tiptoes down, hold thighs;
      lean back, toes stay down, hold behind legs @floor; boat with feet on mat; ardha navasana, toetips touching
    `,
    not: `
      full boat = navasana; chair boat = chair-boat; low boat, back rounded hovering legs = absent;
      rowing = nauka-sancalana; half bow = ardha-dhanurasana; half moon = ardha-chandrasana
    `,
  },
  'nauka-sancalana': {
    plain: `
      rowing @floor; rowing the boat; row your boat; nauka sanchalana; nauka sanchalan; nauka sanchalanasana;
      nouka sanchalana; nowka sanchalan; naukasanchalan; boat rowing; rowing legs straight sitting;
      legs straight, fists, lean forward and back in circles; sit legs out, row the oars;
      arms circle forward and back like rowing @floor; long sit, hinge forward fists down, lean back elbows in;
      rowing action sitting on mat; row row row @kids; PMA 2 rowing; pulling the oars, long sitting;
      staff with rowing arms; nauka sancalana; rowing; rowing the boat sitting; row boat; row the boat @floor
    `,
    'knees-bent': `
      rowing with bent knees @floor; row boat, knees soft; nauka sanchalana with knees bent; bend knees and row;
      sit knees up feet down, rowing arms
    `,
    chair: `
      nauka sanchalana on the chair option; row the boat, sit on chair for this; rowing, chair instead of mat;
      boat rowing from a chair, floor version swapped; rowing taken to chair
    `,
    not: `
      boat = navasana; seated row on chair = chair-rowing; rowing for kids in boat = kids-boat;
      churning the mill = churning-the-mill; rope pulling = absent; rocking and rolling = rocking-ball
    `,
  },
  purvottanasana: {
    plain: `
      upward plank; upward plank pose; reverse plank; inclined plank backwards ?; purvottanasana; purvottansana;
      poorvottanasana; purvotanasana; purvottan; purva uttana; purvottasana; purvotthanasana; east stretch;
      intense east stretch; upward facing plank; slide; kids slide ?; backward plank;
      hands behind, lift hips, legs straight; sit legs long, hands behind, press hips up;
      face up, straight arms & legs, hips lifted; body long facing ceiling, toes reaching to floor;
      counterpose to seated forward fold, hips up straight legs; plank facing up; setu asana ?; plank belly up; rev plank;
      inclined plane; purvo; back plank; slide pose
    `,
    'knees-bent': `
      purvottanasana bent knees; upward plank with knees bent ?; reverse plank, bend the knees feet flat ?;
      slide pose, feet closer; upward plank easy: knees bent
    `,
    'hands-on-chair-seat-edge': `
      reverse plank hands on chair seat; upward plank with hands on edge of the seat; purvottanasana hands up on the chair;
      hold chair edge behind, lift hips, straight legs; triceps-dip start, hips forward, body long
    `,
    not: `
      plank = phalakasana; reverse tabletop = ardha-purvottanasana; bridge = setu-bandhasana;
      seated forward bend = paschimottanasana; upward dog = urdhva-mukha-svanasana; incline plank = chair-plank;
      upward bow = urdhva-dhanurasana
    `,
  },
  'ardha-purvottanasana': {
    plain: `
      reverse tabletop; reverse table top; rev tabletop; reverse table; upward table; upward tabletop; crab ?; crab pose;
      crab hold; ardha purvottanasana; ardha poorvottanasana; ardh purvotanasana; half upward plank; half reverse plank;
      table facing up; belly-up table; hands behind, feet flat, lift hips to table;
      sit, knees bent, feet flat, push hips up, hands behind; chatuspadasana ?;
      face up on hands and feet, knees bent, flat front; table upside down; hips up like a table, tummy to ceiling;
      bridge on hands ?; inverted tabletop; crab; crab table; table, belly up; upside down table; bridge on hands;
      table top facing up; setu asana
    `,
    lying: `
      crab option: do bridge lying ?; reverse tabletop lying instead; wrists sore, take it lying with hips up ?;
      stay on the back, lift hips, instead of crab
    `,
    'crab-walk': `
      crab walk from reverse tabletop; walk like a crab, hips lifted; crab walking on hands and feet, tummy up;
      move about in crab; crab walks ?
    `,
    not: `
      crab walk for children game = kids-crab-walk; tabletop = all-fours; tabletop legs lying = deep-core-tabletop;
      bridge = setu-bandhasana; reverse plank = purvottanasana; hovering table = hover-table
    `,
  },
  'neck-release': {
    plain: `
      turn the head side to side sitting; head turns side to side ?; look over each shoulder slowly ?; look right, look left ?;
      neck release; neck release seated; neck stretch seated; neck stretches; ear to shoulder; drop ear to shoulder;
      greeva sanchalana @floor; griva sanchalana ?; greeva sanchalan ?; griva sanchalan @floor; griva sancalana;
      greeva chalana; neck movements; side neck stretch ?; neck rolls ?; tilt head to the side, shoulder heavy;
      let head hang to the side @sitting; sleepy puppy ear; head tilts; neck stretch, ear dropping; lateral neck release;
      release the neck, sat cross-legged; ear toward shoulder, opposite fingertips on the floor; neck mobilisation;
      neck warmups; nek release; upper traps stretch; one ear goes near the shoulder, other shoulder stays down;
      sit tall, let the head tip sideways and wait; neck stretch sitting; neck rolls gentle; neck; chin towards armpit;
      neck and shoulders release; ear to shoulder on floor
    `,
    'chin-to-armpit': `
      chin to armpit; nose to armpit; levator stretch, look into armpit; turn head and look down at armpit;
      smell your armpit; head diagonal, chin toward armpit
    `,
    'hand-resting-on-the-head': `
      ear to shoulder, hand resting on head; neck stretch with weight of the hand; rest palm on side of head, don't pull;
      hand on the head, gentle over-pressure neck; neck release with hand on top
    `,
    'on-a-chair-or-lying': `
      neck release on chair or lying; take neck release lying ?; neck stretch in chair if sitting on floor hurts ?;
      ear to shoulder on the chair or on your back; neck release, sit on chair for it
    `,
    not: `
      side neck stretch on chair = chair-neck-stretch; head half-circles = chair-head-circles;
      chin tucks = chair-chin-tuck; head rolls lying = supine-neck-release; seated side bend = parsva-sukhasana;
      shoulder rolls = chair-shoulder-circles; puppy = anahatasana
    `,
  },
  'wrist-stretch': {
    plain: `
      wrist stretches; wrist stretch; wrist warm up; wrist warm-ups; prayer and reverse prayer wrists; reverse prayer;
      reverse namaste; prayer stretch for wrists; hand mobility; wrist mobility; spider hands; manibandha chakra;
      manibandh chakra; mani bandha chakra; mushtika bandhana ?; manibandha naman; wrist flexion extension;
      palms together elbows out, lower hands; backs of hands together, fingers down; pull fingers back gently;
      fingers back, palm forward, stretch forearm; pull hand toward you, palm away; wrists prep before plank;
      wrist therapy; wrist rotations @sitting; finger push-ups on each other; wirst stretches;
      arms out in front, fingers up, fingers down @sitting; wrist release; wrists; fingers and wrists; wrist prep;
      wrist circles; wrist care
    `,
    'on-a-chair-or-table': `
      wrist stretches at the table; press hands on table edge, wrist stretch; wrist prayer in the chair;
      palms on desk fingers back toward you; wrist stretch sitting on chair, hands on thighs
    `,
    not: `
      wrist circles on chair = chair-wrist-fingers; prayer hands at the heart = absent;
      finger tracing breath = hand-trace-breath; hands clasped behind back = chair-shoulder-clasp;
      prayer twist = parivrtta-parsvakonasana; spider pose = absent
    `,
  },
  'churning-the-mill': {
    plain: `
      churning the mill; churn the mill; mill churning; chakki chalana; chakki chalan; chakki chalanasana; chaki chalana;
      chakki asana; chakichalan; cakki calana; grinding; grinding the mill; grinding wheel; grind the flour; flour mill;
      big mixing bowl; mixing bowl; legs wide, clasped hands, circle the trunk;
      legs apart, fingers laced, big circles over feet @sitting; stir a big pot, legs wide, arms straight;
      straddle sit, arms straight, sweep in circles over toes; sit legs in V and churn; atta chakki; chakki chalanasan;
      churning; sit wide, hold hands together, move in a large circle from waist; chakki; grind the corn; mill;
      stir porridge; millstone; grinding wheel sitting; stirring the pot legs wide; grinding wheat
    `,
    chair: `
      churning the mill on chair; chakki chalana @chair; chair: clasp hands, stir big circles from the hips;
      grinding on the chair, feet wide; mill churning sitting on chair
    `,
    not: `
      rowing the boat = nauka-sancalana; sufi circles cross-legged = seated-circles;
      standing hip circles stir the pot = standing-hip-circles; churning abdominal nauli = absent;
      wide-leg seated fold = upavistha-konasana; chopping wood (kashtha takshanasana) = absent
    `,
  },
};
