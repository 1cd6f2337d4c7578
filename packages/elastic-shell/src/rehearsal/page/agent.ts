// The script that `rehearse` puts into a page. It finds the widgets there, and reports what a step has
// changed. It presses no keys itself.
import { factsOf } from './facts.js';
import { called, field } from './called.js';
import { adopt, unsaidButtons, unsaidLayer } from './discover.js';
import { focused, isShown } from '../../heard/dom.js';
import { evidence } from './evidence.js';
import { find } from './find.js';
import { takeStop, beforeStop, positionOf, stopCount } from './focus.js';
import { said } from '../../heard/live.js';
import { heardFocus, placesAround } from '../../heard/heard.js';
import type { Agent } from '../facts.js';
import { settle } from './settle.js';
import { widgets } from './widgets.js';

/** The containers of focus before the last key, and now. */
let before: readonly Element[] = [];
let around: readonly Element[] = [];

/** Marks an element, so that the pointer can be moved to it. */
function markOnly(element: Element | undefined): boolean {
  for (const old of document.querySelectorAll('[data-rehearsed]')) old.removeAttribute('data-rehearsed');
  element?.setAttribute('data-rehearsed', '');
  return !!element;
}

/** Answers for the page in which it runs. */
export const agent: Agent = {
  find,
  facts: (id) => factsOf(widgets[id]),
  aim(id, what) {
    const widget = widgets[id];
    // After focus has left a list, its tab stop may be at another item.
    const now = focused();
    if (now instanceof HTMLElement) now.blur();
    const element = what === 'opener' ? widget?.opener : (widget?.stop?.() ?? widget?.root);
    return element ? (takeStop(element) ?? beforeStop(element)) : false;
  },
  mark(id, what, index) {
    const widget = widgets[id];
    const items = widget?.items?.() ?? [];
    const element =
      what === 'opener' ? widget?.opener : what === 'item' ? items.at(index ?? 0) : widget?.root;
    return markOnly(element);
  },
  unmark: () => void markOnly(undefined),
  markNamed: (name) => markOnly(called(name)),
  markField: (name) => markOnly(field(name)),
  evidence,
  focus() {
    const at = focused();
    around = at ? placesAround(at) : [];
    return heardFocus(before);
  },
  begin(isForgotten) {
    if (isForgotten) around = [];
    before = around;
  },
  buttonCount: () => unsaidButtons().length,
  markButton(place) {
    const button = unsaidButtons()[place];
    return markOnly(button) && !!button && isShown(button);
  },
  opened() {
    const layer = unsaidLayer();
    return layer && { pattern: layer.pattern, kind: layer.kind };
  },
  adopt,
  said,
  settle,
  position: positionOf,
  stopCount: (id) => stopCount(widgets[id]?.root),
};
