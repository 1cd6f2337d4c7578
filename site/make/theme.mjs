// The page of the theme editor: choices, the resulting contrast, all patterns, and the text to copy.
import { codeBlock, escaped } from './markdown.mjs';
import { textOf } from './read.mjs';

/** The custom properties of the skin's choices and roles, with their values. */
export const tokens = () => {
  const seen = new Map();
  const text = textOf('packages/elastic-shell/src/styles/skin/tokens.css').replaceAll(/\s+/g, ' ');
  // The first time that one is set; later ones are for forced colours and the like.
  for (const [, name, value] of text.matchAll(/(--shell-[a-z-]+): ([^;]+);/g))
    if (!seen.has(name)) seen.set(name, value.replaceAll('( ', '(').replaceAll(' )', ')'));
  return [...seen].map(([name, value]) => ({ name, value }));
};

/** Choices with a scale: from, to, in steps of; and their unit. */
const scales = {
  hue: ['Hue', 0, 360, 1, ''],
  chroma: ['Colourfulness', 0, 0.16, 0.005, ''],
  'mark-hue': ['Hue of marks', 0, 360, 1, ''],
  'danger-hue': ['Hue of danger', 0, 360, 1, ''],
  tint: ['Tint of greys', 0, 0.03, 0.001, ''],
  space: ['Space', 0.3, 0.8, 0.05, 'rem'],
  radius: ['Corners', 0, 1.2, 0.075, 'rem'],
  'font-size': ['Type', 0.8, 1.25, 0.0125, 'rem'],
  motion: ['Motion', 0, 600, 20, 'ms'],
};

const slider = ([key, [words, from, to, step, unit]]) =>
  `<label>${words} <output data-shows="--shell-${key}"></output><input type="range" aria-label="${words}" min="${from}" max="${to}" step="${step}" data-sets="--shell-${key}" data-unit="${unit}"></label>`;

/** The page. */
export function themePage() {
  const all = tokens().filter(({ name }) => !Object.hasOwn(scales, name.slice('--shell-'.length)));
  const fields = all
    .map(
      ({ name, value }) =>
        `<label><code>${name}</code><input spellcheck="false" placeholder="${escaped(value)}" data-sets="${name}"></label>`,
    )
    .join('');
  return {
    route: 'styling/theme/',
    title: 'Theme editor',
    description:
      'Choose hues, spacing, corners, type and motion, see every pattern with its contrast, and copy the CSS.',
    live: ['theme'],
    headings: [],
    html: `<h1>Theme editor</h1>
<p class="lead">Move the sliders to change all patterns. Copy the custom properties, or the address, which contains your theme.</p>
<div class="theme" data-theme-editor>
<div class="theme-choices">
<form class="sliders" autocomplete="off">${Object.entries(scales).map(slider).join('')}</form>
<h2 id="contrast">Contrast</h2>
<table class="contrast"><thead><tr><th>pair</th><th>light</th><th>dark</th><th>required</th></tr></thead><tbody data-contrast></tbody></table>
<h2 id="copy">Custom properties</h2>
${codeBlock(':root {\n}', 'css').replace('<code>', '<code data-theme-code>')}
<p class="row"><button type="button" data-theme-link>Copy the address</button> <button type="button" data-theme-reset>Reset</button></p>
<details class="every"><summary><span data-marker aria-hidden="true"></span>All other custom properties</summary><form class="fields" autocomplete="off">${fields}</form></details>
</div>
<div class="theme-preview" id="theme-preview" role="group" aria-label="Preview">${textOf('site/make/preview.html').replace(/^<!--.*?-->\n/, '')}</div>
</div>`,
  };
}

/** What the styling page has besides its document: every custom property with its value. */
export function stylingExtras({ to }) {
  const rows = tokens()
    .map(({ name, value }) => `<tr><td><code>${name}</code></td><td><code>${escaped(value)}</code></td></tr>`)
    .join('');
  return {
    headings: [
      { depth: 2, words: 'Theme editor', id: 'theme' },
      { depth: 2, words: 'All custom properties', id: 'every-token' },
    ],
    html: `<h2 id="theme">Theme editor</h2>
<p><a href="${to('styling/theme/')}">The theme editor</a> shows every pattern with your theme, and its contrast.</p>
<h2 id="every-token">All custom properties</h2>
<div class="table" tabindex="0"><table><thead><tr><th>custom property</th><th>value</th></tr></thead><tbody>${rows}</tbody></table></div>`,
  };
}
