// Wires a popover: `wirePopover`.
import type { Openable, OpenIntent } from '../../core/contract/openable.js';
import { popover, type PopoverChoices } from '../../core/contract/popover.js';
import { parseArea } from '../../core/layers/placement.js';
import { type ContentOptions, withContent } from '../../content/content.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { described } from '../../engine/dom.js';
import { wire } from '../../engine/engine.js';
import { onFirstTouch } from '../../engine/first-touch.js';
import { keepWired } from '../../engine/registry.js';
import type { Cells, OpenOptions, Wired } from '../../engine/types.js';
import { whenTouched } from '../../engine/untouched.js';
import { dialogFocus, type FocusOptions, popoverFocus } from '../../focus/focus-policy.js';
import type { FocusChoice } from '../../focus/focusable.js';
import { labelsOf } from '../../labels/labels.js';
import { layer } from '../../layer/layer.js';
import { withMessage } from '../../layer/message.js';
import { asModal, asPopover, isClosedPopover, isShown, shownBefore } from '../../layer/top-layer.js';
import type { LayerOptions } from '../../layer/types.js';
import { type OpenMethods, openMethods } from '../../layer/methods.js';
import { anchored, type AnchorOptions } from '../../position/anchored.js';
import { withHover } from './hover.js';

/** The options of a popover. */
export interface PopoverOptions
  extends OpenOptions<Openable>, PopoverChoices, LayerOptions, FocusOptions, AnchorOptions, ContentOptions {
  /**
   * Sets how long the pointer must rest on the opener before it opens, in milliseconds. Requires `openOn: 'hover'`.
   *
   * @defaultValue 300
   * @example { openOn: 'hover', hoverDelay: 150 }
   */
  hoverDelay?: number;
  /**
   * Specifies where focus moves when it opens.
   *
   * @defaultValue `[autofocus]`, or the current element
   * @example { firstFocus: '#amount' }
   */
  firstFocus?: FocusChoice;
}

/** A wired popover: its state `open`, and the methods `show`, `close` and `toggle`. */
export interface Popover extends Wired<PopoverOptions>, Cells<Openable>, OpenMethods {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wirePopover`. */
    popover: PopoverOptions;
  }
}
registerPattern(popover.name, popover.options, wirePopover);

/** A modal popover is shown as a dialog, which only a `<dialog>` supports. */
const isDialog = (root: HTMLElement | null | undefined): root is HTMLDialogElement =>
  root?.localName === 'dialog';

/**
 * Wires a popover. Buttons name it with `commandfor` or `aria-controls`, and it opens beside them. Requires
 * structure.css to place it. Follows HTML's popover attribute and CSS `position-area`.
 *
 * @param root - The popover.
 * @param own - The options.
 * @returns The wired popover.
 * @throws TypeError if `root` isn't an element (with `modal`: a `<dialog>`) or is already wired, or if an
 * option is unknown or has an invalid value. Opening throws an Error if there is no anchor.
 */
export function wirePopover(root: HTMLElement, own?: PopoverOptions): Popover {
  const options = optionsOf(popover, own, root);
  if (options.area !== undefined) parseArea(options.area);
  /** The root, if the page around it should be inert. */
  const dialogOf = (): HTMLDialogElement | undefined => {
    if (!options.modal) return undefined;
    if (isDialog(root)) return root;
    throw new TypeError(`elastic-shell: a modal popover needs a <dialog>, got ${described(root)}`);
  };
  dialogOf();
  const isNamed = root?.matches?.('[aria-label],[aria-labelledby]');
  const isOpen = (): boolean => (options.modal ? root.hasAttribute('open') : isShown(root));
  const contract = { ...popover, read: () => ({ open: isOpen() }), adopted: () => shownBefore(root) };
  const { open, content, openOn = 'press' } = options;
  const make = (): Popover => {
    const wired = wire<Openable, PopoverOptions, OpenIntent>(root, contract, options, (engine) => {
      const dialog = dialogOf();
      const labels = labelsOf(engine, (title) =>
        title && !isNamed
          ? { 'aria-labelledby': title, ...(!dialog && { role: root.getAttribute('role') ?? 'group' }) }
          : {},
      );
      const opening = layer(engine, {
        showing: dialog ? asModal(dialog) : asPopover(root),
        position: anchored(engine),
        focus: dialog ? dialogFocus(engine, labels) : popoverFocus(engine),
        labels,
        outside: 'close',
        focusOut: dialog ? 'keep' : 'close',
      });
      const service = withContent(engine, withMessage(engine, opening));
      if (openOn === 'press') return service;
      return withHover(
        engine,
        { hover: openOn === 'hover', focus: true, delay: options.hoverDelay },
        service,
      );
    });
    return keepWired({ ...wired, ...openMethods(wired) });
  };
  const isHidden = options.modal ? !root.hasAttribute('open') : isClosedPopover(root);
  // Content may be needed before it opens, and the code for hover is loaded first.
  const canWait = isHidden && open === undefined && !content && openOn === 'press';
  return canWait ? whenTouched(root, contract, options, make, onFirstTouch) : make();
}
