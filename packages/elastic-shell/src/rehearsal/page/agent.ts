// What is put into a page that is rehearsed: it finds the widgets there, and answers what a step has changed. It presses nothing itself.
import { factsOf } from './facts.js';
import { adopt, unsaidButtons, unsaidLayer } from './discover.js';
import { focused, isShown } from '../../heard/dom.js';
import { find } from './find.js';
import { takeStop, beforeStop, positionOf, stopCount } from './focus.js';
import { said } from '../../heard/live.js';
import type { Agent } from '../facts.js';
import { settle } from './settle.js';
import { widgets } from './widgets.js';

/** Answers for the page that it runs in. */
export const agent: Agent = {
  find,
  facts: (id) => factsOf(widgets[id]),
  aim(id, what) {
    const widget = widgets[id];
    // A list that is left may have its stop at another item.
    const now = focused();
    if (now instanceof HTMLElement) now.blur();
    const element = what === 'opener' ? widget?.opener : (widget?.stop?.() ?? widget?.root);
    return element ? (takeStop(element) ?? beforeStop(element)) : false;
  },
  mark(id, what, index) {
    for (const old of document.querySelectorAll('[data-rehearsed]')) old.removeAttribute('data-rehearsed');
    const widget = widgets[id];
    const items = widget?.items?.() ?? [];
    const element =
      what === 'opener' ? widget?.opener : what === 'item' ? items.at(index ?? 0) : widget?.root;
    element?.setAttribute('data-rehearsed', '');
    return !!element;
  },
  unmark() {
    for (const old of document.querySelectorAll('[data-rehearsed]')) old.removeAttribute('data-rehearsed');
  },
  buttonCount: () => unsaidButtons().length,
  markButton(place) {
    const button = unsaidButtons()[place];
    button?.setAttribute('data-rehearsed', '');
    return !!button && isShown(button);
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
