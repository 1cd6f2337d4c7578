// Waiting in tests: until nothing that a pattern has begun is still under way. Nobody sleeps.
import { coming } from '../engine/lazy-service.js';
import { isAsking, wiredRun } from '../engine/registry.js';
import type { Wired } from '../engine/types.js';
import { outsideAct } from './act.js';

/** What is waited for: something wired, an element and what is in it, or several of them. */
export type Settling = Wired | Element | Document | Iterable<Wired | Element>;

/** How long is waited. */
export interface SettledOptions {
  /** Milliseconds after which it rejects, with what is still under way. Default: 5000. */
  timeout?: number;
}

// The platform's own, before a test makes them its own.
const { setTimeout: wait } = globalThis;
const now = performance.now.bind(performance);

const isNode = (value: object): value is Element | Document => 'nodeType' in value;

const nodesOf = (target: Settling): (Element | Document)[] => {
  if (isNode(target)) return [target];
  return Symbol.iterator in target ? [...target].flatMap(nodesOf) : [target.root];
};

/** The roots that are wired in a node, and it. */
function rootsIn(node: Element | Document): Element[] {
  const all = [...node.querySelectorAll('*')];
  return ('localName' in node ? [node, ...all] : all).filter((element) => wiredRun(element));
}

/** Where focus goes on to from a modal dialog, on which it rests for a moment. */
const stops = 'a[href],button:enabled,input:enabled,select:enabled,textarea:enabled,h1,h2,h3,h4,h5,h6';

/** What of one element is still under way, in words. */
function underWay(element: Element): string[] {
  const found: string[] = [];
  const run = wiredRun(element);
  if (run?.waiting) found.push('its guard is pending');
  if (run && isAsking(run)) found.push('the store that controls a state is pending');
  const phase = element.getAttribute('data-phase');
  if (phase === 'opening' || phase === 'closing') found.push(`it is ${phase}`);
  // Besides a guard, content that comes later says so.
  if (!run?.waiting && element.getAttribute('aria-busy') === 'true') found.push('its content is loading');
  const isMoving = (element.getAnimations?.() ?? []).some(
    ({ playState, effect }) => playState === 'running' && effect?.getComputedTiming().endTime !== Infinity,
  );
  if (isMoving && run && !phase) found.push('it moves');
  const hasFocus = element.ownerDocument.activeElement === element;
  if (hasFocus && element.matches('dialog') && element.querySelector(stops)) found.push('focus rests on it');
  return found.map((each) => `<${element.localName}${element.id && ` id="${element.id}"`}>: ${each}`);
}

/** Everything that is still under way, in words. `roots`: what is wired there. */
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
 * Resolves when motion, guards, owners and content of what is given are done, and what follows from them has been told. Default: all
 * that is wired in the document. Rejects when that takes too long, and says what is still under way. Fake timers of a test do not
 * hold it up, but what waits for such a timer waits until the test turns it on.
 */
export async function settled(
  target: Settling = document,
  { timeout = 5000 }: SettledOptions = {},
): Promise<void> {
  const nodes = nodesOf(target);
  const end = now() + timeout;
  const endAct = outsideAct();
  try {
    // What was done just now may begin something in a moment, and so may what has ended.
    let roots: readonly Element[] = [];
    for (let calm = 0; calm < 2;) {
      await turn();
      // Looking for them in a page with thousands of elements takes long.
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
