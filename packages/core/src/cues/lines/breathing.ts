import type { SpokenLines } from '../spoken-lines.js';

export const BREATHING: SpokenLines = {
  'natural-awareness': {
    in: ['Sit or lie so that nothing has to hold you.', 'Notice your breath where it is clearest: nose, ribs or belly.'],
    breath: {
      inhale: 'notice it come',
      exhale: 'notice it go',
    },
    hold: [
      'Change nothing. Any rhythm is right.',
      'If your mind wanders, come back at the next breath.',
      'You may listen to sounds instead.',
    ],
    feel: 'Small movements that were there already.',
    notFeel: 'No task, no effort.',
    stop: 'Open your eyes, feel your feet or look round if it gets uneasy.',
    out: ['Let your attention spread to the room again.'],
    short: 'Notice the breath, change nothing.',
    words: ['notice', 'any rhythm', 'no task'],
    vary: {
      'hands-on-belly-and-chest': {
        kind: 'other-way',
        change: 'One hand on your belly, one on your chest.',
        in: [
          'Sit or lie so that nothing has to hold you.',
          'One hand on your belly, one on your chest.',
          'Notice your breath where it is clearest: nose, ribs or belly.',
        ],
      },
      lying: {
        kind: 'lie-down-instead',
        change: 'Lie down in the shape you like.',
        in: ['Lie down in the shape you like.', 'Notice your breath where it is clearest: nose, ribs or belly.'],
      },
    },
  },
  'balloon-breath': {
    in: ['Lie on your back, knees bent, hands on your belly.', 'Let the belly rise and sink.'],
    breath: {
      inhale: 'belly rises like a balloon',
      exhale: 'belly sinks',
    },
    hold: ['Shoulders quiet.', 'No pushing. Let it be small.', 'Hands only listen.'],
    feel: 'Your hands carried up and down.',
    notFeel: 'No air hunger.',
    stop: 'Breathe as you like if you feel short of air or dizzy.',
    out: ['Let the breath go its own way.'],
    short: 'Belly up, belly down.',
    words: ['rise', 'sink', 'no pushing'],
    vary: {
      'with-a-toy-on-the-belly': {
        kind: 'prop',
        change: 'Put the toy on your belly and give it a slow ride.',
        in: ['Lie on your back, knees bent, hands on your belly.', 'Put the toy on your belly and give it a slow ride.'],
      },
      'with-an-opening-ball-or-hands': {
        kind: 'other-way',
        change: 'Sit or lie. Open your hands as you breathe in, close them as you breathe out.',
        in: ['Sit or lie. Open your hands as you breathe in, close them as you breathe out.'],
      },
      prone: {
        kind: 'other-way',
        change: 'Lie on your belly and feel it press the floor.',
        in: ['Lie on your belly and feel it press the floor.'],
        out: ['Let the breath go its own way, then push up slowly.'],
      },
    },
  },
  'three-part-breath': {
    in: ['Lie or lean back, one hand on your belly, one on your ribs.', 'Fill belly, ribs, chest. Empty chest, ribs, belly.'],
    breath: {
      inhale: 'belly, ribs, chest',
      exhale: 'chest, ribs, belly',
    },
    hold: ['One smooth wave.', 'No straining at the top.', 'Three quarters full is full.'],
    feel: 'A wave from low to high and back.',
    notFeel: 'No pressure, no dizziness.',
    stop: 'Go back to your own breath if you get dizzy.',
    out: ['Let the wave get smaller by itself.'],
    short: 'Belly, ribs, chest, and back.',
    words: ['wave', 'smooth', 'three quarters'],
    vary: {
      'two-parts': {
        kind: 'breathe-freely',
        change: 'Only belly and ribs.',
        in: ['Lie or lean back, one hand on your belly, one on your ribs.', 'Only belly and ribs.'],
        breath: {
          inhale: 'belly, ribs',
          exhale: 'ribs, belly',
        },
      },
    },
  },
  'rib-breath': {
    in: ['Sit tall, hands on your lower ribs.', 'Breathe sideways into your hands.'],
    breath: {
      inhale: 'ribs widen',
      exhale: 'ribs narrow, low belly draws in',
    },
    hold: ['Breathe to the quieter side too.', 'Neck soft.', 'Back ribs join in.'],
    feel: 'Ribs like an accordion.',
    notFeel: 'No lifted shoulders.',
    stop: 'Rest if you get dizzy.',
    out: ['Hands down, breathe as you like.'],
    short: 'Ribs wide, ribs narrow.',
    words: ['wide', 'narrow', 'soft neck'],
    vary: {
      'strap-round-the-ribs': {
        kind: 'prop',
        change: 'Sit tall, strap round your ribs, loose. Breathe sideways against it.',
        in: ['Sit tall, strap round your ribs, loose. Breathe sideways against it.'],
      },
    },
  },
  ujjayi: {
    in: ['Sit tall, lips closed.', 'Breathe as if fogging a window, mouth shut.'],
    breath: {
      inhale: 'soft sound, through the nose',
      exhale: 'same sound, same length',
    },
    hold: ['Only you need to hear it.', 'Throat wide, jaw loose.', 'Drop the sound if it gets tight.'],
    feel: 'A slow, even stream.',
    notFeel: 'No tight throat.',
    stop: 'Breathe plainly if the throat tightens or you get dizzy.',
    out: ['Let the sound fade.'],
    short: 'Soft sound, in and out the same.',
    words: ['soft', 'even', 'wide throat'],
    vary: {
      'only-on-the-exhale': {
        kind: 'breathe-freely',
        change: 'Breathe in, plain, through the nose. Breathe out, soft sound.',
        breath: {
          inhale: 'plain, through the nose',
          exhale: 'soft sound',
        },
      },
      silent: {
        kind: 'other-way',
        change: 'Leave out the sound. Keep the slowness.',
        hold: ['Leave out the sound. Keep the slowness.', 'Only you need to hear it.', 'Throat wide, jaw loose.'],
      },
    },
  },
  'three-count-pause': {
    in: ['Sit tall.', 'In for three, wait for three, out without hurry.'],
    breath: {
      inhale: 'two, three. Wait, two, three',
      exhale: 'slowly, no hurry',
    },
    hold: ['Throat open while you wait.', 'Shorten the wait as you like.', 'No wait is fine.'],
    feel: 'A little quiet at the top.',
    notFeel: 'No pressure in chest or head.',
    stop: 'Leave the wait out if you feel pressure, air hunger or dizziness.',
    out: ['Breathe as you like.'],
    short: 'In three, wait three, out slowly.',
    words: ['open throat', 'short', 'optional'],
    vary: {
      'without-the-pause': {
        kind: 'breathe-freely',
        change: 'In three, out slowly.',
        breath: {
          inhale: 'two, three',
          exhale: 'slowly out',
        },
        short: 'In three, out slowly.',
      },
      'pause-after-the-exhale': {
        kind: 'more',
        change: 'Breathe in, two, three. Breathe out, two, three. Wait, two, three.',
        breath: {
          inhale: 'two, three',
          exhale: 'two, three. Wait, two, three',
        },
      },
    },
  },
  'extended-exhale': {
    in: ['Sit or lie with ease.', 'In for four, out for six.'],
    breath: {
      inhale: 'two, three, four',
      exhale: 'two, three, four, five, six',
    },
    hold: ['Make the way out longer by one count, not more.', 'Stay where it is easy.', 'Sighing in between is allowed.'],
    feel: 'Shoulders sinking with each breath out.',
    notFeel: 'No air hunger.',
    stop: 'Shorten the count, or let it go, if you want more air.',
    out: ['Stop counting, breathe as you like.'],
    short: 'In four, out six.',
    words: ['longer out', 'easy', 'no hunger'],
    vary: {
      '3-and-4': {
        kind: 'breathe-freely',
        change: 'In three, out four.',
        breath: {
          inhale: 'two, three',
          exhale: 'two, three, four',
        },
        short: 'In three, out four.',
      },
    },
  },
  'equal-breath': {
    in: ['Sit tall.', 'In and out for the same count, four to begin with.'],
    breath: {
      inhale: 'two, three, four',
      exhale: 'two, three, four',
    },
    hold: ['Change the count until it is easy.', 'Light, not deep.', 'Even like a swing.'],
    feel: 'A level rhythm.',
    notFeel: 'No hurry.',
    stop: 'Let the count go if you want more air.',
    out: ['Stop counting.'],
    short: 'In four, out four.',
    words: ['even', 'light', 'easy'],
    vary: {
      square: {
        kind: 'more',
        change: 'In four, wait four, out four, wait four.',
        in: ['Sit tall.', 'In four, wait four, out four, wait four.'],
        hold: ['Leave out the waits whenever you like.', 'Change the count until it is easy.', 'Light, not deep.'],
      },
    },
  },
  'coherent-breath': {
    in: ['Sit or lie with ease.', 'In for five, out for five. Light.'],
    breath: {
      inhale: 'two, three, four, five',
      exhale: 'two, three, four, five',
    },
    hold: ['Light, not deep.', 'About six breaths a minute, or your own pace.', 'My voice stops now. You go on.'],
    feel: 'A slow, level swing.',
    notFeel: 'No dizziness, no hunger for air.',
    stop: 'Go back to your own pace if you get dizzy.',
    out: ['Stop counting, notice how you are.'],
    short: 'In five, out five, light.',
    words: ['light', 'level', 'your pace'],
    vary: {
      'four-and-four-or-four-and-six': {
        kind: 'breathe-freely',
        change: 'Breathe in, two, three, four. Breathe out, two, three, four. Or six, if you like.',
        breath: {
          inhale: 'two, three, four',
          exhale: 'two, three, four. Or six, if you like',
        },
      },
    },
  },
  'box-breath': {
    in: ['Sit tall.', 'In four, wait four, out four, wait four.'],
    breath: {
      inhale: 'two, three, four. Wait',
      exhale: 'two, three, four. Wait',
    },
    hold: ['Shorten all four sides together.', 'Throat open in the waits.', 'Leave the waits out as you like.'],
    feel: 'Four even sides.',
    notFeel: 'No pressure.',
    stop: 'Leave the waits out if you feel pressure or air hunger.',
    out: ['Breathe as you like.'],
    short: 'In, wait, out, wait: four each.',
    words: ['four sides', 'open throat', 'optional'],
    vary: {
      'no-pauses': {
        kind: 'breathe-freely',
        change: 'In four, out four.',
        breath: {
          inhale: 'two, three, four',
          exhale: 'two, three, four',
        },
        short: 'In four, out four.',
      },
    },
  },
  'pursed-lip-breath': {
    in: ['Sit, lips as if to cool soup.', 'In through the nose, out through the lips, longer.'],
    breath: {
      inhale: 'through the nose',
      exhale: 'through soft lips, slowly',
    },
    hold: ['No force.', 'Shoulders low.', 'You can do this while you walk.'],
    feel: 'Air leaving without hurry.',
    notFeel: 'No blowing hard.',
    stop: 'Use your own reliever or plan if the breath gets tight.',
    out: ['Close your lips, breathe as you like.'],
    short: 'In through the nose, out through soft lips.',
    words: ['soft lips', 'longer out', 'no force'],
    vary: {
      'leaning-forward': {
        kind: 'other-way',
        change: 'Lean forward, forearms on your thighs or the table, lips soft.',
        in: ['Lean forward, forearms on your thighs or the table, lips soft.', 'In through the nose, out through the lips, longer.'],
      },
    },
  },
  'feather-breath': {
    in: ['Sit tall, imagine a feather in front of your lips.', 'Blow so softly that it floats. Let your head turn along.'],
    breath: {
      inhale: 'smell a flower',
      exhale: 'blow slowly, head turns along',
    },
    hold: ['Soft cheeks.', 'A long thin stream.', 'Rest after five.'],
    feel: 'A long way out.',
    notFeel: 'No dizziness.',
    stop: 'Stop blowing and breathe as you like if you get dizzy.',
    out: ['Let the feather land.'],
    short: 'Smell, then blow softly.',
    words: ['soft', 'long', 'slow'],
    vary: {
      'five-fingers-as-feathers': {
        kind: 'other-way',
        change: 'Sit tall. Hold up five fingers and blow each one, one after another.',
        in: ['Sit tall. Hold up five fingers and blow each one, one after another.'],
      },
      'keep-the-flame-dancing': {
        kind: 'other-way',
        change: 'Sit tall. Imagine a flame. Let it dance, do not blow it out.',
        in: ['Sit tall. Imagine a flame. Let it dance, do not blow it out.'],
      },
    },
  },
  'alternate-nostril': {
    in: ['Sit tall, {side} hand at your nose, elbow free.', 'Close one side, breathe in. Change, breathe out.'],
    breath: {
      inhale: 'in on one side',
      exhale: 'out on the other',
    },
    hold: ['Light touch, below the bone.', 'Same side in that you breathed out of.', 'Arm tired? Go on in your mind.'],
    feel: 'A thin, even stream.',
    notFeel: 'No pressing, no air hunger.',
    stop: 'Open both sides if you want more air or feel dizzy.',
    out: ['End with a breath out, hand down, breathe with both.'],
    short: 'In on one side, out on the other.',
    words: ['light touch', 'even', 'both open'],
    vary: {
      'elbow-supported': {
        kind: 'arms-rest',
        change: 'Rest your {side} elbow on a cushion or the other hand.',
        in: [
          'Sit tall, {side} hand at your nose, elbow free.',
          'Rest your {side} elbow on a cushion or the other hand.',
          'Close one side, breathe in. Change, breathe out.',
        ],
      },
      imagined: {
        kind: 'breathe-freely',
        change: 'Sit tall, hands in your lap. Only think of one side, then the other.',
        in: ['Sit tall, hands in your lap. Only think of one side, then the other.'],
      },
      'with-holds': {
        kind: 'more',
        change: 'A short wait after the breath in, only if it was agreed for you.',
        hold: [
          'A short wait after the breath in, only if it was agreed for you.',
          'Light touch, below the bone.',
          'Same side in that you breathed out of.',
        ],
      },
    },
  },
  bhramari: {
    in: ['Sit tall, lips closed, teeth apart.', 'Breathe in through the nose and hum out.'],
    breath: {
      inhale: 'through the nose',
      exhale: 'hum, mmm',
    },
    hold: ['Low and quiet.', 'Let lips and cheeks buzz.', 'Stop humming before you run out.'],
    feel: 'A buzz in face and chest.',
    notFeel: 'No pressure in the ears.',
    stop: 'Stop if your ears hurt or you get dizzy.',
    out: ['Listen to the quiet after.'],
    short: 'In through the nose, hum out.',
    words: ['low', 'buzz', 'teeth apart'],
    vary: {
      'hands-on-thighs': {
        kind: 'arms-rest',
        change: 'Leave your hands on your thighs.',
        in: ['Sit tall, lips closed, teeth apart.', 'Leave your hands on your thighs.', 'Breathe in through the nose and hum out.'],
      },
      'silent-hum': {
        kind: 'other-way',
        change: 'Think the hum. Nobody hears it.',
        hold: ['Think the hum. Nobody hears it.', 'Low and quiet.', 'Let lips and cheeks buzz.'],
      },
    },
  },
  sitali: {
    in: ['Sit tall, roll your tongue or purse your lips.', 'In over the tongue, out through the nose.'],
    breath: {
      inhale: 'over the tongue, cool',
      exhale: 'through the nose, warm',
    },
    hold: ['Small sips.', 'Close your mouth to breathe out.', 'Eight are enough.'],
    feel: 'Cool in, warm out.',
    notFeel: 'No cough, no chill.',
    stop: 'Stop if you cough, wheeze or feel cold.',
    out: ['Close your mouth, swallow, breathe.'],
    short: 'Cool in, warm out.',
    words: ['cool', 'small', 'nose out'],
    vary: {
      teeth: {
        kind: 'other-way',
        change: 'Sit tall, teeth together, lips apart. In between the teeth, out through the nose.',
        in: ['Sit tall, teeth together, lips apart. In between the teeth, out through the nose.'],
      },
    },
  },
  'lions-breath': {
    in: ['Sit tall, hands on your thighs.', 'Breathe in through the nose. Tongue out, long haaa.'],
    breath: {
      inhale: 'through the nose',
      exhale: 'tongue out, haaa',
    },
    hold: ['Jaw easy.', 'Laughing is allowed.', 'Four are plenty.'],
    feel: 'Face and jaw loose.',
    notFeel: 'No scratching throat.',
    stop: 'Stop if the jaw or throat hurts.',
    out: ['Close your mouth, swallow.'],
    short: 'In through the nose, haaa.',
    words: ['tongue out', 'loose jaw', 'laugh'],
    vary: {
      silent: {
        kind: 'other-way',
        change: 'No sound. Only the face.',
        hold: ['No sound. Only the face.', 'Jaw easy.', 'Laughing is allowed.'],
      },
    },
  },
  'sighing-breath': {
    in: ['Sit or lie.', 'Breathe in, sip a little more, and sigh out.'],
    breath: {
      inhale: 'in, and a sip more',
      exhale: 'sigh',
    },
    hold: ['Let the shoulders drop.', 'Three are enough.', 'Loud or silent.'],
    feel: 'Something letting go in the chest.',
    notFeel: 'No dizziness.',
    stop: 'Stop if you get dizzy.',
    out: ['Breathe as you like.'],
    short: 'In, sip, sigh.',
    words: ['sip', 'sigh', 'drop'],
    vary: {
      lying: {
        kind: 'lie-down-instead',
        change: 'Lie down, knees bent.',
        in: ['Lie down, knees bent.', 'Breathe in, sip a little more, and sigh out.'],
      },
    },
  },
  'mula-bandha': {
    in: ['Sit tall on both sitting bones.', 'As you breathe out, lift gently low down, as if holding back wind.'],
    breath: {
      inhale: 'let go completely',
      exhale: 'lift gently, a third',
    },
    hold: ['Letting go is half of it.', 'Seat, thighs and jaw soft.', 'Breath keeps flowing.'],
    feel: 'A small lift, and a clear letting go.',
    notFeel: 'No pain, no gripping.',
    stop: 'Stop if it hurts or you cannot let go. Letting go alone is a whole practice.',
    out: ['Breathe in, let go, rest.'],
    short: 'Lift a third, let go fully.',
    words: ['a third', 'let go', 'soft jaw'],
    vary: {
      'release-only': {
        kind: 'breathe-freely',
        change: 'Only let go, a little more with each breath in.',
        in: ['Sit tall on both sitting bones.', 'Only let go, a little more with each breath in.'],
        breath: {
          exhale: 'wait',
        },
      },
      lying: {
        kind: 'lie-down-instead',
        change: 'Lie on your back, knees bent.',
        in: ['Lie on your back, knees bent.', 'As you breathe out, lift gently low down, as if holding back wind.'],
      },
    },
  },
  'hand-trace-breath': {
    in: ['Hold up one hand, fingers wide.', 'Trace it with the other finger: up with the breath in, down with the breath out.'],
    breath: {
      inhale: 'up the finger',
      exhale: 'down the finger',
    },
    hold: ['One finger, one breath.', 'Slow at the tips.', 'Change hands and go again.'],
    feel: 'A tickle that keeps you with it.',
    notFeel: 'No hurry.',
    stop: 'Rest if you get dizzy.',
    out: ['Close your hand, rest it.'],
    short: 'Up a finger, down a finger.',
    words: ['one finger', 'one breath', 'slow'],
    vary: {
      'on-a-friend-s-back': {
        kind: 'other-way',
        change: "Ask first. Then trace up and down on your friend's back.",
        in: ["Ask first. Then trace up and down on your friend's back."],
      },
    },
  },
  'snake-breath': {
    in: ['Sit tall.', 'In through the nose, out with a long sss.'],
    breath: {
      inhale: 'through the nose',
      exhale: 'ssss',
    },
    hold: ['Quiet and long.', 'Stop before it squeezes.', 'Listen to the end of your hiss.'],
    feel: 'A long way out.',
    notFeel: 'No squeezing.',
    stop: 'Breathe as you like if you get dizzy.',
    out: ['Last hiss, then quiet.'],
    short: 'In through the nose, long sss.',
    words: ['long', 'quiet', 'no squeeze'],
    vary: {
      'lying-like-a-snake': {
        kind: 'lie-down-instead',
        change: 'Lie on your belly. In through the nose, out with a long sss.',
        in: ['Lie on your belly. In through the nose, out with a long sss.'],
      },
    },
  },
  kapalabhati: {
    in: ['Sit tall, hands on your thighs.', 'Short push of the belly out through the nose. The breath in comes by itself.'],
    breath: {
      inhale: 'comes by itself',
      exhale: 'short push',
    },
    hold: ['Only the belly moves.', 'Slow and clear beats fast.', 'Rest between rounds.'],
    feel: 'A lively belly.',
    notFeel: 'No dizziness, no tingling, no headache.',
    stop: 'Stop at once if you get dizzy, tingle or your head hurts.',
    out: ['Breathe out, rest, breathe as you like.'],
    short: 'Short push out, let it in.',
    words: ['belly only', 'slow', 'rest'],
    vary: {
      slow: {
        kind: 'breathe-freely',
        change: 'One push, one rest.',
        hold: ['One push, one rest.', 'Only the belly moves.', 'Slow and clear beats fast.'],
      },
    },
  },
  'chandra-bhedana': {
    in: ['Sit tall, hand at your nose, elbow free.', 'In on the left, out on the right.'],
    breath: {
      inhale: 'in on the left',
      exhale: 'out on the right',
    },
    hold: ['Light touch.', 'Even, no hurry.', 'Or only think of it.'],
    feel: 'A thin, cool stream.',
    notFeel: 'No air hunger.',
    stop: 'Open both sides if you want more air or feel low or dizzy.',
    out: ['Hand down, breathe with both.'],
    short: 'In left, out right.',
    words: ['left in', 'right out', 'light'],
    vary: {
      imagined: {
        kind: 'breathe-freely',
        change: 'Sit tall, hands in your lap. Think left in, right out.',
        in: ['Sit tall, hands in your lap. Think left in, right out.'],
      },
    },
  },
  'surya-bhedana': {
    in: ['Sit tall, hand at your nose, elbow free.', 'In on the right, out on the left.'],
    breath: {
      inhale: 'in on the right',
      exhale: 'out on the left',
    },
    hold: ['Light touch.', 'Even, no hurry.', 'Stop while it is pleasant.'],
    feel: 'A thin, warm stream.',
    notFeel: 'No flush, no pounding.',
    stop: 'Open both sides if you feel flushed, pounding or dizzy.',
    out: ['Hand down, breathe with both.'],
    short: 'In right, out left.',
    words: ['right in', 'left out', 'light'],
    vary: {
      'equal-breath': {
        kind: 'breathe-freely',
        change: 'Sit tall, both sides open. In four, out four.',
        in: ['Sit tall, both sides open. In four, out four.'],
      },
    },
  },
  sitkari: {
    in: ['Sit tall, teeth lightly together, lips apart.', 'In through the teeth, out through the nose.'],
    breath: {
      inhale: 'through the teeth, cool',
      exhale: 'through the nose, warm',
    },
    hold: ['Tongue behind the teeth.', 'Small sips.', 'Eight are enough.'],
    feel: 'Cool in, warm out.',
    notFeel: 'No toothache, no cough.',
    stop: 'Stop if teeth hurt, you cough or feel cold.',
    out: ['Close your lips, swallow, breathe.'],
    short: 'Cool in through the teeth, warm out.',
    words: ['cool', 'small', 'nose out'],
    vary: {
      'nose-only': {
        kind: 'breathe-freely',
        change: 'Sit tall, lips closed. In and out through the nose.',
        in: ['Sit tall, lips closed. In and out through the nose.'],
        breath: {
          inhale: 'through the nose',
          exhale: 'through the nose',
        },
      },
    },
  },
  bhastrika: {
    in: ['Sit tall, hands on your thighs.', 'In and out through the nose, both with a push. Ten, then rest.'],
    breath: {
      inhale: 'in with a push',
      exhale: 'out with a push',
    },
    hold: ['Shoulders still.', 'Slow beats fast.', 'Rest as long as you pushed.'],
    feel: 'A lively belly, warmth.',
    notFeel: 'No tingling, no dizziness.',
    stop: 'Stop at once if you tingle or get dizzy.',
    out: ['Breathe out, rest, breathe as you like.'],
    short: 'In, out, ten, rest.',
    words: ['still shoulders', 'ten', 'rest'],
    vary: {
      'sun-breath': {
        kind: 'breathe-freely',
        change: 'Sit tall. Arms up as you breathe in, elbows down as you breathe out. Slowly.',
        in: ['Sit tall. Arms up as you breathe in, elbows down as you breathe out. Slowly.'],
      },
    },
  },
  'antara-kumbhaka': {
    in: ['Sit tall. Only if this was agreed for you.', 'Breathe in, wait with an open throat, breathe out slowly.'],
    breath: {
      inhale: 'in, and wait',
      exhale: 'slowly',
    },
    hold: ['Throat open, face soft.', 'Let go before you want to.', 'Free breaths in between.'],
    feel: 'A quiet fullness.',
    notFeel: 'No pressure in head, eyes or chest.',
    stop: 'Breathe out at once with pressure, pounding or fear.',
    out: ['Breathe as you like.'],
    short: 'In, wait, out slowly.',
    words: ['open throat', 'early', 'free breaths'],
    vary: {
      short: {
        kind: 'breathe-freely',
        change: 'Wait only for one count.',
        in: [
          'Sit tall. Only if this was agreed for you.',
          'Breathe in, wait with an open throat, breathe out slowly.',
          'Wait only for one count.',
        ],
      },
      none: {
        kind: 'breathe-freely',
        change: 'Sit tall. In and out with no waiting.',
        in: ['Sit tall. In and out with no waiting.'],
        breath: {
          inhale: 'in',
          exhale: 'out, slowly',
        },
      },
    },
  },
  'bahya-kumbhaka': {
    in: ['Sit tall. Only if this was agreed for you.', 'Breathe out, wait, let the breath in by itself.'],
    breath: {
      inhale: 'lets itself in',
      exhale: 'out, and wait',
    },
    hold: ['Never fight for air.', 'One count is enough.', 'Free breaths in between.'],
    feel: 'A quiet emptiness.',
    notFeel: 'No gasp.',
    stop: 'Breathe in at once if you want air.',
    out: ['Breathe as you like.'],
    short: 'Out, wait, let it in.',
    words: ['short', 'no fight', 'free breaths'],
    vary: {
      none: {
        kind: 'breathe-freely',
        change: 'Sit tall. Out and in with no waiting.',
        in: ['Sit tall. Out and in with no waiting.'],
        breath: {
          exhale: 'out',
        },
      },
    },
  },
};
