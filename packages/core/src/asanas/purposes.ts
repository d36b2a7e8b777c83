/** What a step can be for. A substitute must keep every purpose of weight 3, or say what it drops. */
export const PURPOSES = [
  'stretch-hamstrings', 'stretch-calves', 'stretch-quadriceps', 'stretch-hip-flexors', 'stretch-inner-thighs', 'stretch-outer-hips',
  'stretch-side-body', 'stretch-back', 'stretch-shoulders', 'stretch-neck', 'stretch-wrists-forearms', 'stretch-feet-shins',
  'open-hips', 'open-chest', 'lengthen-spine',
  'mobilise-spine-flexion', 'mobilise-spine-extension', 'mobilise-spine-rotation', 'mobilise-spine-lateral',
  'mobilise-pelvis', 'mobilise-hips', 'mobilise-knees', 'mobilise-ankles', 'mobilise-shoulders', 'mobilise-neck', 'mobilise-hands',
  'strengthen-legs', 'strengthen-hips', 'strengthen-back', 'strengthen-core', 'strengthen-arms', 'strengthen-feet',
  'deep-core', 'pelvic-floor', 'balance', 'coordination', 'posture-awareness', 'functional-transfer', 'warm-up', 'drain-legs',
  'ease-back', 'breath-awareness', 'lengthen-exhale', 'calm', 'rest', 'energise', 'focus', 'play',
] as const; // prettier-ignore
export type Purpose = (typeof PURPOSES)[number];
/** 1 also, 2 clearly, 3 mainly. */
export type PurposeWeights = Readonly<Partial<Record<Purpose, 1 | 2 | 3>>>;
