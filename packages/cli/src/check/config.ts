// The configuration of `check`: rules, severities, files, and elements that count as the library's. It is in
// a file named elastic-shell.check.json, in the folder where `check` runs or in one above it. Paths in it are
// relative to its own folder.
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { nearest } from 'elastic-shell/core';
import { allRules, patternNames, type Severity } from 'elastic-shell/rules';
import { Misuse } from '../misuse.js';

/** The name of the file. */
export const configName = 'elastic-shell.check.json';

/** The content of the file. */
export interface Config {
  /** The folder that paths are relative to. */
  folder: string;
  /** Files and folders to check if none is named. Default: none. */
  paths: readonly string[];
  /** Patterns of files to skip, such as `vendor/**`. Default: none. */
  except: readonly string[];
  /** Another severity for a rule, or `off`, by code. Default: that of the rule. */
  rules: ReadonlyMap<string, Severity | 'off'>;
  /** Elements and components whose content this library wires: the pattern by tag. Default: none. */
  elements: ReadonlyMap<string, string>;
  /** Attributes of elements that this library wires: the pattern by attribute. Default: none. */
  hooks: ReadonlyMap<string, string>;
  /** Modules that describe custom patterns, by absolute path. Default: none. */
  patterns: readonly string[];
}

/** The configuration without a file. */
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

/** Reads one field, or returns what is wrong with it. */
class Field {
  constructor(
    readonly file: string,
    readonly all: Record<string, unknown>,
  ) {}

  wrong(name: string, wish: string): never {
    throw new Misuse(`${this.file}: "${name}" must be ${wish}.`);
  }

  /** Reads a list of texts. */
  list(name: string): readonly string[] {
    const value = this.all[name] ?? [];
    if (!Array.isArray(value)) return this.wrong(name, 'an array of texts');
    return value.map((each: unknown) =>
      typeof each === 'string' ? each : this.wrong(name, 'an array of texts'),
    );
  }

  /** Reads words by name. Each must be one of `words`, and each name one of `names` if they are given. */
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

/** Imports modules that describe custom patterns. Throws an error with the name of the module that fails. */
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

/** Returns the modules under "patterns" in a configuration, once they are loaded. */
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
  // Read first, because it adds rules and patterns that other fields refer to by name.
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

/** Returns the configuration at `path`, or the nearest one from `folder` upwards, or an empty one. */
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
