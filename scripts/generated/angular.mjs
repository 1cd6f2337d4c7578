// The package for Angular: handles, functions, and the directives that need no code of their own.
import { join } from 'node:path';
import { bind, generics } from './bindings.mjs';
import { hasOwnDirective, itemTypes, notes as allNotes, oneOf, origin, patterns, root } from './facts.mjs';
import { kindsOf, wordsOf } from './options.mjs';

const angular = join(root, 'packages/angular/src');
const fromLibrary = (names) => `import type { ${names.join(', ')} } from 'elastic-shell';`;
const patternValues = (type = '', of = patterns) =>
  `import ${type}{ ${of.map(({ name }) => `${name}Pattern`).join(', ')} } from 'elastic-shell/bindings';`;

/** The options that `LayerDirective` has as inputs. */
const layerInputs = 'outside escape focusOut behind firstFocus focusReturn content loadOn keepContent'.split(
  ' ',
);

/** Whether an option is an input of its own. The base class declares some, and outputs replace callbacks. */
const isInput = (name) => name !== 'externalChanges' && !/^on[A-Z]/.test(name);

/** The type of a state, by the kind of its option. */
const stateTypes = {
  'true, false or a cell': 'boolean',
  'a number or a cell': 'number',
  'a text or a cell': 'string',
  'a key or a cell': 'string | undefined',
  'keys or a cell': 'ReadonlySet<string>',
};

const sentence = (words) => `${words[0].toUpperCase()}${words.slice(1)}`;

/** The input of one option. */
function inputOf(Name, { name, does, default: otherwise }, kind) {
  const doc = `/** ${sentence(does.replace(/\.$/, ''))}.${
    name === 'content'
      ? ' It may return a value, a promise or an observable. `*shellContent` renders the value if there is one.'
      : name === 'guard'
        ? ' An observable works like a promise.'
        : ''
  } @defaultValue ${otherwise} */`;
  if (name === 'content')
    return `${doc}\n  readonly content = input<((signal: AbortSignal, key?: string) => unknown) | string>();`;
  if (kind === 'true or false')
    return `${doc}\n  readonly ${name} = input<boolean | undefined, unknown>(undefined, { transform: flag });`;
  if (kind === 'a number')
    return `${doc}\n  readonly ${name} = input<number | undefined, unknown>(undefined, { transform: count });`;
  const type = `${Name}Options['${name}']`;
  return `${doc}\n  readonly ${name}: InputSignal<${type} | undefined> = input<${type}>();`;
}

/** The input and the output of one state. */
const stateOf = (
  name,
  type,
) => `/** The state \`${name}\`. If it is bound, the component decides about each change. If not, the pattern stores it. */
  readonly ${name}Input = input<${type.includes('undefined') ? type : `${type} | undefined`}>(notBound(), { alias: '${name}' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly ${name}Change = output<${type}>();`;

/** A directive: its class, and the interface that adds its handle. */
function directive(pattern) {
  const { name, Name } = pattern;
  const notes = allNotes[name];
  const kinds = kindsOf(name);
  const isLayer =
    layerInputs.every((each) => each in kinds || /content|loadOn/i.test(each)) && 'behind' in kinds;
  const states = notes.states.filter((each) => stateTypes[kinds[each.name]]);
  const own = wordsOf(name).filter(
    (option) =>
      isInput(option.name) &&
      !states.some((state) => state.name === option.name) &&
      !(isLayer && layerInputs.includes(option.name)),
  );
  const base = isLayer ? 'LayerDirective' : 'PatternDirective';
  const names = `${isLayer ? '...layerInputs, ' : ''}${own.map((option) => `'${option.name}'`).join(', ')}`;
  return `/** What \`Shell${Name}\` has besides its inputs and outputs: states, parts and methods. */
export interface Shell${Name} extends ${Name}Handle {}

/** ${notes.summary} Its element: ${notes.parts.root.is}. */
@Directive({ selector: '[shell${Name}]', exportAs: 'shell${Name}' })
export class Shell${Name} extends ${base} {
  ${[
    ...states.map((state) => stateOf(state.name, stateTypes[kinds[state.name]])),
    ...('onPick' in kinds
      ? ['/** Emits when an item is activated. */\n  readonly shellPick = output<MenuPick>();']
      : []),
    ...own.map((option) => inputOf(Name, option, kinds[option.name])),
  ].join('\n  ')}

  constructor() {
    super(${name}Pattern, [${names}]);
  }
}
`;
}

const plain = patterns.filter(({ name }) => !hasOwnDirective(name));
const special = patterns.filter(({ name }) => hasOwnDirective(name));

