// What the user's project says of itself: the nearest package.json, from a folder upwards.
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { Misuse } from '../misuse.js';
import type { Setting } from './recipes.js';

/** The packages that a project names, whatever for. */
export interface Project {
  /** Its package.json; undefined where there is none up to the root of the file system. */
  file?: string;
  packages: ReadonlySet<string>;
  /** What runs its tests. */
  runner?: 'vitest' | 'jest';
  /** It is written in TypeScript. */
  isTyped: boolean;
}

const marks: Record<string, Setting> = {
  react: 'react',
  vue: 'vue',
  svelte: 'svelte',
  'solid-js': 'solid',
  '@angular/core': 'angular',
};

/** The project around `folder`, which need not exist yet. Throws a Misuse where its package.json cannot be read. */
export function projectAround(folder: string): Project {
  for (let at = resolve(folder); ; at = dirname(at)) {
    const file = join(at, 'package.json');
    if (existsSync(file)) {
      const packages = packagesIn(file);
      const runner = (['vitest', 'jest'] as const).find((name) => packages.has(name));
      const isTyped = packages.has('typescript') || existsSync(join(at, 'tsconfig.json'));
      return { file, packages, ...(runner && { runner }), isTyped };
    }
    if (dirname(at) === at) return { packages: new Set(), isTyped: false };
  }
}

function packagesIn(file: string): Set<string> {
  let said: unknown;
  try {
    said = JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    throw new Misuse(`${file} is no JSON. Mend it, or say --for.`);
  }
  const kinds = said as Record<string, Record<string, string> | undefined>;
  return new Set(
    ['dependencies', 'devDependencies', 'peerDependencies'].flatMap((kind) => Object.keys(kinds[kind] ?? {})),
  );
}

/** The setting that a project is written in: that of its framework, plain HTML without one. Throws a Misuse where it has several. */
export function settingOf({ file, packages }: Project): Setting {
  const found = Object.entries(marks).filter(([name]) => packages.has(name));
  if (found.length > 1)
    throw new Misuse(
      `${file} names ${found.map(([name]) => name).join(' and ')}. Say which one is meant: --for ${found[0]![1]}.`,
    );
  return found[0]?.[1] ?? 'html';
}
