// The laws, each as what is done to a life and what must hold then: an empty list where it does.
import * as library from '../../../../src/index';
import { runTimers } from '../timers';
import { disturbed } from './disturbed';
import { isOn, kinds, type Name, offValue, shows } from './kinds';
import { type How, type Life, live, settle, spell } from './life';

type Law = (name: Name, how: How) => Promise<string[]>;

/** Markup without the numbers of generated ids, its attributes in no order. */
const signature = (html: string): string =>
  spell(html)
    .replace(/shell-\d+/g, 'shell-n')
    .replace(/<[^>]*>/g, (tag) =>
      tag
        .slice(1, -1)
        .split(/ (?=[\w-]+=)/)
        .sort()
        .join(' '),
    );

const inTurn = async (...turns: (() => Promise<string[]>)[]): Promise<string[]> => {
  const found: string[] = [];
  for (const [at, turn] of turns.entries()) for (const fault of await turn()) found.push(`${at}: ${fault}`);
  return found;
};

/** A cell that starts as the state is off. */
const offCell = (name: Name): library.Cell<unknown> => library.cell(offValue(name));

const unwiredWhileItChanges: Law = (name, how) =>
  inTurn(
    async () => {
      const life: Life = live(name, how, { onChange: () => void life.end() });
      life.turn();
      await settle();
      return life.traces();
    },
    async () => {
      const life = live(name, how);
      life.turn();
      await life.end();
      await settle();
      return life.traces();
    },
    async () => {
      if (how === 'element') return [];
      const own = offCell(name);
      const life: Life = live(name, how, { [kinds[name].state]: own });
      own.subscribe(() => void life.end());
      life.turn();
      await settle();
      return life.traces();
    },
  );

const unwiredWhileAGuardWaits: Law = (name, how) =>
  inTurn(
    async () => {
      let answer: (value: boolean) => void = () => {};
      const life = live(name, how, { guard: () => new Promise<boolean>((resolve) => (answer = resolve)) });
      life.turn();
      await Promise.resolve();
      const wired = life.wired();
      const wasBusy = wired.busy.get();
      await life.end();
      answer(true);
      await settle();
      return [
        ...(wasBusy ? [] : ['it did not wait']),
        ...(wired.busy.get() ? ['still busy'] : []),
        ...life.traces(),
        ...life.heard,
      ];
    },
    async () => {
      const life: Life = live(name, how, { guard: () => void life.end() });
      life.turn();
      await settle();
      return life.traces();
    },
  );

const unwiredWhileItMoves: Law = (name, how) => {
  const moving = async (back: boolean): Promise<string[]> => {
    const sheet = document.createElement('style');
    sheet.textContent = `dialog, [popover], [data-elastic] { transition: opacity 0.15s, block-size 0.15s; }
      dialog:not([open]), [popover]:not(:popover-open) { opacity: 0; transition: opacity 0.15s, display 0.15s allow-discrete, overlay 0.15s allow-discrete; }`;
    document.head.append(sheet);
    const life = live(name, how, name === 'disclosure' ? { elastic: 'block' } : {});
    await settle();
    life.turn();
    if (back) {
      await settle();
      (life.wired()[name === 'accordion' ? 'collapse' : 'close'] as () => void)();
    }
    await Promise.resolve();
    await life.end();
    await settle();
    sheet.remove();
    return life.traces();
  };
  return inTurn(
    () => moving(false),
    () => moving(true),
  );
};

const unwiredByWhatItsOpeningCalls: Law = (name, how) =>
  inTurn(
    ...['beforetoggle', 'focusin', 'focusout', 'toggle'].map((type) => async () => {
      const life = live(name, how);
      const end = (): void => void life.end();
      document.addEventListener(type, end, { capture: true, once: true });
      if (name === 'combobox') (life.wired()['show'] as () => void)();
      else life.turn();
      await settle();
      document.removeEventListener(type, end, true);
      await life.end();
      await settle();
      return life.traces();
    }),
  );