/** The generated files of the package for Angular. */
export const angularFiles = [
  {
    path: join(angular, 'handles.ts'),
    text: [
      origin,
      fromLibrary([...patterns.map(({ Name }) => Name), ...itemTypes]),
      patternValues('type '),
      `import type { Handle } from './handle.js';`,
      '',
      ...patterns.map(({ name, Name, item }) =>
        item
          ? `/** The handle of ${oneOf(name)}, with items of type \`I\`. */\nexport interface ${Name}Handle<I extends ${item} = ${item}, Multiple extends boolean = false> extends Handle<${Name}<Multiple>, typeof ${name}Pattern, I> {}`
          : `/** The handle of ${oneOf(name)}. */\nexport interface ${Name}Handle extends Handle<${Name}, typeof ${name}Pattern> {}`,
      ),
      '',
    ].join('\n'),
  },
  {
    path: join(angular, 'inject-patterns.ts'),
    text: [
      origin,
      '/* eslint-disable max-lines */',
      fromLibrary([...patterns.flatMap(({ Name }) => [Name, `${Name}Options`]), ...itemTypes]),
      patternValues(),
      `import type { ${patterns.map(({ Name }) => `${Name}Handle`).join(', ')} } from './handles.js';`,
      `import { type InjectOptions, type InjectRoot, make } from './inject.js';`,
      '',
      ...patterns.map((pattern) => {
        const { name, Name, words, item } = pattern;
        const { params, options, wired, handleParams } = generics(pattern);
        const types = `${options}, ${wired}, typeof ${name}Pattern`;
        return [
          `/** The options of \`inject${Name}\`. */`,
          `export interface Inject${Name}Options${handleParams} extends InjectOptions<${types}> {\n  // With a member of its own, errors name this interface instead of the type that it extends.\n  /**\n   * Called before each change. Return false to block the change, or a promise or an observable to decide later.\n   *\n   * @defaultValue none\n   */\n  guard?: ${options}['guard'] | undefined;\n}`,
          '',
          `/**\n * Wires ${oneOf(name)}. Call it in an injection context. ${bind(words).replace('`Rows`', '`*shellRows`')}\n *\n * @param options - Returns the options of the pattern.\n * @param root - The root element: that of the component, or one from its view. Default: the element that has the part \`root\`.\n * @param id - The id of the root. Default: a unique id.\n * @returns The handle: states as signals, parts for \`[shellPart]\`, and methods.\n */`,
          `export const inject${Name} = ${params}(options: () => Inject${Name}Options${item ? '<I, Multiple>' : ''} = () => ({}), root?: InjectRoot, id?: string): ${Name}Handle${item ? '<I, Multiple>' : ''} => make<${types}${item ? ', I' : ''}>(${name}Pattern, options, root, id);`,
          '',
        ].join('\n');
      }),
    ].join('\n'),
  },
  {
    path: join(angular, 'plain-directives.ts'),
    text: [
      origin,
      '/* eslint-disable max-lines */',
      '// The directives that need no code of their own. Their inputs and outputs come from the notes of the pattern.',
      `import { Directive, input, type InputSignal, output } from '@angular/core';`,
      fromLibrary([...plain.map(({ Name }) => `${Name}Options`), 'MenuPick']),
      patternValues('', plain),
      `import type { ${plain.map(({ Name }) => `${Name}Handle`).join(', ')} } from './handles.js';`,
      `import { layerInputs, LayerDirective } from './layer.js';`,
      `import { count, flag, notBound, PatternDirective } from './pattern.js';`,
      '',
      ...plain.map(directive),
    ].join('\n'),
  },
  {
    path: join(angular, 'directives.ts'),
    text: [
      origin,
      '// Every directive, for the imports of a component.',
      `import { ${plain.map(({ Name }) => `Shell${Name}`).join(', ')} } from './plain-directives.js';`,
      ...special.map(({ name, Name }) => `import { Shell${Name} } from './${name}.js';`),
      `import { ShellPart } from './part.js';`,
      `import { ShellContent, ShellRows, ShellTokens } from './places.js';`,
      '',
      `export { ${patterns.map(({ Name }) => `Shell${Name}`).join(', ')} };`,
      '',
      '/** Every directive: `imports: [shellDirectives]`. */',
      `export const shellDirectives = [ShellPart, ShellRows, ShellTokens, ShellContent, ${patterns.map(({ Name }) => `Shell${Name}`).join(', ')}] as const;`,
      '',
    ].join('\n'),
  },
];
