import type { OptionKind } from './spoken-lines.js';

/** Whole sentences that offer a change, before its words are said; said by turns, so that no class hears one twice in a row. */
export const OPTION_LEADS: Readonly<Record<OptionKind, readonly string[]>> = {
  'skip-and-rest': [
    'You can leave this one out and meet us at the next.',
    'This is a good moment for a rest, if you want one.',
    'Stay where you are and breathe. That counts.',
    'Watch this round. Watching is practice too.',
  ],
  'breathe-freely': [
    'There is a way without waiting between the breaths.',
    'Whoever likes the breath free lets it come and go.',
    'Leave the counting aside if it gets in the way.',
    'Your own pace is the right pace here.',
  ],
  'eyes-open': [
    'Eyes may stay open, on one quiet point.',
    'You can look at the floor in front of you.',
    'Whoever likes to see the room, do.',
    'Lower your eyes, or let them rest on the door.',
  ],
  'lie-on-the-side': [
    'There is a version lying on the side.',
    'Whoever likes it better on the side, turn now, before we settle.',
    'On your side you have the same rest, with more air.',
    'I offer it on the side first.',
  ],
  'sit-instead': [
    'All of this works sitting, too.',
    'Take a chair if you would rather. The movement is the same.',
    'There is a sitting version, and I show that one.',
    'Sit for this one, and keep the height of your back.',
  ],
  chair: [
    'Put a chair beside you for this one.',
    'I do it with the chair. Choose what you like.',
    'The chair is a third leg. Use it freely.',
    'With the chair, both hands can help.',
  ],
  wall: [
    'There is a version at the wall.',
    'Whoever wants something to lean on, come to the wall.',
    'Near the wall you can think of the shape instead of the balance.',
    'A hand on the wall belongs to this shape.',
  ],
  'hands-higher': [
    'Bring the floor up to your hands.',
    'Higher hands make a longer back.',
    'Rest your hands on something, so the back can stay long.',
    'I use the tall side of the block. Low is possible, too.',
  ],
  'smaller-range': [
    'Half of it is all of it today.',
    'Make it as small as it needs to be to stay smooth.',
    'Go to the first place where you notice something, and wait there.',
    'Smaller and slower is a version of its own.',
  ],
  'shorter-hold': [
    'Two breaths are plenty, and five are possible.',
    'Come out when you are ready. I go on counting for the others.',
    'Go in and out instead of staying.',
    'In this round we stay only until the next breath out.',
  ],
  'lie-down-instead': [
    'The same shape can be done lying down.',
    'Whoever likes the floor under the back, lie down for this one.',
    'Lying down, nothing has to be balanced.',
    'Take it to the floor and save your strength.',
  ],
  'stand-instead': [
    'The same can be done standing.',
    'Whoever would rather not go to the floor, stay up.',
    'Standing, the movement is the same and the knees are free.',
    'I show it standing first.',
  ],
  prop: [
    'Put something under it until nothing hangs.',
    'Fill the gap first, then we stay.',
    'With the prop this is a different, quieter shape.',
    'Take one more layer than you think you need.',
  ],
  'arms-rest': [
    'Your arms may rest.',
    'Let the legs do the work and leave the arms low.',
    'There is a version with quiet shoulders.',
    'Choose a place for your arms where the neck stays long.',
  ],
  'soft-knees': [
    'Soft knees are welcome.',
    'Bend the knees until the back feels free.',
    'Whoever likes it milder bends a knee.',
    'The knee decides how far the leg goes.',
  ],
  'knees-down': [
    'Keep something on the floor that could be in the air.',
    'Toes or knees may stay down.',
    'Start with the foot down. Stay there, or go on.',
    'The floor helps as long as you want it.',
  ],
  'more-room': [
    'Whoever wants more room, take it now.',
    'Step wider, so there is space for the breath.',
    'I show the wide one first.',
    'Make room for the belly, then we stay.',
  ],
  'other-way': [
    'There is another way.',
    'Here is a second form, just as good.',
    'Try this one today, if you are curious.',
    'Choose between two.',
  ],
  more: [
    'If you want more today, there is this.',
    'Stay, or add one thing.',
    'Only while the breath stays quiet, you can go on.',
    'One more thing to play with, if you like.',
  ],
};
