// The field of a combobox: typing, clicks on it and around it, and moving from it to the tokens.
import { targetOf } from '../../engine/dom.js';
import { chordOf } from '../../events/keys.js';
import { listen } from '../../events/listen.js';
import { activeIn } from '../../focus/focusable.js';
import type { Tokens } from './tokens.js';
import type { ComboboxContext } from './types.js';

/** Called about the field. */
export interface FieldRules {
  /** Called when the field gets focus. */
  entered(): void;
  /** Called when the user types. */
  typed(query: string): void;
  /** Called when the browser fills the field without focus (autofill). */
  filled(text: string): void;
  tokens: Tokens | undefined;
}

/** A click on the field, on its button or on the area around them opens the list, and closes it again. */
function onClick({ engine, parts }: ComboboxContext, event: MouseEvent): void {
  const { holder, field, trigger, popup, box } = parts;
  const target = targetOf(event);
  if (!target || event.defaultPrevented || popup.contains(target) || !box.contains(target)) return;
  const isOn = trigger.contains(target);
  if (!isOn && target.closest('button,a,input')) return;
  if (!isOn) holder.focus();
  // A click in a text field sets its caret, so it never closes the list.
  engine.intend(field && trigger === holder ? 'open' : 'toggle', {
    reason: event.detail ? 'press' : 'key',
    event,
    source: trigger,
  });
}

function onKeyDown({ engine, parts }: ComboboxContext, { tokens }: FieldRules, event: KeyboardEvent): void {
  const { holder, field, trigger } = parts;
  if (event.defaultPrevented || event.isComposing) return;
  // A button whose popup contains the field opens it as a select does.
  if (event.target === trigger && trigger !== holder && event.key === 'ArrowDown') {
    event.preventDefault();
    engine.intend('open', { reason: 'key', event, source: trigger });
  }
  if (event.target !== holder) return;
  const isStart = !field || (!field.value && field.selectionStart === 0);
  const isBack = event.key === 'Backspace' || chordOf(event, engine.root) === 'inline-previous';
  if (isBack && isStart && tokens?.enter()) event.preventDefault();
}

/** Listens on the root until released. */
export function followField(context: ComboboxContext, rules: FieldRules): () => void {
  const { engine, parts } = context;
  const { holder, field, popup } = parts;
  return listen(engine.root, {
    input({ target }) {
      if (!field || target !== field) return;
      if (activeIn(field) === field) rules.typed(field.value);
      else rules.filled(field.value);
    },
    focusin({ target }) {
      if (target === holder) rules.entered();
    },
    click: (event) => onClick(context, event),
    // The field keeps focus while its list is clicked.
    mousedown(event) {
      const target = targetOf(event);
      if (target && popup.contains(target) && !target.closest('input,button,[data-notice]'))
        event.preventDefault();
    },
    keydown: (event) => onKeyDown(context, rules, event),
    keyup(event) {
      // Otherwise a button would repeat on keyup what Space did on keydown.
      if (!field && event.target === holder && event.key === ' ') event.preventDefault();
    },
  });
}
