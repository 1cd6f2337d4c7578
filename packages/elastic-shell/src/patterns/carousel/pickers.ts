// Pickers: controls that name the root with --pick and stand for one of many, as tabs or as plain buttons.
import { move } from '../../core/collection/movement.js';
import type { Attributes } from '../../core/contract/contract.js';
import type { Engine } from '../../engine/engine.js';
import { listenIn } from '../../events/document-events.js';
import { invokersOf } from '../../engine/invoker-index.js';
import { logicalKey } from '../../events/keys.js';

export interface Pickers {
  all(): HTMLElement[];
  /** Which one a picker stands for, from 0: its value less one, else its place. */
  placeOf(picker: Element): number;
  /** Attributes of each, given the one that is picked. */
  parts(picked: number): Iterable<readonly [Element, Attributes]>;
  release(): void;
}

const moves: Record<string, string> = {
  'inline-next': 'next',
  'inline-previous': 'previous',
  Home: 'first',
  End: 'last',
};

export function pickersOf({ root, intend }: Pick<Engine, 'root' | 'intend'>): Pickers {
  const all = (): HTMLElement[] =>
    invokersOf(root).filter((control) => control.getAttribute('command') === '--pick') as HTMLElement[];
  const placeOf = (picker: Element): number =>
    Number(picker.getAttribute('value') ?? all().indexOf(picker as HTMLElement) + 1) - 1;

  const heard = {
    keydown(event: KeyboardEvent) {
      const picker = (event.target as Element).closest?.<HTMLElement>('[role=tab][command="--pick"]');
      const pickers = picker ? all() : [];
      const way = picker && pickers.includes(picker) && moves[logicalKey(event, picker) ?? ''];
      if (!way) return;
      event.preventDefault();
      const items = pickers.map((_, at) => ({ key: `${at}` }));
      const next = pickers[Number(move(items, `${pickers.indexOf(picker)}`, way))]!;
      next.focus();
      intend('pick', { reason: 'key', event, source: next });
    },
  };
  return {
    all,
    placeOf,
    parts: (picked) =>
      all().map((picker) => {
        const isPicked = placeOf(picker) === picked;
        return [
          picker,
          picker.role === 'tab'
            ? { 'aria-selected': `${isPicked}`, tabindex: isPicked ? '0' : '-1' }
            : { 'aria-current': isPicked ? 'true' : null },
        ] as const;
      }),
    release: listenIn(root.ownerDocument, heard, ['keydown']),
  };
}
