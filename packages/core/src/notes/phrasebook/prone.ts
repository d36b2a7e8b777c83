import type { Phrases } from './phrases.js';

export const prone: Phrases = {
  makarasana: {
    plain: `
      crocodile; croc; croc pose; crocodile pose; crocadile; makarasana; makar asan; makrasan; makarasan; makrasana;
      makara asana; magarmach asan; prone rest; rest prone; lie on the front, forehead on hands;
      lie on tummy, head on folded arms; belly down, forehead on stacked hands; forehead on folded arms;
      lie on front, arms folded under head; on your belly, rest; rest on tummy;
      lying face down, hands under forehead, legs apart; front-lying rest; prone relax, arms under brow; pancake rest ?;
      sunny crocodile @kids; lie prone & breathe; rest on the front; belly rest; forehead on hands;
      lie on belly, head on hands; crocodile breath
    `,
    'chin-on-palms': `
      crocodile, chin in hands; chin on palms, elbows down; watching-TV pose; lie on tummy chin cupped;
      head in the hands, elbows on floor; watch telly on belly; makarasana, chin in palms
    `,
    'hands-laced-at-the-nape': `
      croc, hands behind neck; fingers laced on nape, prone; lie on front, hands clasped behind head;
      hands interlaced at the back of neck, face down; laced hands at nape, on belly
    `,
    'pillow-under-belly': `
      croc w/ pillow under tummy; pillow under belly, prone rest; cushion under abdomen, lie on front;
      blanket under hips/belly for low back, face down; bolster under belly, crocodile
    `,
    not: `
      sphinx = sphinx; crocodile breathing = balloon-breath; prone relaxation = savasana-prone;
      crocodile over bolster = supported-prone; crocodile twist on back = supine-twist-knees-together;
      nakrasana hop = absent; makara adho mukha = forearm-plank; alligator plank = chaturanga; nakra = absent;
      locust version of makarasana w/ hands behind head lifted = salabhasana
    `,
  },
  sphinx: {
    plain: `
      sphinx; sphinx pose; sphynx; sfinx; sphinks; spinx; sphnix; sphinx hold; salamba bhujangasana; salamba bhujang;
      salamba bhujangasan; salamba bhujangasna; forearm cobra; supported cobra; cobra on elbows; low cobra on forearms;
      prop on elbows; prone on elbows; POE @physio; on tummy, propped on forearms;
      lie prone, elbows under shoulders, lift chest; forearms down, chest up, belly on the floor;
      elbows down, heart up, on the belly; reading-a-book-on-the-beach pose; yin sphinx; ardha bhujangasana; ardh bhujang;
      gentle back bend on elbows; press up on elbows; on elbows lying on front; seal prep; POE; propped on forearms;
      on forearms, belly down; lie on front prop on elbows; elbows under shoulders, chest up; seal on elbows
    `,
    'elbows-forward': `
      elbows further forward, sphinx; low sphinx; sphinx w/ elbows ahead of shoulders; softer sphinx, slide elbows away;
      elbows out in front, lower chest
    `,
    'roll-under-the-elbows': `
      sphinx with roll under elbows; rolled mat under elbows; sphinx on a bolster; bolster under chest/forearms, sphinx;
      blanket roll under forearms; cushion for elbows
    `,
    'on-a-chair': `
      sphinx on chair @chair; forearms on table, chest lifts @chair; elbows on the desk, lift heart; chair sphinx;
      sphinx sitting, forearms on second chair; sphinx at the wall @wall
    `,
    not: `
      seal = urdhva-mukha-svanasana; sphinx plank = forearm-plank; cobra = bhujangasana; snake on elbows kids = kids-cobra;
      crocodile chin in hands = makarasana; up dog = urdhva-mukha-svanasana; savasana on belly = savasana-prone
    `,
  },
  bhujangasana: {
    plain: `
      cobra; cobra pose; low cobra; lo cobra; small cobra; baby cobra; little cobra; mini cobra; cobre; bhujangasana;
      bhujangasan; bhujang asan; bhujangasna; bujangasana; bhujanghasana; bhujagasana; bhujungasana; bhujanga; bhuj;
      cobra, elbows in, shoulders down; serpent pose; snake pose; on tummy, hands by ribs, peel chest up;
      hands under shoulders, lift head and chest; belly down, legs long, chest lifts; prone press up ?;
      prone back extension; heart up from belly lying; swan @pilates; swan prep; swan dive prep on belly; cobras; prone press up;
      press ups prone; half press-up; back extension lying on front; snake; sarpa; the cobra; cobra lifts; cobra waves;
      extension in lying; EIL;
      baby cobra lifts; peel chest up; cobra, hands light; lift chest off the mat, hands by ribs; cobra rise and lower
    `,
    'high-cobra': `
      high cobra; hi cobra; full cobra; big cobra; straight-arm cobra; cobra w/ arms nearly straight, hips down;
      press up higher, pelvis stays; hips on floor, arms long; seal; seal @yin; arms straight cobra
    `,
    'standing-or-chair': `
      standing cobra @prenatal; cobra standing @standing; cobra at the wall @wall; cobra on chair @chair; chair cobra;
      hands on wall at ribs, lift the chest; sit, hands behind, chest up; cobra hands on the table
    `,
    'hands-floating': `
      cobra no hands; hands float; lift the hands an inch; hands hover cobra; baby cobra w/ hands off;
      float palms, only back works; no-hands cobra
    `,
    not: `
      sphinx = sphinx; up dog = urdhva-mukha-svanasana; snake kids = kids-cobra; snake breath = snake-breath;
      forearm cobra = sphinx; locust = salabhasana; king cobra = absent; eight-point = ashtanga-namaskara;
      bharadvajasana = bharadvajasana; bhujapidasana = absent; seal = urdhva-mukha-svanasana
    `,
  },
  'urdhva-mukha-svanasana': {
    plain: `
      up dog; updog; up-dog; upward dog; upwards dog; upward facing dog; upward-facing dog; up facing dog; UD; UFD; UMS;
      UMSv; urdhva mukha svanasana; urdhva mukha shvanasana; urdva mukha svanasana; urdhva mukh swan asan;
      urdhvamukha svanasana; urdhva mukha; urdva muka; dog face up; dog head up; dog looking up; chien tete en haut;
      face-up dog; arms straight, thighs off floor, chest open; hands and tops of feet only, hips lifted;
      thighs and knees lift, arms straight, chest forward; seal ?; seal on the rock @kids; upface dog;
      thighs off the floor, chest up
    `,
    cobra: `
      cobra instead of up dog; swap up dog for baby cobra; knees/hips down, cobra option; updog or cobra ?;
      low back sore - cobra
    `,
    'hands-on-seat': `
      up dog hands on seat @chair; updog w/ chair; hands on the chair, hips to the seat edge, chest open;
      up dog on blocks ?; standing up dog, hands on chair; hands on seat, lean hips forward, lift heart
    `,
    not: `
      down dog = adho-mukha-svanasana; cobra = bhujangasana; sphinx = sphinx; plank = phalakasana;
      upward plank = purvottanasana; upward salute = urdhva-hastasana; wheel, upward bow = urdhva-dhanurasana;
      seal straight arms yin = bhujangasana; bird dog = bird-dog
    `,
  },
  salabhasana: {
    plain: `
      locust; locust pose; full locust; locast; lotus on the tummy ?; salabhasana; shalabhasana; shalabhasan; shalabh asan;
      salabasana; shalbhasana; salambhasana; salabhasna; shalaba; grasshopper; grashopper; superman; supermans;
      superman on tummy; super hero lying; prone lift; prone back lift; both legs and chest; on tummy, lift chest and legs;
      lie on belly, everything lifts; belly down, arms by sides, head chest legs up; back strengthener on tummy;
      aeroplane on belly; Heuschrecke; boat on belly ?; the grasshopper; superwoman; sky diver; skydiver; flying prone;
      shalabha; chest and legs up prone; back strengthener prone;
      locust lifts; lift arms, chest and legs from belly; flying on the belly; belly down, lift everything
    `,
    'legs-only': `
      locust legs only; lift both legs, head stays down; legs up, forehead down; shalabhasana legs, fists under;
      both legs lift on belly; lower-body locust
    `,
    'one-leg': `one-leg locust; locust, one leg at a time ?; lift one leg on tummy ?; 1 leg locust; chest and single leg lift`,
    'arms-forward': `
      superman arms; locust, arms out front; arms reach forward, lift all; viparita salabhasana; superman flying;
      arms by ears, chest + legs up
    `,
    'chest-only': `
      locust, chest only; half locust chest ?; lift chest, legs stay; upper-body locust; only head, chest and arms up;
      back raise, feet down
    `,
    not: `
      half locust = ardha-salabhasana; lotus = padmasana; bow = dhanurasana; swimming = prone-alternate-lift;
      prone opp arm leg = prone-alternate-lift; bird dog superman = bird-dog; cobra hands float = bhujangasana;
      grasshopper arm balance = absent; boat = navasana; savasana = savasana
    `,
  },
  'ardha-salabhasana': {
    plain: `
      half locust; 1/2 locust; half-locust; locust one leg; single-leg locust; ardha salabhasana; ardha shalabhasana;
      ardh shalabhasan; ardha shalbhasana; ardha salabasana; eka pada shalabhasana; ek pad shalabhasan;
      eka pada salabhasana; one leg lift prone; single leg lift prone; prone leg lift; prone leg raise;
      leg lift lying on belly; lie on tummy, lift one leg; on belly, one leg up, straight;
      one leg back and up, forehead on hands; prone hip extension; alternate leg lifts on tummy; leg raise lying face down;
      grasshopper's one leg @kids; bum squeeze leg lift on belly; half grasshopper; leg lift on belly; one leg back prone;
      hip extension prone
    `,
    'knee-bent': `
      half locust, knee bent; sole to ceiling, lift thigh, prone; bent-knee leg lift on belly;
      prone, knee bent 90, lift thigh; donkey press lying on tummy
    `,
    standing: `
      standing half locust; standing leg back lift, hold wall; half locust at chair @chair;
      no belly lying: stand and lift leg behind @prenatal; leg back standing, hands on the table
    `,
    not: `
      locust = salabhasana; half lotus = padmasana; half bow = ardha-dhanurasana;
      back leg lift behind the chair = chair-hip-extension; prone opp arm & leg = prone-alternate-lift;
      side leg lift = side-lying-leg-lift; prone knee bend with strap = prone-quad-stretch
    `,
  },
  'prone-alternate-lift': {
    plain: `
      opposite arm and leg prone; opp arm/leg prone; opp arm + leg on tummy; prone opp arm & leg; prone bird dog;
      bird dog on belly; bird dog lying; alternate arm leg lift on tummy; lie on belly, lift opposite arm and leg;
      face down, diagonal lift; diagonal superman; alternating superman; swimming @pilates; swimming; swimmers; swimmer;
      slow swim on the belly; alternate locust; locust opp arm + leg; on front, arms ahead, lift one arm and other leg;
      contralateral lift prone; crawl swimming on the mat @kids; swim swim @kids; cross lift on belly;
      opposite arm & leg on tummy; superman opposite; flutter prone; prone opposite lift; diagonal lift prone
    `,
    'all-fours': `
      instead of prone do bird dog on all fours; bird dog option for pregnant @prenatal; opp arm + leg but hands & knees;
      take it on all 4s; can't lie on belly - bird dog
    `,
    'leg-only-or-arm-only': `
      just the arm, or just leg, prone; one limb at a time on belly; lift only a leg or only an arm;
      only arms, face down ?; single limb lift prone
    `,
    not: `
      bird dog = bird-dog; superman both = salabhasana; dead bug = dead-bug; chair arm and leg = chair-arm-leg-raise;
      half locust = ardha-salabhasana; swimmers side lying = absent; breaststroke arms prone = absent
    `,
  },
  dhanurasana: {
    plain: `
      bow; bow pose; floor bow; full bow; bowe; dhanurasana; dhanurasan; dhanur asan; danurasana; dhanurasna; dhannurasana;
      dhanuasana; dhanurashana; archer's bow; on tummy, hold both ankles, lift; belly down, hold feet, kick up;
      hold ankles, chest and thighs lift; lie on front, bend knees, catch feet, rock ?; prone, grab both feet;
      catch the ankles behind you and rise; bow on belly; rocking bow; bogen; rocking horse on tummy @kids;
      both feet in hands, face down; the bow; dhanura; archer; bow rocking; hold ankles on belly
    `,
    'strap-round-the-ankles': `bow w strap; strap round ankles, bow; belt on both ankles, hold it; can't reach - strap, bow; dhanurasana w belt`,
    'half-bow': `bow, one leg only ?; half bow option; one foot one hand at a time, prone ?; single-side bow for beginners`,
    not: `
      half bow = ardha-dhanurasana; wheel, upward bow = urdhva-dhanurasana; standing bow = natarajasana;
      archer pose (shooting bow) = absent; akarna dhanurasana = absent; half frog = ardha-bhekasana;
      rainbow = parivrtta-janu-sirsasana; locust = salabhasana; bow to the ground = balasana
    `,
  },
  'ardha-dhanurasana': {
    plain: `
      half bow; 1/2 bow; half-bow; one-leg bow; 1-leg bow; single-leg bow; one legged bow; half bow prone;
      ardha dhanurasana; ardh dhanurasan; ardha danurasana; eka pada dhanurasana; ek pad dhanurasan; eka pada dhanurasan;
      bow one side at a time; half of a bow; on tummy, hold one ankle, lift; lie prone, one hand to one foot, kick;
      catch one foot, other arm forward, lift ?; one arm back to the ankle, face down;
      forearm down, hold one foot, lift thigh; half bow from sphinx; bow w/ one leg; half a bow @kids
    `,
    strap: `
      half bow w strap; belt on one ankle, prone; strap round one foot, lift; ardha dhanurasana with belt;
      towel round one ankle, half bow
    `,
    not: `
      full bow = dhanurasana; half frog = ardha-bhekasana; standing bow dancer = natarajasana; half boat = ardha-navasana;
      standing quad stretch = chair-quad-stretch; half bow on all fours (tiger hold foot) = absent;
      half locust = ardha-salabhasana
    `,
  },
  'ardha-bhekasana': {
    plain: `
      half frog; 1/2 frog; half-frog; half frog pose; half frog hand on foot; half frog prone; one-leg frog on belly;
      ardha bhekasana; ardh bhekasan; ardha bekasana; ardha bheka; ardha bhekasna; ardha mandukasana ?; half bhekasana;
      eka pada bhekasana; prone quad stretch hand presses foot; press the foot down beside hip, prone;
      on tummy, hand on top of foot, heel to hip; forearm down, bend the knee, press foot towards seat;
      sphinx w quad stretch; sphinx, heel to seat; from sphinx catch one foot; quad stretch on belly by hand;
      foot pressed towards buttock, elbow up
    `,
    strap: `
      half frog w/ strap ?; belt round foot, half frog; ardha bhekasana with belt;
      strap round the ankle over shoulder, prone; can't press the foot - strap
    `,
    not: `
      half frog rest, knee to side = prone-half-frog-rest; frog on forearms = mandukasana;
      full bhekasana, both feet = absent; prone quad w/ strap = prone-quad-stretch; half bow = ardha-dhanurasana;
      half pigeon = eka-pada-rajakapotasana; squat frog = kids-frog
    `,
  },
  'prone-quad-stretch': {
    plain: `
      prone thigh stretch; prone thigh stretch w strap; prone quad stretch; prone quads; quad stretch on tummy;
      quad stretch lying face down; quads lying on front w/ strap; heel to bum lying; heel to seat lying;
      heel to seat prone; strap round foot, heel to bum, on belly; on the front, belt around ankle, bend knee;
      lie prone, bend the knee, draw heel in; thigh stretch on belly; front of thigh stretch lying down;
      front thigh face down; knee bend on belly w belt; forehead on hand, other hand pulls strap, heel to seat;
      scorpion tail @kids; hip flexor & quad stretch prone; heel to bottom lying on belly; quad stretch prone; prone quad;
      heel to bum on belly, strap; quad w strap
    `,
    'side-lying': `
      quad stretch on side; lie on side, hold ankle ?; do it side-lying @prenatal; thigh stretch on side instead;
      side-lying heel to seat
    `,
    'cushion-under-belly': `
      cushion under belly, quad stretch; pillow under hips, prone quads; prone thigh stretch w/ blanket under tummy;
      pad the pelvis, heel to bum; small pillow under abdomen, heel to seat
    `,
    not: `
      half frog, hand on foot = ardha-bhekasana; side-lying quad stretch = side-lying-quad-stretch;
      standing quads = chair-quad-stretch; half bow = ardha-dhanurasana; half locust knee bent = ardha-salabhasana;
      dancer = natarajasana; reclining hero = supta-virasana
    `,
  },
  'prone-cactus-lift': {
    plain: `
      prone cactus; prone cactus lift; cactus on belly; cactus lift; cactus arms face down, lift;
      arm lifts lying face down; arm lifts prone; prone arm lifts; prone T; prone T lift; T lift; T's; prone T's & W's;
      prone W; goalpost arms on tummy, float; lie on belly, elbows bent, lift arms and chest;
      face down, arms in cactus, hover them; squeeze shoulder blades on belly; scapular lifts prone; prone scap retraction;
      on front, arms out wide, lift; paper plane @kids; surrender arms lifted on belly; hands-up arms on belly, float;
      T-lifts; goal posts lift prone; Y T W; W lifts; goal post lifts; scapula lifts on belly; T lift lying on belly
    `,
    'forehead-down': `
      cactus lift, forehead stays; arms only, head down; lift arms w head on mat; only hands and elbows float, brow down;
      prone cactus keep head heavy
    `,
    standing: `
      cactus at the wall, pull back; standing cactus squeeze; standing W's; hinge forward standing, cactus arms @standing;
      no prone: stand, elbows back
    `,
    not: `
      cactus arms sitting = chair-cactus-arms; wall angels = wall-arm-slide; locust = salabhasana;
      broken wing = prone-shoulder-stretch; snow angels = supine-arm-float; aeroplane = kids-aeroplane;
      goddess arms = utkata-konasana; T stand = virabhadrasana-3
    `,
  },
  'prone-shoulder-stretch': {
    plain: `
      arm-across prone stretch; broken wing; broken-wing; broken wings; open wing; wing stretch prone; folded wing;
      chest stretch lying; prone chest stretch; pec stretch prone; pec stretch on tummy; prone pec opener;
      lie on tummy, arm out to side, roll open; face down, one arm out, roll on to that shoulder;
      arm at shoulder height, roll away, top foot behind; roll onto one side from belly, chest opens;
      prone shoulder opener; shoulder opener on belly; arm under chest, lie on it; cross one arm under body, face down;
      scorpion twist stretch ?; prone arm across; prone cross-arm; one arm threaded under, on belly;
      arm across under chest; cross arm lying on front; wing opener; prone chest stretch, roll open;
      lying arm out, roll over
    `,
    wall: `
      broken wing at the wall @wall; pec stretch at wall @wall; arm on the wall, turn away ?;
      chest stretch standing, hand on wall ?; do it standing at door/wall
    `,
    not: `
      thread the needle = thread-the-needle; chest opener at wall = wall-chest-opener;
      cross-arm shoulder stretch standing = absent; open book = side-lying-open-book; eagle arms = chair-eagle-arms;
      flip scorpion = absent; prone cactus = prone-cactus-lift
    `,
  },
};
