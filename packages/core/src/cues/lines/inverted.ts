import type { SpokenLines } from '../spoken-lines.js';

export const INVERTED: SpokenLines = {
  'sarvangasana-supported': {
    in: [
      'Shoulders on the blankets, two or three fingers from the edge. Head off.',
      'Bend your knees, press your arms, roll up without swing.',
      'Hands on your back, legs up.',
    ],
    breath: {
      inhale: 'lengthen your legs up',
      exhale: 'back firm, throat soft',
    },
    hold: [
      'Face stays to the ceiling. No turning the head.',
      'Can you swallow and speak easily? Then the height is right.',
      'Elbows no wider than your shoulders.',
    ],
    feel: 'Weight on shoulders and upper arms.',
    notFeel: 'No pressure in throat, eyes or neck.',
    stop: 'Come down if you cannot swallow or speak, or if neck, eyes or head feel pressure.',
    out: ['Bend your knees, roll down bone by bone, rest flat off the blankets.'],
    short: 'Press your arms, knees in, roll up, head still.',
    words: ['head still', 'no swing', 'throat free'],
    vary: {
      'knees-bent-or-legs-piked': {
        kind: 'soft-knees',
        change: 'Keep your knees bent, or legs slanting over your face.',
        in: [
          'Shoulders on the blankets, two or three fingers from the edge. Head off.',
          'Bend your knees, press your arms, roll up without swing.',
          'Keep your knees bent, or legs slanting over your face.',
        ],
      },
      'feet-on-wall': {
        kind: 'wall',
        change: 'Feet on the wall, walk up, hips over shoulders.',
        in: [
          'Shoulders on the blankets, two or three fingers from the edge. Head off.',
          'Feet on the wall, walk up, hips over shoulders.',
          'Hands on your back, legs up.',
        ],
      },
      'with-chair': {
        kind: 'chair',
        change: 'Hold the chair legs, pelvis on the seat edge.',
        in: ['Shoulders on the blankets, two or three fingers from the edge. Head off.', 'Hold the chair legs, pelvis on the seat edge.'],
      },
      'stack-3-to-5-blankets': {
        kind: 'prop',
        change: 'Build the stack with even edges, then test: swallow and speak.',
        in: [
          'Build the stack with even edges, then test: swallow and speak.',
          'Shoulders on the blankets, two or three fingers from the edge. Head off.',
          'Bend your knees, press your arms, roll up without swing.',
          'Hands on your back, legs up.',
        ],
      },
    },
  },
  'ardha-sarvangasana': {
    in: ['Lie on your back, press your arms, bring your knees in.', 'Hips into your hands, legs slanting over you.'],
    breath: {
      inhale: 'lengthen your heels',
      exhale: 'weight into your elbows',
    },
    hold: ['Elbows shoulder-wide.', 'Face to the ceiling.', 'Neck almost free.'],
    feel: 'Weight in the elbows and upper arms.',
    notFeel: 'No pressure in neck, eyes or head.',
    stop: 'Come down if head, eyes or neck feel pressure.',
    out: ['Bend your knees, roll down slowly, rest flat.'],
    short: 'Hips in your hands, legs slanting, head still.',
    words: ['elbows', 'head still', 'slow down'],
    vary: {
      'block-under-the-pelvis': {
        kind: 'prop',
        change: 'Block under your pelvis instead of your hands.',
        in: ['Lie on your back, press your arms, bring your knees in.', 'Block under your pelvis instead of your hands.'],
      },
    },
  },
  halasana: {
    in: [
      'From the shoulder stand on blankets, lower one foot behind your head.',
      'Then the other, to the floor or a chair. Hands on your back.',
    ],
    breath: {
      inhale: 'lengthen',
      exhale: 'throat soft',
    },
    hold: ['Toes that float go on the chair.', 'Face to the ceiling.', 'Can you swallow easily?'],
    feel: 'A long back of the body.',
    notFeel: 'No pressure in neck, throat or eyes.',
    stop: 'Come down if you cannot swallow or the neck presses.',
    out: ['Bend your knees, hands on your back, roll down slowly.'],
    short: 'Feet behind you, on a chair if they float.',
    words: ['head still', 'throat free', 'slow'],
    vary: {
      'toes-on-chair-or-wall': {
        kind: 'wall',
        change: 'Then the other, toes on the chair or the wall. Hands on your back.',
        in: [
          'From the shoulder stand on blankets, lower one foot behind your head.',
          'Then the other, toes on the chair or the wall. Hands on your back.',
        ],
      },
      'toes-on-floor': {
        kind: 'more',
        change: 'Then the other, toes down to the floor. Hands on your back.',
        in: [
          'From the shoulder stand on blankets, lower one foot behind your head.',
          'Then the other, toes down to the floor. Hands on your back.',
        ],
      },
      'knees-to-forehead-or-chair-under-the-thighs': {
        kind: 'chair',
        change: 'Then the other. Rest your thighs on the chair.',
        in: ['From the shoulder stand on blankets, lower one foot behind your head.', 'Then the other. Rest your thighs on the chair.'],
      },
    },
  },
  'half-handstand': {
    in: [
      'Measure: sit with your feet at the wall. Hands go where your hips were.',
      'Hands down, walk your feet up the wall to hip height.',
    ],
    breath: {
      inhale: 'press the floor away',
      exhale: 'hips over shoulders',
    },
    hold: ['Head hangs, or look between your hands.', 'Ribs in.', 'Push the wall.'],
    feel: 'Strong arms and shoulders.',
    notFeel: 'No pain in wrists, no pressure in the head.',
    stop: 'Walk down if wrists, shoulders or head complain.',
    out: ['Walk down, kneel, wait with your head low, then up slowly.'],
    short: 'Hands down, feet on the wall, press.',
    words: ['measure', 'press', 'walk down'],
    vary: {
      'dog-with-feet-on-wall-low': {
        kind: 'smaller-range',
        change: 'Heels low on the wall, hips up and back.',
        in: ['Measure: sit with your feet at the wall. Hands go where your hips were.', 'Heels low on the wall, hips up and back.'],
      },
    },
  },
  bakasana: {
    in: ['Squat, hands down, cushion in front of your face.', 'Knees on your upper arms, lean forward until a foot gets light.'],
    breath: {
      inhale: 'look ahead',
      exhale: 'round and lift',
    },
    hold: ['Look ahead, not down.', 'One foot is a whole lift.', 'Press the floor.'],
    feel: 'Arms and belly working.',
    notFeel: 'No pain in the wrists.',
    stop: 'Feet down if wrists hurt.',
    out: ['Feet down, sit, shake your hands.'],
    short: 'Knees on arms, lean, look ahead.',
    words: ['look ahead', 'press', 'one foot'],
    vary: {
      'one-foot-down-block-under-the-head': {
        kind: 'knees-down',
        change: 'Block under your forehead, one foot stays down.',
        in: [
          'Squat, hands down, cushion in front of your face.',
          'Knees on your upper arms, lean forward until a foot gets light.',
          'Block under your forehead, one foot stays down.',
        ],
      },
      'lying-on-the-back': {
        kind: 'lie-down-instead',
        change: 'Lie on your back and make the same shape, hands to the ceiling.',
        in: ['Lie on your back and make the same shape, hands to the ceiling.'],
        hold: ['Round your back, press the ceiling away.', 'Let the breath stay easy.', 'Small is enough.'],
        stop: 'Come out if it hurts, tingles, or the breath sticks.',
        out: ['Hug your knees, then feet down.'],
      },
    },
  },
  sarvangasana: {
    in: [
      'Lie on your back, arms beside you. The blankets are the first choice.',
      'Press your arms, knees in, roll up. Hands on your back.',
    ],
    breath: {
      inhale: 'lengthen your legs',
      exhale: 'steady',
    },
    hold: ['Weight on shoulders and upper arms.', 'Head still, face to the ceiling.', 'Can you swallow and speak?'],
    feel: 'Weight on the shoulders.',
    notFeel: 'No pressure in neck, throat, eyes.',
    stop: 'Come down if you cannot swallow or speak, or anything presses.',
    out: ['Bend your knees, roll down slowly, rest flat.'],
    short: 'Press, roll up, head still.',
    words: ['head still', 'throat free', 'slow'],
    vary: {
      'on-blankets': {
        kind: 'prop',
        change: 'Shoulders on the stack, head off it.',
        in: ['Shoulders on the stack, head off it.', 'Press your arms, knees in, roll up. Hands on your back.'],
      },
      half: {
        kind: 'smaller-range',
        change: 'Press your arms, knees in. Hips into your hands, legs slanting.',
        in: [
          'Lie on your back, arms beside you. The blankets are the first choice.',
          'Press your arms, knees in. Hips into your hands, legs slanting.',
        ],
      },
    },
  },
  'niralamba-sarvangasana': {
    in: ['From a steady shoulder stand, let one arm go, then the other.', 'Legs lean a little over your face to balance.'],
    breath: {
      inhale: 'steady',
      exhale: 'steady',
    },
    hold: ['Head still.', 'Arms back to your back at any time.', 'Five breaths are plenty.'],
    feel: 'Belly and back balancing.',
    notFeel: 'No pressure in neck or throat.',
    stop: 'Hands back and down if anything presses.',
    out: ['Hands to your back, knees in, roll down.'],
    short: 'Arms free, legs lean, head still.',
    words: ['head still', 'short', 'hands back'],
    vary: {
      'arms-on-the-floor-overhead': {
        kind: 'more',
        change: 'Arms on the floor behind your head.',
        in: [
          'From a steady shoulder stand, let one arm go, then the other.',
          'Legs lean a little over your face to balance.',
          'Arms on the floor behind your head.',
        ],
      },
    },
  },
  karnapidasana: {
    in: ['From plough, bend your knees towards your ears.', 'Hands on your back or the floor.'],
    breath: {
      inhale: 'back widens',
      exhale: 'soften',
    },
    hold: ['Knees may stay high.', 'Head still.', 'Short is enough.'],
    feel: 'A wide, round back.',
    notFeel: 'No pressure in neck or breath.',
    stop: 'Come down if the neck presses or the breath is tight.',
    out: ['Hands on your back, roll down slowly.'],
    short: 'Knees by your ears, head still.',
    words: ['head still', 'short', 'wide'],
    vary: {
      apanasana: {
        kind: 'lie-down-instead',
        change: 'Lie flat and hug your knees instead.',
        in: ['Lie flat and hug your knees instead.'],
        hold: ['Head still.', 'Short is enough.', 'Let the floor have your weight.'],
        stop: 'Let go if the back pulls or the breath is tight.',
        out: ['Put one foot down, then the other.'],
      },
    },
  },
  sirsasana: {
    in: [
      'At the wall: forearms down, hands laced, top of the head barely touching.',
      'Press your forearms, walk in, lift one knee, then the other.',
    ],
    breath: {
      inhale: 'press your forearms',
      exhale: 'light on the head',
    },
    hold: ['Most of the weight is in the forearms.', 'Shoulders lift away from the ears.', 'Come down while you are fresh.'],
    feel: 'Forearms and shoulders at work.',
    notFeel: 'No weight on the neck, no pressure in eyes or ears.',
    stop: 'Come down at once if neck, eyes, ears or head feel pressure.',
    out: ['Knees in, feet down one by one. Stay low for five breaths.'],
    short: 'Press your forearms, light head, lift.',
    words: ['press', 'light head', 'stay low after'],
    vary: {
      dolphin: {
        kind: 'smaller-range',
        change: 'Forearms down, hips up, head free. Feet stay on the floor.',
        in: ['Forearms down, hips up, head free. Feet stay on the floor.'],
        hold: ['Press your forearms, head free of the floor.', 'Knees bent, back long.', 'Come down while you are fresh.'],
        out: ['Knees down, sit back, wait before you sit up.'],
      },
      'head-between-two-chairs': {
        kind: 'chair',
        change: 'Shoulders on two padded chairs, head free between them.',
        in: ['Shoulders on two padded chairs, head free between them.'],
      },
    },
  },
  'sirsasana-2': {
    in: ['Hands and head make three corners, wall behind you.', 'Knees to your elbows first. Wait.'],
    breath: {
      inhale: 'lift',
      exhale: 'steady',
    },
    hold: ['Hands press, elbows in.', 'Knees on elbows is a whole version.', 'Three breaths.'],
    feel: 'Arms and belly at work.',
    notFeel: 'No weight pushing into the neck.',
    stop: 'Come down at once if the neck feels it.',
    out: ['Feet down, stay low for five breaths.'],
    short: 'Three corners, knees on elbows.',
    words: ['hands press', 'short', 'stay low after'],
    vary: {
      'knees-on-elbows': {
        kind: 'other-way',
        change: 'Stay with your knees on your elbows.',
        in: ['Hands and head make three corners, wall behind you.', 'Stay with your knees on your elbows.'],
      },
    },
  },
  'adho-mukha-vrksasana': {
    in: ["Hands down, a hand's length from the wall, arms long.", 'Walk in, lift one leg, hop lightly with the other.'],
    breath: {
      inhale: 'press up',
      exhale: 'belly in',
    },
    hold: ['Push the floor away.', 'Look between your hands.', 'One small hop counts.'],
    feel: 'Arms and shoulders at work.',
    notFeel: 'No pain in the wrists, no fear.',
    stop: 'Come down if wrists, shoulders or head complain.',
    out: ['One foot down, then the other. Stay folded for two breaths.'],
    short: 'Hands down, small hop, push.',
    words: ['push', 'small hop', 'fold after'],
    vary: {
      'l-at-the-wall': {
        kind: 'smaller-range',
        change: 'Hands where your hips would be, walk your feet up to hip height.',
        in: ['Hands where your hips would be, walk your feet up to hip height.'],
        hold: ['Push the floor away, hips over shoulders.', 'Look between your hands.', 'Two breaths are plenty.'],
        out: ['Walk down, kneel, wait with your head low.'],
      },
    },
  },
  'pincha-mayurasana': {
    in: ['At the wall: forearms parallel, elbows under shoulders.', 'Walk in, lift one leg, hop lightly.'],
    breath: {
      inhale: 'lift',
      exhale: 'steady',
    },
    hold: ['Forearms press.', 'Head free.', 'Small hop.'],
    feel: 'Shoulders at work.',
    notFeel: 'No pinch in the shoulders, no head on the floor.',
    stop: 'Come down if shoulders or head complain.',
    out: ['One foot down, knees down, rest.'],
    short: 'Forearms down, small hop, head free.',
    words: ['press', 'head free', 'small hop'],
    vary: {
      dolphin: {
        kind: 'smaller-range',
        change: 'Forearms down, hips up, feet stay.',
        in: ['Forearms down, hips up, feet stay.'],
        hold: ['Press your forearms, head free of the floor.', 'Knees bent, back long.', 'Short is enough.'],
        out: ['Knees down, sit back, wait before you sit up.'],
      },
    },
  },
};
