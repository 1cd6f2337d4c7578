// Makes the text of closed panels available to find-in-page, for instances that aren't wired in full yet. The
// browser creates a box for each such panel, so a few at a time are marked while the page is idle.
import { windowOf } from './dom.js';
import type { WaitRules } from './untouched.js';

type Waiting = Parameters<NonNullable<WaitRules['begin']>>[0];

const waiting: Waiting[] = [];

function makeFindableWhenIdle(one: Waiting): void {
  waiting.push(one);
  if (waiting.length > 1) return;
  const { requestIdleCallback = setTimeout } = windowOf(one.root);
  const work = (idle?: IdleDeadline): void => {
    const begin = performance.now();
    const isTimeLeft = (): boolean => (idle ? idle.timeRemaining() > 2 : performance.now() - begin < 8);
    while (waiting.length && isTimeLeft()) waiting.shift()?.rewrite('hidden', 'until-found');
    if (waiting.length) requestIdleCallback(work);
  };
  requestIdleCallback(work);
}

/** It is already hidden in a way that find-in-page skips. */
const isHidden = (root: Element): boolean =>
  root.hasAttribute('hidden') && root.getAttribute('hidden') !== 'until-found';

/** For patterns whose closed root has `hidden="until-found"`. */
export const findableLater: WaitRules = {
  first: (root, attributes) =>
    attributes['hidden'] === 'until-found' && isHidden(root)
      ? { ...attributes, hidden: root.getAttribute('hidden') }
      : attributes,
  begin(one) {
    if (isHidden(one.root)) makeFindableWhenIdle(one);
  },
};
