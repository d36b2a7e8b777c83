import 'reflect-metadata';
import type { Server } from 'node:http';
import { fileURLToPath } from 'node:url';
import { createApp } from './create-app.js';
import { readSettings } from './settings.js';

const GRACE_MS = 5_000;

const settings = readSettings(process.env, fileURLToPath(new URL('./work/jobs.js', import.meta.url)));
const app = await createApp(settings);
await app.listen(settings.port, settings.host);
const address = await app.getUrl();
// Whoever is still busy at the end gets a moment; then the house closes.
const server = app.getHttpServer() as Server;
for (const signal of ['SIGTERM', 'SIGINT'] as const)
  process.once(signal, () => {
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), GRACE_MS).unref();
    setTimeout(() => process.exit(0), 2 * GRACE_MS).unref();
  });
// The start command waits for this line.
process.stdout.write(`lotus-steady ready ${address}\n`);
