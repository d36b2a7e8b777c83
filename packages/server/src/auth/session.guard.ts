import {
  createParamDecorator,
  Injectable,
  SetMetadata,
  UnauthorizedException,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Request } from 'express';
import { AuthService } from './auth.service.js';
import type { Teacher } from '@lotus-steady/requests';

export const SESSION_COOKIE = 'lotus_session';
const OPEN = 'open-to-all';
/** Marks the few requests that need no signing in. */
export const OpenToAll = () => SetMetadata(OPEN, true);

export type SignedInRequest = Request & { teacher?: Teacher };

export function tokenOf(request: Request): string | null {
  const cookies = request.cookies as Readonly<Record<string, unknown>> | undefined;
  const token = cookies?.[SESSION_COOKIE];
  return typeof token === 'string' && token !== '' ? token : null;
}

/** Everything is closed unless it says otherwise. */
@Injectable()
export class SessionGuard implements CanActivate {
  constructor(
    private readonly auth: AuthService,
    private readonly reflector: Reflector,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const open = this.reflector.getAllAndOverride<boolean | undefined>(OPEN, [context.getHandler(), context.getClass()]);
    const request = context.switchToHttp().getRequest<SignedInRequest>();
    const token = tokenOf(request);
    const teacher = token === null ? null : await this.auth.byToken(token);
    if (teacher) request.teacher = teacher;
    if (!teacher && !open) throw new UnauthorizedException('Sign in first');
    return true;
  }
}

/** The teacher who is signed in. */
export const CurrentTeacher = createParamDecorator((_data: unknown, context: ExecutionContext): Teacher => {
  const { teacher } = context.switchToHttp().getRequest<SignedInRequest>();
  if (!teacher) throw new UnauthorizedException('Sign in first');
  return teacher;
});
