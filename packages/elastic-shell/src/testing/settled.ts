// Waiting in tests until everything that a pattern has started is complete, without fixed delays.
import { coming } from '../engine/lazy-service.js';
import { isAsking, wiredRun } from '../engine/registry.js';
import type { Wired } from '../engine/types.js';
import { outsideAct } from './act.js';

/** What to wait for: something wired, an element with its content, or several of them. */
export type Settling = Wired | Element | Document | Iterable<Wired | Element>;

/** The options of `settled`. */
export interface SettledOptions {
  /** How long to wait before the promise rejects, in milliseconds. Default: 5000. */
  timeout?: number;
}

// The platform's own timers, before a test replaces them.
const { setTimeout: wait } = globalThis;
const now = performance.now.bind(performance);

const isNode = (value: object): value is Element | Document => 'nodeType' in value;

const nodesOf = (target: Settling): (Element | Document)[] => {
  if (isNode(target)) return [target];
  return Symbol.iterator in target ? [...target].flatMap(nodesOf) : [target.root];
};

/** Returns the wired roots inside a node, including the node itself. */
function rootsIn(node: Element | Document): Element[] {
  const all = [...node.querySelectorAll('*')];
  return ('localName' in node ? [node, ...all] : all).filter((element) => wiredRun(element));
}

/** Where focus moves next from a modal dialog, on which it rests for a moment. */
const stops = 'a[href],button:enabled,input:enabled,select:enabled,textarea:enabled,h1,h2,h3,h4,h5,h6';

/** Returns what is still in progress for one element, in words. */
function underWay(element: Element): string[] {
  const found: string[] = [];
  const run = wiredRun(element);
  if (run?.waiting) found.push('its guard is pending');
  if (run && isAsking(run)) found.push('the store that controls a state is pending');
  const phase = element.getAttribute('data-phase');
  if (phase === 'opening' || phase === 'closing') found.push(`it is ${phase}`);
  // Lazy content is marked as busy too.
  if (!run?.waiting && element.getAttribute('aria-busy') === 'true') found.push('its content is loading');
  const isMoving = (element.getAnimations?.() ?? []).some(
    ({ playState, effect }) => playState === 'running' && effect?.getComputedTiming().endTime !== Infinity,
  );
  if (isMoving && run && !phase) found.push('it moves');
  const hasFocus = element.ownerDocument.activeElement === element;
  if (hasFocus && element.matches('dialog') && element.querySelector(stops)) found.push('focus rests on it');
  return found.map((each) => `<${element.localName}${element.id && ` id="${element.id}"`}>: ${each}`);
}

/** Returns everything that is still in progress, in words. `roots` are the wired elements. */
function pendingIn(nodes: readonly (Element | Document)[], roots: readonly Element[]): string[] {
  const elements = nodes.flatMap((node) => [
    ...('localName' in node ? [node] : []),
    ...node.querySelectorAll('[data-phase],[aria-busy=true]'),
  ]);
  const busy = [...new Set([...elements, ...roots])].flatMap(underWay);
  return coming.count ? [...busy, 'a part of the library is loading'] : busy;
}

const turn = (): Promise<void> => new Promise((resolve) => void wait(resolve, 0));

/**
 * Waits until the animations, guards, owners and content of the target are complete, and all listeners have
 * been called. Fake timers of a test don't affect it, but code that waits for such a timer waits until the
 * test advances it.
 *
 * @param target - What to wait for. Default: everything that is wired in the document.
 * @returns A promise that resolves when nothing is in progress.
 * @throws Error with a list of what is still in progress after `timeout`.
 */
export async function settled(
  target: Settling = document,
  { timeout = 5000 }: SettledOptions = {},
): Promise<void> {
  const nodes = nodesOf(target);
  const end = now() + timeout;
  const endAct = outsideAct();
  try {
    // What has just happened may start something in a moment.
    let roots: readonly Element[] = [];
    for (let calm = 0; calm < 2;) {
      await turn();
      // Finding them in a page with thousands of elements is slow.
      if (!calm) roots = nodes.flatMap(rootsIn);
      const pending = pendingIn(nodes, roots);
      calm = pending.length ? 0 : calm + 1;
      if (pending.length && now() > end)
        throw new Error(`elastic-shell: settled waited ${timeout} ms, but ${pending.join('; ')}`);
    }
  } finally {
    endAct();
  }
}
