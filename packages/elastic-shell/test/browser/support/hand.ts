// A hand on the page: seeded random keys, presses, moves and scrolls, and what may not be so after any of them.
import type { Page } from 'playwright-core';
import { move, press, wheel } from '../../../../cli/src/drive/actions';
import { handOf } from '../../drive/page';
import { browserName } from './browser';

/** Numbers from 0 up to, not including, 1 (mulberry32). */
export const seeded = (from: number) => {
  let state = from >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
};
const keys = [
  'Tab',
  'Tab',
  'Tab',
  'Shift+Tab',
  'ArrowDown',
  'ArrowDown',
  'ArrowUp',
  'ArrowLeft',
  'ArrowRight',
  'Home',
  'End',
  'PageDown',
  'Enter',
  'Enter',
  'Space',
  'Escape',
  'Escape',
  'Shift+ArrowDown',
  'Control+a',
  'Delete',
  'Backspace',
  'Shift+F10',
  '*',
  'a',
  'm',
  's',
];

/** Everything that may not be so now, in words. */
const faults = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found: string[] = [];
    const name = (element: Element) => `${element.localName}#${element.id}`;
    if (document.querySelector('dialog:modal') && document.activeElement === document.body)
      found.push('focus was lost while a modal is open');
    for (const control of document.querySelectorAll('[aria-expanded]')) {
      const [id] = (control.getAttribute('aria-controls') ?? '').split(' ');
      const target = id && document.getElementById(id);
      if (!target || target.closest('shell-tooltip')) continue;
      const layer = target.closest('[popover],dialog') ?? target;
      const isLayer = layer.matches('[popover],dialog');
      const shows = isLayer
        ? layer.matches(':popover-open,[open]')
        : !target.hasAttribute('hidden') && (!target.matches('details') || target.hasAttribute('open'));
      if (control.ariaExpanded !== `${shows}`)
        found.push(`${name(control)} says expanded=${control.ariaExpanded}, ${name(target)} shows=${shows}`);
    }
    for (const composite of document.querySelectorAll(
      '[role=listbox],[role=tree],[role=menu],[role=tablist]',
    )) {
      const role = composite.getAttribute('role')!;
      const stops = [...composite.querySelectorAll('[tabindex="0"]')].filter(
        (stop) =>
          /^(option|treeitem|tab|menuitem.*)$/.test(stop.getAttribute('role') ?? '') &&
          stop.closest(`[role=${role}]`) === composite,
      );
      if (stops.length > 1) found.push(`${name(composite)} has ${stops.length} tab stops`);
    }
    return found;
  });

/** The faults that do not come right by themselves: a change that waits for a promise or a frame may be on its way. */
export const lasting = async (
  page: Page,
  errors: string[],
  more: () => Promise<string[]> = () => Promise.resolve([]),
): Promise<string[]> => {
  for (let left = 1; ; left--) {
    const found = [...(await faults(page)), ...(await more()), ...errors];
    if (!found.length || !left) return found;
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve))));
  }
};

/** What the mouse of this browser does at a place, all of it sent before the first is answered, as a hand does. */
type Mouse = (
  at: readonly [x: number, y: number],
  what: 'move' | 'left' | 'right' | number,
) => Promise<unknown>;

/** The mouse of a page; a number is how far its wheel turns. */
export async function mouseOf(page: Page): Promise<Mouse> {
  if (browserName !== 'chromium') {
    const { wire } = handOf(page);
    return (at, what) =>
      wire.act([
        typeof what === 'number' ? wheel(at, 0, what) : what === 'move' ? move([at]) : press(at, what),
      ]);
  }
  const session = await page.context().newCDPSession(page);
  return ([x, y], what) => {
    const send = (type: 'Moved' | 'Pressed' | 'Released' | 'Wheel', more?: object) =>
      session.send('Input.dispatchMouseEvent', { type: `mouse${type}`, x, y, ...more });
    if (typeof what === 'number') return send('Wheel', { deltaX: 0, deltaY: what });
    const button = { button: what, clickCount: 1 };
    return Promise.all([
      send('Moved'),
      ...(what === 'move' ? [] : [send('Pressed', button), send('Released', button)]),
    ]);
  };
}

/** One input of a random kind; answers what it was. */
export const act = async (page: Page, mouse: Mouse, random: () => number): Promise<string> => {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const chance = random();
  if (chance < 0.62) {
    const key = pick(keys);
    await page.keyboard.press(key);
    return key;
  }
  if (chance < 0.95) {
    const isRight = chance > 0.92;
    const isMove = chance < 0.7;
    // Something within view that can be pressed, or any place.
    const [x, y, what] = await page.evaluate(
      ([one, other, third]) => {
        const all = [
          ...document.querySelectorAll<HTMLElement>(
            'button,input,summary,label,[role=option],[role=treeitem],[role^=menuitem],[role=tab],[data-marker]',
          ),
        ].filter((each) => {
          const { top, bottom, left, right, width } = each.getBoundingClientRect();
          const middle = (left + right) / 2;
          return (
            width &&
            top > 60 &&
            bottom < innerHeight &&
            middle > 0 &&
            middle < innerWidth &&
            each.id !== 'unwire'
          );
        });
        const target = one! < 0.85 ? all[Math.floor(other! * all.length)] : undefined;
        if (!target) return [other! * innerWidth, 60 + third! * (innerHeight - 60), 'a place'] as const;
        const { left, top, width, height } = target.getBoundingClientRect();
        return [
          left + width / 2,
          top + height / 2,
          `${target.localName} ${target.textContent?.trim().slice(0, 20)}`,
        ] as const;
      },
      [random(), random(), random()],
    );
    await mouse([x, y], isMove ? 'move' : isRight ? 'right' : 'left');
    return `${isMove ? 'move over' : isRight ? 'right press' : 'press'} ${what}`;
  }
  const by = Math.round((random() - 0.45) * 1600);
  await mouse([640, 400], by);
  return `wheel ${by}`;
};
