// Many disclosures wired in one task: those after the first few are wired in full at their first use, and behave as the first.
import {
  type Change,
  type Dialog,
  type Disclosure,
  wireDialog,
  wireDisclosure,
  wiredOf,
} from '../../src/index';
import '../../src/elements/index';
import { get, page, settle } from './page';

const count = 60;
const last = count - 1;

/** Wires sixty disclosures; `changes` collects those of the last. */
function wireMany(more = ''): { all: Disclosure[]; before: string; changes: Change[] } {
  page(
    Array.from(
      { length: count },
      (_, at) => `<button id="b${at}" commandfor="p${at}">O</button><div id="p${at}" hidden>P${more}</div>`,
    ).join(''),
  );
  const before = document.body.innerHTML;
  const changes: Change[] = [];
  const all = Array.from({ length: count }, (_, at) =>
    wireDisclosure(get(`p${at}`), at === last ? { onChange: (change) => changes.push(change) } : {}),
  );
  return { all, before, changes };
}

const shown = (at: number): unknown[] => [
  get(`b${at}`).getAttribute('aria-expanded'),
  get(`b${at}`).getAttribute('aria-controls'),
  get(`p${at}`).hasAttribute('hidden'),
];

it('have the attributes of the first at once, and are found by find-in-page in a moment', async () => {
  const { all } = wireMany();
  expect(shown(last)).toEqual(['false', `p${last}`, true]);
  expect(get(`p${last}`).getAttribute('hidden')).toBe('');
  await settle();
  await settle();
  expect(get(`p${last}`).getAttribute('hidden')).toBe('until-found');
  for (const each of all) each.unwire();
});

it('are found by find-in-page however `hidden` was written', async () => {
  page(
    Array.from(
      { length: count },
      (_, at) => `<div id="p${at}" hidden="${at % 2 ? 'hidden' : ''}">P</div>`,
    ).join(''),
  );
  const all = Array.from({ length: count }, (_, at) => wireDisclosure(get(`p${at}`)));
  await settle();
  await settle();
  for (const at of [last, last - 1]) expect(get(`p${at}`).getAttribute('hidden')).toBe('until-found');
  for (const each of all) each.unwire();
  expect(get(`p${last}`).getAttribute('hidden')).toBe('hidden');
});

it.each<[string, (wired: Disclosure) => void, string]>([
  ['a click', () => get(`b${last}`).click(), 'key'],
  ['a method', (wired) => wired.show(), 'program'],
  ['a method taken off its handle', ({ toggle }) => toggle(), 'program'],
  ['its cell', ({ open }) => open.set(true), 'program'],
])('are opened by %s', (_, act, reason) => {
  const { all, changes } = wireMany();
  act(all[last]!);
  expect(shown(last)).toEqual(['true', `p${last}`, false]);
  expect(changes.map(({ name, value, reason: why }) => [name, value, why])).toEqual([['open', true, reason]]);
  expect(wiredOf(get(`p${last}`))).toBe(all[last]);
  for (const each of all) each.unwire();
});

it('can be read, updated, looked through and copied', () => {
  const { all } = wireMany();
  const wired = all[last]!;
  expect([wired.root, wired.open.get(), wired.busy.get()]).toEqual([get(`p${last}`), false, false]);
  expect(Object.keys(wired).sort()).toEqual(Object.keys(all[0]!).sort());
  const { show } = { ...wired };
  wired.update({ guard: () => false });
  show();
  expect(wired.open.get()).toBe(false);
  for (const each of all) each.unwire();
});

it('follow another script that shows the panel, and restore what says no state', async () => {
  const { all, changes } = wireMany();
  await settle();
  get(`p${last}`).removeAttribute('hidden');
  await settle();
  expect(shown(last)).toEqual(['true', `p${last}`, false]);
  expect(changes.map(({ value, reason }) => [value, reason])).toEqual([[true, 'native']]);
  get(`b${last - 1}`).setAttribute('aria-expanded', 'true');
  await settle();
  expect(shown(last - 1)).toEqual(['false', `p${last - 1}`, true]);
  for (const each of all) each.unwire();
});

it('take up an opener that is added later', async () => {
  const { all } = wireMany();
  get('b0').insertAdjacentHTML('afterend', `<button id="late" commandfor="p${last}">Late</button>`);
  await settle();
  expect(get('late').getAttribute('aria-expanded')).toBe('false');
  get('late').click();
  expect(all[last]!.open.get()).toBe(true);
  for (const each of all) each.unwire();
});

