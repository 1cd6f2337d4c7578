// Makes what catalogues and editors read of the library, from the contracts: a custom-elements manifest (schema 1.0.0), and what
// editors.mjs makes of them.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { editorDataOf, webTypesOf } from './editors.mjs';
import { root } from './setup.mjs';

const dist = join(root, 'packages/elastic-shell/dist');
const core = await import(join(dist, 'core/index.js'));
const { attributesOf, flags } = await import(join(dist, 'engine/attributes.js'));

const contracts = Object.fromEntries(
  Object.values(core)
    .filter((each) => each?.semantics && each.commands)
    .map((contract) => [contract.name, contract]),
);

/** The three events of every element, and what the menu tells besides. */
const events = [
  ['shell-change', 'CustomEvent<Change>', 'A state has changed, and the page shows it.'],
  [
    'shell-guard',
    'CustomEvent<GuardDetail>',
    'A state is about to change: preventDefault() refuses, detail.wait(promise) makes it wait.',
  ],
  ['shell-refuse', 'CustomEvent<Refusal>', 'A change was refused, by the guard or by the owner of a state.'],
];
const more = { menu: [['shell-pick', 'CustomEvent<MenuPick>', 'An item was activated.']] };

const propertyOf = (name, option) => (name === 'tree' && option === 'children' ? 'childrenOf' : option);
const typeOf = (kind) => (typeof kind === 'string' ? kind : kind.map((word) => `'${word}'`).join(' | '));

const elements = core.notes.map((notes) => {
  const { name, summary, options, methods } = notes;
  const { options: kinds } = contracts[name];
  const about = new Map(options.map((option) => [option.name, option]));
  const said = [...attributesOf(kinds)].map(([attribute, [option, kind]]) => {
    const { does = '', default: first = '' } = about.get(option) ?? {};
    return { attribute, option, kind, does, first };
  });
  // Those of the element, and those of anybody's element that says by data-wire what it is.
  const attributes = said.filter(({ attribute }) => !attribute.startsWith('data-'));
  const wireOptions = said.filter(({ attribute }) => attribute.startsWith('data-'));
  const fields = Object.entries(kinds)
    .filter(([option]) => !/^on[A-Z]/.test(option))
    .map(([option, kind]) => ({
      kind: 'field',
      name: propertyOf(name, option),
      type: { text: typeOf(kind) },
      description: about.get(option)?.does ?? '',
    }));
  return {
    name,
    tag: `shell-${name}`,
    summary,
    attributes,
    options: wireOptions,
    fields,
    methods,
    events: [...events, ...(more[name] ?? [])],
  };
});

const classOf = (name) => `Shell${name[0].toUpperCase()}${name.slice(1)}`;
const manifest = {
  schemaVersion: '1.0.0',
  readme: '',
  modules: elements.map(({ name, tag, summary, attributes, fields, methods, events: told }) => {
    const path = `dist/patterns/${name}/element.js`;
    return {
      kind: 'javascript-module',
      path,
      declarations: [
        {
          kind: 'class',
          name: classOf(name),
          tagName: tag,
          customElement: true,
          superclass: { name: 'HTMLElement' },
          description: summary,
          attributes: attributes.map(({ attribute, option, kind, does, first }) => ({
            name: attribute,
            fieldName: propertyOf(name, option),
            type: { text: typeOf(kind) },
            description: does,
            default: first,
          })),
          members: [
            ...fields,
            ...methods.map((method) => ({
              kind: 'method',
              name: method.name.replace(/\(.*/, ''),
              description: method.does,
            })),
          ],
          events: told.map(([event, type, description]) => ({
            name: event,
            type: { text: type },
            description,
          })),
        },
      ],
      exports: [
        { kind: 'custom-element-definition', name: tag, declaration: { name: classOf(name), module: path } },
      ],
    };
  }),
};

const library = JSON.parse(readFileSync(join(dist, '../package.json'), 'utf8'));
const editorData = editorDataOf(elements, contracts, flags);
const webTypes = webTypesOf(elements, contracts, flags, library);

writeFileSync(join(dist, 'custom-elements.json'), `${JSON.stringify(manifest, null, 2)}\n`);
writeFileSync(join(dist, 'editor-data.json'), `${JSON.stringify(editorData, null, 2)}\n`);
writeFileSync(join(dist, 'web-types.json'), `${JSON.stringify(webTypes, null, 2)}\n`);
