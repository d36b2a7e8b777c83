import type { Phrases } from './phrases.js';

/** What teachers write beside the classical shapes: flows, strength, joints, small movements, children's games. */
export const newcomers: Phrases = {
  'surya-namaskara-b': {
    plain: `
      sunB; sunB fast;
      sun salutation B; sun B; surya B; surya namaskar B; SNB; SN B; sun sal B; suns B; surya namaskara B; salute B; sun salute B;
      B series; sun salutation with warrior; sun B flow; two sun Bs; salutation B; surya namaskar B series; sun salutation with chair and warrior
    `,
    not: `sun A = surya-namaskara-classic; half salute = surya-namaskara-gentle`,
  },
  'vinyasa-link': {
    plain: `
      vinyasa; a vinyasa; take a vinyasa; half vinyasa; vinyasa to down dog; through your vinyasa; link vinyasa; chaturanga flow;
      optional vinyasa; flow vinyasa; one vinyasa; add a vinyasa; skip or take the vinyasa; vinyasa between sides; vin
    `,
  },
  'parivrtta-utkatasana': {
    plain: `
      revolved chair; chair twist standing; twisted chair; prayer chair; chair pose twist; parivrtta utkatasana; parivritta utkatasana;
      rev chair; fierce twist; chair with prayer twist; elbow outside knee in chair pose; utkatasana twist; twist in chair pose; twisting chair pose
    `,
    not: `seated chair twist = chair-twist; twist @chair = chair-twist`,
  },
  'shoulder-shrugs': {
    plain: `
      shoulders to ears and drop; shoulders up to the ears, let them fall; hunch the shoulders, drop them;
      shoulder shrugs; shrugs; shrug shoulders; shoulders up and down; shoulders up to ears and drop; lift shoulders, let go; shoulder lifts; shoulders up, down;
      shrug and release; shrug up, drop; squeeze shoulders up, drop; hunch shoulders and let go; shoulder shrug x; shoulder elevations; lift the shoulders to the ears
    `,
    'hands-on-thighs': `shrugs, hands resting on thighs; small shrugs sitting; half-height shrugs`,
    not: `shoulder rolls = chair-shoulder-circles; shoulder circles = chair-shoulder-circles`,
  },
  camatkarasana: {
    plain: `
      wild thing; flip dog; flipped dog; camatkarasana; chamatkarasana; flip the dog; rock star; wild one; flip-dog from three-legged dog;
      from side plank flip over; back flip dog; one foot behind, arm overhead, belly up
    `,
    'knee-down': `wild thing with the knee down; supported wild thing on one knee; kneeling wild thing`,
  },
  'mindful-walking': {
    plain: `
      mindful walking; walking meditation; slow walking; walk slowly, feel each step; meditative walking; kinhin; conscious walking; walk mindfully;
      walk round the room slowly; walking with attention; barefoot walk; giant steps; walking with giant steps; big steps across the room; walk and notice the feet; heel to toe walking slow; walk about
    `,
    'at-a-rail': `walking along the wall, hand on it; slow walk holding the rail; walk beside chairs`,
    not: `tightrope walk = tandem-stand; bear walk = kids-bear-walk`,
  },
  'knee-to-nose': {
    plain: `
      knee to nose; knee to nose from dog; knee to nose in plank; three-legged dog, knee to nose; knee to chest from down dog; knee drives; knee-to-elbow in plank; knee to forehead, plank;
      dog crunches; plank crunch; knee tucks in plank; draw knee to nose, shoulders over wrists; knee to tricep
    `,
    'on-all-fours': `knee to nose on hands and knees; rounding knee to nose, all fours; cat with knee to nose; cat crunch`,
  },
  'mountain-climbers': {
    plain: `
      mountain climbers; mountain climber; climbers; running plank; run in plank; slow mountain climbers; plank runs; knees to chest alternately in plank; plank marches; climb the mountain in plank
    `,
    'hands-on-chair': `mountain climbers on chair; slow climbers, hands on the seat; incline mountain climbers`,
  },
  'fire-hydrant': {
    plain: `
      fire hydrant; fire hydrants; hydrants; dog at the lamp post; lift knee out to side on all fours; all fours, knee out; quadruped hip abduction; leg out like a dog; hip abduction on hands and knees; knee lifts sideways, all 4s; doggy leg; bent leg side lift on all fours
    `,
    forearms: `fire hydrant on forearms; hydrants on elbows`,
  },
  'donkey-kick': {
    plain: `
      donkey kick; donkey kicks; heel to ceiling on all fours; bent leg lift on all fours; kick back, knee bent; glute kickbacks; kick-backs; heel press up, all fours; sole to the ceiling, all 4s; mule kicks; hip extension on hands and knees
    `,
    forearms: `donkey kicks on forearms; heel presses on elbows and knees`,
    not: `handstand hops = adho-mukha-vrksasana`,
  },
  'urdhva-prasarita-eka-padasana': {
    plain: `
      standing splits; standing split; urdhva prasarita eka padasana; one leg up fold; leg up in forward fold; fold, lift back leg high; split standing; vertical split
    `,
    'hands-on-chair': `standing split with hands on chair; standing splits, hands on blocks; low standing split`,
    not: `half split = ardha-hanumanasana; splits = hanumanasana`,
  },
  chanting: {
    plain: `
      chanting; chant; mantra; mantra chanting; om chanting; chant om; kirtan; aum; three oms; oms; om; chant together; sing mantra; so hum; japa; mantra repetition; sat nam chant; om shanti; opening chant; closing chant; chant softly
    `,
    silent: `silent mantra; mantra in the mind; repeat mantra silently`,
  },
  'loving-kindness': {
    plain: `
      loving kindness; metta; metta meditation; loving-kindness meditation; compassion meditation; kindness practice; send good wishes; may I be well; gratitude meditation; heart meditation; friendly wishes; metta lying; wish well to others; kind wishes
    `,
  },
  'arm-circles': {
    plain: `
      arm circles; circle arms; big arm circles; windmill arms; arms round and round; circle the arms back; small arm circles out to sides; arm windmills; shoulder circles with straight arms; swim backstroke arms; backstroke
    `,
    'one-arm': `one arm circles; single arm circle, other hand on shoulder; one arm at a time, circles`,
    not: `shoulder circles = chair-shoulder-circles`,
  },
  'arm-swings': {
    plain: `
      arm swings; swing arms; arms swing forward and back; swinging arms; swing the arms front and back; swing arms across; pendulum arms; swing and clap; hug and open swings; open-and-cross arms; scissor arms; let arms swing; swing arms like skiers
    `,
    not: `swing arms side to side twisting = standing-twist`,
  },
  'criss-cross': {
    plain: `
      criss-cross; criss cross crunches; elbow to opposite knee; diagonals: elbow to knee; bicycle crunches; yogic bicycles; yogi bicycle; oblique crunches; right elbow to left knee; cross crunch; elbow-knee crunch; opposite elbow and knee lying; twist curl-ups; oblique curls
    `,
    'head-down': `criss-cross with the head down; knee to opposite hand, head resting; hand to opposite knee lying`,
    not: `criss cross applesauce = sukhasana; bicycle = supine-bicycle`,
  },
  'baddha-parsvakonasana': {
    plain: `
      bound side angle; baddha parsvakonasana; bound extended side angle; side angle bind; BSA; side angle with a bind; bind in side angle; wrap the arm in side angle
    `,
    'half-bind': `half bind side angle; side angle, top arm behind back; side angle half-bind`,
  },
  'chandra-namaskara': {
    plain: `
      moon salutation; moon salutations; chandra namaskar; chandra namaskara; moon salute; moon sal; moon flow; lunar salutation; half moon salutation flow; CN
    `,
  },
  'ball-under-foot': {
    plain: `
      ball under the foot; roll ball under foot; ball roll under foot; foot on a ball; tennis ball under foot; spiky ball foot; massage the sole with ball; foot ball rolling; roll sole on ball; roll the foot over a ball; feet on massage balls; ball under arch
    `,
    standing: `standing, ball under foot; roll ball under foot holding chair; foot on ball at the wall`,
  },
  'toe-work': {
    plain: `
      toe yoga; toe work; lift big toe only; little toes only; spread toes; toe spreads; toe lifts; toes up one at a time; pick up towel with toes; towel scrunches; scrunch towel with toes; short foot; foot dome; arch lifts; big toe up, others down; piano toes; toe exercises; wriggle and spread toes; interlace fingers and toes
    `,
    standing: `toe lifts standing; spread the toes standing; lift all toes standing`,
  },
  'couch-stretch': {
    plain: `
      couch stretch; wall lunge, shin up the wall; kneeling quad stretch at wall; shin against the wall lunge; back foot up wall; low lunge with back shin up the wall; wall quad lunge; puppet stretch at wall; rear shin on sofa
    `,
    'foot-on-chair': `couch stretch with the foot on a chair; back foot on seat, kneeling lunge`,
  },
  'weight-shifts': {
    plain: `
      weight shifts; shift weight side to side; sway side to side; sway left and right; weight shift side to side; shift weight left and right; transfer weight foot to foot; sway from foot to foot; shift weight forward and back; sway in mountain; lean from foot to foot; rock side to side standing; ship on the sea; side to side weight; weight transfer; standing sway
    `,
    'hands-on-chair': `weight shifts holding chair; stand and hold: weight side to side; sway, hands on chair back`,
  },
  'shaking-out': {
    plain: `
      shake it out; shake out; shaking; shake everything; shake arms and legs; shake hands out; shake the body; shake off; shakes; shake legs out; jelly; wobble like jelly; whole body shake; shake out the legs; shake out arms; shaking out; kriya shaking; tremble and shake; bounce and shake; shake like a wet dog; wiggle everything; shake hands and feet
    `,
    sitting: `shake hands out sitting; shake out arms @chair; shake wrists and feet @chair`,
    lying: `shake the legs in the air; legs up, shake; arms and legs up, shake; upside-down beetle shake`,
  },
  'breath-of-joy': {
    plain: `
      breath of joy; joy breath; joyful breath; three inhales, swing arms, exhale fold; inhale inhale inhale, ha; breath of joy x; swing arms, ha; joy breaths; ha breath swing; swing breath ha
    `,
    sitting: `breath of joy @chair; joy breath sitting; seated breath of joy`,
    'without-the-fold': `breath of joy without the fold; joy breath upright; joy breath, no fold`,
  },
  'step-ups': {
    plain: `
      step-ups; step ups; step up and down; step up on the step; up and down a low step; step up on block; stair step; stepping up; up-ups on a step; step on and off; step up onto a low bench; step taps on step
    `,
    'holding-on': `step-ups holding the rail; step up holding chair; step ups with hand on wall`,
  },
  'glute-sets': {
    plain: `
      glute sets; glute squeezes; tighten buttocks; squeeze buttocks; buttock squeezes; clench buttocks; static glutes; bum squeezes; gluteal sets; squeeze glutes lying; squeeze bum and hold; isometric glutes; buttock squeeze hold
    `,
    prone: `buttock squeezes lying on the front; glute squeeze prone`,
  },
  'heel-drags': {
    plain: `
      heel drags; heels drag towards seat; drag heels; isometric heel drag; dig heels in and drag; pull heels to bum without moving; hamstring sets; hamstring isometrics lying; heel digs; press heels down and pull; dig heels
    `,
  },
  'neck-isometrics': {
    plain: `
      neck isometrics; head press into hand; press head into hand; hand against forehead; isometric neck; push head into palm; neck press hand; press forehead into hands; resist with hand, neck; static neck strength; head against hand, no movement; hands behind head, press back
    `,
    lying: `press the head into the pillow; head press lying; press back of head into floor; head into cushion press`,
  },
  'parivrtta-adho-mukha-svanasana': {
    plain: `
      twisted down dog; revolved down dog; down dog twist; dog, hand to opposite shin; hand to opposite ankle in dog; DFD twist; dog twist; twisted dog; down dog, reach for opp ankle; hand to outer shin, dog; rev dog; parivrtta adho mukha
    `,
    'knees-bent': `twisted dog with bent knees; dog twist, knees soft`,
  },
  viloma: {
    plain: `
      viloma; interrupted breath; interrupted breathing; interrupted in-breath; interrupted out-breath; breath in steps; stepped breath; staircase breath; stair breath; inhale in thirds; pause breath in steps; viloma 1; viloma 2; viloma pranayama; against the flow breathing; exhale in three steps; pausing breath
    `,
    'on-the-exhale': `viloma on the exhale; interrupted exhale; viloma 2 out-breath steps`,
  },
  'wall-finger-walk': {
    plain: `
      finger walk; wall walk; walk fingers up the wall; finger walks up wall; spider up the wall; wall crawl; crawl fingers up the wall; incy wincy up wall; wall slides with fingers; shoulder wall walk; fingers climb the wall; wall climbs with hand; spider fingers wall
    `,
    'to-the-side': `finger walk sideways to the wall; wall walk out to the side; wall crawl in abduction`,
  },
  'maricyasana-1': {
    plain: `
      marichyasana 1; marichyasana a; maricyasana 1; marichi a; marichi 1; marichyasana I; sage forward bend; mari a; one knee up, fold over long leg; marichyasana A forward bend; bound sage fold
    `,
    'no-bind': `marichyasana a without the bind; marichi 1, hold the foot; mari A no bind`,
    not: `marichyasana c = maricyasana-3; marichyasana 3 = maricyasana-3`,
  },
  'parivrtta-ardha-chandrasana': {
    plain: `
      revolved half moon; parivrtta ardha chandrasana; twisted half moon; rev half moon; rotated half moon; half moon twist; turned half moon; RHM
    `,
    'hand-on-chair': `revolved half moon, hand on chair; twisted half moon on a chair seat`,
  },
  'ardha-chandra-chapasana': {
    plain: `
      sugarcane; sugar cane; chapasana; ardha chandra chapasana; candy cane pose; half moon bow; half moon holding the foot; half moon, grab back foot; sugarcane half moon
    `,
    strap: `sugarcane with strap; half moon bow, strap round foot`,
  },
  'parsva-bakasana': {
    plain: `
      side crow; parsva bakasana; side crane; twisted crow; baby crow to side; both knees on one arm; side crow prep; twisting crane
    `,
  },
  rajakapotasana: {
    plain: `
      king pigeon; eka pada rajakapotasana full; royal pigeon; king pigeon with strap; mermaid; mermaid pigeon; full pigeon, hold the back foot; pigeon, catch back foot; pigeon quad stretch; pigeon holding foot; rajakapotasana; king of pigeons
    `,
    strap: `king pigeon, strap round the back foot; mermaid w strap`,
    'front-shin-on-bolster': `king pigeon on bolster; supported king pigeon`,
    not: `pigeon = eka-pada-rajakapotasana; sleeping pigeon = eka-pada-rajakapotasana; chair mermaid = chair-side-bend`,
  },
  'tiryaka-bhujangasana': {
    plain: `
      twisted cobra; tiryaka bhujangasana; twisting cobra; cobra, look at heels; cobra, look over the shoulder; tiryak bhujangasana; cobra twist; swaying cobra; side-looking cobra; cobra look back at the heel
    `,
    low: `low twisted cobra; baby cobra, turn the head`,
  },
  'cat-pulling-its-tail': {
    plain: `
      cat pulling its tail; cat tail; cat-tail; cat pulling tail; side twist with quad stretch; lying twist, hold back foot; twist and hold bottom foot; cat tail twist; cat's tail
    `,
    'no-hold': `cat tail without holding the foot; open cat tail, foot free`,
  },
  'kneeling-ankle-stretch': {
    plain: `
      ankle stretch; kneeling ankle stretch; lean back, lift knees, ankle stretch; knees lift sitting on heels; sit on heels, lift knees; front of ankles stretch; tops of feet stretch; ankle stretch kneeling; knees up thunderbolt; vajrasana, lift knees; instep stretch; ankle stretch yin
    `,
    'hands-behind': `ankle stretch with the hands behind; lean back on hands, knees stay low`,
    not: `toe squat = vajrasana-toes-tucked`,
  },
  hundred: {
    plain: `
      the hundred; hundred; hundreds; hovering boat with arm pulses; low boat, pump arms; arm pulses in low boat; pilates hundred; pump the arms, legs at 90; beat the arms legs up; 100s; arm pumps, head lifted
    `,
    'head-down': `hundred with the head down; arm pulses, head resting; half hundred, feet down`,
  },
  'knee-bending': {
    plain: `
      janu naman; knee bending; knee bends lying; bend and stretch the knee sitting; janu naman each leg; knee flexion and extension; hold thigh, bend and straighten leg; knee hinges; knee joint movement; clasp under thigh, straighten; knee mobilising; bend and straighten knee in bed
    `,
    sitting: `knee bend and stretch @chair; swing the lower leg @chair; bend-straighten knees sitting; pendulum legs @chair`,
    not: `small knee bends standing = chair-squat; knee circles = knee-cranking`,
  },
  'knee-cranking': {
    plain: `
      janu chakra; knee cranking; knee circles sitting; circle the lower leg; lower leg circles; knee rotation; hold thigh, circle shin; crank the knee; rotate knee joint
    `,
    not: `knee circles lying = supine-knee-circles`,
  },
  'elbow-bending': {
    plain: `
      kehuni naman; kohni naman; elbow bending; elbows bend; elbow bends; hands to shoulders and out; fingertips to shoulders and stretch; bend and straighten elbows; elbow joint movement; arms out, touch shoulders; elbow hinge; bicep bends no weight
    `,
  },
  'ardha-titali': {
    plain: `
      ardha titali; ardha titali asana; half butterfly; half butterfly each leg; half butterfly movement; half butterfly bouncing; one knee flaps; bounce one knee; foot on thigh, press knee down; half butterfly knee press; ardha titli; lift and lower the bent knee by hand
    `,
    not: `half butterfly fold = janu-sirsasana; poorna titali = baddha-konasana`,
  },
  'chopping-wood': {
    plain: `
      chopping wood; chop wood; wood chopper; woodchop; kashtha takshanasana; chop with a ha; chopping logs; axe swing; wood chopping squat; woodchopper, exhale ha; lumberjack
    `,
    standing: `chopping wood standing; standing wood chops; chop, knees soft`,
  },
  'rope-pulling': {
    plain: `
      pulling the rope; rope pulling; rajju karshanasana; pull the rope; rope pull; climb a rope; ring the bell ropes; rope climbing sitting; pull ropes down from above; rajju karshan
    `,
    chair: `pull the rope @chair; climbing rope arms @chair; rope pull @chair`,
  },
  trataka: {
    plain: `
      trataka; tratak; steady gazing; candle gazing; gaze at a candle; gazing meditation; gaze at one point; trataka on candle; look at flame without blinking; gazing practice; eye gaze practice; dristi practice; gaze at flame; stare at candle
    `,
    soft: `trataka, blink when you like; soft gazing at a picture; gaze at a flower`,
  },
  'ardha-baddha-padmottanasana': {
    plain: `
      ardha baddha padmottanasana; half bound lotus standing fold; standing half lotus fold; half lotus standing forward bend; bound half lotus fold standing; half-bound lotus standing; standing bound half lotus
    `,
    'foot-held': `standing half lotus, only hold the foot; half lotus tree fold, no bind`,
  },
  'ardha-baddha-padma-paschimottanasana': {
    plain: `
      ardha baddha padma paschimottanasana; half lotus forward bend; half bound lotus seated fold; seated half lotus fold; half lotus seated forward bend; ABPP; half bound lotus paschimo; ardha baddha padma paschimo; half lotus fold sitting
    `,
    'foot-on-thigh-no-bind': `half lotus forward bend without binding; half lotus fold, hands forward`,
  },
  'triang-mukhaikapada-paschimottanasana': {
    plain: `
      triang mukha eka pada paschimottanasana; triang mukha; trianga mukhaikapada; three-limb forward bend; one leg folded back, fold; half hero forward fold; fold with one leg in hero; TMEP; one leg back hero fold; half virasana fold; triang mukha eka pada paschimo; three-part forward bend
    `,
    'sit-on-block': `triang mukha on a block; half hero fold, seat raised`,
  },
  'leg-cradle': {
    plain: `
      leg cradle; cradle the leg; rock the baby; baby cradle; cradle; hindolasana; rock the leg like a baby; hold shin, rock side to side; rock-a-baby; cradle pose; hug shin to chest sitting; rocking the leg
    `,
    'hold-below-the-knee': `leg cradle holding under the knee; cradle, hands on shin; half cradle, foot in hand`,
  },
  'prone-twist': {
    plain: `
      prone twist; belly-down twist; lying on front, open arm, roll; prone open twist; scorpion stretch prone; scorpion twist on belly; lie on belly, foot over to other side; foot over behind on belly; prone scorpion; lift elbow and look under on belly; roll open from belly
    `,
    'arm-only': `prone twist, arm only; on belly, lift elbow and look`,
    not: `belly-down twist on bolster = supported-twist; broken wing = prone-shoulder-stretch`,
  },
  'parsva-upavistha-konasana': {
    plain: `
      straddle side bend; parsva upavistha konasana; side bend in straddle; wide legs sitting, lean to side; seated straddle side stretch; side stretch legs wide sitting; straddle lean; dragonfly side bend; wide-leg side bend seated; open leg side bend
    `,
    'elbow-on-thigh': `straddle side bend, elbow to thigh; straddle lean, forearm on block`,
    not: `seated straddle = upavistha-konasana; revolved head to knee = parivrtta-janu-sirsasana`,
  },
  'twisted-butterfly': {
    plain: `
      twisted butterfly; butterfly twist; bound angle twist; twist in butterfly; soles together, twist; cobbler twist; baddha konasana twist; turn in cobbler; revolved bound angle
    `,
  },
  'bent-knee-fall-out': {
    plain: `
      bent knee fall out; bent-knee fallouts; knee fall outs; BKFO; knee fallout; one knee out and in; let one knee open out; knee opens to side lying; single knee drop out; knee drops out, pelvis still; hip openers one knee lying; drop one knee out
    `,
    'cushion-under-the-knee': `bent knee fall out to a cushion; knee opens to a pillow`,
    not: `knees drop side to side = supine-windscreen-wipers`,
  },
  'straight-leg-raise': {
    plain: `
      raise one leg straight, lying; alternate leg raise lying; straight leg raises lying; single leg raises lying;
      straight leg raise; SLR; straight leg raises; straight leg lifts lying; lift straight leg, other knee bent; SLRs; straight-leg raise lying; one leg straight lift and lower; lift straight leg to other knee height; quad set and lift; tighten thigh, lift the leg
    `,
    'propped-on-elbows': `straight leg raise on elbows; SLR propped on forearms`,
    not: `double leg raise = urdhva-prasarita-padasana; leg raise with strap = supta-padangusthasana-1`,
  },
  'hip-hinge': {
    plain: `
      hip hinge; hip hinge with stick; hinge with a stick along the back; hip hinging; stick on the back, hinge; hinge practice; pole on spine, bend at hips; good mornings; broomstick hinge; hinge from hips; hinge drill; dowel hinge; hip hinges standing; hinge back as one piece
    `,
    kneeling: `tall kneeling, hinge back; kneeling lean back as one piece; kneeling hinge; lean back kneeling`,
    'at-the-wall': `hip hinge, bum to the wall; hinge till seat touches wall; wall-tap hinge`,
    not: `just hinge @chair = chair-forward-fold; hip hinge behind chair = chair-dog`,
  },
  'kids-volcano': {
    plain: `
      volcano; volcanoes; volcano erupts; rumbling volcano; volcano breath arms up; be a volcano; volcano eruption; bubbling volcano; lava
    `,
    sitting: `volcano sitting; volcano hands @chair; seated volcano`,
  },
  'kids-dinosaur': {
    plain: `
      dinosaur; dinosaurs; dinosaur stomp; dino walk; t-rex; t rex stomp; stomp like dinosaurs; dino stomps; stegosaurus; stomping dinosaur; monster walk
    `,
    quiet: `quiet dinosaur; tiptoe dinosaur`,
  },
  'kids-wheelbarrow': {
    plain: `
      wheelbarrow; wheelbarrows; wheelbarrow walk; wheel barrow race; walk on hands, partner holds legs; wheelbarrow in pairs
    `,
    'knees-held': `wheelbarrow holding the thighs; small wheelbarrow; wheelbarrow held at the knees`,
  },
  'kids-sandwich': {
    plain: `
      sandwich; make a sandwich; sandwich fold; fold the sandwich; sandwich – legs are bread; butter your sandwich; spread the jam, fold; peanut butter sandwich; close the sandwich; sandwich on dad
    `,
    'crossed-legs': `sandwich with crossed legs; wrap instead of sandwich`,
  },
  'kids-rabbit-breath': {
    plain: `
      rabbit breath; bunny breath; bunny breathing; three sniffs and out; sniff sniff sniff, sigh; rabbit sniffs; bunny sniffs; sniff like a bunny; hare breath; rabbit breathing
    `,
    slow: `slow bunny breath; one long sniff; quiet rabbit breath`,
  },
};
