// The bench of many layers, and of long lists in markup, each beside the platform alone.
import { wireCombobox, wireDialog, wirePopover, wireTree } from '../../../src/index';
import { compare, type Figure, layout, timed, wiringOf } from './timing';

const times = (count: number, make: (at: number) => string): string =>
  Array.from({ length: count }, (_, at) => make(at)).join('');
const all = <E extends HTMLElement>(selector: string): E[] => [...document.querySelectorAll<E>(selector)];

/** Opens all that `html` holds, to layout; `open` begins with what `wire` has made, which is let go afterwards. */
const openingAll =
  <W>(html: string, wire: () => W[], open: (wired: W) => void, end: (wired: W) => void) =>
  async (): Promise<number> => {
    document.body.innerHTML = html;
    const wired = wire();
    layout();
    const began = performance.now();
    wired.forEach(open);
    // Those that open in one task are placed at its end.
    await 0;
    layout();
    const time = performance.now() - began;
    [...wired].reverse().forEach(end);
    document.body.replaceChildren();
    return time;
  };

/** 500 popovers that open in one task, and 100 dialogs in each other, against the platform's own calls. */
export async function layered(): Promise<Figure[]> {
  const popovers = times(
    500,
    (at) =>
      `<button commandfor="p${at}" command="--toggle">${at}</button><div id="p${at}" popover="manual">${at}</div>`,
  );
  const dialogs = Array.from({ length: 100 }).reduce<string>(
    (inner, _, at) => `<dialog id="d${at}"><h2>${at}</h2><button>B</button>${inner}</dialog>`,
    '',
  );
  const keep = { outside: 'keep', focusOut: 'keep' } as const;
  const many = await compare(
    'open 500 popovers in one task, to layout',
    'showPopover() alone, which places none',
    2,
    openingAll(
      popovers,
      () => all('[popover]').map((root) => wirePopover(root, keep)),
      (wired) => wired.show(),
      (wired) => wired.unwire(),
    ),
    openingAll(
      popovers,
      () => all('[popover]'),
      (root) => root.showPopover(),
      (root) => root.hidePopover(),
    ),
    9,
  );
  const nested = await compare(
    'open 100 dialogs in each other, to layout',
    'showModal() alone',
    2,
    openingAll(
      dialogs,
      () => all('dialog').map((root) => wireDialog(root)),
      (wired) => wired.show(),
      (wired) => wired.unwire(),
    ),
    openingAll(
      dialogs,
      () => all<HTMLDialogElement>('dialog'),
      (root) => root.showModal(),
      (root) => root.close(),
    ),
    9,
  );
  return [many, nested];
}

/** A tree of nested lists with 2,000 rows, against the shortest script that gives each its role and its state. */
export async function nesting(): Promise<Figure> {
  const html = `<ul id="t" aria-label="T">${times(100, (at) => `<li>Branch ${at}<ul>${times(19, (row) => `<li>Row ${row}</li>`)}</ul></li>`)}</ul>`;
  const measure = (wire: (root: HTMLElement) => () => void) =>
    wiringOf(
      () => wire(document.getElementById('t')!),
      () => html,
    );
  return compare(
    'wire a tree of nested lists, 2,000 rows, to layout',
    'a hand-written script',
    2.5,
    measure((root) => wireTree(root).unwire),
    measure((root) => {
      root.setAttribute('role', 'tree');
      const go = (event: Event): void => (event.target as HTMLElement).focus();
      for (const row of root.querySelectorAll('li')) {
        row.setAttribute('role', 'treeitem');
        row.tabIndex = -1;
        const group = row.querySelector('ul');
        if (!group) continue;
        group.setAttribute('role', 'group');
        group.hidden = true;
        row.setAttribute('aria-expanded', 'false');
      }
      root.addEventListener('click', go);
      return () => root.removeEventListener('click', go);
    }),
  );
}

/** The first opening of a combobox whose 2,000 options stand in markup, against showing the same box. */
export async function offering(): Promise<Figure> {
  const html = `<div id="r"><input role="combobox" aria-label="C"><div popover="manual"><div role="listbox">${times(2000, (at) => `<div role="option">Item ${at}</div>`)}</div></div></div>`;
  const place = (): HTMLElement => {
    document.body.innerHTML = html;
    layout();
    return document.getElementById('r')!;
  };
  return compare(
    'open a combobox of 2,000 options in markup, to layout',
    'showPopover() of the same list',
    1,
    () => {
      const wired = wireCombobox(place());
      layout();
      const time = timed(() => {
        wired.show();
        layout();
      });
      wired.unwire();
      return time;
    },
    () => {
      const popup = place().querySelector<HTMLElement>('[popover]')!;
      return timed(() => {
        popup.showPopover();
        layout();
      });
    },
  );
}
