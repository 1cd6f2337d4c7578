// Rules about the library's own elements and data-wire: their attributes and values, and required content.
import { type Markup, tagText } from '../../core/rules/markup.js';
import type { Found, Rule } from '../../core/rules/rule.js';
import type { OptionKind } from '../../core/contract/options.js';
import { nearest } from '../../core/text.js';
import { attributesOf, flags, revisionAttribute, waitAttribute } from '../../engine/attributes.js';
import { descriptionOf, descriptions, patternOfTag } from '../../described/description.js';
import { namedPattern, patternNames } from './ours.js';

/** Attributes that any element may have (HTML, global attributes). */
const global = new Set(
  `accesskey autocapitalize autocorrect autofocus class contenteditable dir draggable enterkeyhint exportparts
  hidden id inert inputmode is itemid itemprop itemref itemscope itemtype lang nonce part popover ref role key
  slot spellcheck style tabindex title translate writingsuggestions`.split(/\s+/),
);

/** Attributes of elements that are form controls (HTML, form-associated custom elements). */
const ofForms = new Set(['name', 'disabled', 'form']);

/** Attributes beside `data-wire` that aren't options. */
const beside = new Set([revisionAttribute, waitAttribute]);

/**
 * A name that has no meaning in HTML, but in templates and scripts: `v-if`, `@click`, `hx-get`, `bind:value`,
 * `data-…`.
 */
const isElsewhere = (name: string): boolean =>
  !/^[a-z][a-z0-9-]*$/.test(name) || /^(aria|data|v|x|hx|ng|up|on)-|^on|^_/.test(name);

/** Returns what a value should be, if it is something else. Undefined for a valid value. */
function wanted(kind: OptionKind, value: string): string | undefined {
  if (Array.isArray(kind)) return kind.includes(value) ? undefined : `one of ${kind.join(', ')}`;
  if (typeof kind !== 'string') return undefined;
  if (flags.includes(kind)) return /^(|true|false)$/.test(value) ? undefined : 'true, false or empty';
  if (kind.startsWith('a number'))
    return value.trim() && Number.isFinite(Number(value)) ? undefined : 'a number';
  return undefined;
}

/** Returns a name without the difference between `rowHeight` and `row-height`. */
const plain = (name: string): string => name.replaceAll('-', '').toLowerCase();

/** What is known about an element of the library. */
interface Plan {
  pattern: string;
  /** The attributes for its options. */
  attributes: Map<string, [string, OptionKind]>;
  /** The names of its options as properties. */
  properties: ReadonlySet<string>;
}

/** Returns what is known about an element of the library. Undefined if it names no pattern. */
function plan(element: Markup): Plan | undefined {
  const { name: pattern, options } = namedPattern(element) ?? {};
  if (!pattern || !options) return undefined;
  const properties = new Set(Object.keys(options).map(plain));
  // The option `children` of a tree has another name as a property, because every element has children
  // already.
  if (properties.has('children')) properties.add('childrenof');
  return { pattern, attributes: attributesOf(options), properties };
}

/** The tags of the custom elements of all described patterns. */
const tags = (): string[] => [...descriptions().values()].map(({ tag }) => tag);

