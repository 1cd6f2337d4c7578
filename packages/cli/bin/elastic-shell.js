#!/usr/bin/env node
// Starts the command line.
import { main } from '../dist/main.js';

process.exitCode = await main(process.argv);
