// The test that `--test` writes next to a recipe. It mounts the component in jsdom, performs the recipe's
// steps, and runs the checks of its pattern's contract. It is written for the project's test runner (Jest has
// global `test` and `expect`, Vitest's are imported), and in TypeScript if the project uses that, so that it
// passes unchanged.
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { descriptionOf } from 'elastic-shell/describe';
import { pageParts } from './page.js';
import type { Project } from './project.js';
import { fileNameOf, filesOf, kebab, type Recipe, type RecipeFile, type Setting } from './recipes.js';

/** How a framework mounts a recipe: what is imported, and the lines that do it. */
interface Mounting {
  imports: readonly string[];
  lines: readonly string[];
  /** The line that unmounts it. */
  away: string;
  /** The extension of the test file. */
  end: string;
}

/** What a test is written for. */
export type TestProject = Pick<Project, 'runner' | 'isTyped'>;

/** The functions that steps use. `typed` contains TypeScript's annotations. */
const helpers = (typed: (text: string) => string): string => `/** The first element with this selector. */
const find = (selector${typed(': string')})${typed(': HTMLElement')} => {
  const found = document.querySelector${typed('<HTMLElement>')}(selector);
  if (!found) throw new Error(\`nothing matches ${'${selector}'}\`);
  return found;
};
/** The control with this name. */
const named = (name${typed(': string')})${typed(': HTMLElement')} => {
  const controls = [...document.querySelectorAll${typed('<HTMLElement>')}('button, a, [role]')];
  const found = controls.find(
    (each) => (each.getAttribute('aria-label') ?? each.textContent ?? '').trim() === name,
  );
  if (!found) throw new Error(\`no control is called ${'${name}'}\`);
  return found;
};
/** Presses a key on an element that has focus. */
const press = (element${typed(': Element | null')}, key${typed(': string')}) => {
  if (element instanceof HTMLElement) element.focus();
  element?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
};
/** Waits until something holds; where it never does, the test runs out of time. */
const until = async (holds${typed(': () => boolean')}) => {
  while (!holds()) await new Promise((done) => setTimeout(done, 10));
};`;

/** Returns the line that runs the checks of a recipe's pattern. */
function contractOf({ name, patterns }: Recipe): readonly string[] {
  const selector = patterns[0] === name ? descriptionOf(name)?.selector : undefined;
  return selector === undefined
    ? []
    : [
        '// Checks the keys and the announcements of the pattern.',
        `await expectContract(find('${selector}'), '${name}');`,
      ];
}

/** Returns a page of plain markup: its markup as a text, and its script unchanged. */
function markup(recipe: Recipe, setting: Setting): Mounting {
  const { markup: body, scripts } = pageParts(filesOf(recipe, setting)[0]!.text);
  const isImport = /^ {2}import [^;]*;\n+/gm;
  const lines = scripts.flatMap((script) => script.replaceAll(isImport, '').trimEnd().split('\n'));
  return {
    imports: scripts.flatMap((script) => [...script.matchAll(isImport)].map(([line]) => line.trim())),
    lines: [
      `document.body.innerHTML = \`${body.replaceAll(/[`\\$]/g, '\\$&')}\`;`,
      ...lines.map((line) => line.slice(2)),
    ],
    away: 'document.body.replaceChildren();',
    end: 'test.js',
  };
}

/** Returns the element in which a component is mounted. */
const emptyPage = "const main = document.body.appendChild(document.createElement('main'));";

