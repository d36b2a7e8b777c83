import { randomInt } from 'node:crypto';
import type { ShownBody } from '@lotus-steady/requests';
import { HttpException, Injectable, NotFoundException, type OnModuleDestroy } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { BehaviorSubject, type Observable } from 'rxjs';

/** Letters and digits that are not taken for each other when read from afar. */
const SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const CODE_LENGTH = 6;
/** A room that nothing was told of for so long is closed. */
const OPEN_MS = 4 * 3600_000;
const MOST_ROOMS = 1000;
/** Codes that don't exist, of one address in so long: more are guesses. */
const GUESSES = { most: 20, ms: 10 * 60_000 } as const;

interface Room {
  readonly teacherId: number;
  readonly shown: BehaviorSubject<ShownBody | null>;
}

/** Rooms whose screens follow a class on other devices. They live as long as this process; nothing of them is kept. */
@Injectable()
export class RoomService implements OnModuleDestroy {
  private readonly rooms = new LRUCache<string, Room>({
    max: MOST_ROOMS,
    ttl: OPEN_MS,
    updateAgeOnGet: true,
    dispose: ({ shown }) => shown.complete(),
  });
  private readonly guesses = new LRUCache<string, { count: number }>({ max: 10_000, ttl: GUESSES.ms });

  /** Whoever follows would keep the server from ending. */
  onModuleDestroy(): void {
    this.rooms.clear();
  }

  /** A new code for a teacher's class; the one before holds no more. */
  open(teacherId: number): string {
    for (const [code, room] of this.rooms.entries()) if (room.teacherId === teacherId) this.rooms.delete(code);
    const code = Array.from({ length: CODE_LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join('');
    this.rooms.set(code, { teacherId, shown: new BehaviorSubject<ShownBody | null>(null) });
    return code;
  }

  /** @throws NotFoundException also for another teacher's room: that it exists is private. */
  tell(teacherId: number, code: string, shown: ShownBody | null): void {
    const room = this.rooms.get(code);
    if (room?.teacherId !== teacherId) throw new NotFoundException('No room has this code');
    room.shown.next(shown);
  }

  /**
   * What is shown in a room, from now on.
   * @throws NotFoundException for a code that no room has; HttpException 429 for whoever tries many.
   */
  follow(code: string, address: string): Observable<ShownBody | null> {
    const tried = this.guesses.get(address) ?? { count: 0 };
    if (tried.count >= GUESSES.most)
      throw new HttpException({ statusCode: 429, message: 'Too many codes that no room has; wait ten minutes' }, 429);
    const room = this.rooms.get(code.toUpperCase());
    if (room) return room.shown;
    this.guesses.set(address, { count: tried.count + 1 });
    throw new NotFoundException('No room has this code');
  }
}
