import type { StoredSequence } from '@lotus-steady/requests';
import { request } from '../api/client.js';
import { useSaved } from './use-saved.js';

/** A sequence's text while it is edited, wherever that is: kept on this device until it is saved. */
export function useSequenceText(stored: StoredSequence | null, onSaved?: (saved: StoredSequence) => void) {
  return useSaved<string, StoredSequence>({
    key: `sequence.${stored?.id ?? 'new'}`,
    version: stored?.version ?? null,
    value: stored?.text ?? '',
    send: (text, version) =>
      stored === null ? request('POST', 'sequences', { text }) : request('PUT', `sequences/${stored.id}`, { text, version }),
    read: ({ text }) => text,
    invalidate: [['sequences']],
    ...(onSaved && { onSaved }),
  });
}