/** What is wrong with where focus is. */
const lostFocus = (life: Life): string[] =>
  // What takes focus gives it back. A field, or a control with a tooltip, takes its own focus along as on any page.
  ['dialog', 'drawer', 'popover', 'menu'].includes(life.name) && document.activeElement === document.body
    ? ['focus is lost']
    : [];

const removedInAnyOrder: Law = (name, how) => {
  const ways: ((life: Life) => void)[] = [
    (life) => {
      life.stage.remove();
      void life.end();
    },
    (life) => {
      void life.end();
      life.stage.remove();
    },
    (life) => {
      life.root().remove();
      void life.end();
    },
    (life) => {
      const root = life.root();
      void life.end();
      root.remove();
    },
    (life) => {
      void life.end();
      requestAnimationFrame(() => life.stage.remove());
    },
    (life) => {
      life.stage.remove();
      requestAnimationFrame(() => void life.end());
    },
  ];
  return inTurn(
    ...ways.map((way) => async () => {
      const life = live(name, how);
      const control = life.stage.querySelector<HTMLElement>('.opener,.target');
      control?.focus();
      if (name === 'combobox') (life.wired()['show'] as () => void)();
      else life.turn();
      await settle();
      way(life);
      await settle();
      return [...lostFocus(life), ...life.traces().filter((trace) => !trace.startsWith('markup'))];
    }),
  );
};

const wiredTwice: Law = async (name, how) => {
  if (how === 'element') {
    const life = live(name, how);
    life.turn();
    await settle();
    const once = signature(life.stage.innerHTML);
    const { stage } = life;
    stage.remove();
    await settle();
    const main = document.querySelector('main')!;
    main.append(stage);
    life.turn();
    await settle();
    const twice = signature(stage.innerHTML);
    return [...(once === twice ? [] : [`once ${once}, twice ${twice}`]), ...life.disagreements()];
  }
  const own = offCell(name);
  const life = live(name, how, { [kinds[name].state]: own });
  life.turn();
  await settle();
  const once = signature(life.stage.innerHTML);
  life.wired().unwire();
  const again = shell.wire(name, life.id, { [kinds[name].state]: own });
  await settle();
  // What the first one had still to do is done, if it does anything.
  await runTimers();
  const twice = signature(life.stage.innerHTML);
  const found = once === twice ? [] : [`once ${once}, twice ${twice}`];
  if (!isOn(life.kind, again as never)) found.push('the second is off');
  again.unwire();
  await settle();
  return [...found, ...life.traces()];
};

/** It works: off and on again by what a user presses. */
const works = async (life: Life): Promise<string[]> => {
  const { kind, name } = life;
  if (!kind.press) return [];
  const found: string[] = [];
  const off: Partial<Record<Name, () => void>> = {
    disclosure: () => (life.wired()['close'] as () => void)(),
    dialog: () => (life.wired()['close'] as () => void)(),
    drawer: () => (life.wired()['close'] as () => void)(),
    popover: () => (life.wired()['close'] as () => void)(),
    menu: () => (life.wired()['close'] as () => void)(),
    listbox: () => (life.wired()['clear'] as () => void)(),
    tree: () => (life.wired()['clear'] as () => void)(),
    tabs: () => (life.wired()['select'] as (key: string) => void)('k0'),
    carousel: () => (life.wired()['select'] as (key: string) => void)('k0'),
    accordion: () => (life.wired()['collapse'] as () => void)(),
    switch: () => (life.wired()['uncheck'] as () => void)(),
  };
  off[name]?.();
  await settle();
  if (isOn(kind, life.wired())) found.push('it does not turn off');
  life.press();
  await settle();
  if (!isOn(kind, life.wired())) found.push('its control is dead');
  return [...found, ...life.disagreements()];
};

