import { LIBRARY_VERSION } from '@lotus-steady/core';
import { Controller, Get, ServiceUnavailableException } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { ApiTags } from '@nestjs/swagger';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { OpenToAll } from '../auth/session.guard.js';

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(@InjectConnection() private readonly database: Sequelize) {}

  /** 200 when this process can answer, the database included; 503 when not. */
  @Get()
  @OpenToAll()
  async health() {
    try {
      await this.database.query('SELECT 1', { type: QueryTypes.SELECT });
    } catch {
      throw new ServiceUnavailableException('The database does not answer');
    }
    return { ok: true, library: LIBRARY_VERSION };
  }
}
