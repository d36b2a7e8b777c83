import type { AgeGroup } from './age-groups.js';

/** A step of a story, a game or a row between the desks. */
export interface ToldStep {
  readonly asana: string;
  readonly variation?: string;
  readonly say: string;
  readonly side?: 'first' | 'second' | 'both';
  readonly seconds?: number;
  readonly name?: string;
}
export interface Story {
  readonly name: string;
  readonly steps: readonly ToldStep[];
}
type ByAge<T> = Readonly<Record<AgeGroup, T>>;

/** Seconds, and words of a sentence, that suit an age. Common practice, no source, like all that follows. */
export const MANNER: ByAge<{ readonly sentence: number; readonly silence: number; readonly rest: number; readonly hold: number }> = {
  '4-5': {
    sentence: 6,
    silence: 20,
    rest: 60,
    hold: 8,
  },
  '6-8': {
    sentence: 8,
    silence: 30,
    rest: 150,
    hold: 12,
  },
  '9-12': {
    sentence: 11,
    silence: 45,
    rest: 240,
    hold: 20,
  },
  teens: {
    sentence: 14,
    silence: 60,
    rest: 420,
    hold: 30,
  },
};

export const OPENING: ByAge<readonly { readonly do: string; readonly say: string }[]> = {
  '4-5': [
    {
      do: 'sit in a ring',
      say: 'Put your feet on your spot. Your spot has a colour.',
    },
    {
      do: 'wave',
      say: 'Hello, {name}. Shake one hand awake. Shake the other.',
    },
    {
      do: 'bell',
      say: 'Listen. Put your hand up as long as you hear it.',
    },
    {
      do: 'mouse',
      say: 'Fold up small like a mouse. This is our rest place.',
    },
    {
      do: 'grow',
      say: 'Wake up slowly. How tall are you today?',
    },
  ],
  '6-8': [
    {
      do: 'find a place',
      say: 'Stand where your arms touch nobody.',
    },
    {
      do: 'greeting',
      say: 'Say your name and one animal that you feel like.',
    },
    {
      do: 'bell',
      say: 'Listen to the bell. Hand down when you hear it no more.',
    },
    {
      do: 'rules',
      say: 'Our three rules. Who can say the first one?',
    },
    {
      do: 'rest shape',
      say: 'This is the mouse. You can be one at any time.',
    },
  ],
  '9-12': [
    {
      do: 'check-in',
      say: 'Thumb up, sideways or down. How are you today? No reasons needed.',
    },
    {
      do: 'shake out',
      say: 'Shake feet, hands, shoulders. Then be still, all at once.',
    },
    {
      do: 'breath',
      say: 'Two breaths together, then the bell.',
    },
    {
      do: 'plan',
      say: 'Today we learn {shape}, play one game, and rest. You choose the game.',
    },
  ],
  teens: [
    {
      do: 'arrive',
      say: 'Sit, lie or stand. We start in one minute without talking.',
    },
    {
      do: 'check-in',
      say: 'A number from one to ten for your day, in your head. Nobody asks for it.',
    },
    {
      do: 'consent',
      say: 'I do not touch anyone. You can leave any shape, and the room, without asking.',
    },
    {
      do: 'choice',
      say: 'Strong today, or quiet? We vote with thumbs.',
    },
  ],
};

export const RULES: ByAge<readonly string[]> = {
  '4-5': ['My place is my place.', 'I listen when the bell rings.', 'I breathe through my nose and I am kind.'],
  '6-8': ['Stay at your place.', 'Follow the call.', 'Breathe through your nose, and hands off unless asked.'],
  '9-12': ['Keep your space.', 'Try, then decide.', "No comments on bodies, yours or others'."],
  teens: ['Your place, your pace.', 'Phones off, doors open, you may leave and come back.', 'Nobody is watched and nobody is filmed.'],
};

export const WORDS: ByAge<Readonly<Record<string, string>>> = {
  '4-5': {
    yoga: 'moving and breathing together',
    shape: 'how your body looks from outside',
    breath: 'the air that comes and goes',
    still: 'when nothing moves except the breath',
    balance: 'when nothing falls',
    tummy: 'where the balloon is',
    spine: 'the row of beads in your back',
  },
  '6-8': {
    pose: 'a shape you stay in',
    flow: 'shapes that follow one another',
    inhale: 'breathing in',
    exhale: 'breathing out',
    balance: 'small movements that keep you up',
    stretch: 'getting longer without pain',
    rest: 'doing nothing on purpose',
  },
  '9-12': {
    alignment: 'which bone is over which',
    counterpose: 'a shape that undoes another',
    muscle: 'what pulls',
    joint: 'where two bones meet',
    focus: 'one thing at a time',
    nerves: 'the wires that feel and move',
  },
  teens: {
    'nervous system': 'what speeds you up and slows you down',
    range: 'how far a joint goes today',
    load: 'what presses on a joint',
    consent: 'asking and being allowed to say no',
    tension: 'muscles working without a job',
  },
};

