// The handles of the patterns, with a docstring for each state, part and method. Each framework decides the type of a part.
import { join } from 'node:path';
import { generics } from './bindings.mjs';
import { itemImports, oneOf, origin, patterns, src } from './facts.mjs';
import { checker, docOf, interfaceOf, outlineOf } from './typed.mjs';

const elements = {
  button: 'HTMLButtonElement',
  details: 'HTMLDetailsElement',
  dialog: 'HTMLDialogElement',
  input: 'HTMLInputElement',
  label: 'HTMLLabelElement',
};

const docstring = (text) => `/** ${text.replace(/\s+/g, ' ').trim()} */`;

/** The members of a type by name. */
const membersOf = (type) => new Map(checker.getPropertiesOfType(type).map((each) => [each.name, each]));

const typeOf = (members, name) => checker.getTypeOfSymbol(members.get(name));

/** A part: its docstring, and its type, which names the element that it is spread onto. */
function partOf(symbol, Name, isEach) {
  const doc = docOf(symbol);
  const place = `the part ${symbol.name} of ${Name}`;
  if (!doc) throw new Error(`${place} needs a docstring in core/outline`);
  const [, tag] = /onto an? `<(\w+)>`/.exec(doc) ?? [];
  const type = `PartOf<F, ${(tag && elements[tag]) || 'HTMLElement'}>`;
  if (!isEach) return `${docstring(doc)}\n  readonly ${symbol.name}: ${type};`;
  const [signature] = checker.getTypeOfSymbol(symbol).getCallSignatures();
  const parameters = signature.parameters.slice(1).map((each) => {
    const declared = each.valueDeclaration;
    return `${each.name}${declared.questionToken ? '?' : ''}: ${declared.type.getText()}`;
  });
  return `${docstring(doc)}\n  readonly ${symbol.name}: (${parameters.join(', ')}) => ${type};`;
}

/** The handle of one pattern. */
function handle(pattern) {
  const { name, Name } = pattern;
  const { wired, handleParams, item } = generics(pattern);
  const outline = membersOf(outlineOf(pattern));
  const own = membersOf(interfaceOf(name, Name));
  const states = [...membersOf(typeOf(outline, 'first')).keys()].map((state) => {
    const doc = own.get(state) && docOf(own.get(state));
    if (!doc) throw new Error(`the state ${state} of ${Name} needs a docstring`);
    return `${docstring(doc)}\n  ${state}: StateOf<${wired}, '${state}'>;`;
  });
  const methods = [...own.values()]
    .filter((each) => checker.getTypeOfSymbol(each).getCallSignatures().length)
    .map((each) => each.name)
    .filter((each) => !['update', 'unwire'].includes(each));
  const bases = [
    `HandleBase<${wired}>`,
    ...(item ? ['RowsOf<I>'] : []),
    ...(methods.length ? [`Pick<${wired}, ${methods.map((each) => `'${each}'`).join(' | ')}>`] : []),
  ];
  const params = `<F extends PartKind${handleParams ? `, ${handleParams.slice(1, -1)}` : ''}>`;
  return [
    `/** The handle of ${oneOf(name)}: its states, parts and methods. */`,
    `export interface ${Name}HandleIn${params} extends ${bases.join(', ')} {`,
    ...states,
    ...checker.getPropertiesOfType(typeOf(outline, 'single')).map((part) => partOf(part, Name, false)),
    ...checker.getPropertiesOfType(typeOf(outline, 'each')).map((part) => partOf(part, Name, true)),
    '}',
    '',
  ].join('\n');
}

/** The generated file of handles. */
export const handleFiles = [
  {
    path: join(src, 'bindings/handles.ts'),
    text: [
      origin.replace('the folders', 'the interfaces and outlines of the patterns'),
      ...patterns.map(({ name, Name }) => `import type { ${Name} } from '../patterns/${name}/wire.js';`),
      `import type { HandleBase, PartKind, PartOf, RowsOf, StateOf } from './handle.js';`,
      ...itemImports('../core'),
      '',
      ...patterns.map(handle),
    ].join('\n'),
  },
];
