// The panel: the views as tabs, the controls around them, and how focus moves in and back to the page. Focus
// on the page stays where it is while the pointer is used here: clicks take focus only in fields. The
// shortcut moves focus inside, and Escape returns it. Events stop at the host, so the page never sees them.
import { isElement } from '../engine/dom.js';
import { listen } from '../events/listen.js';
import { wrapTab } from '../focus/focusable.js';
import { wireTabs } from '../patterns/tabs/wire.js';
import { clearOf, makeRoom, nextSide, type Side } from './dock.js';
import type { Host } from './host.js';
import { button, fill, iconButton, make } from './make.js';
import type { Overlay } from './overlay.js';
import type { View } from './view.js';

/** The panel, with its methods. */
export interface Panel {
  isOpen(): boolean;
  open(): void;
  close(): void;
  /** Shows a view. */
  turnTo(key: string): void;
  /** The key of the visible view. */
  current(): string | undefined;
  /** Moves focus inside. The element that had it gets it back later. */
  enter(): void;
  /** Returns focus to the page. */
  leave(): void;
  /** Moves the panel to a side where it does not cover `element`, if it does now. */
  clear(element: Element): void;
  /** The element that had focus on the page when focus moved inside. */
  before(): Element | undefined;
  /** Updates the counts, the side and the shortcut. */
  refresh(): void;
}

/** The elements of the panel. */
export interface PanelParts {
  host: Host;
  overlay: Overlay;
  views: readonly View[];
  side: () => Side;
  chord: () => string;
  hasButton: () => boolean;
  /** The panel was opened or closed. */
  turned(isOpen: boolean): void;
  /** Another view is visible. */
  viewed(): void;
  pick(): void;
  /** Moves the panel to another side. */
  move(side: Side): void;
}

/** A click takes focus only in fields. */
const takesPress = 'input,select,textarea,a[href]';

/** Keeps the events of the host from the page. */
function keepIn({ element, root }: Host): void {
  const end = (event: Event): void => event.stopPropagation();
  for (const type of [
    'keydown',
    'keyup',
    'keypress',
    'pointerdown',
    'pointerup',
    'mousedown',
    'mouseup',
    'click',
    'focusin',
    'focusout',
    'input',
    'change',
    'wheel',
  ])
    element.addEventListener(type, end);
  root.addEventListener('mousedown', (event) => {
    if (event.target instanceof Element && !event.target.closest(takesPress)) event.preventDefault();
  });
}

function tabsOf(views: readonly View[]): { element: HTMLElement; counts: Map<string, HTMLElement> } {
  const counts = new Map<string, HTMLElement>();
  const list = make('div', { role: 'tablist', 'aria-label': 'Views' });
  const element = make('div', { class: 'views' }, list);
  for (const { key, title, element: view } of views) {
    const count = make('span', { class: 'count' });
    counts.set(key, count);
    list.append(make('button', { type: 'button', role: 'tab', 'data-key': key }, title, count));
    element.append(make('div', { role: 'tabpanel', 'data-key': key }, view));
  }
  return { element, counts };
}

const head = ({ pick }: PanelParts, mover: HTMLElement, close: () => void): HTMLElement =>
  make(
    'header',
    {},
    make('h2', {}, 'Inspector'),
    iconButton('Pick on the page', 'M3 3l9 4-4 1.5L6.5 13z', pick),
    mover,
    iconButton('Close the inspector', 'M4 4l8 8M12 4l-8 8', close),
  );

/** The elements that show a state. */
interface Pieces {
  panel: HTMLElement;
  call: HTMLElement;
  hint: HTMLElement;
  all: HTMLElement;
  mover: HTMLElement;
  counts: Map<string, HTMLElement>;
}

