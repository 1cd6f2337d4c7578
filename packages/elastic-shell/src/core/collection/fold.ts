// Folding of labels for comparing: case and accents taken away, by Intl. Pure.

/** Case and accents taken away. A sigma at the end of a word is a sigma, as it is in the middle of one. */
export const foldText = (text: string, locale: string | undefined): string =>
  text
    .toLocaleLowerCase(locale)
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/ß/g, 'ss')
    .replace(/ς/g, 'σ');

const plain = /^[\0-\x7f]*$/;

/** True where folding leaves every character in its place: only Turkic and Lithuanian lower plain letters in a way of their own. */
export const isPlain = (label: string, locale: string | undefined): boolean =>
  plain.test(label) && !/^(tr|az|lt)/.test(locale ?? '');

/** A label folded for comparing: no case, no accents. Takes time in line with its length. */
export const foldedLabel = (label: string, locale?: string): string =>
  isPlain(label, locale) ? label.toLowerCase() : foldText(label, locale);
