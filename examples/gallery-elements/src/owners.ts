// Controlled state: a store that refuses a change, accepts it later, or is changed from outside; attributes
// that change; an element that is removed while it waits. Stores are set as properties, before the elements
// are defined.
import type { GuardDetail } from 'elastic-shell/elements';
import type { Change, Refusal } from 'elastic-shell';
import { later } from '../../gallery/src/data.ts';

/** A store that handles each change: `take` returns the value that it holds then, at once or later. */
function owner<T>(value: T, take: (next: T, now: T) => T | Promise<T>, told: (now: T) => void = () => {}) {
  const listeners = new Set<(now: T) => void>();
  const become = (next: T): void => {
    value = next;
    told(value);
    for (const listener of [...listeners]) listener(value);
  };
  return {
    get: () => value,
    set(next: T) {
      const taken = take(next, value);
      return taken instanceof Promise ? taken.then(become) : become(taken);
    },
    become,
    subscribe(listener: (now: T) => void) {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
  };
}

const find = <E extends Element = HTMLElement>(name: string, selector: string): E =>
  // The page contains each of them.
  document.querySelector<E>(`[data-case=${name}] ${selector}`) as E;
const says = (name: string, text: string): void => void (find(name, 'output').textContent = text);
const word = (open: boolean): string => (open ? 'open' : 'closed');

let refused = 0;
const takes = find<HTMLInputElement>('refused', 'input');
const held = owner(
  false,
  (next, now) => (next || takes.checked ? next : now),
  (now) => says('refused', `${word(now)}, refused ${refused}`),
);
const refusing = find('refused', 'shell-dialog');
Object.assign(refusing, { open: held });
refusing.addEventListener('shell-refuse', (event) => {
  const { by } = (event as CustomEvent<Refusal>).detail;
  if (by === 'owner') says('refused', `${word(held.get())}, refused ${++refused}`);
});

const answering = owner<boolean>(
  false,
  (next) => later(200, next),
  (now) => says('later', word(now)),
);
Object.assign(find('later', 'shell-dialog'), { open: answering });

const turned = owner<boolean>(false, (next) => next);
const reasons: string[] = [];
const disclosure = find('outside', 'shell-disclosure');
Object.assign(disclosure, { open: turned });
disclosure.addEventListener('shell-change', (event) => {
  reasons.push((event as CustomEvent<Change>).detail.reason);
  says('outside', reasons.join());
});
find('outside', '> button').addEventListener('click', () => turned.become(!turned.get()));

const both = (): void => says('several', `${berth.get()}, ${word(listed.get())}`);
const berth = owner<string | undefined>(
  'quay',
  (next, now) => (next === 'slip' ? now : next),
  () => both(),
);
const listed = owner<boolean>(
  false,
  (next) => next,
  () => both(),
);
Object.assign(find('several', 'shell-combobox'), { open: listed, selected: berth });

const [size, escape] = document.querySelectorAll('[data-case=options] dialog > button:not([commandfor])');
const changing = find('options', 'shell-dialog');
size?.addEventListener('click', () =>
  changing.setAttribute('size', changing.getAttribute('size') === 'wide' ? 'narrow' : 'wide'),
);
escape?.addEventListener('click', () => {
  const next = changing.getAttribute('escape') === 'keep' ? 'close' : 'keep';
  changing.setAttribute('escape', next);
  escape.textContent = `Escape: ${next}`;
});

find('mounted', 'button').addEventListener('click', () => {
  const guest = document.createElement('shell-dialog');
  const dialog = document.createElement('dialog');
  dialog.id = 'guest';
  const title = document.createElement('h4');
  title.textContent = 'Waits for ever';
  const ask = Object.assign(document.createElement('button'), {
    type: 'button',
    textContent: 'Ask to close',
  });
  ask.setAttribute('commandfor', 'guest');
  ask.setAttribute('command', 'close');
  const leave = Object.assign(document.createElement('button'), { type: 'button', textContent: 'Unmount' });
  leave.addEventListener('click', () => guest.remove());
  dialog.append(title, ask, leave);
  guest.append(dialog);
  guest.addEventListener('shell-guard', (event) => {
    const { change, wait } = (event as CustomEvent<GuardDetail>).detail;
    if (!change.value) wait(new Promise(() => {}));
  });
  Object.assign(guest, { open: true });
  find('mounted', 'button').after(guest);
});
