import { t } from '../../words/t.js';
/** A ring that fills on the in-breath and empties on the out-breath, with its word in it; how far it is follows the clock. */
export function BreathPacer({ elapsed, breathSeconds, running }: { elapsed: number; breathSeconds: number; running: boolean }) {
  // The out-breath takes a little longer than the in-breath.
  const inShare = 0.45;
  const at = (elapsed % breathSeconds) / breathSeconds;
  const isIn = at < inShare;
  const full = isIn ? at / inShare : 1 - (at - inShare) / (1 - inShare);
  const eased = 0.5 - Math.cos(Math.PI * full) / 2;
  return (
    <div className="relative shrink-0">
      <svg viewBox="-50 -50 100 100" className="size-20 sm:size-28" aria-hidden>
        <circle r="46" fill="none" stroke="var(--rule)" strokeWidth="2" />
        <circle r={14 + 31 * eased} fill="var(--far)" fillOpacity="0.35" stroke="var(--near)" strokeWidth="2.5" />
      </svg>
      <span className="absolute inset-0 flex items-center justify-center text-2xl font-semibold" aria-hidden>
        {running ? (isIn ? t('in') : t('out')) : ''}
      </span>
      <span className="sr-only">{running ? (isIn ? t('breathe in') : t('breathe out')) : t('at rest')}</span>
    </div>
  );
}
