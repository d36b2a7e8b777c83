import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, clearanceAlone, found, note, open, refer, SPINE_RED_FLAGS, today } from './screening.js';

const isGrowing = ({ growing, age }: { readonly growing?: boolean; readonly age?: number }) => growing ?? (age !== undefined && age < 18);

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const scheuermann = condition({
  id: 'scheuermann',
  name: 'Scheuermann’s disease (juvenile kyphosis)',
  words: ['Scheuermann', 'Scheuermann’s disease', 'sheuermann', 'scheurmann', 'scheuermans', 'shoyerman', 'juvenile kyphosis', 'teenage hunchback', 'roundback', 'kyphosis', 'hyperkyphosis', 'wedge vertebrae', 'Schmorl’s nodes'],
  parameters: {
    ...PAIN.parameters,
    age: { kind: 'number', unit: 'years', ofBody: 'age', from: 8, to: 110, ask: 'Age' },
    growing: { kind: 'yesno', ask: 'Still growing?' },
    kyphosis: { kind: 'number', unit: '°', from: 0, to: 120, ask: 'Angle of the curve on the standing X-ray', default: 60 },
    form: { kind: 'choice', options: ['thoracic', 'thoracolumbar', 'lumbar'], ask: 'Where?', default: 'thoracic' },
    seen: { kind: 'yesno', ask: 'Seen by a doctor for it?' },
    brace: { kind: 'number', unit: 'h', from: 0, to: 24, ask: 'Hours a day in a brace', default: 0 },
    weeksSinceFusion: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since a fusion, if any' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
    nerve: { kind: 'yesno', holdsDays: 0, ask: 'Numb, weak or unsteady legs?' },
    spondylo: { kind: 'yesno', ask: 'A slipped vertebra as well?' },
    smoothRound: { kind: 'yesno', ask: 'Does the round back straighten on lying or arching?', default: false },
  },
  stages: { ...PAIN.stages, grow: 'Growing', adult: 'Grown', stiff: 'Curve of 70° or more', lowGrow: 'Growing, lower curve', lowAdult: 'Grown, lower curve', fused: 'Fused', sore: 'Sore', lung: 'Curve of 100° or more', posture: 'Posture only' },
  gathering: ['lowGrow', 'lowAdult'],
  stagesOf: (answers) => {
    const { kyphosis = 60, form = 'thoracic', weeksSinceFusion, smoothRound } = answers;
    if (smoothRound === true) return ['posture'];
    const grows = isGrowing(answers);
    return [
      ...PAIN.stagesOf(answers),
      ...pick(
        grows ? 'grow' : 'adult',
        kyphosis >= 70 && 'stiff',
        form !== 'thoracic' && (grows ? 'lowGrow' : 'lowAdult'),
        weeksSinceFusion !== undefined && 'fused',
        painOf(answers) >= 4 && 'sore',
        kyphosis >= 100 && 'lung',
      ),
    ];
  },
  screen: (answers) => {
    const { kyphosis = 60, seen, weeksSinceFusion, cleared, nerve, spondylo, smoothRound } = answers;
    const grows = isGrowing(answers);
    return found(
      ...PAIN.screen(answers),
      nerve === true && refer('nerve', 'Numb, weak or unsteady legs: no practice, medical contact today.'),
      nerve === undefined && smoothRound !== true && open('nerve', 'numb, weak or unsteady legs?'),
      cleared !== true && weeksSinceFusion !== undefined && weeksSinceFusion < 26 && clearance('weeksSinceFusion', 'A fusion of less than half a year: written clearance first.'),
      cleared !== true && kyphosis >= 100 && clearance('kyphosis', 'A curve of 100° or more: written clearance first.'),
      cleared !== true && grows && smoothRound !== true && seen !== true && clearanceAlone('seen', 'Growing: let the curve be seen first; a brace works only now.'),
      spondylo === true && note('spondylo', 'Answer "Spondylolisthesis" as well.'),
      note('form', 'Back exercise and sport are wanted.'),
    );
  },
  redFlags: [...SPINE_RED_FLAGS, today('night', 'Night pain in a child; fever with back pain')],
  schools: {
    'scheuermann-bend': { name: 'Rounding', positions: { loaded: 'None loaded while growing, free when grown', never: 'None ever' }, default: 'loaded', because: 'Growing end plates wedge under load in front; grown ones don’t.' },
  },
  limits: [
    ...PAIN.limits('sch'),
    ...limits('sch-01', 'Growing vertebrae wedge when they are loaded in front.', 'SARDAR*', ['thoracicFlexion', '<= 15', 'modify', ['grow']], ['thoracicFlexion', '<= 25', 'watch', ['adult']]),
    ...limits('sch-02', 'The lower vertebrae wedge when they are loaded in front.', 'common practice', ['lumbarFlexion', '<= 30', 'modify', ['lowGrow']], ['lumbarFlexion', '<= 40', 'watch', ['lowAdult']]),
    ...limits('sch-03', 'Rounded and loaded together wedges the vertebrae.', 'common practice', ['discLoad', '<= 1.6', 'modify', ['grow'], 'thoracicFlexion > 15'], ['discLoad', '<= 1.6', 'modify', ['grow'], 'lumbarFlexion > 30'], ['discLoad', '<= 2', 'watch', ['adult'], 'thoracicFlexion > 15']),
    ...limits('sch-04', 'The low back arches too easily below a stiff curve.', 'SARDAR*', ['lumbarFlexion', '>= -25', 'modify', ['grow']], ['lumbarFlexion', '>= -30', 'watch', ['adult']]),
    ...limits('sch-05', 'The neck juts forward already and isn’t thrown further back.', 'common practice', ['cervicalFlexion', '>= -30', 'modify', ['grow', 'adult']]),
    ...noInversion('sch-06', 'Upside down, the bent upper back carries the body.', 'common practice', 'avoid', ['grow', 'fused', 'stiff']),
    ...limits('sch-06-grown', 'The bent upper back carries the body.', 'common practice', ['headLoad', '<= 0.1', 'modify', ['adult']], ['neckLoad', '<= 0.05', 'modify', ['adult']]),
    ...limits('sch-07', 'Beyond this height the low back does the lifting.', 'common practice', ['shoulderElevation', '<= 150', 'watch', ['stiff']]),
    ...limits('sch-08', 'The fused part can’t move, so its neighbours would take it all.', ['SARDAR*', 'common practice'], ['spineRangeUsed', '<= 0.7', 'avoid', ['fused']], ['spineRotation', '<= 20', 'avoid', ['fused'], { reading: 'Most of the levels that turn are fused.' }]),
    ...limits('sch-09', 'Long hanging in the curve makes it sorer.', 'common practice', ['hold', '<= 20', 'modify', ['grow', 'sore'], 'thoracicFlexion > 10']),
    ...limits('sch-10', 'With a stiff curve the head wants a pillow.', 'common practice', ['cervicalFlexion', '>= -15', 'modify', ['stiff'], 'facing supine']),
    ...limits('sch-11', 'Sitting long, the back slumps.', 'common practice', ['unrelievedSitting', '<= 20', 'watch', ['sore']]),
    ...limits('sch-12', 'Jolts hurt while the back is sore; sport is fine otherwise.', 'common practice', ['impact', '<= 1', 'modify', ['sore', 'fused']], ['impact', '<= 2', 'watch', ['grow']]),
    ...limits('sch-13', { effort: 'A stiff chest has little air for hard work.', breathRetention: 'A stiff chest has little air for a held breath.' }, 'common practice', ['effort', '<= 3', 'modify', ['lung']], ['breathRetention', '<= 5', 'modify', ['lung']]),
    ...limits('sch-14', 'A curve isn’t pressed straight.', 'common practice', ['touch', '= 0', 'avoid', ['grow', 'fused']]),
  ], // prettier-ignore
  favour: ['mobilise-spine-extension', 'strengthen-back', 'open-chest', 'stretch-hamstrings', 'posture-awareness', 'stretch-hip-flexors'],
  stopInClass: 'Pain in the curve up by more than 2, tingling legs, band-like pain.',
});
