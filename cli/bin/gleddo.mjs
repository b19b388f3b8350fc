#!/usr/bin/env node
// Runs the built command, building it first when the sources are newer.
import { build } from '../build.mjs';

const { main } = await import(await build());
process.exitCode = await main(process.argv.slice(2), process.stdout, process.stderr);
