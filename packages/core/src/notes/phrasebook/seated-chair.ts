import type { Phrases } from './phrases.js';

export const seatedChair: Phrases = {
  'chair-mountain': {
    plain: `
      seated mountain; chair mountain; sitting mountain; mountain @chair; mountain in chair; mountain sitting; sit tall @chair;
      sit tall on chair; sit up tall @chair; base seat; starting position @chair; SP @chair; tadasana on chair; chair tadasana;
      seated tadasana; tadasan @chair; tadasana @chair; sit upright, feet flat, hands on thighs;
      sit away from backrest, feet under knees; feet hip-width on floor, crown up, sitting; tall seat, feet grounded;
      good posture in chair; sitting posture check; queen on the throne @kids; arrive on chair; neutral sit @chair;
      sit forward on chair, spine long; sit on the sit bones, feet down; sit upright @chair; sit up straight, feet flat;
      find your seat on the chair; feel feet on floor, sitting; sit forward on the chair; posture check sitting;
      arrive in chair; sit well; tall seat; grow tall in chair; stack the spine sitting @chair; settle in chair;
      upright on the chair, feet flat; sit up, feet on floor, hands on lap; sit well in the chair; settle in your chair
    `,
    'feet-on-blanket-or-book': `
      feet on book; feet on a folded blanket; feet don't reach floor, put block; books under the feet (short legs);
      chair mountain w/ foot rest; phone book under feet
    `,
    'low-back-supported': `
      cushion behind low back; lumbar cushion; lean on backrest w cushion; chair mountain, back supported;
      rolled towel behind waist; sit right back w/ support
    `,
    'wedge-on-the-seat': `
      wedge on the seat; sit on wedge; foam wedge under sit bones; folded blanket under bum on chair, tips pelvis;
      hips higher than knees, wedge; cushion wedge @chair
    `,
    not: `
      mountain = tadasana; chair pose = utkatasana; seat easy cross-legged = sukhasana; mountain at wall = wall-mountain;
      staff = dandasana; chair relaxation = savasana-chair; sit to stand = sit-to-stand; kids mountain = kids-mountain
    `,
  },
  'chair-cat-cow': {
    plain: `
      seated cat-cow; seated cat cow ?; seated C/C; chair cat cow; chair C/C; cat cow @chair; cat/cow @chair;
      sitting cat cow @chair; cat-cow in chair; sitting cat, sitting cow; cats and cows on chair;
      sit on chair, hands on knees, round and arch; hands on thighs, arch + round, sitting;
      sit, lift chest then curl spine; inhale heart forward, exhale round, on chair; marjaryasana on chair;
      marjari on chair; marjariasana @chair; chair marjari; seated spinal flexion/ext; seated spinal waves;
      pelvic rolls with spine, sitting; slump and sit up w breath; spinal rocks on chair; desk cat cow;
      happy cat angry cat on chair; spine flex on chair; round your back, open your chest, sitting; seated cat cow;
      round and lengthen sitting; slump and lift; flex and extend spine in chair; spine waves sitting @chair;
      round and arch on chair; hands on knees, round back, open chest; spine waves in chair; pelvic rocking with spine on chair
    `,
    'neutral-to-cow': `
      chair cow only; neutral to cow, sitting; skip the rounding, chair; osteo: only extend, no rounding @chair;
      sit tall, lift heart & back to centre; chair cow no cat
    `,
    'hands-behind-head': `
      chair cat cow, hands behind head; fingers laced behind head, arch and round; elbows wide - elbows close w breath;
      hands at back of head, look up, curl in; open elbows & lift, close elbows & round, sitting
    `,
    not: `
      cat cow on all fours = marjaryasana; floor seated cat cow = seated-cat-cow; standing cat cow = standing-cat-cow;
      cow face arms = chair-cow-face-arms; chair cat for kids = kids-cat; pelvic clock on chair = chair-pelvic-clock;
      chair back bend = chair-backbend; seated circles = seated-circles
    `,
  },
  'chair-twist': {
    plain: `
      seated twist @chair; chair twist; sitting twist; twist @chair; twists @chair; seated spinal twist;
      seated spinal rotation @chair; twist in chair; twist holding the backrest; twist w/ hand on back of chair;
      turn and hold chair back; sit tall, turn, hand on outer knee; hand to opposite knee, look over shoulder, sitting;
      turn to look behind you in the chair; look round like reversing the car; rotate trunk sitting;
      chair bharadvajasana ?; bharadvajasana on chair; bharadwaj on chair; bharadvaja @chair; chair ardha matsyendrasana;
      parivrtta on chair; parivrtta @chair; vakrasana on chair; seated torsion @chair; turning tower @kids; chair rotation;
      desk twist; look behind you, hold chair back; turn to the left, to the right @chair; rotate trunk in chair;
      trunk rotation @chair; turn round @chair; rotation @chair; trunk turns sitting;
      chair twist, hold backrest; turn to look behind in the chair; seated twist on chair; rotate in chair; twist holding chair;
      turn from the waist, seated
    `,
    'arms-crossed-on-chest': `
      chair twist, arms crossed; hug self & turn; arms folded on chest, rotate; hands to shoulders, turn sitting;
      arms crossed twist, no pulling
    `,
    'knees-wide-open-twist': `
      open twist knees wide @prenatal; chair twist knees apart; open twist @prenatal; turn away from the bump, knees wide;
      wide legs, turn from shoulders @chair
    `,
    'sitting-sideways': `
      sit sideways on chair & twist; side-saddle twist; bharadvaja sideways on the chair;
      sit sideways, both hands to backrest; hip to chair back, turn to it; Iyengar chair twist
    `,
    not: `
      chair pose twist (prayer twist standing) = absent; goddess twist = chair-goddess-twist;
      cross-legged twist = parivrtta-sukhasana; standing twist = standing-twist; mermaid twist = bharadvajasana;
      chair side bend = chair-side-bend; owl on chair kids = kids-owl; supine twist = supine-twist-knees-together;
      needle on chair = thread-the-needle
    `,
  },
  'chair-side-bend': {
    plain: `
      seated side bend @chair; chair side bend; side bend @chair; side bends @chair; sitting side bend @chair;
      seated side stretch; side stretch in chair; chair side stretch; chair crescent; seated crescent; crescent @chair;
      half moon @chair; seated half moon ?; lateral stretch sitting; lat stretch @chair; one arm up and over, sitting;
      arm overhead, lean to side, other hand on seat; lean over sideways on chair, arm by the ear;
      hold seat, reach up & over; parsva on chair; parsva tadasana on chair; parsva @chair; side reach sitting;
      side body stretch chair; sideways rainbow @kids; chair moon; seated lateral flexion; tip to the side, arm over;
      side stretch @chair; lean to side in chair; arm up and over sitting @chair; reach over @chair; lateral bend @chair;
      one arm up, lean @chair;
      side bend in chair; reach one arm up and over in chair; lean to the side holding the seat; side stretch seated on chair
    `,
    'top-hand-behind-head': `
      side bend, hand behind head; elbow to ceiling side bend, sitting; hand at back of head, lean over;
      bent-arm chair side bend; shoulder sore: hand behind head, side bend
    `,
    'both-hands-down': `
      side bend arms down; slide hand down chair leg; both arms down, tip side to side; chair side bend, no arm overhead;
      hands hanging, reach towards floor sideways; side dips on chair
    `,
    not: `
      side bend cross-legged = parsva-sukhasana; standing side bend = parsva-tadasana;
      standing side bend with chair = chair-side-stretch-standing; side angle on chair, elbow on thigh = chair-side-angle;
      neck side stretch = chair-neck-stretch; half moon balance = ardha-chandrasana; gate on chair = parighasana;
      sitting moon kids = kids-moon
    `,
  },
  'chair-forward-fold': {
    plain: `
      seated forward fold @chair; chair forward fold; chair fold; forward fold @chair; FF @chair; fwd fold @chair;
      seated FF @chair; chair forward bend; seated forward bend @chair; fold forward in chair; fold over the legs sitting;
      fold over knees; fold over thighs on chair; rag doll @chair; rag doll on chair; floppy doll @chair;
      drop forward, head and arms hang, sitting; lean forward over legs, let arms dangle;
      chest to thighs sitting, let head go; chair uttanasana; uttanasana on chair; uttanasana @chair; chair child's pose;
      child's @chair; CP @chair; bow forward sitting; hang forward in the chair; chair paschimo ?;
      sit, knees apart, fold between; fold @chair; forearms on thighs, fold; flop forward in chair; hang over knees;
      tie your shoelaces reach; bow over thighs sitting; drop down between the knees; roll down sitting @chair;
      hang between knees; roll down in chair; forward bend on chair, hands to floor; chest to thighs on the chair
    `,
    'hands-down-the-legs': `
      slide hands down shins, sitting; walk hands down legs; hands down the legs, chair fold;
      hands travel thighs to ankles; support on your shins as you go
    `,
    table: `
      fold on to table; arms on desk, forehead down; lean on table, back long; forward fold to desk;
      chair fold onto table w/ cushion; head on folded arms at the table ?
    `,
    'second-chair': `
      fold to second chair; two chairs, fold forward; arms on the other chair; forehead on 2nd chair seat;
      facing another chair, rest arms on it
    `,
    'only-hinge': `
      just hinge; hinge only, flat back, sitting; hip hinge in chair; lean forward w long spine, no rounding;
      osteo: hinge not fold @chair; chair half lift
    `,
    'fists-stacked-between-knees': `
      fists stacked between knees; elbows on knees, forehead on fists; stacked fists support forehead, chair;
      fold, head resting on fists tower; fist on fist between knees, head down
    `,
    not: `
      seated forward fold on the floor = paschimottanasana; standing forward fold = uttanasana;
      wide-leg fold to the seat = chair-wide-fold; supported child on chair = supported-child;
      head on table rest = savasana-chair; seated down dog = chair-dog-seated;
      hamstring stretch on chair = chair-hamstring-stretch; rag doll standing = uttanasana
    `,
  },
  'chair-pigeon': {
    plain: `
      seated pigeon; chair pigeon; pigeon @chair; pidgeon @chair; sitting pigeon; pigeon on chair; seated figure four;
      seated figure 4; figure four @chair; figure 4 on chair; fig 4 @chair; fig. four chair; seated 4; chair hip opener;
      hip opener @chair; ankle on knee; ankle over knee; ankle to opposite knee, lean forward; ankle on thigh sitting;
      cross ankle over thigh, hinge forward; number four legs; number 4 shape sitting; piriformis stretch sitting;
      glute stretch in chair; seated glute stretch; eka pada rajakapotasana on chair; chair kapotasana;
      thread the needle legs, sitting ?; ankle over knee @chair; ankle on knee sitting; R ankle over L knee, hinge;
      ankle to opposite knee, lean; number four sitting @chair;
      ankle on knee in chair; figure four chair; chair pigeon lean forward
    `,
    'ankles-crossed-low': `
      ankles crossed low; just cross ankles @chair; cross at the shins low, lean in;
      hip replacement: ankles crossed only ?; low figure four, ankle to shin
    `,
    'hand-pressing-no-lean': `
      chair pigeon upright; no lean, press knee with hand; hand gently on the knee, sit up;
      ankle on knee, stay tall, light press; figure four no forward fold
    `,
    'strap-round-the-ankle': `
      strap round ankle to lift it; belt holds the shin up; chair pigeon w/ strap; scarf round ankle, draw leg up;
      can't lift the leg: belt
    `,
    not: `
      pigeon on floor = eka-pada-rajakapotasana; supine figure four = supine-figure-four;
      standing figure four = standing-figure-four; fire log = agnistambhasana; eagle legs on chair = chair-eagle-legs;
      shin on the seat pigeon standing = eka-pada-rajakapotasana; knee hug on chair = chair-knee-hug;
      number four balance = standing-figure-four
    `,
  },
  'chair-eagle-arms': {
    plain: `
      eagle arms; eagle arms @chair; chair eagle; chair eagle arms; eagle @chair; seated eagle; seated eagle arms;
      sitting eagle; garudasana arms; garuda arms; garudasana @chair; garudasana arms on chair; garud arms; garudasan arms;
      cross elbows, wrap forearms; wrap the arms; arms wrapped, palms touch; elbows crossed, lift elbows;
      arm wrap stretch between shoulder blades; hug the shoulders; eagle's wings folded @kids; twist arms like rope;
      arm tangle; spaghetti arms @kids; upper back stretch, arms crossed; elbow over elbow, backs of hands;
      eagle wrap, arms only; arms wrapped; arms crossed, hands on shoulders;
      elbows crossed, hug; eagle arms seated
    `,
    'self-hug': `
      self hug; hug yourself; give yourself a hug; arms round yourself; hands to opposite shoulders; bear hug yourself;
      eagle alt: just hug
    `,
    'forearms-parallel': `
      forearms side by side; elbows & palms together in front; forearms parallel, not wrapped;
      eagle arms, backs of hands only; forearms together, lift
    `,
    not: `
      eagle standing = garudasana; eagle legs = chair-eagle-legs; cow face arms = chair-cow-face-arms;
      eagle crunches = absent; cactus arms = chair-cactus-arms; owl wings = kids-owl; reverse prayer = absent;
      arms crossed twist = chair-twist
    `,
  },
  'chair-goddess': {
    plain: `
      chair goddess; seated goddess; goddess @chair; goddess on chair; goddess sitting; godess @chair; seated godess;
      wide-knee sit; wide knees sitting; sit with wide legs; wide-leg sit @chair; straddle the chair ?;
      knees wide, toes out, arms cactus, sitting; sit at the front of chair, legs wide; sit wide, feet turned out;
      knees apart, hands up in goal posts, on chair; utkata konasana on chair; utkata konasana @chair; chair konasana;
      utkat konasan @chair; king's seat @kids; sumo sit; sumo on chair; horse stance sitting; victory goddess seated;
      inner thigh opener sitting @chair; cowboy sit; wide seat; goddess legs @chair;
      wide legs sitting, hands on knees @chair; horse stance @chair
    `,
    'hands-on-knees': `
      wide knees, hands press on thighs; hands to knees, wide sit; elbows on knees, legs wide; hands on inner knees, open;
      goddess, hands on knees @chair
    `,
    hover: `
      goddess hover; hover off the chair, legs wide; lift seat an inch, wide legs; wide-knee half stand;
      bum hovers over seat, feet wide; goddess squat from chair
    `,
    not: `
      goddess = utkata-konasana; goddess twist = chair-goddess-twist; reclined goddess = supta-baddha-konasana;
      chair warrior 2 = chair-warrior-2; chair pose = utkatasana; sumo squat = utkata-konasana;
      wide fold standing = prasarita-padottanasana; seated straddle floor = upavistha-konasana
    `,
  },
  'chair-goddess-twist': {
    plain: `
      goddess twist; goddess twist @chair; goddess w/ twist; chair goddess twist; seated goddess twist; wide-knee twist;
      wide knee twist @chair; shoulder drop twist; shoulder drop; shoulder to knee twist; drop one shoulder between knees;
      hands on knees, drop a shoulder in; wide legs, hands on thighs, dip shoulder & look over;
      press knee, drop shoulder to centre; sumo twist; sumo twist @chair; wide sit, turn, shoulder toward opp knee;
      parivrtta utkata konasana; parivrtta utkata konasana chair; parivrtta konasana @chair; wide-leg sitting twist;
      legs wide, dip & rotate; twisty pretzel throne @kids; shoulder dip rotation; baseball stretch;
      shoulder shrugger twist sumo; drop one shoulder to the midline; shoulder to opposite knee wide legs @chair;
      wide-leg shoulder dips
    `,
    upright: `
      goddess twist upright; wide knees, twist sitting up; no leaning, wide-leg twist tall;
      open twist knees wide, hands stay on thighs ?; sit tall, knees wide, turn only
    `,
    not: `
      chair twist = chair-twist; open twist chair pregnancy = chair-twist; goddess standing = utkata-konasana;
      shoulder circles = chair-shoulder-circles; skandasana = skandasana; side angle on chair = chair-side-angle;
      revolved side angle = parivrtta-parsvakonasana
    `,
  },
  'chair-arm-leg-raise': {
    plain: `
      opposite arm and leg on chair; opp arm/leg @chair; opp arm + leg @chair; opp arm & leg sitting;
      opposite arm leg raise; seated bird dog; chair bird dog; bird dog @chair; bird-dog sitting; balancing table @chair;
      alternate arm-leg raise; alternating arm/leg lifts sitting; cross-body arm leg lift @chair;
      contralateral lift @chair; diagonal lift sitting; lift one arm and other leg, seated;
      arm up, other leg straight out, sitting; reach arm up as opposite leg extends; arm & knee opposite lift;
      raise opp arm and leg in chair; robot walk @kids; robot arms & legs @kids; seated cross crawl ?;
      coordination arm-leg @chair; seated superman ?; arm forward, other foot up, on chair; right arm, left leg out @chair;
      arm and leg raise sitting
    `,
    'knee-lift-instead-of-straightening': `
      opp arm & knee lift; knee up instead of straight leg, opp arm; lift bent knee + other arm; march w opp arm up ?;
      arm up, opposite knee up (knee sore)
    `,
    'arm-to-shoulder-height': `
      opp arm/leg, arm only to shoulder; arm forward at shoulder height; frozen shoulder: low arm, opp leg;
      lift arm halfway and other leg, sitting; bird dog chair, arm low
    `,
    not: `
      bird dog = bird-dog; seated march = chair-march; dead bug = dead-bug;
      straight leg lift on chair = chair-straight-leg-lift; standing cross crawl = standing-march;
      bird dog standing at chair = bird-dog; knee hug on chair = chair-knee-hug
    `,
  },
  'chair-leg-slide': {
    plain: `
      leg slides on chair; leg slide @chair; leg slides @chair; heel slides sitting; heel slides @chair;
      heel slide sitting; seated heel slides; seated leg slides; chair heel slides; foot slides @chair;
      slide foot forward and back; slide one heel out and back; slide heel away & home, sitting;
      slide the foot along floor; slipping foot forward sitting; slide one leg out, come back; foot glides;
      ski slide @kids; skating foot @chair; scooter foot; floor slides sitting; glide heel out, sit tall;
      single leg slide, seated; sliding feet; shuffle foot in and out sitting; knee bend & straighten by sliding;
      slide foot out and back; foot slides; leg slides sitting; slide feet on sock
    `,
    'sock-or-towel-under-the-foot': `
      towel under foot, slide; sock slides; slide w/ a sock on; paper plate under foot; cloth under the foot, heel slides;
      slippy sock leg slide
    `,
    not: `
      leg slides lying = supine-leg-slide; straight leg lift on chair = chair-straight-leg-lift;
      hamstring stretch on chair = chair-hamstring-stretch; ankle pumps = ankle-pumps; wall slides = wall-arm-slide;
      skiing pose = utkatasana; heel raises sitting = chair-heel-toe-raises; side lunge slide = skandasana
    `,
  },
  'chair-straight-leg-lift': {
    plain: `
      straight-leg lift on chair; straight leg lift @chair; straight leg raise @chair; SLR @chair; leg lift @chair;
      leg lifts @chair; leg raise @chair; leg raises sitting; seated leg raise; seated leg lift; seated leg extension;
      leg extension @chair; leg ext sitting; knee extension @chair; knee extension sitting; knee extensions;
      quad lift sitting; quad strengthener in chair; quads on chair; straighten one leg, lift and lower;
      stretch one leg out in front & hold it up, sitting; lift foot till leg is straight, toes up;
      sit, kick leg out straight slowly; leg out & up; drawbridge @kids; lower the drawbridge; lift straight leg off chair;
      soccer kick slow @chair; straighten knee @chair; leg extensions @chair; long arc quads; knee extensions sitting;
      kick leg out straight @chair; lift straight leg sitting; leg out straight and hold @chair; quad sets sitting;
      extend one leg @chair; knee straightening sitting
    `,
    'half-straight': `
      half straighten; only half way, knee bent; knee not full straight, small lift; part-way knee extension @chair;
      half drawbridge
    `,
    'lean-back': `
      lean back & lift leg, chair; lean on backrest, leg up; leg lift with back support; sit back, straighten leg;
      tight hams: lean back to lift
    `,
    not: `
      leg lift lying = supta-padangusthasana-1; supine SLR legs up at 90 = urdhva-prasarita-padasana;
      leg slides @chair = chair-leg-slide; opp arm and leg on chair = chair-arm-leg-raise; chair boat = chair-boat;
      hamstring stretch = chair-hamstring-stretch; side leg lift behind chair = chair-hip-abduction;
      knee hug = chair-knee-hug; march = chair-march
    `,
  },
  'chair-head-circles': {
    plain: `
      head half-circles; half head circles @chair; head circles @chair; half circles w/ the head; head rolls @chair;
      head rolls sitting; neck rolls; neck rolls @chair; neck circles @chair; neck half circles; neck mobility ?;
      chin to chest, roll to shoulder and back; chin circles; chin half moon; chin draws half-moon on chest;
      roll chin along the collarbones; chin from shoulder to shoulder, front only;
      ear to shoulder, roll through front, other ear; half-moon neck; pendulum head @chair; semi-circles of head;
      griva sanchalana; griva sanchalan; greeva sanchalana; griva sanchalana @chair; painting with your nose @kids;
      brahma mudra ?; neck loosening sitting; neck warm-up chair ?; head swing front; head circles;
      neck circles; chin half circles; head half rolls; draw circles with nose; neck rolls half; head roll half circle;
      chin to chest and roll side; neck semi circles; head rolls slow
    `,
    lying: `
      head half circles lying @lying; neck rolls on back; roll the head lying down ?; supine head circles;
      nose circles lying
    `,
    'nose-draws-small-circles': `
      nose circles; small circles with nose; nose draws circles; tiny nose circles; nose pencil, draw circles;
      draw a coin w/ your nose; write w nose @kids
    `,
    not: `
      neck side stretch = chair-neck-stretch; chin tucks = chair-chin-tuck; head rolls lying = supine-neck-release;
      neck release cross-legged = neck-release; shoulder rolls = chair-shoulder-circles; eye circles = chair-eye-circles;
      hip circles = standing-hip-circles; headstand = sirsasana
    `,
  },
  'chair-neck-stretch': {
    plain: `
      side neck stretch; side neck stretch @chair; neck side stretch; neck stretch @chair; neck stretches @chair;
      lateral neck stretch; neck side bend; neck side bend @chair; ear to shoulder ?; ear to shoulder @chair;
      ear to shoulder w/ hand; ear over shoulder, hold; tip head to side; tilt head sideways, other shoulder heavy;
      head tilt; trap stretch; upper trap stretch sitting; upper traps; hold seat w/ one hand, tilt head away;
      head to the side, hand on seat; side of the neck opens; neck to side; sleepy ear @kids; ear falls to shoulder;
      lateral flexion neck; neck tilt, stay; telephone ear; lean your head over sitting; ear to shoulder; neck stretches;
      tilt head to side;
      tilt head side to side; lateral neck; drop ear to shoulder, seated
    `,
    'hand-resting-on-head': `
      ear to shoulder, hand on head; hand rests on head, no pull; weight of the hand on head;
      light hand over ear, neck stretch; hand on top of head, side neck
    `,
    not: `
      neck rolls = chair-head-circles; neck release cross-legged on floor = neck-release; chin tucks = chair-chin-tuck;
      shoulder stretch = absent; side bend on chair = chair-side-bend; knees to ears = karnapidasana;
      look over shoulder = chair-twist; head turn lying = supine-neck-release; levator stretch, nose to armpit = absent
    `,
  },
  'chair-chin-tuck': {
    plain: `
      chin tucks; chin tuck; chin-tucks; chintuck; chin tuck @chair; chin retractions; cervical retraction;
      neck retraction; head back; head glides back; glide head back; draw chin straight back; slide chin back, keep level;
      make a double chin; double chin; double chins; neck posture; neck posture ex; back of neck long, chin in;
      pull head back like train; pull the head back over shoulders; forward head correction; text-neck exercise;
      tech neck ex; turtle head @kids; turtle in & out; tuck chin, tall neck; push back of head into hand ?;
      nod & lengthen neck ?; chicken head, reverse; chin in; retract chin; chin tuck sitting; poke and tuck chin
    `,
    'against-the-wall': `
      chin tuck at the wall @wall; back of head to wall; press head to wall, chin in; wall chin tucks;
      stand at the wall, lengthen neck, double chin
    `,
    not: `
      head lift lying = supine-curl-up; chin lock, jalandhara = absent; chin to chest = chair-head-circles;
      knees chest chin = ashtanga-namaskara; turtle kids = kids-turtle; neck rolls = chair-head-circles;
      wall angels = wall-arm-slide; chin circles = chair-head-circles
    `,
  },
  'chair-shoulder-circles': {
    plain: `
      shoulder circles; shoulder circles @chair; shoulder rolls; shoulder rolls @chair; shoulder roll backs;
      roll shoulders; roll shoulders back; roll the shoulders; shoulders up, back and down; shoulder circling;
      skandha chakra; skandha chakra @chair; skandh chakra; skanda chakra; scanda chakra; skandha sanchalan; skandhachakra;
      elbow circles; elbow circles @chair; circle elbows, fingertips on shoulders; hands on shoulders, elbows draw circles;
      fingers to shoulders & circle; chicken wings circles; wings, big circles; winding the clock @kids;
      shoulder warm up ?; shoulder socket rotation; shoulder mobility ?; shoulder rotation; shoulders round and round;
      shldr rolls; rotate shoulders; backward shoulder rolls; shoulder rolls back and forward;
      circle the shoulders; shoulder rotations; elbows circle, fingers on shoulders
    `,
    'shoulders-only': `
      shoulders only, arms hang; small shoulder rolls, hands in lap; roll shoulders, hands on thighs;
      shoulder rolls no elbows; just shoulders up-back-down; easy: shoulders not elbows; without the elbows; no elbows
    `,
    not: `
      shoulder stand = sarvangasana; arm circles = absent; shoulder shrugs = absent; wrist circles = chair-wrist-fingers;
      head circles = chair-head-circles; shoulder clasp = chair-shoulder-clasp; skandasana = skandasana;
      sufi circles = seated-circles; shoulder drop twist = chair-goddess-twist
    `,
  },
  'chair-cactus-arms': {
    plain: `
      cactus arms; cactus arms @chair; cactus; cactus @chair; chair cactus; seated cactus; goalpost arms; goal post arms;
      goal posts; goalposts @chair; field goal arms; candelabra arms; hands-up arms; stick 'em up arms;
      surrender arms sitting; chest opener sitting; chest opener @chair; chest expansion ?; open the chest in chair;
      elbows bent at shoulder height, open wide, sitting; arms like a goal, squeeze shoulder blades;
      open elbows wide, close in front; elbows together, elbows apart; open-the-book arms;
      arms at right angles, draw elbows back; W arms; saguaro arms; kaktus arms; elbows out at 90, heart lifts; goalposts;
      open arms to cactus; elbows back; scarecrow arms; stop sign arms;
      open close arms at shoulder height; bent arms open and close
    `,
    'elbows-low': `
      cactus, elbows low; elbows by the ribs, palms open; low cactus; W by the waist; shoulders sore: keep elbows down;
      elbows at sides, rotate arms out
    `,
    not: `
      prone cactus = prone-cactus-lift; wall angels = wall-arm-slide; goddess on chair, cactus arms = chair-goddess;
      eagle arms = chair-eagle-arms; supine cactus arms = supine-arm-float; hands clasped behind = chair-shoulder-clasp;
      chest opener at wall = wall-chest-opener; chest opener on bolster = supported-fish; T arms = absent
    `,
  },
  'chair-warrior-1': {
    plain: `
      chair warrior I; chair warrior 1; chair warrior one; chair W1; W1 @chair; warrior 1 @chair; warrior one @chair;
      warrior I @chair; seated warrior one; seated warrior 1; seated W1; sitting warrior 1; warrior 1 on chair;
      side-saddle lunge; side saddle lunge; sit sideways, back leg long behind, arms up;
      sit side on, one thigh on seat, other leg back; one thigh on seat, leg stretched behind, arms overhead;
      chair-supported warrior I; virabhadrasana 1 on chair; virabhadrasana I @chair; vira 1 @chair; virabhadra 1 chair;
      VB1 @chair; virbhadrasana 1 chair; knight on horseback @kids; seated lunge; chair crescent lunge sitting ?;
      lunge sitting on chair side; warrior @chair; sit sideways, leg back, arms up
    `,
    'higher-seat': `
      warrior 1 on higher seat; cushion on the seat, W1; higher chair for W1 (knee/hip);
      blocks/blanket on seat, seated lunge; raise the seat, chair warrior 1
    `,
    'arms-low': `
      W1 arms low @chair; chair warrior 1, hands on hips; hand on backrest, seated lunge;
      arms to shoulder height only, W1 @chair; chair W1, no arms overhead
    `,
    not: `
      warrior I = virabhadrasana-1; chair warrior II = chair-warrior-2; chair lunge foot on seat = chair-lunge;
      warrior 3 behind chair = chair-warrior-3; hero = virasana; low lunge at chair = anjaneyasana;
      reverse warrior chair = chair-reverse-warrior
    `,
  },
  'chair-warrior-2': {
    plain: `
      chair warrior II; chair warrior 2; chair warrior two; chair W2; W2 @chair; WII @chair; W II @chair; warrior 2 @chair;
      warrior two @chair; warrior II @chair; seated warrior two; seated warrior 2; seated W2; sitting warrior 2;
      warrior 2 on chair; sit with one knee bent to side, other leg long, arms wide;
      thigh on the seat, other leg out to side, arms out in T; straddle chair front, one leg straight, gaze over hand;
      virabhadrasana 2 on chair; virabhadrasana II @chair; vira 2 @chair; VB2 @chair; VBII @chair; virabhadra 2 chair;
      veerabhadrasana 2 chair; surfer on a bench @kids; surfer sitting; arms like surfer on chair;
      warrior legs wide, seated
    `,
    'bent-second-leg': `
      W2, second leg bent @chair; both knees bent, chair warrior 2; back leg stays bent, arms wide; chair W2 short stance;
      other knee soft/bent in seated W2
    `,
    'hands-on-hips': `
      W2 hands on hips @chair; seated W2, hands to waist; chair warrior 2 w/out arms;
      shoulders tired, hands on hips W2 @chair; hand on hips, look over front knee, sitting
    `,
    not: `
      warrior II = virabhadrasana-2; chair warrior I = chair-warrior-1; chair reverse warrior = chair-reverse-warrior;
      chair goddess = chair-goddess; chair side angle = chair-side-angle; hero = virasana;
      surfer standing = virabhadrasana-2; W3 holding chair = chair-warrior-3
    `,
  },
  'chair-reverse-warrior': {
    plain: `
      chair reverse warrior; reverse warrior @chair; rev warrior @chair; rev W @chair; RW @chair; R/W @chair;
      reverse warrior on chair; reverse W2 @chair; seated reverse warrior; sitting reverse warrior;
      peaceful warrior @chair; peaceful warrior sitting; proud warrior @chair; exalted warrior @chair;
      dancing warrior sitting ?; from chair W2 reach front arm up and back; seated W2, tip back, top arm up;
      hand slides down back leg, other arm up, sitting; front arm to sky, lean back, on chair;
      viparita virabhadrasana chair; viparita virabhadrasana @chair; viparit virabhadrasan chair; viparita vira @chair;
      vip vira @chair; reach for the kite @kids; chair warrior leaning back; flip the warrior @chair; reverse @chair
    `,
    'hand-on-chair-back': `
      reverse warrior, hand on chair back; hold backrest, reach other arm up, W2 legs; rev warrior w support of chair back;
      lower hand to the backrest; rev W, back hand on chair
    `,
    not: `
      reverse warrior = viparita-virabhadrasana; chair warrior 2 = chair-warrior-2; chair side bend = chair-side-bend;
      chair back bend = chair-backbend; viparita karani = viparita-karani; chair side angle = chair-side-angle;
      humble warrior = baddha-virabhadrasana
    `,
  },
  'chair-side-angle': {
    plain: `
      chair side angle; side angle @chair; side angle on chair; SA @chair; seated side angle; sitting side angle;
      ext side angle @chair; extended side angle @chair; seated extended angle; extended angle sitting;
      chair extended side angle; forearm on thigh, other arm over, sitting; W2 legs sitting, elbow on knee, reach over;
      elbow to knee, top arm long, on chair; lean over bent knee, arm by the ear, other leg long;
      from chair W2 forearm to thigh; parsvakonasana on chair; parsvakonasana @chair; parsvakon chair;
      parshvakonasana chair; utthita parsvakonasana @chair; parsvakonasan chair; leaning lamp @kids;
      slanting side stretch on chair; chair parsvakona; diagonal line, elbow on thigh, chair;
      elbow on knee, arm over @chair
    `,
    'hand-on-hip': `
      side angle, top hand on hip @chair; elbow on knee, other hand on waist; chair side angle, no arm overhead;
      upper arm stays on hip, lean; shoulder sore: hand on hip, side angle @chair
    `,
    not: `
      side angle = parsvakonasana; revolved side angle = parivrtta-parsvakonasana; chair side bend = chair-side-bend;
      triangle with chair = chair-triangle; chair reverse warrior = chair-reverse-warrior;
      chair side stretch standing = chair-side-stretch-standing; goddess twist = chair-goddess-twist
    `,
  },
  'chair-hamstring-stretch': {
    plain: `
      seated hamstring stretch; hamstring stretch @chair; hamstrings @chair; hammy stretch @chair; hammies @chair;
      hams @chair; ham stretch sitting; hamstring stretch sitting @chair; chair hamstring stretch; chair leg stretch;
      back of the leg stretch sitting; leg stretch @chair; heel out and hinge; heel out, toes up, hinge;
      one leg straight, heel on floor, lean forward; stretch leg out, heel down, toes up, fold a bit, sitting;
      slide to chair edge, one leg long, hinge; sit on edge, straighten leg, tilt forward; janu sirsasana on chair;
      janu sirsasana @chair; janu @chair; janu shirshasana chair; chair janu; head-to-knee @chair;
      half fold over one leg @chair; pyramid on chair ?; fishing rod @kids; calf & hamstring sitting;
      heel out, lean forward; leg straight, hinge @chair; one leg out, toes up, lean @chair; hammie stretch sitting @chair;
      straight leg, heel on floor, fold
    `,
    'strap-round-the-foot': `
      hamstring with strap @chair; belt round the foot, sit tall; strap round foot, leg long, sitting;
      scarf round foot, chair; loop belt over foot and hinge @chair; strap on sole sitting on chair
    `,
    'heel-on-a-low-stool': `
      heel on a low stool; heel on footstool, lean; foot on block/step, hamstring @chair; leg up on stool, sit tall;
      heel on another chair, hinge ?; leg on a low box, sitting
    `,
    not: `
      head to knee on floor = janu-sirsasana; half split = ardha-hanumanasana; pyramid with chair = chair-pyramid;
      leg extension sitting = chair-straight-leg-lift; leg slides = chair-leg-slide;
      reclined strap hamstring = supta-padangusthasana-1; chair forward fold = chair-forward-fold; headstand = sirsasana;
      half split with hands on seat = ardha-hanumanasana
    `,
  },
  'chair-ankle-circles': {
    plain: `
      ankle circles on chair; ankle circles @chair; ankle circles sitting ?; ankle rolls @chair; ankle rotations @chair;
      ankle rotation sitting; foot circles; foot circles @chair; circle the feet; circle one foot; rotate ankles;
      rotate the foot, leg lifted, sitting; lift one foot, draw circles with toes; ankles round and round, sitting;
      gulpha chakra; goolf chakra; goolf chakra @chair; gulf chakra; gulph chakra; gulpha ghoornan; goolf ghoornan;
      ankle alphabet; alphabet with toes; ABC with the foot; write with your toes @kids; write name with toe;
      foot rolls sitting; ankle mobility ?; loosening ankles in chair; ankle circles; circle feet;
      write your name with foot; rotate ankles @chair; ankle rolls; goolf chakra sitting; draw circles with toes;
      foot circles in chair; rotate ankle; circle the foot
    `,
    'heel-on-floor': `
      ankle circles, heel on floor; heel stays down, toes circle; circle toes w heel resting;
      heel down, draw arcs with toes; can't lift leg: heel on floor circles; foot circles heel grounded
    `,
    not: `
      ankle pumps = ankle-pumps; heel & toe raises = chair-heel-toe-raises; wrist circles = chair-wrist-fingers;
      knee circles = supine-knee-circles; ankle pumps lying = supine-ankle-pumps; ankle on knee = chair-pigeon;
      ankles crossed = chair-pigeon; shoulder circles = chair-shoulder-circles
    `,
  },
  'chair-heel-toe-raises': {
    plain: `
      heel and toe raises sitting; heel toe raises on chair; heel/toe lifts seated; heel-toe rocks @chair; foot rocker;
      foot rocking in the chair; rock the feet heel to toe, sitting; piano feet; seated calf raises and toe lifts;
      toe taps heel taps @chair; lift heels then lift toes, sat on chair; tip toes then heels, seated;
      sitting, press balls of feet, then heels dig in; alternate heel raise + toe raise in chair; heel n toe raises seated;
      heals and toes up and down @chair; feet flat, roll up onto toes, back onto heels @sitting; heel raises ?;
      shin strengthener sitting, toes up heels down; feet circulation exercise ?; heel toe rocking; heel-toe;
      heel and toe raises; toe taps sitting; heel raises @chair; rock feet heel to toe; heels toes;
      heels up, toes up @chair;
      lift heels then toes; rock heel to toe sitting; heel raises sitting
    `,
    'one-foot-heels-one-foot-toes': `
      one foot on its heel, other foot on its toes @chair; opposite feet: one heel up, one toe up;
      alternate feet heel/toe seated; feet doing opposite things @chair; piano feet opposite;
      one heel lifts while the other toes lift
    `,
    not: `
      heel raises standing behind chair = chair-heel-raise; tiptoes, standing = heel-raise;
      ankle circles on chair = chair-ankle-circles; point and flex legs straight on floor = ankle-pumps;
      heel slides in chair = chair-leg-slide; toe taps lying, legs at tabletop = supine-heel-march
    `,
  },
  'chair-march': {
    plain: `
      knees up one after the other like marching; stamp feet, left right @chair; marching band knees @chair;
      seated march; chair march; marching in the chair; march on the spot sitting; sitting marches; seated marching;
      marching seated; knee lifts on chair; knee raises seated; alternate knee lifts @chair; march @chair; march @sitting;
      sit and march; chair marching; marching drum; lift one knee then the other, sat tall;
      thigh lifts one at a time @chair; walking in the chair; siting march; high knees seated;
      hip flexor lifts on the chair; foot off the floor, foot down, alternate, sitting; knees up alternately on chair;
      marching @chair; sitting march; march on the spot @chair; knee lifts sitting; lift knees alternately @chair;
      walk on the spot sitting;
      march in the chair; lift knees one by one sitting; knee lifts in chair; march feet
    `,
    'with-arm-swing': `
      seated march + arms; march with arm swing @chair; marching in chair, pump the arms; power walk sitting;
      opposite arm swings as knee lifts @chair; seated marching with swinging arms
    `,
    'heel-lift-only': `
      march, heels only, toes stay down @chair; heel lift march seated; just peel the heel up, alternate @chair;
      toes stay on floor, lift heel only, marching sat down; mini march sitting
    `,
    not: `
      march standing behind the chair = chair-march-standing; marching on the spot = standing-march;
      opposite arm and leg on chair = chair-arm-leg-raise; supine march = supine-heel-march;
      straight leg lift on chair = chair-straight-leg-lift
    `,
  },
  'chair-knee-hug': {
    plain: `
      knee hug on chair; chair knee hug; hug knee to chest sitting; knee to chest in the chair; seated knee hug;
      one knee in @chair; hug a knee, seated; seated apanasana; apanasana on chair; chair pawanmuktasana;
      pavanamuktasana @chair; wind reliever in the chair; draw one thigh to belly, sat tall;
      hands round shin, knee to chest, sitting; hug ur knee @chair; hug your knee; single knee to chest seated;
      sit tall, clasp below knee, draw it in; knee hugs ?; bring knee up and hold @chair;
      sit to front, pull one leg up with hands to the tummy; hug knee @chair; hug R knee @chair; knee to chest @chair;
      knee hug sitting; lift knee and hold @chair; draw knee up in chair; hug knee sitting @chair
    `,
    'hold-behind-the-thigh': `
      hold behind the thigh, knee in @chair; seated knee hug, hands under thigh;
      knee to chest on chair holding back of thigh; clasp behind knee, not shin, chair;
      knee hug sparing the knee joint @chair
    `,
    'out-to-the-side': `
      knee hug then open knee out to the side @chair; hug knee and take it wide, seated; knee to armpit, chair;
      seated knee hug, knee toward outer shoulder; draw the knee out to the side in the chair
    `,
    not: `
      knees to chest lying = apanasana; one knee to chest lying = apanasana-single; standing knee hug = standing-knee-hug;
      ankle on knee on chair = chair-pigeon; seated march = chair-march
    `,
  },
  'chair-backbend': {
    plain: `
      chair back bend; chair backbend; seated backbend; seated back bend on chair; seated chest lift;
      lift the heart, seated; chair camel; camel on the chair; ustrasana @chair; ushtrasana chair; usrasana on chair;
      lean back over chair back; chest up, hands on back of seat; open the chest, look up a bit @chair;
      hold the seat behind, lift breastbone @chair; hands on low back, lift chest, sitting; proud lion;
      heart opener in chair; seated heart opener; upper back extension @chair;
      sit forward on chair, hands behind, arch gently; arch back @chair; chest expansion sitting ?;
      sit tall at edge, hold seat behind, chest to ceiling; open front of the body, elbows back, sat on chair;
      chest up @chair; back bend @chair; cobra @chair; camel @chair; lean back, look up @chair; open heart @chair;
      chest lift @chair; back arch sitting
    `,
    'over-the-backrest': `
      lean back over the backrest; drape upper back over chair back; thoracic extension over top of chair;
      shoulder blades on the backrest, arms open back; arch over the chair back, hands behind head;
      back bend over back rest
    `,
    'arms-crossed-small': `
      arms crossed on chest, tiny lift @chair; crossed arms small back bend seated;
      hands on opposite shoulders, little lean back @chair; give yourself a hug and lift chest slightly, chair;
      small chair backbend w arms folded
    `,
    not: `
      camel kneeling = ustrasana; standing back bend = anuvittasana; seated cat cow on chair = chair-cat-cow;
      wheel over a chair = urdhva-dhanurasana; lean back core on chair = chair-boat
    `,
  },
  'chair-cow-face-arms': {
    plain: `
      cow face arms; cowface arms; cow arms; cow face arms in chair; gomukhasana arms; gomukh arms; gomukasana arms @chair;
      gomuka hands; zipper arms; zip arms; zip up your back; hands behind back, one over one under;
      one arm up and over, other arm up the back; try to clasp hands behind back, top and bottom; scratch your back;
      back scratch stretch; back scratcher arms; go mukha arms sitting; one elbow up, one elbow down, fingers meet behind;
      cow face ?; shoulder stretch hands meeting between shoulder blades; do up your zip arms; gomukha arms;
      hands behind back up and down; back scratch; scratch your back arms; hands reach behind back strap
    `,
    strap: `
      cow face arms with strap; belt between the hands, cow arms; gomukhasana arms w/ belt; zipper arms holding a scarf;
      strap dangling behind, walk hands toward each other; towel behind back, one hand top, one bottom;
      dupatta behind the back, cow arms
    `,
    'lower-arm-only': `
      lower arm only cow arms; just the bottom arm up the back; cow face, only the arm behind the back;
      back of hand on spine, other arm rests; half cow arms, under arm only;
      one arm behind the back, hand creeping up the spine @chair
    `,
    not: `
      cow face legs = gomukhasana; eagle arms = chair-eagle-arms; cow pose, belly drops on all fours = bitilasana;
      reverse prayer hands = wrist-stretch; hands clasped behind, arms straight = chair-shoulder-clasp
    `,
  },
  'chair-shoulder-clasp': {
    plain: `
      hands clasped behind; clasp hands behind back; interlace fingers behind, lift chest @chair;
      bind hands behind back seated; baddha hasta; badha hasta; baddha hastasana @chair; hands bound behind @chair;
      shoulder opener with strap ?; shoulder clasp; chest opener hands clasped behind; fingers interlaced behind back;
      laced hands behind, straighten arms; knuckles down behind the back, sat at the edge; penguin ?; penguin arms;
      shoulder opener in chair; hand clasp behind back sitting forward on seat; hands claspd behind back;
      draw shoulder blades together, hands joined behind @chair; open chest clasp @sitting;
      arms straight back behind the chair back, fingers locked; clasp hands behind; hands clasped behind back;
      interlace behind; hands behind back, lift; interlace fingers behind the back; yoga mudra arms; hold strap behind
    `,
    'bent-elbows-hold-forearms': `
      hold elbows behind the back; hold forearms behind back @chair; hands to opposite elbows behind you;
      arms folded behind the back; grab wrists or forearms behind, elbows bent; forearm hold behind
    `,
    'strap-between-the-hands': `
      strap between hands behind back; hold a belt behind you, arms straight; hands clasped behind with a strap;
      scarf between hands behind back, chair; use a belt if hands don't meet, arms behind;
      towel held behind the hips, draw apart
    `,
    not: `
      humble warrior hands clasped = baddha-virabhadrasana; cow face arms = chair-cow-face-arms;
      penguin walk = kids-penguin; reverse prayer = wrist-stretch;
      hands clasped behind, fold forward, wide legs = prasarita-padottanasana;
      one arm chest stretch at wall = wall-chest-opener
    `,
  },
  'chair-wrist-fingers': {
    plain: `
      wrist circles and finger fans; wrist circles on chair; roll the wrists, fan the fingers @chair;
      hand exercises sitting; hands and fingers @chair; finger fireworks; finger fans; open and close fists seated;
      make a fist, spread fingers; manibandha chakra @chair; mani bandha chakra sitting;
      fist clenching and wrist rotation @chair; wrist rolls in chair; wrists round and round; hand mobility in chair;
      spread your fingers then curl into fist; flick the water off your fingers; piano fingers; thumb to each finger;
      hands: open, close, circle; wrist n finger warm up seated; wrist joint rotation @chair; mushti bandhana seated;
      finger flicks; make fist and open; open and close hands; finger stretches; wrist circles; play piano;
      hands open close; wrists and fingers; mushtika bandhana; spider push-ups on fingers; finger spread; shake wrists;
      thumbs to fingers; hand exercises; finger taps;
      make fists, open; rotate wrists
    `,
    'on-the-table': `
      forearms on the table, wrist circles; hands on table, lift the fingers one by one;
      wrist and finger exercises at the table; rest arms on desk, roll wrists; desk hands: fan fingers on table top;
      forearm supported on table, circle the hand
    `,
    'small-circles': `
      tiny wrist circles @chair; small wrist circles, fingers loose; wrist circles, keep them small, carpal tunnel;
      fingers and wrists, half the range; little circles of the hands, sitting
    `,
    not: `
      prayer and reverse prayer wrist stretch = wrist-stretch; finger tracing breath = hand-trace-breath;
      ankle circles on chair = chair-ankle-circles; shoulder circles = chair-shoulder-circles; namaste hands = absent
    `,
  },
  'chair-boat': {
    plain: `
      chair boat; boat on chair; boat in the chair; navasana on chair; seated boat @chair; boat @chair; naukasana @chair;
      navasna chair; lean back core on chair; seated core hold; lean back, lift both feet @chair;
      sit on edge, lean back a bit, feet off floor; hold seat, lean back, legs hover, sitting; raft; v sit on a chair;
      both knees up, hands on the seat, core; chair V-sit; chair core; chair nav; both feet off the floor sat on chair;
      abs in chair, lean back straight spine; lean back, lift feet @chair; V legs, lean back core; both feet up @chair;
      core lean back sitting
    `,
    'toes-down': `
      chair boat toes down; boat on chair with toes on the floor; lean back, tiptoes stay down @chair;
      lean back from hips, toes touching @chair; seated lean back, feet stay grounded on toes
    `,
    'one-knee': `
      chair boat one knee; one knee lifts, lean back @chair; boat on chair, just one leg;
      lift one foot only while leaning back, chair; half chair boat, alternate knees
    `,
    not: `
      boat on floor = navasana; half boat = ardha-navasana; rowing on chair = chair-rowing;
      straight leg lift on chair = chair-straight-leg-lift; seated march = chair-march;
      lean back over the backrest = chair-backbend
    `,
  },
  'chair-pelvic-clock': {
    plain: `
      pelvic clock on chair; chair pelvic clock; seated pelvic clock; pelvic circles sitting; pelvis circles on seat;
      hip circles in the chair; roll round your sitting bones @chair; sit on a clock; clock on the chair;
      imagine sitting on a clock face, roll 12 to 6; circle the pelvis @chair; pelvic clock @chair;
      circle weight around the sit bones; pelvis rolls sitting; sitbone circles; tilt pelvis in all directions, sitting;
      pelvic clok seated; go round the clock with your pelvis, sat;
      sat on the chair, weight travels front, side, back, side; draw a circle with your tailbone on the seat;
      feet flat, roll from one sitting bone to the other and round; pelvic tilts @chair; rock on sit bones @chair;
      pelvic clock sitting; rolling on sitting bones
    `,
    'on-a-soft-ball': `
      pelvic clock sitting on a soft ball; sit on a ball and circle hips; pelvic circles on soft pilates ball;
      soft ball under bottom, pelvis circles; overball under the seat, roll pelvis round; gym ball pelvic circles ?
    `,
    'tilts-only': `
      just pelvic tilts on chair; pelvic tilts sitting; tip pelvis forward and back, seated;
      rock on sit bones front and back @chair; seated pelvic tilt; tuck and untuck tail sitting on chair;
      12 to 6 only @chair; tilt the pelvis forward and back on the seat
    `,
    not: `
      pelvic clock lying = pelvic-clock; pelvic tilts lying = supine-pelvic-tilt;
      hip circles standing = standing-hip-circles; seated trunk circles cross-legged = seated-circles;
      seated cat cow on chair = chair-cat-cow; hip circles on all fours = all-fours-hip-circles
    `,
  },
  'chair-eagle-legs': {
    plain: `
      eagle legs on chair; chair eagle legs; eagle legs @chair; eagle legs sitting; garudasana legs @chair;
      garuda legs seated; garudasan legs only in chair; cross thigh over thigh, sitting; legs crossed sitting;
      one leg over other, hook foot behind calf @chair; thigh over thigh, tuck toes behind shin, seated;
      wrap the legs @chair; twisted rope; rope legs; double cross legs in chair; legs wrapped round each other sat down;
      seated eagle, legs; squeeze thighs crossed on chair; cross one knee over the other, sit tall;
      sitting, one thigh on top of the other and squeeze; cross legs tight, top foot behind the lower calf
    `,
    'ankles-crossed': `
      just cross the ankles @chair; ankles crossed on chair; eagle legs easy, cross at ankles;
      seated, ankles crossed instead of thighs; cross ankles and squeeze legs @chair
    `,
    not: `
      eagle arms = chair-eagle-arms; eagle standing = garudasana; ankle on knee on chair = chair-pigeon;
      cow face legs = gomukhasana; standing figure four = standing-figure-four; cross-legged on floor = sukhasana
    `,
  },
  'chair-adductor-squeeze': {
    plain: `
      cushion squeeze on chair; cushion between knees, squeeze @chair; ball squeeze seated; knee squeeze sitting;
      squeeze a block between thighs @chair; squeeze the melon; inner thigh squeeze on chair; adductor squeeze chair;
      adductors @chair; knees squeeze ball, sitting; ball between knees; pillow squeeze seated;
      press knees together into cushion, sat; inner thighs isometric in chair;
      block between knees squeeze and release @chair; squeeze & release cushion, sitting tall; cusion squeeze chair;
      pelvic floor + knee squeeze sitting ?; feet flat, something soft between knees, press in, let go @chair;
      press the knees into each other on chair; ball squeeze sitting; knees squeeze @chair; inner thigh squeeze @chair
    `,
    lying: `
      lying down, cushion squeeze ?; knees squeeze ball on back, chair exercise done lying; squeeze the melon lying;
      pillow between knees, squeeze, lying version of chair one; inner thigh squeeze lying ?
    `,
    not: `
      cushion squeeze lying, feet down = supine-adductor-squeeze;
      squeeze a cushion side-lying = side-lying-inner-thigh-lift; wall sit with ball between knees = wall-squat;
      chair pose block between thighs = utkatasana; band round thighs, press knees out @chair = absent
    `,
  },
  'chair-rowing': {
    plain: `
      rowing on chair; chair rowing; row the boat sitting; nauka sanchalana @chair; nauka sanchalan in chair;
      nowka sanchalana seated ?; rowing @chair; seated rowing; row to the island; pull the oars, sitting;
      reach forward, pull back, fists, chair; hinge forward and row back @chair; rowing arms sat on chair;
      circle arms like rowing, sitting on chair; lean forward stretch arms, draw elbows back @sitting;
      boat rowing in chair; rowing movment seated; row row row your boat @chair;
      fists forward, elbows back, lean and come upright, sat on seat; rowing arms; rows sitting; row the boat @chair
    `,
    'band-round-the-feet': `
      band round the feet, row @chair; seated row w/ theraband; resistance band rows on chair;
      loop band round soles and pull elbows back; stretchy band rowing, sitting on chair; row with elastic band
    `,
    not: `
      rowing on floor, legs straight = nauka-sancalana; boat pose = navasana;
      churning the mill on floor = churning-the-mill; chair boat = chair-boat; chest fly with band = absent
    `,
  },
  'chair-dog-seated': {
    plain: `
      seated downward dog; seated down dog; down dog sitting; downdog in chair, hands on table; seated downdog @chair;
      arms on the table hinge; table stretch; hands on table, roll chair back, chest down; table top stretch sitting;
      walk hands forward on the table, head between arms; puppy at the table; adho mukha svanasana seated;
      adho mukha shvanasana @sitting; AMS seated; desk dog ?; sit and lean forward, arms long on the table;
      hinge from hips, arms on desk, chest toward floor; office down dog ?; desk dog sitting; back stretch over desk, seated;
      dog at the table sitting; forward hinge arms on table; down dog @chair; dog @chair; arms forward long, hinge sitting;
      hands on table, slide forward
    `,
    'elbows-bent-hands-to-nape': `
      elbows on table, hands to back of neck; table stretch elbows bent, palms to nape;
      hands in prayer behind head, elbows on desk; seated dog, elbows bent, hands to neck;
      triceps stretch on table, fingers to nape
    `,
    'rolling-a-ball-forward': `
      roll a ball forward on the table; hands on ball, roll it away, chest down @chair;
      rolling the gym ball forward sitting; seated dog with ball; push the ball forward from the chair
    `,
    not: `
      hands on chair back half dog = chair-dog; downward dog, hands on seat = chair-dog-seat;
      downward dog = adho-mukha-svanasana; half dog at the wall = wall-dog;
      seated forward fold on chair = chair-forward-fold; puppy = anahatasana
    `,
  },
  'chair-eye-circles': {
    plain: `
      eye movements; eye exercises; eye yoga; eye rolls; eye circles; circle the eyes; netra sanchalana; netra sanchalan;
      netra vyayama; eyes up, down, side to side; look up and down, head still; follow the thumb with your eyes;
      eyeballs round the clock; follow the firefly; trataka eye exercise ?; eye gym; move only the eyes @chair;
      eyes: look up, down, side; sit still, roll the eyes slowly; eye excercises; eye strengthening, thumb near and far;
      netra shakti vikasaka; eyes diagonal, corners; yoga for eyes; eyes left right up down; cup eyes;
      palms over eyes; look up, down, side with eyes
    `,
    palming: `
      palming; palm the eyes; rub hands, cup over closed eyes; warm palms over eyes; hands on the eyes, darkness;
      cup the palms over eyes after rubbing; palmimg eyes
    `,
    not: `
      candle gazing trataka = absent; head circles = chair-head-circles; look over shoulder, twist = chair-twist;
      eyes closed standing = tadasana; eye of the needle = supine-figure-four; face massage = absent
    `,
  },
};
