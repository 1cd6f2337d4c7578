// The value of a combobox: the selection as text in the field or as tokens, announced when it changes, and
// submitted with a form.
import { type Chosen, keysOf } from '../../core/collection/selection.js';
import type { ComboboxState } from '../../core/contract/combobox.js';
import type { Change } from '../../engine/types.js';
import { takePart } from '../../form/form.js';
import { type Tokens, tokens } from './tokens.js';
import type { ComboboxContext } from './types.js';

/** The value of one combobox. */
export interface Value {
  isRequired: boolean;
  tokens: Tokens | undefined;
  /** Shows the selection. A field that the user is typing into keeps the typed text. */
  show(isTyped: boolean): void;
  /** The selection has changed. */
  changed(change: Change<Chosen>): void;
  release(): void;
}

interface Held {
  context: ComboboxContext;
  labelOf(key: string): string;
  isRequired: boolean;
  tokens: Tokens | undefined;
  /** The initial selection isn't announced. */
  isReady: boolean;
}

const settled = (
  { context: { engine } }: Held,
  next: Partial<ComboboxState>,
  reason: Change['reason'],
): void => engine.change(next, { reason }, true);

const tokensOf = ({ engine, parts, say }: ComboboxContext): Tokens =>
  tokens(engine.root, parts.trigger, {
    ...(engine.options.renderToken && { render: engine.options.renderToken }),
    name: say.remove,
    chosen: say.chosen(),
    remove(key, reason, event) {
      if (!parts.holder.matches(':disabled')) engine.intend('deselect', { reason, event }, key);
    },
  });

const isMissing = ({ context: { engine }, isRequired }: Held): boolean => {
  const { selected, text } = engine.state();
  return isRequired && !keysOf(selected).size && !text;
};

/** Takes part in its form. `selected` is the value that a reset restores. */
function joinForm(held: Held, selected: Chosen): () => void {
  const { engine, parts, say, announce } = held.context;
  const { root, options } = engine;
  const { holder, field } = parts;
  return takePart(root, {
    isDisabled: () => holder.matches(':disabled'),
    missing: () => (!field && isMissing(held) ? say.required() : undefined),
    /** The platform validates a field but not a button. */
    refuse() {
      if (field || !isMissing(held)) return false;
      announce.say(say.required());
      holder.focus();
      return true;
    },
    name: options.name ?? root.dataset['name'],
    value() {
      const { selected, text } = engine.state();
      const keys = [...keysOf(selected)];
      return keys.length || !options.freeText || !text ? keys : text;
    },
    reset() {
      const [key] = keysOf(selected);
      const text = !options.multiple && key !== undefined ? held.labelOf(key) : '';
      engine.reset({ selected, text });
    },
  });
}

function show(held: Held, isTyped: boolean, value: HTMLElement | null, placeholder: string): void {
  const { engine, parts, say } = held.context;
  const { field, trigger, holder } = parts;
  const { selected, text, query } = engine.state();
  held.tokens?.show([...keysOf(selected)].map((key) => ({ key, label: held.labelOf(key) })));
  const shown = text || placeholder;
  if (value && value.textContent !== shown) value.textContent = shown;
  // The owner hasn't accepted the latest typed text yet.
  if (!field || engine.isAsking()) return;
  const wanted = engine.options.multiple || trigger !== holder || isTyped ? query : text;
  if (field.value !== wanted) field.value = wanted;
  field.setCustomValidity?.(isMissing(held) ? say.required() : '');
}

/** A single selection is shown in the field. With several, additions and removals are announced. */
function changed(held: Held, { value, previous }: Change<Chosen>): void {
  const { context, labelOf, isReady } = held;
  const { engine, say, announce } = context;
  const [after, before] = [keysOf(value), keysOf(previous)];
  if (!engine.options.multiple) {
    const [key] = after;
    if (key !== undefined) settled(held, { text: labelOf(key) }, 'program');
    else if (!engine.options.freeText) settled(held, { text: '' }, 'program');
    return;
  }
  if (!isReady) return;
  const added = [...after].find((key) => !before.has(key));
  const removed = [...before].find((key) => !after.has(key));
  if (added !== undefined) announce.say(say.added(labelOf(added), after.size));
  else if (removed !== undefined) announce.say(say.removed(labelOf(removed), after.size));
}

/** Creates the value of the combobox in `context`. `first`: the selection that a reset restores. */
export function valueOf(context: ComboboxContext, labelOf: (key: string) => string, first: Chosen): Value {
  const { engine, parts } = context;
  const { root, options } = engine;
  const { holder, field, trigger } = parts;
  const value = trigger.querySelector<HTMLElement>('[data-value]');
  const placeholder = value?.textContent ?? '';
  const held: Held = {
    context,
    labelOf,
    isRequired: options.required ?? (holder.hasAttribute('required') || root.hasAttribute('data-required')),
    tokens: options.multiple ? tokensOf(context) : undefined,
    isReady: false,
  };
  queueMicrotask(() => {
    held.isReady = true;
  });
  const leave = joinForm(held, first);
  return {
    isRequired: held.isRequired,
    tokens: held.tokens,
    show: (isTyped) => show(held, isTyped, value, placeholder),
    changed: (change) => changed(held, change),
    release() {
      held.tokens?.release();
      field?.setCustomValidity?.('');
      if (value) value.textContent = placeholder;
      leave();
    },
  };
}
