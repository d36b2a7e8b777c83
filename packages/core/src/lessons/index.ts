export { AGE_GROUPS, ageGroup, type AgeGroup } from './age-groups.js';
export {
  distinctShapes,
  lessonFor,
  lessonProblem,
  PART_NAMES,
  PARTS,
  SPACES,
  type Lesson,
  type LessonAsked,
  type LessonPart,
  type LessonStep,
  type PartKind,
  type Space,
} from './lesson.js';
export { lessonForChild, lessonSequence, type ChildsWay, type LessonForChild } from './for-child.js';
