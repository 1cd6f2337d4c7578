// Fits a file of a recipe to the project: without types where that has none, in its style.
import type { RecipeFile } from './recipes.js';
import { indented, type Style, styled } from './style.js';
import { untyped } from './untyped.js';

/** What a file is fitted to. */
export interface Fitting {
  isTyped: boolean;
  style: Style;
}

/** A whole script. */
const scriptText = (text: string, isMarkup: boolean, { isTyped, style }: Fitting): string =>
  styled(isTyped ? text : untyped(text, isMarkup), style);

const block = /(<script\b[^>]*>\n)([\s\S]*?)(<\/script>)/g;

/** A component whose scripts stand in markup. */
function componentText(text: string, fitting: Fitting): string {
  const { isTyped, style } = fitting;
  return text
    .split(block)
    .map((piece, at, pieces) => {
      // Before, start tag, script, end tag, and again.
      if (at % 4 === 1) return isTyped ? piece : piece.replace(' lang="ts"', '');
      if (at % 4 !== 2) return indented(piece, style);
      const isTypescript = /lang="ts"/.test(pieces[at - 1] ?? '');
      return isTypescript ? scriptText(piece, false, fitting) : styled(piece, style);
    })
    .join('');
}

/** A file as the project would have it. */
export function fitted({ name, text }: RecipeFile, fitting: Fitting): RecipeFile {
  const isScript = /\.[jt]sx?$/.test(name);
  const isMarkup = /x$/.test(name);
  if (/\.(vue|svelte)$/.test(name)) return { name, text: componentText(text, fitting) };
  if (!isScript) return { name, text: indented(text, fitting.style) };
  return {
    name: fitting.isTyped ? name : name.replace(/\.ts(x?)$/, '.js$1'),
    text: scriptText(text, isMarkup, fitting),
  };
}
