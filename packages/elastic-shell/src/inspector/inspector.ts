// The inspector as a whole: the record, which begins at once, and the panel, which is created on first use.
import { listen } from '../events/listen.js';
import { focused } from '../heard/dom.js';
import { checkChord, isChord } from './chord.js';
import { type Host, makeHost } from './host.js';
import { type Overlay, overlay } from './overlay.js';
import { type PageWatch, watchPage } from './page-watch.js';
import type { Side } from './dock.js';
import { makePanel, type Panel } from './panel.js';
import { pick, rootAt } from './pick.js';
import { record } from './record.js';
import type { Context, View } from './view.js';
import { focusView } from './views/focus.js';
import { happenedView } from './views/happened.js';
import { heardView } from './views/heard.js';
import { pressableView } from './views/pressable.js';
import { wiredView } from './views/wired.js';
import { wrongView } from './views/wrong.js';

/** The options of the inspector. */
export interface InspectorOptions {
  /** The keyboard shortcut that opens it: modifiers and a key. Default: `Alt+Shift+y`. */
  chord?: string;
  /** Whether a small button opens it too. Default: true. */
  button?: boolean;
  /** The edge at which the panel is docked, or `float` for a panel above the page. Default: `end`. */
  side?: Side;
}

/** The inspector of a page. */
export interface Inspector {
  /** Opens the panel. Focus stays where it is. */
  open(): void;
  /** Closes the panel. */
  close(): void;
  /**
   * Returns whether the panel is open.
   *
   * @returns Whether it is open.
   */
  isOpen(): boolean;
  /**
   * Opens the panel at a view.
   *
   * @param view - The view: `wired`, `happened`, `keys`, `focus`, `heard` or `wrong`.
   */
  show(view: ViewKey): void;
  /**
   * Opens the panel at the pattern of an element: the one that contains it, or the one it refers to.
   *
   * @param element - The element.
   */
  about(element: Element): void;
  /**
   * Changes the options.
   *
   * @param options - The options to change.
   * @throws TypeError if the shortcut is invalid.
   */
  set(options: InspectorOptions): void;
}

/** The views. */
export type ViewKey = 'wired' | 'happened' | 'keys' | 'focus' | 'heard' | 'wrong';

/** The data of a panel that exists. */
interface Held {
  host: Host;
  drawn: Overlay;
  panel: Panel;
  views: Views;
  watch: PageWatch | undefined;
  endPick: (() => void) | undefined;
  isWaiting: boolean;
}

/** The views, two of which others link to. */
interface Views {
  all: readonly View[];
  wired: ReturnType<typeof wiredView>;
  happened: ReturnType<typeof happenedView>;
}

const settings: Required<InspectorOptions> = { chord: 'Alt+Shift+y', button: true, side: 'end' };

/** Returns the element that has focus on the page, or had it before focus moved into the inspector. */
function pageFocus(held: Held): HTMLElement | undefined {
  const at = held.panel.before() ?? focused();
  return at instanceof HTMLElement && at !== document.body && at !== document.documentElement
    ? at
    : undefined;
}

/** The functions for views. `get` returns the data once it exists. */
const contextOf = (drawn: Overlay, get: () => Held): Context => ({
  document,
  overlay: drawn,
  focusOnPage: () => pageFocus(get()),
  point(element, more = []) {
    element.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
    get().panel.clear(element);
    drawn.mark([{ element, word: element.id || element.localName }, ...more]);
  },
  showHappenings(root) {
    get().panel.turnTo('happened');
    get().views.happened.only(root);
  },
});

function viewsOf(context: Context, get: () => Held): Views {
  const wired = wiredView(context);
  const happened = happenedView(context);
  const all = [
    wired,
    happened,
    pressableView(context, () => get().watch?.idle()),
    focusView(context),
    heardView(context, () => get().watch?.said ?? []),
    wrongView(context),
  ];
  return { all, wired, happened };
}