const moved: Law = async (name, how) => {
  const life = live(name, how);
  life.turn();
  if (name === 'combobox') (life.wired()['show'] as () => void)();
  await settle();
  const active = document.activeElement;
  const other = document.createElement('section');
  document.body.append(other);
  other.append(life.stage);
  await settle();
  const found = life.disagreements();
  if (!isOn(life.kind, life.wired())) found.push('it is off');
  if (life.root().contains(active) && document.activeElement !== active)
    found.push(`focus went from ${active?.className} to ${document.activeElement?.outerHTML}`);
  if (name === 'combobox' && !life.root().querySelector(':popover-open'))
    found.push('its list shows no more');
  return [...found, ...(await works(life))];
};

const movedIntoAShadowRoot: Law = async (name, how) => {
  const life = live(name, how);
  life.turn();
  await settle();
  const host = document.createElement('div');
  document.body.append(host);
  const shadow = host.attachShadow({ mode: 'open' });
  shadow.append(life.stage);
  life.root = () => shadow.getElementById(life.id)!;
  await settle();
  const page = shows(name, life.root());
  const found = isOn(life.kind, life.wired()) === page ? [] : [`the state says ${!page}, the page ${page}`];
  life.disagreements = () => [];
  return [...found, ...(await works(life))];
};

const replaced: Law = async (name, how) => {
  const life = live(name, how);
  life.turn();
  await settle();
  if (how === 'element') life.stage.innerHTML = life.author;
  else {
    const copy = document.createElement('div');
    copy.innerHTML = life.author;
    life.root().innerHTML = copy.querySelector(`#${life.id}`)!.innerHTML;
  }
  await settle();
  const found = life.disagreements();
  // A drawer and its like that went with their markup may have closed before that was seen.
  if (!isOn(life.kind, life.wired())) found.push('its state is lost');
  return [...found, ...(await works(life))];
};

/** Puts every attribute in the stage back as the author wrote it, as a morph does. */
const rewrite = (life: Life): void => {
  const copy = document.createElement('div');
  copy.innerHTML = life.author;
  const now = [...life.stage.querySelectorAll('*')].filter((element) => !library.isOurs(element));
  const then = [...copy.querySelectorAll('*')];
  now.forEach((element, at) => {
    for (const attribute of element.getAttributeNames())
      if (!then[at]!.hasAttribute(attribute)) element.removeAttribute(attribute);
    for (const attribute of then[at]!.getAttributeNames()) {
      const value = then[at]!.getAttribute(attribute)!;
      if (element.getAttribute(attribute) !== value) element.setAttribute(attribute, value);
    }
  });
};

const rewritten: Law = async (name, how) => {
  const life = live(name, how);
  life.turn();
  await settle();
  rewrite(life);
  await settle();
  const found = [...life.disagreements(), ...(await works(life))];
  if (how === 'function') {
    // What the author writes meanwhile is what stays.
    const root = life.root();
    root.setAttribute('data-phase', 'mine');
    root.setAttribute('role', 'note');
    await life.end();
    await settle();
    if (root.getAttribute('data-phase') !== 'mine' || root.getAttribute('role') !== 'note')
      found.push('unwiring has written over newer values');
  }
  return found;
};

const restored: Law = async (name, how) => {
  const life = live(name, how, { externalChanges: 'revert' });
  life.turn();
  await settle();
  const before = spell(life.stage.innerHTML);
  const told = life.heard.length;
  rewrite(life);
  await settle();
  const found = life.disagreements();
  if (!isOn(life.kind, life.wired())) found.push('it is off');
  const sorted = (html: string): string[] => html.split(/[\s>]+/).sort();
  if (String(sorted(spell(life.stage.innerHTML))) !== String(sorted(before)))
    found.push(`${before} became ${life.stage.innerHTML}`);
  return [...found, ...life.heard.slice(told)];
};

