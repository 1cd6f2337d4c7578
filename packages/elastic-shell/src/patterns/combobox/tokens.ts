// Tokens: what is selected, as buttons that remove it, walked by arrows from the field and back.
import { targetOf } from '../../engine/dom.js';
import { markMade } from '../../engine/made.js';
import { chordOf, keyOf, meaningOf } from '../../events/keys.js';
import { listen } from '../../events/listen.js';
import { rove } from '../../list/roving.js';
import type { RowLife } from '../../list/rows/row.js';
import { arrange } from '../../list/rows/arrange.js';

/** What tokens are called, and who takes them away. */
export interface TokenRules {
  /** The name of a token's button. */
  name(label: string): string;
  /** The name of all of them. */
  chosen: string;
  /** What stands in a token; with a life, that is released with it. Default: its label. */
  render?(token: Token): Node | string | RowLife<Token>;
  remove(key: string, reason: 'press' | 'key', event: Event): void;
}

/** What is selected, as a token shows it. */
export interface Token {
  key: string;
  label: string;
}

/** The tokens of one combobox. */
export interface Tokens {
  show(chosen: readonly Token[]): void;
  /** From the field to the last token; true when there is one. */
  enter(): boolean;
  release(): void;
}

/** Marks the place of the tokens, made where the author has none; answers what puts it back. */
function preparePlace(place: HTMLElement, isOwn: boolean, chosen: string): () => void {
  const wasHidden = place.hidden;
  const before = ['role', 'aria-label'].map((name) => [name, place.getAttribute(name)] as const);
  place.setAttribute('role', 'group');
  if (!place.hasAttribute('aria-label')) place.setAttribute('aria-label', chosen);
  return () => {
    place.replaceChildren();
    if (!isOwn) return place.remove();
    place.hidden = wasHidden;
    for (const [name, value] of before)
      if (value === null) place.removeAttribute(name);
      else place.setAttribute(name, value);
  };
}

const makeToken = (document: Document, key: string, content: Node | string, name: string): HTMLElement => {
  const button = markMade(document.createElement('button'));
  button.type = 'button';
  button.tabIndex = -1;
  button.dataset['token'] = key;
  button.setAttribute('aria-label', name);
  button.append(content);
  return button;
};

/** What keys do on a token, by moves; the last token leads on to the field, and so do End and Escape. */
const moves = { 'inline-previous': 'previous', 'inline-next': 'next', Home: 'first' };
const toField = ['End', 'Escape'];
const removals = ['Delete', 'Backspace'];

/** The buttons of what is selected, each with the life of what stands in it. */
interface Buttons {
  all(): HTMLElement[];
  /** Those of `chosen` and no others, in that order. */
  follow(chosen: readonly Token[]): HTMLElement[];
}

function tokenButtons(document: Document, rules: TokenRules): Buttons {
  const buttons = new Map<string, HTMLElement>();
  const releases = new Map<string, (() => void) | undefined>();
  const make = ({ key, label }: Token): void => {
    const made = rules.render?.({ key, label }) ?? label;
    const life = typeof made === 'object' && 'node' in made ? made : undefined;
    releases.set(key, life?.release?.bind(life));
    // What has no life is a node or a text.
    buttons.set(key, makeToken(document, key, life?.node ?? (made as Node | string), rules.name(label)));
  };
  return {
    all: () => [...buttons.values()],
    follow(chosen) {
      const keys = new Set(chosen.map(({ key }) => key));
      for (const key of [...buttons.keys()]) {
        if (keys.has(key)) continue;
        buttons.delete(key);
        releases.get(key)?.();
        releases.delete(key);
      }
      for (const token of chosen) if (!buttons.has(token.key)) make(token);
      return chosen.flatMap(({ key }) => buttons.get(key) ?? []);
    },
  };
}

/** Tokens before `field`, in the author's `[data-tokens]` where there is one. */
export function tokens(root: HTMLElement, field: HTMLElement, rules: TokenRules): Tokens {
  const document = root.ownerDocument;
  const own = root.querySelector<HTMLElement>('[data-tokens]');
  const place = own ?? markMade(document.createElement('span'));
  if (!own) {
    place.setAttribute('data-tokens', '');
    field.before(place);
  }
  const putBack = preparePlace(place, !!own, rules.chosen);
  const { all, follow } = tokenButtons(document, rules);
  const tokenOf = (event: Event): HTMLElement | undefined => {
    const target = targetOf(event) ?? null;
    return all().find((button) => button.contains(target));
  };
  /** The token that was last asked to go, and how: its owner may let go of it later. */
  let asked: { button: HTMLElement; reason: 'press' | 'key' } | undefined;
  const remove = (button: HTMLElement, reason: 'press' | 'key', event: Event): void => {
    asked = { button, reason };
    rules.remove(button.dataset['token'] ?? '', reason, event);
  };
  /** Where focus goes when the token at `at` has gone: to the next one, or for a press to the field. */
  const focusAfter = (at: number, reason = asked?.reason): void =>
    (reason === 'press' ? field : (all()[at] ?? all().at(-1) ?? field)).focus();
  const onKey = (event: KeyboardEvent): void => {
    const button = tokenOf(event);
    const chord = button ? chordOf(event, root) : '';
    if (!button || !chord) return;
    // A letter is meant for the field.
    if ([...keyOf(event)].length === 1 && chord !== 'Space') return field.focus();
    const way = meaningOf(moves, chord);
    const isRemoval = removals.includes(chord);
    if (!way && !isRemoval && !toField.includes(chord)) return;
    event.preventDefault();
    if (isRemoval) return remove(button, 'key', event);
    const isLast = button === all().at(-1);
    if (!way || (way === 'next' && isLast)) field.focus();
    else rove(all(), button, way, { wrap: false });
  };
  const release = listen(place, {
    click(event) {
      const button = tokenOf(event);
      if (button) remove(button, event.detail ? 'press' : 'key', event);
    },
    keydown: onKey,
  });
  return {
    show(chosen) {
      const { activeElement, body } = document;
      // A press may leave focus nowhere.
      const going = activeElement === body ? asked?.button : activeElement;
      const at = all().findIndex((button) => button === going);
      const isGoing = at >= 0 && !chosen.some(({ key }) => key === all()[at]?.dataset['token']);
      arrange(place, follow(chosen));
      place.hidden = !chosen.length;
      if (isGoing) focusAfter(at);
    },
    enter() {
      const target = all().at(-1);
      target?.focus();
      return !!target;
    },
    release() {
      release();
      follow([]);
      putBack();
    },
  };
}
