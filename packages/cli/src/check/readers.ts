// The reader for each kind of file.
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { basename, dirname, extname, join } from 'node:path';
import { readHtml } from './html.js';
import { Refused } from './refused.js';
import type { ReadPage } from './source.js';

/** Reads the text of a file for the rules. Throws `Refused` if it cannot. */
type Reader = (file: string, text: string) => Promise<ReadPage[]>;

const script: Reader = async (file, text) => (await import('./templates/script.js')).readScript(file, text);

const html: Reader = async (file, text) => {
  if (!isAngular(file, text)) return [readHtml(text)];
  return [await (await import('./templates/angular.js')).readAngular(file, text)];
};

/** Each reader is loaded for the first file of its kind. */
const readers: Readonly<Record<string, Reader>> = {
  '.html': html,
  '.htm': html,
  '.xhtml': html,
  '.vue': async (file, text) => (await import('./templates/vue.js')).readVue(file, text),
  '.svelte': async (file, text) => (await import('./templates/svelte.js')).readSvelte(file, text),
  '.astro': async (file, text) => (await import('./templates/astro.js')).readAstro(file, text),
  '.jsx': script,
  '.tsx': script,
  '.js': script,
  '.mjs': script,
  '.ts': script,
  '.mts': script,
};

/** The extensions of files that may contain markup. */
export const endings: ReadonlySet<string> = new Set(Object.keys(readers));

/** The extensions of template languages that are not supported. */
const unreadLanguages =
  /\.(blade\.php|cshtml|ejs|erb|haml|hbs|handlebars|heex|jade|jinja2?|j2|jsp|latte|leex|liquid|marko|mdx|mustache|njk|nunjucks|phtml|pug|razor|riot|slim|twig|vto)$/i;

/** Returns whether a file contains a template in a language that is not supported. */
export const isUnreadLanguage = (name: string): boolean => unreadLanguages.test(name);

/** Scripts are read only if they contain markup. */
const sometimes = /\.m?[jt]s$/i;

/** Returns whether a file in a folder should be read, by its name alone. */
export const isCandidate = (name: string): boolean =>
  endings.has(extname(name).toLowerCase()) && !/\.(min|d)\.m?[jt]s$/i.test(name);

/** Returns whether it should be read, now that its text is known. */
export async function isWorth(name: string, text: string): Promise<boolean> {
  if (!sometimes.test(name)) return true;
  // The longest line that people write. Longer ones are generated.
  const isWritten = text.length < 2_000_000 && !/[^\n]{5000}/.test(text.slice(0, 20_000));
  return isWritten && (await import('./templates/worth.js')).worth.test(text);
}

const named = new Map<string, ReadonlySet<string>>();

/** The templates that components in a folder refer to with templateUrl. */
function templatesIn(folder: string): ReadonlySet<string> {
  const known = named.get(folder);
  if (known) return known;
  const found = new Set<string>();
  try {
    for (const name of readdirSync(folder))
      if (/\.ts$/.test(name) && !/\.d\.ts$/.test(name) && statSync(join(folder, name)).isFile())
        for (const [, url] of readFileSync(join(folder, name), 'utf8').matchAll(
          /templateUrl\s*:\s*['"`]([^'"`]+)/g,
        ))
          if (url) found.add(basename(url));
  } catch {
    // Standard input has no folder.
  }
  named.set(folder, found);
  return found;
}

/**
 * Returns whether an HTML file is an Angular template, by its name or because a component next to it refers
 * to it.
 */
function isAngular(file: string, text: string): boolean {
  if (/<!doctype|<html[\s>]/i.test(text.slice(0, 2000))) return false;
  return (
    /\.component\.html$/i.test(file) ||
    (file.endsWith('.html') && templatesIn(dirname(file)).has(basename(file)))
  );
}

/** Reads a text by the extension of its name. A text without a name is HTML. */
export const read: Reader = async (file, text) => {
  if (isUnreadLanguage(file))
    throw new Refused(`check doesn't read ${extname(file).toLowerCase()} templates; it was skipped`);
  return (readers[extname(file).toLowerCase()] ?? html)(file, text);
};
