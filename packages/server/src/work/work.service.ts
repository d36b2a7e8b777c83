import { availableParallelism } from 'node:os';
import { HttpException, Inject, Injectable, Logger, ServiceUnavailableException, type OnModuleDestroy } from '@nestjs/common';
import { Piscina } from 'piscina';
import { SETTINGS, type Settings } from '../settings.js';
import type { cues, home, homePdf, lessonPdf, measure, plan, readText, summarise } from './jobs.js';

interface Jobs {
  readonly plan: typeof plan;
  readonly cues: typeof cues;
  readonly home: typeof home;
  readonly homePdf: typeof homePdf;
  readonly lessonPdf: typeof lessonPdf;
  readonly readText: typeof readText;
  readonly summarise: typeof summarise;
  readonly measure: typeof measure;
}

/** The processor is left to the requests of everybody else. */
const MOST_THREADS = Math.max(1, Math.min(4, availableParallelism() - 1));
/** So many jobs of one teacher at a time, waiting ones included. */
const MOST_OF_ONE = 8;
const MOST_WAITING = 64;
/** What takes longer is given up: nobody waits for it any more. */
const BUDGET_MS = {
  plan: 60_000,
  cues: 60_000,
  home: 60_000,
  homePdf: 60_000,
  lessonPdf: 30_000,
  readText: 15_000,
  summarise: 30_000,
  measure: 15_000,
} as const;

/** Whatever takes long is worked out beside the server, which answers others meanwhile. */
@Injectable()
export class WorkService implements OnModuleDestroy {
  private readonly pool: Piscina;
  private readonly running = new Map<number, number>();

  constructor(@Inject(SETTINGS) settings: Settings) {
    this.pool = new Piscina({
      filename: settings.worker,
      minThreads: 1,
      maxThreads: MOST_THREADS,
      maxQueue: MOST_WAITING,
      idleTimeout: 60_000,
    });
  }

  async onModuleDestroy(): Promise<void> {
    await this.pool.destroy();
  }

  /**
   * @throws HttpException 429 where this teacher, or everybody, asks for too much at a time; ServiceUnavailableException
   * where it takes longer than is good for anybody.
   */
  async run<Name extends keyof Jobs>(
    name: Name,
    job: Parameters<Jobs[Name]>[0],
    teacherId: number,
  ): Promise<Awaited<ReturnType<Jobs[Name]>>> {
    const own = this.running.get(teacherId) ?? 0;
    if (own >= MOST_OF_ONE || this.pool.queueSize >= MOST_WAITING) throw tooMuch();
    this.running.set(teacherId, own + 1);
    const budget = AbortSignal.timeout(BUDGET_MS[name]);
    try {
      return (await this.pool.run(job, { name, signal: budget })) as Awaited<ReturnType<Jobs[Name]>>;
    } catch (error) {
      if (!budget.aborted) throw error;
      new Logger('work').warn(`${name} was given up after ${BUDGET_MS[name] / 1000} s`);
      throw new ServiceUnavailableException('This takes longer than the server may; try it with fewer people or lines');
    } finally {
      const left = (this.running.get(teacherId) ?? 1) - 1;
      if (left > 0) this.running.set(teacherId, left);
      else this.running.delete(teacherId);
    }
  }
}

function tooMuch(): HttpException {
  return new HttpException({ statusCode: 429, message: 'The server is still at what was asked before; try again in a moment' }, 429);
}
