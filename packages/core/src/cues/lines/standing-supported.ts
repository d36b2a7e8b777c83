import type { SpokenLines } from '../spoken-lines.js';

export const STANDING_SUPPORTED: SpokenLines = {
  'wall-mountain': {
    in: ["Stand with your back to the wall, heels a hand's width away.", 'Let your seat and shoulder blades touch the wall.'],
    breath: {
      inhale: 'grow up along the wall',
      exhale: 'let your shoulders widen',
    },
    hold: [
      'Chin level. The head need not touch.',
      'A small hollow behind the waist belongs there.',
      'Feel three places: seat, ribs, shoulder blades.',
    ],
    feel: 'The wall telling you where upright is.',
    notFeel: 'No pressing, no chin pushed up.',
    stop: 'Step away if you feel giddy or your low back aches.',
    out: ['Step away from the wall and keep the same height.'],
    short: 'Back to the wall, tall, chin level.',
    words: ['tall', 'chin level', 'wide'],
    vary: {
      'cushion-behind-the-head': {
        kind: 'prop',
        change: 'Put a cushion between your head and the wall.',
        in: [
          "Stand with your back to the wall, heels a hand's width away.",
          'Let your seat and shoulder blades touch the wall.',
          'Put a cushion between your head and the wall.',
        ],
      },
      'heels-15-cm-away': {
        kind: 'other-way',
        change: "Stand with your heels a foot's width from the wall, knees soft.",
        in: ["Stand with your heels a foot's width from the wall, knees soft.", 'Let your seat and shoulder blades touch the wall.'],
      },
    },
  },
  'wall-arm-slide': {
    in: ['Stand with your back to the wall, elbows by your ribs.', 'Slide your arms up as you breathe in, down as you breathe out.'],
    breath: {
      inhale: 'slide your arms up',
      exhale: 'slide down, elbows to the ribs',
    },
    hold: ['Go only as high as your ribs stay quiet.', 'Your hands may leave the wall.', 'Think of wiping a window, slowly.'],
    feel: 'The muscles between your shoulder blades.',
    notFeel: 'No pinch on top of the shoulder.',
    stop: 'Stay lower, or stop, if the shoulder catches.',
    out: ['Let your arms hang and step away.'],
    short: 'Slide up, slide down, ribs quiet.',
    words: ['slide', 'ribs quiet', 'elbows down'],
    vary: {
      seated: {
        kind: 'sit-instead',
        change: 'Sit tall and slide your arms up and down in the air behind your ears.',
        in: ['Sit tall and slide your arms up and down in the air behind your ears.'],
        hold: ['Go only as high as your ribs stay quiet.', 'Think of wiping a window, slowly.', 'Sit evenly, back tall.'],
        out: ['Come back to the middle, sit tall, both feet down.'],
      },
      lying: {
        kind: 'lie-down-instead',
        change: 'Lie on your back, knees bent, and slide your arms along the floor.',
        in: ['Lie on your back, knees bent, and slide your arms along the floor.'],
        hold: ['Go only as high as your ribs stay quiet.', 'Think of wiping a window, slowly.', 'Let the floor have your weight.'],
        out: ['Let everything rest, roll to one side, wait, push up.'],
      },
    },
  },
  'wall-dog': {
    in: ['Put your hands on the wall at hip height or higher.', 'Walk back until your feet are under your hips and your back is long.'],
    breath: {
      inhale: 'lengthen from your wrists to your hips',
      exhale: 'hips draw back, chest soft',
    },
    hold: ['Ears between your arms.', 'Knees as bent as your legs ask.', 'Push the wall, and let the hips pull away.'],
    feel: 'Long sides, a stretch behind the legs.',
    notFeel: 'No hanging in the shoulders.',
    stop: 'Hands higher, or walk in, if shoulders or head complain.',
    out: ['Walk your feet in, look ahead and stand up.'],
    short: 'Hands on the wall, hips back, long.',
    words: ['push', 'hips back', 'ears by arms'],
    vary: {
      'hands-higher-trunk-50': {
        kind: 'hands-higher',
        change: 'Put your hands on the wall at shoulder height and walk back only a little.',
        in: ['Put your hands on the wall at shoulder height and walk back only a little.'],
      },
      'bent-knees': {
        kind: 'soft-knees',
        change: 'Bend your knees well and send your hips back.',
        in: [
          'Put your hands on the wall at hip height or higher.',
          'Walk back until your feet are under your hips and your back is long.',
          'Bend your knees well and send your hips back.',
        ],
      },
      'forearms-on-wall': {
        kind: 'wall',
        change: 'Lay your forearms on the wall and walk back.',
        in: ['Lay your forearms on the wall and walk back.'],
      },
    },
  },
  'wall-push-up': {
    in: ['Hands on the wall at chest height, feet a step back.', 'Bend your elbows as you breathe in, press away as you breathe out.'],
    breath: {
      inhale: 'bend your elbows',
      exhale: 'press away',
    },
    hold: ['Head, hips and heels in one line.', 'Elbows slant down.', 'Choose a distance you could keep for eight.'],
    feel: 'Chest and arms at work, belly firm.',
    notFeel: 'No sagging, no ache in the wrists.',
    stop: 'Step closer or stop if a wrist or shoulder hurts.',
    out: ['Press away and walk your feet in.'],
    short: 'Bend, press, one long line.',
    words: ['one line', 'elbows down', 'breathe'],
    vary: {
      'closer-feet': {
        kind: 'smaller-range',
        change: 'Hands on the wall at chest height, feet a little closer.',
        in: [
          'Hands on the wall at chest height, feet a little closer.',
          'Bend your elbows as you breathe in, press away as you breathe out.',
        ],
      },
      'hands-on-table': {
        kind: 'chair',
        change: 'Hands on the edge of the table, feet back, one long line.',
        in: [
          'Hands on the edge of the table, feet back, one long line.',
          'Bend your elbows as you breathe in, press away as you breathe out.',
        ],
        out: ['Press away and walk your feet in.'],
      },
    },
  },
  'wall-squat': {
    in: ["Lean your back on the wall, feet a thigh's length away.", 'Slide down a little, knees over your ankles.'],
    breath: {
      inhale: 'stay, breathe',
      exhale: 'slide a little lower, or stay',
    },
    hold: ['Breathe out often and aloud if you like.', 'Knees no lower than hip level.', 'Press your whole foot.'],
    feel: 'Your thighs at work.',
    notFeel: 'No pain at the kneecap, no held breath.',
    stop: 'Slide up before your legs shake, or if the knees hurt.',
    out: ['Press your feet and slide up as you breathe out.'],
    short: 'Slide down the wall, breathe out often.',
    words: ['slide', 'breathe out', 'knees over ankles'],
    vary: {
      high: {
        kind: 'smaller-range',
        change: "Slide down by a hand's width.",
        in: ["Lean your back on the wall, feet a thigh's length away.", "Slide down by a hand's width."],
      },
      'cushion-between-the-knees': {
        kind: 'more',
        change: 'Hold a cushion between your knees, lightly.',
        in: [
          "Lean your back on the wall, feet a thigh's length away.",
          'Hold a cushion between your knees, lightly.',
          'Slide down a little, knees over your ankles.',
        ],
      },
    },
  },
  'wall-calf-stretch': {
    in: ['Hands on the wall, {side} foot forward, {other} foot back.', 'Bend your {side} knee and keep your {other} heel down.'],
    breath: {
      inhale: 'grow long from heel to head',
      exhale: 'press the {other} heel',
    },
    hold: [
      'Back foot points straight ahead.',
      'Bend the front knee until you feel a clear stretch.',
      'Look at the wall, not at the floor.',
    ],
    feel: 'A stretch in your {other} calf.',
    notFeel: 'No sharp pull at the heel cord.',
    stop: 'Ease off if the heel or the arch hurts.',
    out: ['Bring your feet together and shake your legs.'],
    short: '{other} heel down and back, calf long.',
    words: ['heel heavy', 'toes ahead', 'ease'],
    vary: {
      'back-knee-bent': {
        kind: 'soft-knees',
        change: 'Now bend your {other} knee too, heel still down.',
        in: [
          'Hands on the wall, {side} foot forward, {other} foot back.',
          'Bend your {side} knee and keep your {other} heel down.',
          'Now bend your {other} knee too, heel still down.',
        ],
        feel: 'The stretch moves lower, near the heel.',
      },
      'from-all-fours': {
        kind: 'other-way',
        change: 'On hands and knees, step your {other} foot back and press its heel.',
        in: ['On hands and knees, step your {other} foot back and press its heel.'],
        out: ['Knees down, sit back.'],
      },
    },
  },
  'wall-chest-opener': {
    in: [
      'Stand with your {side} side to the wall, {side} hand on it at shoulder height.',
      'Turn your feet and chest away, little by little.',
    ],
    breath: {
      inhale: 'broaden your collarbones',
      exhale: 'turn away a little',
    },
    hold: ['Turn your feet too.', 'Shoulder low and easy.', 'Lower the hand if the shoulder is crowded.'],
    feel: 'A stretch across the {side} side of the chest.',
    notFeel: 'No tingling, no pain deep in the shoulder.',
    stop: 'Turn back if the hand tingles or the shoulder slips or hurts.',
    out: ['Turn back to the wall and let your arm down.'],
    short: '{side} hand on the wall, turn away.',
    words: ['turn the feet', 'low shoulder', 'small'],
    vary: {
      'elbow-bent': {
        kind: 'arms-rest',
        change: 'Bend your {side} elbow and lay the forearm on the wall.',
        in: [
          'Stand with your {side} side to the wall, {side} hand on it at shoulder height.',
          'Bend your {side} elbow and lay the forearm on the wall.',
          'Turn your feet and chest away, little by little.',
        ],
      },
      'hand-lower': {
        kind: 'arms-rest',
        change: 'Stand with your {side} side to the wall, {side} hand on it at waist height.',
        in: [
          'Stand with your {side} side to the wall, {side} hand on it at waist height.',
          'Turn your feet and chest away, little by little.',
        ],
      },
    },
  },
  'wall-side-stretch': {
    in: ['Stand with your {side} side to the wall, {side} forearm on it.', 'Reach your {other} arm up and over towards the wall.'],
    breath: {
      inhale: 'lengthen the {other} side',
      exhale: 'lean',
    },
    hold: ['Hips level, both feet heavy.', 'Up first, over second.', 'Breathe into the long ribs.'],
    feel: 'Length along the {other} side.',
    notFeel: 'No crowding in the {side} waist.',
    stop: 'Come up if the back pinches or the arm tingles.',
    out: ['Breathe in, stand tall, arm down.'],
    short: 'Lean to the wall, reach over.',
    words: ['up, then over', 'hips level', 'breathe'],
    vary: {
      'top-hand-on-hip': {
        kind: 'arms-rest',
        change: 'Keep your {other} hand on your hip and lean.',
        in: ['Stand with your {side} side to the wall, {side} forearm on it.', 'Keep your {other} hand on your hip and lean.'],
      },
    },
  },
  'wall-tree': {
    in: [
      'Stand with your {other} side near the wall, fingertips on it.',
      'Turn your {side} knee out and put the foot on your calf, or toes on the floor.',
    ],
    breath: {
      inhale: 'rise',
      exhale: 'press the standing foot',
    },
    hold: ['Fingertips on the wall, not your weight.', 'Eyes on one still point.', 'Lift the fingers for one breath if you like.'],
    feel: 'A steady {other} leg.',
    notFeel: 'No foot on the knee.',
    stop: 'Foot down if the leg hurts or you sway twice.',
    out: ['Knee forward, foot down.'],
    short: '{side} knee out, fingertips on the wall.',
    words: ['fingertips', 'still eyes', 'tall'],
    vary: {
      'back-to-the-wall': {
        kind: 'wall',
        change: 'Stand with your back to the wall and turn your {side} knee out.',
        in: ['Stand with your back to the wall and turn your {side} knee out.'],
      },
    },
  },
  'wall-warrior-3': {
    in: ['Hands on the wall at hip height or higher, walk back, back long.', 'Lift your {side} leg behind you.'],
    breath: {
      inhale: 'lengthen',
      exhale: 'lift your {side} leg, hip height at most',
    },
    hold: ['Both hip bones look at the floor.', 'Standing knee soft.', 'Low and level is better than high.'],
    feel: 'Your seat, and behind the standing leg.',
    notFeel: 'No ache in the low back.',
    stop: 'Foot down if the back or the standing leg complains.',
    out: ['Foot down, walk in, stand tall.'],
    short: 'Hands on the wall, {side} leg back, hips level.',
    words: ['level', 'long', 'soft knee'],
    vary: {
      'sole-to-the-wall': {
        kind: 'wall',
        change: 'Stand with your back to the wall, tip forward, {side} sole on the wall.',
        in: ['Stand with your back to the wall, tip forward, {side} sole on the wall.'],
        out: ['Foot down, stand tall.'],
      },
    },
  },
  'chair-dog': {
    in: ['Hold the chair back and walk your feet away.', 'Feet under your hips, back long, head between your arms.'],
    breath: {
      inhale: 'lengthen through your back',
      exhale: 'hips back, chest soft',
    },
    hold: ['Push the chair a little, pull your hips a little.', 'Bend your knees if your back rounds.', 'Look at the floor.'],
    feel: 'Long sides, a stretch behind the legs.',
    notFeel: 'No weight on the neck, no hanging shoulders.',
    stop: 'Walk in if you feel dizzy or a shoulder hurts.',
    out: ['Look ahead, walk in and stand. Wait one breath.'],
    short: 'Hold the chair, hips back, long.',
    words: ['long', 'hips back', 'walk in'],
    vary: {
      'higher-hands': {
        kind: 'hands-higher',
        change: 'Hold the top of the backrest and walk back only a little.',
        in: ['Hold the top of the backrest and walk back only a little.'],
      },
      'forearms-on-chair-back': {
        kind: 'chair',
        change: 'Lay your forearms on the chair back and walk away.',
        in: ['Lay your forearms on the chair back and walk away.'],
      },
      'bent-knees': {
        kind: 'soft-knees',
        change: 'Bend your knees and send your hips back.',
        in: [
          'Hold the chair back and walk your feet away.',
          'Feet under your hips, back long, head between your arms.',
          'Bend your knees and send your hips back.',
        ],
      },
    },
  },
  'chair-dog-seat': {
    in: ['Chair against the wall. Hands on the front edge of the seat.', 'Walk back and send your hips up and back.'],
    breath: {
      inhale: 'lengthen your arms and back',
      exhale: 'press your hips up and back',
    },
    hold: ['Heel of the hand on the edge, knees soft.', 'Ears between your arms.', 'Heels may float.'],
    feel: 'Long sides, stretching legs.',
    notFeel: 'No pressure in head or wrists.',
    stop: 'Walk in if your head feels full or your wrists hurt.',
    out: ['Bend your knees, walk in, stand up slowly.'],
    short: 'Hands on the seat, hips up and back.',
    words: ['long', 'hips high', 'soft knees'],
    vary: {
      'heels-on-a-wedge': {
        kind: 'prop',
        change: 'Put your heels on the wedge, then walk your hips back.',
        in: ['Chair against the wall. Hands on the front edge of the seat.', 'Put your heels on the wedge, then walk your hips back.'],
      },
      'wide-feet-heels-high': {
        kind: 'more-room',
        change: 'Feet wide, heels lifted, hips up and back.',
        in: ['Chair against the wall. Hands on the front edge of the seat.', 'Feet wide, heels lifted, hips up and back.'],
      },
    },
  },
  'chair-warrior-3': {
    in: ['Hold the chair back, walk back a step, stand on your {other} leg.', 'Tip forward and lift your {side} leg behind you.'],
    breath: {
      inhale: 'long from head to heel',
      exhale: 'lift, no higher than the hip',
    },
    hold: ['Hip bones look at the floor.', 'Belly firm, low back still.', 'Standing knee soft.'],
    feel: 'Your seat and the back of the standing leg.',
    notFeel: 'No pinch in the low back.',
    stop: 'Foot down if you sway or the back aches.',
    out: ['Lower the leg, walk in, stand tall.'],
    short: '{side} leg back, hips level, hold the chair.',
    words: ['level', 'firm belly', 'hold on'],
    vary: {
      'toe-touch': {
        kind: 'knees-down',
        change: 'Slide your {side} toes back along the floor. They stay down.',
        in: [
          'Hold the chair back, walk back a step, stand on your {other} leg.',
          'Slide your {side} toes back along the floor. They stay down.',
        ],
      },
      pulse: {
        kind: 'more',
        change: 'Lower and lift by two fingers, on each breath.',
        hold: ['Lower and lift by two fingers, on each breath.', 'Hip bones look at the floor.', 'Belly firm, low back still.'],
      },
    },
  },
  'chair-quad-stretch': {
    in: [
      'Hold the chair with your {other} hand, stand on your {other} leg.',
      'Bend your {side} knee and take hold of the ankle or trouser leg.',
    ],
    breath: {
      inhale: 'stand tall',
      exhale: 'tail down, knee back',
    },
    hold: ['Thighs side by side.', 'Low back long, not arched.', 'Heel towards the seat, no force.'],
    feel: 'A stretch on the front of the {side} thigh.',
    notFeel: 'No pain in the knee, no cramp behind it.',
    stop: 'Let go if the knee hurts.',
    out: ['Release the foot and put it down softly.'],
    short: 'Hold your {side} foot, thighs together, tall.',
    words: ['thighs together', 'tail down', 'tall'],
    vary: {
      'strap-round-the-ankle': {
        kind: 'prop',
        change: 'Loop the strap round your {side} ankle and hold its end.',
        in: [
          'Hold the chair with your {other} hand, stand on your {other} leg.',
          'Loop the strap round your {side} ankle and hold its end.',
        ],
      },
      'foot-on-a-seat-behind': {
        kind: 'chair',
        change: 'Rest the top of your {side} foot on a seat behind you.',
        in: ['Hold the chair with your {other} hand, stand on your {other} leg.', 'Rest the top of your {side} foot on a seat behind you.'],
      },
    },
  },
  'chair-heel-raise': {
    in: ['Stand behind the chair, fingertips on the back.', 'Rise on the balls of your feet, lower in three counts.'],
    breath: {
      inhale: 'rise straight up',
      exhale: 'lower: three, two, one',
    },
    liftsOnInhale: true,
    hold: ['Straight up, not into the chair.', 'Ankles in line.', 'Light fingers.'],
    feel: 'Calves at work.',
    notFeel: 'No cramp, no pain at the heel.',
    stop: 'Stop if the calf cramps or the heel cord hurts.',
    out: ['Lower once more, stand on both feet.'],
    short: 'Up in one, down in three, light fingers.',
    words: ['up', 'slow down', 'light fingers'],
    vary: {
      'one-leg': {
        kind: 'more',
        change: 'Stand on one foot and rise. The other foot rests behind.',
        in: ['Stand behind the chair, fingertips on the back.', 'Stand on one foot and rise. The other foot rests behind.'],
      },
      'toe-lifts': {
        kind: 'more',
        change: 'Keep your heels down and lift your toes instead.',
        in: ['Stand behind the chair, fingertips on the back.', 'Keep your heels down and lift your toes instead.'],
      },
    },
  },
  'sit-to-stand': {
    in: ['Sit on the front half of the chair, feet under your knees.', 'Lean forward, nose over toes, and stand up. Sit down slowly.'],
    breath: {
      inhale: 'sit down slowly',
      exhale: 'lean forward and stand up',
    },
    hold: ['Back long as you lean.', 'Knees as wide as your feet.', 'Count three on the way down.'],
    feel: 'Thighs and seat working.',
    notFeel: 'No dropping into the chair, no knee pain.',
    stop: 'Use your hands or rest if your knees hurt or you get dizzy.',
    out: ['Stand a moment before you walk. Or sit and let your breath settle.'],
    short: 'Nose over toes, stand. Sit slowly.',
    words: ['nose over toes', 'slow down', 'wait'],
    vary: {
      'hands-on-thighs-or-arm-rests': {
        kind: 'hands-higher',
        change: 'Push with your hands on the arm rests or thighs.',
        in: [
          'Sit on the front half of the chair, feet under your knees.',
          'Push with your hands on the arm rests or thighs.',
          'Lean forward, nose over toes, and stand up. Sit down slowly.',
        ],
      },
      'raised-seat': {
        kind: 'prop',
        change: 'Sit on the cushions, so the way up is shorter.',
        in: ['Sit on the cushions, so the way up is shorter.', 'Lean forward, nose over toes, and stand up. Sit down slowly.'],
      },
      hover: {
        kind: 'more',
        change: 'Stop a hand above the seat for one breath, then rise.',
        hold: ['Stop a hand above the seat for one breath, then rise.', 'Back long as you lean.', 'Knees as wide as your feet.'],
      },
    },
  },
  'chair-squat': {
    in: [
      'Stand behind the chair, fingertips on the back, feet wide as hips.',
      'Sit back and down as you breathe in, rise as you breathe out.',
    ],
    breath: {
      inhale: 'sit back and down',
      exhale: 'press up',
    },
    hold: ['Hips go first, back long.', 'Heels stay down.', 'Knees follow your toes.'],
    feel: 'Thighs and seat working.',
    notFeel: 'No pain at the knees.',
    stop: 'Bend less, or stop, if the knees complain.',
    out: ['Rise and stand on both feet.'],
    short: 'Hips back and down, press up.',
    words: ['hips back', 'heels down', 'press up'],
    vary: {
      mini: {
        kind: 'smaller-range',
        change: "Bend only by a hand's width.",
        in: ['Stand behind the chair, fingertips on the back, feet wide as hips.', "Bend only by a hand's width."],
      },
      'wide-toes-out': {
        kind: 'more-room',
        change: 'Feet wider, toes out, knees over toes.',
        in: [
          'Stand behind the chair, fingertips on the back, feet wide as hips.',
          'Feet wider, toes out, knees over toes.',
          'Sit back and down as you breathe in, rise as you breathe out.',
        ],
      },
    },
  },
  'chair-tree': {
    in: [
      'Stand with the chair at your {other} side, {other} hand on it.',
      'Turn your {side} knee out, foot low, toes on the floor if you like.',
    ],
    breath: {
      inhale: 'grow taller',
      exhale: 'press down into the {other} foot',
    },
    hold: ['Toes may stay down as long as you want.', 'Eyes on one still point.', 'Let the hand get lighter.'],
    feel: 'A steady {other} leg and hip.',
    notFeel: 'No foot against the knee.',
    stop: 'Foot down if you sway or the hip aches.',
    out: ['Knee forward, foot down, both feet.'],
    short: '{side} knee out, hand on the chair, still eyes.',
    words: ['hand on', 'still eyes', 'toes may stay'],
    vary: {
      'foot-on-calf': {
        kind: 'more',
        change: 'Place your {side} foot on your {other} calf.',
        in: ['Stand with the chair at your {other} side, {other} hand on it.', 'Place your {side} foot on your {other} calf.'],
      },
      'hand-above-the-chair': {
        kind: 'more',
        change: 'Let your hand hover above the chair.',
        hold: ['Let your hand hover above the chair.', 'Toes may stay down as long as you want.', 'Eyes on one still point.'],
      },
    },
  },
  'chair-hip-abduction': {
    in: ['Hold the chair back, stand on your {other} leg.', 'Lift your {side} leg out to the side as you breathe out.'],
    breath: {
      inhale: 'lower the leg',
      exhale: 'lift it to the side',
    },
    hold: ['Trunk stays upright, like a post.', 'Toes point ahead.', 'Low and smooth.'],
    feel: 'The outer side of both hips.',
    notFeel: 'No pain at the front of the pelvis or deep in the hip.',
    stop: 'Lift lower, or stop, if hip or pubic bone hurts.',
    out: ['Both feet down. Shake your legs.'],
    short: '{side} leg out, trunk still, lower slowly.',
    words: ['upright', 'toes ahead', 'smooth'],
    vary: {
      'low-lift': {
        kind: 'smaller-range',
        change: "Lift the {side} foot only by a hand's width.",
        in: ['Hold the chair back, stand on your {other} leg.', "Lift the {side} foot only by a hand's width."],
      },
      lying: {
        kind: 'lie-down-instead',
        change: 'Lie on your back and slide your {side} leg out to the side.',
        in: ['Lie on your back and slide your {side} leg out to the side.'],
        hold: ['Pelvis still, leg light.', 'Low and smooth.', 'Toes point up.'],
        out: ['Let everything rest, roll to one side, wait, push up.'],
      },
    },
  },
  'chair-hip-extension': {
    in: ['Hold the chair back, stand on your {other} leg.', 'Lift your {side} leg back as you breathe out, a little.'],
    breath: {
      inhale: 'lower the leg',
      exhale: 'lift it back',
    },
    hold: ['The lift comes from the seat, not from the waist.', 'Belly firm, trunk still.', 'A small lift is the whole job.'],
    feel: 'Your {side} buttock.',
    notFeel: 'No pinch in the low back.',
    stop: 'Lift less or stop if the back pinches.',
    out: ['Both feet down, stand tall.'],
    short: '{side} leg back, small, trunk still.',
    words: ['from the seat', 'firm belly', 'small'],
    vary: {
      'knee-bent': {
        kind: 'soft-knees',
        change: 'Bend your {side} knee and press the heel back.',
        in: ['Hold the chair back, stand on your {other} leg.', 'Bend your {side} knee and press the heel back.'],
      },
    },
  },
  'chair-march-standing': {
    in: ['Hold the chair back and stand tall.', 'Lift your {side} knee, lower it, then the {other} one, and go on.'],
    breath: {
      inhale: 'two steps',
      exhale: 'two steps',
    },
    hold: ['Lift, pause, lower softly.', 'Tall trunk, no leaning back.', "Talk while you march; if you can't, go slower."],
    feel: 'Warm hips and thighs.',
    notFeel: 'No pain in the hip crease.',
    stop: 'Stop if you get breathless, dizzy or sore.',
    out: ['Smaller steps, then stand still.'],
    short: 'Knee up, soft down, change.',
    words: ['lift', 'soft', 'talk'],
    vary: {
      seated: {
        kind: 'sit-instead',
        change: 'Sit tall and lift your {side} knee, then the other one.',
        in: ['Sit tall and lift your {side} knee, then the other one.'],
        hold: ['Lift, pause, lower softly.', 'Tall trunk, no leaning back.', "Talk while you march; if you can't, go slower."],
        out: ['Come back to the middle, sit tall, both feet down.'],
      },
    },
  },
  'chair-lunge': {
    in: ['Chair against the wall. Put your {side} foot on the seat.', '{other} heel stays down. Lean your hips forward.'],
    breath: {
      inhale: 'lift tall',
      exhale: 'hips forward',
    },
    hold: ['{side} knee over the ankle.', 'Tail down, chest tall.', 'Hold whatever helps.'],
    feel: 'The front of the {other} hip.',
    notFeel: 'No pain in the front knee.',
    stop: 'Step down if knee or back hurts.',
    out: ['Shift your weight back, hold on, step down.'],
    short: '{side} foot on the seat, hips forward, tall.',
    words: ['heel down', 'tall', 'hold on'],
    vary: {
      'chair-back-turned-for-holding': {
        kind: 'chair',
        change: 'Hold the chair back at your side while you step up.',
        in: [
          'Hold the chair back at your side while you step up.',
          'Chair against the wall. Put your {side} foot on the seat.',
          '{other} heel stays down. Lean your hips forward.',
        ],
      },
      'lower-step': {
        kind: 'smaller-range',
        change: 'Put your {side} foot on the low step instead.',
        in: ['Put your {side} foot on the low step instead.', '{other} heel stays down. Lean your hips forward.'],
      },
    },
  },
  'chair-pyramid': {
    in: ['Face the chair, {side} foot forward, {other} foot a step back.', 'Hands on the seat, fold from your {side} hip, back long.'],
    breath: {
      inhale: 'breastbone forward',
      exhale: 'fold from the hip',
    },
    hold: ['Both hips face the chair.', 'The stretch is in the leg, none in the upper back.', 'Front knee soft.'],
    feel: 'Behind the {side} thigh.',
    notFeel: 'No zing down the leg.',
    stop: 'Bend the knee or come up if the leg tingles.',
    out: ['Press the seat, look ahead, stand up.'],
    short: 'Fold over your {side} leg, long back.',
    words: ['hips square', 'long back', 'soft knee'],
    vary: {
      'hands-on-chair-back': {
        kind: 'chair',
        change: 'Hold the chair back and fold only a little.',
        in: ['Face the chair, {side} foot forward, {other} foot a step back.', 'Hold the chair back and fold only a little.'],
      },
      'heel-on-a-book-knee-straight': {
        kind: 'prop',
        change: 'Put your {side} heel on the book, toes up.',
        in: [
          'Face the chair, {side} foot forward, {other} foot a step back.',
          'Put your {side} heel on the book, toes up.',
          'Hands on the seat, fold from your {side} hip, back long.',
        ],
      },
    },
  },
  'chair-triangle': {
    in: ['Step wide, the chair outside your {side} foot.', 'Reach to the {side} and put that hand on the seat, {other} arm up.'],
    breath: {
      inhale: 'lengthen, turn your chest up',
      exhale: 'tip from the hip',
    },
    hold: ['Lean lightly on the hand.', 'Both sides of the waist long.', 'Look where your neck is easy.'],
    feel: 'Inside and behind the {side} thigh.',
    notFeel: 'No pinch in the back.',
    stop: 'Come up if the back, hip or neck hurts.',
    out: ['Press your feet and come up as you breathe in.'],
    short: '{side} hand on the seat, other arm up.',
    words: ['tip', 'long waist', 'light hand'],
    vary: {
      'hand-on-chair-back': {
        kind: 'chair',
        change: 'Reach to the {side}, that hand on the chair back, {other} arm up.',
        in: ['Step wide, the chair outside your {side} foot.', 'Reach to the {side}, that hand on the chair back, {other} arm up.'],
      },
    },
  },
  'chair-plank': {
    in: ['Chair against the wall. Hands on the seat, step back.', 'One long line from ears to ankles.'],
    breath: {
      inhale: 'long line',
      exhale: 'press the seat away',
    },
    hold: ['Breathe out aloud if the breath sticks.', 'Belly firm, seat firm.', 'Look at the seat.'],
    feel: 'Belly, arms and legs sharing the work.',
    notFeel: 'No sagging back, no aching wrists.',
    stop: 'Walk in if the belly bulges out, the back sags or a wrist hurts.',
    out: ['Walk your feet in and stand up.'],
    short: 'Hands on the seat, long line, breathe.',
    words: ['long line', 'breathe out', 'press'],
    vary: {
      'hands-on-chair-back-against-wall': {
        kind: 'wall',
        change: 'Chair against the wall. Hands on the chair back, step back.',
        in: ['Chair against the wall. Hands on the chair back, step back.', 'One long line from ears to ankles.'],
      },
      'knees-on-mat': {
        kind: 'knees-down',
        change: 'Knees on the mat, hands on the seat, long line to the knees.',
        in: ['Knees on the mat, hands on the seat, long line to the knees.'],
      },
    },
  },
  'chair-tandem': {
    in: ['Stand beside the chair, {other} hand on it.', '{side} heel in front of your {other} toes.'],
    breath: {
      inhale: 'tall',
      exhale: 'steady',
    },
    hold: ['A light touch counts as balance.', 'Eyes level.', 'Knees soft.'],
    feel: 'Ankles making small corrections.',
    notFeel: 'No fear, no held breath.',
    stop: 'Hold on and step wide if you sway twice.',
    out: ['Hold the chair, step apart.'],
    short: '{side} foot in front, hand on, eyes level.',
    words: ['light touch', 'eyes level', 'soft knees'],
    vary: {
      'head-turns': {
        kind: 'more',
        change: 'Turn your head slowly to one side, then the other.',
        hold: ['Turn your head slowly to one side, then the other.', 'A light touch counts as balance.', 'Eyes level.'],
      },
      'eyes-closed-hand-on': {
        kind: 'more',
        change: 'Hand firmly on. Lower your eyes for one breath, or leave them open.',
        hold: ['Hand firmly on. Lower your eyes for one breath, or leave them open.', 'A light touch counts as balance.', 'Eyes level.'],
      },
    },
  },
  'chair-side-stretch-standing': {
    in: ['Stand with the chair at your {side} side, {side} hand on its back.', 'Reach your {other} arm up and lean towards the chair.'],
    breath: {
      inhale: 'reach up',
      exhale: 'arc over',
    },
    hold: ['Press the chair to spare your waist.', 'Hips over feet.', 'Breathe into the long side.'],
    feel: 'Length along the {other} ribs.',
    notFeel: 'No pinch in the {side} waist.',
    stop: 'Come up if the back or shoulder pinches.',
    out: ['Breathe in, stand tall, arm down.'],
    short: 'Lean to the chair, reach over.',
    words: ['up, then over', 'press', 'breathe'],
    vary: {
      'top-hand-behind-the-head': {
        kind: 'arms-rest',
        change: 'Put your {other} hand behind your head, elbow wide, and lean towards the chair.',
        in: [
          'Stand with the chair at your {side} side, {side} hand on its back.',
          'Put your {other} hand behind your head, elbow wide, and lean towards the chair.',
        ],
      },
    },
  },
  'floor-transfer-chair': {
    in: [
      'Chair against the wall, cushion in front. Hands on the seat.',
      '{side} foot forward, lower your {other} knee to the cushion. Then both knees.',
      'One hand down, the other, and lie on your side.',
    ],
    breath: {
      inhale: 'pause',
      exhale: 'move to the next level',
    },
    hold: [
      'One level, one breath.',
      'Hands on the chair as long as you like.',
      'Coming up: knees, hands on the seat, {side} foot forward, press, sit.',
    ],
    feel: 'Hands and legs sharing your weight.',
    notFeel: 'No twist while you lower.',
    stop: 'Stay where you are and call me if anything hurts or spins.',
    out: ['Push up to hands and knees, hands on the seat, {side} foot forward, rise and sit.'],
    short: 'Hands on the seat, knee down, hands down, side.',
    words: ['level by level', 'hands first', 'sit and wait'],
  },
  'surya-namaskara-wall': {
    in: ["Stand an arm's length from the wall. One breath, one movement.", 'In this round your {side} foot steps back first.'],
    breath: {
      inhale: 'reach or open',
      exhale: 'fold or bend the elbows',
    },
    hold: ['Your head stays above your heart all the way.', 'Hands higher makes it lighter.', 'Pause at the wall whenever you like.'],
    feel: 'Warm arms and legs, an easy breath.',
    notFeel: 'No pressure in the head.',
    stop: 'Stand still, hand on the wall, if you feel dizzy.',
    out: ['Arms down, stand, two quiet breaths.'],
    short: 'Reach, back, step, bend, press, and home.',
    words: ['wall', 'breath', 'your pace'],
  },
  'chair-wide-fold': {
    in: ['Step wide, the chair in front of you.', 'Fold and lay your forearms on the seat, head on your arms.'],
    breath: {
      inhale: 'lengthen',
      exhale: 'belly and neck loosen',
    },
    hold: ['Forearms and forehead share the weight.', 'Knees soft.', 'Feet parallel.'],
    feel: 'A stretch behind the thighs, a resting neck.',
    notFeel: 'No pressure in the head.',
    stop: 'Come up if your head fills or the back pulls.',
    out: ['Bend your knees, hands to your thighs, come up slowly.'],
    short: 'Wide feet, forearms on the seat.',
    words: ['held', 'soft knees', 'slow up'],
    vary: {
      'hands-on-chair-back': {
        kind: 'chair',
        change: 'Hold the chair back and fold half way.',
        in: ['Step wide, the chair in front of you.', 'Hold the chair back and fold half way.'],
      },
    },
  },
};
