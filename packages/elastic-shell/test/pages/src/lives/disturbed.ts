// Laws about what disturbs a life: answers that come late, functions that throw, repeated input, other layers, another copy of the
// library, copied markup, and a life that waits for its first use.
import * as library from '../../../../src/index';
import { isOn, kinds, type Name, offValue } from './kinds';
import { type How, type Life, live, settle, spell } from './life';

type Law = (name: Name, how: How) => Promise<string[]>;

/** The faults of several parts of a law, each with the name of its part. */
async function parts(all: Readonly<Record<string, () => Promise<string[]>>>): Promise<string[]> {
  const found: string[] = [];
  for (const [part, run] of Object.entries(all)) {
    for (const fault of await run()) found.push(`${part}: ${fault}`);
    // Each begins with a page on which the one before has ended, whatever its listeners do.
    await reports(() => document.body.replaceChildren());
  }
  return found;
}

/** Runs `act` and returns the errors that the page reported meanwhile. */
async function reports(act: () => unknown): Promise<string[]> {
  const found: string[] = [];
  const hear = (event: ErrorEvent): void => {
    event.preventDefault();
    found.push(event.message);
  };
  const hearLate = (event: PromiseRejectionEvent): void => {
    event.preventDefault();
    found.push(`unhandled: ${event.reason}`);
  };
  addEventListener('error', hear);
  addEventListener('unhandledrejection', hearLate);
  try {
    await act();
    await settle();
  } catch (error) {
    found.push(`thrown: ${error instanceof Error ? error.message : error}`);
  }
  removeEventListener('error', hear);
  removeEventListener('unhandledrejection', hearLate);
  return found;
}

/** What is wrong if the life should be on, or off. */
const unlike = (life: Life, isWanted: boolean): string[] => [
  ...(isOn(life.kind, life.wired()) === isWanted ? [] : [`it is ${isWanted ? 'off' : 'on'}`]),
  ...life.disagreements(),
  ...(life.wired().busy.get() ? ['it is busy'] : []),
];

/** A store of the user's own that asks: its answer comes when `answer` is called. */
function lateStore(name: Name, first: unknown) {
  const own = library.cell(first);
  const answers: ((isTaken: boolean) => void)[] = [];
  return {
    answer: (isTaken: boolean): void => answers.splice(0).forEach((each) => each(isTaken)),
    asked: (): number => answers.length,
    store: {
      get: own.get,
      subscribe: own.subscribe,
      set: (value: unknown): Promise<void> =>
        new Promise((resolve) =>
          answers.push((isTaken) => {
            if (isTaken) own.set(value);
            resolve();
          }),
        ),
    },
    option: kinds[name].state,
  };
}

const late: Law = (name, how) =>
  parts({
    async approved() {
      let answer: (value: boolean) => void = () => {};
      const life = live(name, how, { guard: () => new Promise<boolean>((resolve) => (answer = resolve)) });
      life.turn();
      await settle();
      const early = isOn(life.kind, life.wired()) ? ['it did not wait'] : [];
      answer(true);
      await settle();
      return [...early, ...unlike(life, true)];
    },
    async refused() {
      let answer: (value: boolean) => void = () => {};
      const life = live(name, how, { guard: () => new Promise<boolean>((resolve) => (answer = resolve)) });
      life.turn();
      await settle();
      answer(false);
      await settle();
      return unlike(life, false);
    },
    async 'never answered, and replaced'() {
      if (how === 'element') return [];
      const life = live(name, how, { guard: () => new Promise<boolean>(() => {}) });
      life.turn();
      await settle();
      life.wired().update({ guard: () => true });
      await settle();
      const ended = unlike(life, false);
      life.turn();
      await settle();
      return [...ended, ...unlike(life, true)];
    },
    async 'an owner'() {
      if (how === 'element') return [];
      const { store, answer, asked, option } = lateStore(name, offValue(name));
      const life = live(name, how, { [option]: store });
      life.turn();
      await settle();
      const early = [
        ...(asked() ? [] : ['its owner was not asked']),
        ...(isOn(life.kind, life.wired()) ? ['it did not wait for its owner'] : []),
      ];
      answer(true);
      await settle();
      return [...early, ...unlike(life, true)];
    },
    async 'an owner that refuses'() {
      if (how === 'element') return [];
      const { store, answer, option } = lateStore(name, offValue(name));
      const refusals: unknown[] = [];
      const life = live(name, how, { [option]: store, onRefuse: (each: unknown) => refusals.push(each) });
      life.turn();
      await settle();
      answer(false);
      await settle();
      return [...unlike(life, false), ...(refusals.length === 1 ? [] : [`${refusals.length} refusals`])];
    },
  });