export const BREATHS: ByAge<readonly { readonly name: string; readonly asana: string; readonly say: string; readonly needsRoom?: true }[]> =
  {
    '4-5': [
      {
        name: 'Balloon Tummy',
        asana: 'balloon-breath',
        say: 'Hands on your tummy. The balloon gets big. The balloon gets small. And another balloon.',
      },
      {
        name: 'Hissing Snake',
        asana: 'snake-breath',
        say: 'In through the nose. Let out a long quiet snake. Can the snake be longer?',
      },
      {
        name: 'Drifting Feather',
        asana: 'feather-breath',
        say: 'Smell the flower. Blow the feather softly so it does not fall.',
      },
      {
        name: 'Ride for a Toy',
        asana: 'balloon-breath',
        needsRoom: true,
        say: 'Lie down. Put the toy on your tummy. Give it a slow ride.',
      },
      {
        name: 'Big Sigh',
        asana: 'sighing-breath',
        say: 'In, a bit more in, and aaaah.',
      },
    ],
    '6-8': [
      {
        name: 'Finger Hills',
        asana: 'hand-trace-breath',
        say: 'Walk up a finger as you breathe in. Walk down as you breathe out. Ten hills.',
      },
      {
        name: 'Bee',
        asana: 'bhramari',
        say: 'Hum like one bee, then like a whole hive, then like a bee far away.',
      },
      {
        name: 'Slow Soup',
        asana: 'pursed-lip-breath',
        say: 'Cool your soup without spilling a drop. Five spoons.',
      },
      {
        name: 'Wave Room',
        asana: 'balloon-breath',
        say: 'Breathe in, the wave comes up the beach. Breathe out, it goes back.',
      },
    ],
    '9-12': [
      {
        name: 'Square Walk',
        asana: 'equal-breath',
        say: 'Draw a square with your finger. One side in, one side out. Twice round.',
      },
      {
        name: 'Ribs Apart',
        asana: 'rib-breath',
        say: 'Hands on your ribs. Push your hands apart without lifting your shoulders.',
      },
      {
        name: 'Quiet Engine',
        asana: 'extended-exhale',
        say: 'In for three, out for four. Can the person next to you hear you? Then quieter.',
      },
      {
        name: 'Wind in the Straw',
        asana: 'pursed-lip-breath',
        say: "Blow through a straw as long as is easy. Count how long. Your own best, nobody else's.",
      },
    ],
    teens: [
      {
        name: 'Longer Out',
        asana: 'extended-exhale',
        say: 'In for four, out for six. Two minutes. Some people use it before an exam.',
      },
      {
        name: 'Even',
        asana: 'coherent-breath',
        say: 'In five, out five. If it annoys you, drop the count and keep it quiet.',
      },
      {
        name: 'Sigh Twice',
        asana: 'sighing-breath',
        say: 'In, a sip more, and out with a sigh. Twice, then sit.',
      },
      {
        name: 'Watch It',
        asana: 'natural-awareness',
        say: 'Watch ten breaths without changing them. Lose count, start at one.',
      },
    ],
  };

/** Body parts on the floor that are safe to call, with the age from which. */
export const BALANCE_CALLS: readonly { readonly number: number; readonly parts: string; readonly from: number; readonly asana?: string }[] =
  [
    {
      number: 8,
      parts: 'two hands, two elbows, two knees, two feet',
      from: 6,
    },
    {
      number: 6,
      parts: 'two hands, two knees, two feet',
      from: 4,
    },
    {
      number: 5,
      parts: 'seat, two hands, two feet',
      from: 4,
    },
    {
      number: 4,
      parts: 'two hands and two knees',
      from: 4,
      asana: 'kids-balance-four',
    },
    {
      number: 4,
      parts: 'two hands and two feet, knees bent',
      from: 4,
      asana: 'kids-dog',
    },
    {
      number: 4,
      parts: 'two hands and two feet, belly up',
      from: 6,
      asana: 'kids-crab-walk',
    },
    {
      number: 3,
      parts: 'two hands and one foot, the other foot back',
      from: 5,
      asana: 'kids-balance-three',
    },
    {
      number: 3,
      parts: 'two feet and one hand',
      from: 6,
    },
    {
      number: 3,
      parts: 'two knees and one hand',
      from: 5,
    },
    {
      number: 3,
      parts: 'seat and two feet, arms out',
      from: 4,
    },
    {
      number: 2,
      parts: 'two feet, heels down',
      from: 4,
      asana: 'kids-mountain',
    },
    {
      number: 2,
      parts: 'one foot flat, other toes touching',
      from: 4,
      asana: 'kids-balance-two',
    },
    {
      number: 2,
      parts: 'two feet, on tiptoe',
      from: 6,
      asana: 'kids-giraffe',
    },
    {
      number: 2,
      parts: 'one hand and the opposite knee',
      from: 7,
    },
    {
      number: 2,
      parts: 'two knees, arms out',
      from: 5,
    },
    {
      number: 1,
      parts: 'one foot, a wall beside',
      from: 6,
      asana: 'kids-flamingo',
    },
    {
      number: 1,
      parts: 'seat only, hands behind the thighs',
      from: 6,
      asana: 'kids-boat',
    },
    {
      number: 1,
      parts: 'tummy only, arms and legs a little up',
      from: 7,
    },
  ];

export const BALANCE_SECONDS: ByAge<number> = {
  '4-5': 5,
  '6-8': 8,
  '9-12': 12,
  teens: 15,
};

