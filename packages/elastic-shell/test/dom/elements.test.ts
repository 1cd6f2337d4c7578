// Elements as a page uses them: properties set at any time, attributes that change, methods, events, and waiting.
import { cell } from 'elastic-shell';
import { notes } from 'elastic-shell/core';
import type { Change, GuardDetail, Refusal } from 'elastic-shell/elements';
import { page, settle } from './page';

const find = <N extends keyof HTMLElementTagNameMap>(name: N): HTMLElementTagNameMap[N] =>
  document.querySelector(name)!;
const tabs = (attributes: string): string =>
  `<shell-tabs ${attributes}><div role="tablist" aria-label="Boat">${['work', 'survey', 'papers'].map((key) => `<button role="tab" data-key="${key}">${key}</button>`).join('')}</div>${'<p role="tabpanel">…</p>'.repeat(3)}</shell-tabs>`;
const disclosure = (attributes = ''): string =>
  `<shell-disclosure ${attributes}><button commandfor="crane" command="--toggle">Crane</button><div id="crane" hidden>Nine tonnes</div></shell-disclosure>`;
const press = (selector: string): void => document.querySelector<HTMLElement>(selector)!.click();

/** The details of every such event, as they come. */
const hear = <T>(name: string): T[] => {
  const heard: T[] = [];
  document.addEventListener(name, (event) => heard.push((event as CustomEvent<T>).detail));
  return heard;
};

it('properties set before the definition is loaded count, also functions and data', async () => {
  page(
    '<shell-listbox selected="gaff"><div role="listbox" aria-label="Rig"></div></shell-listbox>' +
      tabs('selected="papers" data-wire-selected="papers"') +
      disclosure('open="false"') +
      '<shell-switch checked="false"><button role="switch" aria-label="Lights"></button></shell-switch><shell-accordion expanded="tides"><h3><button aria-controls="p">Tides</button></h3><p id="p" data-key="tides">High</p></shell-accordion>',
  );
  const listbox = find('shell-listbox');
  Object.assign(listbox, {
    items: [
      { key: 'gaff', label: 'Gaff' },
      { key: 'lug', label: 'Lug' },
    ],
    selected: 'lug',
    render: ({ label }: { label: string }) => `${label} rig`,
  });
  Object.assign(find('shell-tabs'), { selected: 'survey' });
  Object.assign(find('shell-disclosure'), { open: true });
  Object.assign(find('shell-switch'), { checked: true });
  Object.assign(find('shell-accordion'), { expanded: [] });
  await import('elastic-shell/elements');
  await settle();
  expect(listbox.textContent).toBe('Gaff rigLug rig');
  expect([listbox.selected, find('shell-tabs').selected]).toEqual(['lug', 'survey']);
  expect([find('shell-disclosure').open, find('shell-switch').checked]).toEqual([true, true]);
  expect([...find('shell-accordion').expanded]).toEqual([]);
  expect(Object.keys(listbox)).toEqual([]);
  // From then on, what is said last.
  find('shell-tabs').setAttribute('selected', 'papers');
  find('shell-disclosure').setAttribute('open', 'false');
  expect([find('shell-tabs').selected, find('shell-disclosure').open]).toEqual(['papers', false]);
});

it('an attribute that is set to what it says counts after the user has moved on', () => {
  page(tabs('selected="survey"') + disclosure('open'));
  press('[data-key=papers]');
  press('[commandfor=crane]');
  expect([find('shell-tabs').selected, find('shell-disclosure').open]).toEqual(['papers', false]);
  find('shell-tabs').setAttribute('selected', 'survey');
  find('shell-disclosure').setAttribute('open', '');
  expect([find('shell-tabs').selected, find('shell-disclosure').open]).toEqual(['survey', true]);
});

it('properties set before it stands in the page count, over its attributes', () => {
  page('');
  const made = document.createElement('shell-disclosure');
  made.open = true;
  made.innerHTML = '<button commandfor="crane" command="--toggle">Crane</button><div id="crane">…</div>';
  made.setAttribute('elastic', 'none');
  expect([made.open, made.wired, made.elastic]).toEqual([true, undefined, 'none']);
  document.body.append(made);
  expect([made.wired?.open.get(), made.querySelector('button')!.ariaExpanded]).toEqual([true, 'true']);
});

it('a cell as a property is followed and written to', () => {
  page('');
  const open = cell(false);
  const made = document.createElement('shell-disclosure');
  made.open = open;
  made.innerHTML = '<button commandfor="crane" command="--toggle">Crane</button><div id="crane">…</div>';
  document.body.append(made);
  press('button');
  expect(open.get()).toBe(true);
  open.set(false);
  expect(made.open).toBe(false);
});

it('an attribute that changes updates, and nothing starts over', () => {
  page(tabs('selected="survey"') + disclosure('open="false"'));
  const element = find('shell-tabs');
  const { wired } = element;
  expect(find('shell-disclosure').open).toBe(false);
  press('[data-key=papers]');
  element.setAttribute('activation', 'manual');
  expect([element.selected, element.wired]).toEqual(['papers', wired]);
  element.setAttribute('selected', 'work');
  expect([element.selected, element.activation]).toEqual(['work', 'manual']);
  element.removeAttribute('selected');
  element.removeAttribute('activation');
  expect([element.selected, element.activation]).toEqual(['work', undefined]);
  find('shell-disclosure').setAttribute('open', '');
  expect(find('shell-disclosure').open).toBe(true);
  find('shell-disclosure').removeAttribute('open');
  expect(find('shell-disclosure').open).toBe(false);
});

