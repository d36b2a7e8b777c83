import { condition } from './condition.js';
import { CAT_COW, limits, noInversion, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

interface Bowel {
  readonly kind?: string;
  readonly activity?: string;
}
const activityOf = ({ kind = 'unknown', activity }: Bowel) => activity ?? (kind === 'ibs' ? 'mild' : 'flare');

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const bowelDisease = condition({
  id: 'bowel-disease',
  name: 'Inflammatory or irritable bowel',
  words: ['diverticulitis', 'bloated', 'constipated', 'IBD', 'inflammatory bowel disease', 'Crohn’s', "Crohn's", 'crohns', 'chrons', 'ulcerative colitis', 'ulcerative collitis', 'colitis', 'UC', 'IBS', 'irritable bowel', 'irritable bowl', 'spastic colon', 'bloating', 'constipation', 'diarrhoea', 'diarrhea', 'stoma', 'ileostomy', 'colostomy', 'ostomy bag', 'pouch', 'bowel fistula'],
  parameters: {
    kind: { kind: 'choice', options: ['crohn', 'colitis', 'ibs', 'unknown'], ask: 'Which kind?' },
    activity: { kind: 'choice', holdsDays: 14, options: ['remission', 'mild', 'flare'], ask: 'How active now?' },
    stools: { kind: 'number', holdsDays: 0, unit: 'a day', from: 0, to: 40, ask: 'Loose stools today', onlyIf: { activity: ['flare'] } },
    blood: { kind: 'choice', holdsDays: 0, options: ['none', 'some', 'much'], ask: 'Blood?', onlyIf: { activity: ['flare'] } },
    temp: { kind: 'number', holdsDays: 0, unit: '°C', from: 34, to: 42.5, ask: 'Temperature', onlyIf: { activity: ['flare'] } },
    pulse: { kind: 'number', holdsDays: 0, unit: 'beats/min', from: 30, to: 220, ask: 'Pulse', onlyIf: { activity: ['flare'] } },
    hb: { kind: 'number', unit: 'g/L', from: 30, to: 200, ask: 'Haemoglobin, if known' },
    painNow: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Belly pain now', default: 3 },
    stoma: { kind: 'choice', options: ['none', 'ileostomy', 'colostomy'], ask: 'A stoma?', default: 'none' },
    stomaWeeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the stoma', default: 0, onlyIf: { stoma: ['ileostomy', 'colostomy'] } },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since an operation on the belly, if any' },
    perianal: { kind: 'choice', options: ['none', 'fistula', 'abscess'], ask: 'A fistula or abscess at the seat?' },
    urgency: { kind: 'yesno', ask: 'Must the way to the toilet be quick?', default: true },
    steroids: { kind: 'yesno', ask: 'Steroids for 3 months or more?' },
    pattern: { kind: 'choice', options: ['constipation', 'diarrhoea', 'mixed', 'bloating'], ask: 'Which pattern?', onlyIf: { kind: ['ibs'] } },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
  },
  stages: { rem: 'Remission', mild: 'Mild', flare: 'Flare', ibs: 'Irritable, little pain', ibsBad: 'Irritable, much pain', stoma: 'Stoma from 12 weeks', stomaNew: 'Stoma below 12 weeks', peri: 'Sore seat', urg: 'Must be quick', pale: 'Anaemic', slow: 'Constipation', ileo: 'Ileostomy', ill: 'Flare or new stoma', sore: 'Mild, or irritable with much pain' },
  gathering: ['ill', 'sore'],
  stagesOf: (answers) => {
    const { kind = 'unknown', painNow = 3, hb, stoma = 'none', stomaWeeks = 0, perianal, urgency = true, pattern } = answers;
    const ibs = kind === 'ibs';
    const activity = activityOf(answers);
    const stage = ibs ? (painNow >= 5 ? 'ibsBad' : 'ibs') : activity === 'remission' ? 'rem' : activity === 'mild' ? 'mild' : 'flare';
    const newStoma = stoma !== 'none' && stomaWeeks < 12;
    return pick(
      stage,
      newStoma && 'stomaNew',
      stoma !== 'none' && !newStoma && 'stoma',
      (perianal === 'fistula' || perianal === 'abscess') && 'peri',
      urgency && stage !== 'rem' && 'urg',
      hb !== undefined && hb < 110 && 'pale',
      ibs && pattern === 'constipation' && 'slow',
      stoma === 'ileostomy' && 'ileo',
      (stage === 'flare' || newStoma) && 'ill',
      (stage === 'mild' || stage === 'ibsBad') && 'sore',
    );
  },
  screen: (answers) => {
    const { kind, stools = 0, blood, temp = 37, pulse = 70, hb = 140, stoma = 'none', stomaWeeks = 0, perianal, steroids, weeksSinceSurgery, cleared, urgency = true } = answers;
    const flare = kind !== 'ibs' && activityOf(answers) === 'flare';
    const bloody = blood === 'some' || blood === 'much';
    return found(
      flare && stools >= 6 && bloody && (temp > 37.8 || pulse > 90 || hb < 105) && refer('stools', 'Six bloody stools or more with fever, a fast pulse or anaemia: no practice, medical contact today.'),
      perianal === 'abscess' && refer('perianal', 'An abscess: no practice, medical contact today.'),
      temp >= 38 && refer('temp', 'Fever: no practice, medical contact today.'),
      (kind === undefined || kind === 'unknown') && clearanceAlone('kind', 'A bowel that nobody has looked at: let it be looked at first.'),
      cleared !== true && flare && blood === 'much' && clearance('blood', 'Much blood: written clearance first.'),
      cleared !== true && stoma !== 'none' && stomaWeeks < 12 && clearance('stomaWeeks', 'A stoma of less than 12 weeks: written clearance first.'),
      flare && blood === undefined && open('blood', 'blood, and how many stools today?'),
      steroids === true && note('steroids', 'Answer "Osteoporosis" as well.'),
      weeksSinceSurgery !== undefined && weeksSinceSurgery < 12 && note('weeksSinceSurgery', 'Answer "Abdominal surgery" as well.'),
      urgency && note('urgency', 'A toilet near; they may leave the room at any time. Stoma: empty the bag before class.'),
    );
  },
  redFlags: [
    emergency('belly', 'A rigid belly, vomiting blood, collapse'),
    today('stoma', 'A stoma that is black, very swollen or gives nothing for 12 hours with cramps; an abscess; fever with belly pain'),
    today('clot', 'One swollen leg, a painful red eye'),
    today('new', 'Blood, weight loss, waking at night by diarrhoea, a lump, or first signs over 50: a doctor within days'),
  ],
  schools: {
    'bowel-twists': { name: 'Twists for the gut', positions: { comfort: 'Comfort decides', detox: 'They massage the gut' }, default: 'comfort', because: 'There is no evidence that a twist cleans anything.' },
    'bowel-flare': { name: 'Practice in a flare', positions: { gentle: 'Gentle', bed: 'Rest in bed' }, default: 'gentle', because: 'Tiredness is part of it; being active is advised in calm times.' },
  },
  limits: [
    ...limits('gut-01', 'Pressing hurts an inflamed or sore belly.', 'common practice', ['bellyClosure', '<= 0.4', 'avoid', ['ill']], ['bellyClosure', '<= 0.7', 'modify', ['sore']]),
    ...limits('gut-02', 'Wringing hurts an inflamed or sore belly.', 'common practice', ['spineRotation', '<= 20', 'avoid', ['ill']], ['spineRotation', '<= 30', 'modify', ['sore'], 'bellyClosure > 0.3']),
    ...limits('gut-03', 'A stoma can bulge, and a sore belly cramps.', 'EHSPARA*', ['abdominalLoad', '<= 1', 'avoid', ['ill']], ['abdominalLoad', '<= 3', 'modify', ['mild']], ['abdominalLoad', '<= 3', 'modify', ['stoma']]),
    ...limits('gut-04', 'A big stretch of the front hurts an inflamed or healing belly.', 'common practice', ['lumbarFlexion', '>= -15', 'modify', ['ill']]),
    ...limits('gut-05', 'The bag is pressed or pulled; it is emptied first, and the belly left free.', 'common practice', ['bellyClosure', '<= 0.6', 'modify', ['stoma']]),
    ...limits('gut-06', 'In a flare people are dry, sick and giddy with the head low.', 'common practice', ['headBelowHeart', '<= 15', 'modify', ['flare'], CAT_COW]),
    ...noInversion('gut-07', 'An ill body isn’t turned upside down.', 'common practice', 'avoid', ['ill']),
    ...limits('gut-08', { unrelievedSitting: 'The seat is sore; a cushion, kneeling or lying is easier.', kneeFlexionLoaded: 'A deep squat stretches a sore seat.' }, 'common practice', ['unrelievedSitting', '<= 20', 'modify', ['peri']], ['kneeFlexionLoaded', '<= 100', 'modify', ['peri']]),
    ...limits('gut-09', 'Dry or anaemic people get giddy on rising.', 'common practice', ['transitionTime', '>= 8', 'modify', ['flare', 'pale'], 'levelChange >= 50']),
    ...limits('gut-10', 'A tight pelvic floor holds back; it needs to let go.', 'common practice', ['pelvicFloorCue', '<= 0', 'watch', ['slow']]),
    ...limits('gut-11', { breathRetention: 'A held breath cramps a sore belly.', breathRate: 'Pumping the belly makes it cramp.' }, 'common practice', ['breathRetention', '= 0', 'avoid', ['ill']], ['breathRate', '<= 20', 'avoid', ['ill']], ['breathRetention', '= 0', 'modify', ['sore']], ['breathRate', '<= 20', 'modify', ['sore']]),
    ...limits('gut-12', 'Tiredness is part of it; being active is advised in calm times.', 'BSGIBD*', ['effort', '<= 2', 'modify', ['ill']], ['effort', '<= 3', 'watch', ['mild']]),
    ...limits('gut-13', 'Jolts hurt the belly and make it hurry.', 'common practice', ['impact', '= 0', 'modify', ['ill', 'peri']], ['impact', '<= 1', 'watch', ['stoma', 'urg']]),
    ...limits('gut-14', 'Fluid and salt are lost through the bowel.', 'common practice', ['heat', '<= 27', 'modify', ['flare', 'ileo']]),
    ...limits('gut-15', { sessionMinutes: 'In a flare there is little energy for a class.', floorTrips: 'In a flare every rise costs energy.' }, 'common practice', ['sessionMinutes', '<= 30', 'modify', ['flare']], ['floorTrips', '<= 2', 'modify', ['flare']]),
    ...limits('gut-16', 'Cramps ease with bent knees or on the side.', 'common practice', ['supineRun', '<= 10', 'watch', ['ibsBad', 'flare']]),
  ], // prettier-ignore
  favour: ['calm', 'lengthen-exhale', 'rest', 'mobilise-hips', 'mobilise-spine-rotation', 'ease-back'],
  stopInClass: 'A cramp that grows, needs the toilet, the bag leaks, giddy, blood.',
});