export const QUIET_GAMES: readonly {
  readonly name: string;
  readonly how: string;
  /** Not between desks. */
  readonly needsRoom?: true;
  readonly ages: readonly string[];
  readonly seconds: number;
}[] = [
  {
    name: 'Snow Owl Watch',
    how: 'sit, turn the head slowly, see who blinks last',
    ages: ['4-5', '6-8', '9-12'],
    seconds: 20,
  },
  {
    name: 'Shell Time',
    how: 'turtles hide. The teacher counts silently and opens the bank when all are still',
    ages: ['4-5', '6-8'],
    seconds: 25,
  },
  {
    name: 'Otter Dive',
    how: 'walk without sound, drop like an otter when the bell stops',
    needsRoom: true,
    ages: ['4-5', '6-8'],
    seconds: 40,
  },
  {
    name: 'Moth Landing',
    how: 'lie on the back, a cloth falls. Be still until it lies',
    needsRoom: true,
    ages: ['4-5', '6-8', '9-12'],
    seconds: 30,
  },
  {
    name: 'Heron at the Pond',
    how: 'stand on one foot, toe may touch, look at one reed',
    ages: ['6-8', '9-12'],
    seconds: 15,
  },
  {
    name: 'Ants Carrying Glass',
    how: 'walk with a bean bag on the head, in one line, no talking',
    needsRoom: true,
    ages: ['6-8', '9-12'],
    seconds: 60,
  },
  {
    name: 'Seal and Ice',
    how: 'roll over on the belly without a sound. The floor is thin ice',
    needsRoom: true,
    ages: ['6-8', '9-12'],
    seconds: 40,
  },
  {
    name: 'Bat Echo',
    how: 'one bell, count how long you can hear it, hand down when it is gone',
    ages: ['4-5', '6-8', '9-12'],
    seconds: 20,
  },
  {
    name: 'Hedgehog in Leaves',
    how: 'curl up, uncurl so slowly that leaves do not rustle',
    ages: ['4-5', '6-8', '9-12'],
    seconds: 30,
  },
  {
    name: 'Stone and Moss',
    how: 'one child is a stone, the others grow round it without touching',
    needsRoom: true,
    ages: ['6-8', '9-12'],
    seconds: 30,
  },
  {
    name: 'Lynx Walk',
    how: 'walk through the room, each step silent, nobody hears you pass',
    needsRoom: true,
    ages: ['9-12'],
    seconds: 45,
  },
];

export const LAUGHING: {
  readonly steps: readonly { readonly say: string; readonly seconds: number }[];
  readonly starts: readonly string[];
} = {
  steps: [
    {
      say: 'Sit, or lie where there is room. Hands on your tummy.',
      seconds: 8,
    },
    {
      say: 'Say ha. Say ha ha. Say ha ha ha, quietly.',
      seconds: 12,
    },
    {
      say: 'Let the ha get bigger by itself.',
      seconds: 20,
    },
    {
      say: 'Now a laugh with no sound at all.',
      seconds: 10,
    },
    {
      say: 'Bell. Hands on your tummy. What is moving?',
      seconds: 15,
    },
  ],
  starts: [
    'a laughing stone',
    "a polite owl's laugh",
    'a laugh that has fallen into a jar',
    'a laugh in slow motion',
    'a laugh a snail could have',
  ],
};

const SMALL: readonly ToldStep[] = [
  { asana: 'kids-mouse', say: 'Mouse, any time. No reason needed.' },
  { asana: 'kids-mouse', say: 'Curl up small and feel your back.' },
  { asana: 'kids-mouse', say: 'Find your hole. The lights can wait.' },
  { asana: 'kids-mouse', say: 'Fold down. Your forehead has the floor.' },
  { asana: 'kids-mouse', say: 'Be a pebble for three breaths.' },
];

/** The rest shape that ends a lesson, with what is said of it. */
export const RESTS: ByAge<readonly ToldStep[]> = {
  '4-5': SMALL,
  '6-8': SMALL,
  '9-12': [{ asana: 'savasana', say: 'Lie on your back and be a puddle. On your side, if you like that better.' }],
  teens: [{ asana: 'savasana', say: 'Lie on your back or on your side. There is nothing to do now.' }],
};
/** The same between desks. */
export const DESK_REST: ToldStep = { asana: 'chair-forward-fold', variation: 'table', say: 'Put your head on your arms at the desk.' };

