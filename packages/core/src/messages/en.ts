/**
 * What is said in English, as ICU messages: https://unicode-org.github.io/icu/userguide/format_parse/messages/
 * A further language is a file like this one with the same keys.
 */
export const EN = {
  // What a step is changed to, in the words that a teacher says.
  'change.variation': '{name}',
  'change.leaves-out': 'leaves out: {purposes}',
  'change.way': 'get there {way}',
  'change.wider-feet': 'feet wider than the hips',
  'change.round-less': 'a longer low back',
  'change.upper-round-less': 'a longer upper back',
  'change.neck-easy': 'the neck in line with the back',
  'change.turn-less': 'turn only as far as is easy',
  'change.head-turn-less': 'look ahead',
  'change.lean-less': 'lean less to the side',
  'change.bend-knees': 'knees more bent',
  'change.shorter-stance': 'a shorter stance',
  'change.legs-nearer': 'legs closer together',
  'change.half-bend': 'bend the knees only half as far',
  'change.knees-wide': 'knees wide, room for the belly',
  'change.arms-lower': 'arms no higher than the shoulders',
  'change.head-blanket': 'a folded blanket under the head',
  'change.forehead-block': 'the forehead on a block',
  'change.support-higher': 'the support under chest and head higher',
  'change.knees-propped': 'the knees propped high',
  'change.hands-low-block': 'hands on low blocks',
  'change.hands-high-block': 'hands on high blocks',
  'change.hands-seat': 'hands on a chair seat',
  'change.hands-back': 'hands on a chair back',
  'change.hold-one': 'one hand on a chair back',
  'change.hold-both': 'both hands on a chair back',

  // Why somebody may not practise today. `flag` is a warning sign.
  'screening.flag':
    '{flag}: {urgency, select, emergency {call the emergency number and stay with the person} other {no practice, medical contact today}}.',

  // What the next plan could take from past classes. `asana` is a name.
  'proposal.leave-out': 'Leave out {asana} from now on',
  'proposal.rest-from': 'Leave out {asana} until {until}',
  'proposal.hold-back': '{measure}: {bound} until {until}',
  'proposal.take-back': 'Offer {asana} again',
  'proposal.other-side-first': 'Begin {asana} with the {side} side',
  'proposal.ask-side': 'Look at both sides before the next class, and ask about the {side} one',
  'proposal.liked': 'Offer {asana} as {form} before others that are as good',
  'proposal.ask-pain': 'Ask where it hurts, and what made it so, before the next class',
  'proposal.step-up-dose': 'Stay a little longer next time: a breath or two more, nothing else',
  'proposal.step-up-range': 'Go a little further next time, for as long as before',
  'proposal.step-up-load': 'Take a little more weight next time, as far and as long as before',
  'proposal.loosened-range': 'Go a little further next time, for as long as before. {measure}: {bound}',
  'proposal.loosened-load': 'Take a little more weight next time, as far and as long as before. {measure}: {bound}',
  'proposal.ask-away': 'Ask what is new before the next class, and begin gently',
  'preference.liked': 'Liked before, so it goes before others as good. {reason}',
  'preference.longer': 'A little longer than given. {reason}',
  'preference.first-side': 'Begins with the {side} side. {reason}',
  'evidence.stopped': 'Stopped there in {times} of the last {classes} classes.',
  'evidence.hurt': 'It hurt there on {day}.',
  'evidence.hurt-high': 'It hurt there on {day}, and pain was {pain} of 10 afterwards.',
  'evidence.strained': 'Pain on {day}: {where}. What hurt there was {asana}, with {measure} at {value}; this stays below it.',
  'evidence.rose': 'Pain rose from {before} to {after} of 10 on {day}.',
  'evidence.one-side': 'Only the {side} side was marked, in {times} classes.',
  'evidence.harder': 'The {side} side was the harder one in {times} of {asked} classes in which it was asked.',
  'evidence.liked': 'It went well in {times} classes, and was never stopped.',
  'evidence.over': 'Its time was over on {until}.',
  'evidence.good': 'The last {times} classes went well.',
  'evidence.away': 'Away for {weeks} weeks, since {day}.',

  // What is added to a sequence. `asana` is a name, `reason` a sentence.
  inserted: '{asana}',
  'inserted.changed': '{asana} ({changes})',
  'inserted.quiet-end': '{reason} At least {minutes} quiet minutes end the class.',

  // Dose, breath and pace. `amounts` are of the five below it. Seconds.
  dose: '{amounts}',
  'dose.breaths': '{count, plural, one {# breath} other {# breaths}}',
  'dose.repetitions': '{count, plural, one {# time} other {# times}}',
  'dose.seconds': '{count} s',
  'dose.minutes': '{count} min',
  'dose.rounds': '{count, plural, one {# round} other {# rounds}}',
  'dose.with-side': '{dose}{side, select, both {, each side} left {, left} right {, right} other {}}',
  'dose.only': '{dose} only',
  'dose.hold': 'hold {seconds} s{rounds, plural, =1 {} other {, # times}}',
  'dose.no-longer': 'no longer than {seconds} s',
  'breath.flows': 'no breath hold: let the breath flow',
  'breath.held-at-most': 'hold the breath {seconds} s at most',
  'pace.each-time': 'slowly, {seconds} s each time',

  // Ways from one posture to the next: short, to follow "get there", and as they are told to a class.
  'way.fold-down': 'by a fold',
  'way.fold-up': 'out of a fold',
  'way.squat-down': 'by a squat',
  'way.split-squat': 'by a split squat',
  'way.with-chair': 'with hands on a chair',
  'way.roll-up': 'by rolling up',
  'way.hands-to-thighs': 'with hands on the thighs',
  'way.jump-back': 'by a jump',
  'way.step-back': 'by a step',
  'way.sit-up': 'straight up or down',
  'way.roll-to-side': 'over the side',
  'way.fold-down.told': 'fold forward, hands to the floor, walk or step back',
  'way.fold-up.told': 'step to the hands and rise out of the fold',
  'way.squat-down.told': 'squat down, hands to the floor, sit',
  'way.split-squat.told': 'step one foot back, that knee down, then knees together',
  'way.split-squat.told.up': 'step one foot forward, both hands on that thigh, and rise',
  'way.with-chair.told': 'with both hands on a chair seat, one knee after the other',
  'way.with-chair.told.up': 'both hands on a chair seat, one foot forward, and push up',
  'way.roll-up.told': 'roll up, bone by bone',
  'way.hands-to-thighs.told': 'knees bent, hands up the thighs, with a long back',
  'way.jump-back.told': 'jump back',
  'way.step-back.told': 'step back, one foot after the other',
  'way.sit-up.told': 'sit straight up',
  'way.sit-up.told.down': 'lie straight back',
  'way.roll-to-side.told': 'bend the knees, roll to the side in one piece, push up with the hands',
  'way.roll-to-side.told.down': 'sit sideways, lower on to the elbow, then roll on to the back in one piece',

  // Two conditions that bar opposite directions. `left` is one of the last two.
  conflict: '{measure}: {below} bars one direction, {above} the other; {left}.',
  'conflict.clearance': '{conflict} Written clearance first; until then lying, sitting, breath and work of the limbs only.',
  'conflict.nothing-left': 'nothing is left between them',
  'conflict.left': '{atLeast} to {atMost}{unit} is left',

  // Why a way was taken that isn't the closest one.
  'why.ahead': 'Taken with what follows in mind: closer here would be {way}; that costs more later.',
  'why.together': 'Changed so that the class shows at most {figures} different figures here and shares its props.',
  'why.sits-out': 'Nothing else fits in this class with at most {figures} different figures and the props it shares.',

  // What a teacher's craft says of a sequence, and the one action that mends it. `asana` and `calm` are names.
  'review.sides': '{asana}: more on the {more, select, left {left} other {right}} than on the {less, select, left {left} other {right}}.',
  'review.directions': 'The spine is not moved in one direction: {direction}.',
  'review.counterpose': '{asana} goes far, and nothing after it counters that.',
  'review.twist': '{asana} turns the spine before anything has lengthened it.',
  'review.warm-up': '{asana} takes the spine to its end before it is warm.',
  'review.calm': '{asana} wakes up again after {calm} has calmed.',
  'review.no-rest': 'The class doesn’t end in a rest.',
  'review.short-rest': 'The rest at the end takes {seconds} s of {minutes} min.',
  'review.proportion': '{minutes} min of {more} to {seconds} s of {less}.',
  'review.wrists': '{minutes} min on the wrists without a break.',
  'review.knees': '{minutes} min on the knees without a break.',
  'review.trips':
    'Down to the floor {now} times{hasSection, select, yes { in “{section}”} other {}}; with what stands and what is on the floor kept together {then}.',
  'repair.same-dose': '{dose} on the {side, select, left {left} other {right}} too',
  'repair.both-sides': 'Do it on both sides',
  'repair.add': 'Add {asana}',
  'repair.add-after': 'Add {asana} after it',
  'repair.add-before': 'Add {asana} before it',
  'repair.add-between': 'Add {asana} between',
  'repair.add-rest': 'Add {minutes, plural, one {# minute} other {# minutes}} of rest',
  'repair.begin-with': 'Begin with {asana}',
  'repair.move-before': 'Move it before {asana}',
  'repair.rest': 'Rest {minutes, plural, one {# minute} other {# minutes}}',
  'repair.group': 'Put them together',

  // A choice by hand that can't be kept.
  'choice.unsafe': 'What was chosen is not safe here; another way was taken.',
  'choice.does-not-fit': 'What was chosen would need more than {figures} different figures, or props that the class doesn’t have.',
  'choice.nobody': 'The person for whom this was chosen isn’t in the class.',
  'choice.no-step': 'There is no step {step} in this class.',

  // What differs between two classes.
  'difference.there': 'there',
  'difference.not-there': 'not there',
  'difference.sits-out': 'sits out',
  'difference.not-in-sequence': 'not in the sequence',

  // What has changed since a person was last asked.
  'news.stage': '{condition}: now in the stage “{stages}”',
  'news.too-old': '{condition}: the answers are too old, ask again: {questions}',
  'news.ask-today': '{condition}: ask today: {questions}',
  'news.clearance-ended': '{condition}: the written clearance ended on {day}',
  'news.clearance-ends': '{condition}: the written clearance ends on {day}',

  // What a teacher says to someone who is not to practise yet: plain words, no diagnosis.
  'say.emergency': 'Sit or lie down, I stay with you. I am calling the emergency number now.',
  'say.refer':
    'Today I would rather you did not practise. What you told me should be looked at by a doctor today. I can write down why; come back as soon as they say so.',
  'say.clearance':
    'Before we go on I need a word from your doctor, midwife or physiotherapist. Here is a note for them with what we would do. Until then there is rest and gentle breath.',
} as const;
