import { useId } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useSearchParams } from 'react-router';
import { INPUT, PRIMARY } from '../../parts/button-styles.js';
import { FigurePair } from '../../parts/FigurePair.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { clock } from '../score/layout.js';
import { BreathPacer } from '../teach/BreathPacer.js';
import { useRoom, type Shown } from './room-channel.js';
import { useRoomByCode } from './room-code.js';
import { t } from '../../words/t.js';

function AskCode({ refused, onCode }: { refused: boolean; onCode: (code: string) => void }) {
  const id = useId();
  const { register, handleSubmit, control } = useForm({ defaultValues: { code: '' } });
  const typed = useWatch({ control, name: 'code' });
  return (
    <form
      onSubmit={(event) => void handleSubmit(({ code }) => onCode(code.replace(/\s/g, '').toUpperCase()))(event)}
      className="w-72 text-center"
    >
      <label htmlFor={id} className="mb-2 block text-xl">
        {t('On another device: type its code')}
      </label>
      <input
        id={id}
        autoComplete="off"
        autoCapitalize="characters"
        spellCheck={false}
        maxLength={8}
        aria-describedby={refused ? `${id}-refused` : undefined}
        className={`${INPUT} mb-3 text-center text-3xl tracking-widest`}
        {...register('code')}
      />
      {refused && (
        <p id={`${id}-refused`} role="alert" className="mb-3 text-accent">
          {t('No class is shown under this code. Ask for a new one.')}
        </p>
      )}
      <button type="submit" className={PRIMARY} disabled={typed.trim() === ''}>
        {t('Follow the class')}
      </button>
    </form>
  );
}

function Now({ shown }: { shown: Shown }) {
  return (
    <>
      <h1 className="text-center text-[7dvh]">
        {shown.name}
        {shown.side && <span className="text-accent">{t(', {side} side', { side: shown.side })}</span>}
      </h1>
      {shown.drawing && (
        <FigurePair drawing={shown.drawing} label={shown.name} className={`h-[52dvh] w-full ${shown.mirrored ? '-scale-x-100' : ''}`} />
      )}
      <div className="flex items-center gap-12">
        <p className="font-serif text-[18dvh] leading-none tabular-nums" role="timer" aria-label={t('Time left')}>
          {clock(shown.left)}
        </p>
        <BreathPacer elapsed={shown.elapsed} breathSeconds={shown.breathSeconds} running={shown.running} />
      </div>
    </>
  );
}

/** For the whole room: the figure, the time and the breath, large, following the teacher's window or another device by its code. */
export function RoomScreen() {
  const [search, setSearch] = useSearchParams();
  const code = search.get('code');
  const here = useRoom();
  const elsewhere = useRoomByCode(code);
  const shown = here ?? elsewhere.shown;
  const refused = elsewhere.state === 'no such room';
  return (
    <main className="fixed inset-0 z-30 flex flex-col items-center justify-center gap-[3dvh] bg-paper p-6">
      <PageTitle>{t('The room’s screen')}</PageTitle>
      {shown ? (
        <Now shown={shown} />
      ) : (
        <>
          <h1 className="text-center text-3xl">
            {code !== null && !refused ? t('Waiting for the class to begin.') : t('Start teaching in the other window: it shows here.')}
          </h1>
          {(code === null || refused) && <AskCode refused={refused} onCode={(given) => setSearch({ code: given })} />}
        </>
      )}
      {elsewhere.state === 'away' && (
        <p role="status" className="text-xl text-accent">
          {t('The connection is lost; trying again.')}
        </p>
      )}
    </main>
  );
}