export const STORIES: readonly (Story & { readonly id: number })[] = [
  {
    id: 1,
    name: 'The Bridge That Could Not Sleep',
    steps: [
      {
        asana: 'kids-mountain',
        say: 'Night. A mountain stands, and its feet go down very deep.',
      },
      {
        asana: 'kids-giraffe',
        say: 'It sees far away a small bridge that cannot sleep.',
      },
      {
        asana: 'kids-caterpillar',
        say: 'It walks down, hands first, without shaking a stone.',
      },
      {
        asana: 'kids-cat',
        say: 'The bridge bends up and down, up and down. It is tired.',
      },
      {
        asana: 'kids-dog',
        say: 'The mountain holds it. The back is straight now.',
      },
      {
        asana: 'kids-mouse',
        say: 'And the bridge folds up and sleeps. Three breaths.',
      },
    ],
  },
  {
    id: 2,
    name: 'The Lantern Walker',
    steps: [
      {
        asana: 'kids-star',
        say: 'A lantern opens five arms and shines without any sound.',
      },
      {
        asana: 'kids-balance-two',
        side: 'first',
        say: 'It walks on a very thin wall. Only the toes help.',
      },
      {
        asana: 'kids-balance-two',
        side: 'second',
        say: 'Back on the other foot. The wind takes the light away and gives it back.',
      },
      {
        asana: 'kids-willow',
        say: 'A branch bends, lets the lantern pass, and rises like fog.',
      },
      {
        asana: 'kids-penguin',
        say: 'Over the ice in little steps, an egg of light on the feet.',
      },
      {
        asana: 'kids-moon',
        side: 'both',
        say: 'The moon leans over and asks for a piece of light.',
      },
      {
        asana: 'kids-mouse',
        say: 'The lantern gives it. Dark. Quiet. Home.',
      },
    ],
  },
  {
    id: 3,
    name: 'The Slow Train of Frogs',
    steps: [
      {
        asana: 'kids-frog',
        say: 'Five frogs wait on five stones. Nobody hops yet.',
      },
      {
        asana: 'kids-hare',
        say: 'A hare runs past and counts. One, two, three, four, five.',
      },
      {
        asana: 'kids-frog',
        say: 'Now the frogs hop, one behind the other. Quietest train of all.',
      },
      {
        asana: 'kids-turtle',
        say: 'The bridge is a turtle. It waits.',
      },
      {
        asana: 'kids-crab-walk',
        say: 'A crab carries the last suitcase sideways.',
      },
      {
        asana: 'kids-mouse',
        say: 'The train stops at the station. Everybody is small.',
      },
    ],
  },
  {
    id: 4,
    name: 'The Whale Who Lost Its Song',
    steps: [
      {
        asana: 'balloon-breath',
        say: 'A whale breathes in, and the sea in its belly gets big.',
      },
      {
        asana: 'kids-cobra',
        say: 'It rises up and listens. No song.',
      },
      {
        asana: 'kids-boat',
        say: 'A boat floats past on the water. The sailors listen too.',
      },
      {
        asana: 'bhramari',
        say: 'They hum one low note for it.',
      },
      {
        asana: 'kids-boat',
        say: 'Row to the other side of the bay.',
      },
      {
        asana: 'kids-cobra',
        say: 'The whale rises again, and there it is, far away.',
      },
      {
        asana: 'kids-mouse',
        say: 'It sinks down with its song. Five quiet breaths.',
      },
    ],
  },
  {
    id: 5,
    name: 'The Paper Plane and the Storm',
    steps: [
      {
        asana: 'kids-mountain',
        say: 'A child folds a paper plane, corner on corner.',
      },
      {
        asana: 'kids-aeroplane',
        side: 'first',
        say: 'It flies low over the roofs.',
      },
      {
        asana: 'kids-aeroplane',
        side: 'second',
        say: 'A storm turns it round. The other wing.',
      },
      {
        asana: 'kids-willow',
        say: 'It lands in a willow and hangs there.',
      },
      {
        asana: 'kids-elephant',
        say: 'A heavy one comes along and shakes the tree, slowly.',
      },
      {
        asana: 'kids-rocket',
        say: 'Five, four, three, two, one, and the plane is free.',
      },
      {
        asana: 'kids-mouse',
        say: 'It lands on the grass, as light as paper.',
      },
    ],
  },
  {
    id: 6,
    name: 'The Seed Under the Snow',
    steps: [
      {
        asana: 'kids-mouse',
        say: 'A seed lies under the snow, rolled up very small.',
      },
      {
        asana: 'balloon-breath',
        say: 'It drinks a drop. The tummy gets big.',
      },
      {
        asana: 'kids-cobra',
        say: 'A green nose looks out of the snow.',
      },
      {
        asana: 'kids-tree',
        side: 'first',
        say: 'It grows. Roots down, branches up.',
      },
      {
        asana: 'kids-tree',
        side: 'second',
        say: 'The wind comes from the other side. Other foot.',
      },
      {
        asana: 'kids-star',
        say: 'It opens five leaves. Shine.',
      },
      {
        asana: 'kids-mouse',
        say: 'Night. The leaves close. Small again.',
      },
    ],
  },
  {
    id: 7,
    name: 'The Bear and the Blueberry',
    steps: [
      {
        asana: 'kids-mouse',
        say: 'A bear sleeps in a cave. Hear it breathe.',
      },
      {
        asana: 'kids-bear-walk',
        say: 'It wakes and pads outside, four heavy paws.',
      },
      {
        asana: 'kids-giraffe',
        say: 'High up it smells a blueberry. Reach.',
      },
      {
        asana: 'kids-frog',
        say: 'Too high. It bends down to look in the grass.',
      },
      {
        asana: 'kids-laughing',
        say: 'Someone has hidden it behind its ear. Laugh without waking the forest.',
      },
      {
        asana: 'kids-mouse',
        say: 'Full, it goes back to its cave.',
      },
    ],
  },
  {
    id: 8,
    name: 'The Lighthouse Keeper',
    steps: [
      {
        asana: 'kids-mountain',
        say: 'A lighthouse stands in the water. Rock under its feet.',
      },
      {
        asana: 'kids-owl',
        side: 'first',
        say: 'The light turns slowly. Look there, and come back.',
      },
      {
        asana: 'kids-owl',
        side: 'second',
        say: 'The other side, the same number.',
      },
      {
        asana: 'kids-boat',
        say: 'A boat sees it and rows.',
      },
      {
        asana: 'kids-moon',
        side: 'both',
        say: 'The moon bends down to see who is awake.',
      },
      {
        asana: 'kids-flamingo',
        side: 'both',
        say: 'A bird stands on one leg on the roof. Toe may help.',
      },
      {
        asana: 'kids-mouse',
        say: 'The keeper folds up the stairs and rests.',
      },
    ],
  },
  {
    id: 9,
    name: 'The Penguin Post',
    steps: [
      {
        asana: 'kids-penguin',
        say: 'Three letters lie on the feet. Off we go.',
      },
      {
        asana: 'kids-crab-walk',
        say: 'Over a rock, sideways, seat low.',
      },
      {
        asana: 'kids-frog',
        say: 'A hop across a stream. Soft.',
      },
      {
        asana: 'kids-butterfly',
        say: 'A letter opens and flies for a while.',
      },
      {
        asana: 'kids-star',
        say: 'The last letter says, shine.',
      },
      {
        asana: 'kids-mouse',
        say: 'The postbag lies down.',
      },
    ],
  },
  {
    id: 10,
    name: 'The Well With the Echo',
    steps: [
      {
        asana: 'kids-giraffe',
        say: 'You stretch up to the winch, then come down to the water.',
      },
      {
        asana: 'kids-lion',
        say: 'You roar into it, at the wall, never at a friend.',
      },
      {
        asana: 'kids-lion',
        say: 'It roars back without any sound.',
      },
      {
        asana: 'kids-cat',
        say: 'A cat on the edge bends its back and listens.',
      },
      {
        asana: 'kids-turtle',
        say: 'You pull up a stone. It has legs.',
      },
      {
        asana: 'balloon-breath',
        say: 'Breathe in the cold of the well. Breathe it out.',
      },
      {
        asana: 'kids-mouse',
        say: 'You sit down next to the well and are quiet.',
      },
    ],
  },
  {
    id: 11,
    name: 'The Cloud Shop',
    steps: [
      {
        asana: 'kids-star',
        say: 'The shop opens wide. Every cloud has a price.',
      },
      {
        asana: 'kids-elephant',
        say: 'The big one moves slowly and takes up the whole street.',
      },
      {
        asana: 'kids-willow',
        say: 'It rains a little. Arms hang and drip.',
      },
      {
        asana: 'kids-butterfly',
        say: 'The smallest cloud flies with soft wings.',
      },
      {
        asana: 'kids-boat',
        say: 'One cloud turns into a boat.',
      },
      {
        asana: 'kids-mouse',
        say: 'The shop is closed. Everyone carries their cloud home.',
      },
    ],
  },
  {
    id: 12,
    name: 'The River That Learned to Wait',
    steps: [
      {
        asana: 'kids-caterpillar',
        say: 'Water runs down the stones, hand over hand, foot after foot.',
      },
      {
        asana: 'kids-dog',
        say: 'It comes to a slope and leans.',
      },
      {
        asana: 'kids-cobra',
        say: 'It rises over a stone and sinks down again.',
      },
      {
        asana: 'kids-cat',
        say: 'It curves and curves.',
      },
      {
        asana: 'kids-aeroplane',
        side: 'both',
        say: 'It falls over an edge. For a moment it flies.',
      },
      {
        asana: 'kids-tree',
        side: 'first',
        say: 'Then it stands still and mirrors a tree.',
      },
      {
        asana: 'kids-tree',
        side: 'second',
        say: 'The tree on the other bank looks in, too.',
      },
      {
        asana: 'kids-mouse',
        say: 'The lake is quiet. Wait with it.',
      },
    ],
  },
  {
    id: 13,
    name: 'The Kitchen at Midnight',
    steps: [
      {
        asana: 'kids-mountain',
        say: 'The kitchen is dark. Only the oven stands there.',
      },
      {
        asana: 'kids-statues',
        say: 'A fork walks. Stop. Nothing moves.',
      },
      {
        asana: 'kids-boat',
        say: 'A spoon rows across the table.',
      },
      {
        asana: 'kids-butterfly',
        say: 'The lid flaps twice.',
      },
      {
        asana: 'kids-crab-walk',
        say: 'The whisk runs sideways into its drawer.',
      },
      {
        asana: 'kids-mouse',
        say: 'Light on. Everyone lies where they were.',
      },
    ],
  },
  {
    id: 14,
    name: 'The Train of Sand',
    steps: [
      {
        asana: 'kids-elephant',
        say: 'A caravan walks through the sand. Slowly, a trunk apart.',
      },
      {
        asana: 'kids-flamingo',
        side: 'first',
        say: 'It stops. On one leg the sand is cooler.',
      },
      {
        asana: 'kids-flamingo',
        side: 'second',
        say: 'Then on the other.',
      },
      {
        asana: 'kids-turtle',
        say: 'In the middle of the day it hides in its shade.',
      },
      {
        asana: 'kids-moon',
        side: 'both',
        say: 'At night the moon leans over, first this way, then that way.',
      },
      {
        asana: 'kids-star',
        say: 'The stars open.',
      },
      {
        asana: 'kids-mouse',
        say: 'The caravan lies down. Whose back do you hear breathing? Your own.',
      },
    ],
  },
];

