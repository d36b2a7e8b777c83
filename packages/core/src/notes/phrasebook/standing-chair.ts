import type { Phrases } from './phrases.js';

export const standingChair: Phrases = {
  'chair-dog': {
    plain: `
      supported downward dog @chair; half dog behind the chair; half dog @chair; chair dog; down dog with chair;
      downdog chair back; hands on chair back, walk back, hips back;
      stand behind chair, hands on backrest, hinge to L shape; chair back stretch; upside-down L @chair;
      L-shape with chair; right angle with chair; half downward dog at the chair; ardha adho mukha svanasana chair;
      ardha adho mukha shvanasana @chair; big dog stretch; puppy standing with chair ?;
      hold top of chair, step back, chest to floor; hinge with hands on chair back, arms long; table-shape behind chair;
      standing dog behind chair ?; hd behind chair ?; L-shape behind chair; hinge, hands on chair, back long;
      puppy at chair standing; table-back at the chair
    `,
    'higher-hands': `
      half dog with hands higher than chair back ?; chair dog, less bend, hands up higher;
      not so deep hinge, chair on blocks/countertop; kitchen counter dog, hands higher; desk dog ?; office down dog ?; hands on table, walk back;
      hands on the desk, step back, chest down; dog at the desk standing
    `,
    'forearms-on-chair-back': `
      chair dog on forearms; elbows on chair back, hinge; forearms resting on back of chair, hips back;
      half dog behind the chair, forearms down
    `,
    'bent-knees': `
      chair dog bent knees; half dog, chair, bend the knees; hinge behind chair with knees soft;
      upside-down L bent knees, chair
    `,
    not: `
      downward dog = adho-mukha-svanasana; half dog at the wall = wall-dog; hands on chair seat dog = chair-dog-seat;
      seated downward dog = chair-dog-seated; half lift hands on chair = ardha-uttanasana; dog for kids = kids-dog;
      pyramid with chair = chair-pyramid
    `,
  },
  'chair-dog-seat': {
    plain: `
      downward dog with hands on the seat; down dog hands on seat @chair; dog hands on chair seat; downdog with chair seat;
      DD on chair seat; incline dog; inclined down dog; adho mukha svanasana chair; adho mukha shvanasana hands on chair;
      AMS chair; AMS with chair seat; dog at the bowl; hands on seat, walk feet back, hips up;
      palms on chair seat, hips high, A shape; facing the seat, hands on it, dog shape; raised-hands down dog ?;
      elevated downward dog; downward dog on chair; chair down-dog, seat against wall;
      hips up and back, hands on the seat @chair; supported AMS, hands on seat edges
    `,
    'heels-on-a-wedge': `
      dog on seat with heels on a wedge; chair seat dog, roll under heels; hands on seat, heels propped on rolled mat;
      incline dog, wedge under the heels
    `,
    'wide-feet-heels-high': `
      chair seat dog wide feet, heels up; incline dog, heels lifted, feet apart; wide legs tiptoe dog on seat;
      hands on seat, feet mat-wide, heels high
    `,
    not: `
      half dog behind the chair = chair-dog; downward dog on the floor = adho-mukha-svanasana;
      incline plank hands on seat = chair-plank; seated downward dog = chair-dog-seated;
      forward fold hands on seat = uttanasana; dolphin = ardha-pincha-mayurasana
    `,
  },
  'chair-warrior-3': {
    plain: `
      warrior III behind the chair; warrior 3 with chair; warrior three chair; W3 chair; W3 @chair; warrior 3 @chair;
      vira 3 chair; virabhadrasana 3 with chair; virabhadrasana III chair back; veerabhadrasana 3 chair;
      one-leg-back hover; hover one leg back, hands on chair back; hands on chair, one leg lifts behind, body like a T;
      tip forward holding chair, back leg to hip height; plane on the runway; chair airplane; aeroplane holding the chair;
      stand behind chair, hinge, lift one leg level; flat back, one leg floating, hands on backrest;
      half T balance w chair; supported warrior three
    `,
    'toe-touch': `
      chair W3, toes touch down behind; warrior 3 chair, back toe stays on floor; hover with toe tapping the floor;
      chair warrior 3 toe-touch; back toes kiss the floor, holding chair
    `,
    pulse: `
      chair warrior 3 pulses; pulse the back leg, hinged over chair; little lifts up and down, W3 at chair;
      small pulses of lifted leg in warrior 3 hold
    `,
    not: `
      warrior 3 = virabhadrasana-3; warrior 3 at the wall = wall-warrior-3;
      back leg lift upright behind chair = chair-hip-extension; hovering table = hover-table;
      half dog behind chair = chair-dog; aeroplane for kids = kids-aeroplane; chair warrior 1 = chair-warrior-1
    `,
  },
  'chair-quad-stretch': {
    plain: `
      quad stretch behind the chair; standing quad stretch; standing quad stretch w chair; standing thigh stretch;
      quad stretch @standing; quads standing, hold chair; heel to seat standing; heel to bum holding chair;
      heel to buttock, standing; stork; stork with chair; hold chair, catch foot behind, knee down;
      stand behind chair, bend one knee back, hold ankle; thigh stretch @chair; front thigh stretch, standing;
      pull foot to bottom, hand on chair; quads at chair; knees together, one heel up to the sit bone, standing;
      runner's quad stretch; quadriceps stretch standing; bend the knee, grab ankle behind, hold on to chair;
      supported quad str; quad stretch standing; quad stretch at wall; heel to bum standing; thigh stretch standing;
      hold foot behind standing; foot behind, hold ankle; front thigh stretch hold chair
    `,
    'strap-round-the-ankle': `
      standing quad stretch, strap round ankle; belt on ankle, stand behind chair, heel to bum;
      loop a strap round the foot, quad stretch w/ chair; quads standing with strap;
      can't catch the foot: use a belt, standing
    `,
    'foot-on-a-seat-behind': `
      quad stretch, foot on a seat behind; back foot on chair seat, thigh stretch, upright;
      top of foot resting on chair behind you; put the foot on a second chair behind, quads
    `,
    not: `
      dancer = natarajasana; side-lying quad stretch = side-lying-quad-stretch; prone quad stretch = prone-quad-stretch;
      lunge with foot on the seat = chair-lunge; hamstring curl behind the chair = chair-hip-extension;
      flamingo = kids-flamingo; heron = krauncasana
    `,
  },
  'chair-heel-raise': {
    plain: `
      heel raises behind the chair; heel raises, stand behind chair; calf raises with support; calf raises behind chair;
      calf raises holding chair; tiptoes holding the chair back; rise on toes, hands on chair back;
      stand behind chair, heels up and down; supported heel lifts; elevator up and down; elevator ?;
      hold the backrest, lift both heels; up on toes with chair; tip-toe behind chair; heel lifts w/ chair, standing;
      calves at the chair; calf pumps holding chair; hands on chair, up on the balls of the feet, lower slow;
      heal raises behind chair; ballet rises at chair; rise on toes, hold chair; heel raises behind chair;
      on the toes, hold the chair; heel lifts at chair; tip toes at the chair; calf raise one leg hold chair
    `,
    'one-leg': `
      one-leg heel raise behind the chair; single-leg calf raise, chair; heel raise on one foot holding chair;
      calf raise one leg at a time, hands on backrest
    `,
    'toe-lifts': `
      toe lifts behind the chair; lift toes, weight on heels, holding chair; rock back on heels, toes up, chair;
      toe raises standing with chair
    `,
    not: `
      heel raises free standing = heel-raise; heel and toe raises sitting = chair-heel-toe-raises;
      squat behind chair = chair-squat; goddess heel lifts = utkata-konasana; calf stretch at the wall = wall-calf-stretch
    `,
  },
  'sit-to-stand': {
    plain: `
      sit to stand; sit-to-stand; sit to stands; STS; sit/stand; sit 2 stand; stand up sit down;
      get up and down from chair; chair stands; chair rise; stand up from the chair, no hands; up and down from chair;
      chair squat to sit; squat to the chair and up; rise from seat and lower slowly; nose over toes and stand; pop-up toy;
      up and down off the chair; getting out of a chair practice; sitting to standing;
      lean forward, press feet, stand up, sit back with control; utkatasana from the chair, up and down;
      sit down slow, stand up tall; chair get-ups; stand up, sit down; stand and sit; rise from chair, repeat; sit-stand;
      squats to chair; stand–sit;
      stand up and sit down; rise from chair; chair squats
    `,
    'hands-on-thighs-or-arm-rests': `
      sit to stand, push on arm rests; stand up with hands on thighs; STS using the arms;
      sit to stand w/ hands helping on armrests; push off thighs to stand from chair; stand up by the arms of the chair
    `,
    'raised-seat': `
      sit to stand from a higher seat; STS with cushion on the seat; raised chair, stand up and sit;
      put blocks/cushion on chair and stand up; sit to stand from bed height
    `,
    hover: `
      sit to stand with hover above seat; hover bum over the chair before sitting; pause just above the seat;
      lower, hover, then stand again; nearly sit, don't touch the chair
    `,
    not: `
      chair pose = utkatasana; squat behind the chair = chair-squat;
      down and up with a chair, floor = floor-transfer-chair; getting up from the floor = floor-transfer-up;
      wall sit = wall-squat; hovering table = hover-table
    `,
  },
  'chair-squat': {
    plain: `
      squat behind the chair; chair squat behind; chair squat holding the back; supported squat; squat with chair;
      squat holding chair; hands on chair back, bend knees, sit back; squats, hands on the chair;
      stand behind chair, sit hips back and rise; elevator to the basement; squats holding the backrest;
      supported squats, stand behind chair; knee bends holding chair; knee bends, stand at the chair; hold on and squat;
      half squat with chair support; sink hips behind the chair; hold the chair, sit down into the air, come up;
      squats w chair; assisted squat; knee bends at chair; half squats holding chair;
      quarter squats; demi plie at the chair; bend knees a little, hold chair
    `,
    mini: `
      mini squat; mini squats; small knee bend behind chair; quarter squat holding chair; tiny squats, hands on chair;
      little dips at the chair; small knee bends; little knee bends
    `,
    'wide-toes-out': `
      plié behind the chair; plie squat holding chair; wide squat toes out with chair;
      squat behind chair, feet wide turned out; ballet plié at the chair; sumo squat holding the chair back
    `,
    not: `
      deep squat = malasana; sit to stand = sit-to-stand; chair pose = utkatasana; goddess = utkata-konasana;
      wall sit = wall-squat; chair goddess = chair-goddess; squat on blocks = malasana
    `,
  },
  'chair-tree': {
    plain: `
      tree behind the chair; tree with chair; tree @chair; chair tree; tree holding chair; tree w/ hand on chair back;
      vrksasana chair; vrikshasana with chair; vrukshasana holding chair; toe-down tree; tree in the park;
      stand by chair, one foot to inner leg, hold on; one leg stand, sole on inner shin, hand on chair;
      supported tree with chair; tree pose with support of chair; assisted tree @chair;
      knee out to the side, foot on ankle, hold chair; toes on floor, heel on ankle, hold chair;
      balance, foot against leg, chair beside; tree by the chair; tree (chair)
    `,
    'foot-on-calf': `
      chair tree, foot on calf; tree with chair, sole to calf; foot to lower leg, hand on chair, tree;
      holding chair, tree, foot at calf height
    `,
    'hand-above-the-chair': `
      chair tree, hand hovering over the chair; let go, hand just above chair back, tree; tree, hand floats over backrest;
      hands hover above the chair, one-leg tree
    `,
    not: `
      tree = vrksasana; tree at the wall = wall-tree; seated tree janu = janu-sirsasana; tree for children = kids-tree;
      standing figure four = standing-figure-four; chair pigeon = chair-pigeon;
      quad stretch behind chair (stork) = chair-quad-stretch
    `,
  },
  'chair-hip-abduction': {
    plain: `
      side leg lift behind the chair; side leg lifts, stand at chair; side leg raise with chair; standing leg abduction;
      standing hip abduction; hip abduction @standing; hip abduction with chair; abductors at chair;
      leg out to the side, holding chair; lift leg sideways, hands on backrest; lateral leg lifts, chair;
      stand behind chair, one leg out to side and in; swing leg out to the side slow, hold chair; windshield;
      side leg raises standing; leg abduction, standing hold on; lateral leg raise; leg lifts to the side @standing;
      outer hip lifts at the chair; stand tall, take one foot off the floor sideways; leg out to the side, hold chair;
      side leg lifts at chair; abduction standing; leg sideways holding chair; hip abduction
    `,
    'low-lift': `
      side leg lift low, chair; just skim the floor, leg to side; small side lift, toes barely off floor;
      low abduction holding chair
    `,
    lying: `
      side leg lift chair one, lying instead; hip abduction lying on side ?; can't stand: side leg lift lying down;
      chair abduction done lying
    `,
    not: `
      side-lying leg lift = side-lying-leg-lift; back leg lift behind chair = chair-hip-extension;
      windscreen wipers = supine-windscreen-wipers; standing leg to the side with strap = utthita-hasta-padangusthasana;
      march behind the chair = chair-march-standing; straight leg lift sitting = chair-straight-leg-lift
    `,
  },
  'chair-hip-extension': {
    plain: `
      back leg lift behind the chair; back leg lifts; back leg lift standing; rear leg lifts @chair;
      standing hip extension; hip extension @standing; hip extension with chair; leg back and up, holding chair;
      lift leg behind, body upright, hold chair; glute lifts standing; glute kicks at chair;
      leg extension backward with chair; stand behind chair, one straight leg back and down;
      kick back slow, hands on the backrest; kicking pony; kicking pony slowly; tail kicks, slow, with chair;
      squeeze buttock, lift leg behind, hold on; rear leg raise; extend one leg back, toes off floor, standing tall;
      leg back, hold chair; leg behind, knee straight; back kicks slow; hip extension standing;
      leg backwards holding chair; leg extension back at chair
    `,
    'knee-bent': `
      back leg lift with knee bent, chair; bent-knee kick back, holding chair; hamstring curls behind the chair;
      heel to ceiling, knee bent, standing; bend the knee and press heel back, chair
    `,
    not: `
      warrior 3 behind the chair = chair-warrior-3; half locust = ardha-salabhasana; tiger = vyaghrasana;
      side leg lift behind the chair = chair-hip-abduction; bird dog = bird-dog;
      quad stretch behind the chair = chair-quad-stretch; donkey kicks on all fours = absent
    `,
  },
  'chair-march-standing': {
    plain: `
      march behind the chair; march holding the chair; standing march with chair; march stood behind chair;
      supported marching; supported knee lifts; knee lifts holding chair, standing; knee raises behind chair;
      hands on backrest, lift one knee then the other; stand behind chair and march; toy soldier; toy soldier march;
      chair marching stood up; marching on the spot w/ chair; march, hold on, standing; high knees with chair support;
      lift knee to hip height holding chair; marching at the chair standing; stationary march, hand on chair;
      standing knee lifts hold on; stand, hold top of chair, raise knees in turn;
      standing at the chair, one foot up, one foot down, alternating; march holding chair; standing march at chair;
      knee lifts holding chair; march at back of chair
    `,
    seated: `
      march behind chair done sitting; standing march, sit instead; if tired march sitting (from march behind chair);
      chair march: seated option ?
    `,
    not: `
      seated march = chair-march; marching no chair = standing-march; standing knee hug = standing-knee-hug;
      supine march = supine-heel-march; back leg lift = chair-hip-extension
    `,
  },
  'chair-lunge': {
    plain: `
      lunge with foot on the seat; foot on chair lunge; chair lunge; lunge @chair; foot on chair seat, lean in;
      one foot up on the chair, bend that knee, hips forward; hip-flexor lunge; hip flexor stretch with chair;
      stand facing chair, step one foot on seat and lunge; ashwa sanchalanasana chair; aswa sanchalanasana with chair;
      ashva sanchalanasana @chair; equestrian on the chair; captain on the bow; step foot onto seat, press forward;
      stretch front of back hip, front foot on chair; lunge, foot raised on chair; foot-up lunge;
      knee over ankle on the seat, back leg straight; psoas stretch foot on chair; standing lunge, front foot on seat
    `,
    'chair-back-turned-for-holding': `
      lunge foot on seat, chair turned so you hold its back; hold the backrest, foot up on the seat, lunge;
      chair lunge with chair back in front to hold; turn the chair, hold back of it, foot on the seat
    `,
    'lower-step': `
      lunge with foot on a low step; foot on a block or stair instead of seat, lunge; chair lunge lower: use a step stool;
      yoga brick or step under front foot, hip flexor lunge
    `,
    not: `
      low lunge = anjaneyasana; high lunge = high-lunge; chair warrior 1 = chair-warrior-1;
      heel on chair seat straight leg = utthita-hasta-padangusthasana; foot on a seat behind = chair-quad-stretch;
      split squat = split-squat
    `,
  },
  'chair-pyramid': {
    plain: `
      pyramid with chair; pyramid @chair; pyramid hands on chair; chair pyramid; parsvottanasana chair;
      parsvottanasana with chair; parshvottanasana @chair; hamstring hinge behind the chair;
      hamstring stretch with chair standing ?; half tent; hands on seat, one foot forward, both legs straight, fold;
      staggered legs, hinge over front leg, chair in front; short stance, hinge to the chair over the front leg;
      one leg forward straight, hands on chair; intense side stretch with chair; split stance fold to the chair;
      runner's stretch holding chair; front leg straight, back leg straight, hinge, chair support;
      fold over front leg to chair; parsvotanasana (ch)
    `,
    'hands-on-chair-back': `
      pyramid hands on the chair back; chair pyramid, hold the backrest not seat;
      parsvottanasana hands high on back of chair; half-way pyramid, palms on chair back
    `,
    'heel-on-a-book-knee-straight': `
      heel on a book, toes down, knee straight, hinge; front toes down heel up on book, hamstring hinge ?;
      front heel propped on book, chair pyramid; heel on low block, straight knee, hinge holding chair
    `,
    not: `
      pyramid = parsvottanasana; half dog behind chair = chair-dog; triangle with chair = chair-triangle;
      seated hamstring stretch on chair = chair-hamstring-stretch; half split = ardha-hanumanasana;
      calf stretch at wall = wall-calf-stretch
    `,
  },
  'chair-triangle': {
    plain: `
      triangle with chair; triangle @chair; chair triangle; triangle hand on the seat; hand on the seat triangle;
      hand to chair seat, triangle; trikonasana chair; trikonasana with chair; trikonasan @chair; trikon with chair;
      utthita trikonasana @chair; slice on a plate; feet wide, legs straight, tip sideways, hand to chair seat;
      straight legs, one hand on seat, other arm up; side tilt to chair, top arm to sky; supported triangle with chair;
      triangle, chair instead of block; triangl w chair; wide stance, hand lands on seat, chest open;
      tip over to the seat, legs straight, both arms in a line
    `,
    'hand-on-chair-back': `
      triangle with hand on the chair back; chair triangle higher: hold the backrest; hand to top of chair, triangle;
      trikonasana, hand on chair back rather than seat ?
    `,
    not: `
      triangle with block = trikonasana; chair side angle (sitting) = chair-side-angle;
      revolved triangle = parivrtta-trikonasana; half moon with chair = ardha-chandrasana;
      standing side bend with chair = chair-side-stretch-standing; pyramid with chair = chair-pyramid
    `,
  },
  'chair-wide-fold': {
    plain: `
      wide-leg fold to the seat; wide fold to chair; wide leg fold @chair; wide-legged forward fold with chair;
      prasarita with chair; prasarita padottanasana chair; prasarita @chair; straddle fold on forearms;
      standing straddle, arms on seat; feet wide, hinge, forearms on the chair seat; legs wide, fold to chair;
      wide legs fwd fold chair; bridge over a brook; wide stance, elbows on the seat, head between arms;
      wide leg fold hands to chair seat; head and arms rest on chair, legs wide, standing; chair wide fold;
      wide-leg hang over chair; prasarita padotanasana to chair; wide leg forward bend onto chair
    `,
    'hands-on-chair-back': `
      wide fold hands on chair back; wide legs, hinge, hold the backrest; prasarita with hands on back of the chair;
      straddle half dog with chair, hands on backrest
    `,
    not: `
      wide-leg forward fold = prasarita-padottanasana; forward fold hands on seat = uttanasana;
      half dog behind chair = chair-dog; bridge = setu-bandhasana; seated straddle at a chair = upavistha-konasana;
      chair goddess fold = chair-goddess
    `,
  },
  'chair-plank': {
    plain: `
      incline plank; inclined plank; plank with hands on the seat; plank on chair; plank @chair; chair plank;
      plank hands on chair; plank with chair; phalakasana chair; phalakasana hands on seat;
      hands on seat, body in a straight line; high plank on a chair; elevated plank; raised plank; ship's ramp;
      hands on chair seat, step back, long body; diagonal plank; straight arms on seat, walk feet back to a line;
      easier plank, hands up on chair; kumbhakasana with chair; incline plank chair against wall
    `,
    'hands-on-chair-back-against-wall': `
      plank hands on chair back, chair against the wall; incline plank higher: hold backrest, chair to wall;
      hands on top of chair braced on wall, plank; chair pushed to wall, plank on backrest
    `,
    'knees-on-mat': `
      incline plank knees down; hands on seat, knees on mat, plank line; kneeling plank with hands on chair;
      chair plank from the knees
    `,
    not: `
      plank = phalakasana; wall plank = wall-push-up; half plank knees down on floor = knee-plank;
      hands on seat dog = chair-dog-seat; reverse plank hands on seat = purvottanasana;
      inclined plane (purvottanasana) = purvottanasana; forearm plank = forearm-plank
    `,
  },
  'chair-tandem': {
    plain: `
      tandem stand beside the chair; tandem with chair; tandem @chair; heel-to-toe with support;
      heel to toe holding the chair; heel toe stand, hand on chair; tightrope with chair; rope bridge;
      feet in one line, hold the chair; one foot in front of the other, hand on the backrest;
      stand next to chair, heel to toe; tandem stance with support; supported tandem; balance in a line beside chair;
      chair at side, feet heel-to-toe; heel-to-toe balance @chair; tight-rope stand holding chair;
      tandem stance fingertips on chair; heel to toe stand w/ chair; heel in front of toes, one hand resting on chair back;
      tandem at chair; heel to toe stand, chair; tandem stance hold; turn the head in tandem
    `,
    'head-turns': `
      tandem with head turns; heel to toe, turn head slowly, hold chair; feet in a line, look around, chair;
      head turns in tandem stance
    `,
    'eyes-closed-hand-on': `
      tandem, eyes closed, hand on chair; heel to toe eyes shut, hold the chair; close eyes in tandem, keep hand on;
      feet in one line, shut eyes, hold on
    `,
    not: `
      tandem no chair = tandem-stand; tandem walk = tandem-stand; tree behind the chair = chair-tree;
      heel raises behind chair = chair-heel-raise; bridge = setu-bandhasana
    `,
  },
  'chair-side-stretch-standing': {
    plain: `
      standing side bend with chair; side bend standing holding chair; side stretch with chair, standing;
      one hand on the chair back, lean over; stand beside chair, hold on, other arm overhead and lean;
      lateral stretch standing with chair; parsva tadasana with chair; parshva tadasana chair; tiryaka tadasana with chair;
      lean on the lamp; standing crescent with chair; hand on backrest, arc outer arm over toward chair;
      side bend by the chair, standing; palm tree with chair ?; hand on chair, top arm over ear @standing;
      standing side-stretch by chair; side lean at chair, one arm overhead; stand sideways to chair, bend over it;
      side stretch behind the chair; next to the chair, hold it, sweep the free arm over and lean in
    `,
    'top-hand-behind-the-head': `
      side bend with chair, top hand behind head; standing, one hand on chair, other hand on back of head, lean;
      elbow to ceiling, hand behind head, side lean at chair; no overhead arm: hand on head, side stretch with chair
    `,
    not: `
      standing side bend = parsva-tadasana; seated side bend on chair = chair-side-bend;
      side stretch at the wall = wall-side-stretch; triangle with chair = chair-triangle; gate = parighasana;
      chair side angle = chair-side-angle
    `,
  },
};
