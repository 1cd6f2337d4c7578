// What rules ask about described patterns: their names, their commands, and which pattern an element is the root of.
import '../../described/built-in.js';
import { type Description, descriptionOf, descriptions, patternOfTag } from '../../described/description.js';
import type { Markup } from '../../core/rules/markup.js';
import type { Page, Test } from '../../core/rules/page.js';

/** A custom element of a described pattern, or an element with `data-wire`. */
export const isDescribed: Test = (element) =>
  !!patternOfTag(element.tag) || element.attribute('data-wire') !== null;

/**
 * Returns the names of all described patterns.
 *
 * @returns The names in alphabetical order.
 */
export const patternNames = (): string[] => [...descriptions().keys()].sort();

/** Returns the custom commands of a pattern. */
export const commandsOf = (name: string): readonly string[] =>
  Object.keys(descriptionOf(name)?.commands ?? {}).filter((command) => command.startsWith('--'));

/** Returns the pattern that a custom element or `data-wire` names, or undefined. */
export function namedPattern(element: Markup): Description | undefined {
  const wired = element.attribute('data-wire');
  const name = wired ?? patternOfTag(element.tag);
  return name === undefined ? undefined : descriptionOf(name);
}

/** Returns the name of the pattern that an element is the root of, or undefined if the markup doesn't show it. */
export function patternOf(element: Markup, page: Page): string | undefined {
  if (isDescribed(element)) return namedPattern(element)?.name;
  const around = page.around(element, isDescribed);
  const outer = around && patternOfTag(around.tag) ? namedPattern(around) : undefined;
  if (outer?.isRoot(element)) return outer.name;
  // Otherwise its tag or its role shows it. A <dialog> can be a drawer, which has the same commands.
  return [...descriptions().values()].find(({ isRoot }) => isRoot(element))?.name;
}