/** Which stories suit an age; all where none are named. */
export const STORY_AGES: ByAge<readonly number[] | 'all' | 'none'> = {
  '4-5': [6, 7, 9, 10, 11],
  '6-8': 'all',
  '9-12': [1, 2, 3, 5, 8, 12],
  teens: 'none',
};

export const BETWEEN_DESKS: readonly ToldStep[] = [
  {
    name: 'Wide Feet',
    asana: 'chair-mountain',
    say: "Push your chair back a hand's width. Both feet flat. Feel the floor.",
    seconds: 20,
  },
  {
    name: 'Growing Belly',
    asana: 'chair-mountain',
    say: 'Open your hands as you breathe in, close them as you breathe out. Five.',
    seconds: 40,
  },
  {
    name: 'Sitting Cat',
    asana: 'chair-cat-cow',
    say: 'Hands on your knees. Round as you breathe out, open as you breathe in. Six.',
    seconds: 60,
  },
  {
    name: 'Sunflower',
    asana: 'chair-sun-breath',
    say: 'Arms up as you breathe in, down as you breathe out. Four.',
    seconds: 40,
  },
  {
    name: 'Sideways Rainbow',
    asana: 'chair-side-bend',
    say: 'One hand on your seat, the other over. Then the other side.',
    seconds: 40,
  },
  {
    name: 'Turning Tower',
    asana: 'chair-twist',
    say: 'Turn and look at the wall behind you. Both sides.',
    seconds: 40,
  },
  {
    name: 'Finger Fans',
    asana: 'chair-wrist-fingers',
    say: 'Open your hands wide, then soft fists. Ten.',
    seconds: 30,
  },
  {
    name: 'Piano Feet',
    asana: 'chair-heel-toe-raises',
    say: 'Toes up, heels up. Ten.',
    seconds: 30,
  },
  {
    name: 'Folded Wings',
    asana: 'chair-eagle-arms',
    variation: 'self-hug',
    say: 'Hug yourself. Breathe into your back. Change the top arm.',
    seconds: 40,
  },
  {
    name: 'Head on Arms',
    asana: 'chair-forward-fold',
    variation: 'table',
    say: 'Arms on the desk, head on top. Three breaths.',
    seconds: 30,
  },
  {
    name: 'Watch the Room',
    asana: 'chair-eye-circles',
    say: 'Eyes up, down, one side, other side. Head still.',
    seconds: 20,
  },
];

