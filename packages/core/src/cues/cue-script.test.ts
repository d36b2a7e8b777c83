import { WebVTTParser } from 'webvtt-parser';
import { library } from '../asanas/all.js';
import { adapt } from '../planning/adapt.js';
import { adaptationJson } from '../planning/json.js';
import { adaptClass } from '../class/adapt-class.js';
import { classJson } from '../class/json.js';
import { readCondition } from '../conditions/check-answers.js';
import { BodySolver } from '../solving/body-solver.js';
import { understood, notesReader } from '../notes/read-notes.js';
import { anybody, type Participant } from '../participants/participant.js';
import { beatsOf, fittedTo } from './beats.js';
import { cueScript, type Cue, type CueOptions } from './cue-script.js';
import { chaptersVtt, cuesText, cuesVtt } from './cues-json.js';
import { formLines, withSide } from './form-lines.js';
import { SPOKEN } from './lines/all.js';
import { paceOf, secondsToSay } from './pace.js';

const solver = new BodySolver(library);
const read = notesReader(library);

const alone = (text: string, participant: Participant = anybody('p1')) => {
  const sequence = understood(read(text));
  return adaptationJson(sequence, [adapt(solver, sequence, participant)]).participants;
};
const script = (text: string, options?: CueOptions, participant?: Participant) =>
  cueScript(library, beatsOf(alone(text, participant)), options);
const said = (cues: readonly Cue[], kind: Cue['kind']) => cues.filter((cue) => cue.kind === kind).map(({ say }) => say);

const MORNING = 'Mountain, 1 min\nTriangle, 60 s each side\nSavasana 6 min';

describe('the lines', () => {
  test('are there for every asana', () => {
    expect(library.asanas.map(({ id }) => id).filter((id) => !(id in SPOKEN))).toEqual([]);
  });

  test('speak of forms that the library has, and leave no placeholder but the side', () => {
    for (const [id, { vary = {} }] of Object.entries(SPOKEN)) {
      const asana = library.get(id);
      const known = asana.variations.map((variation) => variation.id);
      expect(known).toEqual(expect.arrayContaining(Object.keys(vary)));
      for (const variation of [null, ...known]) {
        const { in: into, out, hold, stop, short } = formLines(asana, variation);
        const all = [...into, ...out, ...hold, stop, short].map((line) => withSide(line, 'left'));
        expect(all.filter((line) => line === '' || /[{}]/.test(line) || /^[a-z]/.test(line))).toEqual([]);
        if (!asana.shown)
          expect([...into, ...out, short].filter((line) => line.includes('{side}')).map((line) => `${id}: ${line}`)).toEqual([]);
      }
    }
  });

  test('name no condition: said aloud they would tell of someone', () => {
    const all = library.asanas.flatMap((asana) => {
      const { in: into, hold, stop, out } = formLines(asana, null);
      return [...into, ...hold, stop, ...out];
    });
    expect(all.filter((line) => /pregnan|glaucoma|osteopor|hernia|blood pressure|arthritis|epilep/i.test(line))).toEqual([]);
  });

  test('of a variation without a short line lead into the variation', () => {
    const dog = library.get('adho-mukha-svanasana');
    expect(formLines(dog, 'hands-on-chair-seat').short).not.toBe(formLines(dog, null).short);
  });
});

