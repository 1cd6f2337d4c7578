// Makes what editors and catalogues read of the elements, from the contracts: a custom-elements manifest (schema 1.0.0) and
// data for the HTML of editors (version 1.1).
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
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
  const { name, says, options, methods } = notes;
  const { options: kinds } = contracts[name];
  const about = new Map(options.map((option) => [option.name, option]));
  const attributes = [...attributesOf(kinds)]
    .filter(([attribute]) => !attribute.startsWith('data-'))
    .map(([attribute, [option, kind]]) => {
      const { does = '', default: first = '' } = about.get(option) ?? {};
      return { attribute, option, kind, does, first };
    });
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
    says,
    attributes,
    fields,
    methods,
    events: [...events, ...(more[name] ?? [])],
  };
});

const classOf = (name) => `Shell${name[0].toUpperCase()}${name.slice(1)}`;
const manifest = {
  schemaVersion: '1.0.0',
  readme: '',
  modules: elements.map(({ name, tag, says, attributes, fields, methods, events: told }) => {
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
          description: says,
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

const editorData = {
  version: 1.1,
  tags: elements.map(({ tag, says, attributes }) => ({
    name: tag,
    description: says,
    attributes: attributes.map(({ attribute, kind, does, first }) => ({
      name: attribute,
      description: `${does} Default: ${first}.`,
      ...(Array.isArray(kind) && { values: kind.map((word) => ({ name: word })) }),
      ...(flags.includes(kind) && { values: [{ name: 'true' }, { name: 'false' }] }),
    })),
  })),
};

writeFileSync(join(dist, 'custom-elements.json'), `${JSON.stringify(manifest, null, 2)}\n`);
writeFileSync(join(dist, 'editor-data.json'), `${JSON.stringify(editorData, null, 2)}\n`);
