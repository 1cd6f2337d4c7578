// Tokens: what is selected, as buttons that remove it, walked by arrows from the field and back.
import { chordOf } from '../../events/keys.js';
import { arrange } from '../../list/rows/arrange.js';

export interface TokenRules {
  /** The name of a token's button. */
  name(label: string): string;
  /** The name of all of them. */
  chosen: string;
  remove(key: string, reason: 'press' | 'key', event: Event): void;
}

export interface Tokens {
  show(chosen: readonly { key: string; label: string }[]): void;
  /** From the field to the last token; true when there is one. */
  enter(): boolean;
  release(): void;
}

export function tokens(root: HTMLElement, field: HTMLElement, rules: TokenRules): Tokens {
  const document = root.ownerDocument;
  const own = root.querySelector<HTMLElement>('[data-tokens]');
  const place = own ?? document.createElement('span');
  const stop = new AbortController();
  const buttons = new Map<string, HTMLElement>();
  if (!own) {
    place.setAttribute('data-tokens', '');
    field.before(place);
  }
  const wasHidden = place.hidden;
  const before = { role: place.getAttribute('role'), 'aria-label': place.getAttribute('aria-label') };
  place.setAttribute('role', 'group');
  if (!before['aria-label']) place.setAttribute('aria-label', rules.chosen);

  const make = (key: string, label: string): HTMLElement => {
    const button = document.createElement('button');
    button.type = 'button';
    button.tabIndex = -1;
    button.dataset['token'] = key;
    button.setAttribute('aria-label', rules.name(label));
    button.append(label);
    return button;
  };
  const all = (): HTMLElement[] => [...buttons.values()];
  const tokenOf = (event: Event): HTMLElement | undefined =>
    all().find((button) => button.contains(event.target as Node));
  const remove = (button: HTMLElement, reason: 'press' | 'key', event: Event): void => {
    const at = all().indexOf(button);
    rules.remove(button.dataset['token']!, reason, event);
    if (document.activeElement === document.body || document.activeElement === button)
      (reason === 'key' ? (all()[at] ?? all().at(-1) ?? field) : field).focus();
  };
  const heard: Record<string, (event: never) => void> = {
    click(event: MouseEvent) {
      const button = tokenOf(event);
      if (button) remove(button, event.detail ? 'press' : 'key', event);
    },
    keydown(event: KeyboardEvent) {
      const button = tokenOf(event);
      const chord = button && chordOf(event, root);
      if (!button || !chord) return;
      const at = all().indexOf(button);
      const to: Record<string, HTMLElement> = {
        'inline-previous': all()[at - 1] ?? button,
        'inline-next': all()[at + 1] ?? field,
        Home: all()[0]!,
        End: field,
        Escape: field,
      };
      const isRemoval = chord === 'Delete' || chord === 'Backspace';
      // A letter is meant for the field.
      if ([...event.key].length === 1 && chord !== 'Space') return field.focus();
      if (!isRemoval && !to[chord]) return;
      event.preventDefault();
      if (isRemoval) remove(button, 'key', event);
      else to[chord]!.focus();
    },
  };
  for (const type in heard)
    place.addEventListener(type, heard[type] as EventListener, { signal: stop.signal });

  return {
    show(chosen) {
      const keys = new Set(chosen.map(({ key }) => key));
      for (const key of buttons.keys()) if (!keys.has(key)) buttons.delete(key);
      for (const { key, label } of chosen) if (!buttons.has(key)) buttons.set(key, make(key, label));
      arrange(
        place,
        chosen.map(({ key }) => buttons.get(key)!),
      );
      place.hidden = !chosen.length;
    },
    enter() {
      const target = all().at(-1);
      target?.focus();
      return !!target;
    },
    release() {
      stop.abort();
      place.replaceChildren();
      if (!own) return place.remove();
      place.hidden = wasHidden;
      for (const [name, value] of Object.entries(before)) {
        if (value === null) place.removeAttribute(name);
        else place.setAttribute(name, value);
      }
    },
  };
}
