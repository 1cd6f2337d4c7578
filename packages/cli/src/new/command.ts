// `elastic-shell new`: writes a recipe into the user's project, and prints what else is needed.
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import Table from 'cli-table3';
import { Command } from 'commander';
import { nearest } from 'elastic-shell/core';
import { Misuse } from '../misuse.js';
import type { Streams } from '../streams.js';
import { fitted } from './fit.js';
import { componentFolder, type Project, projectAround, settingOf, tooOld } from './project.js';
import { allRecipes, filesOf, settings, settingsOf, type Recipe, type Setting } from './recipes.js';
import { ours, styleOf } from './style.js';
import { testOf } from './tests.js';

interface NewChoices {
  for?: string;
  in?: string;
  test?: boolean;
  print?: boolean;
  force?: boolean;
}

/** Prints the table of all recipes. */
function listing(): string {
  const table = new Table({
    head: ['recipe', 'purpose', 'for'],
    style: { head: [], border: [], compact: true },
    colWidths: [16, 58, 40],
    wordWrap: true,
  });
  const every = Object.keys(settings).length;
  for (const recipe of allRecipes()) {
    const all = settingsOf(recipe);
    table.push([recipe.name, recipe.title, all.length === every ? 'every framework' : all.join(', ')]);
  }
  return `${table.toString()}\n\nWrite one with: elastic-shell new dialog --for react --in src/components\n`;
}

function recipeNamed(name: string): Recipe {
  const recipes = allRecipes();
  const found = recipes.find((recipe) => recipe.name === name);
  if (found) return found;
  const names = recipes.map((recipe) => recipe.name);
  const near = nearest(name, names);
  throw new Misuse(
    `the recipe "${name}" doesn't exist. ${near ? `Did you mean "${near}"?` : 'List them with: elastic-shell new'}`,
  );
}

function settingFor(recipe: Recipe, said: string | undefined, project: Project): Setting {
  if (said !== undefined && !(said in settings)) {
    const near = nearest(said, Object.keys(settings));
    const hint = near ? `Did you mean "${near}"?` : `There are ${Object.keys(settings).join(', ')}.`;
    throw new Misuse(`the framework "${said}" is unknown. ${hint}`);
  }
  const setting = (said as Setting | undefined) ?? settingOf(project);
  const written = settingsOf(recipe);
  if (!written.includes(setting))
    throw new Misuse(
      `the recipe "${recipe.name}" doesn't exist for ${setting}. It exists for ${written.join(', ')}: --for ${written[0]}.`,
    );
  return setting;
}

/** Writes a file, and creates its folders. An error of the system is printed as one sentence. */
function write(path: string, text: string): void {
  try {
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, text);
  } catch (error) {
    throw new Misuse(`${path} could not be written: ${error instanceof Error ? error.message : error}.`, 1);
  }
}

/** Prints what is still to be done once the files are there. */
function advice(setting: Setting, { packages, runner }: Project, isTested: boolean): string {
  const needed = ['elastic-shell', ...(setting === 'angular' ? ['elastic-shell-angular'] : [])];
  const missing = needed.filter((name) => !packages.has(name));
  const lines = missing.length ? [`Install its packages:     npm install ${missing.join(' ')}`] : [];
  const environment = runner === 'jest' ? 'jest-environment-jsdom' : 'jsdom';
  const forTests = [runner ?? 'vitest', environment].filter((name) => !packages.has(name));
  if (isTested && forTests.length)
    lines.push(`Install the test runner:  npm install --save-dev ${forTests.join(' ')}`);
  lines.push(
    setting === 'angular'
      ? 'Add to "styles" in angular.json:  "elastic-shell/structure.css", and "elastic-shell/skin.css" for the look.'
      : "Import once in your application:  'elastic-shell/structure.css', and 'elastic-shell/skin.css' for the look.",
  );
  return `${lines.join('\n')}\n`;
}

/** Defines the command `new`. */
export function newCommand(streams: Streams): Command {
  return new Command('new')
    .description('Writes a recipe into your project: a small complete component for you to change.')
    .argument('[recipe]', 'its name (default: lists all recipes)')
    .option(
      '--for <framework>',
      `one of ${Object.keys(settings).join(', ')} (default: the framework in the nearest package.json)`,
    )
    .option(
      '--in <folder>',
      "the folder, which is created if it is missing (default: the project's component folder, or this folder)",
    )
    .option('--test', "also write a test with jsdom, for the project's Vitest or Jest")
    .option('--print', 'print it instead of writing files')
    .option('--force', 'overwrite existing files')
    .addHelpText(
      'after',
      '\nExamples:\n  $ elastic-shell new\n  $ elastic-shell new dialog --for react --in src/components --test\n  $ elastic-shell new confirmation --print',
    )
    .action((name: string | undefined, choices: NewChoices) => {
      if (name === undefined) return streams.out(listing());
      const recipe = recipeNamed(name);
      const project = projectAround(choices.in ?? '.');
      const setting = settingFor(recipe, choices.for, project);
      const old = tooOld(setting, project);
      if (old !== undefined) throw new Misuse(old);
      const folder = choices.in ?? componentFolder(setting, project);
      // Angular is written in TypeScript, and a page of markup stays as its author wrote it.
      const fitting = {
        isTyped: project.isTyped || setting === 'angular',
        style: project.file === undefined ? ours : styleOf(project.folder),
      };
      const files = [
        ...filesOf(recipe, setting),
        ...(choices.test ? [testOf(recipe, setting, project)] : []),
      ].map((file) => fitted(file, fitting));
      if (choices.print) {
        const heads = files.length > 1;
        return streams.out(
          files.map(({ name, text }) => (heads ? `// ${name}\n\n${text}` : text)).join('\n'),
        );
      }
      const paths = files.map((file) => ({ path: join(folder, file.name), text: file.text }));
      const taken = paths.filter(({ path }) => existsSync(path));
      if (taken.length && !choices.force)
        throw new Misuse(
          `${taken.map(({ path }) => path).join(' and ')} already ${taken.length > 1 ? 'exist' : 'exists'}. Nothing was written. Use --force to overwrite ${taken.length > 1 ? 'them' : 'it'}.`,
          1,
        );
      for (const { path, text } of paths) {
        write(path, text);
        streams.out(`Wrote ${relative('.', path)}\n`);
      }
      streams.out(advice(setting, project, choices.test === true));
    });
}
