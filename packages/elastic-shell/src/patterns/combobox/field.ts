// The field of a combobox under hand: typing, presses on it and around it, and the way from it to the tokens.
import type { ComboboxState } from '../../core/contract/combobox.js';
import type { Engine } from '../../engine/engine.js';
import { logicalKey } from '../../events/keys.js';
import type { RunOptions } from './types.js';
import type { ComboboxParts } from './parts.js';
import type { Tokens } from './tokens.js';

export interface FieldRules {
  /** Something is typed. */
  typed(query: string): void;
  tokens: Tokens | undefined;
}

/** Listens on the root of `engine` until released. */
export function followField(
  engine: Engine<ComboboxState, RunOptions>,
  { holder, field, trigger, popup, box }: ComboboxParts,
  { typed, tokens }: FieldRules,
): () => void {
  const { root } = engine;
  const stop = new AbortController();
  const heard: Record<string, (event: never) => void> = {
    input({ target }: Event) {
      if (target === field) typed(field!.value);
    },
    click(event: MouseEvent) {
      const target = event.target as Element;
      if (event.defaultPrevented || popup.contains(target) || !box.contains(target)) return;
      const isOn = trigger.contains(target);
      if (!isOn && target.closest('button,a,input')) return;
      if (!isOn) holder.focus();
      const opens = field && trigger === holder;
      engine.intend(opens ? 'open' : 'toggle', {
        reason: event.detail ? 'press' : 'key',
        event,
        source: trigger,
      });
    },
    // The field keeps focus while its list is pressed.
    mousedown(event: MouseEvent) {
      const target = event.target as Element;
      if (popup.contains(target) && !target.closest('input,button,[data-notice]')) event.preventDefault();
    },
    keydown(event: KeyboardEvent) {
      if (event.defaultPrevented || event.isComposing) return;
      // A button whose list holds the field opens it as a select does.
      if (event.target === trigger && trigger !== holder && event.key === 'ArrowDown') {
        event.preventDefault();
        engine.intend('open', { reason: 'key', event, source: trigger });
      }
      if (event.target !== holder) return;
      const isStart = !field || (!field.value && field.selectionStart === 0);
      const isBack = event.key === 'Backspace' || logicalKey(event, root) === 'inline-previous';
      if (isBack && isStart && tokens?.enter()) event.preventDefault();
    },
    keyup(event: KeyboardEvent) {
      // What Space did on the way down, a button would do again on the way up.
      if (!field && event.target === holder && event.key === ' ') event.preventDefault();
    },
  };
  for (const type in heard)
    root.addEventListener(type, heard[type] as EventListener, { signal: stop.signal });
  return () => stop.abort();
}
