import fc from 'fast-check';
import { dismissedBy, type Layer } from '../../src/core/layers/stack';

/** A stack of layers, each opened from nothing or from one opened before it. */
const stacks = fc
  .array(
    fc.record({
      from: fc.nat(),
      root: fc.boolean(),
      modal: fc.boolean(),
      outside: fc.constantFrom('close' as const, 'absorb' as const, 'keep' as const),
      escape: fc.constantFrom('close' as const, 'keep' as const),
      focusOut: fc.constantFrom('close' as const, 'keep' as const),
    }),
    { minLength: 1, maxLength: 7 },
  )
  .map((list) =>
    list.map(({ from, root, ...rest }, id): Layer<number> => ({
      ...rest,
      id,
      parent: root || id === 0 ? undefined : from % id,
    })),
  );

const lineage = (layers: Layer<number>[], id: number | undefined): number[] =>
  id === undefined ? [] : [id, ...lineage(layers, layers[id]!.parent)];

const causes = (inside: number[]) => [
  { kind: 'escape' as const },
  { kind: 'outside' as const, inside },
  { kind: 'focus-left' as const, inside },
];

describe('the layer tree', () => {
  it('closes every child before its parent, and never leaves a child behind', () => {
    fc.assert(
      fc.property(stacks, fc.array(fc.nat(6)), (layers, picks) => {
        const inside = picks.filter((id) => id < layers.length);
        for (const cause of [...causes(inside), { kind: 'close' as const, id: 0 }]) {
          const { close } = dismissedBy(layers, cause);
          close.forEach((id, at) => {
            const children = layers.filter((layer) => layer.parent === id).map((layer) => layer.id);
            for (const child of children) expect(close.slice(0, at)).toContain(child);
          });
          expect(new Set(close).size).toBe(close.length);
        }
      }),
    );
  });

  it('never lets a press inside a layer close it or what it was opened from', () => {
    fc.assert(
      fc.property(stacks, fc.nat(), (layers, pick) => {
        const id = pick % layers.length;
        const held = lineage(layers, id);
        for (const cause of causes([id]).slice(1))
          for (const closed of dismissedBy(layers, cause).close) expect(held).not.toContain(closed);
      }),
    );
  });

  it('lets Escape ask one layer at the most, and never one under a modal', () => {
    fc.assert(
      fc.property(stacks, (layers) => {
        const { close, absorb } = dismissedBy(layers, { kind: 'escape' });
        const asked = close.filter(
          (id) => !lineage(layers, layers[id]!.parent).some((parent) => close.includes(parent)),
        );
        expect(asked.length).toBeLessThanOrEqual(1);
        expect(absorb).toBe(false);
        const modal = layers.findLastIndex((layer) => layer.modal);
        if (asked.length) expect(asked[0]).toBeGreaterThanOrEqual(modal);
      }),
    );
  });

  it('shields what was opened before a modal layer from a click outside', () => {
    fc.assert(
      fc.property(stacks, (layers) => {
        const modal = layers.findLastIndex((layer) => layer.modal);
        const { close } = dismissedBy(layers, { kind: 'outside', inside: [] });
        const asked = close.filter(
          (id) => !lineage(layers, layers[id]!.parent).some((parent) => close.includes(parent)),
        );
        for (const id of asked) expect(id).toBeGreaterThanOrEqual(modal);
      }),
    );
  });

  it('always comes to an end: enough Escapes close everything that Escape may close', () => {
    fc.assert(
      fc.property(stacks, (layers) => {
        const free = layers.map((layer) => ({ ...layer, escape: 'close' as const }));
        let open = free;
        for (let turn = 0; turn < free.length; turn++) {
          const { close } = dismissedBy(open, { kind: 'escape' });
          open = open.filter((layer) => !close.includes(layer.id));
        }
        expect(open).toEqual([]);
      }),
    );
  });

  const layer = (id: string, more: Partial<Layer<string>> = {}): Layer<string> => ({
    id,
    modal: true,
    outside: 'close',
    escape: 'close',
    ...more,
  });

  it.each([
    ['one modal', [layer('a')], [], ['a'], true],
    ['an alert over a modal', [layer('a'), layer('b', { outside: 'keep' })], [], [], false],
    ['two modals, press inside the outer', [layer('a'), layer('b', { parent: 'a' })], ['a'], ['b'], true],
    [
      'popovers over a modal, press in the modal',
      [layer('a'), layer('b', { modal: false, parent: 'a' }), layer('c', { modal: false, parent: 'b' })],
      ['a'],
      ['c', 'b'],
      false,
    ],
    [
      'an absorbing popover over another',
      [layer('a', { modal: false }), layer('b', { modal: false, outside: 'absorb' })],
      [],
      ['b'],
      true,
    ],
    [
      'a kept drawer under a popover',
      [layer('a', { modal: false, outside: 'keep' }), layer('b', { modal: false })],
      [],
      ['b'],
      false,
    ],
  ])('a click outside, %s', (_, layers, inside, close, absorb) => {
    expect(dismissedBy(layers, { kind: 'outside', inside })).toEqual({ close, absorb });
  });

  it('survives a parent that names itself', () => {
    expect(dismissedBy([layer('a', { parent: 'a' })], { kind: 'escape' }).close).toEqual(['a']);
  });
});