it('leave no trace, touched or not, and can be wired again', async () => {
  const { all, before } = wireMany();
  get(`b${last}`).click();
  all[last]!.close();
  await settle();
  for (const each of all) each.unwire();
  for (const each of all) each.unwire();
  expect(document.body.innerHTML).toBe(before);
  const again = wireDisclosure(get(`p${last}`));
  again.unwire();
});

it('are refused a second wiring', () => {
  const { all } = wireMany();
  expect(() => wireDisclosure(get(`p${last}`))).toThrow(/not wired yet/);
  for (const each of all) each.unwire();
});

it('a handle of one that was unwired says so by its state, and does nothing', () => {
  const { all } = wireMany();
  for (const each of all) each.unwire();
  const wired = all[last]!;
  wired.show();
  expect([wired.open.get(), get(`p${last}`).getAttribute('hidden')]).toEqual([false, '']);
});

it('stay open and silent as `<details>` when another attribute of theirs changes', async () => {
  page(
    Array.from(
      { length: count },
      (_, at) => `<details id="p${at}" open><summary>S</summary>P</details>`,
    ).join(''),
  );
  const changes: Change[] = [];
  const all = Array.from({ length: count }, (_, at) =>
    wireDisclosure(get(`p${at}`), { onChange: (change) => changes.push(change) }),
  );
  await settle();
  get(`p${last}`).hidden = true;
  await settle();
  expect([all[last]!.open.get(), get(`p${last}`).hasAttribute('open'), changes]).toEqual([true, true, []]);
  get(`p${last}`).removeAttribute('open');
  await settle();
  expect(changes.map(({ value, reason }) => [value, reason])).toEqual([[false, 'native']]);
  for (const each of all) each.unwire();
});

describe('dialogs', () => {
  const wireDialogs = (): { all: Dialog[]; before: string; heard: unknown[] } => {
    page(
      Array.from(
        { length: count },
        (_, at) =>
          `<button id="b${at}" commandfor="d${at}" command="--open">O</button><dialog id="d${at}"><h2>Berth ${at}</h2><button value="yes" commandfor="d${at}" command="--close">Y</button></dialog>`,
      ).join(''),
    );
    const before = document.body.innerHTML;
    const heard: unknown[] = [];
    const all = Array.from({ length: count }, (_, at) =>
      wireDialog(
        get(`d${at}`),
        at === last ? { onChange: ({ value, reason }) => heard.push([value, reason]) } : {},
      ),
    );
    return { all, before, heard };
  };

  it('have openers as those before them, open with a name, answer, and leave no trace', async () => {
    const { all, before } = wireDialogs();
    expect(get(`b${last}`).getAttribute('aria-haspopup')).toBe(get('b0').getAttribute('aria-haspopup'));
    expect(get(`b${last}`).getAttribute('aria-expanded')).toBe('false');
    const answer = all[last]!.ask();
    const dialog = get(`d${last}`);
    expect(get(dialog.getAttribute('aria-labelledby')!).textContent).toBe(`Berth ${last}`);
    dialog.querySelector('button')!.click();
    await expect(answer).resolves.toBe('yes');
    for (const each of all) each.unwire();
    expect(document.body.innerHTML).toBe(before);
  });

  it('learn that the platform has opened one', async () => {
    const { all, heard } = wireDialogs();
    await settle();
    get(`d${last}`).setAttribute('open', '');
    await settle();
    expect([all[last]!.open.get(), get(`b${last}`).getAttribute('aria-expanded')]).toEqual([true, 'true']);
    expect(heard).toEqual([[true, 'native']]);
    for (const each of all) each.unwire();
  });

  it('refuse another element at once', () => {
    wireDialogs();
    document.body.insertAdjacentHTML('beforeend', '<div id="no"></div>');
    expect(() => wireDialog(get('no'))).toThrow(/needs a <dialog>/);
  });
});

it('works as elements: properties, methods and events of the last one', async () => {
  page(
    Array.from(
      { length: count },
      (_, at) =>
        `<shell-disclosure id="e${at}"><button id="b${at}" commandfor="p${at}">O</button><div id="p${at}" hidden>P</div></shell-disclosure>`,
    ).join(''),
  );
  await settle();
  const element = get(`e${last}`) as HTMLElement & { open: boolean; show(): void };
  const heard: unknown[] = [];
  element.addEventListener('shell-change', ({ detail }: CustomEventInit<Change>) =>
    heard.push(detail?.value),
  );
  expect([element.open, ...shown(last)]).toEqual([false, 'false', `p${last}`, true]);
  element.show();
  expect([element.open, ...shown(last)]).toEqual([true, 'true', `p${last}`, false]);
  get(`b${last}`).click();
  expect([element.open, heard]).toEqual([false, [true, false]]);
});
