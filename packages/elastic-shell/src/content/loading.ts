// Loads lazy content: it shows progress if loading takes long, offers a retry after a failure, and cancels
// when the layer closes. Each load has its own AbortController. Only the latest load counts, and the result
// of an earlier one is discarded.
import type { Openable } from '../core/contract/openable.js';
import { tell } from '../core/report.js';
import { failureText } from '../core/text.js';
import { wordsOf } from '../core/words.js';
import { closestTo, described, elementNamed, isElement, matchOf, treeOf, windowOf } from '../engine/dom.js';
import { isPromise } from '../core/promise.js';
import { namedBy, naming } from '../engine/registry.js';
import type { Service } from '../engine/service.js';
import { listenIn } from '../events/document-events.js';
import type { ContentHost, ContentLife } from './content.js';
import { loadNotice, type LoadNotice } from './load-notice.js';

const words = { loading: () => 'Loading…', retry: () => 'Try again', failed: failureText };

type Undo = () => void;

/** Continues with `value` at once, or when it resolves. */
const then = <T>(
  value: T | PromiseLike<T>,
  next: (value: T) => void,
  failed: (error: unknown) => void,
): void => {
  if (isPromise(value)) void Promise.resolve(value).then(next).catch(failed);
  else next(value);
};

/** A module is replaced by its default export. A function that renders is called with the container. */
const render = (place: HTMLElement, content: unknown): unknown => {
  const isModule = typeof content === 'object' && content !== null && 'default' in content;
  const made = (isModule && content.default) || content;
  return typeof made === 'function' ? (made(place) ?? '') : made;
};

const isTemplate = (made: unknown): made is HTMLTemplateElement =>
  isElement(made) && made.localName === 'template';

const isNode = (made: unknown): made is Node =>
  typeof made === 'object' && made !== null && 'nodeType' in made;

const isLife = (made: unknown): made is ContentLife =>
  typeof made === 'object' && made !== null && 'node' in made && isNode(made.node);

/** Puts content into `place`, which contained `before`. Returns a function that removes it. */
function put(place: HTMLElement, before: ReadonlySet<Node>, made: unknown): Undo {
  if (isLife(made)) place.append(made.node);
  else if (isTemplate(made)) place.append(place.ownerDocument.importNode(made.content, true));
  else if (typeof made === 'string' || isNode(made)) place.append(made);
  else if (typeof made !== 'function')
    throw new TypeError(
      `elastic-shell: content must be an element, a fragment, a template, a text, { node, release } or a function that renders, got ${described(made)}`,
    );
  return () => {
    if (typeof made === 'function') made();
    if (isLife(made)) made.release?.();
    for (const node of [...place.childNodes]) if (!before.has(node)) node.remove();
  };
}

/** The loading state of one host. */
interface Loading {
  host: ContentHost;
  service: Service<Openable>;
  place: HTMLElement;
  notice: LoadNotice;
  /** The current load. */
  load: AbortController | undefined;
  /** Removes the loaded content. */
  takeAway: Undo | undefined;
}

const stops = 'a[href],button,input,select,textarea,summary,[tabindex],[contenteditable]';

/**
 * Moves focus to the first tab stop in `place`. Sharing `tabbables` with the page would cost every pattern
 * 0.1 kB.
 */
function focusIn(place: HTMLElement): void {
  for (const element of place.querySelectorAll<HTMLElement>(stops)) {
    if (element.tabIndex >= 0) element.focus();
    if (element.matches(':focus')) return;
  }
}

const ask = ({ host: { root, options, key } }: Loading, signal: AbortSignal): unknown => {
  const { content } = options;
  if (typeof content === 'function') return content(signal, key);
  const template = content && matchOf(treeOf(root), content, 'content');
  if (template) return template;
  throw new TypeError(`elastic-shell: the content ${described(content)} matches no element on the page`);
};

const end = (loading: Loading): void => {
  loading.notice.stopWaiting();
  loading.load = undefined;
};

const fail = (loading: Loading, error: unknown): void => {
  const { host, notice } = loading;
  end(loading);
  notice.fail(error, () => start(loading));
  host.render();
  tell('content-failed', host.root, { error });
};

