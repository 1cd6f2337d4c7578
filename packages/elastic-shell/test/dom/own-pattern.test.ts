// A pattern of your own on public entries alone: one value for functions, elements, `data-wire`, hooks, servers and every tool.
import { act, createElement as h } from 'react';
import { createRoot } from 'react-dom/client';
import { createApp, h as vue, nextTick } from 'vue';
import { unwireWithin, wiredOf, wireWithin } from '../../src/index';
import type { Contract } from 'elastic-shell/core';
import { type CommonOptions, definePattern, elementOf, listen, type StateOption } from 'elastic-shell/engine';
import { describePattern, fail } from 'elastic-shell/describe';
import { journal } from 'elastic-shell/journal';
import { usePattern as useReactPattern } from 'elastic-shell/react';
import { html, partsOf } from 'elastic-shell/server';
import { expectContract } from 'elastic-shell/testing';
import { usePattern as useVuePattern } from 'elastic-shell/vue';

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

interface Depth {
  fathoms: number;
}
interface DepthOptions extends CommonOptions<Depth> {
  /** The first depth, or a cell. @defaultValue 0 */
  fathoms?: StateOption<number>;
  /** The greatest depth. @defaultValue 9 */
  most?: number;
}
type DepthIntent = 'deeper' | 'shallower';

const contract: Contract<Depth, DepthOptions, DepthIntent> = {
  name: 'depth',
  options: { fathoms: 'a number or a cell', most: 'a number' },
  commands: { '--deeper': 'deeper', '--shallower': 'shallower' },
  read: ({ root }) => ({ fathoms: Number(root.getAttribute('aria-valuenow') ?? 0) }),
  step({ fathoms }, intent, { options: { most = 9 } }) {
    return { fathoms: Math.min(most, Math.max(0, fathoms + (intent === 'deeper' ? 1 : -1))) };
  },
  semantics: {
    root: ({ fathoms }) => ({ role: 'spinbutton', tabindex: '0', 'aria-valuenow': `${fathoms}` }),
    opener: ({ fathoms }, _, intent) => ({
      'aria-disabled': intent === 'shallower' && !fathoms ? 'true' : null,
    }),
  },
};
const keys: Record<string, DepthIntent> = { ArrowUp: 'shallower', ArrowDown: 'deeper' };

const depth = definePattern({
  ...contract,
  serve: ({ root, intend }) => {
    const release = listen(root, {
      keydown(event) {
        const intent = keys[event.key];
        if (intent) intend(intent, { reason: 'key', event });
      },
    });
    return { release };
  },
  methods: {
    sound: ({ state }, words: string) => `${words} ${state().fathoms}`,
    dive: ({ change }, fathoms: number) => change({ fathoms }, { reason: 'program' }),
  },
  tag: 'yard-depth',
  element: { root: '[data-depth]' },
});
elementOf(depth);

const described = describePattern(depth, {
  notes: {
    summary: 'Shows how deep the water is.',
    keys: [{ on: 'root', key: 'ArrowDown', does: 'One fathom deeper', by: 'engine' }],
  },
  rules: [
    {
      code: 'depth-unnamed',
      severity: 'error',
      clause: 'WAI-ARIA, spinbutton',
      summary: 'A depth has no name.',
      on: ['[data-wire]'],
      find: (element) =>
        element.attribute('data-wire') !== 'depth' || element.attribute('aria-label')
          ? undefined
          : { element, sentence: 'It has no name.', remedy: 'Give it an aria-label.' },
    },
  ],
  keys: () => keys,
  needs: [['an element with data-depth', (element) => element.attribute('data-depth') !== null]],
  checks: [
    {
      key: 'ArrowDown',
      expected: 'it gets deeper',
      async run(stage) {
        const before = await stage.tabTo('stop');
        const after = await stage.press('ArrowDown');
        if (before.value === after.value) fail(`it stayed at ${after.value}`);
      },
    },
  ],
});

// What the journal enters is on the console too.
beforeAll(() => void jest.spyOn(console, 'warn').mockImplementation(() => {}));

const find = (selector = '#pool'): HTMLElement => document.querySelector<HTMLElement>(selector)!;
const now = (): string | null => find().getAttribute('aria-valuenow');
const markup = '<button type="button" commandfor="pool" command="--deeper">+</button><div id="pool"></div>';
const press = (selector: string): void => find(selector).click();
const codes = (inner: string): string[] => {
  document.body.innerHTML = inner;
  return journal.check(document.body).map(({ code }) => code);
};

