// Text that is safe in XML, for JUnit reports.
import { shown } from './shown.js';

/** Returns a text that is valid in XML 1.0, also in an attribute. */
export const xmlText = (words: string): string =>
  shown(words).replace(/[&<>"]/g, (letter) => `&#${letter.codePointAt(0)};`);
