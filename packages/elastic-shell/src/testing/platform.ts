// What jsdom lacks for layers, set up for tests and taken away again: dialogs that are modal, popovers, `inert`, and the `hidden` that
// find-in-page may open. In a browser that has all of it nothing is set up.
//
// What is not shown has no display to whoever asks for computed styles, so that role queries see what is shown and nothing else. No
// attribute is written that the platform does not write. `:modal` and `:popover-open` are known to `matches`, `closest` and
// `querySelector` where they stand at the end of a compound, as in `dialog:modal`.
import { method, replace, type Shown, type Undo, type Win } from './replace.js';
import { setUpSelectors, setUpStyles } from './shown.js';

/** The event of a layer that opens or closes; jsdom may have no class for it. */
function toggleEvent(
  element: Element,
  type: string,
  oldState: string,
  newState: string,
  cancelable = false,
): Event {
  return Object.assign(plainEvent(element, type, cancelable), { oldState, newState });
}

/** An event of the element's own document: some runners keep a global of the name that is Node's. */
export function plainEvent(element: Element, type: string, cancelable = false, bubbles = false): Event {
  const event = element.ownerDocument.createEvent('Event');
  event.initEvent(type, bubbles, cancelable);
  return event;
}

const invalid = (win: Win, text: string): DOMException => new win.DOMException(text, 'InvalidStateError');

/** Tells `toggle` once the task is over, as the platform does. */
const tellLater = (element: Element, isOpen: boolean): void =>
  queueMicrotask(
    () =>
      void element.dispatchEvent(
        toggleEvent(element, 'toggle', isOpen ? 'closed' : 'open', isOpen ? 'open' : 'closed'),
      ),
  );

/** Dialogs: `show`, `showModal`, `close` and `requestClose`. */
function setUpDialogs(win: Win, { modal }: Shown): Undo[] {
  const proto = win.HTMLDialogElement.prototype;
  const results = new WeakMap<Element, string>();
  const open = (dialog: HTMLDialogElement, isModal: boolean): void => {
    if (dialog.hasAttribute('open')) {
      if (isModal === modal.has(dialog)) return;
      throw invalid(win, 'The dialog is already open in another way.');
    }
    if (isModal && !dialog.isConnected) throw invalid(win, 'The dialog is not in a document.');
    if (!dialog.dispatchEvent(toggleEvent(dialog, 'beforetoggle', 'closed', 'open', true))) return;
    dialog.setAttribute('open', '');
    if (isModal) modal.add(dialog);
    tellLater(dialog, true);
    const first =
      dialog.querySelector<HTMLElement>('[autofocus]') ?? dialog.querySelector<HTMLElement>(focusable);
    (first ?? dialog).focus();
  };
  const close = (dialog: HTMLDialogElement, result?: string): void => {
    if (!dialog.hasAttribute('open')) return;
    dialog.dispatchEvent(toggleEvent(dialog, 'beforetoggle', 'open', 'closed'));
    dialog.removeAttribute('open');
    modal.delete(dialog);
    if (result !== undefined) results.set(dialog, result);
    tellLater(dialog, false);
    queueMicrotask(() => dialog.dispatchEvent(plainEvent(dialog, 'close')));
  };
  return [
    method(proto, 'show', function (this: HTMLDialogElement) {
      open(this, false);
    }),
    method(proto, 'showModal', function (this: HTMLDialogElement) {
      open(this, true);
    }),
    method(proto, 'close', function (this: HTMLDialogElement, result?: string) {
      close(this, result);
    }),
    method(proto, 'requestClose', function (this: HTMLDialogElement, result?: string) {
      if (this.dispatchEvent(plainEvent(this, 'cancel', true))) close(this, result);
    }),
    replace(proto, 'returnValue', {
      get(this: HTMLDialogElement) {
        return results.get(this) ?? '';
      },
      set(this: HTMLDialogElement, value: unknown) {
        results.set(this, String(value));
      },
    }),
  ];
}

const focusable = 'button:not([disabled]),[href],input:not([disabled]),select,textarea,[tabindex]';

