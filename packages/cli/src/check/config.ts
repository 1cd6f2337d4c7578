// The configuration of `check`: which rules, which severity, which files, what counts as ours.
//
// It stands in a file named elastic-shell.check.json, in the folder where `check` is run or in one above it; paths in it are taken
// from its own folder.
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { nearest } from 'elastic-shell/core';
import { allRules, patternNames, type Severity } from 'elastic-shell/rules';
import { Misuse } from '../misuse.js';

/** The name of the file. */
export const configName = 'elastic-shell.check.json';

/** What the file says. */
export interface Config {
  /** The folder that paths are taken from. */
  folder: string;
  /** Files and folders to check, where none is named. Default: none. */
  paths: readonly string[];
  /** Patterns of files to pass over, as `vendor/**`. Default: none. */
  except: readonly string[];
  /** By code: another severity, or off. Default: as each rule says. */
  rules: ReadonlyMap<string, Severity | 'off'>;
  /** Elements and components that wire what is in them with this library: the pattern by the tag. Default: none. */
  elements: ReadonlyMap<string, string>;
  /** Attributes that say that an element is wired with this library: the pattern by the attribute. Default: none. */
  hooks: ReadonlyMap<string, string>;
  /** Modules that describe patterns of the project's own, by their absolute paths. Default: none. */
  patterns: readonly string[];
}

/** What holds where there is no file. */
const none = (folder: string): Config => ({
  folder,
  paths: [],
  except: [],
  rules: new Map(),
  elements: new Map(),
  hooks: new Map(),
  patterns: [],
});

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Reads one field, or says what is wrong with it. */
class Field {
  constructor(
    readonly file: string,
    readonly all: Record<string, unknown>,
  ) {}

  wrong(name: string, wish: string): never {
    throw new Misuse(`${this.file}: "${name}" must be ${wish}.`);
  }

  /** A list of texts. */
  list(name: string): readonly string[] {
    const value = this.all[name] ?? [];
    if (!Array.isArray(value)) return this.wrong(name, 'an array of texts');
    return value.map((each: unknown) =>
      typeof each === 'string' ? each : this.wrong(name, 'an array of texts'),
    );
  }

  /** Words by name, of which each is one of `words`, and each name one of `names` where they are given. */
  map<T extends string>(
    name: string,
    words: readonly T[],
    names?: readonly string[],
  ): ReadonlyMap<string, T> {
    const value = this.all[name] ?? {};
    if (!isRecord(value)) return this.wrong(name, 'an object');
    return new Map(
      Object.entries(value).map(([key, said]) => {
        const word = words.find((each) => each === said);
        if (word === undefined) return this.wrong(`${name}.${key}`, `one of ${words.join(', ')}`);
        if (names && !names.includes(key)) {
          const near = nearest(key, names);
          throw new Misuse(
            `${this.file}: the rule "${key}" doesn't exist.${near ? ` Did you mean "${near}"?` : ''} The site lists all rules under Diagnostics.`,
          );
        }
        return [key, word] as const;
      }),
    );
  }
}

const fields = ['paths', 'except', 'rules', 'elements', 'hooks', 'patterns'];

/** Imports modules that describe patterns of the project's own. Throws an error that names the one that fails. */
export async function loadPatterns(modules: readonly string[]): Promise<void> {
  for (const module of modules)
    try {
      await import(pathToFileURL(module).href);
    } catch (error) {
      throw new Misuse(
        `${module} could not be loaded: ${error instanceof Error ? error.message : String(error)}.`,
      );
    }
}

/** The modules that a configuration names under "patterns", once they are loaded. */
async function patternsOf(field: Field, folder: string): Promise<readonly string[]> {
  const modules = field.list('patterns').map((path) => resolve(folder, path));
  const missing = modules.find((module) => !existsSync(module));
  if (missing !== undefined)
    throw new Misuse(`${field.file}: patterns names ${missing}, which doesn't exist.`);
  try {
    await loadPatterns(modules);
  } catch (error) {
    throw new Misuse(`${field.file}: ${error instanceof Error ? error.message : String(error)}`);
  }
  return modules;
}

/** Reads a configuration. Throws `Misuse` with the file, the field and what it should be. */
async function readConfig(file: string): Promise<Config> {
  let said: unknown;
  try {
    said = JSON.parse(readFileSync(file, 'utf8'));
  } catch (error) {
    throw new Misuse(`${file}: ${error instanceof Error ? error.message : String(error)}.`);
  }
  if (!isRecord(said)) throw new Misuse(`${file} must contain one object.`);
  const other = Object.keys(said).find((name) => !fields.includes(name));
  if (other !== undefined)
    throw new Misuse(`${file}: the field "${other}" is unknown. The fields are ${fields.join(', ')}.`);
  const field = new Field(file, said);
  // First, since rules and patterns are known by name from then on.
  const patterns = await patternsOf(field, dirname(file));
  return {
    folder: dirname(file),
    paths: field.list('paths'),
    except: field.list('except'),
    rules: field.map(
      'rules',
      ['error', 'warning', 'off'],
      allRules().map(({ code }) => code),
    ),
    elements: field.map('elements', patternNames()),
    hooks: field.map('hooks', patternNames()),
    patterns,
  };
}

/** The configuration at `path`, or the nearest one from `folder` upwards; where there is none, nothing is configured. */
export async function configFor(path: string | undefined, folder: string): Promise<Config> {
  if (path !== undefined) {
    if (!existsSync(path)) throw new Misuse(`${path}: no such file.`);
    return readConfig(resolve(path));
  }
  for (let at = resolve(folder); ; at = dirname(at)) {
    const file = join(at, configName);
    if (existsSync(file)) return readConfig(file);
    if (dirname(at) === at) return none(folder);
  }
}
