/** A ring that grows on the in-breath and shrinks on the out-breath; how far it is follows the clock. */
export function BreathPacer({ elapsed, breathSeconds, running }: { elapsed: number; breathSeconds: number; running: boolean }) {
  // The out-breath takes a little longer than the in-breath.
  const inShare = 0.45;
  const at = (elapsed % breathSeconds) / breathSeconds;
  const isIn = at < inShare;
  const full = isIn ? at / inShare : 1 - (at - inShare) / (1 - inShare);
  const eased = 0.5 - Math.cos(Math.PI * full) / 2;
  return (
    <div className="flex items-center gap-3">
      <svg viewBox="-50 -50 100 100" className="size-20 sm:size-24" aria-hidden>
        <circle r="46" fill="none" stroke="var(--rule)" strokeWidth="2" />
        <circle r={14 + 31 * eased} fill="var(--far)" fillOpacity="0.45" stroke="var(--near)" strokeWidth="2.5" />
      </svg>
      <span className="w-32 text-2xl">{running ? (isIn ? 'breathe in' : 'breathe out') : 'at rest'}</span>
    </div>
  );
}
