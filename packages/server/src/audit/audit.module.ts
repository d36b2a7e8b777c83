import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AuditRow } from './audit.row.js';
import { AuditService } from './audit.service.js';

@Module({ imports: [SequelizeModule.forFeature([AuditRow])], providers: [AuditService], exports: [AuditService] })
export class AuditModule {}
