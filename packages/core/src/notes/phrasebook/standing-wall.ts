import type { Phrases } from './phrases.js';

export const standingWall: Phrases = {
  'wall-mountain': {
    plain: `
      mountain at the wall; mountain @wall; tadasana at the wall; tadasana @wall; tadasana against wall; back to wall;
      back to wall standing; stand against the wall; posture check; posture check at wall; wall posture;
      heels, bottom, shoulders, head to the wall; wall tadasana; stand tall, back on the wall; samasthiti at the wall;
      postage stamp; stuck to the wall like a stamp; wall stand; stand with spine along the wall, arms down;
      stand up straight against wall, feel contact points; back against the wall, standing; wall mountian;
      stand with whole back touching the wall, feel head and heels; stand at wall; back against wall, check posture;
      stand with back to wall; mountain at wall; posture at the wall, head and ribs
    `,
    'cushion-behind-the-head': `
      mountain at wall with cushion behind head; wall posture, folded towel behind the head;
      head doesn't reach wall: pad behind it; back to wall, small pillow at back of head
    `,
    'heels-15-cm-away': `
      wall mountain, heels a hand's length from wall; heels 15 cm away, back on wall;
      feet a bit forward of the wall, mountain; mountain at wall, step heels out slightly
    `,
    not: `
      mountain = tadasana; wall sit = wall-squat; wall angels = wall-arm-slide; legs up the wall = viparita-karani;
      chin tucks = chair-chin-tuck; roll down at the wall = roll-down; side stretch at wall = wall-side-stretch
    `,
  },
  'wall-arm-slide': {
    plain: `
      wall angels; wall angel; wall-angels; arm slides; arm slides @wall; wall slides ?; wall arm slides;
      cactus slides at the wall; cactus arms at the wall; snow angel on the wall; back to wall, slide arms up and down;
      goalpost arms slide up the wall; arms up & down like a snow angel, wall; backs of hands on wall, slide;
      stand against wall, elbows bent, slide arms overhead; angel arms @wall; arms glide up wall, W to Y;
      shoulder slides at wall; scapular slides on wall; slide cactus arms up, back on wall; cactus up-down @wall;
      snow angels at the wall; arm slides at wall; angels against wall; back to wall, arms slide up
    `,
    seated: `
      wall angels sitting; sit against wall and slide the arms; wall angels seated on floor or stool;
      arm slides sitting, back to wall
    `,
    lying: `
      wall angels lying on the floor ?; floor angels; snow-angel cactus slides lying ?; cactus arm slides on back ?;
      do wall angels on the floor instead
    `,
    not: `
      wall sit = wall-squat; snow angels lying = supine-arm-float; cactus arms on chair = chair-cactus-arms;
      prone cactus lift = prone-cactus-lift; chest opener at the wall = wall-chest-opener; wall push-up = wall-push-up;
      finger walk up wall = absent
    `,
  },
  'wall-dog': {
    plain: `
      half dog at the wall; half dog @wall; wall dog; wall down dog; down dog at wall; downdog @wall; DD wall;
      downward dog at the wall; L-shape at the wall; L shape @wall; wall L; right-angle stretch; right angle at wall;
      half downward dog; ardha adho mukha svanasana; ardha adho mukha shvanasana; ardh adho mukh svanasana;
      hands on wall, walk back, hinge to L; palms on wall, hips back, arms straight, torso level; puppy at the door;
      wall hang; push the wall, hinge forward; AMS hands on wall; half AMS; adho mukha svanasana hands at wall;
      walk feet back from wall, flat back, arms long; wall-facing hinge; wall shoulder opener, hinge;
      L-shape, hands at wall; L at the wall; half dog wall; hands on wall, hinge; table at wall; L stretch at wall;
      down dog on wall; wall hinge;
      hands on wall, L shape; wall L stretch; hands to wall, hips back
    `,
    'hands-higher-trunk-50': `
      half dog at wall, hands higher, trunk on a slant; wall dog not so deep, hands above shoulders;
      trunk about fifty degrees, hands high on wall; less fold wall dog, hands up the wall
    `,
    'bent-knees': `wall dog bent knees; half dog at wall with soft knees; L shape at wall, bend the knees; down dog wall, knees bent`,
    'forearms-on-wall': `wall dog on forearms; forearms on the wall, hinge back; half dog, elbows on wall; forearm version half dog @wall`,
    not: `
      half dog behind the chair = chair-dog; downward dog = adho-mukha-svanasana;
      half handstand L at wall = half-handstand; wall plank = wall-push-up; half lift = ardha-uttanasana;
      puppy = anahatasana; legs up the wall = viparita-karani; dog for kids = kids-dog
    `,
  },
  'wall-push-up': {
    plain: `
      wall plank; wall push-up; wall push up; wall pushups; wall press-ups; wall press up; push-ups at the wall;
      press ups @wall; push up @wall; push-up at the wall; leaning plank; plank at the wall; plank @wall;
      phalakasana at wall; chaturanga at wall; chaturanga @wall; chaturanga at the wall, standing; standing plank at wall;
      hands on wall, bend elbows, lean in and push out; lean into the wall on straight arms, body in a line;
      push the mountain; arms on the wall, body slant; standing push-ups;
      hands at wall, body straight, elbows bend and straighten; push the wall ?; wal plank; wall push ups; wall press ups;
      wall push; push-ups at wall; standing press-ups at wall; push against wall arms;
      press-ups at wall; push off the wall; wall presses
    `,
    'closer-feet': `
      wall push-up, feet closer; easier wall plank, step in nearer to wall; stand closer, wall press-ups;
      wall plank, less lean
    `,
    'hands-on-table': `
      push-ups with hands on table; table edge plank; counter push-ups; press-ups on the kitchen worktop;
      hands on table, lean, wall push-up progression
    `,
    not: `
      plank = phalakasana; low plank = chaturanga; incline plank on chair = chair-plank;
      calf stretch at wall = wall-calf-stretch; half dog at wall = wall-dog; wall sit = wall-squat
    `,
  },
  'wall-squat': {
    plain: `
      slide down the wall and up again; back slides down the wall a little; wall slides with bent knees ?;
      wall sit; wall sits; wall-sit; wall squat; wall chair; chair at wall; chair pose at the wall; chair pose @wall;
      utkatasana at the wall; utkatasana @wall; utkatasana wall; slide down the wall; back on wall, slide down, knees bent;
      sit against the wall with no chair; back to wall, thighs toward level, hold; invisible chair at wall;
      wall chair pose; melting ice cream; slide like melting ice cream; isometric squat at the wall;
      lean back on wall and sit; squat against the wall; phantom chair; skier's sit; ski sit; utkat asana with wall;
      slide down wall; wall squats; back on wall, knees 90;
      sit against wall
    `,
    high: `high wall sit; wall sit, only slide a little; wall squat shallow; small knee bend, back on wall`,
    'cushion-between-the-knees': `
      wall sit with cushion between knees; wall squat squeezing ball between the knees;
      utkatasana at wall, block between thighs; wall chair + pillow squeeze
    `,
    not: `
      chair pose = utkatasana; squat = malasana; mountain at wall = wall-mountain; chair squat = chair-squat;
      goddess at the wall = utkata-konasana; sit with legs up the wall = viparita-karani;
      seat at wall cross-legged = sukhasana
    `,
  },
  'wall-calf-stretch': {
    plain: `
      calf stretch at the wall; calf stretch; calf stretch @wall; calves at wall; lunge calf stretch; gastroc stretch;
      hands on wall, one foot back, heel down; heel down, back leg straight, lean into wall; push the bus;
      push the wall, one leg back, press heel; runner's calf stretch; wall calf stretch; achilles stretch;
      stretch calves, hands to wall; calves ?; step back, heel to floor, hands on wall; lower leg stretch, standing;
      back heel presses down, front knee bends, at wall; calf stretches standing lunge, hands on the wall;
      one foot behind, press heel, palms on the wall; facing the wall, one leg behind, heel must stay on floor;
      calf stretch wall; lean on wall, back heel down
    `,
    'back-knee-bent': `
      calf stretch, bend the back knee; soleus stretch; wall calf stretch with back knee soft;
      deep calf, back knee bent, heel still down
    `,
    'from-all-fours': `
      calf stretch from all fours; on all fours, one leg back, toes tucked, press heel;
      hands and knees, extend one leg back, rock the heel; kneeling calf stretch, toes curled under, leg long behind;
      tabletop, one foot back, push the heel
    `,
    not: `
      calf raises = heel-raise; downward dog pedal feet = adho-mukha-svanasana; high lunge = high-lunge;
      pyramid = parsvottanasana; wall plank = wall-push-up; toe squat = vajrasana-toes-tucked; wall dog = wall-dog
    `,
  },
  'wall-chest-opener': {
    plain: `
      chest opener at the wall; chest opener @wall; one-arm wall stretch; pec stretch; pec stretch at wall;
      pecs at the wall; pectoral stretch; chest stretch @wall; shoulder opener at the wall; palm on wall, turn away;
      arm on wall, rotate body away; arm straight on wall behind, twist chest open; open the gate; wall shoulder stretch;
      doorway stretch; stretch front of shoulder at wall; hand flat on wall, arm at shoulder height, step and turn;
      stand side-on to wall, arm back, open chest; biceps wall stretch; open the chest with one hand on the wall;
      one arm back along wall, face away; door frame stretch; arm on wall, turn away; chest opener, hand on wall
    `,
    'elbow-bent': `
      wall chest opener elbow bent; forearm on the wall, turn away; bent arm pec stretch in doorway;
      cactus one arm on wall, rotate away; elbow at right angle on wall, open chest
    `,
    'hand-lower': `
      chest opener at wall, hand lower; arm below shoulder height on wall, turn away; low arm wall pec stretch;
      hand at hip height on wall, rotate; hand low at the door frame
    `,
    not: `
      wall angels = wall-arm-slide; hands clasped behind = chair-shoulder-clasp; open book = side-lying-open-book;
      side stretch at wall = wall-side-stretch; arm-across prone stretch = prone-shoulder-stretch; gate pose = parighasana;
      fish supported chest opener = supported-fish; chest opener over roll lying = supported-backbend
    `,
  },
  'wall-side-stretch': {
    plain: `
      side stretch at the wall; side bend at the wall; side bend @wall; side stretch @wall; lateral stretch at wall;
      wall side bend; parsva tadasana wall; parshva tadasana at the wall; leaning tower; leaning tower of pisa;
      stand side-on to wall, hand on wall, other arm over; stand sideways to the wall, lean hips away, top arm to wall;
      lean towards the wall, arm overhead; hip away from wall, arm over ear; standing crescent at wall;
      tiryaka tadasana at the wall; side body stretch w/ wall; one hand on wall low, other reaches over to wall;
      side lean @wall; wall banana; side-bending, wall support
    `,
    'top-hand-on-hip': `
      wall side bend, top hand on hip; side stretch at wall, keep outer hand on waist; leaning tower hand on hip;
      side stretch at the wall, no overhead arm
    `,
    not: `
      standing side bend = parsva-tadasana; side stretch with chair = chair-side-stretch-standing;
      wall chest opener = wall-chest-opener; wall tree = wall-tree; seated side bend = parsva-sukhasana;
      half moon at the wall = ardha-chandrasana
    `,
  },
  'wall-tree': {
    plain: `
      tree at the wall; tree @wall; wall tree; tree with wall; tree w/ fingertips on wall; tree by the wall;
      vrksasana at the wall; vrikshasana @wall; vrukshasana with wall; tree with a fence;
      stand side-on to wall, one foot to inner leg, hand on wall; one hand on wall, sole of foot against calf, balance;
      supported tree @wall; tree, fingers touch the wall; tree pose near wall; tree supported by the wall;
      balance at wall, foot on inner thigh, knee out; knee out to side touching the wall, tree;
      vriksasana holding the wall; one leg stand at wall, foot on leg
    `,
    'back-to-the-wall': `
      tree with back to the wall; back on wall, tree legs; lean on wall behind, foot to inner leg; tree, spine on wall;
      vrksasana back against wall
    `,
    not: `
      tree = vrksasana; tree behind the chair = chair-tree; tree for children = kids-tree;
      handstand at wall = adho-mukha-vrksasana; mountain at the wall = wall-mountain; dancer at the wall = natarajasana
    `,
  },
  'wall-warrior-3': {
    plain: `
      warrior III at the wall; warrior 3 at the wall; warrior 3 @wall; warrior three at wall; W3 wall; W3 @wall; wall W3;
      vira 3 at wall; virabhadrasana 3 wall; virabhadrasana III with hands on wall; veerabhadrasana 3 at wall;
      hands-on-wall flying warrior; hands on wall, one leg lifts behind, body level;
      face wall, hinge, palms on wall, back leg up; half dog at wall plus one leg up; glider in the hangar;
      L-shape at wall, one leg floats; T-balance, hands to wall; wall warrior three;
      palms press wall, lift one leg to hip height behind; flying warrior at wall
    `,
    'sole-to-the-wall': `
      warrior 3 with the sole of back foot on the wall; back foot on wall, tip forward, W3;
      press lifted foot into wall behind, warrior 3; wall behind, sole to the wall, flying warrior;
      W3, face away from wall, foot on it
    `,
    not: `
      warrior 3 = virabhadrasana-3; warrior 3 with chair = chair-warrior-3; half dog at wall = wall-dog;
      L handstand = half-handstand; standing splits at wall = absent; aeroplane for kids = kids-aeroplane
    `,
  },
};
