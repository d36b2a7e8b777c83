import { sayInEnglish } from '../messages/message.js';
import { assess } from './assess.js';
import { clinicianNote, whatToSay } from './clinician-note.js';

const none = { schools: {}, clearances: [], ownLimits: [], loosened: [] };
const fresh = { id: 'hip-replacement', approach: 'posterior', weeksSinceSurgery: 4, highRisk: false, painNow: 2, asOf: '2026-03-02' };

test('the note says what was told, why it is asked, and what the practice keeps to', () => {
  const note = clinicianNote([fresh], assess({ ...none, conditions: [fresh] }, '2026-03-02'));
  expect(note.map(({ heading }) => heading)).toEqual([
    'What was told',
    'Why we ask',
    'What the practice would keep to',
    'What we would like to know',
  ]);
  expect(note[0]!.lines).toEqual(
    expect.arrayContaining([
      'Hip replacement',
      '  Weeks since the operation: 4 weeks',
      '  Operated again, ever out of joint, fused spine, or a nerve-muscle disease: no',
    ]),
  );
  expect(note[0]!.lines.join()).not.toMatch(/asOf/);
  expect(note[1]!.lines[0]).toMatch(/written clearance first/);
  expect(note[2]!.lines).toContain('Hip bend: at most 90°');
});

test('its own words come from the catalogue of a language', () => {
  const note = clinicianNote([fresh], assess({ ...none, conditions: [fresh] }, '2026-03-02'), ({ id }) => `<${id}>`);
  expect(note.map(({ heading }) => heading)).toEqual(['<note.told>', '<note.why>', '<note.kept>', '<note.questions>']);
  expect(note.at(-1)!.lines).toEqual(['<note.may-they>', '<note.stricter>', '<note.stop-signs>']);
});

test('every merged limit is in the note once', () => {
  const { lines } = clinicianNote([fresh], assess({ ...none, conditions: [fresh] }, '2026-03-02'))[2]!;
  expect(new Set(lines).size).toBe(lines.length);
});

describe('what to say', () => {
  const say = (answer: typeof fresh | { id: string }) => {
    const said = whatToSay(assess({ ...none, conditions: [answer] }, '2026-03-02'));
    return said && sayInEnglish(said);
  };
  test('nothing to someone who may practise', () => expect(say({ id: 'beginners' })).toBeNull());
  test('asks for a word where clearance is missing', () => expect(say(fresh)).toMatch(/a word from your doctor/));
  test('not today where a doctor has to look', () => expect(say({ id: 'deep-vein-thrombosis' })).toMatch(/did not practise/));
  test('an emergency is told as one', () =>
    expect(say({ id: 'migraine-headache', flags: ['thunderclap'] } as { id: string })).toMatch(/calling the emergency number/));
});
