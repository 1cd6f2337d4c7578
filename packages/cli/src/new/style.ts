// The code style of a project: quotes, semicolons and indentation, read from its own files.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { tokenizer } from './tokens.js';

/** The style of scripts. */
export interface Style {
  quote: "'" | '"';
  hasSemicolons: boolean;
  /** One step of indentation. */
  indent: string;
}

/** The style of recipes. */
export const ours: Style = { quote: "'", hasSemicolons: true, indent: '  ' };

/** Files that are read, and folders without files of the project. */
const source = /\.(jsx?|tsx?|mjs|mts|vue|svelte)$/;
const foreign = /^(node_modules|dist|build|out|coverage|public|\..*)$/;
const mostFiles = 40;

/** Returns some of the project's own scripts. */
function scriptsIn(folder: string): string[] {
  const found: string[] = [];
  const waiting = [folder];
  for (const at of waiting) {
    if (found.length >= mostFiles || waiting.length > 500) break;
    try {
      for (const entry of readdirSync(at, { withFileTypes: true }))
        if (entry.isDirectory() && !foreign.test(entry.name)) waiting.push(join(at, entry.name));
        else if (entry.isFile() && source.test(entry.name) && found.length < mostFiles)
          found.push(readFileSync(join(at, entry.name), 'utf8'));
    } catch {
      // A folder that cannot be read is skipped.
    }
  }
  return found;
}

/** Returns the more frequent of two. */
const more = (texts: readonly string[], one: RegExp, other: RegExp): number =>
  texts.reduce((sum, text) => sum + (text.match(one)?.length ?? 0) - (text.match(other)?.length ?? 0), 0);

/** Returns the style of the project in a folder, or that of the recipes if it has no script yet. */
export function styleOf(folder: string): Style {
  const texts = scriptsIn(folder);
  const quotes = more(texts, /^import [^;\n]*"[^"\n]*"/gm, /^import [^;\n]*'[^'\n]*'/gm);
  const bare = more(texts, /^import [^\n]*['"]$/gm, /^import [^\n]*['"];$/gm);
  const tabs = more(texts, /^\t+\S/gm, /^ +[^\s*]/gm);
  const wide = more(texts, /^ {4}[^\s*]/gm, /^ {2}[^\s*]/gm);
  return {
    quote: quotes > 0 ? '"' : "'",
    hasSemicolons: bare <= 0,
    indent: tabs > 0 ? '\t' : wide > 0 ? '    ' : '  ',
  };
}

/**
 * What a line must not begin with if the line before ends without a semicolon (ECMAScript, automatic
 * semicolon insertion).
 */
const joins = /^[([`+\-/*.,]/;

/** Returns a script in the project's style, with its indentation unchanged. */
export function styled(script: string, style: Style): string {
  let text = script;
  for (const token of tokenizer(script).reverse()) {
    const { start, end, kind } = token;
    const after = text.slice(end);
    if (kind === 'string' && style.quote !== ours.quote) {
      const inner = text
        .slice(start + 1, end - 1)
        .replaceAll("\\'", "'")
        .replaceAll('"', '\\"');
      text = `${text.slice(0, start)}"${inner}"${after}`;
    } else if (kind === 'semicolon' && !style.hasSemicolons && /^[ \t]*(\n|$)/.test(after)) {
      const next = after.replace(/^(\s|\/\/[^\n]*|\/\*[\s\S]*?\*\/)+/, '');
      if (!joins.test(next)) text = text.slice(0, start) + after;
    }
  }
  return indented(text, style);
}

/** Returns a text with the project's indentation. */
export const indented = (text: string, { indent }: Style): string =>
  indent === ours.indent
    ? text
    : text.replace(/^( {2})+/gm, (blanks) => indent.repeat(blanks.length / ours.indent.length));
