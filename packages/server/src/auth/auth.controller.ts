import { Body, Controller, Delete, Get, HttpCode, Inject, Post, Put, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Throttle } from '@nestjs/throttler';
import type { Request, Response } from 'express';
import { FirstTeacherBody, NameBody, PasswordBody, SignInBody } from '@lotus-steady/requests';
import { SETTINGS, type Settings } from '../settings.js';
import { AuthService } from './auth.service.js';
import type { Teacher } from '@lotus-steady/requests';
import { cookieName, CurrentTeacher, OpenToAll, tokenOf } from './session.guard.js';

/** Tries a minute from one address, whatever the names; those for one name are counted by the service. */
const FEW = { default: { limit: 60, ttl: 60_000 } };

@ApiTags('signing in')
@Controller('api')
export class AuthController {
  constructor(
    private readonly auth: AuthService,
    @Inject(SETTINGS) private readonly settings: Settings,
  ) {}

  @Get('state')
  @OpenToAll()
  state() {
    return this.auth.state();
  }

  @Get('session')
  who(@CurrentTeacher() teacher: Teacher) {
    return teacher;
  }

  @Post('session')
  @HttpCode(200)
  @OpenToAll()
  @Throttle(FEW)
  async signIn(@Body() { name, password }: SignInBody, @Res({ passthrough: true }) response: Response) {
    return this.enter(await this.auth.check(name, password), response);
  }

  @Post('session/demo')
  @HttpCode(200)
  @OpenToAll()
  async demo(@Res({ passthrough: true }) response: Response) {
    return this.enter(await this.auth.demoTeacher(), response);
  }

  @Post('teachers')
  @OpenToAll()
  @Throttle(FEW)
  async first(@Body() body: FirstTeacherBody, @Res({ passthrough: true }) response: Response) {
    return this.enter(await this.auth.createFirst(body), response);
  }

  @Delete('session')
  @HttpCode(204)
  @OpenToAll()
  async signOut(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    const token = tokenOf(request, this.settings);
    if (token !== null) await this.auth.close(token);
    response.clearCookie(cookieName(this.settings), { path: '/' });
    // Whatever of it the browser kept goes too: the next one at this device may be someone else.
    response.set('Clear-Site-Data', '"cache"');
  }

  @Put('session/password')
  @HttpCode(204)
  @Throttle(FEW)
  async password(@CurrentTeacher() teacher: Teacher, @Body() body: PasswordBody, @Req() request: Request): Promise<void> {
    await this.auth.changePassword(teacher, body, tokenOf(request, this.settings));
  }

  @Put('session/name')
  rename(@CurrentTeacher() teacher: Teacher, @Body() { name }: NameBody): Promise<Teacher> {
    return this.auth.rename(teacher, name);
  }

  private async enter(teacher: Teacher, response: Response): Promise<Teacher> {
    const { token, expiresAt } = await this.auth.open(teacher);
    response.cookie(cookieName(this.settings), token, {
      httpOnly: true,
      sameSite: 'strict',
      secure: this.settings.https,
      expires: expiresAt,
      path: '/',
    });
    return teacher;
  }
}