const adopted: Law = async (name, how) => {
  const early: Partial<Record<Name, (stage: HTMLElement) => void>> = {
    dialog: (stage) => stage.querySelector('dialog')!.showModal(),
    drawer: (stage) => stage.querySelector('dialog')!.showModal(),
    popover: (stage) => stage.querySelector<HTMLElement>('[popover]')!.showPopover(),
    menu: (stage) => stage.querySelector<HTMLElement>('[popover]')!.showPopover(),
    switch(stage) {
      const root = stage.querySelector('button')!;
      root.outerHTML = `<input type="checkbox" id="${root.id}" class="target">`;
      stage.querySelector('input')!.click();
    },
    combobox(stage) {
      const field = stage.querySelector('input')!;
      field.focus();
      field.value = 'Tw';
    },
    tree(stage) {
      const root = stage.querySelector('ul')!;
      root.insertAdjacentHTML('beforebegin', `<input aria-controls="${root.id}" aria-label="Filter">`);
      stage.querySelector('input')!.value = 'C';
    },
  };
  const state = name === 'combobox' || name === 'tree' ? 'query' : kinds[name].state;
  const first = state === 'query' ? '' : false;
  const own = library.cell<unknown>(first);
  const life = live(name, how, { [state]: how === 'element' ? first : own }, early[name]);
  await settle();
  const expected = name === 'combobox' ? 'Tw' : name === 'tree' ? 'C' : true;
  const value = (life.wired()[state] as library.Cell<unknown>).get();
  const found = value === expected ? [] : [`${state} is ${String(value)}`];
  if (how === 'function' && own.get() !== expected) found.push(`its cell was not told: ${String(own.get())}`);
  if (!life.heard.includes(`${state} native`)) found.push(`nobody was told: ${life.heard.join()}`);
  return [...found, ...(life.kind.isLayer && state === 'open' ? life.disagreements() : [])];
};

const reset: Law = async (name, how) => {
  const givenFirst = { switch: true, listbox: 'k1', combobox: 'k1' } as const;
  const first = givenFirst[name as keyof typeof givenFirst];
  const { state } = kinds[name];
  const inForm = async (options: Record<string, unknown>, expected: unknown): Promise<string[]> => {
    const life = live(name, how, options);
    const form = document.createElement('form');
    life.stage.before(form);
    form.append(life.stage);
    await settle();
    const cell = life.wired()[state] as library.Cell<unknown>;
    if (name === 'switch') cell.set(!cell.get());
    else cell.set(cell.get() === 'k0' ? undefined : 'k0');
    form.reset();
    await settle();
    const found = cell.get() === expected ? [] : [`${String(cell.get())} instead of ${String(expected)}`];
    const field = life.root().querySelector('input');
    const words = expected === undefined ? '' : 'Two';
    if (field && field.value !== words) found.push(`the field says ${field.value}`);
    return found;
  };
  return inTurn(
    () => inForm({}, name === 'switch' ? false : undefined),
    () => inForm({ [state]: first }, first),
    () =>
      how === 'element' ? Promise.resolve([]) : inForm({ [state]: library.cell<unknown>(first) }, first),
  );
};

const theAuthorsOwn: Law = async (name, how) => {
  const life = live(name, how, {
    guard() {
      throw new Error('Not now');
    },
  });
  const root = life.root();
  const inner = root.querySelector('[role=listbox],[role=tablist],ul,p') ?? root;
  const alert = document.createElement('p');
  alert.setAttribute('role', 'alert');
  const words = document.createTextNode('Mine.');
  alert.append(words);
  (inner.parentElement ?? root).append(alert);
  await settle();
  const silence = (event: ErrorEvent): void => event.preventDefault();
  addEventListener('error', silence);
  life.turn();
  await settle();
  life.press();
  await settle();
  removeEventListener('error', silence);
  return alert.firstChild === words && alert.isConnected && words.data === 'Mine.'
    ? []
    : ['the alert of the author was changed'];
};

export const laws: Record<string, Law> = {
  'unwired while it changes': unwiredWhileItChanges,
  'unwired while a guard waits': unwiredWhileAGuardWaits,
  'unwired while it moves': unwiredWhileItMoves,
  'unwired by what its opening calls': unwiredByWhatItsOpeningCalls,
  'removed, in any order': removedInAnyOrder,
  'wired twice': wiredTwice,
  moved,
  'moved into a shadow root': movedIntoAShadowRoot,
  replaced,
  rewritten,
  restored,
  adopted,
  reset,
  'the author’s own': theAuthorsOwn,
  ...disturbed,
};
