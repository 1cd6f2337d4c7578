// The code of a recipe in every setting, as tabs; the live example; the page of a recipe.
import { codeBlock, escaped } from './markdown.mjs';
import { liveMarkup } from './read.mjs';

/** Tabs of a recipe's code, a setting each. Without script all panels show. */
export function codeTabs(recipe) {
  const tabs = recipe.codes
    .map(({ setting, words }) => `<button type="button" role="tab" data-key="${setting}">${words}</button>`)
    .join('');
  const panels = recipe.codes
    .map(({ setting, words, files }) => {
      const blocks = files
        .map(({ name, text, language }, at) => codeBlock(text, language, at ? name : undefined))
        .join('');
      const command = `npx elastic-shell new ${recipe.name} --for ${setting}`;
      return `<div role="tabpanel" data-key="${setting}"><h3 class="setting">${words}</h3>${blocks}<p>Or have it written: <code>${command}</code></p></div>`;
    })
    .join('');
  return `<div class="codes"><div role="tablist" aria-label="Setting">${tabs}</div>${panels}</div>`;
}

/** The live example: the recipe in plain markup, wired on this page. */
export const example = (recipe) =>
  `<div class="example" role="group" aria-label="Example: ${escaped(recipe.title)}">${liveMarkup(recipe)}</div>`;

/** The page of a recipe. */
export function recipePage(recipe, { to }) {
  const patterns = recipe.patterns
    .map((name) => `<a href="${to(`patterns/${name}/`)}">${name}</a>`)
    .join(', ');
  return {
    route: `recipes/${recipe.name}/`,
    title: recipe.title,
    description: `A recipe: ${recipe.title}.`,
    live: [recipe.name],
    headings: [
      { depth: 2, words: 'Live', id: 'live' },
      { depth: 2, words: 'Code', id: 'code' },
    ],
    html: `<h1>${escaped(recipe.title)}</h1>
<p>Made of: ${patterns}. The component is called <code>${recipe.component}</code>; it is yours to change.</p>
<h2 id="live">Live</h2>
${example(recipe)}
<h2 id="code">Code</h2>
${codeTabs(recipe)}`,
  };
}
