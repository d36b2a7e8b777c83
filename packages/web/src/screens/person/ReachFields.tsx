import { BODY_RANGES, type BodyAnswers, type Problem, type Trial } from '@lotus-steady/core';
import { today } from '../../clock.js';
import { NumberField } from '../../parts/NumberField.js';
import { Thumb } from '../../parts/Thumb.js';
import { problemAt } from './person-draft.js';
import { SetupTrial } from '../../parts/SetupTrial.js';
import { t } from '../../words/t.js';

export type BodyKey = keyof typeof BODY_RANGES;
export const WHO: readonly BodyKey[] = ['stature', 'mass', 'age'];
export const BODY_LABELS: Record<BodyKey, string> = {
  stature: t('Height'),
  mass: t('Weight'),
  age: t('Age'),
  legLength: t('Leg, floor to hip joint'),
  armLength: t('Arm, shoulder to fingertips'),
  neckFlexion: t('Chin to chest'),
  hamstring: t('Straight leg raised, lying'),
  hipFlexion: t('Bent knee to chest'),
  kneeFlexion: t('Knee bend'),
  shoulderElevation: t('Arm raised forward and up'),
  shoulderExtension: t('Arm straight back'),
  shoulderStack: t('Blankets under the shoulders'),
  seatHeight: t('Blankets under the seat'),
};

/** How each is measured, with the figure of an asana in which it shows. */
const HOW: Partial<Record<BodyKey, { readonly asana: string; readonly text: string }>> = {
  legLength: { asana: 'tadasana', text: t('Standing without shoes: from the floor to the bony point at the side of the hip.') },
  armLength: { asana: 'five-pointed-star', text: t('Arm out to the side: from the top of the shoulder to the tip of the middle finger.') },
  neckFlexion: { asana: 'chair-chin-tuck', text: t('Sitting tall, chin down: how far the face turns from upright before it pulls.') },
  hamstring: {
    asana: 'supta-padangusthasana-1',
    text: t('On the back, other leg flat, knee straight: how far the leg comes up from the floor.'),
  },
  hipFlexion: { asana: 'apanasana-single', text: t('On the back, other leg flat: how far the thigh comes up from the floor, knee bent.') },
  kneeFlexion: { asana: 'prone-quad-stretch', text: t('On the belly: how far the heel comes towards the seat, from a straight leg.') },
  shoulderElevation: { asana: 'supine-arm-float', text: t('On the back, ribs down: how far the arm goes overhead, from beside the body.') },
  shoulderExtension: { asana: 'chair-shoulder-clasp', text: t('Sitting tall: how far the straight arm goes behind without leaning.') },
};

const TRIALS: readonly Trial[] = ['seatHeight', 'shoulderStack'];

interface Props {
  readonly body: BodyAnswers;
  readonly problems: readonly Problem[];
  readonly onBody: (part: BodyAnswers) => void;
}

/** Lengths and ranges, each with a drawing of how to measure it. */
export function ReachFields({ body, problems, onBody }: Props) {
  const keys = (Object.keys(BODY_RANGES) as BodyKey[]).filter((key) => !WHO.includes(key) && !TRIALS.includes(key as Trial));
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      {keys.map((key) => (
        <div key={key} className="flex gap-3">
          {HOW[key] && <Thumb id={HOW[key].asana} className="h-20 w-24 shrink-0 rounded border border-rule bg-sheet p-1" />}
          <NumberField
            label={BODY_LABELS[key]}
            unit={BODY_RANGES[key].unit}
            value={body[key]}
            problem={problemAt(problems, key)}
            onChange={(value) => onBody({ [key]: value })}
            {...(HOW[key] && { hint: HOW[key].text })}
          />
        </div>
      ))}
      {TRIALS.map((trial) => (
        <SetupTrial
          key={trial}
          trial={trial}
          body={body}
          problem={problemAt(problems, trial)}
          onChange={(height) => onBody({ [trial]: height, foundOn: today() })}
        />
      ))}
    </div>
  );
}
