import { dropAllDrafts } from '../drafts/drafts.js';
import { core } from '../worker/core.js';
import { request } from './client.js';
import { dropKeptAnswers } from './kept-answers.js';

/** Says that somebody has left this device while the server was away, and that it doesn't know yet. */
const LEFT = 'lotus.left';
const PATIENCE_MS = 3000;

async function tellServer(): Promise<boolean> {
  const patience = new Promise<false>((resolve) => setTimeout(() => resolve(false), PATIENCE_MS));
  const told = request('DELETE', 'session').then(
    () => true,
    () => false,
  );
  return Promise.race([told, patience]);
}

/** Signs out: everything of the account leaves this device, also where the server can't be reached; it is told as soon as it can. */
export async function leave(): Promise<void> {
  // First of all: whatever happens next, nobody comes in with what is left here.
  localStorage.setItem(LEFT, '1');
  await dropAllDrafts();
  await dropKeptAnswers();
  await core.forget();
  if (await tellServer()) localStorage.removeItem(LEFT);
  // A page that is loaded anew holds nothing of those whom it showed.
  window.location.assign('/sign-in');
}

/** Whether whoever was here has left, though the session may still be open: the server is told now, if it can be. */
export async function hasLeft(): Promise<boolean> {
  if (localStorage.getItem(LEFT) === null) return false;
  if (await tellServer()) localStorage.removeItem(LEFT);
  return true;
}

/** Somebody signs in: what was left is past. */
export function hasCome(): void {
  localStorage.removeItem(LEFT);
}
