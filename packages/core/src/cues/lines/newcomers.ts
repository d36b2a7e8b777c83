import type { SpokenLines } from '../spoken-lines.js';

export const NEWCOMERS: SpokenLines = {
  viloma: {
    in: ['Sit tall, hands resting on your thighs.', 'Breathe in by three small steps, with a short soft stop after each.'],
    breath: {
      inhale: 'a third, stop, a third, stop, the last third',
      exhale: 'one long, smooth breath',
    },
    hold: [
      'Let each step be the same size.',
      'The stops are soft, the throat stays open.',
      'Let the breath out be longer than the breath in.',
    ],
    feel: 'Ribs that widen step by step.',
    notFeel: 'No strain, no hunger for air.',
    stop: 'Breathe as you like as soon as the stops feel tight.',
    out: ['Let the stops go and breathe as it comes.'],
    short: 'Breathe in by three steps, breathe out in one.',
    words: ['three steps', 'soft stops', 'long out'],
    vary: {
      'on-the-exhale': {
        kind: 'other-way',
        change: 'Breathe in in one, and let the breath out go by three steps.',
      },
      'no-stops': {
        kind: 'breathe-freely',
        change: 'Leave the stops out and breathe long and smooth.',
      },
    },
  },
  chanting: {
    in: ['Sit tall, jaw loose.', 'Breathe in through the nose, then let one long sound go with the breath out.'],
    breath: {
      inhale: 'quiet, through the nose',
      exhale: 'one long sound, any vowel',
    },
    hold: ['End before the air is gone.', 'Loud or quiet, both are right.', 'Notice where the sound trembles in you.'],
    feel: 'A hum in the chest, the lips or the head.',
    notFeel: 'No pressing, no tight throat.',
    stop: 'Stop when you get dizzy, and breathe quietly.',
    out: ['Let the sound get quieter, then sit in the silence.'],
    short: 'One breath in, one long sound out.',
    words: ['loose jaw', 'long sound', 'own voice'],
    vary: {
      silent: {
        kind: 'other-way',
        change: 'Let the sound go silently, only the lips know it.',
      },
    },
  },
  'loving-kindness': {
    in: ['Sit at ease, eyes open or lowered.', 'Think of someone who is easy to wish well.'],
    breath: {
      inhale: 'let the breath come',
      exhale: 'wish them well, in your own words',
    },
    hold: [
      'First someone easy, then yourself, then someone you hardly know.',
      'A dull moment is part of it.',
      'Go back to the easy one whenever it gets heavy.',
    ],
    feel: 'Warmth, or nothing at all.',
    notFeel: 'No duty to feel anything.',
    stop: 'Stop when it stirs too much. Look around the room, feel your feet.',
    out: ['Let the words go, and look around the room.'],
    short: 'Somebody easy, a kind wish, a breath.',
    words: ['easy person', 'kind wish', 'breath'],
    vary: {
      lying: {
        kind: 'lie-down-instead',
        change: 'Do it lying down, eyes open or lowered.',
      },
      'hand-on-the-chest': {
        kind: 'arms-rest',
        change: 'Rest one hand on your chest.',
      },
    },
  },
  trataka: {
    in: ["Sit tall, a point at the height of your eyes, an arm's length away.", 'Let your eyes rest on it, and blink when you like.'],
    breath: {
      inhale: 'let the breath come',
      exhale: 'let the eyes rest on the point',
    },
    hold: ['The face stays loose.', 'When the eyes wander, bring them back.', 'Look softly, as at something far away.'],
    feel: 'Eyes that get quiet.',
    notFeel: 'No burning, no staring.',
    stop: 'Look away, or look down, as soon as the eyes tire.',
    out: ['Lower your eyes, then look around the room.'],
    short: 'Rest your eyes on the point.',
    words: ['one point', 'blink', 'soft face'],
    vary: {
      soft: {
        kind: 'other-way',
        change: 'Look with half-closed eyes, past the point.',
      },
    },
  },
  'kids-volcano': {
    in: ['Stand wide, palms together at your chest.', 'Rumble first, then let your arms shoot up and out.'],
    breath: {
      inhale: 'the lava rises',
      exhale: 'it runs down the sides with a long shhh',
    },
    hold: ['Rumble with your feet first.', 'Now a tiny volcano.', 'Now one that has gone to sleep.'],
    feel: 'Warm arms, a big breath.',
    notFeel: 'No bumping into anybody.',
    stop: 'Sit down when you are out of breath.',
    out: ['Let the volcano fall asleep, arms down.'],
    short: 'Rumble, rise, and run down.',
    words: ['rumble', 'burst', 'shhh'],
    vary: {
      sitting: {
        kind: 'sit-instead',
        change: 'Sit, and let only the arms erupt.',
      },
    },
  },
  'kids-dinosaur': {
    in: ['Stand with soft knees, arms bent like claws.', 'Lift your {side} foot, stomp, then the {other} one.'],
    breath: {
      inhale: 'lift your {side} foot',
      exhale: 'stomp and growl',
    },
    hold: ['Big steps, bent knees.', 'Now a dinosaur that nobody hears.', 'Look around with a long neck.'],
    feel: 'Strong legs.',
    notFeel: 'No stomping on toes.',
    stop: 'Stand still when a knee or foot hurts.',
    out: ['Slow down to a tiny, quiet dinosaur, and stand.'],
    short: 'Stomp, growl, look around.',
    words: ['claws', 'stomp', 'quiet'],
    vary: {
      quiet: {
        kind: 'other-way',
        change: 'Walk so softly that nobody hears the dinosaur.',
      },
    },
  },
  'kids-wheelbarrow': {
    in: ['Hands on the floor, arms straight.', 'Your partner holds your thighs, and you walk on your hands.'],
    breath: {
      inhale: 'one hand forward',
      exhale: 'the other hand forward',
    },
    hold: ['Belly strong, back like a board.', 'Small steps.', 'The partner walks at your speed.'],
    feel: 'Strong arms and belly.',
    notFeel: 'No sagging back.',
    stop: 'Say stop, and your partner puts your legs down gently.',
    out: ['Legs down first, then sit back on your heels.'],
    short: 'Hands walk, back like a board.',
    words: ['strong belly', 'small steps', 'say stop'],
    vary: {
      'knees-held': {
        kind: 'other-way',
        change: 'Your partner holds your knees, close to the floor.',
      },
    },
  },
  'kids-sandwich': {
    in: ['Sit with your legs long, they are the bread.', 'Put on one filling with each breath, then close the sandwich.'],
    breath: {
      inhale: 'spread the butter',
      exhale: 'close the sandwich',
    },
    hold: ['What else is in it?', 'Knees may bend.', 'Chew, and rest on your legs.'],
    feel: 'A stretch behind the legs.',
    notFeel: 'Nobody pushes from behind.',
    stop: 'Sit up if it pulls behind the knees.',
    out: ['Open the sandwich, and sit up.'],
    short: 'Fill the sandwich, and close it.',
    words: ['bread', 'filling', 'close'],
    vary: {
      'crossed-legs': {
        kind: 'other-way',
        change: 'Cross your legs, the sandwich is round.',
      },
    },
  },
  'kids-rabbit-breath': {
    in: ['Kneel with your hands on your thighs.', 'Sniff three times through your nose, then let out one long sigh.'],
    breath: {
      inhale: 'sniff, sniff, sniff',
      exhale: 'one long sigh',
    },
    hold: ['Sniff like a rabbit that smells clover.', 'Only the nose sniffs, the shoulders stay quiet.'],
    feel: 'A nose that tickles, a soft belly.',
    notFeel: 'No prickling, no dizziness.',
    stop: 'Breathe as always when it prickles.',
    out: ['Sit still and let the breath be quiet.'],
    short: 'Three sniffs, one sigh.',
    words: ['sniff three times', 'sigh', 'still'],
    vary: {
      slow: {
        kind: 'other-way',
        change: 'Sniff slowly, with a pause between.',
      },
    },
  },
  'knee-bending': {
    in: ['Lie on your back and hold behind your {side} thigh.', 'Stretch the knee, then bend it, smoothly.'],
    breath: {
      inhale: 'stretch the knee',
      exhale: 'bend it',
    },
    hold: ['The thigh stays still, only the shin moves.', 'As far as it goes without pain.', 'Shoulders and jaw loose.'],
    feel: 'A stretch behind the thigh, a knee that gets warm.',
    notFeel: 'No pain in the knee.',
    stop: 'Make it smaller, or stop, if the knee hurts.',
    out: ['Put your foot down and let the leg rest.'],
    short: 'Hold the {side} thigh, stretch and bend the knee.',
    words: ['still thigh', 'smooth', 'small'],
    vary: {
      sitting: {
        kind: 'sit-instead',
        change: 'Do it sitting, hands under the {side} thigh.',
      },
      'other-foot-flat': {
        kind: 'soft-knees',
        change: 'Keep the {other} foot flat on the floor.',
      },
    },
  },
  'knee-cranking': {
    in: ['Sit and hold your {side} thigh with both hands.', 'Let the shin draw circles, and later the other way round.'],
    breath: {
      inhale: 'shin up',
      exhale: 'shin down',
    },
    hold: ['The thigh is quiet in your hands.', 'Round, slow circles.', 'Half the circles one way, half the other.'],
    feel: 'A warm knee, a loose ankle.',
    notFeel: 'No grinding that hurts.',
    stop: 'Make the circles smaller if the knee catches.',
    out: ['Put the leg down and rest it.'],
    short: 'Hold the {side} thigh, draw circles with the shin.',
    words: ['quiet thigh', 'round circles', 'both ways'],
    vary: {
      'back-to-wall': {
        kind: 'wall',
        change: 'Lean your back against the wall.',
      },
      'on-a-chair': {
        kind: 'chair',
        change: 'Do it on a chair, hands under the thigh.',
      },
    },
  },
  'elbow-bending': {
    in: ['Sit tall, arms long in front of you, palms up.', 'Bring your fingertips to your shoulders, then stretch again.'],
    breath: {
      inhale: 'arms long',
      exhale: 'fingertips to the shoulders',
    },
    hold: ['Shoulders low.', 'The elbows stay at one height.', 'No hurry.'],
    feel: 'Warm elbows, working upper arms.',
    notFeel: 'No pinch in the elbow or the shoulder.',
    stop: 'Lower your arms if a shoulder or an elbow hurts.',
    out: ['Let your arms sink to your thighs.'],
    short: 'Stretch the arms, bend the elbows.',
    words: ['low shoulders', 'smooth', 'light'],
    vary: {
      'elbows-at-the-waist': {
        kind: 'arms-rest',
        change: 'Rest your elbows at your waist.',
      },
      'on-a-chair': {
        kind: 'chair',
        change: 'Do it on a chair, back free.',
      },
    },
  },
  'ardha-titali': {
    in: ['Sit and lay your {side} foot on your {other} thigh.', 'One hand holds the foot, the other carries the knee up and lets it sink.'],
    breath: {
      inhale: 'the hand lifts the knee',
      exhale: 'the knee sinks by its weight',
    },
    hold: ['The leg does nothing, the hand carries.', 'No pushing down.', 'Small is enough.'],
    feel: 'The hip getting loose.',
    notFeel: 'No pull in the knee.',
    stop: 'Take the foot down if the knee complains.',
    out: ['Lift the foot off with both hands and stretch the leg.'],
    short: '{side} foot on the thigh, the hand moves the knee.',
    words: ['hand carries', 'no pushing', 'loose hip'],
    vary: {
      'foot-beside-the-knee': {
        kind: 'smaller-range',
        change: 'Put the foot beside the knee instead of on the thigh.',
      },
      'on-a-chair': {
        kind: 'chair',
        change: 'Do it on a chair, ankle on the other thigh.',
      },
    },
  },
  'leg-cradle': {
    in: ['Sit tall, lift your {side} shin and carry it in both arms like a child.', 'Rock it gently from side to side.'],
    breath: {
      inhale: 'grow tall',
      exhale: 'rock the leg to the side',
    },
    hold: ['The shin is one piece, the ankle straight.', 'Turn from the hip, never from the knee.', 'Back tall, or lean it on something.'],
    feel: 'The outside of the hip.',
    notFeel: 'Nothing in the knee.',
    stop: 'Put the leg down at the first pull in the knee.',
    out: ['Lower the foot with both hands and stretch the leg.'],
    short: 'Carry the {side} shin, rock it.',
    words: ['shin level', 'tall back', 'gentle'],
    vary: {
      'hold-below-the-knee': {
        kind: 'smaller-range',
        change: 'Hold only below the knee, and let the foot hang.',
      },
      lying: {
        kind: 'lie-down-instead',
        change: 'Do it lying, the shin in your hands.',
      },
    },
  },
  'rope-pulling': {
    in: [
      'Sit tall with your legs long, or bent.',
      'Reach your {side} hand high, as if to a rope, and pull it down while the {other} one goes up.',
    ],
    breath: {
      inhale: 'reach up',
      exhale: 'pull down',
    },
    hold: ['The eyes follow the high hand.', 'One hand after the other.', 'The seat stays heavy.'],
    feel: 'Long sides, working shoulders.',
    notFeel: 'No pinch on top of the shoulder.',
    stop: 'Reach lower if a shoulder pinches.',
    out: ['Let both hands sink and sit still.'],
    short: 'One hand up, the other pulls down.',
    words: ['high hand', 'pull', 'follow it'],
    vary: {
      chair: {
        kind: 'chair',
        change: 'Do it on a chair, both feet down.',
      },
      'to-eye-height': {
        kind: 'smaller-range',
        change: 'Reach only to the height of your eyes.',
      },
    },
  },
  'maricyasana-1': {
    in: [
      'Sit with your {other} leg straight, {side} knee up, foot near the seat.',
      'Wrap your {side} arm round the shin, and fold a little over the straight leg.',
    ],
    breath: {
      inhale: 'lengthen the back',
      exhale: 'fold a little',
    },
    hold: ['A fold, not a pull.', 'The raised side of the seat may lift: pad it.', 'Shoulders wide.'],
    feel: 'The back of the straight leg, the outside of the hip.',
    notFeel: 'No tear in the shoulder, no pinch in the back.',
    stop: 'Let the hands go and sit up if the shoulder or the back pulls.',
    out: ['Release the hands, sit up, and stretch both legs.'],
    short: '{side} knee up, arm round it, fold.',
    words: ['pad the seat', 'long back', 'easy arm'],
    vary: {
      'no-bind': {
        kind: 'arms-rest',
        change: 'Hold the shin instead of wrapping the arm.',
      },
      'strap-between-hands': {
        kind: 'prop',
        change: 'Hold a strap between your hands behind you.',
      },
    },
  },
  'ardha-baddha-padma-paschimottanasana': {
    in: [
      'Sit with your {other} leg straight and bring your {side} foot to the {other} groin.',
      'Lengthen, then fold over the straight leg.',
    ],
    breath: {
      inhale: 'lengthen the back',
      exhale: 'fold a little',
    },
    hold: ['The knee feels nothing, or the foot comes down.', 'Fold from the hips.', 'The straight leg stays awake.'],
    feel: 'The hip of the folded leg, the back of the other.',
    notFeel: 'Nothing in the knee.',
    stop: 'Take the foot down at once if the knee feels anything.',
    out: ['Sit up, lift the foot out with both hands.'],
    short: '{side} foot high, fold over the other leg.',
    words: ['quiet knee', 'hips first', 'long back'],
    vary: {
      'foot-on-thigh-no-bind': {
        kind: 'arms-rest',
        change: 'Leave the foot on the thigh, hands on the straight leg.',
      },
      'foot-on-the-floor': {
        kind: 'smaller-range',
        change: 'Put the foot on the floor, beside the thigh.',
      },
    },
  },
  'triang-mukhaikapada-paschimottanasana': {
    in: [
      'Sit, fold your {side} leg back beside the hip, and pad the other side until you are level.',
      'Lengthen, then fold over the straight leg.',
    ],
    breath: {
      inhale: 'lengthen the back',
      exhale: 'fold a little',
    },
    hold: ['Both sides of the seat equally heavy.', 'The knees stay close.', 'Hands where they reach.'],
    feel: 'The front of the folded thigh, the back of the straight leg.',
    notFeel: 'Nothing in the folded knee.',
    stop: 'Sit higher, or bring the leg forward, if the knee complains.',
    out: ['Sit up, lean away, and bring the leg forward.'],
    short: '{side} leg folded back, fold forward.',
    words: ['pad the seat', 'level', 'long back'],
    vary: {
      'sit-on-block': {
        kind: 'hands-higher',
        change: 'Sit on a block.',
      },
      'foot-in-front': {
        kind: 'soft-knees',
        change: 'Bring the {side} foot in front instead.',
      },
    },
  },
  'parsva-upavistha-konasana': {
    in: ['Sit with your legs wide.', 'Reach your {other} arm up and arc over to the {side} leg.'],
    breath: {
      inhale: 'reach up',
      exhale: 'arc over the leg',
    },
    hold: ['The far side of the seat stays down.', 'Chest open to the front.', 'The neck hangs between long shoulders.'],
    feel: 'The whole {other} side.',
    notFeel: 'No folding forward, no pull at the inner knees.',
    stop: 'Come up if the inner knee or the back pulls.',
    out: ['Press the {other} side of the seat, come up, and bring the legs together.'],
    short: 'Arm up, arc to the {side}.',
    words: ['far side heavy', 'chest open', 'arc'],
    vary: {
      'elbow-on-thigh': {
        kind: 'arms-rest',
        change: 'Rest your {side} elbow on the thigh.',
      },
      'knees-bent': {
        kind: 'soft-knees',
        change: 'Bend your knees, feet on the floor.',
      },
    },
  },
  'twisted-butterfly': {
    in: ['Sit with the soles of your feet together.', 'Put one hand behind you, one on the {side} knee, and turn to the {side}.'],
    breath: {
      inhale: 'grow taller',
      exhale: 'turn a little',
    },
    hold: ['The knees stay as they are.', 'Ribs turn first, chin last.', 'Both sides of the seat heavy.'],
    feel: 'The ribs, the inner thighs.',
    notFeel: 'No push at the knee.',
    stop: 'Come back a little if the back or a hip pinches.',
    out: ['Come back to the middle on a breath in.'],
    short: 'Soles together, turn to the {side}.',
    words: ['grow', 'ribs turn', 'chin last'],
    vary: {
      'blocks-under-knees': {
        kind: 'prop',
        change: 'Put blocks under your knees.',
      },
      'on-a-chair': {
        kind: 'chair',
        change: 'Do it on a chair, feet together.',
      },
    },
  },
  'bent-knee-fall-out': {
    in: ['Lie on your back, both knees up.', 'Let your {side} knee fall out slowly, and bring it back.'],
    breath: {
      inhale: 'the knee comes back up',
      exhale: 'let it open',
    },
    hold: ['The pelvis does not follow.', 'As far as the low back stays quiet.', 'Hands on the hips can feel it.'],
    feel: 'The inner thigh.',
    notFeel: 'No rocking pelvis, no click that hurts.',
    stop: 'Make it smaller if the groin or the back complains.',
    out: ['Bring both knees together and rest.'],
    short: 'Let the {side} knee open, bring it back.',
    words: ['quiet pelvis', 'slow', 'back again'],
    vary: {
      'cushion-under-the-knee': {
        kind: 'prop',
        change: 'Let the knee open onto a cushion.',
      },
      'on-a-chair': {
        kind: 'chair',
        change: 'Do it on a chair, one knee out.',
      },
    },
  },
  'straight-leg-raise': {
    in: ['Lie on your back, {other} knee bent, {side} leg long.', 'Tighten the thigh, then lift the leg as high as the other knee.'],
    breath: {
      inhale: 'lower',
      exhale: 'tighten and lift',
    },
    hold: ['Knee straight before the heel leaves the floor.', 'Low back quiet.', 'The breath goes on.'],
    feel: 'The front of the thigh working.',
    notFeel: 'No arching back.',
    stop: 'Put the leg down if the back or the groin pulls.',
    out: ['Lower the leg slowly and let it go.'],
    short: 'Tighten, lift the {side} leg, lower.',
    words: ['tight thigh', 'quiet back', 'slow'],
    vary: {
      'propped-on-elbows': {
        kind: 'other-way',
        change: 'Prop yourself on your elbows.',
      },
      'on-a-chair': {
        kind: 'chair',
        change: 'Sit, and stretch the leg in front of you.',
      },
    },
  },
  'glute-sets': {
    in: ['Lie on your back, legs long.', 'Tighten your buttocks, count to five, let go.'],
    breath: {
      inhale: 'let go',
      exhale: 'tighten, count to five',
    },
    hold: ['Breathe while they are tight.', 'Half of your strength is enough.', 'Let go fully.'],
    feel: 'The seat getting firm.',
    notFeel: 'No cramp, no held breath.',
    stop: 'Let go before it cramps.',
    out: ['Let everything rest.'],
    short: 'Tighten, five, let go.',
    words: ['tighten', 'breathe', 'let go'],
    vary: {
      prone: {
        kind: 'other-way',
        change: 'Do it lying on your front.',
      },
      'knees-bent': {
        kind: 'soft-knees',
        change: 'Do it with your knees bent.',
      },
    },
  },
  'heel-drags': {
    in: ['Lie on your back, knees bent, toes up.', 'Dig your heels in and pull towards you, though nothing moves.'],
    breath: {
      inhale: 'let go',
      exhale: 'heels pull, nothing moves',
    },
    hold: ['Toes up, heels heavy.', 'Half of your strength.', 'The belly stays soft.'],
    feel: 'The backs of the thighs.',
    notFeel: 'No cramp.',
    stop: 'Stop before a cramp comes, and stretch the leg.',
    out: ['Let the legs slide out.'],
    short: 'Heels in, pull, let go.',
    words: ['heels heavy', 'pull', 'let go'],
    vary: {
      'one-heel': {
        kind: 'smaller-range',
        change: 'Use one heel at a time.',
      },
      'on-a-chair': {
        kind: 'chair',
        change: 'Sit, and pull the heels back on the floor.',
      },
    },
  },
  'tiryaka-bhujangasana': {
    in: ['Lie on your front, hands under your shoulders, and rise a little.', 'Look over your {side} shoulder, towards the {other} heel.'],
    breath: {
      inhale: 'come to the middle',
      exhale: 'look over the {side} shoulder',
    },
    hold: ['Shoulders level, only the gaze turns.', 'Elbows bent, hips on the floor.', 'Neck long.'],
    feel: 'The side of the neck and the ribs.',
    notFeel: 'No pinch in the low back or the neck.',
    stop: 'Come down if the back pinches or the neck tingles.',
    out: ['Look ahead, and lower yourself.'],
    short: 'Rise a little, look over the {side} shoulder.',
    words: ['low', 'level', 'look'],
    vary: {
      low: {
        kind: 'smaller-range',
        change: 'Stay on your forearms.',
      },
      standing: {
        kind: 'stand-instead',
        change: 'Do it standing, hands on the wall.',
      },
    },
  },
  'prone-twist': {
    in: ['Lie on your front, {side} arm out to the side.', 'Roll a little towards it, and let your {other} foot come behind you.'],
    breath: {
      inhale: 'widen the chest',
      exhale: 'let the top hip roll back',
    },
    hold: ['The head rests.', 'The {other} hand steadies you.', 'Less is plenty.'],
    feel: 'The front of the {side} shoulder and chest.',
    notFeel: 'No pinch in front of the shoulder, no tingling arm.',
    stop: 'Roll back if the arm tingles or the shoulder pinches.',
    out: ['Roll back to your front, and rest your head.'],
    short: '{side} arm out, roll onto it.',
    words: ['arm lower', 'roll slowly', 'head rests'],
    vary: {
      'arm-only': {
        kind: 'smaller-range',
        change: 'Leave both legs on the floor.',
      },
      'side-lying': {
        kind: 'lie-on-the-side',
        change: 'Lie on your side, and let the top arm open.',
      },
    },
  },
  'kneeling-ankle-stretch': {
    in: ['Kneel, tops of the feet on the floor, a folded blanket under them if you like.', 'Sit back as far as the ankles allow.'],
    breath: {
      inhale: 'lift a little',
      exhale: 'soften the front of the ankles',
    },
    hold: ['Heels in line with the shins.', 'Hands on the floor take the weight.', 'Little by little.'],
    feel: 'The front of the ankles.',
    notFeel: 'Nothing in the knees.',
    stop: 'Come forward at the first pain in a knee.',
    out: ['Hands forward, come onto all fours, and shake the feet.'],
    short: 'Sit back until the ankles feel it.',
    words: ['heels straight', 'hands help', 'little'],
    vary: {
      'hands-behind': {
        kind: 'more',
        change: 'Hands behind you, knees a little lighter.',
      },
      sitting: {
        kind: 'sit-instead',
        change: 'Sit on a chair, one foot pointed back under it.',
      },
    },
  },
  'cat-pulling-its-tail': {
    in: ['Lie on your {side} side, top knee forward on a support.', 'Reach back for the lower foot, if it comes to the hand.'],
    breath: {
      inhale: 'widen the chest',
      exhale: 'let the top shoulder sink back',
    },
    hold: ['The top knee is heavy on its support.', 'Hold the foot only if it comes.', 'The head rests.'],
    feel: 'The front of the lower thigh, the turn in the ribs.',
    notFeel: 'No pull in the knee, no pinch in the back.',
    stop: 'Let the foot go if the knee or the back pulls.',
    out: ['Let go, straighten the leg, and roll to your back.'],
    short: 'On the {side} side, top knee forward, turn back.',
    words: ['heavy knee', 'turn', 'foot if it comes'],
    vary: {
      'no-hold': {
        kind: 'arms-rest',
        change: 'Leave the foot, and turn only.',
      },
      strap: {
        kind: 'prop',
        change: 'Reach the foot with a strap.',
      },
    },
  },
  'neck-isometrics': {
    in: ['Sit tall, {side} hand at the side of your head.', 'Press head and hand together a little. Nothing moves.'],
    breath: {
      inhale: 'let go',
      exhale: 'press a little',
    },
    hold: ['A fifth of your strength.', 'Jaw loose, breath going on.', 'Then front, and back.'],
    feel: 'The side of the neck working.',
    notFeel: 'No trembling, no pain.',
    stop: 'Stop with tingling, dizziness or pain.',
    out: ['Let your hand sink, and sit still.'],
    short: 'Press into the {side} hand, let go.',
    words: ['a fifth', 'nothing moves', 'let go'],
    vary: {
      lying: {
        kind: 'lie-down-instead',
        change: 'Do it lying, the head on a cushion.',
      },
    },
  },
  'toe-work': {
    in: ['Sit with your feet flat, bare if you can.', 'Lift the big toe alone, then the other four, then spread them.'],
    breath: {
      inhale: 'lift or spread',
      exhale: 'lay the toes down one by one',
    },
    hold: ['Fingers may help the toes.', 'Heels stay down.', 'Slowly, they have to find the way.'],
    feel: 'The soles working.',
    notFeel: 'No cramp that stays.',
    stop: 'Shake the foot when a cramp comes.',
    out: ['Put the feet down flat, and feel the floor.'],
    short: 'Big toe, four toes, spread.',
    words: ['big toe', 'four toes', 'spread'],
    vary: {
      standing: {
        kind: 'stand-instead',
        change: 'Do it standing, a hand on the wall.',
      },
      'towel-scrunch': {
        kind: 'prop',
        change: 'Draw in a towel with your toes.',
      },
    },
  },
  'ball-under-foot': {
    in: ['Sit, and put your {side} foot on the ball.', 'Roll it slowly from the ball of the foot to the heel.'],
    breath: {
      inhale: 'roll forward',
      exhale: 'roll back',
    },
    hold: ['As firm as it is pleasant.', 'Stay where it is tender, and breathe.', 'The other foot stays flat.'],
    feel: 'A sole that wakes up.',
    notFeel: 'No sharp pain.',
    stop: 'Take the foot off if it hurts or goes numb.',
    out: ['Take the foot off, put it down, and compare.'],
    short: 'Roll the ball under the {side} foot.',
    words: ['slow', 'pleasant', 'compare'],
    vary: {
      standing: {
        kind: 'stand-instead',
        change: 'Do it standing, a hand on the wall.',
      },
    },
  },
  'shoulder-shrugs': {
    in: ['Stand or sit tall, arms hanging.', 'Lift your shoulders to your ears, then let them drop.'],
    breath: {
      inhale: 'shoulders up to the ears',
      exhale: 'let them drop',
    },
    hold: ['Straight up, jaw loose.', 'Drop softly.', 'Feel how low they hang afterwards.'],
    feel: 'Warm shoulders, a long neck.',
    notFeel: 'No pinch in the neck.',
    stop: 'Lower them slowly, or stop, if the neck is sore.',
    out: ['Let the arms hang, and breathe once.'],
    short: 'Up to the ears, and drop.',
    words: ['up', 'drop', 'hang'],
    vary: {
      'hands-on-thighs': {
        kind: 'arms-rest',
        change: 'Rest your hands on your thighs.',
      },
      'slow-drop': {
        kind: 'other-way',
        change: 'Lower them slowly, over the whole breath out.',
      },
    },
  },
  'arm-circles': {
    in: ['Stand with your feet as wide as your hips.', 'Draw large circles with your arms, forward and up, back and down.'],
    breath: {
      inhale: 'forward and up',
      exhale: 'back and down',
    },
    hold: ['As large as it stays painless.', 'Slower than you think.', 'Then the other way round.'],
    feel: 'Warm shoulders, ribs that move.',
    notFeel: 'No catch in the shoulder.',
    stop: 'Keep below shoulder height if it catches.',
    out: ['Let the arms hang, and feel them.'],
    short: 'Large slow circles, then the other way.',
    words: ['large', 'slow', 'both ways'],
    vary: {
      'one-arm': {
        kind: 'smaller-range',
        change: 'One arm at a time, the other hand on the hip.',
      },
      'below-shoulder-height': {
        kind: 'smaller-range',
        change: 'Stay below the height of your shoulders.',
      },
      'fingertips-on-shoulders': {
        kind: 'arms-rest',
        change: 'Fingertips on your shoulders, the elbows draw.',
      },
    },
  },
  'arm-swings': {
    in: ['Stand with soft knees.', 'Let both arms swing forward and back, loosely.'],
    breath: {
      inhale: 'arms forward',
      exhale: 'arms back, knees soft',
    },
    hold: ['Loose, not thrown.', 'The knees bounce a little.', 'Let the swing find its own time.'],
    feel: 'Light arms, warm shoulders.',
    notFeel: 'No jerk at the end.',
    stop: 'Make it smaller if a shoulder or the back complains.',
    out: ['Let the swing get smaller until it stops by itself.'],
    short: 'Swing both arms, knees soft.',
    words: ['loose', 'knees soft', 'rhythm'],
    vary: {
      'crossing-in-front': {
        kind: 'other-way',
        change: 'Let the arms cross in front of you, and open.',
      },
      sitting: {
        kind: 'sit-instead',
        change: 'Do it sitting, arms beside the chair.',
      },
    },
  },
  'weight-shifts': {
    in: ['Stand with your feet as wide as your hips.', 'Let your weight go over your {side} foot, and back through the middle.'],
    breath: {
      inhale: 'through the middle',
      exhale: 'over one foot',
    },
    hold: ['Both feet stay down.', 'Slow enough to stop anywhere.', 'Feel the whole sole.'],
    feel: 'One leg getting heavy, the other light.',
    notFeel: 'No tipping.',
    stop: 'Hold on to something when it sways.',
    out: ['Come to rest in the middle.'],
    short: 'Over the {side} foot, back to the middle.',
    words: ['slow', 'whole sole', 'middle'],
    vary: {
      'hands-on-chair': {
        kind: 'chair',
        change: 'Both hands on the chair back.',
      },
    },
  },
  'shaking-out': {
    in: ['Stand with soft knees.', 'Shake your hands, then the arms, then let it spread.'],
    breath: {
      inhale: 'let the breath come',
      exhale: 'blow through loose lips',
    },
    hold: ['The feet stay on the floor.', 'Loose jaw.', 'Little shakes are enough.'],
    feel: 'Tingling warmth.',
    notFeel: 'No dizziness, no jerks in the neck.',
    stop: 'Stand still if you get dizzy.',
    out: ['Let it get smaller, then stand still and feel.'],
    short: 'Shake hands, arms, all of you.',
    words: ['hands', 'arms', 'still'],
    vary: {
      sitting: {
        kind: 'sit-instead',
        change: 'Do it sitting, feet on the floor.',
      },
      lying: {
        kind: 'lie-down-instead',
        change: 'Lie down, arms and legs in the air.',
      },
      'hands-and-arms-only': {
        kind: 'smaller-range',
        change: 'Shake only hands and arms.',
      },
    },
  },
  'mindful-walking': {
    in: ['Stand, and feel both feet.', 'Lift your {side} foot, carry it, and place it, heel first.'],
    breath: {
      inhale: 'lift and carry the foot',
      exhale: 'place it, heel first',
    },
    hold: ['Heel, ball, toes.', 'Look ahead, not down.', 'Slower is harder: walk as you like.'],
    feel: 'The floor under each foot.',
    notFeel: 'No holding of the breath.',
    stop: 'Rest a hand on the wall when it sways.',
    out: ['Come to a stand, both feet even.'],
    short: 'Lift, carry, place.',
    words: ['heel', 'ball', 'toes'],
    vary: {
      'at-a-rail': {
        kind: 'wall',
        change: 'Walk along a rail or the wall, one hand on it.',
      },
      'on-the-spot': {
        kind: 'smaller-range',
        change: 'Walk on the spot.',
      },
    },
  },
  'breath-of-joy': {
    in: ['Stand with your feet as wide as your hips.', 'Three sips of breath: arms forward, out, up. Then swing down and sigh.'],
    breath: {
      inhale: 'forward, out, up',
      exhale: 'swing down, knees soft, and sigh',
    },
    hold: ['Few rounds.', 'Knees soft on the way down.', 'Then stand, and feel.'],
    feel: 'Warmth, a quick heart, a smile.',
    notFeel: 'No dizziness.',
    stop: 'Stop, and stand still, when you get light-headed.',
    out: ['Stand still, hands hanging, until the heart is quiet.'],
    short: 'Forward, out, up, and down.',
    words: ['three sips', 'swing', 'sigh'],
    vary: {
      'without-the-fold': {
        kind: 'smaller-range',
        change: 'Leave the swing down out, and let the arms sink.',
      },
      sitting: {
        kind: 'sit-instead',
        change: 'Do it sitting, arms alone.',
      },
    },
  },
  'step-ups': {
    in: ['Stand before the step, hand near the wall.', 'Put your whole {side} foot on it, lean forward, and stand up over it.'],
    breath: {
      inhale: 'step down',
      exhale: 'step up',
    },
    hold: ['The whole foot on the step.', 'Knee over the toes.', 'Down as slowly as up.'],
    feel: 'The front of the thigh and the seat working.',
    notFeel: 'No pain in the knee.',
    stop: 'Hold on, or use a lower step, if the knee hurts or it sways.',
    out: ['Step down, and stand even.'],
    short: '{side} foot up, stand, and down.',
    words: ['whole foot', 'lean', 'slow down'],
    vary: {
      'holding-on': {
        kind: 'wall',
        change: 'Keep a hand on the wall or the rail.',
      },
      'toe-taps': {
        kind: 'smaller-range',
        change: 'Only tap the step with your toes.',
      },
    },
  },
  'hip-hinge': {
    in: ['Hold the stick along your back: head, upper back and tail bone touch it.', 'Send the seat back, knees soft.'],
    breath: {
      inhale: 'come up as one piece',
      exhale: 'send the seat back',
    },
    liftsOnInhale: true,
    hold: ['All three places stay on the stick.', 'The bend is in the hips.', 'Weight in the heels.'],
    feel: 'The backs of the thighs.',
    notFeel: 'No rounding in the waist.',
    stop: 'Go less far if the back rounds or pulls.',
    out: ['Come up as one piece, and put the stick away.'],
    short: 'Stick on the back, seat goes back.',
    words: ['three places', 'seat back', 'one piece'],
    vary: {
      'at-the-wall': {
        kind: 'wall',
        change: "Stand a foot's length from the wall, and touch it with your seat.",
      },
      kneeling: {
        kind: 'other-way',
        change: 'Do it kneeling.',
      },
      small: {
        kind: 'smaller-range',
        change: "Go only a hand's width.",
      },
    },
  },
  'wall-finger-walk': {
    in: ['Stand facing the wall, {side} fingers on it.', 'Let the fingers walk up, as far as it is easy.'],
    breath: {
      inhale: 'stay',
      exhale: 'a finger higher',
    },
    hold: ['Stop at the first pull, and breathe there.', 'Shoulder low, trunk straight.', 'Walk down again.'],
    feel: 'A stretch under the arm.',
    notFeel: 'No pinch on top of the shoulder.',
    stop: "Walk down if it pinches. Don't let the arm drop.",
    out: ['Walk the fingers down, and let the arm hang.'],
    short: '{side} fingers walk up, and down again.',
    words: ['first pull', 'breathe', 'walk down'],
    vary: {
      'to-the-side': {
        kind: 'other-way',
        change: 'Stand with your {side} side to the wall, and walk sideways.',
      },
    },
  },
  'chopping-wood': {
    in: ['Squat or stand wide, hands clasped over your head.', 'Let the axe come down between your knees, with a ha.'],
    breath: {
      inhale: 'lift the axe',
      exhale: 'down with a ha',
    },
    hold: ['The swing comes from the legs.', 'Eyes on the log.', 'Shoulders loose.'],
    feel: 'Warm legs and shoulders.',
    notFeel: 'No jerk in the back.',
    stop: 'Lower with control, or stop, if the back complains.',
    out: ['Let the axe go, and come up slowly.'],
    short: 'Lift, and chop with a ha.',
    words: ['lift', 'legs', 'ha'],
    vary: {
      standing: {
        kind: 'stand-instead',
        change: 'Do it standing, knees soft.',
      },
      'on-a-stool': {
        kind: 'sit-instead',
        change: 'Sit on a stool.',
      },
    },
  },
  'surya-namaskara-b': {
    in: ['Stand at the front of your mat.', 'We go through the rounds slowly, a step with each breath.'],
    breath: {
      inhale: 'reach or open',
      exhale: 'fold or step',
    },
    hold: ['The breath leads.', 'Leave a step out rather than hurry.', 'Step, never jump.'],
    feel: 'Warmth all over.',
    notFeel: 'No race.',
    stop: "Stop at any step, and rest in child's pose or standing.",
    out: ['End standing, hands down, and wait for the breath.'],
    short: 'Chair, fold, step back, warrior, and again.',
    words: ['breath leads', 'step', 'rest'],
  },
  'vinyasa-link': {
    in: ['From plank: lower, open the chest, and go back to dog.'],
    breath: {
      inhale: 'open the chest',
      exhale: 'lower, or go back',
    },
    hold: ['Knees down is as good.', 'Shoulders away from the ears.', 'Leave it out when you like.'],
    feel: 'Arms and belly working.',
    notFeel: 'No pinch in a shoulder or the low back.',
    stop: "Put your knees down, or wait in child's pose.",
    out: ["Rest in dog or child's pose."],
    short: 'Lower, open, back.',
    words: ['knees down', 'open', 'back'],
  },
  'chandra-namaskara': {
    in: ['Stand at the long side of your mat.', 'We go to the {side} first, shape by shape, and back the same way.'],
    breath: {
      inhale: 'grow or open',
      exhale: 'bend or turn',
    },
    hold: ['Slow, to the side.', 'The way back mirrors the way there.', 'Every shape may be smaller.'],
    feel: 'Legs and sides at work.',
    notFeel: 'No hurry.',
    stop: 'Stand, or sit, as soon as you need to.',
    out: ['End where you began, hands down.'],
    short: 'To the {side}, shape by shape, and back.',
    words: ['sideways', 'slow', 'mirror'],
  },
  'parivrtta-utkatasana': {
    in: ['Feet together or as wide as your hips, sit back as onto a chair.', 'Palms together, turn from the ribs to the {side}.'],
    breath: {
      inhale: 'lengthen',
      exhale: 'turn from the ribs',
    },
    hold: ['Knees level, side by side.', 'Turn less, sit back more.', 'Eyes to the floor or to the side.'],
    feel: 'The thighs, the turn in the ribs.',
    notFeel: 'No pinch in the low back.',
    stop: 'Come to the middle if the back pinches or the breath stops.',
    out: ['Back to the middle, then stand up on a breath in.'],
    short: 'Sit back, turn to the {side}.',
    words: ['knees level', 'ribs turn', 'sit back'],
    vary: {
      'open-turn': {
        kind: 'smaller-range',
        change: 'Rest one hand on the thigh, and open the other arm.',
      },
      'on-a-chair': {
        kind: 'chair',
        change: 'Do it sitting on a chair.',
      },
    },
  },
  'baddha-parsvakonasana': {
    in: ['{side} knee bent, forearm on it, turn the chest up.', 'If the arms reach, {side} arm under the thigh, hands meet behind you.'],
    breath: {
      inhale: 'roll the chest up',
      exhale: 'sink the front hip',
    },
    hold: ['Only as deep as the front foot stays heavy.', 'The bind is an extra.', 'Neck where it is easy.'],
    feel: 'The inner thighs, the open chest.',
    notFeel: 'No pull in the shoulder.',
    stop: 'Let the hands go if a shoulder pulls.',
    out: ['Release the hands, press the feet, and come up.'],
    short: '{side} knee bent, chest up, hands behind.',
    words: ['heavy foot', 'chest up', 'easy shoulder'],
    vary: {
      'half-bind': {
        kind: 'arms-rest',
        change: 'Only the top arm goes behind the back.',
      },
      'strap-between-hands': {
        kind: 'prop',
        change: 'Hold a strap between your hands.',
      },
    },
  },
  'urdhva-prasarita-eka-padasana': {
    in: ['Hands to the floor or blocks, weight over your {other} foot.', 'Lift your {side} leg behind you, as far as the hips stay level.'],
    breath: {
      inhale: 'lengthen the lifted leg',
      exhale: 'fold over the standing leg',
    },
    hold: ['Level before high.', 'Standing knee soft.', 'Weight in the heel.'],
    feel: 'The back of the standing leg.',
    notFeel: 'No pressure in the head, no pull behind the knee.',
    stop: 'Lower the leg and come up slowly if the head feels full.',
    out: ['Lower the leg, wait, and come up with a long back.'],
    short: '{side} leg up, hips level.',
    words: ['level', 'soft knee', 'slow up'],
    vary: {
      'hands-on-chair': {
        kind: 'chair',
        change: 'Hands on a chair.',
      },
      'low-lift-knee-bent': {
        kind: 'smaller-range',
        change: 'Lift only a little, with a bent knee.',
      },
    },
  },
  'ardha-baddha-padmottanasana': {
    in: ['Stand on your {other} leg, bring your {side} foot to the groin.', 'Lengthen, then fold, one hand near the floor.'],
    breath: {
      inhale: 'lengthen',
      exhale: 'fold a little',
    },
    hold: ['The turn is in the hip, the knee is quiet.', 'Standing knee soft.', 'A wall is near.'],
    feel: 'The outside of the hip.',
    notFeel: 'Nothing in the folded knee.',
    stop: 'Take the foot down at once if the knee feels anything.',
    out: ['Come up first, then lower the foot with your hand.'],
    short: '{side} foot high, fold a little.',
    words: ['quiet knee', 'soft knee', 'slow'],
    vary: {
      'foot-held': {
        kind: 'smaller-range',
        change: 'Hold the foot in front of you and stay upright.',
      },
    },
  },
  'parivrtta-ardha-chandrasana': {
    in: ['Stand on your {side} leg, {other} hand to a block.', 'Level the hips, then turn the ribs to the {side}.'],
    breath: {
      inhale: 'reach through the back heel',
      exhale: 'turn the ribs',
    },
    hold: ['Level first, turn second.', 'Look down until it is steady.', 'The standing knee is soft.'],
    feel: 'The outside of the standing hip.',
    notFeel: 'No wrench in the back.',
    stop: 'Put the foot down if it sways or the back pulls.',
    out: ['Look down, lower the leg, and come up.'],
    short: 'On the {side} leg, hand down, turn.',
    words: ['level', 'look down', 'turn'],
    vary: {
      'hand-on-chair': {
        kind: 'chair',
        change: 'Hand on a chair.',
      },
      'top-hand-on-sacrum': {
        kind: 'arms-rest',
        change: 'Top hand on the low back.',
      },
    },
  },
  'ardha-chandra-chapasana': {
    in: ['From half moon on your {side} leg, bend the {other} knee.', 'Catch the foot, if half moon is quiet.'],
    breath: {
      inhale: 'open the chest',
      exhale: 'press the foot into the hand',
    },
    hold: ['Half moon first.', 'The knee points back.', 'Weight even in the standing foot.'],
    feel: 'The front of the lifted thigh.',
    notFeel: 'No pinch in the low back.',
    stop: 'Let the foot go if the back pinches or it sways.',
    out: ['Let the foot go, and back to half moon, then down.'],
    short: 'Half moon, catch the foot.',
    words: ['steady first', 'foot back', 'open'],
    vary: {
      strap: {
        kind: 'prop',
        change: 'Reach the foot with a strap.',
      },
      'foot-free': {
        kind: 'smaller-range',
        change: 'Bend the knee, and leave the foot free.',
      },
    },
  },
  camatkarasana: {
    in: ['From side plank on your {side} hand, put your {other} foot behind you.', 'Lift the hips, then let the {other} arm reach over.'],
    breath: {
      inhale: 'lift the hips',
      exhale: 'open the chest',
    },
    hold: ['Hips before arm.', 'The hand that bears pushes the floor.', 'Look where it is easy.'],
    feel: 'The open front.',
    notFeel: 'No pull in the bearing shoulder or wrist.',
    stop: 'Sit down if the shoulder or the wrist complains.',
    out: ['Come back the same way, and sit.'],
    short: 'Hips up, arm over.',
    words: ['push', 'hips', 'open'],
    vary: {
      'knee-down': {
        kind: 'knees-down',
        change: 'Keep one knee on the floor.',
      },
    },
  },
  'parivrtta-adho-mukha-svanasana': {
    in: ['In dog, take one hand to the opposite shin, turning to the {side}.', 'Look under the arm.'],
    breath: {
      inhale: 'hips back',
      exhale: 'look under the arm',
    },
    hold: ['Weight even in the hand that stays.', 'Knees soft.', 'Reach only as far as the hips stay high.'],
    feel: 'The ribs turning, the backs of the legs.',
    notFeel: 'No sinking into one shoulder.',
    stop: 'Put the hand back if a shoulder or wrist hurts.',
    out: ['Hand back to the floor, then the knees.'],
    short: 'In dog, hand to the shin, turn to the {side}.',
    words: ['hips high', 'soft knees', 'look under'],
    vary: {
      'knees-bent': {
        kind: 'soft-knees',
        change: 'Bend your knees.',
      },
      'at-a-chair': {
        kind: 'chair',
        change: 'Hands on a chair.',
      },
    },
  },
  'knee-to-nose': {
    in: ['In plank, draw your {side} knee towards your nose.', 'Then stretch the leg back.'],
    breath: {
      inhale: 'leg back',
      exhale: 'knee in, back round',
    },
    hold: ['Shoulders over the wrists.', 'The belly stays in.', 'The breath goes on.'],
    feel: 'Belly and shoulders working.',
    notFeel: 'No doming belly.',
    stop: 'Put the knees down when the back sags or the breath stops.',
    out: ['Knees down, sit back.'],
    short: '{side} knee in, leg back.',
    words: ['over the wrists', 'round', 'breathe'],
    vary: {
      'on-all-fours': {
        kind: 'knees-down',
        change: 'Do it on all fours.',
      },
    },
  },
  'mountain-climbers': {
    in: ['In plank, draw one knee in, then the other, as if you ran.'],
    breath: {
      inhale: 'over two steps',
      exhale: 'over two steps',
    },
    hold: ['Hips level with the shoulders.', 'Slow is stronger.', 'Push the floor away.'],
    feel: 'Belly, shoulders, a quick heart.',
    notFeel: 'No held breath.',
    stop: 'Knees down when the breath stops or the back sags.',
    out: ['Knees down, sit back, breathe.'],
    short: 'One knee in, then the other.',
    words: ['level', 'slow', 'push'],
    vary: {
      'hands-on-chair': {
        kind: 'chair',
        change: 'Hands on a chair against the wall.',
      },
      'slow-steps': {
        kind: 'smaller-range',
        change: 'One step to each breath.',
      },
    },
  },
  'fire-hydrant': {
    in: ['On all fours, lift your bent {side} leg to the side.', 'Lower it without touching the other knee.'],
    breath: {
      inhale: 'lower',
      exhale: 'lift to the side',
    },
    hold: ['The trunk does not tip.', 'Low is enough.', 'Belly lightly in.'],
    feel: 'The outside of the hip.',
    notFeel: 'No pain in front, at the pubic bone.',
    stop: 'Stop if the pubic bone, the hip or a wrist hurts.',
    out: ['Knee down, sit back.'],
    short: '{side} leg out, and down.',
    words: ['no tipping', 'low', 'slow'],
    vary: {
      forearms: {
        kind: 'hands-higher',
        change: 'Rest on your forearms.',
      },
      lying: {
        kind: 'lie-down-instead',
        change: 'Lie on your side, and lift the top knee.',
      },
    },
  },
  'donkey-kick': {
    in: ['On all fours, press your {side} heel towards the ceiling, knee bent.', 'Lower the knee.'],
    breath: {
      inhale: 'lower',
      exhale: 'press the heel up',
    },
    hold: ["Push, don't fling.", 'Stop before the back sways.', 'Neck long.'],
    feel: 'The seat working.',
    notFeel: 'No sway in the low back.',
    stop: 'Stop if the low back pinches.',
    out: ['Knee down, sit back.'],
    short: '{side} heel up, and down.',
    words: ['push', 'still back', 'slow'],
    vary: {
      forearms: {
        kind: 'hands-higher',
        change: 'Rest on your forearms.',
      },
      standing: {
        kind: 'stand-instead',
        change: 'Do it standing, hands on the wall.',
      },
    },
  },
  hundred: {
    in: [
      'Lie on your back, knees up, head and shoulders lifted a little.',
      'Small beats with the arms, five to the breath in, five to the breath out.',
    ],
    breath: {
      inhale: 'five small beats',
      exhale: 'five small beats',
    },
    hold: ['Low back quiet.', 'Eyes on your thighs.', 'Bend the knees more when it gets hard.'],
    feel: 'The belly working.',
    notFeel: 'No doming belly, no strain in the neck.',
    stop: 'Put head and feet down when the belly domes or the neck tires.',
    out: ['Head down, feet down, arms still.'],
    short: 'Beat the arms, five in, five out.',
    words: ['quiet back', 'small beats', 'breathe'],
    vary: {
      'head-down': {
        kind: 'smaller-range',
        change: 'Leave your head on the floor.',
      },
      'feet-down': {
        kind: 'knees-down',
        change: 'Leave your feet on the floor.',
      },
    },
  },
  'criss-cross': {
    in: ['Lie on your back, hands behind your head.', 'Bring your {side} elbow towards the {other} knee.'],
    breath: {
      inhale: 'through the middle',
      exhale: 'turn towards the knee',
    },
    hold: ['The ribs turn, the elbow follows.', "The hands don't pull.", 'Slowly, side by side.'],
    feel: 'The waist working.',
    notFeel: 'No pull in the neck.',
    stop: 'Put the head down when the neck tires or the belly domes.',
    out: ['Head and feet down, and rest.'],
    short: '{side} elbow to the {other} knee.',
    words: ['ribs turn', 'no pulling', 'slow'],
    vary: {
      'head-down': {
        kind: 'smaller-range',
        change: 'Leave your head on the floor, turn the knees only.',
      },
    },
  },
  'couch-stretch': {
    in: [
      'Kneel before the wall, padding under the knee, {side} shin up along it.',
      'Bring the other foot forward, and rise as far as it is easy.',
    ],
    breath: {
      inhale: 'lift the front of the hip',
      exhale: 'tail bone down',
    },
    hold: ['Never on the kneecap.', 'Ribs down, seat firm.', 'Hands on the thigh or on blocks.'],
    feel: 'The front of the thigh.',
    notFeel: 'Nothing in the knee, no pinch in the back.',
    stop: 'Slide the knee away from the wall if it hurts.',
    out: ['Hands down, knee away from the wall, and sit.'],
    short: '{side} shin up the wall, rise a little.',
    words: ['pad', 'seat firm', 'ribs down'],
    vary: {
      'foot-on-chair': {
        kind: 'hands-higher',
        change: 'Foot on a chair seat instead of the wall.',
      },
      lying: {
        kind: 'lie-on-the-side',
        change: 'Lie on your side, and draw the heel to the seat.',
      },
    },
  },
  rajakapotasana: {
    in: ['{side} shin in front, hips even.', 'Bend the {other} knee, reach back overhead for the foot, only if the back is warm.'],
    breath: {
      inhale: 'lift the breastbone',
      exhale: 'sink the hips level',
    },
    hold: ['Even hips first.', 'Lift before you bend.', 'The neck is the end of the bend, not the beginning.'],
    feel: 'The front of the back thigh, the open chest.',
    notFeel: 'No pinch in the low back, nothing in the knee.',
    stop: 'Let the foot go and fold forward if the back or a knee pinches.',
    out: ['Let the foot go, hands down, and fold forward for a while.'],
    short: '{side} shin in front, reach for the foot.',
    words: ['even', 'lift', 'easy neck'],
    vary: {
      strap: {
        kind: 'prop',
        change: 'Reach the foot with a strap.',
      },
      'front-shin-on-bolster': {
        kind: 'prop',
        change: 'Put a bolster under the front hip.',
      },
    },
  },
  'parsva-bakasana': {
    in: ['Squat, turn your knees to the {side}, hands on the floor.', 'A cushion in front of you. Lean forward until the feet get light.'],
    breath: {
      inhale: 'look ahead',
      exhale: 'lean and lift',
    },
    hold: ['Chest forward before the feet lift.', 'Elbows bent, close together.', 'Toes down is a version of its own.'],
    feel: 'Arms and waist working.',
    notFeel: 'No weight on the head.',
    stop: 'Put the feet down when a wrist hurts or you tip.',
    out: ['Feet down, sit, shake the wrists.'],
    short: 'Knees to the {side}, lean, light feet.',
    words: ['cushion', 'lean', 'look ahead'],
    vary: {
      'lying-on-the-back': {
        kind: 'lie-down-instead',
        change: 'Do the same shape lying on your back.',
      },
    },
  },
};
