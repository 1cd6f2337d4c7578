// Options and methods of a pattern are declared once: in interfaces with docstrings. This reads them, and writes what each option takes
// (for checks and elements) and the notes about options and methods (for documents and tools).
import { join } from 'node:path';
import ts from 'typescript';
import { origin, patterns, src } from './facts.mjs';
import { checker, interfaceOf, plain, summaryOf } from './typed.mjs';

/** What types say by their name alone. */
const named = {
  'StateOption<boolean>': 'true, false or a cell',
  'StateOption<number>': 'a number or a cell',
  'StateOption<string>': 'a text or a cell',
  'StateOption<string | undefined>': 'a key or a cell',
  KeysOption: 'keys or a cell',
  'SelectedOption<Multiple>': 'a key, keys or a cell',
  Multiple: 'true or false',
};

/** What unions of several types are, by the types they have in alphabetical order. */
const unions = {
  boolean: 'true or false',
  number: 'a number',
  string: 'a text',
  function: 'a function',
  object: 'an object',
  'function object': 'an element, a point, or a function',
  'function object string': 'a selector, an element, or a function',
  'function string': 'a function, or a selector',
};

/** The type of value (`typeof`) of a member of a union. */
const typeName = (type) => {
  if (type.flags & ts.TypeFlags.BooleanLike) return 'boolean';
  if (type.flags & ts.TypeFlags.NumberLike) return 'number';
  if (type.flags & ts.TypeFlags.StringLike) return 'string';
  return type.getCallSignatures().length ? 'function' : 'object';
};

/** What an option takes: a list of words, or a kind of `core/contract/options.ts`. */
function kindOf(option) {
  const { type: node } = option.declarations[0];
  const text = ts.isMethodSignature(option.declarations[0]) ? '' : node.getText();
  if (named[text]) return named[text];
  if (text.startsWith('ItemsOption')) return 'a list, a cell of one, or a function';
  const type = checker.getNonNullableType(checker.getTypeOfSymbol(option));
  const members = type.isUnion() ? type.types : [type];
  const words = members.flatMap((each) => (each.isStringLiteral() ? each.value : []));
  // A function may take the place of a word.
  if (words.length) return inOrder(words, option);
  return unions[[...new Set(members.map(typeName))].sort().join(' ')];
}

/** Words in the order in which the declaration has them: the checker sorts them as it pleases. */
function inOrder(words, option) {
  const texts = [];
  const visit = (node) => {
    if (ts.isLiteralTypeNode(node)) texts.push(node.literal.text);
    else if (ts.isTypeReferenceNode(node)) {
      const symbol = checker.getSymbolAtLocation(node.typeName);
      const target = symbol?.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(symbol) : symbol;
      const alias = target?.declarations?.find(ts.isTypeAliasDeclaration);
      if (alias) visit(alias.type);
    } else if (ts.isUnionTypeNode(node)) node.types.forEach(visit);
  };
  visit(option.declarations[0].type);
  const known = texts.filter((text) => words.includes(text));
  return known.length === words.length ? known : words;
}

/** What an option takes, for readers. */
function valuesOf(kind, option) {
  if (typeof kind === 'string') return kind;
  const isFunctionToo = checker
    .getNonNullableType(checker.getTypeOfSymbol(option))
    .types?.some((each) => typeName(each) === 'function');
  return `${kind.join(', ')}${isFunctionToo ? ' or a function' : ''}`;
}

/** Replacements of types that only their own module explains, in the order in which they are tried. */
const spelledOut = [
  [/^StateOption<(.*)>$/, '$1 | Cell<$1>'],
  [/^KeysOption$/, 'Iterable<string> | Cell<Set<string>>'],
  [/^SelectedOption<Multiple>$/, 'string | Iterable<string> | Cell'],
  [/^Multiple$/, 'boolean'],
  [/^ItemsOption<[^>]*>$/, 'Item[] | Cell<Item[]>'],
  [
    /^ItemsOption<[^>]*> \| AskedItems<[^>]*>$/,
    'Item[] | Cell<Item[]> | ((query, signal) => Item[] | Promise<Item[]>)',
  ],
  [/^AnchorOptions\['area'\]$|^string \| undefined$/, 'string'],
  [/^AnchorOptions\['gap'\]$|^number \| undefined$/, 'number'],
  [/^ContentSource$/, 'string | ((signal, key?) => Content | Promise<Content>)'],
  [/^FocusChoice$/, 'string | Element | (() => Element | string)'],
];

/** How a function is written where its declaration names types of its own. */
const functions = {
  guard: '(change) => boolean | Promise<boolean>',
  onChange: '(change) => void',
  onRefuse: '(refusal) => void',
};

