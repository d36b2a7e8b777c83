import type { Phrases } from './phrases.js';

export const allFours: Phrases = {
  'all-fours': {
    plain: `
      all fours; on all 4s; come to all fours; all-4s; hands + knees; H&K; hands n knees; tabletop; table top; TT ?;
      table ?; four-point kneeling; 4 point kneeling; 4pt kneel; quadruped; on four paws; box position; neutral table;
      bharmanasana; bharmasana; goasana ?; wrists under shoulders, knees under hips;
      on hands and knees, spine long, just hold; crawling position, back flat;
      kneel with hands on floor, back like a table; coffee table @kids; four-foot stand; table; 4 pt kneel; on four legs;
      all 4s, neutral spine; neutral spine hands and knees; hands and knees; box
    `,
    'fists-or-forearms': `
      all fours on fists; table on knuckles (sore wrists); on forearms and knees, back level;
      elbows down instead of hands, tabletop; wrist-free tabletop; all 4s on elbows
    `,
    'blanket-under-knees': `
      all fours, blanket under knees; knees padded, hands and knees; tabletop w/ folded mat under knees;
      hands & knees on a folded blanket; cushion under kneecaps in all fours
    `,
    'standing-version': `
      standing tabletop; table with hands on the desk; hands on chair back, hips back, flat back, as all fours ?;
      all fours but standing, hands on worktop; standing box position
    `,
    not: `
      reverse tabletop = ardha-purvottanasana; crab table, belly up = ardha-purvottanasana;
      tabletop legs lying on back = deep-core-tabletop; legs in table top, supine = deep-core-tabletop;
      balancing table = bird-dog; knees hovering off all fours = hover-table; four-limbed staff = chaturanga;
      half lift, flat back standing = ardha-uttanasana
    `,
  },
  marjaryasana: {
    plain: `
      cat cow; cat/cow; cat-cow; C/C; CC ?; cats & cows; cat cows; cow cat; cat camel; cat-camel stretch;
      angry cat, happy cow; spinal waves on all 4s; spinal flex/ext on hands and knees; marjariasana; marjari asan;
      marjaryasana bitilasana; marjary bitilasana; marjari-bitil; cat streches; cat strech; cat stretches;
      arch and round the back on all fours; on all fours, round up then dip the spine; hollow and hump;
      inhale belly drops, exhale back rounds; billi asan; cat n cow w breath; cow and cat @kids; cat back - horse back;
      cat and hollow back; round and hollow back; camel and cat; hunch and sway back; CCs; arch and curl on all fours;
      spinal waves on all fours; cat backs; flex and extend on all 4s; bidalasana flow; angry cat; sway back and hump;
      cat-cow flow; arch and round on all fours; spine waves on hands and knees; cat/cow with breath;
      round and dip the back, hands and knees
    `,
    'half-neutral-to-cat': `
      cat only, no cow; half cat: flat to rounded; neutral to cat, skip the dip @prenatal; round up then back to flat;
      all fours, round the back and return to level; angry cat only; cat back to table, no sag
    `,
    'half-neutral-to-cow': `
      cow only from neutral; flat to dip and back; half cat cow, just the extension; neutral spine to gentle cow;
      only lift chest and tailbone, then flat
    `,
    'on-forearms-tiny': `
      tiny cat cow on forearms; cat-cow on elbows; mini cat cow, forearms down (wrists); little spine waves on forearms;
      small cat/cow on elbows and knees
    `,
    seated: `
      cat cow sitting @sitting; seated cat cow cross-legged ?; sit, hands on knees, round and arch ?;
      sitting cat-cow on the floor ?
    `,
    not: `
      chair cat cow = chair-cat-cow; cat cow on chair, hands on thighs = chair-cat-cow;
      cross-legged cat cow = seated-cat-cow; standing cat cow hands on thighs = standing-cat-cow;
      cat cow on the side = side-lying-cat; cow face = gomukhasana; tiger = vyaghrasana; cow on its own, hold = bitilasana;
      one leg cat, knee to nose = vyaghrasana
    `,
  },
  bitilasana: {
    plain: `
      cow; cow pose; cow hold; just cow; bitilasana; bitilasan; bithilasana; bidalasana ?; cow tilt; gentle cow, held;
      hold cow on all fours; all fours, tail and chest lift; dip the back on hands & knees; happy cow, stay;
      belly soft, sitting bones up, on all 4s; sway back on all fours; cow without dropping the belly;
      cow in the meadow @kids; moo pose @kids
    `,
    'flat-table': `
      cow kept flat; flat-back cow; no dip, long flat table; cow but spine stays level;
      only collarbones forward, back flat, all fours
    `,
    not: `
      cow face = gomukhasana; cow face arms = chair-cow-face-arms; cow pose legs stacked = gomukhasana;
      cat cow = marjaryasana; sitting cow arch on chair = chair-cat-cow
    `,
  },
  'bird-dog': {
    plain: `
      bird dog; bird-dog; birddog; BD ?; bird dogs; sunbird; sun bird; opp arm/leg; opposite arm & leg, all fours;
      opp arm + leg reach on all 4s; balancing table; balancing tabletop; table balance; spinal balance;
      spinal balance hands and knees; superman on all fours; pointer; pointing dog; hunting dog; chakravakasana ?;
      dandayamana bharmanasana; dandayamna bharmanasana; dandayaman bharmasana;
      reach one arm forward, other leg back, on hands & knees; from table, extend arm and contralateral leg;
      diagonal balance on all fours; diagonal arm leg in quadruped; bird dog crunch ?; BD; opp arm leg; balancing cat;
      alternate arm and leg; cross extension; arm & leg reach; quadruped arm leg; diagonal lift on all fours;
      extend one leg, toes down;
      opposite arm & leg on all 4s; reach arm and opposite leg
    `,
    'leg-only-toes-on-floor': `
      bird dog legs only, toes stay down; slide one leg back, toes on floor, all fours; leg back along the floor, no lift;
      all 4s one leg straight, toes touching; half bird dog, leg only toes tucked
    `,
    forearm: `
      bird dog on forearm; on the elbows, opp leg and arm; forearm bird dog (wrists);
      one forearm down, reach the other arm, leg back; elbow version of balancing table
    `,
    'standing-at-chair': `
      standing bird dog; standing bird dog at chair @chair; hold chair, opposite arm fwd + leg back;
      stand behind chair, reach arm and opp leg; bird dog standing, hand on chair back
    `,
    'arm-only': `
      arms only from all fours; one arm reach on hands & knees; bird dog, just the arm;
      all 4s, lift arm forward, knees stay; table with one arm floating
    `,
    not: `
      prone bird dog = prone-alternate-lift; superman on belly = salabhasana; swimming on belly = prone-alternate-lift;
      seated bird dog on chair = chair-arm-leg-raise; dead bug, opp arm and leg on back = dead-bug;
      downward dog = adho-mukha-svanasana; knee to nose from table = vyaghrasana; tail wagging dog = tail-wag;
      bird of paradise = absent
    `,
  },
  vyaghrasana: {
    plain: `
      tiger; tiger pose; tiger stretch; tiger curls; tiger flow; vyaghrasana; vyagrasana; vyaghra asan; vyaghasana;
      viagrasana; knee to nose; knee to nose on all fours; nose to knee from table; knee-to-forehead, all 4s;
      cat with leg swing; leg sweep back and knee in, hands + knees; all fours, swing leg back and up then knee to chin;
      curl knee to nose, kick back; stretching tiger; tiger breathing @kids; cat cow with leg; donkey kick and tuck ?
    `,
    'small-swing-flat-back': `
      small tiger, flat back; tiny leg swing, spine level; mini tiger, no arching; knee in, leg back low, back flat;
      tiger without the big kick; leg slides back and knee towards chest, neutral spine
    `,
    not: `
      balancing tiger opp arm and leg = bird-dog; holding the back foot on all fours = absent;
      knee to nose from three-legged dog = eka-pada-adho-mukha-svanasana; knee to nose lying = apanasana-single;
      donkey kicks behind a chair = chair-hip-extension
    `,
  },
  'thread-the-needle': {
    plain: `
      thread the needle; thread needle; threading the needle; thread the needle on all 4s; TTN; needle ?;
      needle and thread; parsva balasana; parshva balasana; parsvabalasana; sucirandhrasana ?; twisted child ?;
      shoulder thread; arm thread; thread the arm under; slide one arm under the other, shoulder and ear to floor;
      all fours, arm under, cheek down; twist from hands & knees, shoulder on mat; needle twist;
      quadruped T-spine rotation; bread puppy ?; from table pass the arm through below chest;
      pass the thread thru the needle; hips high, one arm through under body, head on floor; threading; thred needle;
      arm under, shoulder down; thread arm through; thread R arm under; needle; twist on all fours, arm under;
      arm under, shoulder to floor; needle twist on all fours; slide arm through
    `,
    'head-on-block': `
      thread the needle, head on block; arm through, temple on a brick; ear on cushion/block in needle twist;
      head supported, threading; head doesn't reach floor, put block
    `,
    'on-a-chair': `
      thread the needle with chair @chair; kneel in front of seat, thread the arm on the seat;
      arm across the seat, head down on chair, twist; thread needle w/ forearms on chair; thread needle sitting ?
    `,
    'lifting-version': `
      thread and open to ceiling; thread then lift arm up, all fours; only open the arm to the sky on all fours;
      all fours open twist, arm up; T-spine opener, hand to sky then under; unthread, reach up
    `,
    not: `
      thread the needle on back = supine-figure-four; eye of the needle, lying = supine-figure-four;
      reclined pigeon = supine-figure-four; figure four on chair = chair-pigeon; open book on side = side-lying-open-book;
      arm across on belly = prone-shoulder-stretch
    `,
  },
  anahatasana: {
    plain: `
      puppy; puppy pose; puppy dog ?; extended puppy; ext puppy; pup; melting heart; heart melt; heart to earth;
      anahatasana; anahata asana; anahatsana; anhatasana; uttana shishosana; uttana sisosana; utana shishosana;
      uttana shishasana; half dog on knees; half down dog knees down; knees under hips, arms long forward, chest sinks;
      hips over knees, walk hands out, forehead down; chest to floor, bum up; child's pose with bum in the air;
      between child and dog; kneeling shoulder stretch, bum stays high; melt chest down from all fours; melting heart @yin;
      puppy dog; chest melts to the floor; half dog kneeling; cat stretch arms long; hips over knees, chest down;
      hips over knees, chest to floor
    `,
    'forehead-on-block': `
      puppy w/ forehead on block; puppy head on brick; melting heart, forehead supported;
      block under brow, arms long, hips up; puppy, head propped on cushion
    `,
    'forearms-on-seat': `
      puppy at the chair @chair; kneel, forearms on seat, chest sinks; puppy with arms on chair seat;
      elbows on sofa, hips over knees, drop chest; kneeling, arms up on the chair, melt
    `,
    'elbows-on-blocks-hands-to-nape': `
      elbows on blocks, hands to nape; puppy elbows on 2 bricks, palms behind neck;
      puppy w prayer hands behind head, elbows up on blocks; elbows propped, bend arms, hands to upper back, chest down;
      kneeling triceps/shoulder opener, elbows on blocks
    `,
    not: `
      puppy on forearms lifted = ardha-pincha-mayurasana; puppy dog stretch for kids = kids-dog;
      forehead down, seat on heels = balasana; wall puppy, hands on wall = wall-dog;
      frog, knees wide, forearms down = mandukasana; half dog at the wall = wall-dog
    `,
  },
  'tail-wag': {
    plain: `
      tail wag; tail wags; wag the tail; wagging tail; wag tail on all 4s; waggy tail; tail wagging; all-fours side bend;
      look at your hip; look round at your tail; look over shoulder to hip on all fours; side-bend cat;
      C-curves on all fours; C shape to each side, hands + knees; head and hip towards each other, all fours;
      lateral flexion on all fours; ear to hip, table; hip to shoulder sideways on hands and knees; moon shape on all 4s;
      banana in table ?; side to side spine on all fours; happy dog tail @kids; dog wags her tail; wag the dog; wag tail;
      look over the shoulder to hip; side bend on all fours; shoulder to hip, all 4s; C-curve on all fours
    `,
    small: `
      tiny tail wags; small wag, just the pelvis; little tail wag, head still; only hips side to side a bit, all fours;
      micro wag
    `,
    not: `
      tail wag dog = kids-dog; wag hips in down dog = adho-mukha-svanasana; walk the dog = adho-mukha-svanasana;
      hip circles on all fours = all-fours-hip-circles; banana on back = supine-half-moon;
      side bend on chair = chair-side-bend
    `,
  },
  'all-fours-hip-circles': {
    plain: `
      hip circles on all 4s; all fours hip circles; hip circles in table; table circles; tabletop circles;
      circle hips, hands + knees; big circles with the pelvis on all fours; barrel rolls on all fours ?;
      rib and hip circles in table; washing machine @kids; cow circles; stir the pot, all fours; swirl hips over knees;
      hip rolls on hands & knees; pelvic circles on all fours @prenatal; barefoot cat circles; hula on all fours;
      circulate the hips in quadruped; round and round with the seat, hands on floor; labour circles @prenatal;
      circle hips on all 4s; hula on hands and knees; circles on all fours; barrel roll on all fours; table top circles;
      stir hips, all fours
    `,
    forearms: `
      hip circles on forearms; circle hips, elbows down; forearm table circles;
      circles over a ball/bolster, forearms down @prenatal; on elbows & knees, swirl hips; wrist-free hip circles
    `,
    not: `
      hip circles standing = standing-hip-circles; sufi circles = seated-circles; seated circles = seated-circles;
      knee circles lying = supine-knee-circles; leg circles from table, fire hydrant = absent; fire hydrants = absent;
      pelvic clock = pelvic-clock
    `,
  },
  'kneeling-rock': {
    plain: `
      rock back and forth; rock back & fwd on all fours; rocking on all fours; all fours to child and back;
      all-4s <> child's; table to child flow; child to table flow; cat to child ?; move between child's and all fours;
      sparrow flow; sparrow; chakravakasana; chakravakasana flow; cakravakasana; chakra vakasana; chakravak asan;
      ruddy goose; sunbird ?; hips to heels and back to hands-knees; sit back to heels, come forward over wrists;
      kneeling rocks; rockbacks; rock-backs quadruped; rocking boat @kids ?; from hands + knees push seat to heels, return;
      move back and forward on hands and knees; rock hips towards heels, repeat; flow child / table w breath;
      sit back and forward; rock back and forth on all fours; cat to child flow; child to all fours;
      bottom to heels and back; child to table waves; hips back to heels, forward
    `,
    'half-way-back-flat-back': `
      rock half way back, flat back; sit hips half back, spine long; small rock-backs keeping neutral;
      hip hinge on all fours, only part way; rock back w/out rounding (osteo); rock a little, back straight like a table
    `,
    'wide-knees': `
      rock back with knees wide; wide-knee rocking @prenatal; knees apart, hips to heels and fwd; frog rocks ?;
      all fours to wide child flow; rocking, big toes together knees out, room for bump @prenatal
    `,
    not: `
      rocking on back = rocking-ball; rocking and rolling = rocking-ball; crow = bakasana; cat-cow = marjaryasana;
      child's pose held = balasana; adductor rock-back, one leg out to side = absent;
      rocking boat on floor, row = nauka-sancalana
    `,
  },
  mandukasana: {
    plain: `
      frog ?; frog pose ?; frog on forearms; frog on elbows; big frog; wide frog; wide-knee frog; yin frog; mandukasana;
      mandookasana; manduk asan ?; mandukasan ?; bhekasana ?; knees wide, feet wide, forearms down;
      forearms down, knees as wide as is kind, hips back; inner-thigh opener on forearms;
      on elbows, knees out to sides, shins parallel; adductor stretch on all fours;
      groin stretch, knees apart on floor, forearms down; knees wide apart shins at 90; wide knees, rest on the elbows;
      pond frog @kids; frog @yin; tadpole; frog; adductor rock back; knees wide on forearms
    `,
    'chest-on-bolster': `
      frog over bolster; frog w/ chest on bolster; wide knees, lie front on cushion; restorative frog;
      supported frog, trunk resting; frog, bolster under chest, head turned
    `,
    narrower: `
      small frog; narrow frog; frog with knees less wide; tadpole ?; half as wide, frog; frog, knees not so far apart;
      baby frog ?
    `,
    not: `
      frog squat = kids-frog; frog hops = kids-frog; garland squat = malasana; half frog prone = ardha-bhekasana;
      tadpole, toes touching, seat back = balasana-wide; wide child's = balasana-wide;
      happy frog on back, hold feet = ananda-balasana; reclined frog = supta-baddha-konasana;
      fists in belly kneeling fold, frog (Indian) = absent; frog leg lying on belly = prone-half-frog-rest
    `,
  },
  'adho-mukha-svanasana': {
    plain: `
      down dog, heels to the wall; dog with the heels at the wall; dog, heels against the wall;
      down dog; downdog; downward dog; DD; DDog; d.dog; AMS; AMSvan; DFD; downward facing dog; downwards dog;
      face-down dog; dog head down; doggie ?; adho mukha svanasana; adho mukha shvanasana; adho mukh swan asan;
      adho muka svanasna; adho mukha swanasana; downard dog; downwrad dog; parvatasana ?; mountain in sun sal ?;
      inverted V; upside-down V; hips up and back, hands and feet on floor; push back to dog; pedal the dog; walk the dog;
      tent pose; dog; the dog; parvatasana; mountain on all fours; pedal out; pedal the feet; hips up and back; DWD;
      A-frame; lift the hips to dog; tuck toes, hips high;
      down dog pedal; hands and feet, hips high; DD hold; press back to dog; puppy dog up
    `,
    'wide-feet-high-heels': `
      DD feet wide heels up; wide-footed dog, heels high; down dog, feet mat-width, heels lifted;
      wide dog on tiptoe @prenatal; dog with wide feet; feet to mat edges, stay on balls of feet, inverted V
    `,
    'bent-knees': `
      DD bent knees; bent-knee dog; down dog knees soft; down dog, knees very bent (hams); hips high knees bent, long back;
      bend your knees as much as you like in dog; soft-knee down dog
    `,
    'hands-on-blocks-or-seat': `
      DD hands on blocks; dog with hands on bricks; down dog hands on seat ?; down dog w/ hands on a step;
      dog on blocks for wrists; raised-hands down dog
    `,
    'behind-a-chair': `
      down dog at the back of a chair ?; half dog holding chair back ?; standing dog behind chair;
      hold chair back, walk feet away, flat back; L-shape, hands on chair back ?; right-angle dog at chair
    `,
    not: `
      up dog = urdhva-mukha-svanasana; upward facing dog = urdhva-mukha-svanasana;
      three-leg dog = eka-pada-adho-mukha-svanasana; dolphin dog = ardha-pincha-mayurasana;
      forearm dog = ardha-pincha-mayurasana; half dog at the wall = wall-dog; chair dog hands on backrest = chair-dog;
      seated down dog = chair-dog-seated; puppy = anahatasana; bird dog = bird-dog;
      handstand, adho mukha vrksasana = adho-mukha-vrksasana; parvatasana arms overhead in lotus = absent
    `,
  },
  'eka-pada-adho-mukha-svanasana': {
    plain: `
      three-legged dog; 3-legged dog; 3 leg dog; 3LD; 3L dog; three leg DD; three-leg downdog; one-leg dog;
      one legged down dog; 1-leg dog; DD one leg up; DD split; dog split; down dog leg lift; downward dog w leg up;
      eka pada adho mukha svanasana; eka pada svanasana; eka pad adho mukh svanasan; EPAMS; inhale leg high from dog;
      hips up, hands down, lift one leg behind; inverted V with one leg in the air; kick one leg up from DD;
      knee to nose from dog ?; dog waves @kids; dog at the lamppost @kids; dog with three feet
    `,
    'knee-bent-hip-open': `
      3LD open hip; stack hips, bend knee; scorpion dog; flip-dog prep, hip open; dog leg up, knee bent, open hip to side;
      three-leg dog, heel to seat, hip stacks
    `,
    not: `
      flip the dog = absent; wild thing = absent; warrior 3 = virabhadrasana-3; three-leg dog for kids = kids-dog;
      standing splits = absent; downward dog = adho-mukha-svanasana; one-leg plank = absent
    `,
  },
  phalakasana: {
    plain: `
      plank; high plank; hi plank; full plank; straight-arm plank; push-up position; press-up position; top of a push up;
      top of the press-up; palank; plank pose; phalakasana; falakasana; phalak asan; phalkasana; kumbhakasana;
      kumbhak asan; kumbakasana; uttihita chaturanga dandasana ?; uttihita chaturanga; utthita chaturanga dandasana;
      high push-up; shoulders over wrists, body in one line; hands under shoulders, legs straight, toes tucked, hold;
      hold the body straight like a board; board pose; hands and toes, body long; step back to plank; wooden bridge @kids;
      santolanasana ?; santolanasana; board; straight arm plank; chaturanga prep;
      high plank hold; plank on hands
    `,
    'knees-down': `
      plank w/ knees down ?; plank, drop knees if needed; high plank, option knees; knees down plank ?;
      lower the knees in plank
    `,
    'hands-on-seat-or-wall': `
      plank on chair seat @chair; plank at the wall @wall; incline plank, hands up ?; hands on the seat, body in a line;
      plank leaning on worktop; hands on wall, walk feet back, straight body
    `,
    forearms: `plank, come to forearms ?; elbows down in plank ?; plank on forearms (wrists) ?; low-arm plank on elbows`,
    not: `
      side plank = vasisthasana; reverse plank = purvottanasana; upward plank = purvottanasana; low plank = chaturanga;
      chaturanga = chaturanga; plank on elbows = forearm-plank; dolphin plank = forearm-plank; half plank = knee-plank;
      wall plank = wall-push-up; chair plank = chair-plank; boat = navasana; kumbhaka breath = antara-kumbhaka
    `,
  },
  'knee-plank': {
    plain: `
      half plank; 1/2 plank; knee plank; plank on knees; kneeling plank; knees-down plank; plank knees down;
      ardha phalakasana; ardh phalakasan; phalakasana knees; modified plank; mod plank; easy plank ?;
      box press-up position; three-quarter plank; shoulders over wrists, knees down, straight from knees to head;
      knees on floor, hips low, body slanting; from all fours walk hands fwd, hips down, hold;
      press-up position on the knees; kneeling press-up hold; small bridge @kids; plank w knees
    `,
    forearms: `
      knee plank on elbows; half plank on forearms; elbows and knees, body long; forearm plank, knees down ?;
      low half plank, forearms; knees + elbows down, hips in line
    `,
    not: `
      half push-up = chaturanga; half plank standing at wall = wall-push-up; all fours = all-fours;
      half side plank = vasisthasana-knee; full plank = phalakasana
    `,
  },
  'forearm-plank': {
    plain: `
      forearm plank; f/arm plank; FA plank; elbow plank; plank on elbows; plank on forearms; dolphin plank;
      low plank on forearms; makara phalakasana; makar phalakasan; makarasana plank; makara adho mukha svanasana;
      sphinx plank ?; forearms down, knees off, body in a line; elbows under shoulders, toes tucked, straight body;
      elbows and toes, hold; lift from sphinx, tuck toes, hips up level; plank but on the elbows; core hold on forearms;
      forearm board; front plank (gym); low forearm plank; front plank on forearms
    `,
    'knees-down': `
      forearm plank knees down; elbow plank on knees; half forearm plank; dolphin plank, knees on mat;
      forearms + knees, long body; drop knees in elbow plank
    `,
    not: `
      dolphin = ardha-pincha-mayurasana; forearm dog = ardha-pincha-mayurasana; side forearm plank = vasisthasana-knee;
      high plank = phalakasana; low plank = chaturanga; sphinx = sphinx; crocodile rest = makarasana
    `,
  },
  'ardha-pincha-mayurasana': {
    plain: `
      dolphin; dolphin pose; dolphin dog; forearm dog; forearm DD; down dog on forearms; DD on elbows; elbow dog; dolfin;
      ardha pincha mayurasana; ardha pinchamayurasana; ardha pincha; ardh pinch mayurasan; half forearm stand;
      half peacock feather; makarasana dolphin ?; forearms down, hips high, legs straightish;
      hips up, elbows on floor, head off the floor; inverted V on elbows; upside-down V, forearms down;
      puppy on forearms, knees lifted; headstand prep, head not touching; short dog; catur svanasana; chatur svanasana;
      dolphins; dolphin press; elbows down dog
    `,
    'forearms-on-seat': `
      dolphin at chair @chair; dolphin, forearms on seat; stand, elbows on the seat, hips back and up;
      forearms on the chair, walk feet back; dolphin on the sofa
    `,
    'knees-bent': `
      dolphin bent knees; dolphin w/ soft knees; forearms down, hips up, knees well bent; bent knee forearm dog;
      dolphin knees bent (tight hams)
    `,
    not: `
      dolphin plank = forearm-plank; forearm stand = pincha-mayurasana; feathered peacock = pincha-mayurasana;
      headstand = sirsasana; puppy = anahatasana; peacock on hands = absent; dolphin push-ups = absent;
      downward dog = adho-mukha-svanasana
    `,
  },
  'vasisthasana-knee': {
    plain: `
      half side plank; 1/2 side plank; side plank on the knee; side plank, knee down; side plank w bottom knee;
      mod side plank; modified side plank; kneeling side plank; knee side plank; side plank on shin; vasisthasana on knee;
      ardha vasisthasana; vasishtasana knee down; vashisthasana mod; baby side plank;
      one hand, one shin down, top leg long, top arm up; hand under shoulder, bottom knee on mat, open chest to side;
      from all fours turn open, one leg out, arm to ceiling; kickstand side plank ?; gate on the hand ?; garden gate @kids
    `,
    forearm: `
      half side plank on forearm; side plank elbow and knee; knees bent, elbow down, lift hips;
      kneeling forearm side plank; side lift, forearm + knee; bottom elbow instead of hand, knee down
    `,
    'standing-at-the-wall': `
      side plank at the wall @wall; standing side plank, hand on wall; stand sideways, hand on wall, lean in a line;
      upright side plank, forearm to wall; lean sideways into the wall, body straight
    `,
    not: `
      full side plank = vasisthasana; gate = parighasana; plank on knees = knee-plank; wild thing = absent;
      clam = side-lying-clam
    `,
  },
  vasisthasana: {
    plain: `
      side plank; side-plank; sideplank; full side plank; SP ?; vasisthasana; vasishthasana; vasishtasana; vashisthasana;
      vasistasana; vasista; vasishta; vasistha; sage Vasistha pose; sage pose ?; sage balance; side arm balance;
      one-arm side balance; on one hand, feet stacked, other arm up; stack feet, open sideways, arm to sky;
      roll open from plank onto one hand; turn from plank to the side, one arm up; balance on one hand and outer foot edge;
      one-hand plank sideways; lighthouse @kids; side board; starfish ?; side plank on hand; SP; vasi;
      side plank straight arm
    `,
    'knee-down': `
      side plank, bottom knee down option; vasisthasana with knee on floor; side plank, lower knee for support;
      drop the lower knee, arm still up; knee support side plank
    `,
    not: `
      side plank on knee = vasisthasana-knee; reverse plank = purvottanasana; plank = phalakasana; wild thing = absent;
      camatkarasana = absent; sage twist = maricyasana-3; side plank forearm and knee = vasisthasana-knee;
      visvamitrasana = absent
    `,
  },
  'ashtanga-namaskara': {
    plain: `
      knees chest chin; knees-chest-chin; K-C-C; KCC; knees, chest, chin down; knees chest chin to floor; chin chest knees;
      eight-point pose; 8-point pose; 8 pointed pose; eight-limbed salute; eight points salute; ashtanga namaskara;
      astanga namaskar; ashtang namaskar; ashtanga namaskar asan; ashtanganamaskara; sashtanga namaskar; sashtang;
      chest and chin down, bum stays up; lower knees, then chest, then chin, hips high; caterpillar @sun-salutation;
      caterpillar to the floor; inchworm down ?; bum-up low pose in sun sal; 8 parts touch the earth; bow with eight limbs;
      worm ?; eight limbs; eight-point bow; saashtanga; inchworm down
    `,
    'straight-to-the-belly': `
      lower all the way to the belly; skip KCC, come flat to floor; knees down then flat on tummy;
      plank to belly, one piece, knees down; lie down instead of knees-chest-chin
    `,
    skipped: `
      no KCC, go from plank to all fours; leave out eight-point; skip knees chest chin;
      miss out 8 points, just plank to dog; omit the chest-chin lowering
    `,
    not: `
      chaturanga = chaturanga; low plank = chaturanga; ashtanga (style, series) = absent; astavakrasana = absent;
      eight angle pose = absent; caterpillar inchworm walk for kids = kids-caterpillar;
      caterpillar yin fold = paschimottanasana; puppy = anahatasana; namaste hands = absent
    `,
  },
  chaturanga: {
    plain: `
      chaturanga; chatturanga; chatarunga; chaturunga; chataranga; chatu; caturanga dandasana; chaturanga dandasana;
      chaturang dandasan; four-limbed staff; 4 limbed staff; four limb staff; low plank; low push-up; half push up;
      half press-up; bottom of a push-up; lower half way, elbows in; bend elbows to ribs, hover the body;
      elbows hug in, body straight just off mat; yoga push-up; yoga press-up; crocodile hover; crocodile lower down ?;
      lower down in one line; lower w control from plank; alligator plank; lizard plank @kids; vinyasa ?; chat; chatt;
      half push-up; lower half way; chaturangas; chat dand;
      low plank hover; lower to chaturanga
    `,
    'knees-down': `
      chaturanga on knees; chatt w/ knees down; knees then lower half way, elbows in; half push-up from knees;
      knee chaturanga; lower from plank, knees on the floor
    `,
    wall: `
      wall chaturanga @wall; push-up at the wall, elbows in; chaturanga standing at wall;
      bend elbows by ribs, chest to wall; low plank against the wall
    `,
    not: `
      high plank = phalakasana; forearm plank = forearm-plank; knees-chest-chin = ashtanga-namaskara;
      staff pose sitting = dandasana; dandasana = dandasana; four-point kneeling = all-fours; wall push-ups = wall-push-up;
      vinyasa (plank-chat-updog-dog) = absent; crocodile rest = makarasana
    `,
  },
  'hover-table': {
    plain: `
      hovering table; hover table; hovering tabletop; table hover; tabletop hover; TT hover; knees off all 4s; knees hover;
      hover knees; knee hovers; lift knees an inch from all fours; all fours, knees just off floor; bear hold; bear plank;
      beast; beast hold; hands + toes, knees bent and lifted a bit; tuck toes, float knees; levitating table; flying table;
      lifted all fours; bharmanasana hover; quadruped hover; float the knees; hovering spaceship @kids;
      cat with knees in the air; bear hover; knees off the floor; bear
    `,
    'bear-walk': `
      bear crawl from hover; small bear walk, knees off floor; hover and step hands/feet; crawl with knees low off floor;
      beast crawl; bear steps, knees bent hovering
    `,
    not: `
      bear walk for kids = kids-bear-walk; down dog = adho-mukha-svanasana; plank = phalakasana; all fours = all-fours;
      chair hover = chair-goddess; goddess hover = chair-goddess; balancing bear = absent;
      reverse table = ardha-purvottanasana
    `,
  },
};
