import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { SequelizeModule } from '@nestjs/sequelize';
import { AuthController } from './auth.controller.js';
import { AuthService } from './auth.service.js';
import { SessionGuard } from './session.guard.js';
import { AuditModule } from '../audit/audit.module.js';
import { SessionRow } from './session.row.js';
import { SignInFailureRow } from './sign-in-failure.row.js';
import { TeacherRow } from './teacher.row.js';

@Module({
  imports: [SequelizeModule.forFeature([TeacherRow, SessionRow, SignInFailureRow]), AuditModule],
  controllers: [AuthController],
  providers: [AuthService, { provide: APP_GUARD, useClass: SessionGuard }],
  exports: [AuthService],
})
export class AuthModule {}
