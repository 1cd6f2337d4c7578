// What editors read of the library, from the contracts: data for HTML (version 1.1 of the custom data format of language services) and
// web-types. Both know the elements, `data-wire` with its options, and the values of `command`.
const native = {
  'show-modal': 'Shows a dialog above the page, as a modal one.',
  close: 'Closes a dialog.',
  'request-close': 'Asks a dialog to close, which it may refuse.',
  'show-popover': 'Shows a popover.',
  'hide-popover': 'Hides a popover.',
  'toggle-popover': 'Shows a popover, or hides it.',
};

const listed = (names) => [...new Set(names)].join(', ');

/** The values of an attribute, where they are few. */
const valuesOf = (kind, flags) =>
  Array.isArray(kind) ? [...kind] : flags.includes(kind) ? ['true', 'false'] : [];

/** Attributes that stand on elements of anybody: name, what it says, its values with what each says. */
function globalAttributes(elements, contracts, flags) {
  const byName = new Map();
  for (const { name, options } of elements)
    for (const { attribute, kind, does, first } of options) {
      const known = byName.get(attribute) ?? { patterns: [], says: new Map(), values: new Set() };
      byName.set(attribute, known);
      known.patterns.push(name);
      known.says.set(`${does} Default: ${first}.`, [
        ...(known.says.get(`${does} Default: ${first}.`) ?? []),
        name,
      ]);
      for (const value of valuesOf(kind, flags)) known.values.add(value);
    }
  const commands = new Map(Object.entries(native));
  for (const [pattern, { commands: own }] of Object.entries(contracts))
    for (const command of Object.keys(own))
      if (command.startsWith('--'))
        commands.set(command, listed([...(commands.get(command)?.split(', ') ?? []), pattern]));
  return [
    {
      name: 'data-wire',
      description: 'Wires the element as this pattern.',
      values: elements.map(({ name, summary }) => ({ name, description: summary })),
    },
    ...[...byName].map(([name, { patterns, says, values }]) => ({
      name,
      description:
        says.size === 1
          ? `${[...says.keys()][0]} For ${listed(patterns)}.`
          : [...says].map(([text, own]) => `${listed(own)}: ${text}`).join('\n\n'),
      values: [...values].map((value) => ({ name: value })),
    })),
    {
      name: 'commandfor',
      description: 'The id of the element that a press on this button is for.',
      values: [],
    },
    {
      name: 'command',
      description: 'What a press on this button asks of the element that commandfor names.',
      values: [...commands].map(([name, says]) => ({
        name,
        description: name.startsWith('--') ? `A command of ${says}.` : says,
      })),
    },
  ];
}

/** Data for the HTML of editors. */
export const editorDataOf = (elements, contracts, flags) => ({
  version: 1.1,
  tags: elements.map(({ tag, summary, attributes }) => ({
    name: tag,
    description: summary,
    attributes: attributes.map(({ attribute, kind, does, first }) => {
      const values = valuesOf(kind, flags);
      return {
        name: attribute,
        description: `${does} Default: ${first}.`,
        ...(values.length && { values: values.map((name) => ({ name })) }),
      };
    }),
  })),
  globalAttributes: globalAttributes(elements, contracts, flags).map(({ values, ...attribute }) => ({
    ...attribute,
    ...(values.length && { values }),
  })),
});

/** The same as web-types. */
export const webTypesOf = (elements, contracts, flags, { name, version }) => ({
  $schema: 'https://json.schemastore.org/web-types',
  name,
  version,
  'description-markup': 'markdown',
  contributions: {
    html: {
      elements: elements.map(({ tag, summary, attributes, events }) => ({
        name: tag,
        description: summary,
        attributes: attributes.map(({ attribute, kind, does, first }) => {
          const values = valuesOf(kind, flags);
          return {
            name: attribute,
            description: does,
            default: first,
            required: false,
            value: { type: values.length ? values.map((each) => `'${each}'`).join(' | ') : 'string' },
          };
        }),
        js: { events: events.map(([event, , description]) => ({ name: event, description })) },
      })),
      attributes: globalAttributes(elements, contracts, flags).map(
        ({ name: attribute, description, values }) => ({
          name: attribute,
          description,
          required: false,
          value: {
            required: true,
            type: values.length ? `${values.map(({ name: each }) => `'${each}'`).join(' | ')}` : 'string',
          },
        }),
      ),
    },
  },
});
