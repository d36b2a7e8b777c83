import 'reflect-metadata';
import { fileURLToPath } from 'node:url';
import { createApp } from './create-app.js';
import { readSettings } from './settings.js';

const settings = readSettings(process.env, fileURLToPath(new URL('./work/jobs.js', import.meta.url)));
const app = await createApp(settings);
await app.listen(settings.port, settings.host);
const address = await app.getUrl();
// The start command waits for this line.
process.stdout.write(`lotus-steady ready ${address}\n`);
