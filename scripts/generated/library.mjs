// The lists of patterns inside the library: contracts, notes, descriptions, entries and elements.
import { join } from 'node:path';
import { checkFiles, origin, outlineImports, patterns, patternNames, src } from './facts.mjs';

const checked = new Set(checkFiles.flatMap(({ names }) => names));
const each = (line) => patterns.map(line);

/** A row of the table of elements. */
const elementRow = ({ name, Name, item, hasEvents, isFormControl }) => {
  const own = item ? `${Name}Options<${item}, boolean>` : `${Name}Options`;
  const options = isFormControl ? `${own} & FormAttributes` : own;
  const events = hasEvents ? `Shell${Name}Events` : `ShellEvents<${item ? `${Name}<boolean>` : Name}>`;
  return `  'shell-${name}': Row<Shell${Name}, ${options}, ${events}>;`;
};

/** The generated files of the library, its bindings apart. */
export const libraryFiles = [
  {
    path: join(src, 'described/built-in.ts'),
    text: [
      origin,
      '// Importing this module describes every built-in pattern.',
      ...each(({ name }) => `import './${name}.js';`),
      '',
    ].join('\n'),
  },
  {
    path: join(src, 'described/facets.ts'),
    text: [
      origin,
      '// Importing this module adds notes, parts and checks to the description of every built-in pattern. The journal does not need',
      '// them.',
      ...each(({ name }) => `import { ${name}Notes } from '../core/contract/${name}-notes.js';`),
      ...outlineImports('../core'),
      ...checkFiles.map(
        ({ file, names }) =>
          `import { ${names.map((name) => `${name}Checks`).join(', ')} } from '../rehearsal/checks/${file}';`,
      ),
      `import './built-in.js';`,
      `import { addFacets } from './description.js';`,
      '',
      '/** The outlines of the built-in patterns by name. */',
      'export const outlines = {',
      ...each(({ name }) => `  ${name}: ${name}Outline,`),
      '};',
      '',
      ...each(
        ({ name }) =>
          `addFacets('${name}', { notes: ${name}Notes, outline: ${name}Outline${checked.has(name) ? `, checks: ${name}Checks` : ''} });`,
      ),
      '',
    ].join('\n'),
  },
  {
    path: join(src, 'core/contract/notes.ts'),
    text: [
      origin,
      '// The notes of every pattern, in the order in which documents show them.',
      ...each(({ name }) => `import { ${name}Notes } from './${name}-notes.js';`),
      `import type { Notes } from './contract.js';`,
      '',
      '/** The notes of every pattern. */',
      'export const notes: readonly Notes[] = [',
      ...each(({ name }) => `  ${name}Notes,`),
      '];',
      '',
    ].join('\n'),
  },
  {
    path: join(src, 'core/contracts.ts'),
    text: [
      origin,
      '// Every contract, and every outline: the attributes of each part before there is a page, for servers and bindings.',
      ...each(({ name, contract }) => `export { ${contract} } from './contract/${name}.js';`),
      ...outlineImports('.').map((line) => line.replace('import', 'export')),
      '',
    ].join('\n'),
  },
  {
    path: join(src, 'engine/built-in-names.ts'),
    text: [
      origin,
      '/** The names of the built-in patterns, separated by spaces. */',
      `export const builtInNames = '${[...patternNames].sort().join(' ')}';`,
      '',
    ].join('\n'),
  },
  ...each(({ name, Name, contract, isWhole }) => ({
    path: join(src, `patterns/${name}/index.ts`),
    text: [
      origin,
      `// \`elastic-shell/${name}\`. Importing it registers the pattern with \`wireWithin\`. package.json lists this module as one with side`,
      '// effects, so bundlers keep it. They drop wire.js, which is not listed, if nothing from it is used.',
      `import { ${contract} } from '../../core/contract/${name}.js';`,
      `import { registerPattern } from '../../engine/defaults.js';`,
      `import { ${isWhole ? `${contract}Pattern, ` : ''}wire${Name} } from './wire.js';`,
      '',
      '// By name, because one bundler loses a name that is both imported and exported with a star.',
      `export { ${isWhole ? `${contract}Pattern, ` : ''}wire${Name} };`,
      `export type * from './wire.js';`,
      `registerPattern(${contract}.name, ${contract}.options, wire${Name});`,
      '',
    ].join('\n'),
  })),
  ...patterns
    .filter(({ isWhole }) => isWhole)
    .map(({ name, Name }) => ({
      path: join(src, `patterns/${name}/element.ts`),
      text: [
        origin,
        `// <shell-${name}>, which wires the ${name} inside it.`,
        `import type { ${Name}State } from '../../core/contract/${name}.js';`,
        `import { elementOf } from '../../engine/element-of.js';`,
        `import type { OptionProperties, ShellElement } from '../../engine/element-types.js';`,
        `import { type ${Name}, type ${Name}Options, ${name}Pattern } from './wire.js';`,
        '',
        `/** The element \`<shell-${name}>\`, with the options and states of the pattern as properties. */`,
        `export interface Shell${Name} extends ShellElement<${Name}>, OptionProperties<${Name}Options, keyof ${Name}State>, ${Name}State {}`,
        '',
        `declare global { interface HTMLElementTagNameMap { 'shell-${name}': Shell${Name}; } }`,
        '',
        `elementOf(${name}Pattern);`,
        '',
      ].join('\n'),
    })),
  {
    path: join(src, 'patterns/index.ts'),
    text: [
      origin,
      "// Every pattern's wire function, with the types of its options and of its result.",
      ...each(({ name }) => `export * from './${name}/wire.js';`),
      '',
    ].join('\n'),
  },
  {
    path: join(src, 'page/loaders.ts'),
    text: [
      origin,
      '/** The functions that load the built-in patterns, by name. */',
      'export const loaders: Readonly<Record<string, () => Promise<unknown>>> = {',
      ...each(({ name }) => `  ${name}: () => import('../patterns/${name}/index.js'),`),
      '};',
      '',
    ].join('\n'),
  },
  {
    path: join(src, 'elements/index.ts'),
    text: [
      origin,
      '// Every element, and the types of the events that elements dispatch.',
      ...each(({ name }) => `import '../patterns/${name}/element.js';`),
      '',
      `export type { FormElement, GuardDetail, ShellElement, ShellEvents } from '../engine/element-types.js';`,
      `export type { Change, ChangeOf, Refusal } from '../engine/types.js';`,
      ...each(({ name }) => `export type * from '../patterns/${name}/element.js';`),
      '',
    ].join('\n'),
  },
  {
    path: join(src, 'elements/rows.ts'),
    text: [
      origin,
      '// The types of each element, by tag.',
      `import type { Item } from '../core/collection/items.js';`,
      `import type { TreeNode } from '../core/collection/tree.js';`,
      `import type { FormAttributes, ShellEvents } from '../engine/element-types.js';`,
      ...each(({ name, Name, hasEvents }) =>
        [
          `import type { Shell${Name}${hasEvents ? `, Shell${Name}Events` : ''} } from '../patterns/${name}/element.js';`,
          `import type { ${hasEvents ? '' : `${Name}, `}${Name}Options } from '../patterns/${name}/wire.js';`,
        ].join('\n'),
      ),
      '',
      '/** The types of one element. */',
      'interface Row<Element, Options, Events> { element: Element; options: Options; events: Events; }',
      '',
      '/** Every element, by tag. */',
      'export interface ElementTable {',
      ...each(elementRow),
      '}',
      '',
    ].join('\n'),
  },
];