/** The type of an option, as a reader would write it. */
function typeTextOf(option, kind) {
  if (functions[option.name]) return functions[option.name];
  const declaration = option.declarations[0];
  const words = Array.isArray(kind) ? kind.map((word) => `'${word}'`).join(' | ') : '';
  if (ts.isMethodSignature(declaration)) {
    const names = declaration.parameters.map((each) => each.name.getText()).join(', ');
    const isLate = /PromiseLike/.test(declaration.type.getText());
    const returned = declaration.type
      .getText()
      .split(' | ')[0]
      .replace(/^readonly |NoInfer<(.*?)>/g, '$1');
    const made = returned.replace(/^N\[\]$/, 'Node[]').replace(/^I$/, 'Item');
    return `(${names}) => ${made}${isLate ? ` | Promise<${made}>` : /Node \|/.test(declaration.type.getText()) ? ' | string | RowLife' : ''}`;
  }
  const text = declaration.type.getText().replace(/\s+/g, ' ');
  for (const [pattern, spelled] of spelledOut) if (pattern.test(text)) return text.replace(pattern, spelled);
  if (words)
    return `${words}${valuesOf(kind, option).endsWith(' or a function') ? ' | ((label, query) => boolean)' : ''}`;
  if (text.startsWith('readonly Fallback[]')) return 'string[]';
  if (kind === 'an object') return 'object';
  if (kind === 'an element, a point, or a function') return 'Element | { x, y } | (() => Element | { x, y })';
  return text.replace('ReadonlySet', 'Set').replace('Selected<Multiple>', 'string | undefined | Set<string>');
}

/** The options of a pattern in the order of its interface, own ones first. */
function optionsOf({ name, Name }) {
  return checker.getPropertiesOfType(interfaceOf(name, `${Name}Options`)).map((option) => {
    const kind = kindOf(option);
    const says = summaryOf(option);
    const otherwise = option.getJsDocTags(checker).find((tag) => tag.name === 'defaultValue')?.text;
    const place = `${Name}Options.${option.name}`;
    if (!kind) throw new Error(`${place}: what it takes is no kind of core/contract/options.ts`);
    if (!says || !otherwise) throw new Error(`${place} needs a docstring with @defaultValue`);
    return {
      name: option.name,
      kind,
      values: valuesOf(kind, option),
      type: typeTextOf(option, kind),
      default: plain(ts.displayPartsToString(otherwise)),
      does: plain(says),
      example: exampleOf(option),
    };
  });
}

/** The example of a docstring, without the braces around it. */
const exampleOf = (option) => {
  const text = option.getJsDocTags(checker).find((tag) => tag.name === 'example')?.text;
  if (!text) throw new Error(`${option.name} needs an @example in its docstring`);
  return ts
    .displayPartsToString(text)
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/^\{ (.*) \}$/, '$1');
};

/** The methods of a pattern, without those that everything wired has. */
const methodsOf = ({ name, Name }) =>
  checker.getPropertiesOfType(interfaceOf(name, Name)).flatMap((member) => {
    const [signature] = checker.getTypeOfSymbol(member).getCallSignatures();
    if (!signature || ['update', 'unwire'].includes(member.name)) return [];
    const says = summaryOf(member);
    if (!says) throw new Error(`${Name}.${member.name} needs a docstring`);
    return {
      name: `${member.name}(${signature.parameters.map((each) => each.name).join(', ')})`,
      does: plain(says),
    };
  });

const read = new Map(patterns.map((pattern) => [pattern.name, optionsOf(pattern)]));

/** What each option of a pattern takes, by name. */
export const kindsOf = (name) =>
  Object.fromEntries(read.get(name).map((option) => [option.name, option.kind]));

/** The notes about the options of a pattern. */
export const wordsOf = (name) => read.get(name);

/** The generated files about options. */
export const optionFiles = [
  {
    path: join(src, 'core/contract/option-kinds.ts'),
    text: [
      origin.replace('the folders', 'the interfaces of the patterns'),
      '/* eslint-disable max-lines */',
      '// What each option takes. Every table is written out, since bundlers keep unused objects that are spread.',
      '',
      ...patterns.flatMap(({ name }) => [
        `/** The options of the pattern \`${name}\`. */`,
        `export const ${name}OptionKinds = {`,
        ...read.get(name).map((option) => `  ${option.name}: ${JSON.stringify(option.kind)},`),
        '} as const;',
        '',
      ]),
    ].join('\n'),
  },
  {
    path: join(src, 'core/contract/typed-notes.ts'),
    text: [
      origin.replace('the folders', 'the interfaces of the patterns'),
      '/* eslint-disable max-lines */',
      '// Notes about options and methods: the first paragraph of each docstring, and the default of each option.',
      `import type { Notes, OptionNote } from './contract.js';`,
      '',
      ...patterns.flatMap((pattern) => {
        const { name } = pattern;
        return [
          `/** Notes about the options of the pattern \`${name}\`. */`,
          `export const ${name}OptionNotes: readonly OptionNote[] = [`,
          ...read.get(name).map(({ kind: _, ...note }) => `  ${JSON.stringify(note)},`),
          '];',
          '',
          `/** Notes about the methods of the pattern \`${name}\`. */`,
          `export const ${name}MethodNotes: Notes['methods'] = [`,
          ...methodsOf(pattern).map((note) => `  ${JSON.stringify(note)},`),
          '];',
          '',
        ];
      }),
    ].join('\n'),
  },
];
