/** @jest-environment jsdom */
// The toolbar as an outsider's pattern, from the examples: all that the built-in one has, on public entries alone.
import { act, createElement as h } from 'react';
import { createRoot } from 'react-dom/client';
import { setDefaults, unwireWithin, wireWithin } from 'elastic-shell';
import { journal } from 'elastic-shell/journal';
import { usePattern } from 'elastic-shell/react';
import { html, partsOf } from 'elastic-shell/server';
import { expectContract, walk } from 'elastic-shell/testing';
import { rail } from '../src/own/rail';
import { railDescription } from '../src/own/rail-described';

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
beforeAll(() => void jest.spyOn(console, 'warn').mockImplementation(() => {}));

const buttons =
  '<button id="a">A</button><button id="b" aria-disabled="true">B</button><button id="c">C</button>';
const markup = (more = 'aria-label="Rail"'): string => `<div id="r" data-rail ${more}>${buttons}</div>`;
const root = (): HTMLElement => document.querySelector<HTMLElement>('#r')!;
const key = (name: string): boolean =>
  document.activeElement!.dispatchEvent(
    new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }),
  );
const active = (): string => document.activeElement!.id;
const stops = (): string[] => [...root().querySelectorAll('[tabindex="0"]')].map(({ id }) => id);

it('has one tab stop and the keys of a toolbar, and leaves no trace', () => {
  document.body.innerHTML = markup();
  const before = document.body.innerHTML;
  const wired = rail.wire(root());
  document.getElementById('a')!.focus();
  key('ArrowRight');
  expect([active(), stops(), wired.current.get()]).toEqual(['b', ['b'], 'b']);
  key('End');
  key('ArrowRight');
  expect(active()).toBe('c');
  wired.unwire();
  expect(document.body.innerHTML).toBe(before);
  expect(() => rail.wire(root(), { wrop: true } as never)).toThrow('did you mean "wrap"?');
});

it('is found by data-wire, with defaults and options as attributes', () => {
  document.body.innerHTML = markup('aria-label="Rail" data-wire="rail" data-wire-orientation="vertical"');
  const back = setDefaults('rail', { wrap: true });
  wireWithin(document);
  document.getElementById('a')!.focus();
  key('ArrowUp');
  expect([active(), root().getAttribute('aria-orientation')]).toEqual(['c', 'vertical']);
  unwireWithin(document);
  back();
});

it('is an element, a hook and a server’s parts', async () => {
  document.body.innerHTML = `<yard-rail current="c">${markup()}</yard-rail><main></main>`;
  expect(stops()).toEqual(['c']);
  document.querySelector('yard-rail')!.remove();
  const Rail = () =>
    h(
      'div',
      { ...usePattern(rail, { id: 'r', current: 'b' }).root },
      h('button', { 'data-key': 'b', id: 'b' }),
    );
  const made = createRoot(document.querySelector('main')!);
  await act(async () => made.render(h(Rail)));
  expect([root().getAttribute('role'), stops()]).toEqual(['toolbar', ['b']]);
  await act(async () => made.unmount());
  expect(html(partsOf(railDescription, { id: 'r' }).root)).toBe('id="r" role="toolbar" data-wire="rail"');
});

it('is known to the journal, to expectContract and to walk', async () => {
  document.body.innerHTML = markup('');
  expect(journal.check(document.body).map(({ code }) => code)).toEqual(['rail-unnamed']);
  document.body.innerHTML = markup();
  const wired = rail.wire(root());
  await expectContract(root(), 'rail');
  expect((await walk(root(), { pattern: 'rail' })).split('\n')[1]).toContain('button, B, unavailable');
  wired.unwire();
});
