import { Global, Module } from '@nestjs/common';
import { WorkService } from './work.service.js';

/** Work that takes long, for whoever has some. */
@Global()
@Module({ providers: [WorkService], exports: [WorkService] })
export class WorkModule {}
