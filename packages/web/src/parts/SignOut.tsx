import { LogOut } from 'lucide-react';
import { Suspense, useState } from 'react';
import { leave } from '../api/leave.js';
import { unsaved } from '../drafts/drafts.js';
import { PLAIN, PRIMARY } from './button-styles.js';
import { LaterInterruption } from './interruption-later.js';
import { t } from '../words/t.js';

/** Leaves this device as it was found. What isn't saved is shown first; a server that is away is told later. */
export function SignOut() {
  const [left, setLeft] = useState<readonly string[]>([]);
  const ask = () => {
    const open = unsaved();
    if (open.length === 0) void leave();
    else setLeft(open);
  };
  return (
    <>
      <button type="button" onClick={ask} className="rounded p-2 hover:bg-shade" aria-label={t('Sign out')} title={t('Sign out')}>
        <LogOut size={20} aria-hidden />
      </button>
      {left.length > 0 && (
        <Suspense>
          <LaterInterruption open onClose={() => setLeft([])} title={t('Not everything is saved')}>
            <ul className="mt-2 list-disc pl-5">
              {left.map((what, i) => (
                <li key={i}>{what}</li>
              ))}
            </ul>
            <p className="mt-2">{t('Signing out takes it off this device, and it is lost.')}</p>
            <div className="mt-4 flex flex-wrap gap-3">
              <button type="button" className={PRIMARY} onClick={() => setLeft([])}>
                {t('Stay and save it')}
              </button>
              <button type="button" className={PLAIN} onClick={() => void leave()}>
                {t('Sign out and lose it')}
              </button>
            </div>
          </LaterInterruption>
        </Suspense>
      )}
    </>
  );
}
