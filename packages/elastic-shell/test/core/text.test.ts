import fc from 'fast-check';
import { failureText, hasWords, labelText, nearest } from '../../src/core/text';

describe('text', () => {
  it('folds white space in a label', () => {
    expect(labelText('  Show\n   more ')).toBe('Show more');
    expect(labelText(null)).toBe('');
  });
  it.each([
    ['Close', true],
    ['Закрыть', true],
    ['إغلاق', true],
    ['2', true],
    ['×', false],
    [' ✕ ', false],
    ['', false],
  ])('sees words in %j: %s', (text, expected) => expect(hasWords(text)).toBe(expected));
  it('makes a sentence of whatever was thrown', () => {
    expect(failureText(new Error('The store  is closed.'))).toBe('The store is closed.');
    expect(failureText('no')).toBe('no');
    expect(failureText(undefined)).toBe('undefined');
  });
});

describe('nearest', () => {
  it('finds a word with one slip in it', () => {
    const word = fc.string({ unit: fc.constantFrom(...'abcdefghij'), minLength: 4, maxLength: 12 });
    fc.assert(
      fc.property(word, fc.nat(), (id, at) => {
        const slip = at % id.length;
        expect(nearest(id.slice(0, slip) + id.slice(slip + 1), [id])).toBe(id);
      }),
    );
  });
  it('prefers the closer one, whatever its case', () => {
    expect(nearest('editt', ['credit', 'Edit', 'exit'])).toBe('Edit');
  });
  it('does not guess wildly', () => {
    expect(nearest('menu', ['strike-dialog', 'orders'])).toBeUndefined();
    expect(nearest('x', [])).toBeUndefined();
  });
});
