#!/usr/bin/env node
import { run } from './run.js';

const { code, out, err } = run(process.argv.slice(2));
if (err !== '') process.stderr.write(`${err}\n`);
if (out !== '') process.stdout.write(`${out}\n`);
// Not process.exit: a long answer into a pipe has to be written first.
process.exitCode = code;
