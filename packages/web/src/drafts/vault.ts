/**
 * A key that never leaves this browser and can't be read out: what is kept under it is lost with it. One for each
 * account, in IndexedDB; forgotten at sign-out, so that what is left of its drafts can't be opened by anybody.
 */
const DATABASE = 'lotus-keys';
const STORE = 'keys';
const ALGORITHM = { name: 'AES-GCM', length: 256 } as const;
const IV_BYTES = 12;

function open(): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const asked = indexedDB.open(DATABASE, 1);
    asked.onupgradeneeded = () => asked.result.createObjectStore(STORE);
    asked.onsuccess = () => resolve(asked.result);
    asked.onerror = () => reject(new Error('the browser keeps no key', { cause: asked.error }));
  });
}

function settled<T>(asked: IDBRequest<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    asked.onsuccess = () => resolve(asked.result);
    asked.onerror = () => reject(new Error('the browser keeps no key', { cause: asked.error }));
  });
}

async function withKeys<T>(mode: IDBTransactionMode, work: (keys: IDBObjectStore) => IDBRequest<T>): Promise<T> {
  const database = await open();
  try {
    return await settled(work(database.transaction(STORE, mode).objectStore(STORE)));
  } finally {
    database.close();
  }
}

export interface Vault {
  readonly seal: (text: string) => Promise<string>;
  /** `null` for what this key doesn't open. */
  readonly unseal: (sealed: string) => Promise<string | null>;
}

function toText(bytes: Uint8Array): string {
  return btoa(String.fromCharCode(...bytes));
}
function toBytes(text: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(text), (one) => one.charCodeAt(0));
}

function vaultOf(key: CryptoKey): Vault {
  return {
    seal: async (text) => {
      const iv = crypto.getRandomValues(new Uint8Array(IV_BYTES));
      const sealed = new Uint8Array(await crypto.subtle.encrypt({ name: ALGORITHM.name, iv }, key, new TextEncoder().encode(text)));
      // In parts: so many arguments at once are refused.
      const parts: string[] = [];
      for (let i = 0; i < sealed.length; i += 8190) parts.push(toText(sealed.subarray(i, i + 8190)));
      return [toText(iv), ...parts].join('.');
    },
    unseal: async (sealed) => {
      try {
        const [iv = new Uint8Array(), ...parts] = sealed.split('.').map(toBytes);
        const whole = new Uint8Array(parts.flatMap((part) => [...part]));
        return new TextDecoder().decode(await crypto.subtle.decrypt({ name: ALGORITHM.name, iv }, key, whole));
      } catch {
        return null;
      }
    },
  };
}

/** The account's vault; `null` where the browser has none to offer, as on a page without TLS. */
export async function openVault(account: string): Promise<Vault | null> {
  if (typeof indexedDB === 'undefined' || globalThis.crypto?.subtle === undefined) return null;
  try {
    const known = (await withKeys('readonly', (keys) => keys.get(account))) as CryptoKey | undefined;
    if (known) return vaultOf(known);
    const key = await crypto.subtle.generateKey(ALGORITHM, false, ['encrypt', 'decrypt']);
    await withKeys('readwrite', (keys) => keys.put(key, account));
    return vaultOf(key);
  } catch {
    return null;
  }
}

export async function forgetKeys(): Promise<void> {
  if (typeof indexedDB === 'undefined') return;
  await withKeys('readwrite', (keys) => keys.clear()).catch(() => undefined);
}