const throwing: Law = (name, how) =>
  parts({
    async 'a guard'() {
      let isBroken = true;
      const life = live(name, how, {
        guard() {
          if (isBroken) throw new Error('guard');
        },
      });
      const told = await reports(() => life.turn());
      // Some patterns show the message themselves.
      const first = told.length > 1 ? [`reported ${told.length} times`] : [];
      const off = how === 'element' || life.kind.isFree ? [] : unlike(life, false);
      isBroken = false;
      const later = await reports(() => life.turn());
      return [...first, ...off, ...later, ...unlike(life, true)];
    },
    async 'a listener'() {
      const life = live(name, how, {
        onChange() {
          throw new Error('listener');
        },
      });
      const told = await reports(() => life.turn());
      return [...unlike(life, true), ...(told.length ? [] : ['it was not reported'])];
    },
    async 'a store that cannot be set'() {
      if (how === 'element') return [];
      const own = library.cell(offValue(name));
      let isBroken = true;
      const store = {
        get: own.get,
        subscribe: own.subscribe,
        set(value: unknown): void {
          if (isBroken) throw new Error('set');
          own.set(value);
        },
      };
      const life = live(name, how, { [kinds[name].state]: store });
      const told = await reports(() => life.turn());
      isBroken = false;
      const later = await reports(() => life.turn());
      return [
        ...(told.length === 1 ? [] : [`reported ${told.length} times: ${told.join()}`]),
        ...later,
        ...unlike(life, true),
      ];
    },
  });

const repeated: Law = (name, how) =>
  parts({
    async 'a call'() {
      const life = live(name, how);
      life.turn();
      life.turn();
      await settle();
      life.turn();
      await settle();
      const { state } = life.kind;
      const told = life.heard.filter((each) => each.startsWith(`${state} `)).length;
      return [...unlike(life, true), ...(told === 1 ? [] : [`${state} was told ${told} times`])];
    },
    async 'the same options'() {
      if (how === 'element') return [];
      const life = live(name, how);
      life.turn();
      await settle();
      const before = spell(life.stage.innerHTML);
      const told = life.heard.length;
      const guard = (): boolean => true;
      for (let times = 0; times < 3; times++) life.wired().update({ guard });
      await settle();
      const after = spell(life.stage.innerHTML);
      return [
        ...unlike(life, true),
        ...(after === before ? [] : [`${before} became ${after}`]),
        ...life.heard.slice(told),
      ];
    },
    async 'a held key'() {
      const life = live(name, how);
      const control = life.stage.querySelector<HTMLElement>('.opener,.target');
      if (!control || !life.kind.press || life.kind.press === '.target') return [];
      control.focus();
      const press = (repeat: boolean): boolean =>
        control.dispatchEvent(
          new KeyboardEvent('keydown', {
            key: 'Enter',
            bubbles: true,
            cancelable: true,
            composed: true,
            repeat,
          }),
        );
      if (press(false)) control.click();
      await settle();
      // A held key sends its repeats to what has focus now; the control itself lets none of them through.
      for (let times = 0; times < 3; times++) if (press(true)) control.click();
      await settle();
      return unlike(life, true);
    },
  });

const anothersLayer: Law = async (name, how) => {
  const life = live(name, how);
  if (name === 'combobox') (life.wired()['show'] as () => void)();
  else life.turn();
  await settle();
  const other = document.createElement('dialog');
  other.innerHTML = '<button>Theirs</button>';
  document.body.append(other);
  other.showModal();
  await settle();
  const { state } = life.kind;
  const before = String((life.wired()[state] as library.Cell<unknown>).get());
  const inside = other.querySelector('button')!;
  inside.dispatchEvent(
    new KeyboardEvent('keydown', { key: 'Escape', bubbles: true, cancelable: true, composed: true }),
  );
  for (const type of ['pointerdown', 'pointerup', 'click'])
    inside.dispatchEvent(new PointerEvent(type, { bubbles: true, cancelable: true, composed: true }));
  await settle();
  const after = String((life.wired()[state] as library.Cell<unknown>).get());
  const found = [
    ...(before === after || !['dialog', 'drawer'].includes(name)
      ? []
      : [`${state} went from ${before} to ${after}`]),
    ...life.disagreements(),
    ...(other.open ? [] : ['it closed the layer of another']),
  ];
  other.close();
  other.remove();
  await settle();
  await life.end();
  await settle();
  return [...found, ...life.traces()];
};

