import type { Phrases } from './phrases.js';

export const inverted: Phrases = {
  'sarvangasana-supported': {
    plain: `
      shoulder stand on blankets; shoulderstand on blankets; supported shoulderstand; supp shoulderstand;
      supported s/stand; SS on blankets; salamba sarvangasana on blankets; salamba sarvangasana w/ blanket stack;
      sarvangasana with props; blanket-stack shoulderstand; Iyengar shoulder stand; Iyengar sarvangasana;
      shoulders on folded blankets, head on the floor, legs up; neck-free shoulder stand;
      shoulders up on platform, hips up, hands on back; shoulder balance on foam pads;
      3 blankets under shoulders, legs vertical; candle on blankets; candle on a cake @kids;
      blankets under shoulders, head lower
    `,
    'knees-bent-or-legs-piked': `
      shoulderstand w bent knees on blankets; knees bent to forehead, on blankets; legs piked over face, blankets;
      piked half shoulderstand, blanket stack; bent-knee shoulderstand on blankets;
      legs at an angle, hands to hips, shoulders propped
    `,
    'feet-on-wall': `
      shoulderstand, feet on wall @wall; wall sarvangasana; feet on wall, hips up, blankets under shoulders;
      half shoulderstand at the wall; walk feet up wall, hands on back; shoulderstand at wall, knees 90
    `,
    'with-chair': `
      chair sarvangasana; chair shoulderstand; sarvangasana w chair @chair;
      shoulders on bolster, pelvis on chair seat, legs up; hold chair legs, sacrum on the seat, legs vertical;
      backwards over chair to shoulderstand
    `,
    'stack-3-to-5-blankets': `
      3 to 5 blankets; higher stack for shoulders; four blankets in the stack;
      more blankets for stiff neck, shoulder stand; 5 blankets sarvangasana; extra blankets so neck is free
    `,
    not: `
      shoulder stand plain = sarvangasana; legs up the wall = viparita-karani; half shoulder stand = ardha-sarvangasana;
      shoulder stretch = absent; supported headstand = sirsasana; forearm stand = pincha-mayurasana;
      supported bridge = supported-bridge; setu bandha sarvangasana = setu-bandhasana
    `,
  },
  sarvangasana: {
    plain: `
      shoulder stand; shoulderstand; shoulder-stand; sholder stand; shoulder balance; s/stand; S-stand; SS ?;
      full shoulderstand; sarvangasana; sarvangasan; sarvang asan; sarwangasana; sarvangasna; savangasana; savargasana;
      salamba sarvangasana; salamba sarvang; sarvanga; candle; candle pose; candlestick; candle stick; kerze;
      all-limbs pose; all members pose; queen of asanas; legs up, hands on back, weight on shoulders;
      on the shoulders, legs vertical, hands support back; legs straight to ceiling, chin to chest, hands behind ribs;
      the candle; all-limbs; legs up, hands on back; SS inverted ?
    `,
    'on-blankets': `
      shoulderstand, add blankets; sarvangasana w/ blanket under shoulders; fold blanket under shoulders first;
      candle on folded blanket
    `,
    half: `
      half shoulderstand only; half candle option; hips in hands, legs slanting ?; shoulderstand but legs at an angle;
      1/2 sarvangasana
    `,
    not: `
      unsupported shoulder stand = niralamba-sarvangasana; headstand = sirsasana; candle breath = feather-breath;
      supported shoulderstand with blankets = sarvangasana-supported; setu bandha sarvangasana = setu-bandhasana;
      legs up wall = viparita-karani; shavasana = savasana; shoulder circles = chair-shoulder-circles;
      salamba sirsasana = sirsasana
    `,
  },
  'niralamba-sarvangasana': {
    plain: `
      unsupported shoulder stand; unsupported shoulderstand; no-hands shoulderstand; shoulder stand no hands;
      free shoulder stand; niralamba sarvangasana; niralamba sarvang asan; nirlamba sarvangasana; niralambha sarvangasana;
      niralamba; balancing shoulderstand; shoulderstand, arms along legs; shoulderstand, palms to thighs;
      take the hands off the back, legs up; on shoulders, arms up by the legs, no support; candle without hands;
      candle w/o holder @kids; shoulder stand w arms by thighs; shoulder balance, hands free; armless candle
    `,
    'arms-on-the-floor-overhead': `
      shoulderstand, arms overhead on floor; niralamba, arms behind head on the floor;
      arms on the floor past the head, legs vertical; candle w arms stretched back; no hands, arms overhead flat
    `,
    not: `
      niralamba headstand = absent; hands on back shoulderstand = sarvangasana; niralamba bhujangasana = absent;
      niralamba paschimottanasana = absent; urdhva padmasana in sarvangasana = absent; plough = halasana
    `,
  },
  'ardha-sarvangasana': {
    plain: `
      half shoulder stand; half shoulderstand; 1/2 shoulderstand; half s/stand; ardha sarvangasana; ardh sarvangasan;
      half candle; half-candle; viparita karani mudra; vipareeta karani mudra; viparit karani mudra; VKM; viparitkarni;
      hips in the hands; hips in hands, legs slanting; legs over at an angle, pelvis in hands; easy shoulderstand;
      low shoulderstand; on upper back, hands hold hips, legs diagonal; inverted lake ?;
      hips on palms, legs toward head at 45; baby shoulder stand; mudra of inverted action;
      half inversion hands under hips
    `,
    'block-under-the-pelvis': `
      legs up with block under pelvis; block under hips, legs to the sky; brick under sacrum, legs vertical;
      half shoulderstand with block; supported legs-up on block; bolster/block instead of hands, legs up
    `,
    not: `
      viparita karani at the wall = viparita-karani; legs up the wall = viparita-karani;
      full shoulder stand = sarvangasana; supported bridge = supported-bridge; half boat = ardha-navasana;
      legs up at 90 = urdhva-prasarita-padasana
    `,
  },
  halasana: {
    plain: `
      plough; plow; plough pose; plow pose; plogh; plouw; plugh; halasana; hal asan; halasan; hallasana; halasna;
      hala asana; legs over the head; legs over head; feet over head to floor; toes behind the head;
      roll legs over the head; from shoulderstand lower feet behind head;
      on back, swing legs over, toes touch floor behind; legs overhead, hands on back; overhead fold; charrue;
      farmer's plough; snow shovel @kids; noodle back ?; roll over & stay; snail @yin; the plough;
      plough legs over
    `,
    'toes-on-chair-or-wall': `
      plough, feet on chair @chair; plow w/ toes on wall @wall; half plough, feet to seat; feet on chair behind the head;
      toes to wall behind, plough; legs over, feet land on the chair
    `,
    'toes-on-floor': `
      full plough, toes down; toes to the floor behind head; toes touch mat, halasana; feet reach floor;
      tuck toes under behind head
    `,
    'knees-to-forehead-or-chair-under-the-thighs': `
      plough, knees to forehead; ardha halasana, thighs on chair; thighs on the seat, plough;
      chair under thighs, head under seat; Iyengar supported halasana, thighs on stool; bent-knee plough
    `,
    not: `
      karnapidasana = karnapidasana; knees to ears = karnapidasana; legs up at 90 = urdhva-prasarita-padasana;
      ardha halasana = urdhva-prasarita-padasana; half plough = urdhva-prasarita-padasana;
      supta konasana, legs over and wide = absent; rocking = rocking-ball; snow angel = supine-arm-float;
      locust = salabhasana
    `,
  },
  karnapidasana: {
    plain: `
      knees to ears; knees by the ears; knees by ears; knee-to-ear; knees 2 ears; ear pressure pose; ear-pressure;
      ear pressing; deaf man's pose; karnapidasana; karna pidasana; karnapeedasana; karnpidasana; karnapidasna;
      raja halasana; bent-knee plough knees to floor; plough with knees beside ears; from plow bend knees to floor;
      knees squeeze the ears; on shoulders, knees down beside the head; snail; snail pose; yin snail ?; cannonball @kids;
      close the ears w knees
    `,
    apanasana: `
      instead: hug knees on back; knees to chest swap; option apanasana; stay down, hug knees;
      do knees-to-chest not knees-to-ears
    `,
    not: `
      plough = halasana; knees to chest = apanasana; ear to shoulder sitting on chair = chair-neck-stretch;
      shanmukhi mudra = absent; cover ears hum = bhramari; snail for kids = kids-mouse; rocking ball = rocking-ball
    `,
  },
  sirsasana: {
    plain: `
      headstand; head stand; head-stand; HS ?; hdstand; supported headstand; forearm headstand; sirsasana; shirshasana;
      shirsasana; sirshasana; sirsasan; shirsh asan; shirshasan; shirasasana; sirsasna; sirsasana I; sirsasana 1;
      salamba sirsasana; salamba shirshasana; salamba sirsasana A; king of asanas;
      top of the head down, forearms support, legs up; crown on the floor, fingers laced behind head, legs up;
      forearms + head down, balance upside down; stand on head; kopfstand; upside-down tree @kids; inversion on the head;
      topsy turvy pose; HS head ?; shirsha
    `,
    dolphin: `
      dolphin instead of headstand; headstand prep, dolphin only; head doesn't touch, dolphin;
      forearms down, hips up, skip headstand; option: stay in dolphin
    `,
    'head-between-two-chairs': `
      headstand with two chairs; headstand between chairs, head hanging; shoulders on two chairs, head free;
      2 chairs headstand, no weight on head; Feetup style headstand ?; headstand bench ?; head hangs between the seats
    `,
    not: `
      tripod headstand = sirsasana-2; handstand = adho-mukha-vrksasana; shoulder stand = sarvangasana;
      head to knee, janu sirsasana = janu-sirsasana; half split ardha hanuman = ardha-hanumanasana; savasana = savasana;
      forearm stand = pincha-mayurasana; rabbit crown down = shashankasana
    `,
  },
  'sirsasana-2': {
    plain: `
      tripod headstand; tripod head stand; tripod; tri-pod; tripod HS; tripod hdstd; sirsasana II; sirsasana 2;
      sirsasana two; sirsasana B ?; shirshasana 2; shirshasana II; sirshasana dwi ?; salamba sirsasana II;
      mukta hasta sirsasana ?; headstand with hands flat; headstand hands by the face; headstand on hands and crown;
      hands flat, elbows bent, crown down, legs up; head + two hands make a triangle, legs up; three-point headstand;
      frog headstand ?
    `,
    'knees-on-elbows': `
      tripod, knees on elbows; teddy bear; teddy bear stand; teddy headstand; knees rest on upper arms, head down;
      half tripod, knees on arms; knees to triceps, head down, feet off
    `,
    not: `
      forearm headstand = sirsasana; crow = bakasana; handstand = adho-mukha-vrksasana;
      three body parts = kids-balance-three; three-legged dog = eka-pada-adho-mukha-svanasana;
      tripod breathing position = pursed-lip-breath; teddy on tummy = balloon-breath
    `,
  },
  'adho-mukha-vrksasana': {
    plain: `
      handstand; hand stand; hand-stand; HSt ?; hand balance upside down; full arm balance; adho mukha vrksasana;
      adho mukha vrikshasana; adho mukh vriksh asan; adhomukhavrksasana; adho mukha vrkshasana; AMV; downward facing tree;
      down-facing tree; face-down tree; upside-down tree on hands; downward tree; kick up; kick up at the wall; kick-ups;
      arms straight, legs up to ceiling; stand on the hands; walk on hands ?; hands down, both feet to the wall overhead;
      upside-down rocket @kids; donkey kicks to handstand ?; handstand hops; kick up to wall; HS
    `,
    'l-at-the-wall': `
      handstand prep L shape; L at the wall; half handstand option; feet on wall at hip height, hands down;
      90 degree handstand prep
    `,
    not: `
      L handstand = half-handstand; headstand = sirsasana; forearm stand = pincha-mayurasana;
      downward dog = adho-mukha-svanasana; tree = vrksasana; upside-down tree, headstand = sirsasana;
      handstand scorpion = absent; arm balance crow = bakasana
    `,
  },
  'half-handstand': {
    plain: `
      ardha adho mukha vrksasana; ardha adho mukha vrksa; half handstand, hands down and feet up the wall;
      L handstand; L-handstand; L stand; L-shape at wall; L pose ?; L-sit handstand at wall; half handstand; 1/2 handstand;
      half hand stand at wall; half handstand feet on wall; right-angle handstand; 90 degree handstand;
      ardha adho mukha vrksasana; ardha adho mukha vrikshasana; ardha vrksasana;
      feet on the wall at hip height, hands on floor; hands down, walk feet up wall to right angle;
      legs parallel to the floor, feet on the wall; walk up the wall, hips over shoulders; wall walk handstand;
      upside-down L ?; letter L upside down @wall; upside down chair at wall; L at wall, feet on wall; L-stand;
      feet up the wall, hands on floor; right-angled handstand
    `,
    'dog-with-feet-on-wall-low': `
      down dog, feet on the wall low; dog w/ heels on wall; feet low on wall, dog shape;
      step feet a bit up the wall in dog; dog, soles against skirting board
    `,
    not: `
      half dog at the wall, hands on wall = wall-dog; L-shape hands on wall = wall-dog; L-shape at chair = chair-dog;
      legs up the wall = viparita-karani; handstand = adho-mukha-vrksasana; staff L-sit = dandasana
    `,
  },
  'pincha-mayurasana': {
    plain: `
      forearm stand; forearm-stand; f/arm stand; forearm balance; elbow stand; elbow balance; feathered peacock;
      peacock feather; peacock tail feather; pincha; pincha mayurasana; pinchamayurasana; pincha mayura; pinch mayurasan;
      pinca mayurasana; pincha mayurasna; picha mayurasana; PM ?; mayura ?; balance on forearms, legs up, head off floor;
      elbows and forearms down, legs to ceiling; forearms down, kick up at wall; handstand on the elbows;
      upside down on forearms; peacock @kids; scorpion prep; forearm balance at wall
    `,
    dolphin: `
      dolphin instead of forearm stand; stay in dolphin; forearm stand prep, one leg up; forearms down, hips up, feet stay;
      option dolphin hold
    `,
    not: `
      dolphin = ardha-pincha-mayurasana; mayurasana peacock on hands = absent; scorpion, vrschikasana = absent;
      headstand = sirsasana; forearm plank = forearm-plank; feather breath = feather-breath;
      handstand = adho-mukha-vrksasana; peacock (horizontal, elbows to belly) = absent
    `,
  },
  bakasana: {
    plain: `
      crow; crow pose; crane; crane pose; bakasana; bak asan; bakasan; baksana; bakhasana; bakasna; bakasana A; kakasana;
      kak asan; kagasana; arm balance ?; frog stand; frogstand; knees on the arms, feet off;
      hands down, knees to triceps, lean forward, lift the feet; squat, hands on floor, tip forward and float;
      knees in armpits, feet lift; shins on upper arms, balance on hands; crow hop; crow on a branch @kids;
      first arm balance; raven ?; stork on arms; tip into crow; kraehe; crow prep
    `,
    'one-foot-down-block-under-the-head': `
      crow, one foot down; crow w/ block under forehead; head on brick, crow; baby step crow, toes of one foot stay;
      lean fwd, forehead to bolster/block; half crow, one toe on floor
    `,
    'lying-on-the-back': `
      crow on back; upside-down crow; supine crow; lie on the back in crow shape;
      crow turned over, knees to arms, push ceiling; practise crow lying down @lying
    `,
    not: `
      side crow, parsva bakasana = absent; flying pigeon = absent; frog, knees wide, forearms down = mandukasana;
      frog squat and hop = kids-frog; squat = malasana; crow for kids frog = kids-frog; chakravakasana = kneeling-rock;
      heron = krauncasana; tripod, knees on arms = sirsasana-2; crane standing = kids-flamingo; cow = bitilasana
    `,
  },
};
