import fc from 'fast-check';
import type { Contract, Notes, View } from '../../src/core/contract/contract';
import { dialogNotes } from '../../src/core/contract/dialog-notes';
import { dialog, namingOf, outsideOf } from '../../src/core/contract/dialog';
import { disclosureNotes } from '../../src/core/contract/disclosure-notes';
import { disclosure } from '../../src/core/contract/disclosure';
import type { Openable } from '../../src/core/contract/openable';
import { popoverNotes } from '../../src/core/contract/popover-notes';
import { popover } from '../../src/core/contract/popover';

const contracts: [Contract<Openable>, Notes][] = [
  [dialog as Contract<Openable>, dialogNotes],
  [disclosure as Contract<Openable>, disclosureNotes],
  [popover as Contract<Openable>, popoverNotes],
];

const viewOf = (attributes: Record<string, string> = {}, localName = 'div'): View => ({
  items: [],
  options: {},
  root: {
    id: 'it',
    localName,
    getAttribute: (name) => attributes[name] ?? null,
    hasAttribute: (name) => name in attributes,
  },
});

describe.each(contracts)('the contract of %o', (contract, notes) => {
  const intents = [...new Set(Object.values(contract.commands))];

  it('has notes of the same name, whose words are whole', () => {
    expect(notes.name).toBe(contract.name);
    for (const { key, does } of notes.keys) expect(`${key}: ${does}`).toMatch(/^\S+: \p{Lu}/u);
    for (const rows of [notes.keys, notes.presses])
      for (const { on } of rows) expect(['outside', ...Object.keys(notes.parts)]).toContain(on);
  });

  it('answers every intent with a state of its own kind, and with the same object when nothing changes', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...intents)), fc.boolean(), (wishes, open) => {
        let state: Openable = { open };
        for (const wish of wishes) {
          const next = contract.step(state, wish, viewOf());
          if (next.open === state.open) expect(next).toBe(state);
          expect(next.open).toBe(wish === 'toggle' ? !state.open : wish === 'open');
          state = next;
        }
      }),
    );
  });

  it('has every opener say what is so', () => {
    for (const open of [true, false])
      expect(contract.semantics['opener']!({ open }, viewOf(), 'open')).toMatchObject({
        'aria-expanded': `${open}`,
        'aria-controls': 'it',
      });
  });

  it('means something by a press without a command', () => {
    expect(contract.commands['']).toBeDefined();
  });
});

describe('the dialog contract', () => {
  const markup = { role: null, named: false, described: false };
  const alert = { ...markup, role: 'alertdialog' };

  it('gives a closing control no word about expansion', () => {
    expect(dialog.semantics.opener!({ open: true }, viewOf(), 'close')).toBeUndefined();
  });
  it('names by the heading, unless the author did', () => {
    expect(namingOf(markup, 'title', 'text')).toEqual({ 'aria-labelledby': 'title' });
    expect(namingOf({ ...markup, named: true }, 'title', 'text')).toEqual({});
  });
  it('describes an alert dialog by its paragraph, unless the author did', () => {
    expect(namingOf(alert, 'title', 'text')).toEqual({
      'aria-labelledby': 'title',
      'aria-describedby': 'text',
    });
    expect(namingOf({ ...alert, described: true }, 'title', 'text')).toEqual({ 'aria-labelledby': 'title' });
  });
  it('closes by a click outside, an alert dialog only when told to', () => {
    expect(outsideOf({}, markup)).toBe('close');
    expect(outsideOf({}, alert)).toBe('keep');
    expect(outsideOf({ outside: 'absorb' }, alert)).toBe('absorb');
  });
});

describe('the disclosure contract', () => {
  it.each([
    ['div', {}, true],
    ['div', { hidden: '' }, false],
    ['div', { hidden: 'until-found' }, false],
    ['details', {}, false],
    ['details', { open: '' }, true],
  ])('reads a %s with %j as open: %s', (tag, attributes, open) => {
    expect(disclosure.read(viewOf(attributes as Record<string, string>, tag))).toEqual({ open });
  });
  it('hides a closed panel so that find-in-page still finds it', () => {
    expect(disclosure.semantics.root!({ open: false }, viewOf())).toEqual({ hidden: 'until-found' });
    expect(disclosure.semantics.root!({ open: true }, viewOf())).toEqual({ hidden: null });
  });
});
