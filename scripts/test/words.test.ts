// The spelling and the terms of the documents. New technical terms go into scripts/words.txt.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import nspell from 'nspell';
import { documents, root } from './support/documents';

const textOf = (path: string): string => readFileSync(join(root, path), 'utf8');
/** The prose of a document: without code, links and tags. */
const proseOf = (document: string): string =>
  textOf(document)
    .replace(/^```[\s\S]*?^```/gm, '')
    .replace(/``?[^`]*``?/g, ' ')
    .replace(/\]\([^)]*\)/g, ']')
    .replace(/<!--[\s\S]*?-->|<[^>]+>|https?:\S+|\S*[/_]\S*/g, ' ');

const dictionary = join(root, 'node_modules/dictionary-en-gb');
const spell = nspell(
  readFileSync(join(dictionary, 'index.aff')),
  readFileSync(join(dictionary, 'index.dic')),
);
for (const word of textOf('scripts/words.txt').split(/\s+/)) spell.add(word);

/** Whether a word is spelt in British English, or is a technical term, in the singular or the plural. */
const isKnown = (word: string): boolean =>
  [
    word,
    word.toLowerCase(),
    word.replace(/'s$/, ''),
    word.toLowerCase().replace(/s$/, ''),
    word.toLowerCase().replace(/es$/, ''),
  ].some((form) => spell.correct(form));

/** The words of a text that a dictionary may have: no abbreviations, and no names with capitals inside. */
const wordsOf = (text: string): string[] =>
  [...text.matchAll(/[A-Za-z][A-Za-z’'-]*[A-Za-z]/g)]
    .map(([word]) => word.replaceAll('’', "'"))
    .filter((word) => !/[A-Z].*[A-Z]|[a-z][A-Z]/.test(word))
    .flatMap((word) => word.split('-'))
    .filter((word) => word.length > 2);

it.each(documents)('%s has no misspelt word', (document) => {
  expect([...new Set(wordsOf(proseOf(document)))].filter((word) => !isKnown(word))).toEqual([]);
});

/** Terms that the documents don't use, by the term that they use. */
const terms = {
  'click outside': /\bpress(es|ed)? outside\b/i,
  'checks pass': /\brows? (that )?holds?\b/i,
  'keyboard shortcut': /(?<!`)\bchords?\b(?!:)/i,
  '--skip': /--leave-out|\bleaveOut\b/,
  '--max': /--most\b/,
  '--name': /--named\b/,
  '--screenshots': /--pictures\b/,
  'tab stop': /\bstops? of Tab\b/i,
};

/** These quote old names. */
const quoting = /upgrading|CHANGELOG/;

it.each(documents.filter((name) => !quoting.test(name)))('%s uses the right terms', (document) => {
  const text = textOf(document);
  expect(Object.entries(terms).flatMap(([term, wrong]) => (wrong.test(text) ? [term] : []))).toEqual([]);
});