describe('a script', () => {
  test('never says two lines at once and goes through the plan in order', () => {
    for (const length of ['whole', 'short', 'words'] as const) {
      const cues = script(`${MORNING}\nSun salutation x2`, { length });
      cues.slice(1).forEach((cue, i) => {
        expect(cue.at).toBeGreaterThanOrEqual(cues[i]!.at + cues[i]!.seconds - 0.11);
        expect(cue.beat).toBeGreaterThanOrEqual(cues[i]!.beat);
      });
    }
  });

  test('says when to stop, how to leave, and both sides equally long', () => {
    const triangle = script(MORNING).filter(({ line }) => line === 2);
    expect(said(triangle, 'stop')).toHaveLength(1);
    expect(said(triangle, 'way-out')).toHaveLength(2);
    expect(triangle.filter(({ kind }) => kind === 'name').map(({ side }) => side)).toEqual(['right', 'left']);
    expect(said(triangle, 'name')[1]).toMatch(/^Now the left side/);
    const [right, left] = beatsOf(alone(MORNING)).filter(({ line }) => line === 2);
    expect(left!.seconds).toBe(right!.seconds);
    expect(right!.seconds).toBe(60);
  });

  test('leaves half of a long stay silent, and tells of a long silence before it', () => {
    const rest = script(MORNING).filter(({ line }) => line === 3);
    expect(rest.reduce((sum, { seconds }) => sum + seconds, 0)).toBeLessThan(180);
    const [before, after] = rest.filter(({ kind }) => kind === 'silence');
    const minutes = Number(/(\d+) minute/.exec(before!.say)![1]);
    expect(after!.at - before!.at).toBeGreaterThanOrEqual(60 * minutes);
  });

  test('facing the class the teacher moves the other side, and the words keep that of the class', () => {
    const facing = script(MORNING, { facing: true });
    expect(facing[0]!.kind).toBe('facing');
    const right = facing.find(({ kind, side }) => kind === 'name' && side === 'right')!;
    expect(right.teacher).toBe('left');
    expect(right.say).toBe(script(MORNING).find(({ kind, side }) => kind === 'name' && side === 'right')!.say);
  });

  test('fewer words in a shorter length, slower for older people', () => {
    const words = (length: 'whole' | 'short' | 'words') => script(MORNING, { length }).map(({ say }) => say).join(' ').length; // prettier-ignore
    expect(words('short')).toBeLessThan(words('whole'));
    expect(words('words')).toBeLessThan(words('short'));
    // 130 and 110 words a minute: common practice, no source.
    expect(secondsToSay('one two three four', 'older') / secondsToSay('one two three four', 'adults')).toBeCloseTo(130 / 110, 6);
  });

  test('offers what others do before anybody moves, without a name', () => {
    const knee: Participant = {
      ...anybody('Ottilie'),
      conditions: [readCondition('pregnancy week=30 fetuses=1 complications=none experience=experienced').answer],
    };
    const members = [anybody('a'), anybody('b'), knee].map((participant) => ({ solver, participant }));
    const sequence = understood(read('Savasana 5 min'));
    const { participants } = classJson(sequence, adaptClass(members, sequence));
    const cues = cueScript(library, beatsOf(participants));
    const kinds = cues.map(({ kind }) => kind);
    expect(kinds.indexOf('option')).toBeGreaterThan(-1);
    expect(kinds.indexOf('option')).toBeLessThan(kinds.indexOf('way-in'));
    const option = cues.find(({ kind }) => kind === 'option')!;
    expect(option.for.every((id) => !cues.some(({ kind, for: whom }) => kind === 'way-in' && whom.includes(id)))).toBe(true);
    expect(cues.map(({ say }) => say).join(' ')).not.toMatch(/Ottilie|pregnan/i);
  });

  test('as WebVTT: times in order, nothing that ends a cue early', () => {
    const vtt = cuesVtt([{ line: 1, beat: 0, kind: 'hold', at: 3599.5, seconds: 2, say: 'a <b> & c', side: null, teacher: null, for: [] }]);
    expect(vtt).toBe('WEBVTT\n\n1\n00:59:59.500 --> 01:00:01.500\na &lt;b&gt; &amp; c\n');
  });
});

describe('when it is late', () => {
  const beats = beatsOf(alone('Mountain, 1 min\nTriangle, 60 s each side\nTree, 60 s each side\nSavasana 6 min'));
  const total = (of: typeof beats) => of.reduce((sum, { ready, seconds }) => sum + ready + seconds, 0);

  test('stays get shorter by the same share, both sides alike, and it ends in time', () => {
    const fitted = fittedTo(beats, 1, total(beats.slice(1)) - 150);
    expect(total(fitted.beats.slice(1))).toBeCloseTo(total(beats.slice(1)) - 150, 6);
    expect(fitted.leftOut).toEqual([]);
    const [, right, left] = fitted.beats;
    expect(left!.seconds).toBe(right!.seconds);
    expect(fitted.beats.at(-1)!.seconds).toBeGreaterThanOrEqual(180);
  });

  test('with too little time whole steps before the rest are left out, never the rest', () => {
    const fitted = fittedTo(beats, 1, 240);
    expect(fitted.leftOut).toEqual([2]);
    expect(fitted.beats.map(({ index }) => index)).toEqual([0, 1, 1, 3]);
    expect(fitted.beats.at(-1)!.seconds).toBeGreaterThanOrEqual(180);
  });

  test('a second side is as long as the first one was', () => {
    expect(fittedTo(beats, 2, 200).beats[2]!.seconds).toBe(beats[1]!.seconds);
  });

  test('with time enough nothing changes', () => expect(fittedTo(beats, 0, 10_000)).toEqual({ beats, leftOut: [] }));
});

describe('the beats of a class', () => {
  test('wait for the longest, also where all do the same figure', () => {
    const [one] = alone('Mountain, 30 s');
    const [two] = alone('Mountain, 90 s');
    const [beat] = beatsOf([one!, { ...two!, id: 'p2' }]);
    expect(beat!.forms.map(({ people }) => people)).toEqual([['p1', 'p2']]);
    expect(beat!.seconds).toBe(beatsOf([two!])[0]!.seconds);
    expect(beat!.seconds).toBeGreaterThan(beatsOf([one!])[0]!.seconds);
  });

  test('keep both sides of a step at the end when time is short', () => {
    const beats = beatsOf(alone('Savasana 6 min\nTriangle, 60 s each side'));
    const fitted = fittedTo(beats, 0, 60);
    expect(fitted.beats.filter(({ index }) => index === beats.at(-1)!.index)).toHaveLength(2);
  });
});

test('the pace is that of the slowest: an age of 65 or the seniors’ condition', () => {
  const nobody = { body: {}, conditions: [] };
  expect(paceOf([nobody, { body: { age: 64 }, conditions: [{ id: 'hypertension' }] }])).toBe('adults');
  expect(paceOf([nobody, { body: { age: 65 }, conditions: [] }])).toBe('older');
  expect(paceOf([{ body: {}, conditions: [{ id: 'seniors' }] }, nobody])).toBe('older');
});