/** Rules about the library's elements and data-wire. */
export const elementRules: readonly Rule[] = [
  {
    code: 'shell-attribute-unknown',
    severity: 'error',
    clause: 'The options of each pattern, in its contract',
    summary: 'An element of this library has an unknown attribute.',
    get on() {
      return [...tags(), '[data-wire]'];
    },
    find(element) {
      const { pattern, attributes, properties } = plan(element) ?? {};
      if (!pattern || !attributes || !properties) return undefined;
      const isElement = !!patternOfTag(element.tag);
      const isFormControl = isElement && descriptionOf(pattern)?.isFormControl;
      const found: Found[] = [];
      for (const name of element.names()) {
        const isOption = name.startsWith('data-wire-');
        if (element.isBound?.(name) && properties.has(plain(name))) continue;
        if (beside.has(name) || (isFormControl && ofForms.has(name))) continue;
        if (attributes.has(name) || (!isOption && (!isElement || global.has(name) || isElsewhere(name))))
          continue;
        const near = nearest(
          name,
          [...attributes.keys()].filter((each) => each.startsWith('data-wire-') === isOption),
        );
        found.push({
          element,
          attribute: name,
          sentence: `${tagText(element)} has the attribute ${name}, which isn’t an option of ${pattern}.`,
          remedy: near
            ? `Did you mean "${near}"?`
            : 'Options that an attribute can’t set are properties, or options of the wire function.',
        });
      }
      return found;
    },
  },
  {
    code: 'shell-value-unknown',
    severity: 'error',
    clause: 'The options of each pattern, in its contract',
    summary: 'An attribute of an element of this library has an invalid value.',
    get on() {
      return [...tags(), '[data-wire]'];
    },
    find(element) {
      const { attributes } = plan(element) ?? {};
      if (!attributes) return undefined;
      return [...element.names()].flatMap((name): Found[] => {
        const [, kind] = attributes.get(name) ?? [];
        const value = element.attribute(name);
        const wish = kind && value !== null ? wanted(kind, value) : undefined;
        if (!wish || !kind) return [];
        const near = Array.isArray(kind) ? nearest(value ?? '', kind) : undefined;
        return [
          {
            element,
            attribute: name,
            sentence: `${tagText(element)} has ${name}="${value}", which must be ${wish}.`,
            remedy: near ? `Did you mean "${near}"?` : 'Use a valid value, or remove the attribute.',
          },
        ];
      });
    },
  },
  {
    code: 'shell-part-missing',
    severity: 'error',
    clause: 'The parts of each pattern, in its contract',
    summary: 'An element of this library lacks a part that it needs.',
    get on() {
      return tags();
    },
    find(element, page) {
      const { needs = [] } = namedPattern(element) ?? {};
      const missing = needs.find(([, test]) => !page.within(element, test));
      if (!missing) return undefined;
      // Empty content may be filled by code, before it is wired.
      const isEmpty = !page.within(element, () => true);
      return {
        element,
        sentence: `${tagText(element)} needs ${missing[0]} inside it, so it isn’t wired.`,
        remedy: 'Add it inside the element.',
        ...(isEmpty && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'part-attribute-replaced',
    severity: 'error',
    clause: 'The parts of each pattern, whose attributes belong to their element',
    summary: 'An attribute is written on an element beside a part that also sets it.',
    on: ['*'],
    // Only its tag is shown, because what is bound on it is unknown.
    find: (element) =>
      element.givenTwice?.map((attribute) =>
        attribute === 'ref'
          ? {
              element,
              attribute,
              sentence: `<${element.tag}> has a ref beside a part that is spread on it and has a ref too. One of them is lost, and your code or the pattern no longer has the element.`,
              remedy: 'Pass your ref to the hook: { ref: yourRef }.',
            }
          : {
              element,
              attribute,
              sentence: `<${element.tag}> has ${attribute === 'id' ? 'an id' : attribute} beside a part that is spread on it and sets it too. One of them is lost, and other parts refer to it.`,
              remedy: 'Pass the id of the root as an option: { id: "yours" }.',
              // The same may be given as an option.
              severity: 'warning',
            },
      ),
  },
  {
    code: 'wire-pattern-unknown',
    severity: 'error',
    clause: 'data-wire: the name of a pattern',
    summary: 'data-wire names an unknown pattern.',
    on: ['[data-wire]'],
    find(element) {
      const name = element.attribute('data-wire');
      if (name === null || descriptionOf(name)) return undefined;
      const near = nearest(name, patternNames());
      return {
        element,
        attribute: 'data-wire',
        sentence: `${tagText(element)} has data-wire="${name}", which isn’t the name of a pattern.`,
        remedy: near ? `Did you mean "${near}"?` : `The patterns are ${patternNames().join(', ')}.`,
        // A custom pattern may have it.
        ...(!near && { severity: 'warning' }),
      };
    },
  },
];
