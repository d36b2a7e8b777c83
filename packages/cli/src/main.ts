#!/usr/bin/env node
import { print } from './print.js';
import { runToEnd } from './run.js';

print(await runToEnd(process.argv.slice(2)));
