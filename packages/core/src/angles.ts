/** Radians in one degree. Radians never leave `body/` and `figure/`. */
export const DEG2RAD = Math.PI / 180;
export const RAD2DEG = 180 / Math.PI;

export type Side = 'left' | 'right';
export const SIDES: readonly Side[] = ['left', 'right'];

export function opposite(side: Side): Side {
  return side === 'left' ? 'right' : 'left';
}
