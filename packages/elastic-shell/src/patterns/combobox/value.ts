// What a combobox answers: its choice as text in the field or as tokens, told when it changes, and sent with a form.
import { type Chosen, keysOf } from '../../core/collection/selection.js';
import type { ComboboxState } from '../../core/contract/combobox.js';
import type { Announcer } from '../../announce/announce.js';
import type { Engine } from '../../engine/engine.js';
import { takePart } from '../../form/form.js';
import type { Change } from '../../engine/types.js';
import type { RunOptions } from './types.js';
import type { ComboboxParts } from './parts.js';
import { type Tokens, tokens } from './tokens.js';
import type { english } from './words.js';

export interface Answer {
  isRequired: boolean;
  tokens: Tokens | undefined;
  /** Shows the choice; a field that is being typed into says what is typed. */
  show(isTyped: boolean): void;
  /** What is selected has changed. */
  changed(change: Change): void;
  release(): void;
}

/** `first`: what a reset goes back to. */
export function answer(
  engine: Engine<ComboboxState, RunOptions>,
  options: RunOptions,
  { holder, field, trigger }: ComboboxParts,
  say: typeof english,
  announce: Announcer,
  labelOf: (key: string) => string,
  first: () => Chosen,
): Answer {
  const { root, view } = engine;
  const { multiple, freeText } = options;
  const value = trigger.querySelector<HTMLElement>('[data-value]');
  const placeholder = value?.textContent ?? '';
  const isRequired =
    options.required ?? (holder.hasAttribute('required') || root.hasAttribute('data-required'));
  let isReady = false;
  // What is selected at first is no news.
  queueMicrotask(() => {
    isReady = true;
  });
  const settled = (next: Partial<ComboboxState>, reason: Change['reason']): void =>
    engine.change(next, { reason }, true);
  const chips = multiple
    ? tokens(root, trigger, {
        name: say.remove,
        chosen: say.chosen(),
        remove(key, reason, event) {
          if (holder.matches(':disabled')) return;
          view.at = key;
          engine.intend('remove', { reason, event });
          view.at = undefined;
        },
      })
    : undefined;
  const isMissing = (): boolean => {
    const { selected, text } = engine.state();
    return isRequired && !keysOf(selected).size && !text;
  };
  const leave = takePart(root, {
    isDisabled: () => holder.matches(':disabled'),
    /** A field is checked by the platform; a button is not. */
    refuse() {
      if (field || !isMissing()) return false;
      announce.say(say.required());
      holder.focus();
      return true;
    },
    name: options.name ?? root.dataset['name'],
    value() {
      const { selected, text } = engine.state();
      const keys = [...keysOf(selected)];
      return keys.length || !freeText || !text ? keys : text;
    },
    reset() {
      const selected = first();
      const [key] = keysOf(selected);
      settled({ selected, text: !multiple && key !== undefined ? labelOf(key) : '' }, 'native');
    },
  });
  if (freeText && field && !keysOf(engine.state().selected).size) settled({ text: field.value }, 'native');

  return {
    isRequired,
    tokens: chips,
    show(isTyped) {
      const { selected, text, query } = engine.state();
      const keys = [...keysOf(selected)];
      chips?.show(keys.map((key) => ({ key, label: labelOf(key) })));
      const shown = text || placeholder;
      if (value && value.textContent !== shown) value.textContent = shown;
      if (!field) return;
      const wanted = multiple || trigger !== holder || isTyped ? query : text;
      if (field.value !== wanted) field.value = wanted;
      field.setCustomValidity?.(isMissing() ? say.required() : '');
    },
    changed({ value: now, previous }) {
      const [after, before] = [keysOf(now as Chosen), keysOf(previous as Chosen)];
      if (!multiple) {
        const [key] = after;
        if (key !== undefined) settled({ text: labelOf(key) }, 'program');
        else if (!freeText) settled({ text: '' }, 'program');
        return;
      }
      if (!isReady) return;
      const added = [...after].find((key) => !before.has(key));
      const removed = [...before].find((key) => !after.has(key));
      if (added !== undefined) announce.say(say.added(labelOf(added), after.size));
      else if (removed !== undefined) announce.say(say.removed(labelOf(removed), after.size));
    },
    release() {
      chips?.release();
      field?.setCustomValidity?.('');
      if (value) value.textContent = placeholder;
      leave();
    },
  };
}
