import { FigurePair } from '../../parts/FigurePair.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { clock } from '../score/layout.js';
import { BreathPacer } from '../teach/BreathPacer.js';
import { useRoom } from './room-channel.js';

/** For the whole room: the figure, the time and the breath, large, following the teacher's window. */
export function RoomScreen() {
  const shown = useRoom();
  return (
    <div className="fixed inset-0 z-30 flex flex-col items-center justify-center gap-[3dvh] bg-paper p-6">
      <PageTitle>The room’s screen</PageTitle>
      {shown === null ? (
        <p className="text-3xl">Start teaching in the other window: it shows here.</p>
      ) : (
        <>
          <h1 className="text-center text-[7dvh]">
            {shown.name}
            {shown.side && <span className="text-accent">, {shown.side} side</span>}
          </h1>
          {shown.drawing && (
            <FigurePair drawing={shown.drawing} label={shown.name} className={`h-[52dvh] w-full ${shown.mirrored ? '-scale-x-100' : ''}`} />
          )}
          <div className="flex items-center gap-12">
            <p className="font-serif text-[18dvh] leading-none tabular-nums" role="timer" aria-label="Time left">
              {clock(shown.left)}
            </p>
            <BreathPacer elapsed={shown.elapsed} breathSeconds={shown.breathSeconds} running={shown.running} />
          </div>
        </>
      )}
    </div>
  );
}
