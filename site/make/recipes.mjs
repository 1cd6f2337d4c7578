// The code of a recipe for each framework as tabs, its live example, and its page.
import { codeBlock, escaped } from './markdown.mjs';
import { liveMarkup } from './read.mjs';

/** Tabs with the code of a recipe for each framework. Without a script all panels are visible. */
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
      return `<div role="tabpanel" data-key="${setting}"><h3 class="setting">${words}</h3>${blocks}<p class="soft">Write it into your project: <code>${command}</code></p></div>`;
    })
    .join('');
  return `<div class="codes"><div role="tablist" aria-label="Framework">${tabs}</div>${panels}</div>`;
}

/** The buttons above a live example, which the script shows. `editable` is false for examples that need more than their own HTML. */
const benchBar = (editable) => `<div class="bench-bar" hidden role="group" aria-label="Look of the example">
<button type="button" aria-pressed="false" data-bench="dark">Dark</button>
<button type="button" aria-pressed="false" data-bench="rtl">Right to left</button>
<button type="button" aria-pressed="false" data-bench="phone">Phone width</button>
${editable ? '<button type="button" aria-pressed="false" data-bench="edit">Edit</button>' : ''}</div>`;

/** The live example: the recipe in plain HTML, wired on this page. */
export const example = (recipe, { editable = true } = {}) =>
  `<div class="bench" id="live" data-recipe="${recipe.name}"><h2 class="unseen">Example</h2>${benchBar(editable)}<div class="bench-ground"><div class="example" role="group" aria-label="Example: ${escaped(recipe.title)}">${liveMarkup(recipe)}</div></div></div>`;

/** The page of a recipe. */
export function recipePage(recipe, { to }) {
  const patterns = recipe.patterns
    .map((name) => `<a href="${to(`patterns/${name}/`)}">${name}</a>`)
    .join(', ');
  return {
    route: `recipes/${recipe.name}/`,
    title: recipe.title,
    description: `${recipe.title}: a complete component for your project.`,
    live: [recipe.name],
    headings: [{ depth: 2, words: 'Code', id: 'code' }],
    html: `<h1>${escaped(recipe.title)}</h1>
<p class="lead"><code>npx elastic-shell new ${recipe.name}</code> writes the component <code>${recipe.component}</code> into your project, for you to change.</p>
${example(recipe)}
<p class="soft">Uses ${patterns}.</p>
<h2 id="code">Code</h2>
${codeTabs(recipe)}`,
  };
}
