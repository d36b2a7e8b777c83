import type { Conventions } from '@lotus-steady/core/sheets';
import type { Answered, BodyAnswers, BuildAsked, Participant, PastClass } from '@lotus-steady/core';
import type { Beat, CueOptions, Listener } from '@lotus-steady/core/cues';
import type { HomeAsked } from '@lotus-steady/core/home';
import type { LessonAsked } from '@lotus-steady/core/lessons';
import type { TaskProgress, TrainingClient } from '@lotus-steady/core/training';
import { keepPreviousData, queryOptions, skipToken } from '@tanstack/react-query';
import { toParticipant, type Person } from '@lotus-steady/requests';
import { proxy } from 'comlink';
import { core } from './core.js';
import type { ClassAsked, ClassScore, ReadText, StepAsked } from './answers.js';
import { Receiver } from './delta-message.js';
import { unpackScore, type ScoreDelta } from './score-delta.js';

export const readTextQuery = (text: string) =>
  queryOptions({
    queryKey: ['read', text],
    queryFn: async (): Promise<ReadText> => core.read(text),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  });

/** What is ready once the reader of notes is. */
export const rehearsalQuery = queryOptions({
  queryKey: ['rehearsal'],
  queryFn: async () => {
    await core.rehearse();
    return true;
  },
  staleTime: Infinity,
  gcTime: Infinity,
});

export const reviewQuery = (text: string) =>
  queryOptions({
    queryKey: ['review', text],
    queryFn: () => core.review(text),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });

/** What is said to people in a class; `of` names the plan that the beats are of. */
export const cuesQuery = (of: string, beats: readonly Beat[], people: readonly Listener[], options: CueOptions | null) =>
  queryOptions({
    queryKey: ['cues', of, options],
    queryFn: options === null ? skipToken : () => core.cues(beats, people, options),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });

const receiver = new Receiver();

/** Whoever waits for a score. */
export interface ScoreListener {
  /** How far it is. */
  readonly onStep?: (done: number, of: number) => void;
  /** The score of the first steps, where all of them take longer. */
  readonly onPart?: (part: ClassScore) => void;
}
const unheard = () => undefined;

let jobs = 0;
/** A class on one sequence. Leaving the screen stops the work. */
export const classScoreQuery = (
  text: string | undefined,
  people: readonly Person[] | undefined,
  options: ClassAsked,
  day: string,
  { onStep = unheard, onPart }: ScoreListener = {},
) =>
  queryOptions({
    queryKey: ['score', 'class', text, people, options, day],
    queryFn:
      text === undefined || people === undefined
        ? skipToken
        : async ({ signal }) => {
            const job = ++jobs;
            signal.addEventListener('abort', () => void core.stopClass(job));
            const part = onPart && ((message: ScoreDelta) => onPart(unpackScore(new Receiver(), message)));
            const message = await core.classScore(
              job,
              text,
              people.map(toParticipant),
              options,
              day,
              proxy(onStep),
              part ? proxy(part) : null,
            );
            return message && unpackScore(receiver, message);
          },
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
    // A change is worked out while what was there stays in sight.
    placeholderData: keepPreviousData,
  });

/** A class's steps in a better order. */
export function findBetterOrder(text: string, people: readonly Person[], options: ClassAsked, day: string) {
  return core.betterOrder(++jobs, text, people.map(toParticipant), options, day);
}

export const buildQuery = (people: readonly Person[] | undefined, asked: BuildAsked | null, day: string) =>
  queryOptions({
    queryKey: ['build', people, asked, day],
    queryFn: people === undefined || asked === null ? skipToken : () => core.build(people.map(toParticipant), asked, day),
    staleTime: Infinity,
    retry: false,
  });

export const fitsQuery = (text: string | undefined, people: readonly Person[], day: string) =>
  queryOptions({
    queryKey: ['fits', text, people, day],
    queryFn: text === undefined || people.length === 0 ? skipToken : () => core.fits(text, people.map(toParticipant), day),
    staleTime: Infinity,
    retry: false,
  });

export const homeQuery = (
  text: string | undefined,
  person: Person | undefined,
  asked: HomeAsked | null,
  title: string,
  conventions: Conventions,
) =>
  queryOptions({
    queryKey: ['home', text, person, asked, title, conventions],
    queryFn:
      text === undefined || person === undefined || asked === null
        ? skipToken
        : () => core.home(text, toParticipant(person), asked, title, conventions),
    staleTime: Infinity,
    retry: false,
    placeholderData: keepPreviousData,
  });

