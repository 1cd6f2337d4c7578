// Loads content into what opens: progress when it takes long, failure with a retry, cancelled by closing.
import type { Openable } from '../core/contract/openable.js';
import { tell } from '../core/report.js';
import { failureText } from '../core/text.js';
import type { Content, ContentOptions } from './content.js';
import type { Engine, Service } from '../engine/engine.js';
import { tabbables } from '../focus/focusable.js';
import { listenIn } from '../events/document-events.js';
import { invokersOf } from '../engine/invoker-index.js';
import { isPromise } from '../engine/promise.js';
import { naming } from '../engine/registry.js';

/** Milliseconds before progress shows: what comes sooner would only flicker. */
const patience = 120;

const words = { loading: () => 'Loading…', retry: () => 'Try again', failed: failureText };

type Undo = () => void;

/** Goes on with `value` at once when it is there, else when it comes. */
const then = <T>(value: T | Promise<T>, next: (value: T) => void, failed: (error: unknown) => void): void => {
  if (isPromise(value)) void Promise.resolve(value).then(next).catch(failed);
  else next(value as T);
};

/** What stands for a module is its default export; what renders is called with its place. */
const render = (place: HTMLElement, content: Content): unknown => {
  const made = (content as { default?: Content } | undefined)?.default ?? content;
  if (typeof made === 'function') return made(place) ?? '';
  return made;
};

/** Puts what was made into `place`, which held `before`; answers what takes it away again. */
function put(place: HTMLElement, before: Set<Node>, made: unknown): Undo {
  if ((made as Element | undefined)?.localName === 'template')
    place.append(place.ownerDocument.importNode((made as HTMLTemplateElement).content, true));
  else if (typeof made === 'string' || (made as Node | undefined)?.nodeType) place.append(made as Node);
  else if (typeof made !== 'function')
    throw new TypeError(
      `elastic-shell: content must be an element, a fragment, a template, text or a function that renders, got ${String(made)}`,
    );
  return () => {
    if (typeof made === 'function') made();
    for (const node of [...place.childNodes]) if (!before.has(node)) node.remove();
  };
}

/** Makes an element of `tag` with `children`. */
const make = (document: Document, tag: string, ...children: (Node | string)[]): HTMLElement => {
  const element = document.createElement(tag);
  element.append(...children);
  return element;
};

export function loading(engine: Engine<Openable, ContentOptions>, service: Service): Service {
  const { root, options } = engine;
  const { content, loadOn, keepContent = true } = options;
  const say = { ...words, ...options.messages };
  const document = root.ownerDocument;
  let isReleased = false;
  const place = root.querySelector<HTMLElement>('[data-content]') ?? root;
  let load: AbortController | undefined;
  let takeAway: Undo | undefined;
  let notice: HTMLElement | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;

  /** Says something in the place of the content; nothing takes it away. A control with focus stays there. */
  const show = (...children: (Node | string)[]): void => {
    const button = notice?.querySelector('button');
    if (button && button === document.activeElement && children.length) {
      for (const node of [...notice!.childNodes]) if (node !== button) node.remove();
      button.before(...children.filter((child) => child !== button));
      return;
    }
    notice?.remove();
    notice = children.length ? make(document, 'div', ...children) : undefined;
    notice?.setAttribute('data-notice', '');
    if (notice) place.append(notice);
  };

  const source = (signal: AbortSignal): Content | Promise<Content> => {
    if (typeof content === 'function') return content(signal);
    const template = (root.getRootNode() as Document).querySelector(content!);
    if (template) return template;
    throw new TypeError(`elastic-shell: content "${content}" matches nothing on the page`);
  };

  const start = (): void => {
    if (load || takeAway) return;
    const mine = (load = new AbortController());
    const before = new Set<Node>(place.childNodes);
    const failed = (error: unknown): void => {
      if (mine !== load) return;
      end();
      fail(error);
    };
    const fill = (made: unknown): void => {
      const undo = put(place, before, made);
      if (mine !== load) return undo();
      end();
      takeAway = undo;
      const hadFocus = notice?.contains(document.activeElement);
      show();
      if (hadFocus) tabbables(place)[0]?.focus();
      engine.render();
      service.filled?.();
    };
    timer = setTimeout(() => {
      show(make(document, 'label', say.loading(), document.createElement('progress')));
      notice!.querySelector('button')?.setAttribute('aria-disabled', 'true');
    }, patience);
    try {
      then(
        source(mine.signal),
        (content) => {
          if (mine === load) then(render(place, content), fill, failed);
        },
        failed,
      );
    } catch (error) {
      failed(error);
    }
    engine.render();
  };
  const end = (): void => {
    clearTimeout(timer);
    load = undefined;
  };
  const fail = (error: unknown): void => {
    const message = make(document, 'p', say.failed(error));
    message.setAttribute('role', 'alert');
    const retry = notice?.querySelector('button') ?? make(document, 'button', say.retry());
    retry.setAttribute('type', 'button');
    retry.removeAttribute('aria-disabled');
    retry.onclick = () => start();
    show(message, retry);
    engine.render();
    tell('content-failed', root, { error });
  };
  const cancel = (): void => {
    load?.abort();
    end();
    show();
  };

  const onHover = (event: Event): void => {
    const control = (event.target as Element).closest?.(naming);
    if (control && invokersOf(root).includes(control)) start();
  };
  const unhear =
    loadOn === 'hover' ? listenIn(document, { pointerover: onHover, focusin: onHover }) : undefined;
  const view = document.defaultView!;
  if (loadOn === 'idle')
    (view.requestIdleCallback ?? view.setTimeout)(() => {
      if (!isReleased) start();
    });
  if (engine.state().open) start();

  return {
    parts: () => (load ? [[root, { 'aria-busy': 'true' }]] : []),
    show(change) {
      if (change.value) start();
    },
    settle(change) {
      if (change.value) return;
      const wasBusy = !!load;
      cancel();
      if (wasBusy) engine.render();
      if (keepContent || !takeAway) return;
      const drop = takeAway;
      takeAway = undefined;
      // On its way out it still shows what it held.
      const moving = (root.getAnimations?.() ?? []).map((animation) => animation.finished);
      if (moving.length) void Promise.allSettled(moving).then(drop);
      else drop();
    },
    release() {
      isReleased = true;
      unhear?.();
      cancel();
      takeAway?.();
    },
  };
}
