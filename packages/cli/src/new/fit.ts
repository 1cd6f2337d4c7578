// Adapts a file of a recipe to the project: without types in a JavaScript project, in the project's style.
import type { RecipeFile } from './recipes.js';
import { indented, type Style, styled } from './style.js';
import { untyped } from './untyped.js';

/** What a file is adapted to. */
export interface Fitting {
  isTyped: boolean;
  style: Style;
}

/** A whole script. */
const scriptText = (text: string, isMarkup: boolean, { isTyped, style }: Fitting): string =>
  styled(isTyped ? text : untyped(text, isMarkup), style);

const block = /(<script\b[^>]*>\n)([\s\S]*?)(<\/script>)/g;

/** A component whose scripts are inside markup. */
function componentText(text: string, fitting: Fitting): string {
  const { isTyped, style } = fitting;
  return text
    .split(block)
    .map((piece, at, pieces) => {
      // The text before, the start tag, the script, the end tag, and so on.
      if (at % 4 === 1) return isTyped ? piece : piece.replace(' lang="ts"', '');
      if (at % 4 !== 2) return indented(piece, style);
      const isTypescript = /lang="ts"/.test(pieces[at - 1] ?? '');
      return isTypescript ? scriptText(piece, false, fitting) : styled(piece, style);
    })
    .join('');
}

/** Returns a file in the project's language and style. */
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
