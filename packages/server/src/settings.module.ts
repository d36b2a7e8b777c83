import { Global, Module, type DynamicModule } from '@nestjs/common';
import { SETTINGS, type Settings } from './settings.js';

/** What the server was told at its start, for whoever asks. */
@Global()
@Module({})
export class SettingsModule {
  static with(settings: Settings): DynamicModule {
    return { module: SettingsModule, providers: [{ provide: SETTINGS, useValue: settings }], exports: [SETTINGS] };
  }
}
