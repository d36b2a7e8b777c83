export { library } from './asanas/all.js';
export { sizeBody } from './body/anthropometry.js';
export { solve } from './body/solve.js';
