import type { Part } from './src/types.js';

export function makeParts(count: number, seed?: number): Part[];
