// The checks of each pattern, from its description, and those of the platform's own <select>, which is
// checked as well.
import '../described/facets.js';
import { descriptionOf, descriptions } from '../described/description.js';
import { selectChecks } from './checks/fields.js';
import type { Check } from './checks/check.js';

/**
 * Returns the checks of a pattern, or of `select`.
 *
 * @param name - The name of the pattern.
 * @returns The checks. Empty for an unknown name.
 */
export const checksOf = (name: string): readonly Check[] =>
  name === 'select' ? selectChecks : (descriptionOf(name)?.checks ?? []);

/**
 * Returns the names that have checks.
 *
 * @returns The names in alphabetical order.
 */
export const checkedNames = (): string[] =>
  [...descriptions().keys(), 'select'].filter((name) => checksOf(name).length).sort();
