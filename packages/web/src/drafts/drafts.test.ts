import 'fake-indexeddb/auto';
import {
  accountOf,
  dropAllDrafts,
  dropDraft,
  openDrafts,
  readDraft,
  replaceInDrafts,
  unsaved,
  writeDraft,
  writeDraftLater,
} from './drafts.js';

/** A device's storage: its keys can be listed, its methods can't. */
class Device {
  [key: string]: unknown;
}
Object.defineProperties(Device.prototype, {
  getItem: { value: getItem },
  setItem: { value: setItem, writable: true },
  removeItem: { value: removeItem },
});
function getItem(this: Device, key: string): unknown {
  return this[key] ?? null;
}
function setItem(this: Device, key: string, text: string): void {
  this[key] = text;
}
function removeItem(this: Device, key: string): void {
  delete this[key];
}

let device: Device;
const onDevice = () => Object.keys(device);
/** Until what was typed has been sealed. */
const settled = async (count: number) => {
  for (let i = 0; i < 200 && onDevice().length !== count; i++) await new Promise((resolve) => setTimeout(resolve, 5));
  expect(onDevice()).toHaveLength(count);
};
/** Another page of the same browser: nothing of the one before is in its memory. */
async function comeBackAs(account: string) {
  await openDrafts('nobody');
  await openDrafts(account);
}

beforeEach(async () => {
  device = new Device();
  Object.assign(globalThis, { localStorage: device });
  await dropAllDrafts();
  await openDrafts('own-1');
});

const typed = { version: 3, value: { notes: 'Dizzy after standing up' } };

test('what was typed is there after the page was closed, and can’t be read on the device', async () => {
  writeDraft('person.12', typed);
  await settled(1);
  expect(String(device[onDevice()[0]!])).not.toMatch(/Dizzy/);
  await comeBackAs('own-1');
  expect(readDraft('person.12')).toEqual(typed);
});

test('a long one comes back letter for letter, in any script', async () => {
  const value = 'Knie tut weh – колено – 膝盖 '.repeat(2_000);
  writeDraft('sequence.new', { version: null, value });
  await settled(1);
  await comeBackAs('own-1');
  expect(readDraft('sequence.new')!.value).toBe(value);
});

test('another account sees nothing of it and leaves it where it is', async () => {
  writeDraft('person.12', typed);
  await settled(1);
  await comeBackAs('own-2');
  expect(readDraft('person.12')).toBeNull();
  expect(unsaved()).toEqual([]);
  await comeBackAs('own-1');
  expect(readDraft('person.12')).toEqual(typed);
});

test('the demo’s first account is not the owner’s', () => {
  const of = (demo: boolean) => accountOf({ id: 1, demo } as Parameters<typeof accountOf>[0]);
  expect(of(true)).not.toBe(of(false));
});

test('with the key gone what was left can’t be opened by anybody, and is cleared away', async () => {
  writeDraft('person.12', typed);
  await settled(1);
  const left = { ...device };
  await dropAllDrafts();
  expect(onDevice()).toEqual([]);
  Object.assign(device, left);
  await openDrafts('own-1');
  expect(readDraft('person.12')).toBeNull();
  expect(onDevice()).toEqual([]);
});

test('something that isn’t a draft is cleared away', async () => {
  device['lotus.draft.own-1.person.9'] = 'cut o';
  await comeBackAs('own-1');
  expect(readDraft('person.9')).toBeNull();
  expect(onDevice()).toEqual([]);
});

test('what was saved leaves the device, also when it was just being written', async () => {
  writeDraft('person.12', typed);
  dropDraft('person.12');
  writeDraft('person.13', typed);
  await settled(1);
  expect(onDevice()[0]).toMatch(/person\.13$/);
});

test('what can wait is sealed once, as it was last', async () => {
  for (const value of ['a', 'ab', 'abc']) writeDraftLater('history.sequence.1', { version: null, value });
  expect(onDevice()).toEqual([]);
  await settled(1);
  await comeBackAs('own-1');
  expect(readDraft('history.sequence.1')!.value).toBe('abc');
});

test('a full device loses nothing while the page is open, keeps what comes after it, and lets somebody sign out', async () => {
  const full = jest.spyOn(Device.prototype as { setItem: typeof setItem }, 'setItem').mockImplementationOnce(() => {
    throw new Error('QuotaExceededError');
  });
  writeDraft('sequence.new', { version: null, value: 'too long' });
  writeDraft('person.12', typed);
  await settled(1);
  expect(full).toHaveBeenCalledTimes(2);
  expect(readDraft('sequence.new')!.value).toBe('too long');
  expect(onDevice()[0]).toMatch(/person\.12$/);
  await dropAllDrafts();
  expect(onDevice()).toEqual([]);
});

test('a guest’s number on this device is replaced by the one that the server gave, wherever it stands', async () => {
  writeDraft('log.here-1', { version: null, value: { person: 'here-1', pain: 4 } });
  writeDraft('log.7', { version: null, value: { person: '7' } });
  replaceInDrafts('here-1', '31');
  expect(readDraft('log.here-1')).toBeNull();
  expect(readDraft('log.31')!.value).toEqual({ person: '31', pain: 4 });
  expect(readDraft('log.7')!.value).toEqual({ person: '7' });
});

test('what isn’t saved is told in words; steps back are not', () => {
  writeDraft('person.new', typed);
  writeDraft('log.2026-12-01', typed);
  writeDraft('history.sequence.1', typed);
  expect(unsaved()).toEqual(['A person’s record that is new', 'How a class was']);
});
