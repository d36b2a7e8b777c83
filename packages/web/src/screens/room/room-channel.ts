import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Pair } from '../../worker/figure-cache.js';
import { core } from '../../worker/core.js';

/** What everybody in the room may see: nobody's name, and no word about health. */
export interface Shown {
  readonly name: string;
  readonly side: 'left' | 'right' | null;
  readonly drawing: Pair | null;
  readonly left: number;
  readonly running: boolean;
  readonly elapsed: number;
  readonly breathSeconds: number;
  readonly mirrored: boolean;
}
export type Told = Omit<Shown, 'drawing'> & { readonly picture: string };

const CHANNEL = 'lotus.room';
const ASK = 'what is shown?';

/** Tells the room's screens, windows of the same browser, what the class does; a window that opens later asks. */
export function useShownInRoom(told: Told | null): void {
  const channel = useRef<BroadcastChannel | null>(null);
  const latest = useRef<Told | null>(null);
  const drawn = useRef<{ readonly key: string; readonly drawing: Promise<Pair | null> } | null>(null);
  const text = JSON.stringify(told);
  useEffect(() => {
    if (typeof BroadcastChannel === 'undefined') return;
    const own = new BroadcastChannel(CHANNEL);
    channel.current = own;
    own.onmessage = ({ data }) => data === ASK && void tell(own, latest.current, drawn);
    return () => {
      own.postMessage(null);
      own.close();
      channel.current = null;
    };
  }, []);
  useEffect(() => {
    latest.current = JSON.parse(text) as Told | null;
    if (channel.current) void tell(channel.current, latest.current, drawn);
  }, [text]);
}

/** The last picture that was drawn: it is told anew with every second. */
type Drawn = RefObject<{ readonly key: string; readonly drawing: Promise<Pair | null> } | null>;

async function tell(channel: BroadcastChannel, told: Told | null, drawn: Drawn): Promise<void> {
  if (told === null) return channel.postMessage(null);
  const { picture, ...rest } = told;
  if (drawn.current?.key !== picture) drawn.current = { key: picture, drawing: core.pair(picture).catch(() => null) };
  const drawing = await drawn.current.drawing;
  try {
    channel.postMessage({ ...rest, drawing } satisfies Shown);
  } catch {
    // Closed while the picture was drawn: nobody listens any more.
  }
}

/** What the teacher's window tells; `null` while none does. */
export function useRoom(): Shown | null {
  const [shown, setShown] = useState<Shown | null>(null);
  useEffect(() => {
    if (typeof BroadcastChannel === 'undefined') return;
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = ({ data }: MessageEvent<Shown | null | string>) => typeof data !== 'string' && setShown(data);
    channel.postMessage(ASK);
    return () => channel.close();
  }, []);
  return shown;
}
