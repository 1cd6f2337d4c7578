// The bench of long lists: the same acts on 100, 10,000 and 100,000 items, and on rows that are all on the page.
import {
  type Combobox,
  type Item,
  type TreeNode,
  wireCombobox,
  wireListbox,
  wireTree,
} from '../../../src/index';
import { frame, layout, median, rounds, timed } from './timing';

/** Milliseconds of an act at each length, medians. */
export interface Lengths {
  what: string;
  times: Record<string, number>;
}

const numbered = (count: number): Item[] =>
  Array.from({ length: count }, (_, at) => ({ key: `k${at}`, label: `Item ${at}` }));
/** Twenty branches; the first holds `inFirst` leaves, the others share the rest. */
const branched = (count: number, inFirst: number): TreeNode[] =>
  Array.from({ length: 20 }, (_, branch) => ({
    key: `b${branch}`,
    label: `Branch ${branch}`,
    children: numbered(branch ? Math.max(1, Math.floor((count - inFirst) / 19)) : inFirst).map(
      ({ key, label }) => ({
        key: `${branch}.${key}`,
        label: label!,
      }),
    ),
  }));

const place = (): HTMLElement => {
  document.body.innerHTML =
    '<div id="list" role="listbox" aria-label="L" tabindex="-1"></div><div id="tree" role="tree" aria-label="T"></div><div id="box"><input role="combobox" aria-label="C"><div popover="manual"><div role="listbox"></div></div></div>';
  return document.getElementById('list')!;
};
const key = (target: Element, name: string): void =>
  void target.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }));

/** The median of `act`, to layout, each after a frame of rest. */
async function middle(act: (turn: number) => void, turns = rounds): Promise<number> {
  const times: number[] = [];
  for (let turn = 0; turn < turns + 2; turn++) {
    await frame();
    const time = timed(() => {
      act(turn);
      layout();
    });
    if (turn > 1) times.push(time);
  }
  return median(times);
}

async function listbox(count: number): Promise<Record<string, number>> {
  const items = numbered(count);
  let wired!: { unwire(): void };
  const ready = await middle(() => {
    wired?.unwire();
    wired = wireListbox(place(), { items });
  });
  const press = (names: string[]) => (turn: number) =>
    key(document.activeElement!, names[turn % names.length]!);
  const focus = (): void => document.querySelector<HTMLElement>('#list [tabindex="0"]')!.focus();
  focus();
  await frame();
  const times = {
    'time to ready': ready,
    'arrow key': await middle(press(['ArrowDown'])),
    'Home and End': await middle(press(['End', 'Home'])),
    'type-ahead': await middle(() => key(document.activeElement!, 'i')),
  };
  wired.unwire();
  return times;
}

async function tree(count: number): Promise<Record<string, number>> {
  place();
  const root = document.getElementById('tree')!;
  const wired = wireTree(root, { items: branched(count, Math.max(1, Math.min(10_000, count - 20))) });
  await frame();
  const turn = await middle((at) => (at % 2 ? wired.collapse('b0') : wired.expand('b0')));
  wired.expand('b0');
  root.querySelector<HTMLElement>('[tabindex="0"]')!.focus();
  await frame();
  const times = {
    'arrow key in a tree': await middle(() => key(document.activeElement!, 'ArrowDown')),
    [`branch of ${Math.max(1, Math.min(10_000, count - 20))} opened or closed`]: turn,
  };
  wired.unwire();
  return times;
}

async function combobox(count: number): Promise<Record<string, number>> {
  place();
  const root = document.getElementById('box')!;
  const wired: Combobox = wireCombobox(root, { items: numbered(count) });
  const field = root.querySelector('input')!;
  field.focus();
  const texts = ['9', '99', '9', 'item 7'];
  const time = await middle((turn) => {
    field.value = texts[turn % texts.length]!;
    field.dispatchEvent(new Event('input', { bubbles: true }));
  });
  wired.unwire();
  return { 'filter keystroke in a combobox': time };
}

/** The same without a window: every row in the markup, moved through by the shortest script. */
async function plain(count: number): Promise<Record<string, number>> {
  const html = numbered(count)
    .map(({ label }) => `<div role="option" tabindex="-1">${label}</div>`)
    .join('');
  const list = place();
  const ready = await middle(() => {
    list.innerHTML = html;
  }, 5);
  let at = list.firstElementChild as HTMLElement;
  const go = (to: Element | null): void => {
    at.tabIndex = -1;
    at = to as HTMLElement;
    at.tabIndex = 0;
    at.focus();
  };
  const times = {
    'time to ready': ready,
    'arrow key': await middle(() => go(at.nextElementSibling)),
    'Home and End': await middle((turn) => go(turn % 2 ? list.firstElementChild : list.lastElementChild)),
  };
  list.replaceChildren();
  return times;
}

export async function listing(): Promise<Lengths[]> {
  const table = new Map<string, Record<string, number>>();
  const enter = (column: string, times: Record<string, number>): void => {
    for (const [what, time] of Object.entries(times)) table.set(what, { ...table.get(what), [column]: time });
  };
  for (const count of [10, 100, 1000, 10_000, 100_000]) {
    enter(`${count}`, await listbox(count));
    enter(`${count}`, await tree(count));
    enter(`${count}`, await combobox(count));
  }
  for (const count of [100, 10_000]) enter(`${count} all on the page`, await plain(count));
  document.body.replaceChildren();
  return [...table].map(([what, times]) => ({ what, times }));
}
