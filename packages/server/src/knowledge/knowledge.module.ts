import { Module } from '@nestjs/common';
import { KnowledgeController } from './knowledge.controller.js';

@Module({ controllers: [KnowledgeController] })
export class KnowledgeModule {}
