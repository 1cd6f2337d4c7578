// What the user's project says of itself: the nearest package.json, from a folder upwards.
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { Misuse } from '../misuse.js';
import type { Setting } from './recipes.js';

/** The packages that a project names, whatever for. */
export interface Project {
  /** Its package.json; undefined where there is none up to the root of the file system. */
  file?: string;
  /** The folder of that; where there is none, the one that was asked for. */
  folder: string;
  packages: ReadonlySet<string>;
  /** The range of versions that it takes of a package, as it is written. */
  versions: ReadonlyMap<string, string>;
  /** What runs its tests. */
  runner?: Runner;
  /** It is written in TypeScript. */
  isTyped: boolean;
}

/** What runs tests. */
export type Runner = 'vitest' | 'jest';

const marks: Record<string, Setting> = {
  react: 'react',
  vue: 'vue',
  svelte: 'svelte',
  'solid-js': 'solid',
  '@angular/core': 'angular',
};

/** The folders from one upwards, to the root of the file system or of the repository. */
function* upwards(folder: string): Generator<string> {
  for (let at = resolve(folder); ; at = dirname(at)) {
    yield at;
    if (existsSync(join(at, '.git')) || dirname(at) === at) return;
  }
}

const configs = (runner: Runner): readonly string[] =>
  ['ts', 'mts', 'js', 'mjs', 'cjs', 'json'].map((end) => `${runner}.config.${end}`);

/** What runs the tests of a project: what its packages or its scripts name, or has a configuration there, or above it. */
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

/** Whether a project is written in TypeScript: by its packages and configuration, there or above it. */
function isTypedIn(folder: string): boolean {
  return [...upwards(folder)].some((at) => {
    const file = join(at, 'package.json');
    return (
      (existsSync(file) && manifestIn(file).versions.has('typescript')) ||
      ['tsconfig.json', 'tsconfig.base.json', 'tsconfig.app.json'].some((name) => existsSync(join(at, name)))
    );
  });
}

/** The project around `folder`, which need not exist yet. Throws a Misuse where its package.json cannot be read. */
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

/** What a package.json says: versions by package, and its scripts as one text. */
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

/** The oldest major version of each framework that recipes are written for. */
const oldest: Readonly<Record<string, number>> = {
  react: 18,
  vue: 3,
  svelte: 5,
  'solid-js': 1,
  '@angular/core': 21,
};

/** Says that a project's framework is too old for what is written for it; undefined where it will do, or is not known. */
export function tooOld(setting: Setting, { versions, file }: Project): string | undefined {
  const name = Object.keys(marks).find((each) => marks[each] === setting) ?? '';
  const said = versions.get(name) ?? '';
  const major = Number(/^[\^~>=v\s]*(\d+)/.exec(said)?.[1] ?? NaN);
  const wanted = oldest[name] ?? 0;
  return major < wanted ? `${file} names ${name} ${said}, but recipes need ${wanted} or newer.` : undefined;
}

/** Where components stand in a project by habit, the first that is there. */
const habits: Readonly<Partial<Record<Setting, readonly string[]>>> = {
  svelte: ['src/lib/components', 'src/components', 'src/lib'],
  angular: ['src/app/components', 'src/app'],
};
const anyHabits = ['src/components', 'app/components', 'components'];

/** The folder that components are written to where none is named. */
export function componentFolder(setting: Setting, { file, folder }: Project): string {
  // Whoever stands in a folder of the project means that.
  if (file === undefined || resolve('.') !== folder) return '.';
  return (habits[setting] ?? anyHabits).find((each) => existsSync(join(folder, each))) ?? '.';
}

/** The setting that a project is written in: that of its framework, plain HTML without one. Throws a Misuse where it has several. */
export function settingOf({ file, packages }: Project): Setting {
  const found = Object.entries(marks).filter(([name]) => packages.has(name));
  if (found.length > 1)
    throw new Misuse(
      `${file} names ${found.map(([name]) => name).join(' and ')}. Choose one: --for ${found[0]![1]}.`,
    );
  return found[0]?.[1] ?? 'html';
}
