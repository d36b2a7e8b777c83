import { t } from '../../words/t.js';
/** Keys by where they work. */
export const KEYS: readonly { readonly where: string; readonly keys: readonly (readonly [keys: string, does: string])[] }[] = [
  {
    where: t('Everywhere'),
    keys: [
      [t('Ctrl K'), t('find any person, sequence, asana, condition, screen')],
      [t('Ctrl S'), t('save what is open')],
      ['?', t('these keys')],
      [t('Escape'), t('close what is open')],
    ],
  },
  {
    where: t('On a score'),
    keys: [
      [t('Arrows'), t('from step to step, from person to person')],
      [t('Enter'), t('open a step')],
      [t('Tab'), t('from an open step to its panel')],
      [t('Alt ← →'), t('take a step of the sequence earlier or later')],
      [t('Ctrl Z, Ctrl Shift Z'), t('undo, redo')],
    ],
  },
  {
    where: t('In your notes'),
    keys: [
      [t('1 to 5'), t('choose what an unsure line means')],
      ['N', t('it is a note')],
      ['S', t('it is several steps: a line for each')],
      ['0', t('it is a posture of our own, not judged')],
    ],
  },
  {
    where: t('While teaching'),
    keys: [
      [t('Space'), t('start, pause')],
      [t('← →, a page-turner pedal'), t('from the beginning of the step, then the one before; the next')],
      ['O', t('another way for someone')],
      [t('N on a name'), t('a note on them')],
      [t('Escape'), t('stop')],
    ],
  },
];