const fill = (loading: Loading, before: ReadonlySet<Node>, mine: AbortController, made: unknown): void => {
  const { host, place, notice, service } = loading;
  const isSoon = !notice.isShown();
  const undo = put(place, before, made);
  if (mine !== loading.load) return undo();
  end(loading);
  loading.takeAway = undo;
  const hadFocus = notice.holds(place.ownerDocument.activeElement);
  notice.clear();
  if (hadFocus) focusIn(place);
  host.render();
  service.filled?.(isSoon);
};

/** Nothing is added: the markup contains everything. */
const leave = (loading: Loading): void => {
  end(loading);
  loading.takeAway = () => {};
  loading.notice.clear();
};

function start(loading: Loading): void {
  const { host, place, notice } = loading;
  if (loading.load || loading.takeAway) return;
  const mine = (loading.load = new AbortController());
  const before = new Set<Node>(place.childNodes);
  const failed = (error: unknown): void => {
    if (mine === loading.load) fail(loading, error);
  };
  notice.wait();
  try {
    then(
      ask(loading, mine.signal),
      (content) => {
        if (mine !== loading.load) return;
        if (content === undefined && host.key !== undefined) return leave(loading);
        then(render(place, content), (made) => fill(loading, before, mine, made), failed);
      },
      failed,
    );
  } catch (error) {
    failed(error);
  }
  host.render();
}

const cancel = (loading: Loading): void => {
  loading.load?.abort();
  end(loading);
  loading.notice.clear();
};

/** Removes it. A closing layer still shows its content. */
const drop = (loading: Loading): void => {
  const { takeAway, host } = loading;
  loading.takeAway = undefined;
  const moving = (host.root.getAnimations?.() ?? []).map((animation) => animation.finished);
  if (moving.length) void Promise.allSettled(moving).then(takeAway);
  else takeAway?.();
};

/** Loads content before opening, according to the option `loadOn`, until released. */
const early = (loading: Loading): (() => void) => {
  const { root, options } = loading.host;
  let isOver = false;
  const onHover = (event: Event): void => {
    const control = closestTo(event, naming);
    if (control && elementNamed(control, namedBy(control)) === root) start(loading);
  };
  if (options.loadOn === 'hover')
    return listenIn(root.ownerDocument, { pointerover: onHover, focusin: onHover });
  const whenIdle = windowOf(root).requestIdleCallback ?? setTimeout;
  if (options.loadOn === 'idle')
    whenIdle(() => {
      if (!isOver) start(loading);
    });
  return () => {
    isOver = true;
  };
};

/** The place of the content in `root`, and the notice shown there meanwhile. */
const placeIn = ({ root, options }: ContentHost): Pick<Loading, 'place' | 'notice'> => {
  const place = root.querySelector<HTMLElement>('[data-content]') ?? root;
  return {
    place,
    notice: loadNotice(
      place,
      wordsOf(words, () => options.messages),
    ),
  };
};

/** Adds the content of `host` to `service`, loaded according to its options. */
export function loading(host: ContentHost, service: Service<Openable>): Service<Openable> {
  const { root, options } = host;
  const held: Loading = { host, service, ...placeIn(host), load: undefined, takeAway: undefined };
  const stopEarly = early(held);
  if (host.state().open) start(held);

  return {
    parts: () => (held.load ? [[root, { 'aria-busy': 'true' }]] : []),
    show(change) {
      if (change.value) start(held);
    },
    settle(change) {
      if (change.value) return;
      const wasBusy = !!held.load;
      cancel(held);
      if (wasBusy) host.render();
      if (options.keepContent === false && held.takeAway) drop(held);
    },
    /** The container with the content was removed, so the content is loaded into the present one. */
    inside() {
      if (root.contains(held.place)) return;
      cancel(held);
      held.takeAway = undefined;
      Object.assign(held, placeIn(host));
      if (host.state().open) start(held);
    },
    release() {
      stopEarly();
      cancel(held);
      held.takeAway?.();
    },
  };
}
