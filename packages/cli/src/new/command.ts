// `elastic-shell new`: writes a recipe into the user's project, and says what else it needs.
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

/** The table of all recipes. */
function listing(): string {
  const table = new Table({
    head: ['recipe', 'what it is', 'for'],
    style: { head: [], border: [], compact: true },
    colWidths: [16, 58, 40],
    wordWrap: true,
  });
  const every = Object.keys(settings).length;
  for (const recipe of allRecipes()) {
    const all = settingsOf(recipe);
    table.push([recipe.name, recipe.title, all.length === every ? 'every setting' : all.join(', ')]);
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
    `there is no recipe "${name}". ${near ? `Did you mean "${near}"?` : 'elastic-shell new lists them.'}`,
  );
}

function settingFor(recipe: Recipe, said: string | undefined, project: Project): Setting {
  if (said !== undefined && !(said in settings)) {
    const near = nearest(said, Object.keys(settings));
    const hint = near ? `Did you mean "${near}"?` : `There are ${Object.keys(settings).join(', ')}.`;
    throw new Misuse(`there is no setting "${said}". ${hint}`);
  }
  const setting = (said as Setting | undefined) ?? settingOf(project);
  const written = settingsOf(recipe);
  if (!written.includes(setting))
    throw new Misuse(
      `the recipe "${recipe.name}" is not written for ${setting}. It is there for ${written.join(', ')}: --for ${written[0]}.`,
    );
  return setting;
}

/** Writes a file, and the folders that it stands in. What the system refuses is told in one sentence. */
function write(path: string, text: string): void {
  try {
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, text);
  } catch (error) {
    throw new Misuse(`${path} could not be written: ${error instanceof Error ? error.message : error}.`, 1);
  }
}

/** What is still to be done once the files are there. */
function advice(setting: Setting, { packages, runner }: Project, isTested: boolean): string {
  const needed = ['elastic-shell', ...(setting === 'angular' ? ['elastic-shell-angular'] : [])];
  const missing = needed.filter((name) => !packages.has(name));
  const lines = missing.length ? [`Install what it needs:  npm install ${missing.join(' ')}`] : [];
  const environment = runner === 'jest' ? 'jest-environment-jsdom' : 'jsdom';
  const forTests = [runner ?? 'vitest', environment].filter((name) => !packages.has(name));
  if (isTested && forTests.length)
    lines.push(`What runs the test:     npm install --save-dev ${forTests.join(' ')}`);
  lines.push(
    setting === 'angular'
      ? 'Once in angular.json, under "styles":  "elastic-shell/structure.css", and "elastic-shell/skin.css" for the look.'
      : "Once in your application:  import 'elastic-shell/structure.css';  and 'elastic-shell/skin.css' for the look.",
  );
  return `${lines.join('\n')}\n`;
}

/** The command `new`. */
export function newCommand(streams: Streams): Command {
  return new Command('new')
    .description('Writes a recipe into your project: a small whole component, to be changed at will.')
    .argument('[recipe]', 'its name; without one, all are listed')
    .option(
      '--for <setting>',
      `one of ${Object.keys(settings).join(', ')}; that of the nearest package.json when left out`,
    )
    .option(
      '--in <folder>',
      "where it is written; made where it is missing. Left out, the project's folder of components, else this one",
    )
    .option('--test', 'write a test beside it, for Vitest or Jest as the project has it, with jsdom')
    .option('--print', 'print it, and write nothing')
    .option('--force', 'write over files that are there')
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
      // Angular is written in TypeScript, and a page of markup as its author wrote it.
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
          `${taken.map(({ path }) => path).join(' and ')} ${taken.length > 1 ? 'are' : 'is'} there already. Nothing was written; --force writes over ${taken.length > 1 ? 'them' : 'it'}.`,
          1,
        );
      for (const { path, text } of paths) {
        write(path, text);
        streams.out(`Wrote ${relative('.', path)}\n`);
      }
      streams.out(advice(setting, project, choices.test === true));
    });
}