it('a key survives a renderer that takes its name for an attribute without a value', () => {
  page(tabs('data-wire-selected="papers"'));
  expect(find('shell-tabs').selected).toBe('papers');
  page(tabs('selected'));
  expect(find('shell-tabs').selected).toBe('work');
});

it('keys as a property come in any list', () => {
  page(
    '<shell-accordion><h3><button data-key="a">A</button></h3><p>…</p><h3><button data-key="b">B</button></h3><p hidden>…</p></shell-accordion>',
  );
  const element = find('shell-accordion');
  element.expanded = ['b'];
  expect([...element.expanded]).toEqual(['b']);
  element.expanded = undefined;
  expect([...element.expanded]).toEqual(['b']);
});

it('methods are methods, called before it is wired as well', async () => {
  page(
    '<shell-dialog><dialog id="cut"><button commandfor="cut" command="close" value="cut">Cut</button></dialog></shell-dialog>',
  );
  const waiting = document.createElement('shell-dialog');
  const answer = waiting.ask();
  waiting.innerHTML =
    '<dialog id="ask"><button commandfor="ask" command="close" value="yes">Yes</button></dialog>';
  document.body.append(waiting);
  expect(waiting.open).toBe(true);
  press('#ask button');
  expect(await answer).toBe('yes');
  const element = find('shell-dialog');
  element.show();
  element.toggle();
  expect(element.open).toBe(false);
});

it('has a method for each method of its pattern, and takes no name that every element has', () => {
  for (const { name, methods, options } of notes) {
    const element = document.createElement(`shell-${name}`);
    const own = Object.getOwnPropertyNames(Object.getPrototypeOf(element));
    for (const method of methods) expect(own).toContain(method.name.replace(/\(.*/, ''));
    for (const option of options) {
      if (/^on[A-Z]/.test(option.name)) continue;
      expect(own).toContain(name === 'tree' && option.name === 'children' ? 'childrenOf' : option.name);
    }
    // A form control hands focus on to its field, as those of the platform do.
    const isFormControl = 'checkValidity' in element;
    expect(own.filter((property) => property in HTMLElement.prototype).sort()).toEqual(
      isFormControl ? ['constructor', 'focus'] : ['constructor'],
    );
  }
});

it('a guard given as a property and listeners of shell-guard are asked: one refusal is enough', async () => {
  page(disclosure());
  const element = find('shell-disclosure');
  const refused = hear<Refusal>('shell-refuse');
  element.guard = () => false;
  press('button');
  expect([element.open, refused.map(({ by, name, previous }) => [by, name, previous])]).toEqual([
    false,
    [['guard', 'open', false]],
  ]);
  element.guard = undefined;
  let answer = (_: boolean): void => {};
  const listener = (event: Event): void => {
    const { detail } = event as CustomEvent<GuardDetail>;
    detail.wait(new Promise<boolean>((resolve) => (answer = resolve)));
  };
  element.addEventListener('shell-guard', listener);
  press('button');
  expect([element.open, element.busy]).toEqual([false, true]);
  answer(true);
  await settle();
  expect([element.open, element.busy]).toEqual([true, false]);
  element.removeEventListener('shell-guard', listener);
  element.addEventListener('shell-guard', (event) => event.preventDefault());
  press('button');
  expect([element.open, refused.length]).toEqual([true, 2]);
});

it('tells changes and picks as events that bubble', () => {
  page(
    '<button commandfor="boat" command="--toggle">Boat</button><shell-menu><div role="menu" popover="manual" id="boat" aria-label="Boat"><button role="menuitem" data-key="lift">Lift</button></div></shell-menu>',
  );
  const changes = hear<Change>('shell-change');
  const picks = hear<{ key: string; about: Element }>('shell-pick');
  press('[commandfor]');
  expect(find('shell-menu').about).toBe(document.querySelector('[commandfor]'));
  press('[data-key=lift]');
  expect(picks.map(({ key }) => key)).toEqual(['lift']);
  expect(changes.filter(({ name }) => name === 'open').map(({ value }) => value)).toEqual([true, false]);
});

it('keeps its state while it is out of the page, and when what it holds is replaced', async () => {
  page(tabs(''));
  const element = find('shell-tabs');
  press('[data-key=survey]');
  element.remove();
  await settle();
  expect([element.wired, element.selected]).toEqual([undefined, 'survey']);
  document.body.append(element);
  expect([element.selected, document.querySelector('[data-key=survey]')!.ariaSelected]).toEqual([
    'survey',
    'true',
  ]);
});

it('waits as long as something around it says so', async () => {
  page(`<div data-wire-wait>${tabs('')}</div>`);
  const element = find('shell-tabs');
  const before = element.innerHTML;
  await settle();
  expect([element.wired, element.innerHTML]).toEqual([undefined, before]);
  document.querySelector('[data-wire-wait]')!.removeAttribute('data-wire-wait');
  await settle();
  expect([element.selected, element.wired === undefined]).toEqual(['work', false]);
});
