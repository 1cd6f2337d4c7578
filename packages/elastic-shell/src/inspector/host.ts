// The host of the inspector: an element beside the page that isn't part of it. It is at the end of <html>,
// not in <body>, and everything is in its shadow tree. The top layer shows it above the page. It has tabindex
// -1, so that Tab skips its content. While a modal dialog is open everything outside that is inert, so the
// host moves into the dialog, and back when it closes. With `moveBefore`, if the browser supports it, nothing
// is lost on the way.
import { apart } from '../engine/apart.js';
import { layersOf } from '../layer/open-layers.js';
import { look } from './look.js';
import { topModal } from './top-modal.js';

/** The host, and where it is. */
export interface Host {
  readonly element: HTMLElement;
  readonly root: ShadowRoot;
  /** Moves it to where it can be used, above everything else. */
  raise(): void;
}

/** Moves an element. Its state is kept if the browser supports that. */
function moveTo(parent: Element, element: HTMLElement): void {
  if ('moveBefore' in parent && typeof parent.moveBefore === 'function' && element.isConnected)
    parent.moveBefore(element, null);
  else parent.append(element);
}

/** Creates the host. */
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
