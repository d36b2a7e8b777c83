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
      // A damaged table answers nothing, though the database does.
      for (const model of Object.values(this.database.models))
        await this.database.query(`SELECT 1 FROM ${model.tableName} LIMIT 1`, { type: QueryTypes.SELECT });
    } catch {
      throw new ServiceUnavailableException('The database does not answer, or a table of it is damaged');
    }
    return { ok: true, library: LIBRARY_VERSION };
  }
}