/** Popovers: the attribute as a property, and what shows and hides them. */
function setUpPopovers(win: Win, { popovers }: Shown): Undo[] {
  const proto = win.HTMLElement.prototype;
  const show = (element: HTMLElement): void => {
    if (!element.hasAttribute('popover'))
      throw new win.DOMException('It is not a popover.', 'NotSupportedError');
    if (!element.isConnected) throw invalid(win, 'The popover is not in a document.');
    if (popovers.has(element)) return;
    if (!element.dispatchEvent(toggleEvent(element, 'beforetoggle', 'closed', 'open', true))) return;
    popovers.add(element);
    tellLater(element, true);
  };
  const hide = (element: HTMLElement): void => {
    if (!popovers.has(element)) return;
    element.dispatchEvent(toggleEvent(element, 'beforetoggle', 'open', 'closed'));
    popovers.delete(element);
    tellLater(element, false);
  };
  return [
    method(proto, 'showPopover', function (this: HTMLElement) {
      show(this);
    }),
    method(proto, 'hidePopover', function (this: HTMLElement) {
      hide(this);
    }),
    method(proto, 'togglePopover', function (this: HTMLElement) {
      if (popovers.has(this)) hide(this);
      else show(this);
      return popovers.has(this);
    }),
    replace(proto, 'popover', {
      get(this: HTMLElement) {
        const value = this.getAttribute('popover');
        return value === null ? null : /^(|auto)$/i.test(value) ? 'auto' : 'manual';
      },
      set(this: HTMLElement, value: string | null) {
        if (value === null) this.removeAttribute('popover');
        else this.setAttribute('popover', value);
      },
    }),
  ];
}

/** Whether nobody can reach an element: it is inert, or a modal dialog is open elsewhere. */
function isInert(element: Element, { modal }: Shown): boolean {
  if (element.closest('[inert]')) return true;
  const top = [...modal].filter((dialog) => dialog.isConnected).at(-1);
  return !!top && !top.contains(element);
}

/** `inert` as a property, and focus that does not go where it holds. */
function setUpInert(win: Win, shown: Shown): Undo[] {
  const proto = win.HTMLElement.prototype;
  // The platform's own, called on what it was asked of.
  const { focus } = proto;
  return [
    replace(proto, 'inert', {
      get(this: HTMLElement) {
        return this.hasAttribute('inert');
      },
      set(this: HTMLElement, value: boolean) {
        this.toggleAttribute('inert', value);
      },
    }),
    method(proto, 'focus', function (this: HTMLElement, options?: FocusOptions) {
      if (!isInert(this, shown)) focus.call(this, options);
    }),
  ];
}

/** `hidden` as a property that knows `until-found`. */
function setUpHidden(win: Win): Undo[] {
  return [
    replace(win.HTMLElement.prototype, 'hidden', {
      get(this: HTMLElement) {
        const value = this.getAttribute('hidden');
        return value === 'until-found' ? value : value !== null;
      },
      set(this: HTMLElement, value: unknown) {
        if (value === 'until-found') this.setAttribute('hidden', value);
        else this.toggleAttribute('hidden', !!value);
      },
    }),
  ];
}

/** The windows that are set up, with how often. */
const setUp = new WeakMap<Window, { count: number; undo: Undo[] }>();

/**
 * Sets up what a window lacks for layers, and returns what takes it away again; called twice it holds until both are released. Does
 * nothing where the platform has modal dialogs and popovers. What is wired before goes by what was there then.
 */
export function setUpPlatform(win: Win = window): () => void {
  const known = setUp.get(win) ?? { count: 0, undo: [] };
  setUp.set(win, known);
  if (!known.count++) {
    const shown: Shown = { modal: new Set(), popovers: new Set() };
    const lacksModal = !('showModal' in win.HTMLDialogElement.prototype);
    const lacksPopover = !('showPopover' in win.HTMLElement.prototype);
    if (lacksModal) known.undo.push(...setUpDialogs(win, shown));
    if (lacksPopover) known.undo.push(...setUpPopovers(win, shown));
    if (!('inert' in win.HTMLElement.prototype)) known.undo.push(...setUpInert(win, shown));
    if (lacksModal || lacksPopover)
      known.undo.push(...setUpHidden(win), ...setUpSelectors(win, shown), ...setUpStyles(win, shown));
  }
  let isOver = false;
  return () => {
    if (isOver) return;
    isOver = true;
    if (--known.count) return;
    // What was put in place last goes first.
    for (const undo of known.undo.splice(0).reverse()) undo();
  };
}