/** The wire function of another copy of the library: the built one. */
async function otherWire(name: Name): Promise<library.Wire<object, library.Wired>> {
  const other: Readonly<Record<string, unknown>> = await import('elastic-shell' as string);
  return other[`wire${name[0]!.toUpperCase()}${name.slice(1)}`] as library.Wire<object, library.Wired>;
}

const anotherCopy: Law = async (name, how) => {
  const wire = await otherWire(name);
  const life = live(name, how);
  const found: string[] = [];
  try {
    wire(life.wired().root);
    found.push('another copy wires the same root');
  } catch {
    // A root has one owner.
  }
  // The same pattern beside it, on the other copy.
  const beside = document.createElement('div');
  beside.innerHTML = life.author.replaceAll(life.id, `${life.id}-other`);
  life.stage.after(beside);
  const other = wire(beside.querySelector<HTMLElement>(`#${life.id}-other`)!);
  life.turn();
  await settle();
  found.push(...unlike(life, true));
  const ids = [...document.querySelectorAll('[id]')].map(({ id }) => id);
  if (new Set(ids).size < ids.length) found.push(`ids are given twice: ${ids.join()}`);
  other.unwire();
  beside.remove();
  await settle();
  found.push(...unlike(life, true));
  await life.end();
  await settle();
  return [...found, ...life.traces()];
};

const cloned: Law = async (name, how) => {
  const life = live(name, how);
  life.turn();
  await settle();
  const copy = document.createElement('div');
  copy.innerHTML = life.stage.innerHTML.replaceAll(life.id, `${life.id}-copy`);
  const original = life.root();
  await life.end();
  await settle();
  document.querySelector('main')!.append(copy);
  const wired = shell.wire(name, `${life.id}-copy`, {}, copy.querySelector<HTMLElement>(`#${life.id}-copy`)!);
  const again = how === 'function' ? shell.wire(name, life.id, {}, original) : undefined;
  await settle();
  const ids = [...document.querySelectorAll('[id]')].map(({ id }) => id);
  const found = new Set(ids).size < ids.length ? [`ids are given twice: ${ids.join()}`] : [];
  wired.unwire();
  again?.unwire();
  return found;
};

const neverTouched: Law = async (name, how) => {
  const life = live(name, how);
  life.turn();
  await settle();
  const once = spell(life.stage.innerHTML).replaceAll(life.id, 'id');
  await life.end();
  await settle();
  // After so many in one task, the next one waits for its first use.
  const crowd = document.createElement('div');
  const others = Array.from({ length: 60 }, (_, at) => {
    const panel = document.createElement('div');
    panel.id = `crowd-${at}`;
    panel.hidden = true;
    crowd.append(panel);
    return panel;
  });
  document.body.append(crowd);
  const crowded = others.map((panel) => library.wireDisclosure(panel));
  const waiting = live(name, how);
  waiting.turn();
  await settle();
  const later = spell(waiting.stage.innerHTML).replaceAll(waiting.id, 'id');
  const order = (html: string): string =>
    html
      .replace(/shell-\d+/g, 'shell-n')
      .split(/[\s>]+/)
      .sort()
      .join();
  const found = [
    ...unlike(waiting, true),
    ...(order(once) === order(later) ? [] : [`at once ${once}, when touched ${later}`]),
  ];
  await waiting.end();
  crowded.forEach((each) => each.unwire());
  crowd.remove();
  await settle();
  return [...found, ...waiting.traces()];
};

/** The laws by name. */
export const disturbed: Readonly<Record<string, Law>> = {
  late,
  throwing,
  repeated,
  'another’s layer': anothersLayer,
  'another copy': anotherCopy,
  cloned,
  'never touched': neverTouched,
};
