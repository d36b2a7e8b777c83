import { Module, type DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD } from '@nestjs/core';
import { SequelizeModule } from '@nestjs/sequelize';
import { ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { LoggerModule } from 'nestjs-pino';
import { AuditRow } from './audit/audit.row.js';
import { AuthModule } from './auth/auth.module.js';
import { SessionRow } from './auth/session.row.js';
import { SignInFailureRow } from './auth/sign-in-failure.row.js';
import { TeacherRow } from './auth/teacher.row.js';
import { ClassPersonRow, ClassRow } from './classes/class.row.js';
import { ClassesModule } from './classes/classes.module.js';
import { DemoModule } from './demo/demo.module.js';
import { ProblemsFilter } from './guards/problems.filter.js';
import { HealthModule } from './health/health.module.js';
import { KnowledgeModule } from './knowledge/knowledge.module.js';
import { LogPersonRow, LogRow } from './logs/log.row.js';
import { LogsModule } from './logs/logs.module.js';
import { PeopleModule } from './people/people.module.js';
import { PersonRow } from './people/person.row.js';
import { ReadingRow } from './people/reading.row.js';
import { PlanRow } from './plans/plan.row.js';
import { PlansModule } from './plans/plans.module.js';
import { SequenceRow } from './sequences/sequence.row.js';
import { SequenceVersionRow } from './sequences/sequence-version.row.js';
import { SequencesModule } from './sequences/sequences.module.js';
import { StudioModule } from './studio/studio.module.js';
import { RoomModule } from './room/room.module.js';
import { TrainingModule } from './training/training.module.js';
import { CaseRow } from './training/case.row.js';
import { TrainingRow } from './training/training.row.js';
import { WordRow } from './words/word.row.js';
import { WorkModule } from './work/work.module.js';
import { WordsModule } from './words/words.module.js';
import { SettingsModule } from './settings.module.js';
import type { Settings } from './settings.js';

@Module({})
export class AppModule {
  static with(settings: Settings): DynamicModule {
    const { database, log } = settings;
    return {
      module: AppModule,
      imports: [
        SequelizeModule.forRoot({
          dialect: 'mariadb',
          host: database.host,
          port: database.port,
          username: database.user.name,
          password: database.user.password,
          database: database.name,
          models: [
            TeacherRow,
            SessionRow,
            SignInFailureRow,
            PersonRow,
            ReadingRow,
            SequenceRow,
            SequenceVersionRow,
            PlanRow,
            ClassRow,
            ClassPersonRow,
            LogRow,
            LogPersonRow,
            AuditRow,
            WordRow,
            CaseRow,
            TrainingRow,
          ],
          // Tables come from migrations alone.
          synchronize: false,
          autoLoadModels: false,
          logging: false,
          define: { charset: 'utf8mb4' },
          pool: { max: 10 },
          retryAttempts: 3,
        }),
        // Method, path and status only: bodies and queries may hold health data.
        LoggerModule.forRoot({
          pinoHttp: {
            level: log ? 'info' : 'silent',
            serializers: {
              req: ({ method, url }: { method: string; url: string }) => ({ method, path: url.split('?')[0] }),
              res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
            },
          },
        }),
        ThrottlerModule.forRoot([{ ttl: 60_000, limit: 1200 }]),
        SettingsModule.with(settings),
        WorkModule,
        AuthModule,
        StudioModule,
        WordsModule,
        TrainingModule,
        RoomModule,
        PeopleModule,
        SequencesModule,
        PlansModule,
        ClassesModule,
        LogsModule,
        KnowledgeModule,
        HealthModule,
        DemoModule,
      ],
      providers: [
        { provide: APP_GUARD, useClass: ThrottlerGuard },
        { provide: APP_FILTER, useClass: ProblemsFilter },
      ],
    };
  }
}
