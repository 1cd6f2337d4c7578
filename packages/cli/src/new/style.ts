// How a project writes: quotes, semicolons and indentation, as its own files have them.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { tokenizer } from './tokens.js';

/** How scripts are written. */
export interface Style {
  quote: "'" | '"';
  hasSemicolons: boolean;
  /** One step inwards. */
  indent: string;
}

/** How recipes are written. */
export const ours: Style = { quote: "'", hasSemicolons: true, indent: '  ' };

/** Files that are looked at, and folders that hold none of the project's own. */
const source = /\.(jsx?|tsx?|mjs|mts|vue|svelte)$/;
const foreign = /^(node_modules|dist|build|out|coverage|public|\..*)$/;
const mostFiles = 40;

/** Some of the project's own scripts. */
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
      // What may not be read says nothing.
    }
  }
  return found;
}

/** The more frequent of two. */
const more = (texts: readonly string[], one: RegExp, other: RegExp): number =>
  texts.reduce((sum, text) => sum + (text.match(one)?.length ?? 0) - (text.match(other)?.length ?? 0), 0);

/** How the project in a folder writes; as recipes do where it has no script yet. */
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

/** What a line may not begin with where the one before ends without a semicolon (ECMAScript, automatic semicolon insertion). */
const joins = /^[([`+\-/*.,]/;

/** A script of ours as the project writes; indented by itself already. */
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

/** A text whose steps inwards are the project's. */
export const indented = (text: string, { indent }: Style): string =>
  indent === ours.indent
    ? text
    : text.replace(/^( {2})+/gm, (blanks) => indent.repeat(blanks.length / ours.indent.length));
