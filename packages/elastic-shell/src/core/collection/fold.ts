// Folding labels for comparison: case and accents are removed, with Intl. Pure.

/** Removes case and accents. A final sigma becomes a normal sigma. */
export const foldText = (text: string, locale: string | undefined): string =>
  text
    .toLocaleLowerCase(locale)
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/ß/g, 'ss')
    .replace(/ς/g, 'σ');

const plain = /^[\0-\x7f]*$/;

/**
 * Returns true if folding keeps the position of every character. Only Turkic languages and Lithuanian
 * lower-case plain letters differently.
 */
export const isPlain = (label: string, locale: string | undefined): boolean =>
  plain.test(label) && !/^(tr|az|lt)/.test(locale ?? '');

/** Folds a label for comparison. The time is proportional to its length. */
export const foldedLabel = (label: string, locale?: string): string =>
  isPlain(label, locale) ? label.toLowerCase() : foldText(label, locale);
