import type { SpokenLines } from '../spoken-lines.js';

export const STANDING: SpokenLines = {
  tadasana: {
    in: ['Stand with your feet as wide as your hips.', 'Let your arms hang and look straight ahead.'],
    breath: {
      inhale: 'grow a little taller',
      exhale: 'let both feet get heavy',
    },
    hold: [
      'Share your weight between heels and the balls of your feet.',
      'Knees straight, and a little soft.',
      'Let your shoulders slide down, away from your ears.',
    ],
    feel: 'Both soles on the floor, about evenly.',
    notFeel: 'No push back in the knees, no pinch in the low back.',
    stop: 'If you feel light-headed, hold something steady or sit down.',
    out: ['Stay here, or take one small step to wake your legs.'],
    short: 'Stand tall, weight even, breath easy.',
    words: ['tall', 'even feet', 'soft knees'],
    vary: {
      'wide-stance': {
        kind: 'more-room',
        change: 'Stand with your feet wider than your hips. Turn your toes out as much as your knees like.',
        in: ['Stand with your feet wider than your hips.', 'Turn your toes out as much as your knees like.'],
        short: 'Stand wide and tall, weight even.',
      },
      'eyes-closed': {
        kind: 'eyes-open',
        change:
          'Stand with your feet as wide as your hips, one hand on something steady. When you feel ready, lower your eyes or close them. Open them any time.',
        in: [
          'Stand with your feet as wide as your hips, one hand on something steady.',
          'When you feel ready, lower your eyes or close them. Open them any time.',
        ],
        hold: [
          'Notice the small sway. It is your balance at work.',
          'Share your weight between heels and the balls of your feet.',
          'Knees straight, and a little soft.',
        ],
        stop: 'Open your eyes as soon as the sway gets bigger.',
      },
      'palms-at-chest': {
        kind: 'arms-rest',
        change: 'Bring your palms together in front of your breastbone.',
        in: ['Stand with your feet as wide as your hips.', 'Bring your palms together in front of your breastbone.'],
        short: 'Stand tall, palms together.',
      },
    },
  },
  'urdhva-hastasana': {
    in: ['Stand with your feet as wide as your hips.', 'Take your arms out and up, as high as they go without strain.'],
    breath: {
      inhale: 'arms go up, ribs stay over your hips',
      exhale: 'shoulders settle, or arms come down',
    },
    hold: [
      'Let the lift start at your shoulder blades.',
      'Lower ribs soft, low back quiet.',
      'Hands a little wider apart, if your neck feels crowded.',
    ],
    feel: 'Length along both sides of your trunk.',
    notFeel: 'No pinch on top of the shoulder.',
    stop: 'Lower your arms if they tingle, or if your head feels full.',
    out: ['Breathe out and bring your arms down by your sides.'],
    short: 'Arms up, ribs soft, breathe.',
    words: ['reach', 'ribs down', 'soft neck'],
    vary: {
      'cactus-arms': {
        kind: 'arms-rest',
        change: 'Lift your elbows out to shoulder height, hands up, like a cactus.',
        in: ['Stand with your feet as wide as your hips.', 'Lift your elbows out to shoulder height, hands up, like a cactus.'],
        short: 'Cactus arms, chest wide.',
      },
      'fingers-laced-palms-up': {
        kind: 'more',
        change: 'Lace your fingers in front of you and turn the palms away. Take your arms up, palms to the ceiling.',
        in: ['Lace your fingers in front of you and turn the palms away.', 'Take your arms up, palms to the ceiling.'],
        hold: [
          'Press the palms up and the feet down, half strength.',
          'Let the lift start at your shoulder blades.',
          'Lower ribs soft, low back quiet.',
        ],
      },
      'hands-shoulder-wide-only-to-eye-height': {
        kind: 'arms-rest',
        change: 'Lift your arms forward, only as high as your eyes.',
        in: ['Stand with your feet as wide as your hips.', 'Lift your arms forward, only as high as your eyes.'],
        short: 'Arms to eye height, breathe.',
      },
    },
  },
  'standing-sun-breath': {
    in: [
      'Stand with your feet as wide as your hips, knees soft.',
      'Let your arms follow your breath: up as you breathe in, down as you breathe out.',
    ],
    breath: {
      inhale: 'arms float out and up, knees straighten',
      exhale: 'arms float down, knees soften',
    },
    hold: [
      'Let the breath set the pace.',
      'No stop at the top. The wave turns round by itself.',
      'Go up only as far as your shoulders enjoy it.',
    ],
    feel: 'Ribs that widen, warmth in the shoulders.',
    notFeel: 'No hurry, no air hunger.',
    stop: 'If you get dizzy, let the arms rest and breathe as you like.',
    out: ['Let your arms come down once more and stay.'],
    short: 'Breathe in, arms up. Breathe out, arms down.',
    words: ['float', 'breath leads', 'easy height'],
    vary: {
      seated: {
        kind: 'sit-instead',
        change: 'Sit on the front half of your chair, both feet down. Arms up as you breathe in, down as you breathe out.',
        in: ['Sit on the front half of your chair, both feet down.', 'Arms up as you breathe in, down as you breathe out.'],
        hold: [
          'Let the breath set the pace.',
          'No stop at the top. The wave turns round by itself.',
          'Go up only as far as your shoulders enjoy it.',
        ],
        out: ['Come back to the middle, sit tall, both feet down.'],
      },
      'half-range': {
        kind: 'smaller-range',
        change: 'Lift your arms only to shoulder height.',
        in: ['Stand with your feet as wide as your hips, knees soft.', 'Lift your arms only to shoulder height.'],
        short: 'Breathe in, arms to shoulder height. Breathe out, down.',
      },
    },
  },
  'parsva-tadasana': {
    in: ['Stand with both feet equally heavy.', 'Take your {other} arm up beside your ear.', 'Grow tall, then lean over to the {side}.'],
    breath: {
      inhale: 'reach up',
      exhale: 'lean a little further',
    },
    hold: [
      'Stay flat, as if between two panes of glass.',
      'Press your {other} foot into the floor.',
      'Breathe into the long ribs on the {other} side.',
    ],
    feel: 'A long line from hip to hand on the {other} side.',
    notFeel: 'No crowding in the waist you bend towards.',
    stop: 'Come up if your low back pinches or a leg tingles.',
    out: ['Breathe in, press both feet and come up to the middle.'],
    short: 'Reach up, then lean to the {side}.',
    words: ['up, then over', 'both feet heavy', 'long side'],
    vary: {
      'hand-on-hip': {
        kind: 'arms-rest',
        change: 'Put your {other} hand on your hip and lean to the {side}.',
        in: ['Stand with both feet equally heavy.', 'Put your {other} hand on your hip and lean to the {side}.'],
      },
      'one-hand-on-chair-back': {
        kind: 'chair',
        change: 'Rest your {side} hand on the chair back. Reach your {other} arm up and lean towards the chair.',
        in: ['Rest your {side} hand on the chair back.', 'Reach your {other} arm up and lean towards the chair.'],
      },
      'small-range': {
        kind: 'smaller-range',
        change: 'Reach up, and lean to the {side} by the width of a hand.',
        in: [
          'Stand with both feet equally heavy.',
          'Take your {other} arm up beside your ear.',
          'Reach up, and lean to the {side} by the width of a hand.',
        ],
        short: 'Small lean to the {side}.',
      },
    },
  },
  anuvittasana: {
    in: [
      'Stand with your feet as wide as your hips, hands on your low back.',
      'Lift your breastbone, then lean it back a little. Eyes stay level.',
    ],
    breath: {
      inhale: 'lift your chest and lean back',
      exhale: 'come back to standing tall',
    },
    hold: ['Lift first, lean second.', 'Most of the bend is between your shoulder blades.', 'Hips stay over your feet.'],
    feel: 'Your chest opening, your seat gently firm.',
    notFeel: 'No pinch in the low back, no falling head.',
    stop: 'Come up if your back pinches, your leg tingles or you get dizzy.',
    out: ['Breathe out and bring your ribs back over your hips.'],
    short: 'Hands on your back, lift, lean a little.',
    words: ['lift, then lean', 'eyes level', 'small'],
    vary: {
      'crossed-arms-chin-tucked': {
        kind: 'arms-rest',
        change: 'Cross your arms on your shoulders and draw your chin back. Lift your chest and lean back a little. Hips stay still.',
        in: ['Cross your arms on your shoulders and draw your chin back.', 'Lift your chest and lean back a little. Hips stay still.'],
      },
      'tiny-bend-wide-feet': {
        kind: 'more-room',
        change: 'Stand with your feet wide, both hands holding your low back. Lift your breastbone. Lean back by two fingers, no more.',
        in: ['Stand with your feet wide, both hands holding your low back.', 'Lift your breastbone. Lean back by two fingers, no more.'],
        short: 'Wide feet, hands hold, tiny lift.',
      },
      'arms-overhead': {
        kind: 'more',
        change: 'Take your arms up beside your ears. Lift your chest up and back, arms along with it.',
        in: ['Take your arms up beside your ears.', 'Lift your chest up and back, arms along with it.'],
      },
    },
  },
  utkatasana: {
    in: [
      'Stand with your feet as wide as your hips.',
      'Bend your knees and sit back, as if a seat were waiting.',
      'Lift your arms forward or up.',
    ],
    breath: {
      inhale: 'lift your chest and arms',
      exhale: 'sit back a little more',
    },
    hold: [
      'Keep your knees over your second toes.',
      'Weight in your heels. Your toes could wiggle.',
      'If you can say your name aloud, you are breathing.',
    ],
    feel: 'Work in the thighs and seat.',
    notFeel: 'No pain at the kneecaps, no strain in the low back.',
    stop: 'Stand up straight away if your knees hurt or your breath sticks.',
    out: ['Press both feet down and stand up as you breathe out.'],
    short: 'Sit back, chest lifted, keep breathing.',
    words: ['sit back', 'heels heavy', 'knees over toes'],
    vary: {
      'arms-forward': {
        kind: 'arms-rest',
        change: 'Sit back and reach your arms forward at shoulder height.',
        in: ['Stand with your feet as wide as your hips.', 'Sit back and reach your arms forward at shoulder height.'],
      },
      'hands-on-thighs-shallow': {
        kind: 'hands-higher',
        change: 'Put your hands on your thighs and bend your knees a little.',
        in: ['Stand with your feet as wide as your hips.', 'Put your hands on your thighs and bend your knees a little.'],
        short: 'Small bend, hands on thighs.',
      },
      'back-to-wall': {
        kind: 'wall',
        change: 'Lean your back on the wall, feet a step away. Slide down a little way.',
        in: ['Lean your back on the wall, feet a step away.', 'Slide down a little way.'],
        out: ['Press your feet and slide up the wall.'],
      },
      'block-between-thighs': {
        kind: 'more',
        change: 'Hold a block between your thighs, lightly.',
        in: [
          'Stand with your feet as wide as your hips.',
          'Hold a block between your thighs, lightly.',
          'Bend your knees and sit back, as if a seat were waiting.',
          'Lift your arms forward or up.',
        ],
        hold: [
          'Hug the block only a third as hard as you could.',
          'Keep your knees over your second toes.',
          'Weight in your heels. Your toes could wiggle.',
        ],
      },
    },
  },
  uttanasana: {
    in: [
      'Stand with your feet as wide as your hips, knees soft.',
      'Fold at your hips and let your hands travel down your legs.',
      'Bend your knees until your back feels free.',
    ],
    breath: {
      inhale: 'lengthen your front a little',
      exhale: 'let your upper body hang',
    },
    hold: ['Knees as bent as your back likes.', 'Let your head hang and your jaw loosen.', 'Weight in the middle of your feet.'],
    feel: 'A gentle stretch behind the thighs.',
    notFeel: 'No pull in the back, no pressure in the head.',
    stop: 'Come up if your head throbs, you get dizzy or pain runs down a leg.',
    out: ['Hands on your thighs, back long, come up slowly. Head last.', 'Stand still for two breaths before you go on.'],
    short: 'Knees soft, fold at the hips, head easy.',
    words: ['soft knees', 'fold at the hips', 'slow up'],
    vary: {
      'hands-on-blocks': {
        kind: 'hands-higher',
        change: 'Fold at your hips and rest your hands on the blocks.',
        in: [
          'Stand with your feet as wide as your hips, knees soft.',
          'Fold at your hips and rest your hands on the blocks.',
          'Bend your knees until your back feels free.',
        ],
        hold: [
          'Lean into the blocks so your back can let go.',
          'Knees as bent as your back likes.',
          'Let your head hang and your jaw loosen.',
        ],
      },
      'bent-knees-belly-on-thighs': {
        kind: 'soft-knees',
        change: 'Bend your knees well and lay your belly on your thighs.',
        in: [
          'Stand with your feet as wide as your hips, knees soft.',
          'Fold at your hips and let your hands travel down your legs.',
          'Bend your knees well and lay your belly on your thighs.',
        ],
      },
      'hands-on-chair-seat': {
        kind: 'chair',
        change: 'Face the chair, fold at your hips and rest your hands on the seat.',
        in: ['Face the chair, fold at your hips and rest your hands on the seat.', 'Bend your knees until your back feels free.'],
        out: ['Press the seat, look ahead and come up.'],
        short: 'Hands on the seat, back long.',
      },
      'holding-elbows': {
        kind: 'smaller-range',
        change: 'Fold, then hold your elbows and let your arms hang.',
        in: [
          'Stand with your feet as wide as your hips, knees soft.',
          'Fold, then hold your elbows and let your arms hang.',
          'Bend your knees until your back feels free.',
        ],
      },
    },
  },
  'ardha-uttanasana': {
    in: ['From the fold, slide your hands up to your shins or thighs.', 'Reach your breastbone forward until your back is long.'],
    breath: {
      inhale: 'breastbone forward',
      exhale: 'belly firm, back stays long',
    },
    hold: ['Bend your knees until your back can be flat.', 'Look at the floor a step ahead.', 'Crown and tail reach away from each other.'],
    feel: 'Strength along the back, a stretch behind the thighs.',
    notFeel: 'No rounding of the low back, no crease in the neck.',
    stop: 'Stand up if your back aches sharply or you get dizzy.',
    out: ['Breathe out and fold again, or press your thighs and stand up.'],
    short: 'Long back, look ahead, breathe in.',
    words: ['long back', 'bent knees', 'reach'],
    vary: {
      'hands-on-thighs': {
        kind: 'hands-higher',
        change: 'Put your hands above your knees and lean on long arms.',
        in: ['Put your hands above your knees and lean on long arms.', 'Reach your breastbone forward until your back is long.'],
      },
      'hands-on-seat-or-chair-back': {
        kind: 'chair',
        change: 'Put your hands on the chair and walk back until your back is long.',
        in: ['Put your hands on the chair and walk back until your back is long.'],
      },
      'hands-on-shins': {
        kind: 'hands-higher',
        change: 'Rest your hands on your shins, not on your knees.',
        in: ['Rest your hands on your shins, not on your knees.', 'Reach your breastbone forward until your back is long.'],
      },
    },
  },
  'roll-down': {
    in: ['Stand with your feet as wide as your hips, knees soft.', 'Let your chin sink, then roll down bone by bone as far as is easy.'],
    breath: {
      inhale: 'wait, or roll up bone on bone',
      exhale: 'roll down, head first',
    },
    hold: ['Bend your knees as soon as your legs pull.', 'Let your arms hang like wet ropes.', 'On the way up your head arrives last.'],
    feel: 'Each part of your back waking up in turn.',
    notFeel: 'No sharp pull, no rush of blood to the head.',
    stop: 'Stop half way and come up if you get dizzy or your back catches.',
    out: ['Roll up slowly, head last. Stand for a breath.'],
    short: 'Roll down slowly, roll up slowly.',
    words: ['bone by bone', 'soft knees', 'head last'],
    vary: {
      'half-roll': {
        kind: 'smaller-range',
        change: 'Roll down until your hands are at mid-thigh, then roll up.',
        in: ['Stand with your feet as wide as your hips, knees soft.', 'Roll down until your hands are at mid-thigh, then roll up.'],
      },
      'at-the-wall': {
        kind: 'wall',
        change: "Lean your seat on the wall, heels a foot's length away. Peel your back off the wall from the top.",
        in: ["Lean your seat on the wall, heels a foot's length away.", 'Peel your back off the wall from the top.'],
        out: ['Roll up along the wall, head last.'],
      },
    },
  },
  'standing-cat-cow': {
    in: [
      'Stand with your feet wide, knees bent, hands on your thighs.',
      'Open your chest as you breathe in, round your back as you breathe out.',
    ],
    breath: {
      inhale: 'tip your pelvis forward, chest opens',
      exhale: 'tuck your tail, back rounds',
    },
    hold: ['Let the wave start at your tail.', 'Press your hands so your back is light.', 'Choose the size that feels smooth.'],
    feel: 'Your whole spine moving, little by little.',
    notFeel: 'No jab at either end.',
    stop: 'Make it smaller, or stop if it hurts twice in the same place.',
    out: ['Come to a flat back, press your thighs and stand up.'],
    short: 'Open as you breathe in, round as you breathe out.',
    words: ['tail first', 'hands press', 'smooth'],
    vary: {
      'neutral-to-cow-only': {
        kind: 'other-way',
        change: 'Start with a flat back. Open your chest, then come back to flat.',
        in: [
          'Stand with your feet wide, knees bent, hands on your thighs.',
          'Start with a flat back. Open your chest, then come back to flat.',
        ],
        breath: {
          exhale: 'back to a flat back',
        },
        short: 'Open, and back to flat.',
      },
      'hands-on-chair-back': {
        kind: 'chair',
        change: 'Hold the chair back, arms long, knees bent.',
        in: ['Hold the chair back, arms long, knees bent.', 'Open your chest as you breathe in, round your back as you breathe out.'],
      },
    },
  },
  'prasarita-padottanasana': {
    in: ['Step your feet wide, toes forward, hands on your hips.', 'Grow tall, then fold at your hips and bring your hands down.'],
    breath: {
      inhale: 'lengthen your back',
      exhale: 'let your trunk come down',
    },
    hold: [
      'Knees a little bent, weight towards your toes.',
      'Let the crown of your head be heavy.',
      'Walk your hands back only if your back stays free.',
    ],
    feel: 'A stretch behind and inside the thighs.',
    notFeel: 'No pull close to the sitting bones, no pressure behind the eyes.',
    stop: 'Come up if your head feels full or a groin pulls sharply.',
    out: ['Hands to your hips, back flat, come up as you breathe in.', 'Walk your feet together, heel and toe, heel and toe.'],
    short: 'Wide feet, fold at the hips, knees soft.',
    words: ['wide', 'hinge', 'hands to hips to rise'],
    vary: {
      'hands-on-blocks-flat-back': {
        kind: 'hands-higher',
        change: 'Fold half way, hands on blocks, back flat.',
        in: ['Step your feet wide, toes forward, hands on your hips.', 'Fold half way, hands on blocks, back flat.'],
        short: 'Hands on blocks, back flat.',
      },
      'forearms-on-seat': {
        kind: 'chair',
        change: 'Fold forward and lay your forearms on the seat.',
        in: ['Step your feet wide, toes forward, hands on your hips.', 'Fold forward and lay your forearms on the seat.'],
        out: ['Press the seat, then hands to hips and rise.'],
      },
      'head-on-block': {
        kind: 'prop',
        change: 'Fold down and let the crown of your head meet the block, lightly.',
        in: ['Step your feet wide, toes forward, hands on your hips.', 'Fold down and let the crown of your head meet the block, lightly.'],
      },
    },
  },
  'standing-march': {
    in: ['Stand tall, a chair or wall within reach.', 'Lift your {side} knee and your {other} arm, then change, and go on.'],
    breath: {
      inhale: 'two steps',
      exhale: 'two steps',
    },
    hold: ['Land softly. Quiet feet.', 'Stay tall; do not lean back to lift.', 'Keep a pace at which you can talk.'],
    feel: 'Warmth in legs and hips.',
    notFeel: 'No wobble that frightens you, no jolt.',
    stop: 'Stop and hold on if you are short of breath or unsteady.',
    out: ['Let the steps get smaller until you stand still.'],
    short: 'March, soft feet, talking pace.',
    words: ['tall', 'soft landing', 'talking pace'],
    vary: {
      'opposite-hand-to-knee': {
        kind: 'more',
        change: 'Lift your {side} knee and touch it with your {other} hand.',
        in: ['Stand tall, a chair or wall within reach.', 'Lift your {side} knee and touch it with your {other} hand.'],
      },
      'heel-only-march': {
        kind: 'knees-down',
        change: 'Lift your {side} heel, then the {other} one. Toes stay down.',
        in: ['Stand tall, a chair or wall within reach.', 'Lift your {side} heel, then the {other} one. Toes stay down.'],
        short: 'Lift your heels in turn.',
      },
    },
  },
  'utkata-konasana': {
    in: ['Step your feet wide and turn your toes out.', 'Bend your knees out over your toes and lift your arms to the sides.'],
    breath: {
      inhale: 'come up a little, arms open',
      exhale: 'sink, knees over toes',
    },
    liftsOnInhale: true,
    hold: ['Keep your knees pointing where your toes point.', 'Tail heavy, chest tall.', 'Press the outer edges of your feet.'],
    feel: 'Work in the thighs and around the hips.',
    notFeel: 'No pain at the knees or at the front of the pelvis.',
    stop: 'Step your feet closer, or stand up, if the pubic bone or a knee hurts.',
    out: ['Breathe in, straighten your legs. Step your feet together.'],
    short: 'Wide, knees over toes, tall.',
    words: ['wide', 'knees over toes', 'tall'],
    vary: {
      'shallow-hands-on-thighs': {
        kind: 'hands-higher',
        change: 'Bend your knees a little and rest your hands on your thighs.',
        in: ['Step your feet wide and turn your toes out.', 'Bend your knees a little and rest your hands on your thighs.'],
      },
      'back-on-the-wall': {
        kind: 'wall',
        change: 'Lean your back on the wall and slide down a little.',
        in: ['Step your feet wide and turn your toes out.', 'Lean your back on the wall and slide down a little.'],
        out: ['Press your feet and slide up the wall.'],
      },
      'heel-lifts': {
        kind: 'more',
        change: 'Lift one heel, put it down, then the other.',
        hold: ['Lift one heel, put it down, then the other.', 'Keep your knees pointing where your toes point.', 'Tail heavy, chest tall.'],
      },
    },
  },
  malasana: {
    in: [
      'Step your feet a little wider than your hips, toes out.',
      'Squat down slowly, heels on a folded blanket, elbows inside your knees.',
    ],
    breath: {
      inhale: 'lift your breastbone',
      exhale: 'let your pelvis get heavy',
    },
    hold: ['Heels supported, knees in line with your toes.', 'Elbows and knees meet lightly.', 'Let your belly and seat loosen.'],
    feel: 'Width between the sitting bones, a stretch in the hips and calves.',
    notFeel: 'No pain in the knees, no dragging feeling below.',
    stop: 'Come up or sit on blocks if your knees hurt or you feel heaviness low down.',
    out: ['Hands to the floor, lift your hips, walk up your legs. Or sit down backwards.'],
    short: 'Squat, heels supported, chest lifts.',
    words: ['heels held', 'wide knees', 'heavy seat'],
    vary: {
      'heels-on-rolled-mat': {
        kind: 'prop',
        change: 'Put your heels on the rolled mat and squat.',
        in: ['Step your feet a little wider than your hips, toes out.', 'Put your heels on the rolled mat and squat.'],
        out: ['Hands to the floor, lift your hips, walk up your legs.'],
      },
      'seated-on-blocks-or-low-stool': {
        kind: 'sit-instead',
        change: 'Sit on the blocks or stool, feet wide, elbows on your thighs.',
        in: ['Sit on the blocks or stool, feet wide, elbows on your thighs.'],
        hold: ['Knees in line with your toes.', 'Let your belly and seat loosen.', 'Back long, chest lifted.'],
        stop: 'Come out if it hurts, tingles, or the breath sticks.',
        out: ['Hands on your thighs, lean forward and stand up.'],
        short: 'Sit low, feet wide, chest lifts.',
      },
      'holding-a-door-frame-or-chair': {
        kind: 'wall',
        change: 'Hold the frame or chair with both hands and squat as low as you like.',
        in: [
          'Step your feet a little wider than your hips, toes out.',
          'Hold the frame or chair with both hands and squat as low as you like.',
        ],
        out: ['Pull a little with your hands and press your feet to come up.'],
      },
    },
  },
  'heel-raise': {
    in: ['Stand with your feet as wide as your hips, a hand near support.', 'Rise on the balls of your feet, then lower slowly.'],
    breath: {
      inhale: 'rise straight up',
      exhale: 'lower in three counts',
    },
    liftsOnInhale: true,
    hold: ['Weight over the big toes, ankles straight.', 'Up in one, down in three.', 'Look at one still point.'],
    feel: 'Your calves working.',
    notFeel: 'No cramp, no rolling outwards at the ankles.',
    stop: 'Stop if the calf or the heel cord hurts sharply.',
    out: ['Lower your heels once more and stand.'],
    short: 'Up in one, down in three.',
    words: ['straight up', 'slow down', 'eyes still'],
    vary: {
      'hands-on-chair': {
        kind: 'chair',
        change: 'Put your fingertips on the chair back, then rise.',
        in: ['Stand with your feet as wide as your hips, a hand near support.', 'Put your fingertips on the chair back, then rise.'],
      },
      'arms-sweep-up': {
        kind: 'more',
        change: 'Rise and sweep your arms up together.',
        in: ['Stand with your feet as wide as your hips, a hand near support.', 'Rise and sweep your arms up together.'],
      },
    },
  },
  'standing-twist': {
    in: [
      'Stand with your feet wide, knees soft, arms hanging.',
      'Turn to the {side}, let your arms follow, and come back through the middle.',
    ],
    breath: {
      inhale: 'come through the middle',
      exhale: 'turn',
    },
    hold: ['Let your hips follow a little.', 'Slow enough to feel each turn.', 'Head turns last and least.'],
    feel: 'Ribs and shoulders loosening.',
    notFeel: 'No whip, no dizziness.',
    stop: 'Stop and look at one point if the room moves.',
    out: ['Let the swing get smaller until it stops by itself.'],
    short: 'Turn, middle, turn. Arms loose.',
    words: ['loose arms', 'soft knees', 'slow'],
    vary: {
      'slow-with-hands-on-shoulders': {
        kind: 'arms-rest',
        change: 'Hands on your shoulders. Turn to the {side} as you breathe out.',
        in: ['Stand with your feet wide, knees soft, arms hanging.', 'Hands on your shoulders. Turn to the {side} as you breathe out.'],
      },
      'back-heel-lifts': {
        kind: 'other-way',
        change: 'Let your {other} heel lift as you turn to the {side}.',
        in: [
          'Stand with your feet wide, knees soft, arms hanging.',
          'Turn to the {side}, let your arms follow, and come back through the middle.',
          'Let your {other} heel lift as you turn to the {side}.',
        ],
      },
    },
  },
  'standing-hip-circles': {
    in: [
      'Stand with your feet wide, hands on your hips, knees soft.',
      'Circle your hips, first to the {side}. Your head stays where it is.',
    ],
    breath: {
      inhale: 'the front half',
      exhale: 'the back half',
    },
    hold: ['Small and round, like stirring a pot.', 'Leave out any piece that pinches.', 'Feet stay flat and calm.'],
    feel: 'Warmth around the pelvis and low back.',
    notFeel: 'No click that hurts.',
    stop: 'Make the circle smaller, or rest, if the back catches.',
    out: ['Let the circle shrink until you stand still.'],
    short: 'Circle your hips, first to the {side}.',
    words: ['round', 'small', 'head still'],
    vary: {
      'hands-on-chair': {
        kind: 'chair',
        change: 'Hold the chair back and circle your hips, first to the {side}.',
        in: [
          'Stand with your feet wide, hands on your hips, knees soft.',
          'Hold the chair back and circle your hips, first to the {side}.',
        ],
      },
    },
  },
  'tandem-stand': {
    in: [
      'Stand beside your support, one hand on it.',
      'Put your {side} heel in front of your {other} toes.',
      'Lift the hand a little when you are ready.',
    ],
    breath: {
      inhale: 'grow tall',
      exhale: 'knees soft',
    },
    hold: ['Look ahead, not at your feet.', 'Feet in one line, weight in the middle.', 'Your fingertips may come back at any time.'],
    feel: 'Small corrections in the ankles.',
    notFeel: 'No fear, no held breath.',
    stop: 'Hold on and step wide if you sway twice.',
    out: ['Hold on, step your feet apart and breathe.'],
    short: '{side} foot in front, eyes level, hand near.',
    words: ['eyes level', 'hand near', 'one line'],
    vary: {
      'semi-tandem': {
        kind: 'smaller-range',
        change: 'Put your {side} foot half a step ahead, beside the {other} toes.',
        in: [
          'Stand beside your support, one hand on it.',
          'Put your {side} foot half a step ahead, beside the {other} toes.',
          'Lift the hand a little when you are ready.',
        ],
      },
      'walking-the-line': {
        kind: 'more',
        change: 'Walk along the line, heel to toe, a hand along the wall.',
        in: ['Walk along the line, heel to toe, a hand along the wall.'],
      },
    },
  },
  'five-pointed-star': {
    in: ['Step your feet wide and lift your arms to the sides.', 'Reach out in five directions: two feet, two hands, the crown.'],
    breath: {
      inhale: 'reach out to all five points',
      exhale: 'press your legs into the floor',
    },
    hold: ['Outer edges of your feet down.', 'Shoulders low, fingers long.', 'Breathe into your side ribs.'],
    feel: 'Space under the arms.',
    notFeel: 'No strain in the neck.',
    stop: 'Lower your arms if they tingle or get heavy.',
    out: ['Lower your arms, walk your feet in.'],
    short: 'Reach out in five directions.',
    words: ['wide', 'long', 'breathe'],
    vary: {
      'arms-in-cactus': {
        kind: 'arms-rest',
        change: 'Step wide and bend your elbows, hands up.',
        in: ['Step wide and bend your elbows, hands up.'],
      },
      narrow: {
        kind: 'smaller-range',
        change: 'Step a little wider than your hips and open your arms.',
        in: ['Step a little wider than your hips and open your arms.', 'Reach out in five directions: two feet, two hands, the crown.'],
      },
    },
  },
  vrksasana: {
    in: [
      'Shift your weight to your {other} foot.',
      'Put your {side} foot on your calf or above the knee, never on the knee.',
      'Palms together, eyes on one still point.',
    ],
    breath: {
      inhale: 'grow tall',
      exhale: 'press your {other} foot down',
    },
    hold: ['Look at one point that does not move.', 'Foot and leg press each other, equally.', 'Wobbling is how balance learns.'],
    feel: 'A strong {other} leg, an open {side} hip.',
    notFeel: 'No pressure on the side of the knee.',
    stop: 'Put the foot down if the standing leg hurts or you feel unsafe.',
    out: ['Point your {side} knee forward, then put the foot down softly.'],
    short: 'Stand on your {other} leg, {side} knee out, eyes still.',
    words: ['still eyes', 'tall', 'foot off the knee'],
    vary: {
      'toes-down': {
        kind: 'knees-down',
        change: 'Turn your {side} knee out, heel on your ankle, toes on the floor.',
        in: [
          'Shift your weight to your {other} foot.',
          'Turn your {side} knee out, heel on your ankle, toes on the floor.',
          'Palms together, eyes on one still point.',
        ],
        short: 'Toes down, {side} knee out, eyes still.',
      },
      'foot-on-calf': {
        kind: 'other-way',
        change: 'Put your {side} foot on your {other} calf.',
        in: [
          'Shift your weight to your {other} foot.',
          'Put your {side} foot on your {other} calf.',
          'Palms together, eyes on one still point.',
        ],
      },
      'hand-on-wall-or-chair': {
        kind: 'wall',
        change: '{other} hand on the wall or chair, {side} foot on your calf or toes down.',
        in: ['Shift your weight to your {other} foot.', '{other} hand on the wall or chair, {side} foot on your calf or toes down.'],
      },
      'arms-overhead': {
        kind: 'more',
        change: 'Lift your arms when your legs feel quiet.',
        hold: [
          'Lift your arms when your legs feel quiet.',
          'Look at one point that does not move.',
          'Foot and leg press each other, equally.',
        ],
      },
    },
  },
  trikonasana: {
    in: [
      'Step wide, turn your {side} foot out, arms to the sides.',
      'Reach to the {side}, then tip at the hip.',
      '{side} hand to your shin or a block, {other} arm up.',
    ],
    breath: {
      inhale: 'lengthen both sides of your waist',
      exhale: 'tip a little from the {side} hip',
    },
    hold: [
      'Your {side} thigh firm, knee soft.',
      'Lean back a little, as if a wall were behind you.',
      'Look where your neck is easy: down, ahead or up.',
    ],
    feel: 'A stretch inside and behind the {side} thigh.',
    notFeel: 'No weight hanging in the hand, no push back in the knee.',
    stop: 'Come up if your back pinches, your neck hurts or you get dizzy.',
    out: ['Press your feet, breathe in, and come up led by the {other} arm.'],
    short: 'Reach to the {side}, tip at the hip, other arm up.',
    words: ['reach, then tip', 'long waist', 'light hand'],
    vary: {
      'higher-block': {
        kind: 'hands-higher',
        change: 'Rest your {side} hand on the tall block, {other} arm up.',
        in: [
          'Step wide, turn your {side} foot out, arms to the sides.',
          'Reach to the {side}, then tip at the hip.',
          'Rest your {side} hand on the tall block, {other} arm up.',
        ],
      },
      'hand-on-chair-seat': {
        kind: 'chair',
        change: 'Rest your {side} hand on the chair seat, {other} arm up.',
        in: [
          'Step wide, turn your {side} foot out, arms to the sides.',
          'Reach to the {side}, then tip at the hip.',
          'Rest your {side} hand on the chair seat, {other} arm up.',
        ],
        short: '{side} hand on the seat, other arm up.',
      },
      'back-to-the-wall': {
        kind: 'wall',
        change: 'Feel your shoulders and seat along the wall.',
        hold: [
          'Feel your shoulders and seat along the wall.',
          'Your {side} thigh firm, knee soft.',
          'Lean back a little, as if a wall were behind you.',
        ],
      },
      'look-down': {
        kind: 'eyes-open',
        change: 'Look down at your {side} foot. Neck long.',
        hold: [
          'Look down at your {side} foot. Neck long.',
          'Your {side} thigh firm, knee soft.',
          'Lean back a little, as if a wall were behind you.',
        ],
      },
    },
  },
  parsvakonasana: {
    in: [
      'Step wide, turn your {side} foot out and bend that knee.',
      'Rest your {side} forearm lightly on the thigh.',
      'Reach your {other} arm over your ear.',
    ],
    breath: {
      inhale: 'reach from your {other} heel to your fingertips',
      exhale: 'sink a little in the {side} hip',
    },
    hold: [
      'Your {side} knee stays over the ankle.',
      'Forearm light, as if your thigh were a ripe peach.',
      'Turn your chest a little to the ceiling.',
    ],
    feel: 'One long line along the {other} side.',
    notFeel: 'No weight sinking into the shoulder.',
    stop: 'Come up if the knee hurts or the shoulder pinches.',
    out: ['Press your feet, breathe in and come up. Straighten the knee.'],
    short: '{side} knee bent, forearm light, reach over.',
    words: ['long side', 'light arm', 'knee over ankle'],
    vary: {
      'hand-to-block': {
        kind: 'hands-higher',
        change: 'Put your {side} hand on a block inside the foot.',
        in: [
          'Step wide, turn your {side} foot out and bend that knee.',
          'Put your {side} hand on a block inside the foot.',
          'Reach your {other} arm over your ear.',
        ],
      },
      'on-a-chair': {
        kind: 'sit-instead',
        change: 'Sit with your {side} thigh across the chair, forearm on that thigh.',
        in: ['Sit with your {side} thigh across the chair, forearm on that thigh.'],
        hold: ['Turn your chest a little to the ceiling.', 'Sit evenly, back tall.', 'Let the breath stay easy.'],
        stop: 'Come out if it hurts, tingles, or the breath sticks.',
        out: ['Come back to the middle, sit tall, both feet down.'],
      },
      'top-hand-on-hip': {
        kind: 'arms-rest',
        change: 'Keep your {other} hand on your hip and turn that shoulder back.',
        in: [
          'Step wide, turn your {side} foot out and bend that knee.',
          'Rest your {side} forearm lightly on the thigh.',
          'Keep your {other} hand on your hip and turn that shoulder back.',
        ],
      },
    },
  },
  'virabhadrasana-1': {
    in: [
      'Step your {other} foot back, heel down, toes a little out.',
      'Bend your {side} knee, turn your hips forward.',
      'Lift your arms, or leave your hands on your hips.',
    ],
    breath: {
      inhale: 'lift your chest and arms',
      exhale: 'bend the {side} knee, press the {other} heel',
    },
    hold: ['Your {side} knee points over the second toe.', 'Ribs over your hips, low back long.', 'Both feet press the floor apart.'],
    feel: 'Strong legs, the front of the {other} hip open.',
    notFeel: 'No sway in the low back, no twist in the {other} knee.',
    stop: 'Shorten your step if a knee or the back complains.',
    out: ['Hands to your hips, straighten the knee, step forward.'],
    short: '{side} foot forward, knee bent, chest lifts.',
    words: ['two rails', 'back heel', 'lift'],
    vary: {
      'hands-on-hips': {
        kind: 'arms-rest',
        change: 'Keep your hands on your hips and feel if they face forward.',
        in: [
          'Step your {other} foot back, heel down, toes a little out.',
          'Bend your {side} knee, turn your hips forward.',
          'Keep your hands on your hips and feel if they face forward.',
        ],
      },
      'short-stance': {
        kind: 'smaller-range',
        change: 'Step your {other} foot back only half as far, heel down.',
        in: [
          'Step your {other} foot back only half as far, heel down.',
          'Bend your {side} knee, turn your hips forward.',
          'Lift your arms, or leave your hands on your hips.',
        ],
      },
      'over-a-chair': {
        kind: 'chair',
        change: 'Sit with your {side} thigh across the seat and reach your {other} leg back.',
        in: ['Sit with your {side} thigh across the seat and reach your {other} leg back.'],
        out: ['Hands on the chair, bring your {other} leg in.'],
      },
      'wide-feet': {
        kind: 'more-room',
        change: 'Stand on two wide rails, not on one line.',
        in: [
          'Step your {other} foot back, heel down, toes a little out.',
          'Stand on two wide rails, not on one line.',
          'Bend your {side} knee, turn your hips forward.',
          'Lift your arms, or leave your hands on your hips.',
        ],
      },
    },
  },
  'virabhadrasana-2': {
    in: [
      'Step wide, turn your {side} foot out, {other} foot a little in.',
      'Bend your {side} knee over the ankle.',
      'Stretch your arms to both sides. Look along your {side} hand if your neck likes.',
    ],
    breath: {
      inhale: 'grow tall, fingertips wide',
      exhale: 'sink straight down',
    },
    hold: ['Your {side} knee points where the toes point.', 'Trunk upright, not leaning over the knee.', 'Arms level, shoulders low.'],
    feel: 'Strong thighs, wide chest.',
    notFeel: 'No pain in the knee, none at the front of the pelvis.',
    stop: 'Take a shorter step if the knee or the pubic bone hurts.',
    out: ['Breathe in, straighten your knee, turn your feet forward.'],
    short: '{side} knee bent, arms wide, trunk upright.',
    words: ['knee over ankle', 'upright', 'wide'],
    vary: {
      shallow: {
        kind: 'smaller-range',
        change: 'Bend your {side} knee only a little.',
        in: [
          'Step wide, turn your {side} foot out, {other} foot a little in.',
          'Bend your {side} knee only a little.',
          'Stretch your arms to both sides. Look along your {side} hand if your neck likes.',
        ],
      },
      'hands-on-hips': {
        kind: 'arms-rest',
        change: 'Rest your hands on your hips. Legs do the work.',
        in: [
          'Step wide, turn your {side} foot out, {other} foot a little in.',
          'Bend your {side} knee over the ankle.',
          'Rest your hands on your hips. Legs do the work.',
        ],
      },
      'on-a-chair': {
        kind: 'sit-instead',
        change: 'Sit with your {side} thigh on the seat, {other} leg long to the side.',
        in: ['Sit with your {side} thigh on the seat, {other} leg long to the side.'],
        hold: ['Arms level, shoulders low.', 'Sit evenly, back tall.', 'Let the breath stay easy.'],
        stop: 'Come out if it hurts, tingles, or the breath sticks.',
        out: ['Come back to the middle, sit tall, both feet down.'],
      },
      'gaze-forward': {
        kind: 'eyes-open',
        change: 'Look straight ahead. Your neck stays in the middle.',
        hold: [
          'Look straight ahead. Your neck stays in the middle.',
          'Your {side} knee points where the toes point.',
          'Trunk upright, not leaning over the knee.',
        ],
      },
    },
  },
  'virabhadrasana-3': {
    in: ['Stand on your {other} leg, knee soft, hands on your hips.', 'Tip forward in one piece and let your {side} leg rise behind you.'],
    breath: {
      inhale: 'reach long, crown and heel',
      exhale: 'belly firm, hips level',
    },
    hold: ['Both hip bones look at the floor.', 'Stop before your back gives: low is fine.', 'Look at one point on the floor ahead.'],
    feel: 'The back of the {other} leg and your seat at work.',
    notFeel: 'No ache in the low back, no locked knee.',
    stop: 'Put the foot down if you wobble twice or your head feels full.',
    out: ['Look ahead, bring the {side} foot down and stand tall.'],
    short: 'Tip forward, {side} leg back, hips level.',
    words: ['one piece', 'hips level', 'soft knee'],
    vary: {
      'hands-on-chair-back': {
        kind: 'chair',
        change: 'Hold the chair back, walk back, then lift your {side} leg.',
        in: ['Hold the chair back, walk back, then lift your {side} leg.'],
      },
      'toe-on-the-floor': {
        kind: 'knees-down',
        change: 'Tip forward and leave your {side} toes on the floor.',
        in: ['Stand on your {other} leg, knee soft, hands on your hips.', 'Tip forward and leave your {side} toes on the floor.'],
      },
      'arms-alongside': {
        kind: 'arms-rest',
        change: 'Keep your arms along your body, palms in.',
        in: [
          'Stand on your {other} leg, knee soft, hands on your hips.',
          'Tip forward in one piece and let your {side} leg rise behind you.',
          'Keep your arms along your body, palms in.',
        ],
      },
    },
  },
  'viparita-virabhadrasana': {
    in: [
      'Stand with your {side} knee bent, as for a wide warrior.',
      'Turn your {side} palm up and sweep that arm up and back.',
      'Rest your {other} hand lightly on the back leg.',
    ],
    breath: {
      inhale: 'sweep the {side} arm up',
      exhale: 'keep the knee bent',
    },
    hold: [
      'Long waist before you lean.',
      'The hand on the leg weighs no more than a leaf.',
      'Chest to the side, eyes where your neck is free.',
    ],
    feel: 'A long {side} side from knee to fingers.',
    notFeel: 'No pinch in the low back.',
    stop: 'Come up if the back pinches or the knee hurts.',
    out: ['Breathe in, come up and lower your arms.'],
    short: '{side} arm up and back, knee bent.',
    words: ['long first', 'light hand', 'knee stays'],
    vary: {
      'small-arc': {
        kind: 'smaller-range',
        change: "Lift your {side} arm straight up and lean back by a hand's width.",
        in: [
          'Stand with your {side} knee bent, as for a wide warrior.',
          "Lift your {side} arm straight up and lean back by a hand's width.",
          'Rest your {other} hand lightly on the back leg.',
        ],
      },
    },
  },
  'high-lunge': {
    in: ['Step your {other} foot back, heel lifted.', 'Bend your {side} knee over the ankle and lift your chest.'],
    breath: {
      inhale: 'lift tall',
      exhale: 'sink your hips',
    },
    hold: ['Feet on two rails, as wide as your hips.', 'Press the {other} heel away behind you.', 'Belly firm, low back long.'],
    feel: 'Strong legs, the front of the {other} hip long.',
    notFeel: 'No pain in front of the knee.',
    stop: 'Lower the back knee or hold on if you wobble.',
    out: ['Hands to your thigh or hips, step your {other} foot forward.'],
    short: '{side} knee bent, back heel lifted, tall.',
    words: ['two rails', 'strong back leg', 'tall'],
    vary: {
      'hands-on-chair-or-blocks': {
        kind: 'chair',
        change: 'Keep your hands on the chair or blocks while you bend your {side} knee.',
        in: ['Step your {other} foot back, heel lifted.', 'Keep your hands on the chair or blocks while you bend your {side} knee.'],
      },
      short: {
        kind: 'smaller-range',
        change: 'Step your {other} foot back a little, heel lifted. Bend your {side} knee a little.',
        in: ['Step your {other} foot back a little, heel lifted. Bend your {side} knee a little.'],
      },
    },
  },
  'split-squat': {
    in: [
      'Stand beside your support, {side} foot in front. Step your {other} foot back.',
      'Lower your {other} knee straight down to the cushion. Trunk upright.',
    ],
    breath: {
      inhale: 'rise',
      exhale: 'lower straight down',
    },
    liftsOnInhale: true,
    hold: ['Down like a lift, not forward.', 'Both feet as wide as your hips.', 'Your hand on the support helps as much as you like.'],
    feel: 'Both thighs sharing the work.',
    notFeel: 'No rounding back, no knock at the knee.',
    stop: 'Stay higher if the front knee hurts.',
    out: ['Press your {side} heel and rise. Step your feet together.'],
    short: '{side} foot forward, lower the back knee slowly.',
    words: ['straight down', 'upright', 'hold on'],
    vary: {
      'hand-on-chair': {
        kind: 'chair',
        change: 'Hold the chair with one hand and lower your {other} knee.',
        in: [
          'Stand beside your support, {side} foot in front. Step your {other} foot back.',
          'Hold the chair with one hand and lower your {other} knee.',
        ],
      },
      'half-way': {
        kind: 'smaller-range',
        change: 'Lower half way and come up again.',
        in: ['Stand beside your support, {side} foot in front. Step your {other} foot back.', 'Lower half way and come up again.'],
      },
    },
  },
  parsvottanasana: {
    in: [
      'Step your {other} foot back a short way, heel down.',
      'Turn both hips forward, hands on hips.',
      'Fold over your {side} leg from the hip.',
    ],
    breath: {
      inhale: 'lengthen forward',
      exhale: 'fold from the {side} hip',
    },
    hold: ['Both hips look ahead.', 'Back long before it goes low.', 'Front knee soft.'],
    feel: 'A stretch behind the {side} thigh.',
    notFeel: 'No sharp line down the leg, no pull in the upper back.',
    stop: 'Come up if the leg zings or your head feels full.',
    out: ['Hands to your hips, back long, come up as you breathe in.'],
    short: 'Fold over your {side} leg, back long.',
    words: ['hips square', 'long back', 'soft knee'],
    vary: {
      'flat-back-hands-on-seat': {
        kind: 'chair',
        change: 'Fold half way and rest your hands on the seat.',
        in: [
          'Step your {other} foot back a short way, heel down.',
          'Turn both hips forward, hands on hips.',
          'Fold half way and rest your hands on the seat.',
        ],
      },
      'front-knee-bent': {
        kind: 'soft-knees',
        change: 'Bend your {side} knee as much as your back asks for.',
        in: [
          'Step your {other} foot back a short way, heel down.',
          'Turn both hips forward, hands on hips.',
          'Bend your {side} knee as much as your back asks for.',
          'Fold over your {side} leg from the hip.',
        ],
      },
    },
  },
  'ardha-chandrasana': {
    in: [
      'Bend your {side} knee, {side} hand to a block ahead of the foot.',
      'Shift your weight over the {side} foot and lift your {other} leg.',
      'Open your {other} hip and shoulder to the side.',
    ],
    breath: {
      inhale: 'open hip and chest',
      exhale: 'press the {side} foot',
    },
    hold: ['Look down first. The rest can wait.', 'Standing knee in line with the toes.', 'Push out through your {other} heel.'],
    feel: 'A strong {side} leg, a wide front.',
    notFeel: 'No strain in the standing hip, no locked knee.',
    stop: 'Put the foot down if the knee, hip or balance complains.',
    out: ['Bend your {side} knee, step the {other} foot back and stand up.'],
    short: 'Stand on your {side} leg, open to the side.',
    words: ['block ahead', 'look down', 'heel away'],
    vary: {
      'hand-on-chair-seat': {
        kind: 'chair',
        change: 'Rest your {side} hand on the chair seat, then lift your {other} leg.',
        in: ['Rest your {side} hand on the chair seat, then lift your {other} leg.', 'Open your {other} hip and shoulder to the side.'],
      },
      'back-against-wall': {
        kind: 'wall',
        change: 'Stand along the wall and let it carry your back.',
        in: [
          'Stand along the wall and let it carry your back.',
          'Bend your {side} knee, {side} hand to a block ahead of the foot.',
          'Shift your weight over the {side} foot and lift your {other} leg.',
          'Open your {other} hip and shoulder to the side.',
        ],
      },
      'top-hand-on-hip': {
        kind: 'arms-rest',
        change: 'Keep your {other} hand on your hip.',
        in: [
          'Bend your {side} knee, {side} hand to a block ahead of the foot.',
          'Shift your weight over the {side} foot and lift your {other} leg.',
          'Open your {other} hip and shoulder to the side.',
          'Keep your {other} hand on your hip.',
        ],
      },
    },
  },
  garudasana: {
    in: [
      'Bend both knees and stand on your {other} leg.',
      'Cross your {side} thigh over, toes to the floor or behind the calf.',
      'Cross your arms, {other} arm on top, and lift your elbows a little.',
    ],
    breath: {
      inhale: 'lift your elbows',
      exhale: 'sit a little deeper',
    },
    hold: ['Squeeze the legs together lightly.', 'Sit back, chest over hips.', 'Breathe between your shoulder blades.'],
    feel: 'Width across the upper back, work in the standing leg.',
    notFeel: 'No twist in the knee.',
    stop: 'Unwind if the knee or a shoulder pinches.',
    out: ['Unwind your arms, then your legs. Stand on both feet.'],
    short: '{side} thigh over, arms crossed, sit back.',
    words: ['sit back', 'wide back', 'unwind slowly'],
    vary: {
      'toe-tip-kickstand': {
        kind: 'knees-down',
        change: 'Cross your {side} leg over and rest the toe tips on the floor.',
        in: [
          'Bend both knees and stand on your {other} leg.',
          'Cross your {side} leg over and rest the toe tips on the floor.',
          'Cross your arms, {other} arm on top, and lift your elbows a little.',
        ],
      },
      'self-hug-arms': {
        kind: 'arms-rest',
        change: 'Hug your shoulders, {other} arm on top.',
        in: [
          'Bend both knees and stand on your {other} leg.',
          'Cross your {side} thigh over, toes to the floor or behind the calf.',
          'Hug your shoulders, {other} arm on top.',
        ],
      },
      'on-a-chair': {
        kind: 'sit-instead',
        change: 'Sit tall, cross your {side} thigh over, hug your shoulders.',
        in: ['Sit tall, cross your {side} thigh over, hug your shoulders.'],
        hold: ['Sit back, chest over hips.', 'Breathe between your shoulder blades.', 'Sit evenly, back tall.'],
        feel: 'A mild stretch or some work, and a free breath.',
        out: ['Come back to the middle, sit tall, both feet down.'],
      },
    },
  },
  natarajasana: {
    in: [
      'Stand on your {other} leg, a wall or chair beside you.',
      'Bend your {side} knee and hold the foot with your {side} hand.',
      'Knees close, then press the foot back into the hand.',
    ],
    breath: {
      inhale: 'lift your chest',
      exhale: 'press the foot into the hand',
    },
    hold: ['Press the foot back more than up.', 'Standing knee soft.', 'Look at one still point.'],
    feel: 'The front of the {side} thigh, a strong standing leg.',
    notFeel: 'No pinch in the low back.',
    stop: 'Let the foot go if knee, back or calf complains.',
    out: ['Bring the knees together, let the foot down gently.'],
    short: 'Hold your {side} foot, press it back, chest lifts.',
    words: ['knees close', 'press back', 'hold on'],
    vary: {
      'strap-round-the-foot': {
        kind: 'prop',
        change: 'Loop the strap round your {side} foot and hold its end.',
        in: [
          'Stand on your {other} leg, a wall or chair beside you.',
          'Loop the strap round your {side} foot and hold its end.',
          'Knees close, then press the foot back into the hand.',
        ],
      },
      'hand-on-chair': {
        kind: 'chair',
        change: 'Hold the chair with your {other} hand the whole time.',
        in: [
          'Stand on your {other} leg, a wall or chair beside you.',
          'Hold the chair with your {other} hand the whole time.',
          'Bend your {side} knee and hold the foot with your {side} hand.',
          'Knees close, then press the foot back into the hand.',
        ],
      },
    },
  },
  'utthita-hasta-padangusthasana': {
    in: ['Stand on your {other} leg beside the wall.', 'Loop the strap round your {side} foot and lift the leg forward.'],
    breath: {
      inhale: 'stand tall',
      exhale: 'lift the leg a little',
    },
    hold: ['A tall back matters more than a high leg.', 'Standing knee soft.', 'Shoulders level.'],
    feel: 'A stretch behind the {side} leg, a busy standing hip.',
    notFeel: 'No rounding, no nerve twinge.',
    stop: 'Lower the leg if it tingles or your back rounds.',
    out: ['Bend the {side} knee and lower the foot.'],
    short: '{side} leg forward in the strap, stand tall.',
    words: ['tall', 'leg low is fine', 'wall near'],
    vary: {
      'knee-bent': {
        kind: 'soft-knees',
        change: 'Hold the strap and keep your {side} knee bent.',
        in: [
          'Stand on your {other} leg beside the wall.',
          'Loop the strap round your {side} foot and lift the leg forward.',
          'Hold the strap and keep your {side} knee bent.',
        ],
      },
      'heel-on-chair-seat-or-step': {
        kind: 'chair',
        change: 'Rest your {side} heel on the seat or step. Toes up.',
        in: ['Stand on your {other} leg beside the wall.', 'Rest your {side} heel on the seat or step. Toes up.'],
        out: ['Lift the heel off the seat and put the foot down.'],
      },
      'to-the-side': {
        kind: 'more',
        change: 'Take the {side} leg out a little. Hips stay level.',
        hold: ['Take the {side} leg out a little. Hips stay level.', 'A tall back matters more than a high leg.', 'Standing knee soft.'],
      },
    },
  },
  'standing-knee-hug': {
    in: ['Stand on your {other} leg, support beside you.', 'Lift your {side} knee and hold it below the knee or under the thigh.'],
    breath: {
      inhale: 'grow tall',
      exhale: 'draw the knee in',
    },
    hold: ['Bring the knee to you, not yourself to the knee.', 'Standing foot flat and wide.', 'Eyes still.'],
    feel: 'The {side} seat stretching, the standing leg working.',
    notFeel: 'No pinch in the groin.',
    stop: 'Put the foot down if hip or balance says no.',
    out: ['Lower the foot slowly.'],
    short: 'Hug your {side} knee, stand tall.',
    words: ['tall', 'eyes still', 'hold on'],
    vary: {
      'one-hand-on-chair': {
        kind: 'chair',
        change: 'Hold the chair with your {other} hand, your {side} knee with your {side} hand.',
        in: [
          'Stand on your {other} leg, support beside you.',
          'Hold the chair with your {other} hand, your {side} knee with your {side} hand.',
        ],
      },
      'no-hands-march': {
        kind: 'other-way',
        change: 'Lift your {side} knee without holding it, then lower.',
        in: ['Stand on your {other} leg, support beside you.', 'Lift your {side} knee without holding it, then lower.'],
      },
      'hold-under-the-thigh': {
        kind: 'other-way',
        change: 'Hold under your {side} thigh, not on the knee.',
        in: ['Stand on your {other} leg, support beside you.', 'Hold under your {side} thigh, not on the knee.'],
      },
    },
  },
  skandasana: {
    in: ['Step wide, hands in front of you.', 'Bend your {side} knee and sit back into that hip. {other} leg long.'],
    breath: {
      inhale: 'rise to the middle',
      exhale: 'sink to the {side}',
    },
    hold: ['Your {side} heel stays down.', 'Knee in line with the toes.', 'Go only as deep as you can come out of.'],
    feel: 'The inner {other} thigh, a busy {side} hip.',
    notFeel: 'No pain in the bent knee.',
    stop: 'Stay higher if knee or groin pulls.',
    out: ['Press the {side} foot and come to the middle.'],
    short: 'Sit to the {side}, other leg long.',
    words: ['heel down', 'sit back', 'smooth'],
    vary: {
      'hands-on-chair-seat': {
        kind: 'chair',
        change: 'Rest your hands on the seat while you bend your {side} knee.',
        in: ['Step wide, hands in front of you.', 'Rest your hands on the seat while you bend your {side} knee.'],
      },
      shallow: {
        kind: 'smaller-range',
        change: 'Bend your {side} knee a little and shift your weight.',
        in: ['Step wide, hands in front of you.', 'Bend your {side} knee a little and shift your weight.'],
      },
    },
  },
  'standing-figure-four': {
    in: [
      'Stand on your {other} leg with a hand on support.',
      'Put your {side} ankle above the {other} knee, toes pulled up.',
      'Sit back a little.',
    ],
    breath: {
      inhale: 'lengthen your back',
      exhale: 'sit back',
    },
    hold: ['Toes up, to guard the knee.', 'Chest lifted, back long.', 'A little depth is plenty.'],
    feel: 'The outer {side} hip.',
    notFeel: 'No twist in the {side} knee.',
    stop: 'Come out if the knee or groin hurts.',
    out: ['Stand up, hold on, put the foot down.'],
    short: '{side} ankle over the knee, sit back.',
    words: ['toes up', 'sit back', 'hold on'],
    vary: {
      'hands-on-chair-back': {
        kind: 'chair',
        change: 'Hold the chair back with both hands and sit back.',
        in: [
          'Stand on your {other} leg with a hand on support.',
          'Put your {side} ankle above the {other} knee, toes pulled up.',
          'Hold the chair back with both hands and sit back.',
        ],
      },
      seated: {
        kind: 'sit-instead',
        change: 'Sit, put your {side} ankle on your {other} thigh, back long.',
        in: ['Sit, put your {side} ankle on your {other} thigh, back long.'],
        hold: ['Chest lifted, back long.', 'A little depth is plenty.', 'Sit evenly, back tall.'],
        out: ['Come back to the middle, sit tall, both feet down.'],
      },
    },
  },
  'floor-transfer-down': {
    in: [
      'Stand beside your chair, cushion on the floor behind you.',
      '{side} foot forward, lower your {other} knee to the cushion, trunk upright.',
      'Kneel, sit back, hands forward, then lie down on your side.',
    ],
    breath: {
      inhale: 'pause and look ahead',
      exhale: 'lower to the next level',
    },
    hold: [
      'Stop at each level for one breath.',
      'Back long the whole way, like a tray.',
      'Roll as one log: knees, hips and shoulders together.',
    ],
    feel: 'Your legs and hands sharing the work.',
    notFeel: 'No rounding, no dropping the last bit.',
    stop: 'Stay at any level where it hurts, and say so.',
    out: ['Lie on your side until your breath is quiet.'],
    short: 'Step, kneel, sit back, hands, side.',
    words: ['level by level', 'long back', 'one log'],
  },
  'surya-namaskara-classic': {
    in: ['Stand at the front of your mat. Each breath carries one movement.', 'In this round your {side} foot steps back first.'],
    breath: {
      inhale: 'open and rise',
      exhale: 'fold and step back',
    },
    hold: ['If the breath runs out, wait and take another.', 'Knees down in any step.', 'Leave out a step and meet us at the next.'],
    feel: 'Warmth, an even pulse.',
    notFeel: 'No race, no held breath.',
    stop: 'Stop and stand, or kneel, if you are dizzy or out of breath.',
    out: ['Stand, arms down, feel your pulse settle.'],
    short: 'One breath, one movement. {side} foot back first.',
    words: ['one breath', 'one move', 'your pace'],
  },
  'surya-namaskara-gentle': {
    in: ['Stand tall. We stay on our feet the whole way.', 'Arms up, fold half, long back, sit back, rise, arms down.'],
    breath: {
      inhale: 'open or rise',
      exhale: 'fold or sit back',
    },
    hold: ['Knees soft in every fold.', 'Hands may stay on the thighs all the time.', 'Rest in standing whenever you like.'],
    feel: 'Warm legs and shoulders.',
    notFeel: 'No dizziness on the way up.',
    stop: 'Stay upright and breathe if your head feels light.',
    out: ['Arms down, stand, two quiet breaths.'],
    short: 'Up, fold, long, sit, up, down.',
    words: ['on your feet', 'soft knees', 'your pace'],
  },
  'surya-namaskara-prenatal': {
    in: [
      'Stand with your feet wide, room for your belly in every step.',
      'We step, we never jump. This round starts with the {side} foot in front.',
    ],
    breath: {
      inhale: 'open',
      exhale: 'fold or settle',
    },
    hold: [
      'Wide feet, bent knees, breath flowing.',
      'Hands on blocks are as good as on the floor.',
      'Stop in any step that feels pleasant and stay.',
    ],
    feel: 'Room for belly and breath.',
    notFeel: 'No pressure on the belly, no pull at the pubic bone.',
    stop: 'Stop at once with bleeding, regular tightening, dizziness or pain, and tell me.',
    out: ['Stand wide, hands on your belly or sides, rest.'],
    short: 'Wide, slow, step by step.',
    words: ['wide', 'step', 'breathe'],
  },
  'parivrtta-trikonasana': {
    in: [
      'Step your {other} foot back a short way, {side} foot in front, hips forward.',
      'Fold half way, {other} hand to a block, then turn to the {side}.',
    ],
    breath: {
      inhale: 'lengthen your back',
      exhale: 'turn a little',
    },
    hold: ['Hips level before you turn.', 'The turn is in the ribs.', 'Look down if your neck is tired.'],
    feel: 'A turn in the ribs, a stretch behind the {side} thigh.',
    notFeel: 'No pinch in the low back, no wobble that frightens you.',
    stop: 'Turn less or come up if the back pinches or you get dizzy.',
    out: ['Turn back, hands to your hips, come up with a long back.'],
    short: '{other} hand down, turn to the {side}.',
    words: ['level', 'ribs turn', 'high block'],
    vary: {
      'chair-under-the-hand': {
        kind: 'chair',
        change: 'Rest your {other} hand on the chair seat, then turn to the {side}.',
        in: [
          'Step your {other} foot back a short way, {side} foot in front, hips forward.',
          'Rest your {other} hand on the chair seat, then turn to the {side}.',
        ],
      },
      'top-hand-on-sacrum': {
        kind: 'arms-rest',
        change: 'Keep your {side} hand on the back of your pelvis to feel if it is level.',
        in: [
          'Step your {other} foot back a short way, {side} foot in front, hips forward.',
          'Fold half way, {other} hand to a block, then turn to the {side}.',
          'Keep your {side} hand on the back of your pelvis to feel if it is level.',
        ],
      },
    },
  },
  'parivrtta-parsvakonasana': {
    in: ['Step your {other} foot back, bend your {side} knee.', 'Palms together, turn to the {side} over the bent thigh.'],
    breath: {
      inhale: 'lengthen',
      exhale: 'turn',
    },
    hold: ['Turn from the middle of your back.', '{side} knee stays over the foot.', 'Length first, turn second.'],
    feel: 'A strong turn, working legs.',
    notFeel: 'No squeezed belly, no held breath.',
    stop: 'Come up if the breath gets tight or the back pinches.',
    out: ['Turn back, hands down or to your hips, step in.'],
    short: 'Bend the {side} knee, turn to the {side}.',
    words: ['long', 'ribs turn', 'breathe'],
    vary: {
      'back-knee-down': {
        kind: 'knees-down',
        change: '{other} knee on the blanket, then turn.',
        in: ['Step your {other} foot back, bend your {side} knee.', '{other} knee on the blanket, then turn.'],
      },
      'hand-on-block-open-twist-away-from-the-thigh': {
        kind: 'more-room',
        change: '{side} hand on the block, turn open, away from the bent thigh.',
        in: ['Step your {other} foot back, bend your {side} knee.', '{side} hand on the block, turn open, away from the bent thigh.'],
      },
    },
  },
  'baddha-virabhadrasana': {
    in: ['{side} foot in front, knee bent. Lace your hands behind you.', 'Lift your chest, then bow inside the {side} knee.'],
    breath: {
      inhale: 'lift your laced hands',
      exhale: 'bow inside the {side} knee',
    },
    hold: ['Head light, nothing forced.', '{side} knee over the ankle.', 'Half a bow is a bow.'],
    feel: 'Open shoulders, strong legs.',
    notFeel: 'No pressure in the head, no slip in the shoulder.',
    stop: 'Come up if your head fills or a shoulder feels loose.',
    out: ['Press your feet, come up chest first, free your hands.'],
    short: 'Hands laced, bow inside the {side} knee.',
    words: ['light head', 'half is fine', 'breathe'],
    vary: {
      'strap-between-the-hands': {
        kind: 'prop',
        change: '{side} foot in front, knee bent. Hold the strap behind you.',
        in: ['{side} foot in front, knee bent. Hold the strap behind you.', 'Lift your chest, then bow inside the {side} knee.'],
      },
    },
  },
  'uddiyana-bandha': {
    in: [
      'Stand with your knees bent, hands on your thighs.',
      'Breathe out fully, then draw your belly in and up. Let go before you breathe in.',
    ],
    breath: {
      inhale: 'after you let go',
      exhale: 'empty, then draw the belly up',
    },
    hold: ['Let go first, breathe second.', 'Short is long enough.', 'Rest for three breaths between.'],
    feel: 'A hollow under the ribs.',
    notFeel: 'No pressure in head, eyes or pelvis.',
    stop: 'Leave it if you feel pressure, pain or air hunger.',
    out: ['Let go, breathe in, stand up.'],
    short: 'Empty, draw up, let go, breathe.',
    words: ['empty', 'short', 'let go first'],
    vary: {
      'soft-belly-draw-on-the-exhale': {
        kind: 'breathe-freely',
        change: 'Draw your low belly in gently as you breathe out. No waiting.',
        in: ['Stand with your knees bent, hands on your thighs.', 'Draw your low belly in gently as you breathe out. No waiting.'],
      },
    },
  },
};
