// The hooks of each framework, and the patterns as bindings take them.
import { join } from 'node:path';
import { itemImports, oneOf, origin, outlineImports, patterns, src } from './facts.mjs';

const bindings = join(src, 'bindings');
const cap = (name) => name[0].toUpperCase() + name.slice(1);

/** `<I, Multiple>` and the like, for patterns whose items have a type. */
export const generics = ({ Name, item }) => ({
  item,
  params: item ? `<I extends ${item} = ${item}, const Multiple extends boolean = false>` : '',
  options: item ? `${Name}Options<I, Multiple>` : `${Name}Options`,
  wired: item ? `${Name}<Multiple>` : Name,
  handleParams: item ? `<I extends ${item} = ${item}, Multiple extends boolean = false>` : '',
  handle: item ? `${Name}Handle<I, Multiple>` : `${Name}Handle`,
});

/** A file of hooks: a handle type and a hook for each pattern. */
function hooks({
  folder,
  prefix,
  options,
  followsOptions = false,
  handle: handleOf = (type) => type,
  props,
  says = (words) => words,
}) {
  const each = patterns.map((pattern) => {
    const { name, Name, words } = pattern;
    const { params, options: own, wired, handleParams, handle, item } = generics(pattern);
    const types = `${own}, ${wired}, typeof ${name}Pattern`;
    const named = `${cap(prefix)}${Name}Options`;
    const taken = item ? `${named}<I, Multiple>` : named;
    return [
      `/** The handle of ${oneOf(name)}: its states, parts and methods. */`,
      `export interface ${Name}Handle${handleParams} extends ${handleOf(`${Name}HandleIn<Part${item ? ', I, Multiple' : ''}>`)} {}`,
      '',
      `/** The options of \`${prefix}${Name}\`. */`,
      `export interface ${named}${handleParams} extends ${options}<${types}> {\n  // With a member of its own, errors name this interface instead of the type that it extends.\n  /**\n   * The id of the root.\n   *\n   * @defaultValue a unique id\n   */\n  id?: string | undefined;\n}`,
      '',
      `/**\n * Wires ${oneOf(name)} for as long as the component is mounted. ${says(words)}\n *\n * @param options - The options of the pattern${followsOptions ? ', or a function that returns them' : ''}.\n * @returns The handle: states to read and set, parts to spread, and methods.\n */`,
      `export const ${prefix}${Name} = ${params}(options?: ${followsOptions ? `Given<${taken}>` : taken}): ${handle} => use<${types}>(${name}Pattern, options);`,
      '',
    ].join('\n');
  });
  return {
    path: join(bindings, folder, 'hooks.ts'),
    text: [
      origin,
      ...itemImports('../../core'),
      ...patterns.map(
        ({ name, Name }) => `import type { ${Name}, ${Name}Options } from '../../patterns/${name}/wire.js';`,
      ),
      `import type { ${patterns.map(({ Name }) => `${Name}HandleIn`).join(', ')} } from '../handles.js';`,
      `import { ${patterns.map(({ name }) => `${name}Pattern`).join(', ')} } from '../patterns.js';`,
      `import { type ${options}, use } from './pattern.js';`,
      ...(followsOptions
        ? [`import type { Given, Part } from '${props}';`]
        : [`import type { Part } from '${props}';`]),
      '',
      ...each,
    ].join('\n'),
  };
}

/** The sentence about parts for a framework where parts are bound. */
export const bind = (words) =>
  words.replaceAll('Spread', 'Bind').replaceAll('spread', 'bind').replaceAll(' onto ', ' to ');

/** The generated files of the bindings. */
export const bindingFiles = [
  {
    path: join(bindings, 'patterns.ts'),
    text: [
      origin,
      '// Every pattern as bindings take it: its outline, its wire function and the names of its methods.',
      ...patterns.map(({ name }) => `import { ${name}Methods } from '../core/contract/${name}.js';`),
      ...outlineImports('../core'),
      ...patterns.map(({ name, Name }) => `import { wire${Name} } from '../patterns/${name}/wire.js';`),
      '',
      // Literals: a bundler leaves out those that are not used.
      ...patterns.map(
        ({ name, Name }) =>
          `/** ${cap(oneOf(name))} as \`usePattern\` and the like take it: its parts, its wire function and the names of its methods. */\nexport const ${name}Pattern = { outline: ${name}Outline, wire: wire${Name}, methods: ${name}Methods } as const;`,
      ),
      '',
    ].join('\n'),
  },
  hooks({
    folder: 'react',
    prefix: 'use',
    options: 'HookOptions',
    // The lint rules of React forbid to assign to what a hook returns.
    handle: (type) => `Readonly<${type}>`,
    props: './hook.js',
  }),
  hooks({
    folder: 'vue',
    prefix: 'use',
    options: 'UseOptions',
    followsOptions: true,
    props: './use.js',
    says: bind,
  }),
  hooks({
    folder: 'svelte',
    prefix: 'use',
    options: 'UseOptions',
    followsOptions: true,
    props: './use.svelte.js',
  }),
  hooks({
    folder: 'solid',
    prefix: 'create',
    options: 'CreateOptions',
    followsOptions: true,
    props: './create.js',
  }),
];
