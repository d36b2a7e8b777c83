import type { ShownBody } from '@lotus-steady/requests';
import { useCallback, useEffect, useState } from 'react';
import { ApiError, request } from '../../api/client.js';
import { useLatest } from '../../parts/use-latest.js';
import { core } from '../../worker/core.js';
import type { Pair } from '../../worker/figure-cache.js';
import type { Shown, Told } from './room-channel.js';

/** Between two of these times other devices count the seconds by themselves. */
const TELL_MS = 5000;
const TICK_MS = 1000;

/** A page that is loaded anew goes on under its code. */
const KEPT = 'lotus.room-code';

/** A code by which screens on other devices follow this class; `null` until one is asked for. */
export interface RoomCode {
  readonly code: string | null;
  readonly failed: boolean;
  readonly open: () => void;
  /** The server knows it no more: another one has to be asked for. */
  readonly lose: () => void;
}

export function useRoomCode(): RoomCode {
  const [code, setCode] = useState(() => sessionStorage.getItem(KEPT));
  const [failed, setFailed] = useState(false);
  const open = useCallback(() => {
    request<{ readonly code: string }>('POST', 'room').then(
      ({ code: given }) => {
        sessionStorage.setItem(KEPT, given);
        setCode(given);
        setFailed(false);
      },
      () => setFailed(true),
    );
  }, []);
  const lose = useCallback(() => {
    sessionStorage.removeItem(KEPT);
    setCode(null);
  }, []);
  return { code, failed, open, lose };
}

async function bodyOf({ picture, ...rest }: Told): Promise<ShownBody> {
  const drawing = await core.pair(picture).catch(() => null);
  return { ...rest, drawing: drawing && JSON.stringify(drawing) };
}

/** Tells the room's screens on other devices what the class does: at each change, and now and then in between. */
export function useToldElsewhere({ code, lose }: RoomCode, told: Told | null): void {
  const latest = useLatest(told);
  const change = told && JSON.stringify([told.name, told.side, told.picture, told.running, told.mirrored]);
  useEffect(() => {
    if (code === null) return;
    const tell = async () => {
      const shown = latest.current && (await bodyOf(latest.current));
      // What could not be told now is told with the next.
      await request('PUT', `room/${code}`, { shown }).catch(
        (error: unknown) => error instanceof ApiError && error.status === 404 && lose(),
      );
    };
    void tell();
    const timer = setInterval(() => void tell(), TELL_MS);
    return () => clearInterval(timer);
  }, [code, change, lose, latest]);
  useEffect(() => {
    if (code === null) return;
    return () => {
      sessionStorage.removeItem(KEPT);
      void request('PUT', `room/${code}`, { shown: null }).catch(() => undefined);
    };
  }, [code]);
}

export type Following = 'asking' | 'following' | 'no such room' | 'away';

/** What the teacher's device tells under a code, counted on by this device's own clock; `null` while nothing is taught. */
export function useRoomByCode(code: string | null): { readonly shown: Shown | null; readonly state: Following } {
  const [state, setState] = useState<Following>('asking');
  const [told, setTold] = useState<{ readonly shown: Shown; readonly at: number } | null>(null);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (code === null) return;
    const events = new EventSource(`/api/room/${encodeURIComponent(code)}/events`);
    events.onmessage = ({ data }: MessageEvent<string>) => {
      const { shown } = JSON.parse(data) as { readonly shown: ShownBody | null };
      setState('following');
      setNow(Date.now());
      setTold(
        shown && { shown: { ...shown, drawing: shown.drawing === null ? null : (JSON.parse(shown.drawing) as Pair) }, at: Date.now() },
      );
    };
    // The browser tries again by itself after a lost connection, and not after a refusal.
    events.onerror = () => setState(events.readyState === EventSource.CLOSED ? 'no such room' : 'away');
    return () => events.close();
  }, [code]);
  const runs = told?.shown.running === true;
  useEffect(() => {
    if (!runs) return;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [runs]);
  if (!told) return { shown: null, state };
  const gone = runs ? Math.floor((now - told.at) / 1000) : 0;
  const { left, elapsed } = told.shown;
  return { shown: { ...told.shown, left: Math.max(0, left - gone), elapsed: elapsed + Math.min(gone, left) }, state };
}
