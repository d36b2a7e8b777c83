import type { Phrases } from './phrases.js';

export const children: Phrases = {
  'kids-balance-four': {
    plain: `
      balance on four body parts @kids; balance on 4 body parts; four-point game; 4-point game; four points on the floor;
      4 points down; stand on four bits of you; four bits on the floor; use four parts to balance; balance on 4 pts;
      four-point balance game; choose four things to stand on; twister four parts; patches & points: four; 4 body pts;
      four-leg friend; body-part balance 4; only 4 parts may touch the floor; "four!" freeze; hold still on four parts
    `,
    'choose-the-parts': `
      children choose their four parts; pick your own four parts; any 4 parts you like;
      teacher calls the parts, e.g. elbows + knees; invent your own four-point shape; two hands one foot one knee
    `,
    'music-stops': `
      music stops, four parts; musical statues on 4 parts; when music stops balance on four; dance then 4-point freeze;
      stop the music - four!
    `,
    not: `
      four-limbed staff = chaturanga; four-point kneeling = all-fours; three-point game = kids-balance-three;
      freeze and call an animal = kids-statues; two-point balance = kids-balance-two;
      eight-point pose = ashtanga-namaskara
    `,
  },
  'kids-balance-three': {
    plain: `
      balance on three body parts @kids; balance on 3 body parts; three-point game; 3-point game; three points on floor;
      3 points down; use three parts to balance; three bits on the floor; balance on 3 pts; three-leg stool;
      3-legged stool game; only 3 parts may touch; three-point balance game; one hand + two feet; two hands and one foot;
      lift one thing off: now three; tripod game ?; stool with three legs; body-part balance three; "three!" freeze
    `,
    'other-choices': `
      choose another three; different 3 parts; e.g. two knees + hand; bum and two hands; find a new three-point shape;
      elbow, knee, foot
    `,
    not: `
      tripod headstand = sirsasana-2; three-legged dog = eka-pada-adho-mukha-svanasana;
      four-point game = kids-balance-four; two-point = kids-balance-two; triangle = trikonasana;
      three-legged race = absent
    `,
  },
  'kids-balance-two': {
    plain: `
      balance on two body parts @kids; balance on 2 body parts; two-point game; 2-point game; two points on floor;
      2 points down; use two parts to balance; two bits on the floor; balance on 2 pts; two-leg wonder; two-point wonder;
      only 2 parts may touch; one foot and one hand on floor; bum counts as one, plus a foot @kids; balance on two things;
      two-point balance game; body-part balance two; "two!" freeze; hand & foot only
    `,
    'other-choices': `
      choose another two; different 2 parts; knee and hand only; both feet on tiptoe; find a new two-point shape;
      two sit bones balance
    `,
    'bird-dog-two-point': `
      two parts from all fours: one hand one knee; bird-dog two-point; opp hand and knee only @kids;
      lift opposite arm + leg, that's two; pointing dog on two points; table on two legs
    `,
    not: `
      bird dog = bird-dog; one-leg stand = kids-flamingo; three-point game = kids-balance-three;
      two-part breath = three-part-breath; partner balance = absent
    `,
  },
  'kids-mountain': {
    plain: `
      mountain for children; mountain @kids; kids mountain; kids' mountain pose; standing tall and still @kids;
      stand like a mountain; be a mountain; big strong mountain; snowy mountain; tall mountain, snow on top;
      stand still as a mountain; feet like rocks, arms up to peak; tall & still, hands make a peak;
      arms overhead in a point like a peak @kids; mountain top; quiet mountain, wind can't move you; volcano start ?;
      tadasana kids; tadasana for little ones; tall as a mountain
    `,
    'arms-down': `
      mountain, arms down; quiet mountain, arms by sides @kids; soldier mountain; hands by the sides, still;
      mountain without the peak
    `,
    not: `
      mountain = tadasana; seated mountain = chair-mountain; volcano pose, jump & erupt = absent; rocket = kids-rocket;
      star, arms and legs wide = kids-star; mountain at wall = wall-mountain; mountain climbers = absent
    `,
  },
  'kids-tree': {
    plain: `
      tree for children; tree @kids; kids tree; kiddie tree; be a tree; grow a tree; grow into a tree; apple tree;
      branches up, one foot on ankle; one foot rests on other leg, arms are branches; foot like a kickstand, branches wave;
      tree in the wind; tree grows from a seed; vrksasana kids; vrikshasana for kids; wobbly tree;
      tree, roots and branches; stand on one leg, arms make leaves; Xmas tree @kids; palm tree ?; tree w/ birds;
      tree forest; tree race; forest of trees; trees in the wind @kids
    `,
    'both-feet-down': `
      tree, both feet on the floor; tree with two roots; baby tree, feet down; just branches, both feet stay;
      tree no balance
    `,
    'foot-higher': `
      taller tree, foot up; foot on calf or thigh, kids tree; tree w/ foot up higher, not on knee; grown-up tree foot;
      big tree
    `,
    grove: `
      grove; forest; tree in a circle, palms touching; hold hands, make a forest @kids; circle of trees;
      trees lean on each other; partner tree; group tree
    `,
    not: `
      tree = vrksasana; chair tree = chair-tree; wall tree = wall-tree; palm tree on tiptoe = heel-raise;
      upside-down tree = sirsasana; willow = kids-willow; forest bathing = absent
    `,
  },
  'kids-star': {
    plain: `
      star for children; star @kids; kids star; be a star; star shape; twinkle star; twinkling star; shooting star;
      big star; starfish standing @kids; starfish ?; arms and legs wide like a star; feet wide, arms wide, shine;
      make an X with the body; stretch in five points @kids; 5-point star kids; standing tall & wide, fingers twinkle;
      star jump without the jump; utthita tadasana kids; light up like a star; starfish standing; stars; star shape @kids
    `,
    'star-jump': `
      star jump; star jumps; starjump; jumping jack @kids; jump out to a star; small ball - jump to star;
      jump legs apart, arms out
    `,
    not: `
      five-pointed star = five-pointed-star; star-gazer = absent; star fold, tarasana = tarasana;
      starfish breath = hand-trace-breath; goddess = utkata-konasana; sleeping star lying = savasana
    `,
  },
  'kids-moon': {
    plain: `
      moon for children; moon @kids; kids moon; sleepy moon; crescent moon @kids; half moon side bend @kids; banana @kids;
      banana standing; lean over like a moon; moon bend; bend like a banana; arms up and tip to the side;
      hands together, tilt sideways; be a crescent; new moon shape; ardha chandrasana kids; chandra for kids;
      moon leaning over the house; rainbow side bend @kids; curve to each side, arms overhead @kids
    `,
    'sitting-moon': `
      sitting moon; moon on the bottom; cross-legged moon; moon sitting on carpet @sitting;
      sit, one hand down, other arm over; sit and lean like moon
    `,
    not: `
      half moon balance = ardha-chandrasana; side bend standing = parsva-tadasana; moon breath = chandra-bhedana;
      supine half moon = supine-half-moon; moon salutation = absent; banana on back = supine-half-moon
    `,
  },
  'kids-willow': {
    plain: `
      willow; willow for children; willow tree; weeping willow; droopy willow; droop forward; droop like a willow;
      flop forward @kids; floppy doll @kids; floppy tree; hang like branches; hang down, arms are willow leaves;
      bend over and dangle, leaves swing; stand, drop forward, arms brush ground @kids; rag doll @kids; floppy fold;
      uttanasana kids; tickle the grass with your branches; wet noodle ?; heavy branches, head hangs; waterfall @kids
    `,
    'lying-willow': `
      willow lying down; willow on the back; lie, arms float over like branches; willow on the floor @lying;
      lying droopy branches
    `,
    not: `
      willow side bend on one leg = absent; rag doll on chair = chair-forward-fold; standing forward fold = uttanasana;
      elephant trunk = kids-elephant; tree on one leg = kids-tree; pillow = absent; roll-down = roll-down
    `,
  },
  'kids-frog': {
    plain: `
      frog @kids; jumping frog; frog hops; frog jumps; froggy; froggies; be a frog; ribbit; leap frog ?; leap like a frog;
      frog squat; squat and hop; squat w hands on floor, jump up; crouch low, knees wide, hop; frog on the lily pad;
      lily-pad jumps; deep squat, ribbit; malasana kids; malasana for kids; manduka kids; mandukasana squat; toad @kids;
      hop from squat; frog legs jump; frogs; jumping frogs; hop like a frog; leap frog
    `,
    'no-jump': `
      frog no jump; sitting frog, ribbit only; quiet frog on its leaf; squat and stay like frog; still frog;
      frog rises up and down w/out hop
    `,
    not: `
      frog on forearms = mandukasana; frog lying on belly = ardha-bhekasana; squat = malasana; hare hops = kids-hare;
      goddess = utkata-konasana; crow = bakasana; frog knees wide on floor = mandukasana
    `,
  },
  'kids-hare': {
    plain: `
      hare @kids; hare hops; hare hop; hop like a hare; hopping hare; bunny hops; bunny hop; bunnies @kids; bunny jumps;
      rabbit hops; small hops; little jumps with ears up; hands as ears, hop hop; make ears, small jumps; hop on the spot;
      tiny jumps on two feet @kids; hop hop stop; Easter bunny; kangaroo @kids; kangaroo jumps; roo hops; hop & freeze;
      bunny; kangaroo; rabbits hop; hop like a bunny
    `,
    'rise-on-tiptoe': `no hop, tiptoes up; hare just rises on tiptoe; up on toes, ears up; tiptoe hare; instead of jump, heels up`,
    not: `
      rabbit kneeling = shashankasana; hare, shashankasana = shashankasana; bunny breath = absent; frog hops = kids-frog;
      rocket jump = kids-rocket; half lunge hare = absent; mouse = kids-mouse
    `,
  },
  'kids-flamingo': {
    plain: `
      flamingo; flamingo @kids; flamingoes; flamingos; flamingo stand; be a flamingo; pink flamingo; one-leg stand @kids;
      stand on one leg like a flamingo; stork @kids; stork stand; heron standing @kids; crane bird standing;
      one foot up, arms like wings; one foot tucked behind, wings out; one leg bent back, arms out;
      lift one knee, arms wings @kids; flamingo balance; flamingo sleeps on one leg; bird on one leg;
      single leg balance kids; pelican ?; stand like a flamingo
    `,
    'wall-or-friend': `
      flamingo, hand on the wall; hold a friend, one leg up; flamingo w/ partner; flamingo by the wall @wall;
      two flamingos hand in hand; touch wall and balance
    `,
    not: `
      tree for children = kids-tree; eagle = garudasana; dancer = natarajasana; heron, krauncasana = krauncasana;
      crane arm balance = bakasana; standing knee hug = standing-knee-hug; aeroplane = kids-aeroplane
    `,
  },
  'kids-aeroplane': {
    plain: `
      aeroplane; airplane; aeroplane @kids; airplane @kids; plane; be a plane; planes; jet plane; flying plane;
      fly like an aeroplane; arms like wings, one leg back; lean forward, one leg up behind, arms wide @kids;
      wings out, tip forward; take off, fly, land; warrior 3 kids; warrior III for kids; virabhadrasana 3 kids;
      superman standing @kids; helicopter ?; bird in flight; seagull flying on one leg; aeroplanes; plane on the runway;
      fly like a plane; jet
    `,
    'toe-on-the-runway': `
      toe on runway; back toe stays on floor, wings out; plane taxiing; plane with toe down;
      keep back toes on ground, lean; plane on the runway, not flying yet
    `,
    not: `
      warrior 3 = virabhadrasana-3; warrior III behind chair = chair-warrior-3; superman on tummy = salabhasana;
      flying plane on parent's legs = absent; locust aeroplane arms = salabhasana; flamingo = kids-flamingo;
      paper plane, prone = prone-cactus-lift
    `,
  },
  'kids-elephant': {
    plain: `
      elephant; elephant walk; elephants; elephant trunk; trunk swing; swing the trunk; swing yr trunk; be an elephant;
      clasp hands, swing arms like trunk; bend over, hands together, swing; fold forward and swing arms side to side;
      stomp like an elephant; heavy elephant steps; elephant splash water over head; trunk up, trunk down; elly walk;
      nellie the elephant; hathi @kids; arms hang as trunk & stomp; walk bent over, arm as trunk; swing your trunk
    `,
    'standing-tall': `
      elephant standing tall; trunk swing upright; elephant no bend, arm up as trunk; stand up tall and swing trunk;
      elephant w straight back; walk tall, arm waves as trunk
    `,
    not: `
      elephant's foot = absent; ganesha mudra = absent; rag doll on chair = chair-forward-fold; bear walk = kids-bear-walk;
      standing twist arms swing = standing-twist; elephant trunk arm balance = absent; eka hasta bhujasana = absent
    `,
  },
  'kids-giraffe': {
    plain: `
      giraffe; giraffes; giraffe reach; giraffe stretch; be a giraffe; long neck giraffe; tiptoe reach;
      tip-toe reach @kids; on tiptoes, one arm up long; one hand is giraffe head, arm up; reach for the top leaves;
      eat the leaves from the tree; stretch tall on toes; arm up as long neck, tip toes; tallest animal; grow a long neck;
      up on toes like giraffe; reach up high & nibble; gyraffe; tall giraffe; stretch like a giraffe
    `,
    walk: `giraffe walk; walk tall on tiptoes; giraffes walking; tiptoe steps with arm up; slow tall walk; long-neck walk`,
    not: `
      heel raises = heel-raise; mountain, feet flat = kids-mountain; upward salute = urdhva-hastasana;
      penguin walk = kids-penguin; triangle = trikonasana
    `,
  },
  'kids-bear-walk': {
    plain: `
      bear walk; bear walks; bear walking; bear; bears @kids; honey bear; grizzly; walk like a bear;
      hands and feet walk, bum up; walking dog; walk on hands and feet; legs straight-ish, walk on all fours w bum high;
      walk in down dog; down dog walk @kids; bear hunt walk; going on a bear hunt; bhalu walk; bear paws;
      big bear steps on hands + feet; bears around your mat; bear walk around
    `,
    crawl: `bear crawl on knees; baby bear crawls; crawl, hands and knees @kids; bear on knees; little bear crawling; just crawl`,
    not: `
      hover and bear hold = hover-table; bear crawl knees hover = hover-table; crab walk = kids-crab-walk;
      elephant walk = kids-elephant; balancing bear = absent; inchworm = kids-caterpillar;
      bear hugs pillow = supported-forward-fold
    `,
  },
  'kids-crab-walk': {
    plain: `
      crab walk; crab; crabs; crab walking; crabwalk; walk like a crab; be a crab; crab sideways; sideways crab;
      belly up, walk on hands and feet; tummy to the sky, walk on hands + feet; sit, hands behind, lift bum and walk;
      bum off floor, hands behind, step; backwards walk on hands and feet; table upside down walk @kids; spider ?;
      crab on the beach; ardha purvottanasana kids; reverse table walk; kekda walk; crab race; crab soccer ?; crabs race
    `,
    'sitting-crab': `
      sitting crab; crab with the bum down; sit, hands behind, click claws; crab no lift; crab on sand, snap snap;
      bum stays, feet & hands ready
    `,
    not: `
      reverse tabletop = ardha-purvottanasana; bear walk = kids-bear-walk; upward plank = purvottanasana;
      bridge = setu-bandhasana; crab lunge = absent; wheel = urdhva-dhanurasana
    `,
  },
  'kids-dog': {
    plain: `
      dog @kids; puppy dog @kids; doggy @kids; doggie @kids; puppy dog stretch; puppy down dog; be a dog; waggy dog;
      tail wag dog; stretchy dog; woof; bottoms up @kids; bum up, hands and feet on floor @kids; upside down V @kids;
      dog stretch after nap; dog wags its tail; walk your dog @kids; down dog, walk the dog @kids; kids down dog; down dog for kids; adho mukha svanasana kids; make a tunnel;
      bridge for others to crawl under (dog); doggy does a stretch; downward doggie; mountain with hands down ?; doggy;
      puppy dog; doggy stretches; doggy lifts a leg; dog wags tail
    `,
    'three-leg-dog': `dog with three legs @kids; dog lifts a leg; dog at the lamp-post; doggy leg up; dog does a wee; puppy leg up`,
    not: `
      downward dog = adho-mukha-svanasana; puppy = anahatasana; bird dog = bird-dog; up dog = urdhva-mukha-svanasana;
      tail wag on all fours = tail-wag; dog walk like bear = kids-bear-walk
    `,
  },
  'kids-cat': {
    plain: `
      cat @kids; kitty; kitty cat; stretching cat; cat wakes up; cat stretch kids; be a cat; meow; miaow;
      cat on hands and knees, back up; angry cat kids; Halloween cat; scaredy cat; spooky cat back;
      back like a hill, back like a bowl; cat arches and hisses; cat purrs; pussy cat @kids; cat says miaow, cow says moo;
      marjari kids; billi; round back up like scared cat @kids; cat & milk bowl; kitty stretch
    `,
    'chair-cat': `
      chair cat @kids; cat on the chair @chair; sitting cat, hands on knees; desk cat; cat in class, at desk;
      cat in your seat, round your back
    `,
    not: `
      cat cow = marjaryasana; chair cat cow = chair-cat-cow; cow = bitilasana; tiger = vyaghrasana;
      sleeping cat on side = supported-twist; cat pulling its tail = absent; side-lying cat = side-lying-cat
    `,
  },
  'kids-cobra': {
    plain: `
      cobra @kids; cobra for children; kids cobra; snake @kids; snake; snakes; snake in the grass; slithery snake;
      be a snake; hissing snake pose; baby snake; on tummy, lift head and hiss;
      lie on tummy, hands by shoulders, look up @kids; lift the chest, ssss; snake peeks out of the grass; slither;
      snake wakes up; serpent; bhujangasana kids; nag ?; saap @kids; little snake looks round; snakes hiss;
      hissing snake on tummy
    `,
    sphinx: `
      sphinx @kids; snake on elbows; snake on forearms; cat statue on elbows; elbows down, look forward;
      propped on elbows like Sphinx of Egypt; baby snake on elbows
    `,
    not: `
      cobra = bhujangasana; snake breath = snake-breath; sphinx adults = sphinx; seal = urdhva-mukha-svanasana;
      caterpillar = kids-caterpillar; smiling snake = sitkari; seal clap = absent; locust = salabhasana
    `,
  },
  'kids-lion': {
    plain: `
      lion for children; lion @kids; lions; roaring lion @kids; roar like a lion; be a lion; brave lion; kneeling lion;
      lion with paws; sit on heels, tongue out, roar; sit on heels, claws out, ROAR;
      kneel, hands on knees, stick tongue out; paws and roar; big mane, big roar; simhasana kids; simha kids; sher @kids;
      lion king; angry lion; sleepy lion ?; roar away your grumps; roaring lions; lion roar @kids; roar
    `,
    'whisper-lion': `
      whisper lion; quiet lion; lion that doesn't wake baby; silent roar @kids; tongue out no noise; library lion;
      whispery roar
    `,
    not: `
      lion's breath = lions-breath; lion kneeling adult = simhasana; sleeping lions (game) = savasana; cat = kids-cat;
      tiger = vyaghrasana; sea lion = urdhva-mukha-svanasana
    `,
  },
  'kids-turtle': {
    plain: `
      turtle @kids; tortoise @kids; turtle; turtle in shell; hide in the shell; hide in your shell; be a turtle;
      head in shell; tortoise hides; turtle pops out; sit, feet together, fold, hands under legs;
      sit w legs apart, arms under knees, fold over; legs wide bent, slide hands under knees, head down;
      arms under legs, fold in @kids; kurmasana kids; koormasana kids; turtle peep; kachua; shell pose; snappy turtle;
      turtle shell
    `,
    'child-shape': `
      turtle in child shape; turtle kneeling, shell on the back; turtle as child's pose; curl up kneeling, head in shell;
      knees tucked under, round shell; turtle like a mouse; bean bag on shell
    `,
    not: `
      tortoise = kurmasana; chin tucks, turtle head = chair-chin-tuck; mouse = kids-mouse;
      sleeping turtle, supta kurmasana = absent; butterfly = kids-butterfly; turtle neck = chair-chin-tuck
    `,
  },
  'kids-butterfly': {
    plain: `
      butterfly @kids; butterflies; butterflys; flap the wings; flutter; flutter by; flap yr wings;
      feet together, knees flap; soles together, flap knees; soles touch, knees up and down @kids; be a butterfly;
      butterfly legs; titli; titli asan; titali asana; butterfly from its cocoon; baddha konasana kids; badhakonasana kids;
      holding feet, knees flutter; fly to a flower; fly your butterfly to the moon @kids; butterfly wings open close;
      flappy knees; butterfly wings @kids; flap your wings @kids; butterflies @kids
    `,
    lying: `
      butterfly lying down @lying; sleepy butterfly; butterfly on back; butterfly rests on a leaf;
      lie down soles together @kids; night-time butterfly
    `,
    not: `
      bound angle = baddha-konasana; reclining bound angle = supta-baddha-konasana;
      butterfly w/ bolster = supported-bound-angle; wall butterfly = wall-butterfly;
      butterfly fold long diamond = tarasana; butterfly arms = absent; caterpillar = kids-caterpillar
    `,
  },
  'kids-caterpillar': {
    plain: `
      caterpillar; caterpillar walk; inchworm; inch worm; inch-worm; inchworms; walk the hands out;
      walk hands out, walk feet in; hands walk, feet catch up; stand, fold, walk hands forward;
      from standing walk hands to plank and back; hungry caterpillar; very hungry caterpillar; worm walk; measuring worm;
      fold, creep forward on hands then feet; looper; wiggly worm ?; hands go for a walk; walk hands out and feet in
    `,
    'knees-down': `
      inchworm, knees down; caterpillar on knees; creep, hands and knees; walk hands out, lower knees; kneeling inchworm;
      walk hands out w bent knees
    `,
    not: `
      knees-chest-chin = ashtanga-namaskara; caterpillar yin fold = paschimottanasana; bear walk = kids-bear-walk;
      roll-down = roll-down; snake = kids-cobra; plank = phalakasana; butterfly = kids-butterfly
    `,
  },
  'kids-penguin': {
    plain: `
      penguin @kids; penguins; penguin walk; penguin waddle; waddle; waddle like a penguin; be a penguin;
      heels together waddle; heels together, toes out, little steps; arms by sides, hands stick out, waddle;
      flippers out, tiny steps; penguin parade; penguin march; pinguin; penguin steps; walk stiff legs, hands as flippers;
      rock side to side & walk @kids; happy feet; Charlie Chaplin walk; duck walk standing ?; penguin
    `,
    'egg-on-the-feet': `
      egg on the feet; penguin daddy with egg; carry egg on feet, don't drop it; beanbag on toes, waddle;
      emperor penguin keeps egg warm; shuffle with bean bag on feet
    `,
    not: `
      duck squat walk = absent; giraffe walk = kids-giraffe; heel raises = heel-raise; tandem walk = tandem-stand;
      flamingo = kids-flamingo; bear walk = kids-bear-walk
    `,
  },
  'kids-owl': {
    plain: `
      owl @kids; owl; owls; wise owl; twit twoo; twit-twoo; hoot hoot; be an owl; owl on a branch; turn and look;
      turn head & look behind like owl; kneel, hands on shoulders, turn; sit on heels, elbows as wings, twist round;
      wings on shoulders, look one way, then the other @kids; owl looks round; owl twist; who whooo; night owl; ullu;
      kneeling twist for kids, big eyes; look over your shoulder, big owl eyes; turn head like owl
    `,
    'on-a-chair': `
      owl on a chair @chair; owl at desk; owl sitting on chair, turn and look; classroom owl;
      hold backrest, look round, hoot; chair owl
    `,
    not: `
      eagle = garudasana; seated twist = chair-twist; neck turns = neck-release; eye movements = chair-eye-circles;
      night owl meditation = absent; cross-legged twist = parivrtta-sukhasana
    `,
  },
  'kids-boat': {
    plain: `
      boat @kids; boat for children; boats; sail boat; sailing boat; row your boat @kids; row row row your boat;
      row and rest; be a boat; sit, lean back, row; sit and lift feet, rock on waves @kids; V-boat kids;
      hold under knees, feet up, float; balance on bum, row oars; boat on the waves, splash!; pirate ship; pirate boat;
      bum balance; navasana kids; naukasana kids; float then sink @kids; boats @kids; rocking boat @kids; rock the boat
    `,
    'two-sailors': `
      two sailors; partner boat; boat with a friend; double boat; two in a boat, hold hands row;
      feet to friend's feet, pull & row; buddy boat
    `,
    not: `
      boat = navasana; half boat = ardha-navasana; rowing = nauka-sancalana; chair boat = chair-boat;
      rowing on chair = chair-rowing; rocking boat all fours = kneeling-rock; rocking on back = rocking-ball;
      boat breath = absent
    `,
  },
  'kids-rocket': {
    plain: `
      rocket; rocket @kids; rocket launch; rocket ship; rockets; blast off; blastoff; 3-2-1 blast off; 5 4 3 2 1 lift off;
      countdown jump; count down, zoom up; bend knees, count down, whoosh up; crouch then shoot up, hands together;
      chair to mountain @kids; chair pose, countdown, stretch up; squat small then up tall, palms together;
      fly to the moon; space rocket; launch pad; arms back, knees bent, then up to the sky @kids; whoosh up tall;
      astronaut jump ?; countdown and jump; 3 2 1 blast off
    `,
    'real-jump': `
      rocket w/ real jump; jump off the ground on blast off; take off with a jump; jump as high as you can;
      feet leave the floor, rocket; big rocket jump
    `,
    not: `
      chair pose = utkatasana; sit to stand = sit-to-stand; star jump = kids-star; firework, volcano = absent;
      upside-down rocket = adho-mukha-vrksasana; rocket yoga (style) = absent; frog jumps = kids-frog
    `,
  },
  'kids-mouse': {
    plain: `
      mouse; mice; little mouse; quiet mouse; quiet as a mouse; sleeping mouse @kids; be a mouse; resting rock;
      rock pose @kids; be a rock; stone; little stone; curl up small; curl up kneeling, forehead down @kids;
      kneel and fold into a tiny ball; make yourself small, head on the floor; seed in the ground; be a seed; egg;
      curled like an egg; child's pose kids; balasana kids; pod; chuha; squeak; hide like a mouse in a hole; snail ?;
      sleeping mouse; seed; little seed; curl up small like a seed; rock @kids
    `,
    'at-the-desk': `
      mouse at the desk; head on arms on desk; desk mouse; mouse in class, heads down; heads down thumbs up;
      fold arms on table, rest head @kids
    `,
    lying: `
      mouse lying on side; curled-up mouse on side; mouse sleeps on its side; lie curled like mouse;
      little ball lying down @lying; baby mouse asleep
    `,
    not: `
      child's pose = balasana; rabbit = shashankasana; turtle = kids-turtle; hare hops = kids-hare;
      rock back and forth = kneeling-rock; cat = kids-cat; resting rock on back = rocking-ball
    `,
  },
  'kids-laughing': {
    plain: `
      laughing; laughing minute; laughter; laughing yoga; laughter yoga; hasya; hasya yoga; hasyasana; haasya yog;
      silent giggle; giggles; giggle bug; giggle; giggling game; laugh ha ha ho ho; ho ho ha ha ha; hee hee ha ha;
      lie on back & laugh; laughing bug on back @kids; belly laugh; laughing chain heads on tummies ?; laugh with no sound;
      laugh then quiet; fake laugh till real; laugh like Santa; ha ha ha; laughing game
    `,
    sitting: `
      laughing in circle sitting @sitting; sit and giggle; laugh sitting down; giggle on the chair; sitting laughter;
      cross-legged ha ha ha
    `,
    not: `
      happy baby = ananda-balasana; dead bug = dead-bug; lion's breath = lions-breath; bhastrika ha = bhastrika;
      sigh = sighing-breath; smile & relax face = absent; silent hum = bhramari
    `,
  },
  'kids-statues': {
    plain: `
      freeze game; freeze; freeze dance; frozen statues; statues; statue; musical statues; musical freeze; walk and stop;
      walk, music stops, freeze; stop and be still game; museum at night; night at the museum; stop! don't move;
      red light green light; traffic lights game; stop-dance; dance and freeze; walk around then hold still;
      grandmother's footsteps ?; what's the time mr wolf ?; stop on the bell/chime and stand still; stuck in the mud ?;
      yoga statues; statues game
    `,
    'call-an-animal': `
      call an animal; freeze as a lion!; teacher shouts animal, freeze in shape; stop and be a frog, cat, dog;
      animal statues; yogi says; freeze in an animal pose; music stops: be a snake
    `,
    not: `
      four body parts on music stop = kids-balance-four; stand still as mountain = kids-mountain;
      sleeping lions = savasana; Simon says = absent; museum picture exercise = absent; marching = standing-march
    `,
  },
  'surya-namaskara-kids': {
    plain: `
      children's sun salutation; childrens sun salutation; kids sun salutation; kids' sun salute; kids sun sal;
      sun salutation @kids; sun sal @kids; surya namaskar @kids; surya namaskar for kids; surya namaskar for children;
      SN kids; SN @kids; wake up, animals; wake up animals; animal sun salutation; sun salute with animals;
      sun salutation for little ones; good morning sun, children; dance for the sun;
      sun salutation with dog, cobra, frog @kids; hello sun @kids; story sun salutation; sun sal song @kids;
      junior sun salutation; be the sun, the dog, the snake, the mouse, then sun again @kids;
      story flow: stretch up, touch toes, dog, snake, jump up @kids;
      up to the sun, down to the grass, dog stretch, snake, up again @kids
    `,
    not: `
      sun salutation = surya-namaskara-classic; star for children = kids-star; moon for children = kids-moon;
      half salute = surya-namaskara-gentle; freeze game = kids-statues; cobra for children = kids-cobra
    `,
  },
};
