import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { LogOut } from 'lucide-react';
import { useState } from 'react';
import { leave } from '../api/leave.js';
import { unsaved } from '../drafts/drafts.js';
import { PLAIN, PRIMARY } from './button-styles.js';

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
      <button type="button" onClick={ask} className="rounded p-2 hover:bg-shade" aria-label="Sign out" title="Sign out">
        <LogOut size={20} aria-hidden />
      </button>
      <Dialog open={left.length > 0} onClose={() => setLeft([])} className="relative z-50">
        <div className="fixed inset-0 bg-ink/40" aria-hidden />
        <div className="fixed inset-0 flex items-center justify-center p-4">
          <DialogPanel className="w-full max-w-sm rounded-lg border border-rule bg-sheet p-6">
            <DialogTitle className="text-lg">Not everything is saved</DialogTitle>
            <ul className="mt-2 list-disc pl-5">
              {left.map((what, i) => (
                <li key={i}>{what}</li>
              ))}
            </ul>
            <p className="mt-2">Signing out takes it off this device, and it is lost.</p>
            <div className="mt-4 flex flex-wrap gap-3">
              <button type="button" className={PRIMARY} onClick={() => setLeft([])}>
                Stay and save it
              </button>
              <button type="button" className={PLAIN} onClick={() => void leave()}>
                Sign out and lose it
              </button>
            </div>
          </DialogPanel>
        </div>
      </Dialog>
    </>
  );
}