/** Updates the counts, the side and the shortcut. */
function show({ panel, call, hint, all, mover, counts }: Pieces, parts: PanelParts): void {
  all.dataset['side'] = parts.side();
  const { name } = nextSide(parts.side());
  mover.setAttribute('aria-label', name);
  mover.title = name;
  call.hidden = !panel.hidden || !parts.hasButton();
  const chord = parts.chord().replace(/[^+]$/, (key) => key.toUpperCase());
  fill(
    hint,
    [
      make('kbd', {}, chord),
      parts.host.root.activeElement ? ' closes it. ' : ' moves focus here. ',
      make('kbd', {}, 'Esc'),
      ' returns focus to the page.',
    ],
    `${chord} ${!!parts.host.root.activeElement}`,
  );
  for (const { key, count } of parts.views) {
    const number = count?.() ?? 0;
    const place = counts.get(key);
    if (place) place.textContent = number ? String(number) : '';
  }
}

/** How focus moves inside, and returns to where it was on the page. */
function focusIn({ root, element }: Host): Pick<Panel, 'enter' | 'leave' | 'before'> {
  let before: Element | undefined;
  listen(root, {
    focusin({ relatedTarget }) {
      // Nothing had focus, or an element on the page had it.
      if (!isElement(relatedTarget)) before = element.ownerDocument.body;
      else if (!root.contains(relatedTarget)) before = relatedTarget;
    },
  });
  return {
    enter() {
      root.querySelector<HTMLElement>('[role=tab][aria-selected=true]')?.focus();
    },
    leave() {
      const at = root.activeElement;
      if (!at) return;
      if (at instanceof HTMLElement) at.blur();
      if (before instanceof HTMLElement && before.isConnected) before.focus({ preventScroll: true });
    },
    before: () => (root.activeElement ? before : undefined),
  };
}

/** Creates the closed panel. */
export function makePanel(parts: PanelParts): Panel {
  const { host, views, overlay } = parts;
  const { element: tabs, counts } = tabsOf(views);
  const hint = make('footer');
  const call = button('?', () => turn(true), { class: 'call', 'aria-label': 'Open the inspector' });
  const mover = iconButton('', 'M2 3h12v10H2zM9 3v10', () => parts.move(nextSide(parts.side()).side));
  // Its texts are English and run from left to right, whatever the page's language. The edges follow the
  // direction of the page.
  const panel = make(
    'section',
    { class: 'panel', 'aria-label': 'Inspector', role: 'region' },
    make(
      'div',
      { class: 'inside', lang: 'en', dir: 'ltr' },
      head(parts, mover, () => turn(false)),
      tabs,
      hint,
    ),
  );
  panel.hidden = true;
  const all = make('div', { class: 'all' }, overlay.element, panel, call);
  host.root.append(all);
  keepIn(host);
  const wired = wireTabs(tabs);
  const focus = focusIn(host);
  const giveRoom = makeRoom(host.element.ownerDocument);
  const refresh = (): void => {
    show({ panel, call, hint, all, mover, counts }, parts);
    giveRoom(panel, parts.side());
  };
  const turnViews = (): void => {
    for (const view of views) view.turn?.(!panel.hidden && view.key === wired.selected.get());
  };
  function turn(isOpen: boolean): void {
    if (isOpen !== panel.hidden) return;
    if (!isOpen) focus.leave();
    panel.hidden = !isOpen;
    turnViews();
    parts.turned(isOpen);
    refresh();
  }
  wired.selected.subscribe(() => {
    turnViews();
    parts.viewed();
  });
  listen(panel, {
    keydown(event) {
      if (event.key === 'Tab') wrapTab(event, panel);
      if (event.key !== 'Escape' || event.defaultPrevented) return;
      // Otherwise the platform would close the modal dialog around it.
      event.preventDefault();
      focus.leave();
    },
    focusin: refresh,
    focusout: refresh,
  });
  refresh();
  return {
    isOpen: () => !panel.hidden,
    open: () => turn(true),
    close: () => turn(false),
    turnTo: (key) => wired.select(key),
    current: () => wired.selected.get(),
    refresh,
    clear(element) {
      const tryAt = (side: Side): void => {
        all.dataset['side'] = side;
        giveRoom(panel, side);
      };
      if (!panel.hidden) parts.move(clearOf(panel, element, parts.side(), tryAt));
    },
    ...focus,
  };
}
