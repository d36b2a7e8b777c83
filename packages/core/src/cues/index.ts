export { beatsOf, fittedTo, taughtOf, type Fitted, type Beat, type BeatForm } from './beats.js';
export { CUE_LENGTHS, cueScript, type Cue, type CueKind, type CueLength, type CueOptions } from './cue-script.js';
export { chaptersVtt, cuesJson, cuesText, cuesVtt, type CuesJson } from './cues-json.js';
export { paceOf, PACES, type Listener, type Pace } from './pace.js';
