// What JUnit reports are made of: text that is safe in XML.
import { shown } from './shown.js';

/** A text as it may stand in XML 1.0, in an attribute too. */
export const xmlText = (words: string): string =>
  shown(words).replace(/[&<>"]/g, (letter) => `&#${letter.codePointAt(0)};`);
