import type { Phrases } from './phrases.js';

export const salutations: Phrases = {
  'surya-namaskara-classic': {
    plain: `
      sunA; sunA slow;
      sun salutation; sun salutations; sun sal; sun salute; salutation to the sun; SN; SS ?; surya namaskar;
      surya namaskara; surya namaskaram; surya namascar; suryanamaskar; surya namasker; surya namskar; 12-step sun salute;
      twelve step sun salutation; classic sun salutation; classical surya namaskar; hatha sun salutation;
      Sivananda sun salutation; sun sal classic with low lunge; good morning sun; salute the sun 12 poses;
      flow: mountain, fold, lunge, plank, cobra, dog, lunge, fold, mountain;
      prayer pose, arms back, fold, lunge, down dog, eight points, cobra, and return; SN round; vinyasa ?;
      full round: arms up, fold, step back, plank, lower, cobra, dog, step in, fold, stand;
      stand in prayer, reach up, bend, lunge, dog, down, up, back to prayer;
      standing to floor to standing flow in twelve positions; sun A; surya A; sun salutation A; SNA; SN A; sun sal A;
      classical sun salutation; 12 step sun salute; full SN; sun salutes; sun sals;
      sun As; classical sun salute; surya namaskar x3; salute to the sun
    `,
    not: `
      half salute = surya-namaskara-gentle; chair sun salutation = surya-namaskara-chair;
      standing sun breath = standing-sun-breath; moon salutation (chandra namaskar) = absent; sun salutation A = absent;
      surya namaskara B = absent; children's sun salutation = surya-namaskara-kids; surya bhedana = surya-bhedana;
      upward salute = urdhva-hastasana
    `,
  },
  'surya-namaskara-gentle': {
    plain: `
      half salute; half sun salute; half sun salutation; half sun sal; half sun; 1/2 sun sal; half surya namaskar;
      ardha surya namaskar; ardh surya namaskara; gentle sun salutation; gentle sun sal; sun salutation without lunges;
      sun sal no lunges; mini sun salutation; mini salute; baby sun salute; lazy sun; floor-friendly salute;
      standing half salute; arms up, fold, half lift, fold, come up; reach up, fold down, flat back, fold, reach up;
      mountain, arms up, forward fold, half lift, and back up; standing sun sal, stay at top of the mat;
      easy surya namaskar; slow sun salute no floor; SN gentle; SN half;
      stand, hands up, bend down, half up, down, stand again; half SS; half salutes; half sun salutations; half SN;
      half sun sals; mini sun salutes; standing half salutation; modified sun salutation;
      gentle sun salute; mini sun sal
    `,
    not: `
      sun salutation = surya-namaskara-classic; half lift = ardha-uttanasana; half sun breath = standing-sun-breath;
      half moon = ardha-chandrasana; chair sun salutation = surya-namaskara-chair; upward salute = urdhva-hastasana;
      wall sun salutation = surya-namaskara-wall
    `,
  },
  'surya-namaskara-chair': {
    plain: `
      chair sun salutation; chair sun sal; chair sun salute; sun salutation on the chair; sun salutation @chair;
      sun sal @chair; seated sun salutation; seated sun sal; seated sun salute; sun salutes sitting; SN chair; SN @chair;
      chair surya namaskar; surya namaskar on chair; surya namaskara @chair; surya namaskaram sitting;
      kursi surya namaskar; chair SN; sun on the throne; sitting: arms up, fold, knee hug, lengthen;
      seated flow: reach up, fold over legs, hug knee, sit up; chair flow like sun salutation; chair vinyasa ?;
      sun sal sat down; on chair: hands at heart, arms up, bend over, one knee in, come back;
      sit: inhale arms up, exhale fold, inhale flat back, exhale down, sit up; salute sequence without leaving the chair;
      sun salute seated; chair salutation
    `,
    not: `
      sun breath on chair = chair-sun-breath; sun salutation = surya-namaskara-classic;
      half salute = surya-namaskara-gentle; wall sun salutation = surya-namaskara-wall; chair mountain = chair-mountain;
      sun salutation standing with hands on chair seat = absent
    `,
  },
  'surya-namaskara-wall': {
    plain: `
      wall sun salutation; wall sun sal; sun salutation at the wall; sun sal @wall; sun salutation @wall; wall sun salute;
      salute at the wall; SN wall; SN at wall; SN @wall; surya namaskar at the wall; wall surya namaskar;
      surya namaskara @wall; surya namaskar with wall support; sun on the wall;
      at wall: arms up, half dog, wall plank, cobra at wall, half dog, return;
      wall flow: reach, hinge, plank, lift chest, hinge; sun sals against the wall; standing wall vinyasa;
      sun salutation using the wall; wall salute; facing the wall, sun sequence;
      facing wall: arms up, hands on wall, bend elbows, chest lift, walk in;
      hands stay on the wall for whole sequence, up, hinge, press, open;
      sequence of reach, half dog, press-up and chest lift on wall
    `,
    not: `
      sun salutation = surya-namaskara-classic; half dog at wall = wall-dog; wall plank = wall-push-up;
      chair sun salutation = surya-namaskara-chair; wall angels = wall-arm-slide; half salute = surya-namaskara-gentle
    `,
  },
  'surya-namaskara-prenatal': {
    plain: `
      pregnancy sun salutation; prenatal sun salutation; prenatal sun sal; sun sal @prenatal; sun salutation @prenatal;
      sun salutation for pregnancy; preg sun sal; pregnant sun salute; surya namaskar for pregnancy;
      surya namaskar in pregnancy; garbh surya namaskar; antenatal sun salutation; bump-friendly sun salutation;
      mums-to-be sun sal; wide-stance salute; wide-legged sun salutation; prenatal salute; two suns; mama sun salutation;
      pre-natal SN; SN @prenatal; sun salute feet wide, no belly work; sun sal with feet apart, room for the bump;
      pregnancy SN; surya namaskara (prenatal);
      legs wide: arms up, squat or half fold, lunge, no lying on the belly @prenatal;
      wide stance flow, hands to blocks, no prone poses @prenatal; sun flow for bump, step wide, knees down;
      mama sun salute; pregnancy sun salute
    `,
    not: `
      sun salutation = surya-namaskara-classic; half salute = surya-namaskara-gentle;
      chair sun salutation = surya-namaskara-chair; goddess = utkata-konasana; postnatal sun salutation = absent;
      wide-leg fold = prasarita-padottanasana
    `,
  },
  'floor-transfer-down': {
    plain: `
      getting down to the floor, back straight; getting down to the floor; get down to floor safely; getting onto the mat;
      get down on the mat, straight back; down to the floor; stand to lying without bending; stand to lie, no rounding;
      transfer to floor; floor transfer down; floor transfer; lower to the floor via half kneel, all fours, side;
      how to get down: one knee, both knees, side-sit, lie; kneel, hands down, onto side, roll as a log;
      coming down to the floor with osteoporosis; secret agent down; from standing to lying via kneeling, neutral spine;
      come down to floor without rounding back; standing to supine, hip hinge, log roll; make your way to the floor ?;
      come down to lie ?; safe way down to the mat
    `,
    not: `
      getting up from the floor = floor-transfer-up; down and up with a chair = floor-transfer-chair;
      split squat to half kneeling = split-squat; roll down = roll-down; sit to stand = sit-to-stand;
      squat to floor = malasana
    `,
  },
  'floor-transfer-up': {
    plain: `
      getting up from the floor, back straight; getting up from the floor; get up off the floor; get up from floor safely;
      getting up off the mat; up from the mat, straight back; lying to standing; lie to stand; lying to stand via side;
      floor to stand; floor transfer up; log roll to side, all fours, half kneel, stand;
      roll on side, push up, kneel, one foot forward, stand; secret agent up; come up from lying without rounding;
      come up from the floor ?; from side-lying press up to kneeling then stand; rise from floor neutral spine;
      coming to standing via half kneeling; safe way up from the mat; supine to standing, no sit-up;
      stand up from floor with osteoporosis; log roll up; getting up safely; up from the floor, back straight;
      log roll and push up
    `,
    not: `
      getting down to the floor = floor-transfer-down; down and up with a chair = floor-transfer-chair;
      sit to stand = sit-to-stand; roll up to standing = roll-down; side-lying = side-lying-rest;
      get up from the chair = sit-to-stand
    `,
  },
  'floor-transfer-chair': {
    plain: `
      down and up with a chair; down and up using a chair; getting down and up with a chair; floor transfer with chair;
      floor transfer @chair; get to the floor and back with chair; chair-assisted floor transfer;
      use the chair to get down to floor and up; hands on the seat, kneel down, then back up;
      hold the chair, lower to one knee, to the mat, and come up again; captain leaves the ship;
      getting on and off the floor with chair help; kneel with hands on seat, come up through half kneeling;
      get up from floor with a chair; get down to the floor holding a chair; transfer down/up, chair;
      backward chaining with chair; mat to chair, chair to mat; up and down off the floor, seat for support;
      seat helps going down to kneeling and standing up again
    `,
    not: `
      sit to stand = sit-to-stand; getting down to floor = floor-transfer-down;
      getting up from the floor = floor-transfer-up; lunge with foot on the seat = chair-lunge;
      split squat with hand on chair = split-squat; legs on a chair = legs-on-chair
    `,
  },
};
