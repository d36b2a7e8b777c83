import {
  createParamDecorator,
  Inject,
  Injectable,
  SetMetadata,
  UnauthorizedException,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Request } from 'express';
import { SETTINGS, type Settings } from '../settings.js';
import { AuthService } from './auth.service.js';
import type { Teacher } from '@lotus-steady/requests';

/** Cookies belong to a host, whatever the port: the demo beside an installation has one of its own. */
export function cookieName({ demo }: Settings): string {
  return demo ? 'lotus_demo_session' : 'lotus_session';
}
const OPEN = 'open-to-all';
/** Marks the few requests that need no signing in. */
export const OpenToAll = () => SetMetadata(OPEN, true);

export type SignedInRequest = Request & { teacher?: Teacher };

export function tokenOf(request: Request, settings: Settings): string | null {
  const cookies = request.cookies as Readonly<Record<string, unknown>> | undefined;
  const token = cookies?.[cookieName(settings)];
  return typeof token === 'string' && token !== '' ? token : null;
}

/** Everything is closed unless it says otherwise. */
@Injectable()
export class SessionGuard implements CanActivate {
  constructor(
    private readonly auth: AuthService,
    private readonly reflector: Reflector,
    @Inject(SETTINGS) private readonly settings: Settings,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const open = this.reflector.getAllAndOverride<boolean | undefined>(OPEN, [context.getHandler(), context.getClass()]);
    const request = context.switchToHttp().getRequest<SignedInRequest>();
    const token = tokenOf(request, this.settings);
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
