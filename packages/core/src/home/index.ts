export { homeFigures } from './home-figures.js';
export {
  homePractice, HOUSEHOLD, WEEK, type HomeAsked, type HomeDay, type HomePractice, type HomeStep, type Weekday,
} from './home-practice.js'; // prettier-ignore
export { homeHtml, homeText } from './home-sheet.js';
export { STOP_SIGNS, type StopSigns } from './stop-signs.js';
