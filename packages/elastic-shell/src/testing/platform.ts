// What jsdom lacks for layers, installed for tests and removed again: modal dialogs, popovers, `inert`, and
// `hidden="until-found"`. A browser that has all of it is left alone. Elements that are not shown have the
// computed style `display: none`, so that role queries find only what is shown. No attribute is written that
// the platform does not write. `matches`, `closest` and `querySelector` support `:modal` and `:popover-open`
// at the end of a compound selector, as in `dialog:modal`.
import { method, replace, type Shown, type Undo, type Win } from './replace.js';
import { setUpSelectors, setUpStyles } from './shown.js';

/** The event of a layer that opens or closes. jsdom may have no class for it. */
function toggleEvent(
  element: Element,
  type: string,
  oldState: string,
  newState: string,
  cancelable = false,
): Event {
  return Object.assign(plainEvent(element, type, cancelable), { oldState, newState });
}

/** An event of the element's own document. Some test runners keep Node's global of that name. */
export function plainEvent(element: Element, type: string, cancelable = false, bubbles = false): Event {
  const event = element.ownerDocument.createEvent('Event');
  event.initEvent(type, bubbles, cancelable);
  return event;
}

const invalid = (win: Win, text: string): DOMException => new win.DOMException(text, 'InvalidStateError');

/** Sends `toggle` at the end of the task, as the platform does. */
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

/** Popovers: the attribute as a property, and the methods that show and hide them. */
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

/** Returns whether an element cannot be reached: it is inert, or a modal dialog is open elsewhere. */
function isInert(element: Element, { modal }: Shown): boolean {
  if (element.closest('[inert]')) return true;
  const top = [...modal].filter((dialog) => dialog.isConnected).at(-1);
  return !!top && !top.contains(element);
}

/** `inert` as a property. Focus does not move into inert elements. */
function setUpInert(win: Win, shown: Shown): Undo[] {
  const proto = win.HTMLElement.prototype;
  // Calls the platform's own method.
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

/** `hidden` as a property that supports `until-found`. */
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

/** The windows that are set up, with the number of calls. */
const setUp = new WeakMap<Window, { count: number; undo: Undo[] }>();

/**
 * Installs what a window lacks for layers. Call it before anything is wired. It does nothing if the platform
 * has modal dialogs and popovers.
 *
 * @param win - The window. Default: the global one.
 * @returns A function that removes it again. After two calls it stays until both functions were called.
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
    // What was installed last is removed first.
    for (const undo of known.undo.splice(0).reverse()) undo();
  };
}
