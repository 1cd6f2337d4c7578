// The host of the inspector: an element beside the page that is no part of it.
//
// It stands at the end of <html>, not in <body>; everything of it is in its shadow tree. The top layer shows it, above whatever the
// page shows there. It has tabindex -1, so that Tab passes over all that is in it. While a modal dialog is open everything outside that
// is inert: it moves into the dialog then, and back when it closes; by `moveBefore`, where the browser has that, nothing of
// it is lost on the way.
import { apart } from '../engine/apart.js';
import { layersOf } from '../layer/open-layers.js';
import { look } from './look.js';
import { topModal } from './top-modal.js';

/** The host, and where it stands. */
export interface Host {
  readonly element: HTMLElement;
  readonly root: ShadowRoot;
  /** Stands where it can be used, and above everything. */
  raise(): void;
}

/** Moves an element, keeping what it holds where the browser can. */
function moveTo(parent: Element, element: HTMLElement): void {
  if ('moveBefore' in parent && typeof parent.moveBefore === 'function' && element.isConnected)
    parent.moveBefore(element, null);
  else parent.append(element);
}

/** Makes the host. */
export function makeHost(document: Document): Host {
  const element = document.createElement('div');
  element.setAttribute('data-shell-inspector', '');
  element.setAttribute('popover', 'manual');
  element.setAttribute('tabindex', '-1');
  apart.add(element);
  const root = element.attachShadow({ mode: 'open' });
  const sheet = new (document.defaultView ?? window).CSSStyleSheet();
  sheet.replaceSync(look);
  root.adoptedStyleSheets = [sheet];
  const show = (): void => {
    if (!element.isConnected || !element.showPopover) return;
    if (element.matches(':popover-open')) element.hidePopover();
    element.showPopover();
  };
  /** What was above it when it was last raised. */
  let above = '';
  const stand = (parent: Element): void => {
    const layers = layersOf(document).length;
    const now = `${layers} ${document.querySelectorAll(':popover-open,:modal').length}`;
    const isThere = element.parentNode === parent;
    if (!isThere) moveTo(parent, element);
    if (!isThere || above !== now || !element.matches(':popover-open')) show();
    above = now;
  };
  return {
    element,
    root,
    raise: () => stand(topModal(document) ?? document.documentElement),
  };
}