/** Stories that are told sitting at a desk, in shapes of `BETWEEN_DESKS`. */
export const DESK_STORIES: readonly Story[] = [
  {
    name: 'The Ship With Twenty Captains',
    steps: [
      { asana: 'chair-mountain', say: 'The classroom is a ship. Put both feet wide on the deck.', seconds: 20 },
      { asana: 'chair-mountain', say: 'Breathe in, the sail grows. Breathe out, it is empty. Five winds.', seconds: 40 },
      { asana: 'chair-twist', say: 'Where are the seals? Turn and look behind the ship. Then the other way.', seconds: 40 },
      { asana: 'chair-side-bend', say: 'A wave leans us over. Hold your seat, one arm up. Now the next wave.', seconds: 40 },
      { asana: 'chair-heel-toe-raises', say: 'Rain drums on the deck. Toes up, heels up. Ten drops.', seconds: 30 },
      { asana: 'chair-wrist-fingers', say: 'We throw a net for starfish. Open, close. Ten throws.', seconds: 30 },
      {
        asana: 'chair-forward-fold',
        variation: 'table',
        say: 'The harbour is quiet. Arms on the desk, head on top. Three breaths.',
        seconds: 30,
      },
    ],
  },
  {
    name: 'The Tree That Went to School',
    steps: [
      { asana: 'chair-mountain', say: 'A tree came to school and sat on a chair. Its feet grew roots.', seconds: 20 },
      { asana: 'chair-sun-breath', say: 'It put up its branches to answer, and took them down again. Four answers.', seconds: 40 },
      { asana: 'chair-side-bend', say: 'The wind called from outside. It leaned to the window, then to the door.', seconds: 40 },
      {
        asana: 'chair-eagle-arms',
        variation: 'self-hug',
        say: 'An owl slept in it, with folded wings. Change the wing on top.',
        seconds: 40,
      },
      { asana: 'chair-cat-cow', say: 'A cat stretched under it. Round as you breathe out, open as you breathe in. Six.', seconds: 60 },
      { asana: 'chair-eye-circles', say: 'The leaves looked up, down, one side, other side. The trunk kept still.', seconds: 20 },
      {
        asana: 'chair-forward-fold',
        variation: 'table',
        say: 'In the evening its crown sank down on the desk. Three breaths.',
        seconds: 30,
      },
    ],
  },
  {
    name: 'The Rocket That Forgot to Land',
    steps: [
      { asana: 'chair-mountain', say: 'Night. A rocket stands on its two feet and waits.', seconds: 20 },
      { asana: 'chair-heel-toe-raises', say: 'The engine starts. Heels up, toes up. Ten times, faster than snow falls.', seconds: 30 },
      { asana: 'chair-sun-breath', say: 'It flies. Arms up as you breathe in, down as you breathe out. Four clouds.', seconds: 40 },
      { asana: 'chair-twist', say: 'Behind it the moon gets small. Turn and look. And past the other window.', seconds: 40 },
      { asana: 'chair-wrist-fingers', say: 'Stars open and close. Ten stars.', seconds: 30 },
      { asana: 'chair-mountain', say: 'It breathes in, it breathes out, and comes down a little each time. Five.', seconds: 40 },
      {
        asana: 'chair-forward-fold',
        variation: 'table',
        say: 'There is the desk. It lands: arms first, then the head. Three breaths.',
        seconds: 30,
      },
    ],
  },
];

/** Words that belong to what a lesson may be about: a teacher who writes one of them means the others too. */
export const WORD_FAMILIES: readonly (readonly string[])[] = [
  [
    'sea',
    'ocean',
    'beach',
    'water',
    'wave',
    'whale',
    'ship',
    'boat',
    'seal',
    'otter',
    'shell',
    'lighthouse',
    'harbour',
    'starfish',
    'crab',
  ],
  ['forest', 'wood', 'woods', 'tree', 'leaf', 'leaves', 'bear', 'owl', 'hedgehog', 'moss', 'seed', 'bean'],
  ['winter', 'snow', 'ice', 'cold', 'penguin', 'seal'],
  ['night', 'sleep', 'dream', 'moon', 'star', 'stars', 'lantern', 'owl', 'bat', 'moth', 'midnight'],
  ['space', 'sky', 'rocket', 'moon', 'star', 'stars', 'plane', 'aeroplane', 'cloud'],
  ['weather', 'wind', 'rain', 'storm', 'cloud', 'rainbow', 'sun', 'sunflower'],
  ['pond', 'river', 'rain', 'frog', 'frogs', 'heron', 'otter', 'turtle', 'caterpillar'],
  ['garden', 'spring', 'seed', 'flower', 'sunflower', 'butterfly', 'bee', 'snail', 'caterpillar', 'ants'],
  ['food', 'kitchen', 'cooking', 'soup', 'blueberry', 'spoon'],
  ['feelings', 'worry', 'calm', 'sigh', 'patience', 'wait'],
];

