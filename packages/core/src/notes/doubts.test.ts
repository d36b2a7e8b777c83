import { library } from '../asanas/all.js';
import { notesReader } from './read-notes.js';

const read = notesReader(library);
const lastKind = (text: string) => read(text).lines.at(-1)!.kind;

test.each(['Plank challenge 30 s, side plank 15 s', 'Chair pose vira 1 vira 2', 'Sit, eyes open, no savasana today', '0:50|savasana|eye bag|8', 'Endentspannung 8 min', 'Pigeon (or figure four on the back), 2 min each', 'Hover the knees from all fours – NO', 'Home: bird dog + curl up daily', 'figure 8s with the knees'])(
  '"%s" is asked about: a part of it would be lost, or what it denies be done',
  (line) => expect(read(`Mountain\n${line}\nBridge`).lines[1]!.kind).toBe('ask'),
); // prettier-ignore

describe('asked about, however likely its reading is', () => {
  test.each([
    ['another asana has just this name', 'Ardha halasana 30s'],
    ['the other side stands behind several', 'W1 R → humble warrior R → vinyasa; L'],
    ['the library’s name of another', 'Neck circles (half), shoulder shrugs'],
    ['the library’s name of another, behind a direction', 'Mountain\nRoll up, mountain pose'],
    ['it goes on', 'Knees to chest, then windscreen'],
    ['it goes on', 'Opposite arm and leg x10, hold 5 sec – rock back to heels x10'],
    ['it goes on', 'Exhale 3-leg dog R – up dog'],
    ['it goes on', 'No-hands shoulderstand; fish counterpose'],
    ['a turn that the posture has not', 'Wide leg fold twist – one hand down'],
    ['a circle that the posture has not', 'Side lying: top leg circles 5x'],
    ['a name, and perhaps how it is done', 'Tandem stand, look over shoulder'],
    ['another exercise', 'Shoulder circles, chest stretch with strap'],
    ['another position', 'Revolved triangle on the back'],
    ['another position', 'Thread the needle at the wall, 5 breaths'],
    ['a name, and then what it was taken for', 'Cat cow, hips circles on hands and knees'],
    ['a name, and then what it was taken for', 'Warrior II, peaceful warrior'],
    ['it goes on, on a condition', 'Sphinx 1 min; prone press-up x5 if sphinx feels fine'],
    ['a dose each, and no sign between them', 'Bridge x2 wheel x1'],
    ['a dose each', 'Chair at side: leg swings 10 each, heel lifts 10'],
    ['it leads on', 'W2 to ext side, 5 breaths each'],
    ['two places, and the posture is at neither', 'Downward dog at wall or chair'],
    ['a place that nobody names for it', 'Hang from a doorway bar, 20 s x2'],
    ['a time for all or for each', 'Triangle, side angle, 1 min'],
    ['several by their numbers', 'Supta padang 1, 2, 3 w strap'],
    ['the second of two ways', 'Half pigeon or fig 4 on back'],
    ['a limb that nobody says of it', 'Squeeze a soft ball, 10 each hand'],
    ['a turn that the posture has not', 'Parivrtta JS w strap'],
    ['what the library lacks', 'Roll ups with bent knees 6'],
    ['breaths by another name', 'Mountain\nArrive: both feet down, 3 deep sighs'],
    ['both salutations', 'Sun A x3 (knees down), Sun B x2'],
    ['two forms by their letters', 'Wide leg fold A, then C w/ strap'],
    ['another asana has just this name, less gently', 'Neck rolls both ways'],
    ['a shape on hands and knees, not a table', 'Table: wrist circles 5'],
    ['nobody sits so on a chair', 'Sit tall on blanket, hands on belly, 12 br'],
    ['left out', 'Cat cow x4 – skip tonight'],
    ['left out', 'Tree (left out this week)'],
    ['left out', 'Don’t do triangle 5 breaths'],
    ['put off', 'Next week: headstand 5 breaths'],
    ['put off', 'Maybe box breathing 4 rounds?'],
    ['what the class is about', 'Theme: bridge, 5 breaths'],
    ['for one person', 'Bow – only for Greta'],
    ['on a condition', 'Mountain\nPigeon legs over bolster - only if no pelvic pain'],
    ['too long for what it was taken for', 'Heel raises x15\nCycle 10 min'],
    ['not yet settled', 'Mountain\nCrow?? see energy'],
    ['the same again, by no name', 'Mountain\nFlow other side'],
    ['what the library lacks', 'Tree\nscorpion – demo'],
    ['words that nobody knows', 'Tree\nCobra\nblsana'],
    ['words that nobody knows', 'Warrior II R\nnext, IRT'],
  ])('%s: %s', (_, text) => expect(lastKind(text)).toBe('ask'));

  test.each([
    'Cat-cow x6\nall 4s, tail wag',
    'Tree, fingertips on wall',
    'Camel, small',
    'Half forward bend to a chair back, 5 breaths',
    'Opp arm/leg x10, hold 5 sec',
  ])('not so where the words before a comma say where or how: %s', (text) => expect(lastKind(text)).toBe('step'));
});

test.each([
  'Tree, right and left',
  'Maybe circle the shoulders',
  'Sit to stand, no hands x8',
  'Mountain\nTree, hands on the belly',
  'Bhastrika, 5 min',
])('what only sounds so is a step: %s', (text) => expect(lastKind(text)).toBe('step'));
