// Tokens: the selected options as buttons that remove them. Arrow keys move between them and the field.
import { targetOf } from '../../engine/dom.js';
import { markMade } from '../../engine/made.js';
import { chordOf, keyOf, meaningOf } from '../../events/keys.js';
import { listen } from '../../events/listen.js';
import { rove } from '../../list/roving.js';
import type { RowLife } from '../../list/rows/row.js';
import { arrange } from '../../list/rows/arrange.js';

/** How tokens are named, rendered and removed. */
export interface TokenRules {
  /** Returns the name of a token's button. */
  name(label: string): string;
  /** Returns the name of the group of tokens. */
  chosen: string;
  /**
   * Renders the content of a token. A component with a life cycle is released with its token.
   *
   * @defaultValue its label
   */
  render?(token: Token): Node | string | RowLife<Token>;
  remove(key: string, reason: 'press' | 'key', event: Event): void;
}

/** A selected option, as a token shows it. */
export interface Token {
  /** The key of the selected option. */
  key: string;
  /** The label of the selected option. */
  label: string;
}

/** The tokens of one combobox. */
export interface Tokens {
  show(chosen: readonly Token[]): void;
  /** Moves from the field to the last token. Returns true if there is one. */
  enter(): boolean;
  release(): void;
}

/** Marks the place of the tokens, and creates it if there is none. Returns a function that restores it. */
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

/** The keys on a token. From the last token, the next arrow key, End and Escape lead to the field. */
const moves = { 'inline-previous': 'previous', 'inline-next': 'next', Home: 'first' };
const toField = ['End', 'Escape'];
const removals = ['Delete', 'Backspace'];

/** The buttons of the selected options, each with the life cycle of its content. */
interface Buttons {
  all(): HTMLElement[];
  /** Shows exactly the tokens of `chosen`, in that order. */
  follow(chosen: readonly Token[]): HTMLElement[];
}

function tokenButtons(document: Document, rules: TokenRules): Buttons {
  const buttons = new Map<string, HTMLElement>();
  const releases = new Map<string, (() => void) | undefined>();
  const make = ({ key, label }: Token): void => {
    const made = rules.render?.({ key, label }) ?? label;
    const life = typeof made === 'object' && 'node' in made ? made : undefined;
    releases.set(key, life?.release?.bind(life));
    // Content without a life cycle is a node or text.
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

/** Creates tokens before `field`, or in `[data-tokens]` if the author has one. */
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
  /** The token that was last asked to be removed, and how. A controlled state may remove it later. */
  let asked: { button: HTMLElement; reason: 'press' | 'key' } | undefined;
  const remove = (button: HTMLElement, reason: 'press' | 'key', event: Event): void => {
    asked = { button, reason };
    rules.remove(button.dataset['token'] ?? '', reason, event);
  };
  /**
   * Where focus moves after the token at `at` is removed: to the next one or, after a click, to the field.
   */
  const focusAfter = (at: number, reason = asked?.reason): void =>
    (reason === 'press' ? field : (all()[at] ?? all().at(-1) ?? field)).focus();
  const onKey = (event: KeyboardEvent): void => {
    const button = tokenOf(event);
    const chord = button ? chordOf(event, root) : '';
    if (!button || !chord) return;
    // Letters are typed into the field.
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
      // A click may leave focus nowhere.
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