/** Minutes of each part. */
export const TIMINGS: readonly {
  readonly minutes: number;
  readonly ages: readonly string[];
  readonly plan: Readonly<Record<string, number>>;
}[] = [
  {
    minutes: 5,
    ages: ['4-5', '6-8'],
    plan: {
      opening: 1,
      breath: 1,
      pose: 1,
      game: 1,
      rest: 0.5,
      thought: 0.5,
    },
  },
  {
    minutes: 5,
    ages: ['9-12', 'teens'],
    plan: {
      opening: 0.5,
      breath: 1.5,
      pose: 2,
      rest: 0.5,
      thought: 0.5,
    },
  },
  {
    minutes: 10,
    ages: ['4-5', '6-8'],
    plan: {
      opening: 1.5,
      words: 0.5,
      breath: 1,
      game: 2,
      pose: 2,
      laugh: 0.5,
      rest: 1.5,
      thought: 0.5,
      home: 0.5,
    },
  },
  {
    minutes: 10,
    ages: ['9-12', 'teens'],
    plan: {
      opening: 1,
      breath: 2,
      pose: 4,
      rest: 2,
      thought: 0.5,
      home: 0.5,
    },
  },
  {
    minutes: 20,
    ages: ['4-5'],
    plan: {
      opening: 2,
      words: 1,
      breath: 2,
      game: 4,
      pose: 3,
      loop: 3,
      laugh: 1,
      rest: 2,
      thought: 1,
      home: 1,
    },
  },
  {
    minutes: 20,
    ages: ['6-8'],
    plan: {
      opening: 2,
      words: 1,
      breath: 2,
      game: 3,
      pose: 3,
      story: 5,
      laugh: 1,
      rest: 2,
      thought: 0.5,
      home: 0.5,
    },
  },
  {
    minutes: 20,
    ages: ['9-12'],
    plan: {
      opening: 2,
      words: 1,
      breath: 2,
      game: 3,
      pose: 4,
      loop: 4,
      rest: 3,
      thought: 0.5,
      home: 0.5,
    },
  },
  {
    minutes: 20,
    ages: ['teens'],
    plan: {
      opening: 2,
      breath: 3,
      pose: 5,
      loop: 5,
      rest: 4,
      thought: 1,
    },
  },
  {
    minutes: 30,
    ages: ['6-8'],
    plan: {
      opening: 2,
      words: 1,
      breath: 2,
      game: 4,
      pose: 5,
      loop: 3,
      story: 6,
      laugh: 1,
      rest: 4,
      thought: 1,
      home: 1,
    },
  },
  {
    minutes: 30,
    ages: ['9-12'],
    plan: {
      opening: 2,
      words: 1,
      breath: 3,
      game: 4,
      pose: 6,
      loop: 6,
      rest: 5,
      thought: 1,
      home: 2,
    },
  },
  {
    minutes: 30,
    ages: ['teens'],
    plan: {
      opening: 2,
      breath: 4,
      pose: 9,
      loop: 6,
      rest: 6,
      thought: 1,
      home: 2,
    },
  },
];