const inFramework: Partial<Record<Setting, (recipe: Recipe, file: string) => Mounting>> = {
  react: ({ component }) => ({
    imports: [
      "import { createElement } from 'react';",
      "import { createRoot } from 'react-dom/client';",
      `import { ${component} } from './${component}';`,
    ],
    lines: [emptyPage, 'const root = createRoot(main);', `root.render(createElement(${component}));`],
    away: 'root.unmount();',
    end: 'test.jsx',
  }),
  solid: ({ component }) => ({
    imports: [
      "import { createComponent, render } from 'solid-js/web';",
      `import { ${component} } from './${component}';`,
    ],
    lines: [emptyPage, `const dispose = render(() => createComponent(${component}, {}), main);`],
    away: 'dispose();',
    end: 'test.jsx',
  }),
  vue: ({ component }, file) => ({
    imports: ["import { createApp } from 'vue';", `import ${component} from './${file}';`],
    lines: [emptyPage, `const app = createApp(${component});`, 'app.mount(main);'],
    away: 'app.unmount();',
    end: 'test.js',
  }),
  svelte: ({ component }, file) => ({
    imports: ["import { mount, unmount } from 'svelte';", `import ${component} from './${file}';`],
    lines: [emptyPage, `const mounted = mount(${component}, { target: main });`],
    away: 'await unmount(mounted);',
    end: 'test.js',
  }),
  angular: ({ component }) => ({
    imports: [
      "import { provideZonelessChangeDetection } from '@angular/core';",
      "import { bootstrapApplication } from '@angular/platform-browser';",
      `import { ${component} } from './${kebab(component)}';`,
    ],
    lines: [
      `document.body.innerHTML = '<${kebab(component)}></${kebab(component)}>';`,
      `const application = await bootstrapApplication(${component}, {`,
      '  providers: [provideZonelessChangeDetection()],',
      '});',
    ],
    away: 'application.destroy();',
    end: 'test.js',
  }),
};

/** Returns what the test of a recipe does before and after mounting. */
function stepsOf({ name }: Recipe): { before: string; then: string } {
  const file = new URL(`../../recipes/${name}/steps.js`, import.meta.url);
  const text = readFileSync(fileURLToPath(file), 'utf8').replace(/^\/\/.*\n/, '');
  const [, before = '', then = text] =
    /^\/\/ Before it is on the page\.\n([\s\S]*?)\n\n([\s\S]*)$/.exec(text) ?? [];
  return { before, then: then.trim() };
}

const indented = (lines: readonly string[]): string =>
  lines.map((line) => (line ? `  ${line}` : '')).join('\n');

/** Returns the first lines for a test runner. The test runs in jsdom, whatever the others run in. */
const heads: Readonly<Record<NonNullable<Project['runner']>, (body: string) => string>> = {
  vitest: (body) =>
    `// @vitest-environment jsdom\nimport { ${/\bexpect\(/.test(body) ? 'expect, ' : ''}test } from 'vitest';\n`,
  jest: () => '/** @jest-environment jsdom */\n',
};

/** Returns the test of a recipe in a framework, as a file next to it. */
export function testOf(recipe: Recipe, setting: Setting, { runner, isTyped }: TestProject): RecipeFile {
  const file = fileNameOf(recipe, setting);
  const { imports, lines, away, end } = inFramework[setting]?.(recipe, file) ?? markup(recipe, setting);
  const name = file.replace(/\.[a-z]+$/, '');
  const mounted = lines.join('\n');
  const { before, then } = stepsOf(recipe);
  const contract = contractOf(recipe);
  const help = [...(contract.length ? ['expectContract'] : []), 'setUpPlatform', 'settled'];
  // The script of a page stays as its author wrote it.
  const isTypescript = isTyped && !!inFramework[setting];
  const body = indented([...then.split('\n'), ...contract]);
  const used = helpers((text) => (isTypescript ? text : ''))
    .split(/\n(?=\/\*\*)/)
    .filter((helper) =>
      new RegExp(`\\b${/const (\w+)/.exec(helper)?.[1]}\\(`).test(`${before}${body}until(`),
    );
  const text = `${heads[runner ?? 'vitest'](body)}${imports.join('\n')}
import { ${help.join(', ')} } from 'elastic-shell/testing';

${used.join('\n')}

// What jsdom lacks for dialogs and popovers.
setUpPlatform();

test('${recipe.title.replaceAll("'", '’')}', async () => {
${before ? `${indented(before.split('\n'))}\n` : ''}${indented(mounted.split('\n'))}
  // A framework shows it a moment later.
  await until(() => document.querySelector('button, [role]') !== null);

${body}
  // What still closes has an end before the test runner takes the page away.
  ${away}
  await settled();
});
`;
  return { name: `${name}.${isTypescript ? end.replace(/js(x?)$/, 'ts$1') : end}`, text };
}