export const lessonQuery = (asked: LessonAsked | null) =>
  queryOptions({ queryKey: ['lesson', asked], queryFn: asked === null ? skipToken : () => core.lesson(asked), staleTime: Infinity });

export const lessonForChildrenQuery = (asked: LessonAsked, people: readonly Person[] | undefined, day: string) =>
  queryOptions({
    queryKey: ['lesson', 'children', asked, people, day],
    queryFn: people === undefined || people.length === 0 ? skipToken : () => core.lessonForChildren(asked, people.map(toParticipant), day),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });

/** What strained the place that hurts somebody after a class, in the steps that hurt; nothing where it is not known where. */
export const strainsQuery = (person: Person, part: Pick<PastClass, 'before' | 'after' | 'marks'> | undefined, day: string) => {
  const place = part?.after.where ?? part?.before.where;
  const marks = part?.marks.filter(({ mark }) => mark === 'pain') ?? [];
  return queryOptions({
    queryKey: ['strains', person, marks, place, day],
    queryFn: place === undefined || marks.length === 0 ? skipToken : () => core.strains(toParticipant(person), marks, place, day),
    staleTime: Infinity,
  });
};

/** The next task of somebody who learns to judge; `answered` counts their answers, so that each brings the next one. */
export const trainingQuery = (
  own: readonly TrainingClient[] | undefined,
  progress: readonly TaskProgress[] | undefined,
  answered: number,
  day: string,
) =>
  queryOptions({
    queryKey: ['training', 'case', own?.map(({ id }) => id), answered, day],
    queryFn: own === undefined || progress === undefined ? skipToken : () => core.training(own, progress, new Date().toISOString(), day),
    staleTime: Infinity,
    gcTime: 60_000,
  });

export const pictureQuery = (key: string) =>
  queryOptions({ queryKey: ['picture', key], queryFn: () => core.picture(key), staleTime: Infinity });

export const pairQuery = (key: string) => queryOptions({ queryKey: ['pair', key], queryFn: () => core.pair(key), staleTime: Infinity });

/** A step of people as they are stored. */
export type StepOf = Omit<StepAsked, 'people'> & { readonly people: readonly Person[] };

export const othersQuery = (of: StepOf) =>
  queryOptions({
    queryKey: ['others', of],
    queryFn: () => core.others({ ...of, people: of.people.map(toParticipant) }),
    staleTime: Infinity,
    retry: false,
  });

export const findQuery = (words: string) =>
  queryOptions({ queryKey: ['find', words], queryFn: () => core.find(words), staleTime: Infinity });
export const thumbQuery = (id: string, variation: string | null) =>
  queryOptions({ queryKey: ['thumb', id, variation], queryFn: () => core.thumb(id, variation), staleTime: Infinity, gcTime: Infinity });
export const asanaQuery = (id: string, body: BodyAnswers) =>
  queryOptions({ queryKey: ['asana', id, body], queryFn: () => core.asana(id, body), staleTime: Infinity });
export const standingQuery = queryOptions({
  queryKey: ['standing'],
  queryFn: () => core.standing(),
  staleTime: Infinity,
  gcTime: Infinity,
});
export const mentionedQuery = (text: string) =>
  queryOptions({
    queryKey: ['mentioned', text],
    queryFn: () => core.mentioned(text),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });
/** Forgotten as soon as nothing shows it. */
export const letterQuery = (text: string) =>
  queryOptions({
    queryKey: ['letter', text],
    queryFn: () => core.letter(text),
    staleTime: Infinity,
    gcTime: 0,
    placeholderData: keepPreviousData,
  });
/** What was known before is shown while the next answer is worked out. */
export const meaningQuery = (answered: Answered | null, day: string) =>
  queryOptions({
    queryKey: ['meaning', answered, day],
    queryFn: answered === null ? skipToken : () => core.meaning(answered, day),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });
export const verdictsQuery = (participant: Participant | undefined, day: string) =>
  queryOptions({
    queryKey: ['verdicts', participant, day],
    queryFn: participant === undefined ? skipToken : () => core.verdicts(participant, day),
    staleTime: Infinity,
  });