export const HOME: readonly { readonly n: number; readonly ages: readonly string[]; readonly do: string; readonly asana?: string }[] = [
  {
    n: 1,
    ages: ['4-5'],
    do: 'Show one person at home your mouse shape.',
    asana: 'kids-mouse',
  },
  {
    n: 2,
    ages: ['4-5'],
    do: 'Say good night to your tummy with some slow balloons.',
    asana: 'balloon-breath',
  },
  {
    n: 3,
    ages: ['4-5'],
    do: 'Walk like a penguin to the bathroom once.',
    asana: 'kids-penguin',
  },
  {
    n: 4,
    ages: ['4-5'],
    do: 'Give a toy a slow ride on your tummy.',
    asana: 'balloon-breath',
  },
  {
    n: 5,
    ages: ['4-5'],
    do: 'Be a mountain while somebody pours water into a glass.',
    asana: 'kids-mountain',
  },
  {
    n: 6,
    ages: ['4-5'],
    do: 'Cool your soup with three slow blows.',
    asana: 'pursed-lip-breath',
  },
  {
    n: 7,
    ages: ['4-5', '6-8'],
    do: 'Hop five quiet hops outside, then one hop nobody hears.',
    asana: 'kids-hare',
  },
  {
    n: 8,
    ages: ['4-5', '6-8'],
    do: 'Find five things in your room that are quiet.',
  },
  {
    n: 9,
    ages: ['4-5', '6-8'],
    do: 'Be a tree while you wait for supper. Other side tomorrow.',
    asana: 'kids-tree',
  },
  {
    n: 10,
    ages: ['6-8'],
    do: 'Teach somebody two shapes without talking.',
  },
  {
    n: 11,
    ages: ['6-8'],
    do: 'Sit like a frog for three breaths before supper.',
    asana: 'kids-frog',
  },
  {
    n: 12,
    ages: ['6-8'],
    do: 'Hiss one long snake before homework.',
    asana: 'snake-breath',
  },
  {
    n: 13,
    ages: ['6-8'],
    do: 'Walk one staircase so that it does not creak.',
  },
  {
    n: 14,
    ages: ['6-8'],
    do: 'Lie flat for one minute and count far sounds.',
    asana: 'savasana',
  },
  {
    n: 15,
    ages: ['6-8'],
    do: 'Look out of the window slowly like an owl, both sides.',
    asana: 'kids-owl',
  },
  {
    n: 16,
    ages: ['6-8', '9-12'],
    do: 'Stand on one leg beside the door frame while you count your fingers. Other leg next.',
    asana: 'kids-flamingo',
  },
  {
    n: 17,
    ages: ['6-8', '9-12'],
    do: 'Say one kind thing to somebody about what they tried.',
  },
  {
    n: 18,
    ages: ['6-8', '9-12'],
    do: 'Take one breath before you open a door.',
  },
  {
    n: 19,
    ages: ['6-8', '9-12'],
    do: 'Do five finger hills before a test.',
    asana: 'hand-trace-breath',
  },
  {
    n: 20,
    ages: ['6-8', '9-12'],
    do: 'Find a shape that works in a car seat.',
  },
  {
    n: 21,
    ages: ['9-12'],
    do: 'Stretch for two minutes after a screen, back and neck.',
    asana: 'chair-cat-cow',
  },
  {
    n: 22,
    ages: ['9-12'],
    do: 'Draw your own shape and give it a name.',
  },
  {
    n: 23,
    ages: ['9-12'],
    do: 'Breathe out longer than in, ten times, before you sleep.',
    asana: 'extended-exhale',
  },
  {
    n: 24,
    ages: ['9-12'],
    do: 'Sit without the phone for four minutes. Notice what wants to move.',
  },
  {
    n: 25,
    ages: ['9-12'],
    do: 'Learn the name of one muscle and find it.',
  },
  {
    n: 26,
    ages: ['9-12', 'teens'],
    do: 'Two minutes of legs up the wall after sport.',
    asana: 'viparita-karani',
  },
  {
    n: 27,
    ages: ['9-12', 'teens'],
    do: 'Do the same four shapes at the same time five days in a row.',
  },
  {
    n: 28,
    ages: ['teens'],
    do: 'Notice once a day what your shoulders are doing, and let them sink.',
    asana: 'chair-shoulder-circles',
  },
  {
    n: 29,
    ages: ['teens'],
    do: 'Say no to one thing this week, kindly.',
  },
  {
    n: 30,
    ages: ['teens'],
    do: 'Make a three-minute practice you would really do, and do it twice.',
  },
];

export const THOUGHTS: readonly { readonly ages: readonly string[]; readonly say: string }[] = [
  {
    ages: ['4-5', '6-8'],
    say: 'Small feet can stand very still.',
  },
  {
    ages: ['4-5', '6-8'],
    say: 'You can start again at any moment.',
  },
  {
    ages: ['4-5', '6-8'],
    say: 'Quiet is not the same as sad.',
  },
  {
    ages: ['4-5', '6-8'],
    say: 'A tree bends so it stays a tree.',
  },
  {
    ages: ['4-5', '6-8'],
    say: 'Your breath is with you even when nobody else is.',
  },
  {
    ages: ['4-5', '6-8'],
    say: 'It is fine to need a rest in the middle.',
  },
  {
    ages: ['4-5', '6-8'],
    say: 'What wobbles is learning.',
  },
  {
    ages: ['4-5', '6-8'],
    say: 'Loud can come later.',
  },
  {
    ages: ['6-8', '9-12'],
    say: 'Slow is a strong thing to be able to do.',
  },
  {
    ages: ['6-8', '9-12'],
    say: "Somebody else's shape says nothing about yours.",
  },
  {
    ages: ['6-8', '9-12'],
    say: 'You do not have to finish first to finish well.',
  },
  {
    ages: ['6-8', '9-12'],
    say: 'Asking for help is a skill.',
  },
  {
    ages: ['6-8', '9-12'],
    say: 'Your body changed today a little. It does every day.',
  },
  {
    ages: ['6-8', '9-12'],
    say: 'Trying twice is more than doing it once.',
  },
  {
    ages: ['6-8', '9-12'],
    say: 'A mistake is a place to look at.',
  },
  {
    ages: ['6-8', '9-12'],
    say: 'You can be brave and afraid in the same minute.',
  },
  {
    ages: ['6-8', '9-12'],
    say: 'No is a whole sentence.',
  },
  {
    ages: ['9-12', 'teens'],
    say: 'Rest is part of the work, not the reward for it.',
  },
  {
    ages: ['9-12', 'teens'],
    say: 'You decide how close is close.',
  },
  {
    ages: ['9-12', 'teens'],
    say: 'A feeling is weather. You are the place it passes through.',
  },
  {
    ages: ['9-12', 'teens'],
    say: 'You are allowed to change your mind slowly.',
  },
  {
    ages: ['9-12', 'teens'],
    say: 'Being tired is information.',
  },
  {
    ages: ['9-12', 'teens'],
    say: 'Nobody else hears the voice in your head. You can speak to it kindly.',
  },
  {
    ages: ['9-12', 'teens'],
    say: 'Small regular things outrun big plans.',
  },
  {
    ages: ['9-12', 'teens'],
    say: 'Strength is not the opposite of softness.',
  },
  {
    ages: ['teens'],
    say: 'You do not owe anyone a smile.',
  },
  {
    ages: ['teens'],
    say: 'Compare yourself with your own last week.',
  },
  {
    ages: ['teens'],
    say: 'What you cannot do yet is not who you are.',
  },
  {
    ages: ['4-5', '6-8', '9-12', 'teens'],
    say: 'Thank your feet. They carried you all day.',
  },
  {
    ages: ['4-5', '6-8', '9-12', 'teens'],
    say: 'Breathe out once before you answer.',
  },
];
