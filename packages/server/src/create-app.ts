import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import { LIBRARY_VERSION } from '@lotus-steady/core';
import compression from 'compression';
import cookieParser from 'cookie-parser';
import type { NextFunction, Request, Response } from 'express';
import express from 'express';
import expressStaticGzip, { type ExpressStaticGzipOptions } from 'express-static-gzip';
import helmet from 'helmet';
import { Logger } from 'nestjs-pino';
import { AuthService } from './auth/auth.service.js';
import { tokenOf } from './auth/session.guard.js';
import { onlyWholeText, refuseDeep, tellUnread } from './guards/plain-json.js';
import { notKept, onlyOwnPages } from './guards/same-origin.js';
import { AppModule } from './app.module.js';
import { prepareDatabase } from './database/prepare.js';
import { DemoService } from './demo/demo.service.js';
import { problemsOf, unusable } from './problems/unusable.js';
import type { Settings } from './settings.js';

/** The whole application on a migrated database, ready to listen. */
export async function createApp(settings: Settings): Promise<NestExpressApplication> {
  await prepareDatabase(settings.database);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(settings), {
    bufferLogs: true,
    abortOnError: false,
    bodyParser: false,
  });
  app.useLogger(app.get(Logger));
  app.flushLogs();
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'default-src': ["'self'"],
          'style-src': ["'self'"],
          'img-src': ["'self'", 'data:'],
          'worker-src': ["'self'", 'blob:'],
          'upgrade-insecure-requests': null,
        },
      },
      // Without a proxy that speaks TLS the address is plain http on this machine or in this house.
      strictTransportSecurity: settings.https && { maxAge: 365 * 24 * 3600 },
    }),
  );
  if (settings.https) app.set('trust proxy', 1);
  app.use('/api', notKept, compression(), onlyOwnPages);
  app.use(cookieParser());
  app.use(express.json({ limit: '1mb', verify: refuseDeep }));
  app.use(tellUnread);
  app.use(onlyWholeText);
  app.useGlobalPipes(
    new ValidationPipe({
      transform: true,
      whitelist: true,
      forbidNonWhitelisted: true,
      exceptionFactory: (errors) => unusable(problemsOf(errors)),
    }),
  );
  app.enableShutdownHooks();

  const document = new DocumentBuilder()
    .setTitle('Lotus Steady')
    .setDescription('Sequences adapted to people')
    .setVersion(LIBRARY_VERSION)
    .build();
  // What the API takes is told to those who may use it.
  const auth = app.get(AuthService);
  app.use(['/api/docs', '/api/docs-json', '/api/docs-yaml'], (request: Request, response: Response, next: NextFunction) => {
    const token = tokenOf(request, settings);
    void (token === null ? Promise.resolve(null) : auth.byToken(token)).then((teacher) => {
      if (teacher) return next();
      response.status(401).json({ statusCode: 401, message: 'Sign in first' });
    }, next);
  });
  SwaggerModule.setup('api/docs', app, () => SwaggerModule.createDocument(app, document));

  if (settings.demo) await app.get(DemoService).loadOnce();
  if (settings.web !== null) serveWeb(app, settings.web);
  return app;
}

/** The built front; every path that is no file and no request to the API gets its one page. */
function serveWeb(app: NestExpressApplication, folder: string): void {
  const page = join(folder, 'index.html');
  if (!existsSync(page)) throw new Error(`${page} is missing; build first: npm run build`);
  // Built files carry a hash in their name and never change; the page itself is asked for anew.
  const compressed = { enableBrotli: true, orderPreference: ['br', 'gz'], index: false } satisfies ExpressStaticGzipOptions;
  app.use(
    '/assets',
    expressStaticGzip(join(folder, 'assets'), { ...compressed, serveStatic: { immutable: true, maxAge: '365d', fallthrough: false } }),
  );
  app.use(expressStaticGzip(folder, compressed));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api')) return next();
    response.set('Cache-Control', 'no-cache').sendFile(page);
  });
}
