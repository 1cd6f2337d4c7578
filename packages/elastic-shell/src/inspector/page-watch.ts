// What the inspector follows while it is open: changes that may affect what it shows, live messages, and keys
// that did nothing.
import { apart } from '../engine/apart.js';
import { isElement, targetOf } from '../engine/dom.js';
import { listen } from '../events/listen.js';
import { focused } from '../heard/dom.js';
import { hearLive } from '../heard/live.js';
import { isInKeyedList, whyIdle } from './keys.js';
import { record } from './record.js';
import type { IdleKey } from './views/pressable.js';
import type { Said } from './views/heard.js';

/** The callbacks. */
export interface PageWatch {
  readonly said: readonly Said[];
  idle(): IdleKey | undefined;
  release(): void;
}

/** Keys that request nothing themselves, and those that type. */
const isPlain = ({ key, ctrlKey, metaKey, altKey }: KeyboardEvent): boolean =>
  /^(Shift|Control|Alt|Meta|CapsLock|F\d+|Dead|Process|Unidentified)$/.test(key) ||
  ctrlKey ||
  metaKey ||
  altKey;

const writes = (target: HTMLElement | undefined, key: string): boolean =>
  !!target?.matches(
    'input:not([type=checkbox],[type=radio],[type=button]),textarea,select,[contenteditable]',
  ) &&
  (key.length === 1 || /^(Arrow|Home|End|Backspace|Delete|Enter|Page)/.test(key));

/** Follows the page. `changed` is called on every change. */
export function watchPage(document: Document, changed: () => void): PageWatch {
  const said: Said[] = [];
  let idle: IdleKey | undefined;
  const isOurs = (event: Event): boolean => apart.has(event.target);
  const observer = new MutationObserver((records) => {
    if (records.some(({ target }) => !apart.has(target))) changed();
  });
  observer.observe(document, { childList: true, subtree: true, attributes: true, characterData: true });
  /**
   * A key may change what has happened, and focus. Unless a pattern should have handled it, it may also
   * scroll.
   */
  const standing = (isForPattern: boolean): unknown[] => [
    record.all().at(-1)?.id,
    focused(),
    ...(isForPattern ? [] : [scrollX, scrollY]),
  ];
  /** Checks, once the effects of a key are complete, whether there were any. */
  const onKey = (event: KeyboardEvent): void => {
    const { key, target } = event;
    const element = targetOf(event);
    if (isPlain(event) || isOurs(event) || writes(element, key) || key === 'Tab') return;
    const isForPattern = !!element && isInKeyedList(element);
    const before = standing(isForPattern);
    setTimeout(() => {
      const isPress =
        /^(Enter| )$/.test(key) && isElement(target) && target.matches('a[href],button,summary,input');
      const isIdle =
        standing(isForPattern).every((each, at) => each === before[at]) &&
        !isPress &&
        (key.length > 1 || key === ' ');
      idle = isIdle ? { key: key === ' ' ? 'Space' : key, why: whyIdle(event) } : undefined;
      changed();
    });
  };
  const releases = [
    listen(document, { focusin: changed, focusout: changed, scroll: changed, input: changed }, [
      'focusin',
      'focusout',
      'scroll',
      'input',
    ]),
    listen(document.defaultView ?? window, { resize: changed, keydown: onKey }, ['keydown']),
    hearLive(document, (text) => {
      said.push({ text, at: performance.now() });
      if (said.length > 200) said.shift();
      changed();
    }),
    record.subscribe(changed),
  ];
  return {
    said,
    idle: () => idle,
    release() {
      observer.disconnect();
      releases.forEach((release) => release());
    },
  };
}
