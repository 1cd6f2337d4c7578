// The version of this program, from its package.json.
import { readFileSync } from 'node:fs';

const { version: own }: { version: string } = JSON.parse(
  readFileSync(new URL('../package.json', import.meta.url), 'utf8'),
);

/** The published version: `1.2.3`. */
export const version: string = own;
