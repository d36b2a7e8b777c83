import { RoomBody, type Teacher } from '@lotus-steady/requests';
import { Body, Controller, HttpCode, Ip, Param, Post, Put, Sse, type MessageEvent } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { map, type Observable } from 'rxjs';
import { CurrentTeacher, OpenToAll } from '../auth/session.guard.js';
import { RoomService } from './room.service.js';

@ApiTags('room')
@Controller('api/room')
export class RoomController {
  constructor(private readonly rooms: RoomService) {}

  @Post()
  open(@CurrentTeacher() { id }: Teacher): { readonly code: string } {
    return { code: this.rooms.open(id) };
  }

  @Put(':code')
  @HttpCode(204)
  tell(@CurrentTeacher() { id }: Teacher, @Param('code') code: string, @Body() { shown }: RoomBody): void {
    this.rooms.tell(id, code, shown);
  }

  /** Whoever has the code sees what hangs on the wall: nobody's name, and no word about health. */
  @OpenToAll()
  @Sse(':code/events')
  follow(@Param('code') code: string, @Ip() address: string): Observable<MessageEvent> {
    return this.rooms.follow(code, address).pipe(map((shown) => ({ data: { shown } })));
  }
}