it('is wired as a function, with its methods and the options of every pattern', () => {
  document.body.innerHTML = markup;
  const refused: unknown[] = [];
  const wired = depth.wire(find(), {
    guard: ({ value }) => value < 3,
    onRefuse: (each) => refused.push(each),
  });
  press('button');
  wired.dive(2);
  expect([now(), wired.sound('by the mark'), refused.length]).toEqual(['2', 'by the mark 2', 0]);
  wired.dive(5);
  expect([now(), wired.fathoms.get(), refused.length]).toEqual(['2', 2, 1]);
  expect(wiredOf(find())).toBe(wired);
  wired.unwire();
  expect(document.body.innerHTML).toBe(markup);
  expect(() => depth.wire(find(), { mots: 3 } as never)).toThrow(
    'elastic-shell: depth has no option "mots"; did you mean "most"?',
  );
});

it('has no method whose name everything wired has', () => {
  expect(() => definePattern({ ...contract, methods: { update: () => {} } })).toThrow(
    'elastic-shell: depth can\'t have a method "update"',
  );
});

it('is found by data-wire, with its options as attributes', () => {
  document.body.innerHTML =
    '<div id="pool" data-wire="depth" data-wire-most="1" data-wire-fathoms="4"></div>';
  wireWithin(document);
  expect(now()).toBe('4');
  (wiredOf(find()) as ReturnType<typeof depth.wire>).dive(1);
  expect(now()).toBe('1');
  unwireWithin(document);
});

it('is a custom element, with states as properties and methods', () => {
  document.body.innerHTML = '<yard-depth fathoms="3"><div id="pool" data-depth></div></yard-depth>';
  const element = find('yard-depth') as HTMLElement & { fathoms: number; sound(words: string): string };
  expect([now(), element.fathoms, element.sound('and')]).toEqual(['3', 3, 'and 3']);
  element.remove();
});

it('has a hook in React', async () => {
  let handle: { fathoms: number; sound(words: string): string; dive(fathoms: number): void } | undefined;
  const Pool = () => {
    const pool = useReactPattern(depth, { id: 'pool', fathoms: 2 });
    handle = pool;
    return h(
      'div',
      null,
      h('button', { ...pool.opener('--deeper') }, pool.fathoms),
      h('div', { ...pool.root }),
    );
  };
  document.body.innerHTML = '<div id="place"></div>';
  const root = createRoot(find('#place'));
  await act(async () => root.render(h(Pool)));
  await act(async () => press('button'));
  expect([now(), find('button').textContent, handle?.sound('mark')]).toEqual(['3', '3', 'mark 3']);
  await act(async () => root.unmount());
});

it('has a composable in Vue', async () => {
  document.body.innerHTML = '<div id="place"></div>';
  const app = createApp({
    setup() {
      const pool = useVuePattern(depth, { id: 'pool', fathoms: 2 });
      return () => vue('p', [vue('button', pool.opener('--deeper'), pool.fathoms), vue('div', pool.root)]);
    },
  });
  app.mount('#place');
  press('button');
  await nextTick();
  expect([now(), find('button').textContent]).toEqual(['3', '3']);
  app.unmount();
});

it('has parts for servers', () => {
  const parts = partsOf(described, { id: 'pool', fathoms: 4, most: 8 });
  expect(html(parts.root)).toBe(
    'id="pool" role="spinbutton" tabindex="0" aria-valuenow="4" data-wire="depth" data-wire-fathoms="4" data-wire-most="8"',
  );
  expect(html(parts.opener('--shallower'))).toBe('type="button" commandfor="pool" command="--shallower"');
});

it('is known to the journal: its commands, options, parts and own rules', () => {
  expect(codes('<div id="a" data-wire="depth" aria-label="Depth" data-wire-most="5"></div>')).toEqual([]);
  expect(codes('<div id="b" data-wire="depth"></div>')).toEqual(['depth-unnamed']);
  expect(codes('<div id="c" data-wire="depth" aria-label="Depth" data-wire-mots="5"></div>')).toEqual([
    'shell-attribute-unknown',
  ]);
  expect(
    codes(
      '<button type="button" commandfor="d" command="--deper">+</button><div id="d" data-wire="depth" aria-label="Depth"></div>',
    ),
  ).toEqual(['invoker-command-unheard']);
  expect(codes('<yard-depth most="3"><p>no part</p></yard-depth>')).toEqual(['shell-part-missing']);
});

it('is checked by expectContract', async () => {
  document.body.innerHTML = markup;
  const wired = depth.wire(find());
  expect((await expectContract(find(), 'depth')).map(({ key, outcome }) => [key, outcome])).toEqual([
    ['ArrowDown', 'passed'],
  ]);
  wired.update({ most: 0 });
  await expect(expectContract(find(), 'depth')).rejects.toThrow('1 of 1 checks of depth');
  wired.unwire();
});
