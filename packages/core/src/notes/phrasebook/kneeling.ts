import type { Phrases } from './phrases.js';

export const kneeling: Phrases = {
  vajrasana: {
    plain: `
      thunderbolt; thunderbolt pose; thunder bolt; vajrasana; vajrasan; vajra asana; vajraasana; wajrasana; bajrasana;
      vajrasna; varjasana; diamond; diamond seat; diamond pose ?; adamant pose; heel sitting; heel sit; sit on heels;
      sitting on the heels; sit on yr heels; kneeling seat; kneel sit; kneeling sitting; seiza; japanese sitting;
      rock pose @kundalini; pelvic pose; kneel, seat on heels, back tall; knees together, bum on heels;
      kneeling, hips on heels, hands on thighs; kneel sitting; adamantine; kneel and sit back; vajra;
      kneeling seat, sit back
    `,
    'cushion-on-the-heels': `
      vajrasana w/ cushion between; cushion between heels and seat; sit on heels with pillow; blanket on calves, kneeling;
      bolster under bum, heel sitting; meditation stool kneeling
    `,
    'roll-under-the-ankles': `
      rolled towel under ankles; vajrasana with roll under front of ankles; ankle roll, kneeling; sock under the ankles;
      blanket roll for stiff ankles, heel sitting
    `,
    'on-a-chair': `
      vajrasana on chair @chair; no kneeling: sit on chair; chair instead of heel sitting; sit on chair tall, not kneeling;
      knees sore - chair
    `,
    not: `
      hero = virasana; toes tucked heel sitting = vajrasana-toes-tucked; supta vajrasana = supta-virasana;
      tall kneeling = tall-kneeling; diamond fold = tarasana; diamond, soles together = tarasana; rabbit = shashankasana;
      camel = ustrasana; siddhasana = siddhasana; warrior seat virabhadra = virabhadrasana-1
    `,
  },
  virasana: {
    plain: `
      hero; hero pose; hero seat; hero's pose; virasana; vir asan; veerasana; vir-asana; viraasana; virsana; virashana;
      sit between the heels; sit between the feet; sit between heels on a block; seat between ankles; hero sitting;
      kneel, sit down between feet; knees together, feet apart, sit on brick; hips between heels, block under seat;
      kneeling on a block; saddle upright ?; W-sit on block; between-the-feet kneeling; small knight @kids; hero on brick;
      meditation hero; vir; sit between heels; hero between heels; sit on block between feet; hero on block
    `,
    'two-blocks': `
      hero on two blocks; virasana 2 bricks; sit higher, two blocks; virasana w/ stacked blocks;
      higher seat for the knees, hero
    `,
    'arms-overhead': `
      hero arms overhead; virasana w/ parvatasana arms; hero, hands interlaced palms up; kneeling between heels, arms up;
      hero + urdhva hasta; fingers laced overhead in hero
    `,
    not: `
      reclining hero = supta-virasana; warrior = virabhadrasana-2; vajrasana = vajrasana; saddle reclined = supta-virasana;
      heron = krauncasana; virabhadrasana = virabhadrasana-1; half hero forward fold = absent; one-leg hero = absent
    `,
  },
  'vajrasana-toes-tucked': {
    plain: `
      toe squat; toes squat; toe stretch; toes stretch; toes tucked kneeling; toes-tucked kneeling; kneel toes under;
      toes under, sit on heels; tucked toes vajrasana; tuck the toes, sit back on heels; vajrasana w toes tucked;
      broken toe; broken toe pose; broken toes; foot sole stretch; sole stretch; plantar stretch kneeling;
      plantar fascia stretch kneeling; feet stretch on knees; prapadasana ?; toe squats kneeling;
      sit on heels with toes curled under; curled toes; ouchy toes @kids; ouch and smile toes @kids; kneeling foot stretch;
      ballet toes kneeling ?; toe squat @yin; toes tucked under, sit on heels; toe breaker; toe stretch kneeling;
      toes under
    `,
    'hands-forward': `
      toe squat, hands forward; toes tucked, lean hands on the floor; less weight on the toes, hands down in front;
      toes under, lean forward to all fours; tucked toes with hands on blocks
    `,
    not: `
      toe stand padangusthasana = absent; squat = malasana; heel raises = heel-raise; ankle pumps = ankle-pumps;
      vajrasana = vajrasana; toe raises on chair = chair-heel-toe-raises; hand to big toe = utthita-hasta-padangusthasana;
      finger toes stretch = absent
    `,
  },
  'tall-kneeling': {
    plain: `
      tall kneeling; tall kneel; high kneeling; high kneel; kneel up; kneel up tall; kneeling up; upright kneeling;
      stand on knees; standing on the knees; stand on yr knees; kneeling mountain; kneeling tadasana;
      hips over knees, upright; kneel with hips lifted; come up onto knees; up on knees, trunk straight;
      on both knees, no sitting; meerkat @kids; hips over knees arms by side; knee standing; kneestand;
      thighs vertical, kneeling; kneel tall
    `,
    'hand-on-chair': `
      tall kneeling, hand on chair @chair; kneel up holding chair; kneel by the chair; kneel up, hand on sofa/seat;
      tall kneel with support; kneel tall, one hand on the seat
    `,
    'one-foot-forward': `
      half kneeling; half kneel; one foot forward, kneeling up; proposal position; kneel on one knee, tall;
      1/2 kneeling upright; knight kneel
    `,
    not: `
      vajrasana = vajrasana; camel = ustrasana; low lunge = anjaneyasana; split squat to half kneeling = split-squat;
      gate = parighasana; mountain = tadasana; four-point kneeling = all-fours
    `,
  },
  balasana: {
    plain: `
      child's pose; childs pose; child pose; child's; CP; C.P.; C pose; chid's pose; chlid's pose; balasana; bal asana;
      balasan; ballasana; bala asana; baby pose; resting pose ?; embryo ?; garbhasana; prayer stretch;
      prayer position on knees ?; fold on the heels; kneel and fold, forehead down; sit on heels, forehead to the floor;
      knees bent under, head down, arms forward; seat to heels, arms long in front; curl forward over thighs, kneeling;
      child stretch; rest on knees, head down; pose of the child; Kindhaltung; shashankasana rest ?; the child;
      position of the child; child; embryo; rest kneeling; resting child; folded leaf; leaf; shell;
      kid's pose; resting pose on knees; sit back on heels, forehead down; prayer rest; childs pose arms forward; fold over knees;
      rest on shins; extended child
    `,
    'arms-alongside': `
      child's arms back; CP, arms alongside; arms by the feet, palms up; child's, hands back by heels;
      closed child, arms alongside; arms along shins; child's w arms down by sides
    `,
    'wide-knees-bolster': `
      wide knees child over bolster ?; child's, knees wide, bolster ?; CP, knees apart w/ bolster under chest ?;
      knees wide on to a bolster
    `,
    'blanket-between-heels-and-seat': `
      CP w blanket behind knees; blanket between bum and heels; cushion on heels, child's; pillow under seat in child's;
      bum doesn't reach heels, blanket; fold blanket behind knees
    `,
    'fists-or-block-under-the-forehead': `
      child's, fists under head; CP, head on block; forehead on stacked fists; forehead on brick; head on hands child's;
      brow on block
    `,
    not: `
      wide child's = balasana-wide; supported child's pose = supported-child; happy baby = ananda-balasana;
      chair child's pose = chair-forward-fold; rabbit = shashankasana; parsva balasana thread = thread-the-needle;
      puppy = anahatasana; child's for kids mouse = kids-mouse; knees to chest on back = apanasana;
      upside-down child's = apanasana; forearm frog = mandukasana
    `,
  },
  'balasana-wide': {
    plain: `
      wide-knee child's pose; wide child's; wide childs; wide child; wide CP; wide-leg child's; wide-legged child's;
      wide knees child; WKCP; child's, knees wide; child's w/ knees apart; extended child's; ext child's;
      extended child's pose ?; extended balasana; utthita balasana; big toes together, knees wide, fold;
      big toes touch, knees to mat edges, arms forward; knees wide, belly between thighs, forehead down; frog child ?;
      open child's; child's w room for bump @prenatal; tadpole pose; big frog nap @kids;
      kneel with knees apart, hips to heels, reach out; wide-kneed balasana; wide child w/ head on block;
      wide knee child; child's pose knees wide; knees apart child; wide child with bolster space
    `,
    'bolster-along-the-trunk': `
      wide child's, bolster lengthways; bolster between the thighs, lie on it; wide knees, hug bolster;
      wide child on bolster ?; belly on bolster, knees wide
    `,
    'stacked-fists': `
      wide child's, head on fists; fist on fist under forehead, knees wide; stack fists, brow on top;
      wide-knee child, head on stacked hands; fists tower under head
    `,
    not: `
      child's pose, knees together = balasana; supported child's = supported-child; frog on forearms = mandukasana;
      puppy = anahatasana; wide-leg forward fold = prasarita-padottanasana; wide-knee squat = malasana;
      happy baby = ananda-balasana; rock back wide knees = kneeling-rock
    `,
  },
  parighasana: {
    plain: `
      gate; gate pose; gate latch; gatelatch pose; parighasana; parigasana; parigh asan; paringhasana; parighasna;
      parigahsana; crossbar pose; cross-bar; beam pose; kneeling side bend; kneeling side stretch;
      side bend on one knee, other leg out; one knee down, other leg out to side, lean over it;
      kneel, leg to side, arm overhead; tall kneel, stretch one leg sideways, side bend; gate swings;
      garden gate swings @kids; bolt of the gate; kneeling lateral bend; gate stretch; knees: gate
    `,
    'hand-on-chair-seat': `
      gate w/ chair @chair; gate, lower hand on the seat; kneel by chair, leg out, hand on seat;
      gate pose supported by a chair; hand to chair seat in side bend kneel
    `,
    'upright-arm-on-hip': `
      gate, stay upright; gate w hand on hip; leg to side, kneeling tall, no side bend; gate prep, hands to hips;
      upright gate
    `,
    seated: `
      seated gate ?; gate sitting on chair @chair; sit, one leg out to side, lean; gate on the chair, leg to side;
      sit on heels, leg out, side bend
    `,
    not: `
      side plank garden gate = vasisthasana-knee; side bend standing = parsva-tadasana;
      revolved head to knee = parivrtta-janu-sirsasana; kneeling side bend no leg out = absent; triangle = trikonasana;
      cross-legged side bend = parsva-sukhasana; skandasana = skandasana
    `,
  },
  ustrasana: {
    plain: `
      camel; camel pose; ustrasana; ushtrasana; ustrasan; usht asan; ushtra asana; ushtrasan; ustarsana; ustrasna;
      utrasana; ustr; camle; kneeling back bend; kneeling backbend; backbend on knees; kneel up, lean back, hands to heels;
      hands to heels, hips forward; kneel, chest lifts, reach for heels; on knees, arch back; kneeling chest opener;
      hold the heels, look up; kneeling heart opener; reach back for feet from kneeling; oont asan; ooh camel; kameel;
      full camel; ushtra;
      camel hands on hips; camel toes tucked
    `,
    'hands-on-low-back': `
      half camel; camel, hands on low back; hands on back pockets, lift chest, kneel; baby camel;
      camel no reach, palms on sacrum; ardha ustrasana; hands to hips, kneeling back bend
    `,
    'hands-on-chair-seat-behind': `
      camel w/ chair behind @chair; kneel, hands to seat behind you; camel holding chair;
      hands on chair seat behind, lift heart; supported camel, sofa behind
    `,
    standing: `
      standing camel ?; camel standing, hands on low back; stand, hands to sacrum, lift chest ?;
      no kneeling, camel upright
    `,
    not: `
      standing back bend = anuvittasana; camel on chair = chair-backbend; cow = bitilasana; cat-camel = marjaryasana;
      camel ride (kundalini) = absent; bow = dhanurasana; little thunderbolt, laghu vajrasana = absent;
      kapotasana = absent; fish = matsyasana; rabbit = shashankasana
    `,
  },
  anjaneyasana: {
    plain: `
      low lunge; LL ?; kneeling lunge; lunge, knee down; lunge knee down; knee-down lunge; back knee down; low crescent;
      crescent lunge knee down; crescent low lunge; crescent moon lunge ?; crescent ?; anjaneyasana; anjaneyasan; anjaneya;
      anjaniyasana; anjaneyana; anjanyasana; Hanuman lunge; equestrian; horse rider pose; ashwa sanchalanasana;
      ashwasanchalan; runner's lunge knee down; one foot forward, back knee on floor, hips sink;
      half kneel & lean hips forward; hip flexor stretch kneeling; dragon @yin; baby dragon; kneeling knight @kids;
      ashva sanchalanasana; rider; horse rider; dragon; low dragon; crescent on the knee; LL; knee down lunge;
      sprinter knee down; half kneeling hip flexor stretch; kneeling psoas stretch; runner lunge knee down;
      crescent moon low; half kneel stretch;
      lunge back knee on mat, arms up; dragon low; LL hold
    `,
    'hands-on-thigh-or-blocks': `
      low lunge, hands on thigh; lunge w/ blocks; hands on front knee, low lunge; low lunge on bricks;
      fingertips on blocks, knee down; hands each side of foot on blocks
    `,
    'hands-on-chair-seat': `
      low lunge hands on seat @chair; kneeling lunge holding chair; lunge at chair, back knee down;
      hands on the chair, knee on mat; hold the seat, sink hips
    `,
    'blanket-under-knee': `
      low lunge, pad the knee; blanket under back knee; cushion for knee in lunge; folded mat under knee;
      knee pad low lunge
    `,
    'foot-on-seat-standing': `
      lunge, foot on chair @chair; foot up on seat, lean in; standing lunge, foot on the seat; step foot onto chair, lunge;
      chair lunge standing ?
    `,
    not: `
      high lunge = high-lunge; crescent with back knee lifted = high-lunge; lizard = utthan-pristhasana;
      half split = ardha-hanumanasana; chair lunge = chair-lunge; side lunge = skandasana; warrior I = virabhadrasana-1;
      twisted low lunge = parivrtta-anjaneyasana; crescent moon side bend = parsva-tadasana;
      pigeon = eka-pada-rajakapotasana; split squat = split-squat; half kneeling, tall = tall-kneeling;
      lunge with quad catch = absent
    `,
  },
  'parivrtta-anjaneyasana': {
    plain: `
      twisted low lunge; twist low lunge; low lunge twist; low lunge w/ twist; lunge twist knee down; open lunge twist;
      open twist in low lunge; revolved low lunge; rev low lunge; rev. lunge knee down; kneeling lunge twist;
      parivrtta anjaneyasana; parivritta anjaneyasana; parivrta anjaneyasana; parivritt anjaneyasan;
      revolved crescent, knee down; knee down, hand inside foot, other arm up; low lunge, one arm to sky;
      low lunge open to the front leg, arm up; half kneeling, turn to front knee; lunge + rotation;
      spinal twist in lunge ?; windmill knight @kids; runner's lunge twist ?; twisting dragon; lunge twist;
      open twist in lunge; lunge, hand down, other arm up; twist in low lunge; runners twist; lunge with twist;
      spinal twist lunge
    `,
    'hands-at-the-chest': `
      twisted lunge, prayer hands; low lunge twist hands to heart; prayer twist knee down;
      elbow across knee, palms together, knee down; hands at chest, turn over front thigh
    `,
    not: `
      revolved side angle = parivrtta-parsvakonasana; high lunge twist = high-lunge;
      revolved triangle = parivrtta-trikonasana; world's greatest stretch = absent; chair pose twist = absent;
      low lunge = anjaneyasana; cross-legged twist = parivrtta-sukhasana
    `,
  },
  'ardha-hanumanasana': {
    plain: `
      half split; half splits; 1/2 splits; 1/2 split; half-split; ardha hanumanasana; ardha hanuman; ardh hanumanasan;
      ardha hanumanasna; half hanuman; half monkey; half splits fold; runner's stretch; runners stretch;
      hamstring stretch kneeling; kneeling hamstring stretch; kneeling hammy stretch;
      hips back over knee, front leg straight; from low lunge shift back, straighten front leg;
      one knee down, other leg long, toes up, fold; hips over back knee, front heel down, toes to ceiling;
      front leg straight, flex foot, from lunge; half bridge slide @kids; lunge back to straighten front leg;
      ham stretch from lunge; baby splits; ½ split; straighten front leg kneeling; kneeling hamstring;
      front leg straight, hips back;
      hamstring stretch from lunge; straighten front leg from low lunge
    `,
    'hands-on-seat': `
      half split, hands on chair @chair; half splits w/ chair; hands on the seat, front leg long;
      hands on blocks/seat, half hanuman; kneel facing chair, one leg straight, hold seat
    `,
    'knee-bent': `
      half split, knee soft; half split with front knee bent; bend the front knee a bit; half splits, micro-bend;
      roll under knee, soft hamstring
    `,
    not: `
      full splits = hanumanasana; half moon = ardha-chandrasana; pyramid = parsvottanasana; runner's lunge = high-lunge;
      half bridge = setu-bandhasana; low lunge = anjaneyasana; standing split = absent; seated hamstring = janu-sirsasana;
      chair hamstring = chair-hamstring-stretch; half pigeon = eka-pada-rajakapotasana
    `,
  },
  'utthan-pristhasana': {
    plain: `
      lizard; lizard pose; lizzard; lizard lunge; lizard on blocks; lizard w/ forearms down; utthan pristhasana;
      uttan pristhasana; utthan prishthasana; utthana prsthasana; utthan pristh; uthan pristasana;
      lunge with both hands inside foot; lunge, forearms inside the front foot; both elbows inside front leg;
      low lunge, elbows to the floor; deep lunge, forearms on bricks; dragon low, yin ?; dragon flying low; low dragon;
      gecko lunge; spiderman lunge; spider-man stretch; front foot wide, forearms down inside;
      hip opener lunge on forearms; lunge to the mat edge, drop elbows; flying low; low dragon, forearms down;
      dragon on forearms; gecko; elbows inside the foot; winged dragon
    `,
    'hands-instead-of-forearms': `
      lizard on hands; lizard, arms straight; lizard no forearms; hands inside foot, stay up; lizard with hands on blocks;
      high lizard, palms down inside foot
    `,
    not: `
      low lunge = anjaneyasana; gecko prone = prone-half-frog-rest; lizard plank = chaturanga;
      dragonfly = upavistha-konasana; pigeon = eka-pada-rajakapotasana; twisted lizard quad grab = absent;
      humble warrior = baddha-virabhadrasana; crocodile = makarasana; runner's lunge = high-lunge
    `,
  },
  'eka-pada-rajakapotasana': {
    plain: `
      pigeon; pigeon pose; pidgeon; pidgin; pigin pose; pigen; half pigeon; 1/2 pigeon; sleeping pigeon; folded pigeon;
      pigeon fold; pigeon prep; one-leg pigeon; one-legged king pigeon; king pigeon prep; eka pada rajakapotasana;
      eka pada rajkapotasana; ekapada rajakapotasana; eka pad raj kapot asan; EPRK; kapotasana prep; rajakapotasana;
      sleeping swan; swan; yin swan; front shin across, back leg long; from dog bring knee to wrist, leg back;
      knee forward bent, other leg long behind, fold; shin across mat, hip opener;
      glute stretch on floor, back leg out behind; swan @yin; swan pose; one leg king pigeon prep; front shin across, fold;
      pigeon fold forward; shin across mat, leg back
    `,
    'folded-over-block-or-bolster': `
      pigeon over bolster; pigeon, head on block; sleeping pigeon w bolster; rest on bolster in pigeon;
      fold on to props, shin across; supported pigeon
    `,
    'on-the-back': `
      pigeon on back; supine pigeon ?; reclined pigeon ?; dead pigeon ?; lying pigeon @lying;
      pigeon on your back, figure four; on back, ankle on knee, pull ?
    `,
    'on-a-chair': `
      pigeon on chair ?; chair pigeon ?; pigeon w/ shin on the seat; front shin on chair/table, stand behind;
      pigeon with leg on the table
    `,
    not: `
      chair pigeon, sit ankle on knee = chair-pigeon; supine figure four = supine-figure-four;
      double pigeon = agnistambhasana; fire log = agnistambhasana; mermaid pigeon foot catch = absent;
      full king pigeon = absent; flying pigeon = absent; standing pigeon = standing-figure-four;
      kapotasana deep backbend = absent; deer = ninety-ninety; swan (pilates back ext) = bhujangasana;
      swan dive = uttanasana
    `,
  },
  hanumanasana: {
    plain: `
      splits; the splits; full splits; front splits; front split; hanumanasana; hanuman asana; hanumanasan; hanumansana;
      hanumanasna; hanuman; monkey; monkey pose; monkey splits; Hanuman's leap; splits with blocks; supported splits;
      splits on bricks; splits w/ bolster under hips; one leg forward, one leg back, hips down;
      legs in the splits, hands on blocks; slide front heel out, back leg long behind; long jump @kids; spagat;
      grand ecart
    `,
    half: `
      half splits instead; half hanuman option; stay in half split; don't slide, hips back over knee;
      back knee down, front leg long, only half
    `,
    not: `
      half split = ardha-hanumanasana; straddle splits = upavistha-konasana; side splits, samakonasana = absent;
      standing splits = absent; wide straddle = upavistha-konasana; Hanuman lunge = anjaneyasana;
      monkey half lift (Rainbow) = ardha-uttanasana
    `,
  },
  simhasana: {
    plain: `
      lion kneeling; lion pose; lion's pose; lion; lions pose; kneel lion; simhasana; simha asana; sinhasana; singhasana;
      simhasan; sinh asan; simhasna; simhasana kneeling; lion's breath kneeling; sit on heels, hands on knees, roar;
      kneel, claws on thighs, tongue out; seated on heels, tongue out, gaze between brows; lion w roar; roar @kneeling;
      lion face; sitting lion ?; kneeling, fingers wide, haaa; simhagarjanasana; roaring lion posture;
      knees wide, hands turned back, roar; simha
    `,
    seated: `
      lion sitting in chair @chair; seated lion; lion cross-legged; roar in easy seat;
      chair lion, hands on knees tongue out; lion from sukhasana
    `,
    not: `
      lion's breath (no kneeling) = lions-breath; lion for kids = kids-lion; tiger = vyaghrasana; sleeping lion = absent;
      vajrasana = vajrasana; lion plank = absent; sphinx = sphinx
    `,
  },
  shashankasana: {
    plain: `
      rabbit; rabbit pose; hare; hare pose; shashankasana; sasankasana; shashank asan; shasankasana; sashankasana;
      shashakasana; sasangasana; sasanga; shashangasana; sasangasan; moon pose kneeling; pose of the moon ?; moon fold;
      moon fold kneeling; sit on heels, fold w/ arms up and over; vajrasana, arms overhead, hinge down;
      from heels raise arms and bow to the floor; kneel, hold heels, crown on the floor;
      crown to floor, hips up, hold heels; round back kneeling, top of head down; bunny kneeling ?;
      hold your heels and roll onto the head ?; yoga mudra kneeling ?; shashank; shashanka; moon pose
    `,
    'child-s-pose': `
      rabbit swapped for child's; forehead down instead of crown; hare becomes child's; no head weight, child's pose;
      rest in child's, not on the crown
    `,
    not: `
      hare hops = kids-hare; child's pose = balasana; bunny hops = kids-hare; half moon = ardha-chandrasana;
      camel = ustrasana; headstand = sirsasana; mouse = kids-mouse; moon for kids = kids-moon;
      shashank bhujangasana flow = absent; savasana = savasana
    `,
  },
};