test('as text: minutes and seconds, with the hour where the class is longer than one', () => {
  const [cue] = script('Mountain, 1 min');
  const at = (seconds: number): Cue => ({ ...cue!, kind: 'hold', at: seconds, seconds: 2, say: 'Stay.' });
  expect(cuesText([at(5), at(65)])).toBe('00:05  Stay.\n01:05  Stay.');
  expect(cuesText([at(5), at(3_725)])).toBe('00:00:05  Stay.\n01:02:05  Stay.');
});

test('cues and chapters are WebVTT to another reader, and the chapters follow each other without a gap', () => {
  const cues = script('Mountain, 1 min\nTriangle, 30 s each side\nSavasana 5 min');
  const read = (text: string) => new WebVTTParser().parse(text, 'metadata');
  expect(read(cuesVtt(cues)).errors).toEqual([]);
  const { cues: chapters, errors } = read(chaptersVtt(cues));
  expect(errors).toEqual([]);
  expect(chapters.length).toBe(cues.filter(({ kind }) => kind === 'name').length);
  chapters.slice(1).forEach(({ startTime }, i) => expect(startTime).toBe(chapters[i]!.endTime));
  expect(chapters[0]!.text).toBe(cues.find(({ kind }) => kind === 'name')!.say);
});

test('as WebVTT: a time that rounds up to a second is that second', () => {
  const [cue] = script('Mountain, 1 min');
  expect(cuesVtt([{ ...cue!, at: 1.9996, seconds: 2, say: 'a < b & c' }])).toBe(
    'WEBVTT\n\n1\n00:00:02.000 --> 00:00:04.000\na &lt; b &amp; c\n',
  );
});

// Schools differ: the in-breath lifts and opens, or the out-breath goes with the effort (common practice of strength work, no source).
describe('which movement goes with which breath', () => {
  const breathOf = (text: string, exhaleOnEffort: boolean) => said(script(text, { exhaleOnEffort }), 'breath').join(' ');
  test.each(['Bridge 20x', 'Heel raises 20x', 'Cobra 3 min'])('%s: lifted on the in-breath, or on the out-breath', (text) => {
    const [usual, turned] = [false, true].map((one) => breathOf(text, one));
    expect([usual, turned]).toEqual([
      expect.stringMatching(/^Breathe in, .*(lift|rise)/),
      expect.stringMatching(/^Breathe out, .*(lift|rise).*Breathe in, /),
    ]);
  });
  test.each(['Cat-cow 20x', 'Mountain 3 min'])('%s lifts no weight and stays', (text) => {
    expect(breathOf(text, false)).toContain('Breathe in, ');
    expect(breathOf(text, true)).toBe(breathOf(text, false));
  });
});

describe('what a body does otherwise in a form', () => {
  const pregnant = (id: string): Participant => ({
    ...anybody(id),
    conditions: [readCondition('pregnancy week=32 experience=experienced fetuses=1 complications=none systolic=115 diastolic=72').answer],
  });
  const DOG = 'Mountain, 5 breaths\nDownward dog, 5 breaths';

  test('is said before anybody moves, in every length', () => {
    for (const length of ['whole', 'short', 'words'] as const) {
      const entries = script(DOG, { length }, pregnant('p')).filter(({ beat, kind }) => beat === 1 && kind === 'way-in');
      expect([length, entries.map(({ say }) => say).join(' ')]).toEqual([length, expect.stringMatching(/hands on a chair/i)]);
    }
    const [first] = script(DOG, {}, pregnant('p')).filter(({ beat, kind }) => beat === 1 && kind === 'way-in');
    expect(first!.say).toMatch(/^Hands on a chair/);
  });

  test('leads nobody down to the floor who is on their feet', () => {
    const leaving = script(DOG, {}, pregnant('p')).filter(({ beat, kind }) => beat === 1 && (kind === 'way-out' || kind === 'stop'));
    expect(leaving.map(({ say }) => say).join(' ')).toMatch(/come up/i);
    expect(leaving.map(({ say }) => say).join(' ')).not.toMatch(/knees down|come down|sit back/i);
    const given = script(DOG).filter(({ beat, kind }) => beat === 1 && kind === 'way-out');
    expect(given.map(({ say }) => say).join(' ')).toMatch(/come down/);
  });

  test('is what another form offers in a class, with the chair named as such', () => {
    const sequence = understood(read(DOG));
    const members = [anybody('a'), anybody('b'), pregnant('c')].map((participant) => ({ solver, participant }));
    const { participants } = classJson(sequence, adaptClass(members, sequence));
    const offered = cueScript(library, beatsOf(participants)).filter(({ beat, kind }) => beat === 1 && kind === 'option');
    expect(offered.map(({ say }) => say)).toEqual([expect.stringMatching(/chair.*Hands on a chair/)]);
    expect(offered[0]!.for).toEqual(['c']);
  });
});
