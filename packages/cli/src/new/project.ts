// The facts about the user's project, from the nearest package.json in a folder or above it.
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { Misuse } from '../misuse.js';
import type { Setting } from './recipes.js';

/** All packages that a project depends on. */
export interface Project {
  /** Its package.json. Undefined if there is none up to the root of the file system. */
  file?: string;
  /** The folder of package.json or, without one, the given folder. */
  folder: string;
  packages: ReadonlySet<string>;
  /** Returns the version range of a package, as it is written. */
  versions: ReadonlyMap<string, string>;
  /** The test runner. */
  runner?: Runner;
  /** Whether it uses TypeScript. */
  isTyped: boolean;
}

/** A test runner. */
export type Runner = 'vitest' | 'jest';

const marks: Record<string, Setting> = {
  react: 'react',
  vue: 'vue',
  svelte: 'svelte',
  'solid-js': 'solid',
  '@angular/core': 'angular',
};

/** Returns the folders from one upwards, to the root of the file system or of the repository. */
function* upwards(folder: string): Generator<string> {
  for (let at = resolve(folder); ; at = dirname(at)) {
    yield at;
    if (existsSync(join(at, '.git')) || dirname(at) === at) return;
  }
}

const configs = (runner: Runner): readonly string[] =>
  ['ts', 'mts', 'js', 'mjs', 'cjs', 'json'].map((end) => `${runner}.config.${end}`);

/**
 * Returns the test runner of a project: one in its packages or scripts, or with a configuration there or
 * above.
 */
function runnerFor(folder: string): Runner | undefined {
  for (const at of upwards(folder)) {
    const file = join(at, 'package.json');
    const { versions, scripts } = existsSync(file) ? manifestIn(file) : { versions: new Map(), scripts: '' };
    const found = (['vitest', 'jest'] as const).find(
      (name) =>
        versions.has(name) ||
        new RegExp(`\\b${name}\\b`).test(scripts) ||
        configs(name).some((config) => existsSync(join(at, config))),
    );
    if (found) return found;
  }
  return undefined;
}

/** Returns whether a project uses TypeScript, by its packages and configuration, there or above. */
function isTypedIn(folder: string): boolean {
  return [...upwards(folder)].some((at) => {
    const file = join(at, 'package.json');
    return (
      (existsSync(file) && manifestIn(file).versions.has('typescript')) ||
      ['tsconfig.json', 'tsconfig.base.json', 'tsconfig.app.json'].some((name) => existsSync(join(at, name)))
    );
  });
}

/**
 * Returns the project around `folder`, which may not exist yet. Throws `Misuse` if its package.json cannot be
 * read.
 */
export function projectAround(folder: string): Project {
  for (let at = resolve(folder); ; at = dirname(at)) {
    const file = join(at, 'package.json');
    if (existsSync(file)) {
      const { versions } = manifestIn(file);
      const runner = runnerFor(at);
      return {
        file,
        folder: at,
        packages: new Set(versions.keys()),
        versions,
        ...(runner && { runner }),
        isTyped: isTypedIn(at),
      };
    }
    if (dirname(at) === at)
      return { folder: resolve(folder), packages: new Set(), versions: new Map(), isTyped: true };
  }
}

/** Reads a package.json: versions by package, and its scripts as one text. */
function manifestIn(file: string): { versions: Map<string, string>; scripts: string } {
  let said: unknown;
  try {
    said = JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    throw new Misuse(`${file} isn't valid JSON. Correct it, or use --for.`);
  }
  const kinds = said as Record<string, Record<string, string> | undefined>; // the fields of a package.json
  return {
    versions: new Map(
      ['peerDependencies', 'devDependencies', 'dependencies'].flatMap((kind) =>
        Object.entries(kinds[kind] ?? {}),
      ),
    ),
    scripts: Object.values(kinds['scripts'] ?? {}).join('\n'),
  };
}

/** The oldest supported major version of each framework. */
const oldest: Readonly<Record<string, number>> = {
  react: 18,
  vue: 3,
  svelte: 5,
  'solid-js': 1,
  '@angular/core': 21,
};

/** Returns a message if a project's framework is too old. Undefined if it is supported or unknown. */
export function tooOld(setting: Setting, { versions, file }: Project): string | undefined {
  const name = Object.keys(marks).find((each) => marks[each] === setting) ?? '';
  const said = versions.get(name) ?? '';
  const major = Number(/^[\^~>=v\s]*(\d+)/.exec(said)?.[1] ?? NaN);
  const wanted = oldest[name] ?? 0;
  return major < wanted ? `${file} names ${name} ${said}, but recipes need ${wanted} or newer.` : undefined;
}

/** The usual folders for components. The first one that exists is used. */
const habits: Readonly<Partial<Record<Setting, readonly string[]>>> = {
  svelte: ['src/lib/components', 'src/components', 'src/lib'],
  angular: ['src/app/components', 'src/app'],
};
const anyHabits = ['src/components', 'app/components', 'components'];

/** Returns the folder for components if none is named. */
export function componentFolder(setting: Setting, { file, folder }: Project): string {
  // If the command runs in a folder of the project, that folder is meant.
  if (file === undefined || resolve('.') !== folder) return '.';
  return (habits[setting] ?? anyHabits).find((each) => existsSync(join(folder, each))) ?? '.';
}

/** Returns the framework of a project, or plain HTML. Throws `Misuse` if it has several. */
export function settingOf({ file, packages }: Project): Setting {
  const found = Object.entries(marks).filter(([name]) => packages.has(name));
  if (found.length > 1)
    throw new Misuse(
      `${file} names ${found.map(([name]) => name).join(' and ')}. Choose one: --for ${found[0]![1]}.`,
    );
  return found[0]?.[1] ?? 'html';
}
