import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { registerSW } from 'virtual:pwa-register';
import { useReached } from '../api/reach.js';
import { isKept } from '../api/kept-answers.js';
import { draftKeys, WAITING_ANSWERS } from '../drafts/drafts.js';
import { t } from '../words/t.js';

/** Asks again as soon as the network is back. */
function useAskAgain() {
  const queries = useQueryClient();
  useEffect(() => {
    const again = () => void queries.invalidateQueries({ predicate: isKept });
    window.addEventListener('online', again);
    return () => window.removeEventListener('online', again);
  }, [queries]);
}

/** What was answered while the server was away is sent, also after a reload. */
function useSendWaiting() {
  const queries = useQueryClient();
  useEffect(() => {
    const send = () => {
      if (draftKeys().includes(WAITING_ANSWERS))
        void import('../drafts/waiting-answers.js').then(({ sendAnswers }) => sendAnswers(queries));
    };
    send();
    window.addEventListener('online', send);
    return () => window.removeEventListener('online', send);
  }, [queries]);
}

/** Says that the server is away, and that a new version of the application waits. Neither stops anybody. */
export function Connection() {
  const isReached = useReached();
  const [update, setUpdate] = useState<(() => void) | null>(null);
  useAskAgain();
  useSendWaiting();
  useEffect(() => {
    const use = registerSW({ onNeedRefresh: () => setUpdate(() => () => void use(true)) });
  }, []);
  return (
    <div role="status">
      {!isReached && (
        <p className="bg-shade px-3 py-1 text-center text-sm">
          {t('No connection. You see what this device kept; what you write stays here and is sent when the connection is back.')}
        </p>
      )}
      {update && (
        <p className="bg-shade px-3 py-1 text-center text-sm">
          {t('A new version is here. ')}
          <button type="button" className="underline" onClick={update}>
            {t('Use it now')}
          </button>
        </p>
      )}
    </div>
  );
}
