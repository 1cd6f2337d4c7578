// Finds the parser of a framework: in the project of the file, or else next to this program.
import { existsSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { Refused } from '../refused.js';

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

const found = new Map<string, Promise<unknown>>();

/** Returns the path of a module from a folder. Undefined if it is not found. */
function resolvedFrom(folder: string, name: string): string | undefined {
  try {
    return pathToFileURL(createRequire(pathToFileURL(resolve(folder, 'here.js'))).resolve(name)).href;
  } catch {
    return undefined;
  }
}

/**
 * Returns the module `name` from the project of `file`. Throws `Refused` with what to do if it is not found.
 * `package` is what to install.
 */
export async function compilerFor(file: string, name: string, packageName: string): Promise<unknown> {
  const folder = existsSync(file) ? dirname(resolve(file)) : process.cwd();
  const own = resolvedFrom(folder, name);
  const key = own ?? name;
  const known = found.get(key) ?? import(key);
  found.set(key, known);
  try {
    const module = await known;
    // All exports of a CommonJS module are in its default export.
    return isRecord(module) && isRecord(module['default']) ? { ...module['default'], ...module } : module;
  } catch {
    throw new Refused(
      `it needs the parser of ${packageName}, which is not installed here; install ${packageName} in the project`,
    );
  }
}