/** Updates the panel now. */
function refresh({ host, panel, views, drawn }: Held): void {
  if (!panel.isOpen()) return;
  host.raise();
  panel.refresh();
  views.all.find(({ key }) => key === panel.current())?.refresh();
  drawn.refresh();
}

/** Updates the panel in the next frame, however often the page changes until then. */
function schedule(held: Held): void {
  if (held.isWaiting || !held.panel.isOpen()) return;
  held.isWaiting = true;
  requestAnimationFrame(() => {
    held.isWaiting = false;
    refresh(held);
  });
}

/** Shows a root among everything that is wired. */
function showRoot({ panel, views }: Held, root: HTMLElement): void {
  panel.open();
  panel.turnTo('wired');
  views.wired.refresh();
  views.wired.select(root);
}

/** Lets the next click on the page choose what to show. */
function choose(held: Held): void {
  const { drawn } = held;
  held.endPick?.();
  held.endPick = pick(
    document,
    (root) => drawn.mark(root ? [{ element: root, word: root.id || root.localName }] : []),
    (root) => {
      held.endPick = undefined;
      drawn.mark([]);
      if (root) showRoot(held, root);
    },
  );
}

/** The panel was opened or closed. The page is followed only while it is open. */
function turned(held: Held, isOpen: boolean): void {
  // The first content is shown at once.
  if (isOpen) {
    held.watch ??= watchPage(document, () => schedule(held));
    return queueMicrotask(() => refresh(held));
  }
  held.watch?.release();
  held.watch = undefined;
  held.endPick?.();
  held.endPick = undefined;
  held.drawn.mark([]);
  held.host.raise();
}

function make(): Held {
  const host = makeHost(document);
  const drawn = overlay();
  // Nothing is read before everything exists.
  const get = (): Held => held;
  const views = viewsOf(contextOf(drawn, get), get);
  const panel = makePanel({
    host,
    overlay: drawn,
    views: views.all,
    side: () => settings.side,
    chord: () => settings.chord,
    hasButton: () => settings.button,
    turned: (isOpen) => turned(held, isOpen),
    viewed: () => queueMicrotask(() => refresh(held)),
    pick: () => choose(held),
    move(side) {
      settings.side = side;
      panel.refresh();
    },
  });
  const held: Held = { host, drawn, panel, views, watch: undefined, endPick: undefined, isWaiting: false };
  host.raise();
  return held;
}

let made: Held | undefined;
const get = (): Held => (made ??= make());

/** The shortcut opens it and moves focus inside. Inside, it closes the panel. */
function onKey(event: KeyboardEvent): void {
  if (!isChord(event, settings.chord)) return;
  event.preventDefault();
  event.stopImmediatePropagation();
  const { panel, host } = get();
  if (panel.isOpen() && host.root.activeElement) return panel.close();
  panel.open();
  // While a modal dialog is open it must be inside that before it can take focus.
  host.raise();
  panel.enter();
}

/** Keeps the button where it can be clicked: above what has opened, and inside a modal dialog. */
function followLayers(): void {
  let isWaiting = false;
  record.subscribe(() => {
    const last = record.all().at(-1);
    if (isWaiting || !made || made.panel.isOpen() || !settings.button) return;
    if (last?.kind !== 'change' || last.change.name !== 'open') return;
    isWaiting = true;
    requestAnimationFrame(() => {
      isWaiting = false;
      made?.host.raise();
    });
  });
}

/** Starts: shows the button, and listens for the shortcut. */
export function begin(): void {
  listen(window, { keydown: onKey }, ['keydown']);
  get();
  followLayers();
}

/** The inspector of this page. */
export const inspector: Inspector = {
  open: () => get().panel.open(),
  close: () => made?.panel.close(),
  isOpen: () => !!made?.panel.isOpen(),
  show(view) {
    get().panel.open();
    get().panel.turnTo(view);
  },
  about(element) {
    const root = rootAt(element);
    get().panel.open();
    if (root) showRoot(get(), root);
  },
  set(options) {
    if (options.chord !== undefined) checkChord(options.chord);
    Object.assign(settings, options);
    made?.panel.refresh();
  },
};
