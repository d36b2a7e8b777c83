/**
 * Ends of the ordinary range of motion in degrees, negative for extension where a measure has both
 * directions. American Academy of Orthopaedic Surgeons, Joint Motion, 1965, raised where a pose uses the
 * passive or loaded range, the spine split for this model (values from memory).
 */
export const NORMAL_RANGE = {
  lumbarFlexion: [-30, 55],
  thoracicFlexion: [-25, 40],
  cervicalFlexion: [-60, 50],
  spineRotation: [0, 45],
  spineLateral: [0, 35],
  cervicalRotation: [0, 80],
  cervicalLateral: [0, 45],
  hipFlexion: [-30, 125],
  hipExtension: [0, 30],
  hipAbduction: [0, 55],
  hipAdduction: [0, 30],
  hipExternalRotation: [0, 60],
  hipInternalRotation: [0, 45],
  kneeFlexion: [0, 150],
  ankleDorsiflexion: [0, 30],
  anklePlantarflexion: [0, 65],
  shoulderElevation: [0, 180],
  shoulderExtension: [0, 60],
  elbowFlexion: [0, 150],
  wristExtension: [0, 90],
  wristFlexion: [0, 80],
} as const satisfies Readonly<Record<string, readonly [low: number, high: number]>>;
export type NormalMeasure = keyof typeof NORMAL_RANGE;
