import type { Phrases } from './phrases.js';

export const standing: Phrases = {
  tadasana: {
    plain: `
      mountain; mountain pose; tadasana; tadasan; taadasana; tādāsana; tadasna; samasthiti; samastithi; samasthithi;
      samastiti; sama sthiti; standing mountain; stand tall; just stand ?; equal standing; standing at top of mat; TOM ?;
      stand, feet hip width, arms by sides; feet parallel, weight even, tall spine, arms down;
      standing still, feet grounded; standing posture; come to standing ?; lighthouse ?; attention pose; palm tree ?;
      standing straight both feet together; stand still on two feet, arms down, crown lifts;
      stand straight both feet on ground, hands beside the body;
      feet under hips, knees soft, shoulders relaxed, standing tall; mountain position; mountian; stand still;
      stand and ground; standing still; namaste standing; stand, feel feet; the mountain; standing palms together;
      feet hip width stand;
      stand tall, arms by sides; stand at the front of the mat; feet under hips, crown up;
      stand and feel the feet; equal weight both feet; stand still, soft knees
    `,
    'wide-stance': `
      tadasana wide stance; mountain feet wider; wide-footed mountain; stand with feet wide, arms by sides;
      mountain, feet wider than hips @prenatal
    `,
    'eyes-closed': `
      mountain with eyes closed; tadasana, close the eyes; stand still eyes shut; samasthiti eyes closed;
      eyes shut, feel the sway, standing
    `,
    'palms-at-chest': `
      tadasana with palms together at the heart; mountain, namaste hands; standing prayer pose; pranamasana;
      stand, palms joined at chest; anjali mudra standing; samasthiti, hands in namaskar; prayer hands standing;
      palms to chest; hands at heart standing; prayer standing; hands in prayer standing; namaskar stand
    `,
    not: `
      mountain for children = kids-mountain; seated mountain = chair-mountain; mountain at the wall = wall-mountain;
      arms overhead standing = urdhva-hastasana; tiptoe palm tree = heel-raise; dandasana = dandasana;
      parvatasana (sun salute step) = adho-mukha-svanasana; star fold tarasana = tarasana
    `,
  },
  'urdhva-hastasana': {
    plain: `
      upward salute; arms overhead @standing; arms up; raised arms pose; raised hands pose; hasta uttanasana ?;
      urdhva hastasana; urdva hastasana; oordhva hastasana; urdhvahastasana; urdhva hasta; UH; reach up; reach for the sky;
      arms up standing; sky reach; mountain arms up; tadasana with arms overhead; stretch up tall, arms by ears;
      stand, sweep arms up, palms face; stand tall arms lifted over head; extended mountain; standing stretch; volcano ?;
      inhale arms up; rocket on the pad; big stretch up @standing; arms high overhead, feet grounded;
      stand straight, both arms up beside the ears; feet on floor, reach both arms to the ceiling, look ahead;
      hasta uttanasana; hastottanasana; up reach; stretch to the sky; reach for the ceiling; inhale reach up;
      arms overhead standing;
      sweep arms up; reach for the ceiling, standing; hands up high; in - arms up; lift both arms, look up a little;
      stretch up tall
    `,
    'cactus-arms': `
      stand with cactus arms; upward salute, bend elbows to cactus; goalpost arms standing; cactus arms @standing;
      arms up then bend to goal post, mountain legs
    `,
    'fingers-laced-palms-up': `
      interlace fingers, turn palms up, standing; fingers laced palms to ceiling; parvatasana arms standing;
      urdhva baddha hastasana; urdhva baddhanguliyasana; baddhanguliyasana; tadasana arms up fingers interlocked palms up;
      lock fingers, press palms up
    `,
    'hands-shoulder-wide-only-to-eye-height': `
      arms only to eye height, shoulder wide; reach up but stop at eye level; half-raised arms standing;
      arms lift to eye-line, no higher; upward salute low arms for sore shoulder
    `,
    not: `
      tiptoes arms up = heel-raise; sun breath standing = standing-sun-breath; chair pose = utkatasana;
      standing side bend = parsva-tadasana; seated arms overhead, sun breath @chair = chair-sun-breath;
      rocket for kids = kids-rocket; wall arm slides = wall-arm-slide;
      hand to big toe (hasta padangusthasana) = utthita-hasta-padangusthasana
    `,
  },
  'parsva-tadasana': {
    plain: `
      standing side bend; side bend @standing; standing side stretch; standing lateral stretch; standing crescent;
      crescent side bend; standing half moon side bend; half moon side stretch; palm tree side bend; swaying palm tree;
      swaying palm; tiryaka tadasana; tiryak tadasana; triyak tadasana; indudalasana; parsva tadasana; parshva tadasana;
      parsva urdhva hastasana; banana in the wind; banana standing; arms up, lean over to the side, standing;
      hold wrist overhead and lean sideways; one arm overhead, other slides down leg, standing; ardha kati chakrasana;
      ardh kati chakrasana; bend sideways, feet hip width; lean side to side standing;
      standing, arms up, bend from waist to the side only; stand, reach one hand up and over, hips stay;
      feet apart, lean the body sideways like a palm in wind; half moon standing, bend to side;
      the half-moon, bend to the right; ardhakati chakrasana; crescent side bend standing; standing crescent moon;
      stand, lean over to side; standing lateral bend; reach up and over; palm tree sway; lean right; lean left;
      lean to side; tall side stretch; side lean standing;
      crescent moon standing; standing half moon side; side stretch standing; arms up lean to side
    `,
    'hand-on-hip': `
      standing side bend, one hand on hip; side bend with hand on the waist; hand to hip, other arm arcs over, standing;
      side stretch standing with hand on hip ?; crescent side bend, lower hand on hip
    `,
    'one-hand-on-chair-back': `
      standing side bend holding chair back; hand on the chair, lean other way ?;
      side stretch standing, one hand on back of chair; palm tree with chair for support
    `,
    'small-range': `
      tiny side bend standing; small sway side to side; little lean, don't go far, standing; mini side bend, arms down;
      side bend standing small range
    `,
    not: `
      side bend behind chair = chair-side-stretch-standing; seated side bend = parsva-sukhasana;
      half moon balance = ardha-chandrasana; triangle = trikonasana; side stretch at the wall = wall-side-stretch;
      crescent lunge = high-lunge; pyramid (parsvottanasana, intense side stretch) = parsvottanasana;
      banana lying = supine-half-moon; kati chakrasana waist twist = standing-twist; moon for children = kids-moon
    `,
  },
  anuvittasana: {
    plain: `
      standing back bend; standing backbend; back bend @standing; standing lean-back; lean back hands on low back;
      anuvittasana; anuvitasana; anuvittasna; anuvittāsana; anu vittasana; standing backward bend;
      hands on back of hips, lift chest, lean back; palms on lower back, fingers down, arch back, standing;
      fists in low back, look up, standing; ardha chakrasana; ardh chakrasana; half wheel standing; half wheel pose;
      standing half wheel; stand & open heart to the sky; umbrella turned inside out;
      stand, support the back, chest to ceiling; standing heart opener; backward bending standing;
      hip hinge reverse, lean back; SBB; standing back bend w hands on sacrum; standing camel ?; lean back standing;
      standing arch back
    `,
    'crossed-arms-chin-tucked': `
      standing back bend arms crossed, chin in; hug shoulders, chin tucked, lean back a little, standing;
      arms folded on chest, standing backbend, keep chin down; crossed arms, no head drop, standing back bend
    `,
    'tiny-bend-wide-feet': `
      tiny standing back bend, feet wide; micro lean-back with feet wide; wide feet, just lift the sternum, standing;
      baby back bend standing
    `,
    'arms-overhead': `
      standing back bend with arms overhead; arms up and back; hasta uttanasana backward arch; hastauttanasana;
      raised arms, arch back, standing; reach up and back; lean back arms by ears @standing;
      arms overhead backbend standing
    `,
    not: `
      camel = ustrasana; wheel = urdhva-dhanurasana; chair back bend = chair-backbend;
      arms overhead, upright = urdhva-hastasana; bridge = setu-bandhasana; half waist wheel (kati) = parsva-tadasana;
      drop back to wheel = absent
    `,
  },
  utkatasana: {
    plain: `
      chair pose; chair @standing; chair ?; fierce pose; fierce; awkward pose; awkward chair; awkward; utkatasana;
      utkatasna; utkattasana; utkat asana; utkatasan; ootkatasana; utkasana; powerful pose; thunderbolt standing ?;
      lightning bolt; standing squat arms up; invisible throne; sit into an invisible chair;
      bend knees, hips back, arms up; knees bent, sit back, arms by the ears; feet together, sit low, arms overhead;
      sit back in the air @standing; half squat with arms lifted; imaginary chair; pretend chair @kids;
      sink hips, arms up, weight in heels; chairpose; the chair; chair; powerful; sit in the air; half squat arms up;
      sit back into an imaginary chair; bend knees arms up; chair, hips back; lightning bolt pose; sink into chair;
      standing squat, arms forward
    `,
    'arms-forward': `
      chair pose arms forward; utkatasana, arms straight ahead; fierce with arms at shoulder height;
      sit back, arms reach forward, standing; awkward pose arms in front
    `,
    'hands-on-thighs-shallow': `
      shallow chair pose, hands on thighs; utkatasana light, hands on legs; little chair bend, hands to thighs;
      half-bend knees hands resting on thighs
    `,
    'back-to-wall': `
      utkatasana with back to wall ?; chair pose, slide bum down the wall ?; fierce pose back lightly on wall;
      chair pose with wall behind
    `,
    'block-between-thighs': `
      chair pose, block between thighs; utkatasana squeeze a brick between knees; squeeze block, sit back, arms up;
      fierce w/ block
    `,
    not: `
      wall sit = wall-squat; chair mountain @chair = chair-mountain; goddess = utkata-konasana;
      sit to stand = sit-to-stand; deep squat = malasana; squat behind the chair = chair-squat;
      twisted chair (prayer twist) = absent; one-leg chair = standing-figure-four; chair relaxation = savasana-chair;
      legs on chair = legs-on-chair
    `,
  },
  uttanasana: {
    plain: `
      standing forward fold; standing forward bend; fwd fold; forward fold; forward fold @standing; FF; SFF standing;
      std fwd bend; forward bend ?; fold; uttanasana; uttanasan; uttannasana; ootanasana; hang; dangle; ragdoll;
      rag doll @standing; hang like a rag; willow ?; fold in half over legs, standing;
      stand, hinge at hips, head toward shins; hands to floor, legs straight-ish @standing; touch your toes;
      toe touch standing; swan dive down to fold; intense forward stretch;
      standing, bend down from hips, let head and arms hang; bend forward from standing and take hands to the feet;
      upper body hangs over the legs, neck loose; padahastasana; pada hasta; hands to feet; padangusthasana standing fold; padangusthasana ?; pada hastasana; padahastasan;
      gorilla; gorilla, hands under feet; big toe pose; rag doll; dangling; dangle @yin; hang over; hanging forward bend;
      drop forward and hang; hang from the hips; FB standing; standing FB; swan dive down; dive forward; jack-knife;
      fold down, bent knees; hang over legs; forward hang; rag doll arms; hands towards floor, soft knees;
      standing fold, head heavy; out - fold; drape over the legs; hang and sway
    `,
    'hands-on-blocks': `
      uttanasana hands on blocks; standing fold, blocks under hands; forward fold with bricks; hands to blocks, fold;
      fold, fingertips on bricks, standing
    `,
    'bent-knees-belly-on-thighs': `
      standing fold, bend knees, belly on thighs; forward fold knees very bent;
      bend knees generously, ribs to thighs, hang; soft-knee fold chest on thighs; bent knee uttanasana
    `,
    'hands-on-chair-seat': `
      fold with hands on chair seat @standing; uttanasana to a chair; standing forward bend, palms on the seat;
      forward fold to chair, hands land on seat; chair under hands in forward fold
    `,
    'holding-elbows': `
      rag doll holding elbows; hang holding opposite elbows; hold elbows and sway, folded; ragdoll w/ elbows held;
      uttanasana, grab elbows; dangle w/ elbows held; forward fold clasp the elbows
    `,
    not: `
      half lift = ardha-uttanasana; seated forward fold = paschimottanasana;
      wide-leg forward fold = prasarita-padottanasana; roll down = roll-down;
      chair forward fold seated = chair-forward-fold; willow for children = kids-willow;
      elephant walk = kids-elephant; utthanasana squat rise = absent; upward arms (hasta uttanasana) = urdhva-hastasana
    `,
  },
  'ardha-uttanasana': {
    plain: `
      half lift; halfway lift; half way lift; HWL; HL ?; half forward bend; half forward fold; half fold;
      half standing forward bend; flat back; flat back standing; monkey ?; monkey lift; lift half way;
      lengthen the spine, look forward; halfway up; ardha uttanasana; ardh uttanasana; urdhva uttanasana ?;
      urdva mukha uttanasana; table for two; from fold lift chest, spine flat; hinge to flat back, fingertips to floor;
      lift to a long spine, fingertips down @standing; halfway, lengthen; heart forward, half lift; half-lift;
      standing, bent at hips, back like a table, look a bit ahead; come up halfway from the fold, back long;
      torso parallel to the floor, legs straight, fingers on shins or mat; HL; half up; long spine; look up, flat back;
      halfway; flat-back lift; monkey; lengthen half way; chest forward half fold;
      flat back, hands to shins; half way up; lengthen, look forward; fingertips to shins, long spine; lift halfway on the inhale;
      monkey pose; flat back fold
    `,
    'hands-on-thighs': `
      half lift hands on thighs; flat back, hands pressing thighs; halfway lift, palms above knees;
      half forward bend w/ hands on thighs; hinge halfway, hands rest on upper legs
    `,
    'hands-on-seat-or-chair-back': `
      half lift, hands on chair seat; flat back with hands on the back of chair ?; half forward bend, hands to chair;
      halfway lift holding chair; ardha uttanasana to the chair seat
    `,
    'hands-on-shins': `
      half lift, hands on shins; hands to shins, flat back; halfway lift palms on shinbones; ardha uttanasana, shins;
      lift half way sliding hands up the shins
    `,
    not: `
      forward fold = uttanasana; half dog at the wall = wall-dog; half dog behind chair = chair-dog;
      half salute = surya-namaskara-gentle; standing cat-cow = standing-cat-cow; tabletop = all-fours;
      monkey splits = hanumanasana; pyramid flat back = parsvottanasana
    `,
  },
  'roll-down': {
    plain: `
      standing roll-down; roll down; roll downs; rolldown; spinal roll down; spine roll; roll down and up;
      roll down vertebra by vertebra; vertebra by vertebra; bone by bone, roll down; peel down; melting candle;
      chin to chest, roll down through spine, standing; drop head, shoulders, roll down slowly; roll up to standing ?;
      pilates roll down; nod head, round down one vertebra at a time, roll back up; slowly curl down from standing;
      stack up the spine ?; roll-downs standing; rolling down and rolling up, knees soft; unroll spine to hanging;
      roll down the spine; standing roll down; vertebra by vertebra down; roll down to floor and up
    `,
    'half-roll': `
      half roll-down; roll only half way; roll down to hands on thighs; roll to mid-back and come up;
      little roll down, stop halfway; roll down half way and up again; halfway roll-down
    `,
    'at-the-wall': `
      roll-down at the wall; roll down back against wall; wall roll down; peel spine off the wall;
      lean on wall and roll down bone by bone
    `,
    not: `
      forward fold = uttanasana; bridge roll = setu-bandhasana; rolling like a ball = rocking-ball;
      roll over to the side = side-lying-rest; rolled-up lying sit-up = absent; standing cat-cow = standing-cat-cow
    `,
  },
  'standing-cat-cow': {
    plain: `
      standing cat-cow; standing cat cow; cat cow @standing; cat/cow standing; c/c standing; standing catcow;
      hands-on-thighs cat cow; hands on knees, round and arch, standing; standing pelvic rock; standing spinal flexion;
      cat on the fence; knees bent, hands on thighs, tuck and arch; half squat cat cow; marjaryasana standing;
      stand, hands above knees, round back then lift chest; cat cow no knees on the floor, stand; standing cat;
      stand up cat-cow hands on legs; bend knees, palms on thighs, waves of the spine; stnding cat cow; cat cow standing;
      hands to thighs, round and arch; round and arch once
    `,
    'neutral-to-cow-only': `
      standing cow only, neutral to arch; standing cat-cow without rounding; just the cow bit, standing;
      flat to arch, skip the cat, standing; osteoporosis standing cat-cow, no flexion
    `,
    'hands-on-chair-back': `
      standing cat cow holding chair back; hands on back of chair, round and arch; cat cow behind the chair;
      chair back cat-cow, standing; stand behind chair, cat/cow
    `,
    not: `
      cat-cow = marjaryasana; seated cat-cow = seated-cat-cow; chair cat-cow = chair-cat-cow; half lift = ardha-uttanasana;
      pelvic tilts lying = supine-pelvic-tilt; roll down = roll-down
    `,
  },
  'prasarita-padottanasana': {
    plain: `
      wide-leg forward fold; wide leg fwd fold; wide legged forward fold; wide-legged standing forward bend; WLFF;
      wide fold; wide fold standing; prasarita; prasarita padottanasana; prasarita padotanasana; prasaritta padottanasana;
      prasarita padottasana; parsarita padottanasana; prasarita A; PP; straddle forward bend standing; standing straddle;
      standing straddle fold; look under the bridge; feet wide, fold, crown down;
      legs wide apart, hands to floor between feet; wide stance, hinge forward, head toward mat; wide legs hang @standing;
      legs apart forward bend, standing; wide leg fold @standing; wide stance fold; prasaritha padothanasana;
      stand with legs very wide, bend forward, head goes down; feet far apart and parallel, bend from hips, palms on mat;
      stand wide, crown of the head toward floor, hands between the feet; prasarita p; wide leg fold; wide leg forward;
      legs wide, fold; wide-legged forward bend; straddle fold standing;
      feet wide, fold to the middle; legs wide, hang in the middle
    `,
    'hands-on-blocks-flat-back': `
      wide-leg fold flat back hands on blocks; prasarita, bricks, long spine; wide legs, blocks under hands, half way;
      prasarita halfway w/ blocks; straddle standing, concave back, hands on bricks
    `,
    'forearms-on-seat': `
      prasarita forearms on the chair seat ?; wide fold, rest forearms on a chair; wide-legged fold with elbows on seat;
      standing straddle, forearms on seat of chair
    `,
    'head-on-block': `
      prasarita, head on a block; wide leg fold crown on brick; head supported on block, legs wide, standing;
      wide fold w head to block; rest top of head on block in wide fold
    `,
    not: `
      seated straddle = upavistha-konasana; wide-leg fold to the seat = chair-wide-fold; forward fold = uttanasana;
      headstand = sirsasana; goddess = utkata-konasana; legs wide up the wall = wall-straddle;
      hands on floor downward dog = adho-mukha-svanasana; intense side stretch = parsvottanasana
    `,
  },
  'standing-march': {
    plain: `
      marching; march on the spot; march in place; marching on the spot; high knees; standing march;
      knee lifts on the spot; standing knee lifts; march @standing; walking on the spot; jog on the spot ?; marching band;
      step in place lifting knees; lift knees alternately, standing; stand and lift one knee then the other;
      on the spot marching; knees up standing; march warm-up; walk in place; maching on the spot; kadam taal;
      marching tadasana; standing, raise the knees one after another in place;
      lift one knee, put down, lift the other knee, swinging arms; stand tall, step on the spot, knees to hip height;
      march; high knees slow; knee lifts standing; walk on the spot; marching standing
    `,
    'opposite-hand-to-knee': `
      cross crawl; march, opposite hand to knee; cross-crawls standing; elbow or hand to opposite knee, marching;
      tap opposite knee @standing; brain gym march; cross lateral march
    `,
    'heel-only-march': `
      heel-only march standing; march, lift heels only, toes down @standing; peel heels alternately on the spot;
      mini march, toes stay on floor, standing; heel march ?
    `,
    not: `
      march behind the chair = chair-march-standing; seated march = chair-march; supine march = supine-heel-march;
      standing knee hug = standing-knee-hug; heel raises both = heel-raise;
      toy soldier march with chair = chair-march-standing; bridge march = setu-bandhasana-one-leg
    `,
  },
  'utkata-konasana': {
    plain: `
      goddess; goddess pose; goddess squat; godess; utkata konasana; utkatakonasana; utkat konasana; utkata kon asana;
      horse stance; horse; horse pose ?; wide squat; sumo; sumo squat; plie squat; plié; temple pose; victory squat;
      fiery angle; castle gate; toes out, knees bent, wide legs; wide stance, toes turned out, sit down, cactus arms;
      legs wide, bend knees over toes, thighs level; feet turned out wide, sink hips; goddess @standing; kali squat;
      deviasana; goddess w/ cactus arms; 5 pointed star into squat ?; temple; wide plie; plie
    `,
    'shallow-hands-on-thighs': `
      goddess shallow, hands on thighs; high goddess, hands resting on legs; small wide squat, palms on thighs;
      horse stance not so deep, hands to thighs
    `,
    'back-on-the-wall': `
      goddess with back on the wall; wide squat against wall; horse stance at the wall; utkata konasana back to wall;
      slide down the wall, legs wide, toes out
    `,
    'heel-lifts': `
      goddess with heel lifts; lift heels in goddess; horse stance on tiptoes; goddess, peel the heels up and down;
      wide squat with calf raises
    `,
    not: `
      chair goddess = chair-goddess; goddess twist on chair = chair-goddess-twist;
      reclined goddess = supta-baddha-konasana; chair pose = utkatasana; garland squat = malasana;
      wide-leg fold = prasarita-padottanasana; frog on forearms = mandukasana; wall sit = wall-squat
    `,
  },
  malasana: {
    plain: `
      squat; deep squat; full squat; yogi squat; yogic squat; yoga squat; low squat; garland; garland pose; malasana; mala;
      malasan; mallasana; maalasana; mala asana; upavesasana; upaveshasana; upavesasan; indian squat; asian squat;
      squat to floor, elbows inside knees; feet wide, sit hips low, palms together;
      bum down near heels, prayer hands, elbows press knees; squat down prayer hands; crouch, knees wide, heels down;
      frog on a leaf; indian toilet position; garland squat; namaskarasana ?; squat with the hips low @prenatal;
      squat if comfy; come to a squat; deep squat hold; frog squat;
      deep squat, hands at heart; squat on a block; goddess squat deep, elbows inside knees
    `,
    'heels-on-rolled-mat': `
      squat with heels on rolled mat; malasana, roll the mat under heels; blanket under heels, squat;
      heels propped, yogi squat; wedge under heels deep squat
    `,
    'seated-on-blocks-or-low-stool': `
      malasana sitting on blocks; squat sitting on a low stool; sit on stack of bricks in squat; supported squat on blocks;
      garland on a bolster ?; yogi squat seated on block
    `,
    'holding-a-door-frame-or-chair': `
      squat holding door frame; hold a chair and squat low; malasana holding onto the door handles;
      deep squat hanging on to chair; hold a doorframe, sink into a deep squat
    `,
    not: `
      mini squat behind chair = chair-squat; goddess = utkata-konasana; chair pose = utkatasana; frog for kids = kids-frog;
      wall sit = wall-squat; frog on forearms = mandukasana; crow from squat = bakasana; toe squat = vajrasana-toes-tucked;
      happy baby (squat on back) = ananda-balasana; waterfall squat, bend to stand = absent
    `,
  },
  'heel-raise': {
    plain: `
      heel raises; heel raise; calf raises; calf raise; tiptoe; tiptoes; tippy toes; up on toes; up on tip toes;
      rise onto balls of feet; stand on toes; toe stand standing; tiptoe mountain; tadasana tiptoe; palm tree on toes;
      palm tree pose; tadasana (indian style, on toes); talasana; stand and lift both heels; peek over the wall;
      heels up heels down @standing; rise up, lower down, on toes; relevé; releve; rise on toes standing free; heal raises;
      stand tall, both heels leave floor, balance on the toes; feet hip width, come up on the balls of feet, come down;
      lift heels high, lower them slow, no support; tip toe stand; heel lifts standing; toe raises standing;
      up on tiptoes; lift heels and lower
    `,
    'hands-on-chair': `
      heel raises with hands on chair ?; tiptoe holding a chair; rise on toes, hold chair for balance ?;
      palm tree on toes with chair near; hands on chair and lift heels ?
    `,
    'arms-sweep-up': `
      tiptoe with arms sweeping up; rise on toes as arms go up; palm tree, arms up on toes; arms up, heels up, inhale;
      reach up onto tiptoes, lower with the arms; tadasana on toes, fingers interlocked up
    `,
    not: `
      heel raises behind the chair = chair-heel-raise; heel and toe raises sitting = chair-heel-toe-raises;
      mountain = tadasana; swaying palm tree = parsva-tadasana; toe squat = vajrasana-toes-tucked;
      toe stand (padangusthasana bikram) = absent; balance on two body parts = kids-balance-two;
      goddess heel lifts = utkata-konasana
    `,
  },
  'standing-twist': {
    plain: `
      standing twist; standing twists; twist @standing; arm-swing twist; arm swings side to side; swinging twist;
      swing arms round the body; empty coat sleeves; empty sleeves; knocking on heaven's door; kati chakrasana;
      kati chakra; katichakrasana; kati chakrasan; katti chakrasana; kaṭi cakrāsana; waist rotation; waist rotating pose;
      waist twist; torso twists standing; washing machine arms @standing; carousel;
      let arms flop and wrap round, turning side to side, standing; feet wide, arms loose, swing round;
      rotate the trunk, arms wrap, standing; standing spinal twist; trunk rotations standing;
      feet apart, turn the waist, one hand to shoulder, other hand behind back;
      stand, swing both arms round the waist, look behind; swing twist; arm swings twisting;
      knocking on heaven's door twist; waist rotations; swing arms side to side; trunk turns standing
    `,
    'slow-with-hands-on-shoulders': `
      slow standing twist hands on shoulders; fingertips on shoulders, turn slowly, standing;
      hands to shoulders, rotate trunk slow; kati chakrasana slow, hands on shoulders;
      standing twist, elbows out, fingers on shoulders
    `,
    'back-heel-lifts': `
      standing twist, let back heel lift; swing and lift the heel behind; twist arms swinging, pivot on the back foot;
      heel comes up as you turn, arm swings
    `,
    not: `
      hip circles standing = standing-hip-circles; half waist wheel side bend = parsva-tadasana;
      revolved triangle = parivrtta-trikonasana; chair twist = chair-twist; seated twist = ardha-matsyendrasana;
      twisted lunge = parivrtta-parsvakonasana; goddess twist = chair-goddess-twist
    `,
  },
  'standing-hip-circles': {
    plain: `
      hip circles standing; standing hip circles; hip circles @standing; hip rolls; pelvis circles @standing;
      circle the hips; hula hoop; hula hips; hula-hoop circles; stir the pot; stir the soup; pelvic circles standing;
      hands on hips, big circles with pelvis; round and round with the hips; sufi hips standing ?; belly dance circles;
      feet apart, hands on waist, rotate the hips; hips rotation; hip rotations standing; hip circels;
      stand, draw circles with tailbone; pelvis rotation; stand with hands on hips, roll the pelvis round;
      knees soft, draw wide circles with the hips, head still; hip circles ?; hula; hips round; stir hips;
      hula hoop hips; circle the hips standing
    `,
    'hands-on-chair': `
      hip circles holding a chair; standing hip circles, hands on chair back; hold the chair and circle the hips;
      stir the pot with hands on the chair
    `,
    not: `
      hip circles on all fours = all-fours-hip-circles; knee circles lying = supine-knee-circles;
      pelvic circles on chair = chair-pelvic-clock; trunk circles sitting = seated-circles;
      standing twist = standing-twist; stir the pot legs wide sitting = churning-the-mill; knee circles standing = absent
    `,
  },
  'tandem-stand': {
    plain: `
      tandem stand; tandem stance; tandem; tandem standing; heel-to-toe stand; heel to toe stand; heel toe standing;
      tightrope stand; tightrope walker; one foot in front of the other, heel touching toe; feet in a line, stand still;
      stand on a line, front heel to back toes; balance: feet in one line; tight rope; feet one behind the other balance;
      sharpened romberg; heel against toes @standing; heel toe balance; tandm stance;
      narrow balance, one foot directly in front; tightrope walk; tightrope; heel-toe walk;
      walk on a line
    `,
    'semi-tandem': `
      semi-tandem; semi tandem stand; half tandem; heel beside big toe, offset stance; feet nearly in a line, small gap;
      staggered stance narrow
    `,
    'walking-the-line': `
      tandem walk; walk heel to toe; heel-to-toe walk; walk the tightrope; tight rope walking; walk along a line;
      walking the line; catwalk heel-toe
    `,
    not: `
      heel and toe raises = chair-heel-toe-raises; tandem beside the chair = chair-tandem;
      one-leg balance tree = vrksasana; pyramid stance = parsvottanasana; penguin walk = kids-penguin;
      mouse tiptoe walk = kids-mouse
    `,
  },
  'five-pointed-star': {
    plain: `
      star; star pose; five-pointed star; 5 pointed star; five point star; 5-pt star; five pointed star; utthita tadasana;
      uttita tadasana; utthita tadasan; wide stand; starfish ?; X pose ?; feet wide, arms wide;
      arms out to sides legs wide, standing; big X shape, feet apart arms spread; stand like a star; star jump shape held;
      legs wide, arms at shoulder height @standing; star stance; wide legs, arms out in T, facing side of mat;
      extended mountain wide; starr pose; stand with legs apart and arms apart, like letter X; legs wide arms wide;
      X shape standing
    `,
    'arms-in-cactus': `
      star with cactus arms; five-pointed star, bend the elbows; wide stance, goal-post arms legs straight;
      star pose elbows bent to cactus; legs wide straight, arms cactus
    `,
    narrow: `narrow star; star, feet not so wide; five pointed star with a short stance; star closer feet; small star @standing`,
    not: `
      star for children = kids-star; star fold seated = tarasana; goddess = utkata-konasana; mountain = tadasana;
      wide-leg fold = prasarita-padottanasana; side plank star = vasisthasana; starfish on back, savasana wide = absent;
      snow angel lying = supine-arm-float
    `,
  },
  vrksasana: {
    plain: `
      tree; tree pose; tree balance; vrksasana; vrikshasana; vrukshasana; vrkshasana; vriksasana; vrikshasan; vriksha;
      vrksh asana; brikshasana; rukshasana; one-leg balance tree; tall pine;
      stand on one leg, sole of foot on inner thigh, hands in prayer; one foot against other leg, knee out, standing;
      foot to inner thigh, balance, palms together; standing balance w/ bent knee out to the side; free-standing tree;
      stork balance ?; treee pose; ek pada vrikshasana ?; one leg standing, foot on thigh; balance: tree;
      foot high on thigh, knee opens sideways; the tree; trees; stork tree; one-leg tree;
      foot to calf, hands at heart; tree each leg; stand on one leg, foot on inner calf; tree, toes on the floor; vrks
    `,
    'toes-down': `
      tree with toes down; tree, kickstand toes on floor; tree beginner: heel on ankle, toes touching ground;
      kickstand tree; toe-tip tree, ball of foot on mat
    `,
    'foot-on-calf': `
      tree, foot on calf; tree, sole below the knee; sole of foot to inner calf, balance; low tree, foot on shin;
      vrikshasana, foot at calf
    `,
    'hand-on-wall-or-chair': `
      tree with a hand on wall or chair; tree, one hand on wall ?; tree, fingertips on something;
      tree, hold on to support ?; vrksasana near wall hand touching ?
    `,
    'arms-overhead': `
      tree, arms overhead; tree, grow your branches; vrksasana arms up palms together overhead; tree with branches up;
      tree w/ arms up
    `,
    not: `
      tree behind the chair = chair-tree; tree at the wall = wall-tree; tree for children = kids-tree;
      palm tree = parsva-tadasana; handstand (adho mukha vrksasana) = adho-mukha-vrksasana; half lotus tree = absent;
      flamingo = kids-flamingo
    `,
  },
  trikonasana: {
    plain: `
      triangle; triangle pose; extended triangle; triangle with block; utthita trikonasana; uttita trikonasana;
      utthitha trikonasana; trikonasana; trikonasan; trikona; tri kon asana; trikon; trikonasna; thrikonasana; Tri; UT ?;
      slice of melon; both legs straight, feet wide, side tilt, hand to shin, arm up;
      feet wide, reach over front leg, hand down, other to sky;
      hand to block outside/inside front foot, legs straight, open chest; side of body long over straight front leg;
      straight-leg side tilt, top arm vertical @standing; triangel; trianlge; 3-angle pose; trikonasana 1 ?;
      wide stance, teapot tip over; legs straight and wide, one hand low, one hand high, look up; the triangle; trik;
      utthita trik;
      tri pose; triangle, hand to shin; tip over straight front leg, arm up; triangle - block under hand
    `,
    'higher-block': `
      triangle with a higher block; trikonasana, block on tallest side; two bricks under hand, triangle;
      raise the floor in triangle
    `,
    'hand-on-chair-seat': `
      triangle with hand on chair seat ?; extended triangle, hand to chair ?; trikonasana using chair for the hand ?;
      chair under bottom hand in triangle ?
    `,
    'back-to-the-wall': `
      triangle back to the wall; trikonasana against the wall; wall triangle, shoulders and hips on wall;
      triangle w/ wall behind
    `,
    'look-down': `
      triangle, look down; trikonasana gaze to floor; neck sore: look at the front foot in triangle;
      triangle with eyes to the floor
    `,
    not: `
      revolved triangle = parivrtta-trikonasana; triangle with chair = chair-triangle; side angle = parsvakonasana;
      half moon = ardha-chandrasana; bikram triangle (bent knee) = parsvakonasana; standing side bend = parsva-tadasana;
      baddha trikonasana = absent
    `,
  },
  'parivrtta-trikonasana': {
    plain: `
      revolved triangle; revolving triangle; rev triangle; twisted triangle; twisting triangle; rotated triangle;
      parivrtta trikonasana; parivritta trikonasana; parivrita trikonasana; parivrtta trik; parivritta trik;
      parivartta trikonasana; parivrutta trikonasana; PT pose ?; twisted slice; triangle with a twist;
      both legs straight, opposite hand to front foot, twist arm up; pyramid legs, twist, hand to outer foot;
      legs straight, rotate trunk over front leg, top arm up;
      opposite hand to block by front foot, open other arm, straight legs; cross hand to opposite foot standing wide ?;
      revolved tri; standing twist straight legs hand down ?; rev tri; rev. triangle; turned triangle
    `,
    'chair-under-the-hand': `
      revolved triangle, chair under the hand; hand on the seat, twist, straight legs; twisted triangle with a chair;
      parivrtta trikonasana hand to chair
    `,
    'top-hand-on-sacrum': `
      revolved triangle, top hand on sacrum; twisted triangle with hand on low back;
      hand on the sacrum not up, rev triangle; back of hand on lower back in twisting triangle
    `,
    not: `
      triangle = trikonasana; revolved side angle = parivrtta-parsvakonasana; pyramid = parsvottanasana;
      revolved half moon = absent; revolved head to knee = parivrtta-janu-sirsasana; windmill toe touches = absent;
      standing twist = standing-twist
    `,
  },
  parsvakonasana: {
    plain: `
      side angle; side angle pose; extended side angle; ext side angle; ESA; EXSA; side-angle; lateral angle;
      utthita parsvakonasana; uttita parsvakonasana; utthita parshvakonasana; parsvakonasana; parshvakonasana; parsvakon;
      parshwakonasana; parsva kona; parswakonasana; forearm on thigh; forearm to front thigh, other arm over ear;
      front knee bent, elbow on thigh, reach top arm over; warrior legs, lean over, elbow to knee;
      bent front leg, long line from back heel to fingertips; leaning lamp post; side stretch from W2, forearm on thigh;
      lunge sideways, arm over head diagonal; ext'd side angle; side anlge; SA; utthita parsvakon; forearm to thigh lunge;
      side angle, elbow to knee; forearm on front thigh, other arm over ear; side angle pose arm overhead
    `,
    'hand-to-block': `
      side angle hand to block; extended side angle, brick by front foot; parsvakonasana, bottom hand on block;
      hand down inside foot on block, bent knee, arm over; block under the hand side angle
    `,
    'on-a-chair': `
      extended side angle on a chair; side angle with front thigh on chair; parsvakonasana sitting on chair seat ?;
      side angle, take the chair ?
    `,
    'top-hand-on-hip': `
      side angle, top hand on hip; forearm on thigh, other hand stays on waist;
      extended side angle hand on hip, no overhead arm; parsvakonasana w/ hand on hip, shoulder issue
    `,
    not: `
      revolved side angle = parivrtta-parsvakonasana; chair side angle = chair-side-angle; warrior 2 = virabhadrasana-2;
      reverse warrior = viparita-virabhadrasana; triangle = trikonasana; bound side angle with bind = absent;
      pyramid, intense side stretch = parsvottanasana; bound angle = baddha-konasana
    `,
  },
  'parivrtta-parsvakonasana': {
    plain: `
      revolved side angle; rev side angle; RSA; twisted side angle; parivrtta parsvakonasana; parivritta parsvakonasana;
      parivritta parshvakonasana; parivrita parsvakonasana; parivrtta parsva; prayer twist lunge; prayer twist ?;
      lunge prayer twist; twisted lunge; twisted high lunge; lunge twist, palms together; revolved lunge; rev lunge;
      crescent twist; twisted crescent; revolved crescent lunge; corkscrew;
      elbow outside front knee, hands in prayer, lunge; lunge, hook elbow over thigh, twist;
      twist in lunge, opposite elbow to knee @standing; deep lunge with rotation, back leg straight;
      namaste twist in lunge; revolving side angle; twisting lunge, hands in namaskar; prayer twist; rev SA;
      high lunge twist
    `,
    'back-knee-down': `
      prayer twist lunge with back knee down; revolved side angle, knee on mat; low prayer twist ?;
      drop the back knee, elbow outside thigh, prayer hands; twisted lunge, knee down ?
    `,
    'hand-on-block-open-twist-away-from-the-thigh': `
      open twist in lunge, hand on block, away from thigh; high lunge twist to open side, hand to brick;
      twist away from the front leg, hand down on block; lunge, inside hand down, open arm up away from thigh ?;
      open-side lunge twist @prenatal
    `,
    not: `
      twisted low lunge = parivrtta-anjaneyasana; twisted chair = absent; revolved triangle = parivrtta-trikonasana;
      side angle = parsvakonasana; high lunge = high-lunge; standing twist = standing-twist
    `,
  },
  'virabhadrasana-1': {
    plain: `
      warrior I; warrior 1; warrior one; warrior-1; W1; W.1; war 1; Wa 1; first warrior; virabhadrasana 1;
      virabhadrasana I; virabhadrasana one; veerabhadrasana 1; virbhadrasana 1; veerbhadrasana 1; virabhadra one; vira 1;
      vira I; veera one; brave knight; warrior 1 arms up, hips square; warior 1;
      front knee bent, back heel down, arms up, hips face front; lunge with back heel grounded, arms overhead;
      step back, heel down turned in, bend front knee, reach up;
      bent front leg, back foot flat at angle, chest forward, arms by ears; warrier 1;
      one leg forward bent, back leg straight heel down, both hands up;
      standing, big step, front knee over ankle, belly faces front, arms raised; hero 1; hero one; the hero 1; fighter one;
      warrior one, arms up, hips forward; back heel down, front knee bent, arms up; v1
    `,
    'hands-on-hips': `warrior 1 with hands on hips; W1 hands on waist; vira 1 hands to hips; warrior one, no arms, hands on hips`,
    'short-stance': `warrior 1 short stance; W1 with shorter step; warrior one, feet closer; small stance vira 1`,
    'over-a-chair': `
      warrior 1 over a chair; warrior one straddling a chair, thigh on the seat; vira 1, front thigh supported on chair;
      W1 astride chair
    `,
    'wide-feet': `warrior 1 feet wide, railway tracks; W1 with wider feet; vira 1 on train tracks; warrior one, hip-width lanes`,
    not: `
      high lunge = high-lunge; warrior 2 = virabhadrasana-2; humble warrior = baddha-virabhadrasana;
      chair warrior 1 = chair-warrior-1; low lunge arms up = anjaneyasana; crescent lunge, heel up = high-lunge;
      hero = virasana
    `,
  },
  'virabhadrasana-2': {
    plain: `
      warrior II; warrior 2; warrior two; warrior-2; W2; W.2; WII; war 2; second warrior; virabhadrasana 2;
      virabhadrasana II; virabhadrasana two; veerabhadrasana 2; virabadrasana 2; virbhadrasana 2; veerbhadrasana 2; vira 2;
      vira II; veera two; surfer; surfer on a wave; surfing pose @kids;
      feet wide, front knee bent, arms out to sides, gaze over front hand; arms in T, bent front knee, hips open to side;
      lunge to side, arms level, look along front fingers; side-facing lunge, arms spread, back foot parallel;
      warrior with arms out wide; warrier 2; facing side, front thigh toward level, arms stretched out;
      wide stance, one foot out, bend that knee, arms at shoulder level; hero 2; hero two; the hero 2; fighter two;
      open warrior; wide warrior; surfer stance;
      warrior 2, look over front hand; arms wide, front knee bent; war two; v2
    `,
    shallow: `warrior 2 shallow; W2 high, less bend in knee; vira 2 not so deep; small bend warrior two`,
    'hands-on-hips': `warrior 2 hands on hips; W2, hands on waist; vira 2 hands to hips; warrior two legs, hands rest on the hips`,
    'on-a-chair': `
      warrior 2 front thigh on chair, standing pose supported; W2, straddle chair ?; vira 2 supported by chair under thigh;
      warrior two with chair under front leg
    `,
    'gaze-forward': `
      warrior 2, gaze forward, don't turn the head; W2 look to the side wall, not over hand;
      warrior two, nose in line with chest; vira 2, neck sore: keep face forward
    `,
    not: `
      warrior 1 = virabhadrasana-1; reverse warrior = viparita-virabhadrasana; chair warrior 2 = chair-warrior-2;
      side angle = parsvakonasana; goddess = utkata-konasana; five-pointed star = five-pointed-star;
      side lunge = skandasana
    `,
  },
  'virabhadrasana-3': {
    plain: `
      warrior III; warrior 3; warrior three; warrior-3; W3; W.3; war 3; third warrior; flying warrior ?; virabhadrasana 3;
      virabhadrasana III; virabhadrasana three; veerabhadrasana 3; virbhadrasana 3; vira 3; vira III; veera three;
      T balance; T-pose balance; balancing stick; stand on one leg, body and other leg level with floor;
      one leg back and up, arms forward, trunk horizontal; tip forward, back leg lifts, body in letter T; glider;
      airplane balance ?; tuladandasana; capital T standing;
      stand on one foot, bend forward, other leg straight out behind; one foot on floor, everything else parallel to it;
      lean forward until back and lifted leg make one line; hero 3; standing scale; T pose on one leg; airplane warrior;
      balance warrior;
      airplane balance, leg back; T-shape on one leg; lean forward, back leg lifts; v3
    `,
    'hands-on-chair-back': `
      warrior 3 hands on chair back ?; W3 with hands to back of a chair ?; flying warrior, chair in front for hands ?;
      warrior three supported by chair ?
    `,
    'toe-on-the-floor': `
      warrior 3 with toe on floor; W3, back toes stay down; vira 3 prep, tip forward with toe grounded;
      warrior three, toe tip touching
    `,
    'arms-alongside': `
      warrior 3 arms alongside body; airplane arms warrior 3; W3 arms by the sides, palms in; arms swept back, T balance;
      vira 3, arms back along hips
    `,
    not: `
      warrior 3 with chair = chair-warrior-3; warrior 3 at the wall = wall-warrior-3; aeroplane for kids = kids-aeroplane;
      half moon = ardha-chandrasana; flying prone locust = salabhasana; standing splits = absent; bird dog = bird-dog
    `,
  },
  'high-lunge': {
    plain: `
      high lunge; hi lunge; HL ?; crescent lunge; crescent ?; crescent pose ?; crescent warrior; high crescent;
      lunge heel up; lunge, back knee lifted, arms up; step back, back heel lifted, arms overhead;
      long lunge on ball of back foot; utthita ashwa sanchalanasana; utthita asva sanchalanasana; utthita aswa sanchalan;
      standing lunge; lunge @standing; runner's lunge, torso up; sprinter at the start;
      back leg straight on toes, front knee bent, torso upright; hi-lunge arms up; lunge ?; knee-up lunge;
      lunge with back knee off the floor; alanasana; heel-high lunge; anjaneyasana back knee lifted ?; highlunge;
      one foot forward, back leg strong heel up, hands up; crescent; runner's lunge; back heel up lunge; HL lunge ?;
      lunge, back leg straight; sprinter lunge;
      lunge, back heel lifted; back knee up lunge arms up
    `,
    'hands-on-chair-or-blocks': `
      high lunge, hands on blocks; high lunge holding a chair; lunge, heel up, fingertips on bricks;
      runner's lunge with hands on blocks; crescent lunge, chair for support
    `,
    short: `short high lunge; crescent with shorter stance; high lunge smaller step; lunge heel up, feet closer together`,
    not: `
      low lunge = anjaneyasana; warrior 1 = virabhadrasana-1; twisted lunge = parivrtta-parsvakonasana;
      chair lunge foot on seat = chair-lunge; half lift (HL) = ardha-uttanasana; side lunge = skandasana;
      calf stretch at wall lunge = wall-calf-stretch; split squat down to knee = split-squat
    `,
  },
  'split-squat': {
    plain: `
      split squat; split squats; split squat to half kneeling; stepping down to the floor; kneel-down transfer;
      step back and lower the knee; lower back knee to mat from standing and rise; half kneeling transfer;
      stationary lunge dips; stationary lunge up and down; stand to one knee; go down on one knee and back up;
      knight kneels; proposal pose @kids; step back, back knee down, half kneel; lunge dips, knee taps the mat; genuflect;
      getting down to the floor via half kneeling; static lunge, lower and lift; split stance, lower back knee, stand up;
      kneel on one knee practise; half kneel to stand, repeat; kneel down and get up; static lunges; lunge down and up
    `,
    'hand-on-chair': `
      split squat with hand on chair; lower to half kneeling, hold a chair; lunge dips holding the chair;
      kneel down on one knee, hand on seat
    `,
    'half-way': `
      split squat half way; lunge dip, stop half way, knee off the floor; small split squats, not down to the mat;
      half-range lunge dips
    `,
    not: `
      high lunge = high-lunge; low lunge = anjaneyasana; tall kneeling = tall-kneeling;
      getting down to floor back straight = floor-transfer-down; down and up with a chair = floor-transfer-chair;
      splits = hanumanasana; half split = ardha-hanumanasana; sit to stand = sit-to-stand
    `,
  },
  parsvottanasana: {
    plain: `
      pyramid; pyramid pose; piramid; parsvottanasana; parshvottanasana; parsvotanasana; parshvotanasana; parsvottansana;
      parswottanasana; parsva uttanasana; parshva uttanasana; parsvo; intense side stretch; intense side stretch pose;
      intense flank stretch; single leg forward fold standing; runner's stretch standing; runners stretch ?;
      one leg forward, both legs straight, fold over front leg; feet staggered, hips square, fold over front leg;
      short stance, straight legs, hinge over front thigh; folded tent; standing split-stance forward fold;
      reverse prayer pyramid ?; scissors stance fold standing; hamstring fold, one foot in front; pyramid @standing;
      fold onto front shin, back heel down; stand with one foot in front, hips square, bow to the front shin;
      pyramid over front leg; side stretch fold;
      fold over straight front leg; flank stretch; pyramid hands on blocks
    `,
    'flat-back-hands-on-seat': `
      pyramid flat back, hands on chair seat ?; parsvottanasana halfway, hands on a seat; pyramid long spine, chair ?;
      intense side stretch, half way, palms to seat
    `,
    'front-knee-bent': `
      pyramid, soft front knee; pyramid bend the front knee; parsvottanasana with micro-bend in front leg;
      front knee bent, fold over front leg, feet staggered
    `,
    not: `
      pyramid with chair = chair-pyramid; side angle = parsvakonasana; revolved triangle = parivrtta-trikonasana;
      half split, runner's stretch kneeling = ardha-hanumanasana; standing side bend = parsva-tadasana;
      wide-leg fold = prasarita-padottanasana; forward fold = uttanasana; downward dog as pyramid = adho-mukha-svanasana
    `,
  },
  'ardha-chandrasana': {
    plain: `
      half moon; half moon pose; half-moon balance; standing half moon balance; half moon with block; ardha chandrasana;
      ardh chandrasana; arda chandrasana; ardha chandra asana; ardha chandrasan; ardhachandrasana; chandrasana half;
      1/2 moon; AC; half mn; crane over the lake; one leg standing, hand on floor, other leg lifted to side, hips stacked;
      balance on one leg, hand to block, top arm up, lifted leg level;
      from triangle, bend knee, shift forward, lift back leg; standing leg, bottom hand on brick, open hips to side wall;
      side-facing one-leg balance, bottom hand down; lift back leg hip height, chest turned open, hand on block;
      half moon iyengar; half moon @standing; haf moon; triangle that takes off, back leg floating; half moon balance;
      ardha chandra; half moon, hand on block; HM; standing half-moon balance
    `,
    'hand-on-chair-seat': `
      half moon with hand on chair seat; ardha chandrasana chair; half moon, chair instead of block;
      half moon, bottom hand on the seat, lift leg
    `,
    'back-against-wall': `
      half moon at the wall; half moon, back against wall; ardha chandrasana with the wall behind;
      wall half moon, hips & shoulders on wall
    `,
    'top-hand-on-hip': `
      half moon, top hand on hip; half moon keep hand on waist; ardha chandrasana hand stays on hip;
      balancing half moon, no top arm
    `,
    not: `
      half moon side stretch, standing crescent = parsva-tadasana; bikram half moon = parsva-tadasana;
      supine half moon = supine-half-moon; sivananda crescent (anjaneyasana) = anjaneyasana; moon for children = kids-moon;
      revolved half moon = absent; sugarcane / chapasana = absent; warrior 3 = virabhadrasana-3; moon salutation = absent;
      moon breath = chandra-bhedana
    `,
  },
  garudasana: {
    plain: `
      eagle; eagle pose; eagle @standing; eagle legs and arms; garudasana; garudasan; garud asana; garurasana; garudaasana;
      garudasna; garuda; twisted legs and arms; wrapped arms and legs standing; standing eagle;
      bind arms and legs, bend knees, stand on one leg; cross thigh over thigh, cross elbows, sit down, balance;
      one leg wrapped around the other, arms twisted in front; parcel with string;
      stand on one leg, wrap other leg round it, arms entwined; eagel; eagle full; rope pose standing ?;
      cross arms & legs balance; standing on one leg, all tangled up; vatayanasana ?; the eagle; twisted tree;
      eagle balance; wrap legs and arms; eagle standing
    `,
    'toe-tip-kickstand': `
      eagle with toe-tip on the floor; eagle kickstand; kickstand eagle, toes down beside standing foot;
      garudasana, crossed leg, toes touch floor
    `,
    'self-hug-arms': `
      eagle legs with self-hug; eagle, hug yourself instead of wrapping arms; garudasana, hands to opposite shoulders;
      eagle w/ hug arms
    `,
    'on-a-chair': `
      whole eagle on a chair, arms and legs; garudasana sitting on chair; seated eagle, arms + legs, chair;
      eagle done in a chair
    `,
    not: `
      eagle arms = chair-eagle-arms; eagle legs on chair = chair-eagle-legs; reclining eagle twist = absent;
      eagle crunches = absent; cow face = gomukhasana; flying bird, crow = bakasana
    `,
  },
  natarajasana: {
    plain: `
      dancer; dancer pose; dancer's pose; standing bow; standing bow pulling; lord of the dance; lord of dance;
      king dancer; king of the dance; natarajasana; natrajasana; nataraja; natarajasan; nataraj asana; nat raj; natarajas;
      nataraja asana; shiva's dance; ballet fox; stand on one leg, hold foot behind, kick back, arm forward;
      hold ankle behind, lift leg up & tip forward, other arm reaching;
      standing balance, foot in hand behind, kick and reach;
      catch back foot, press into hand, lean forward, one leg standing; bow on one leg; dancers pose; dancing shiva;
      danser; king of dance; shiva;
      dancers pose hold foot
    `,
    'strap-round-the-foot': `
      dancer with strap; dancer, loop belt round back foot; natarajasana w/ strap over the shoulder;
      lord of the dance, belt on the foot
    `,
    'hand-on-chair': `
      dancer holding a chair; dancer, one hand on chair back; natarajasana with hand on the chair;
      standing bow with support of chair
    `,
    not: `
      standing quad stretch = chair-quad-stretch; bow = dhanurasana; side-lying quad stretch = side-lying-quad-stretch;
      warrior 3 = virabhadrasana-3; half bow = ardha-dhanurasana; humble warrior bowing = baddha-virabhadrasana
    `,
  },
  'utthita-hasta-padangusthasana': {
    plain: `
      hand to big toe standing; standing hand to big toe; extended hand to big toe; ext. hand-to-big-toe; UHP; HTBT;
      utthita hasta padangusthasana; utthita hasta padangushtasana; uttita hasta padangustasana;
      uttitha hasta padangusthasana; utthita hasta pada; utthita hasta padangushthasana; hasta padangusthasana;
      big toe hold standing; standing leg stretch with strap; standing leg extension holding toe;
      stand on one leg, hold toe, straighten leg forward; one leg lifted in front, strap round foot, standing;
      strap on foot, leg up in front, stand tall; flagpole ?; standing balance with leg straight out in front;
      leg out in front holding big toe; standing head to knee (bikram start) ?;
      hold foot with belt & extend leg forward, standing; utthita hasta;
      on one foot, other leg stretched forward, belt round the sole; hand to toe; standing big toe; hasta padangustha;
      leg out in front, hold toe; standing leg hold;
      standing big toe hold; extended hand to toe
    `,
    'knee-bent': `
      standing hand to toe, bent knee; UHP knee stays bent; stand, hold foot or shin with bent knee, strap;
      don't straighten: utthita hasta with knee bent
    `,
    'heel-on-chair-seat-or-step': `
      heel on chair seat, leg straight, stand tall; standing hamstring stretch, heel on step;
      foot up on a chair, straight leg, standing; heel up on the seat, flex foot, stand; leg up on a ledge, stand upright
    `,
    'to-the-side': `
      standing hand to big toe out to the side; UHP B; UHP side; open leg out to the side holding toe, standing;
      utthita parsva hasta padangusthasana; leg wide to side with strap, one-leg stand
    `,
    not: `
      reclined hand to big toe = supta-padangusthasana-1; standing knee hug = standing-knee-hug;
      side leg lift behind chair = chair-hip-abduction; lunge with foot on seat = chair-lunge;
      upward salute (urdhva hastasana) = urdhva-hastasana; big toe pose padangusthasana (fold) = absent;
      heron = krauncasana
    `,
  },
  'standing-knee-hug': {
    plain: `
      standing knee to chest; standing knee hug; knee hug balance; knee hug standing; hug knee standing; one-leg mountain;
      one legged mountain; knee to chest @standing; stand on one leg, hug the other knee; standing pawanmuktasana;
      tadasana pavanamuktasana; tadasana pawanmuktasana; standing wind release; eka padasana knee hug ?;
      flamingo balance ?; clasp knee, draw it in, stand tall; stand, lift one knee and hold it with both hands;
      knee to belly balance standing; hug in the knee, one foot balance; single leg stand, knee up;
      knee in to chest standing balance; standing tuck; draw knee up holding shin, standing;
      on one foot, hold other knee near the belly
    `,
    'one-hand-on-chair': `
      standing knee hug holding chair with one hand; knee to chest standing, one hand on chair back;
      hold chair, hug one knee; one-leg mountain with a hand on chair
    `,
    'no-hands-march': `
      standing knee lift, no hands, just hold the knee up; one-leg stand, knee lifted, arms free;
      lift the knee without hugging, balance; knee up, hands off, one-leg mountain
    `,
    'hold-under-the-thigh': `
      standing knee hug, hold under the thigh; hands behind thigh, one-leg stand; clasp hamstring not shin, standing;
      hold back of the thigh, knee hug balance
    `,
    not: `
      knee hug on chair = chair-knee-hug; one knee to chest lying = apanasana-single; marching = standing-march;
      hand to big toe standing = utthita-hasta-padangusthasana; tree = vrksasana; flamingo for kids = kids-flamingo;
      march behind the chair = chair-march-standing
    `,
  },
  skandasana: {
    plain: `
      side lunge; side lunges; lateral lunge; skandasana; skandhasana; skandasan; skanda; skandaasana; scandasana; cossack;
      cossack lunge; cossack squat; half squat to the side; ice skater; skater; side squat;
      wide legs, bend one knee, other leg straight; shift hips to one side, one leg straight, toes up;
      wide stance, sink to one side, other leg long; lunge out to the side; squat over one heel, other leg out straight;
      lunge sideways @standing; half-squat one leg extended; sideways lunge shifting side to side; god of war pose;
      half squat to side
    `,
    'hands-on-chair-seat': `
      side lunge with hands on chair seat; cossack, chair in front for hands; skandasana hands to the seat;
      sideways lunge holding a chair
    `,
    shallow: `shallow side lunge; small side lunge, hips high; skandasana not deep; side lunge hands on thighs, little bend`,
    not: `
      high lunge = high-lunge; side angle = parsvakonasana; goddess = utkata-konasana; deep squat = malasana;
      wide-leg fold = prasarita-padottanasana; warrior 2 = virabhadrasana-2; side lunge kneeling gate = parighasana
    `,
  },
  'standing-figure-four': {
    plain: `
      standing figure four; standing figure 4; standing fig 4; figure 4 standing; figure four @standing; fig4 standing;
      standing pigeon; one-leg chair; one legged chair; single-leg chair; eka pada utkatasana; ek pad utkatasana;
      eka pada utkatasna; number four; number 4; stand, ankle on opposite knee, sit back; ankle on knee standing;
      ankle over thigh, bend standing leg, hips back; balance with ankle crossed above knee; half chair balance;
      ankle-to-knee balance, sit down; flying pigeon prep; cross ankle over the thigh, stand on one leg and squat;
      standing half pigeon; stand fig-four; figure 4 chair ?
    `,
    'hands-on-chair-back': `
      standing figure four holding chair back; figure 4 standing with chair; ankle on knee, hold the backrest, sit back;
      hands on chair back, one-leg chair
    `,
    seated: `
      standing figure four, sit on chair instead; figure 4 seated option; do the standing figure four sitting down;
      seat version of number four
    `,
    not: `
      figure four lying = supine-figure-four; chair pigeon = chair-pigeon; pigeon = eka-pada-rajakapotasana;
      chair pose = utkatasana; tree = vrksasana; eagle = garudasana; flying pigeon arm balance = absent
    `,
  },
  'baddha-virabhadrasana': {
    plain: `
      humble warrior; humble; bowing warrior; bowed warrior; devotional warrior; bound warrior; baddha virabhadrasana;
      badha virabhadrasana; baddha veerabhadrasana; bada virabhadrasana; baddha vira; HW; warrior bow;
      bow in warrior, hands clasped behind; W1 legs, hands clasped behind, bow inside front knee;
      clasp hands behind, fold inside front thigh, lunge; lunge, fingers interlaced behind, shoulder inside knee;
      bowing knight; front knee bent, head down inside, arms overhead behind; from warrior 1 interlace behind and fold;
      humbel warrior; warrior seal ?; knee bent, chest drops beside the thigh, arms lifted off back; spiritual warrior
    `,
    'strap-between-the-hands': `
      humble warrior with strap; bowing warrior, hold a belt behind; strap between the hands, bow in warrior;
      baddha virabhadrasana w/ belt
    `,
    not: `
      warrior 1 = virabhadrasana-1; reverse warrior = viparita-virabhadrasana; hands clasped behind = chair-shoulder-clasp;
      lizard = utthan-pristhasana; peaceful warrior = viparita-virabhadrasana; side angle = parsvakonasana;
      wide-leg fold hands clasped = prasarita-padottanasana
    `,
  },
};
