// A layer that can be asked: `show`, `close(result)` and `ask()` around whatever service opens it.
import type { Cell } from '../core/cell.js';
import type { Contract } from '../core/contract/contract.js';
import type { Openable } from '../core/contract/openable.js';
import { type Engine, type Service, wire } from '../engine/engine.js';
import type { CommonOptions, Wired } from '../engine/types.js';

export interface WithResult extends Wired {
  readonly root: HTMLDialogElement;
  readonly open: Cell<boolean>;
  /** Opens it, if the guard allows. */
  show(): void;
  /** Closes it, if the guard allows. `result` is what `ask` answers with. Default: null, as when dismissed. */
  close(result?: string | null): void;
  /** Opens it; answers with the value of the control that closed it, or null when it was dismissed. */
  ask(): Promise<string | null>;
}

/**
 * Wires a `<dialog>` that answers. `serve` opens and closes it, and calls `ended` with each result.
 * Throws a TypeError when `root` is no `<dialog>` or is wired already.
 */
export function wireWithResult<O extends object>(
  root: HTMLElement,
  contract: Contract<Openable, string, O>,
  options: O & CommonOptions,
  serve: (engine: Engine<Openable, O & CommonOptions>, ended: (result: string | null) => void) => Service,
): WithResult {
  if (root?.localName !== 'dialog')
    throw new TypeError(`elastic-shell: ${contract.name} needs a <dialog>, got ${root?.outerHTML ?? root}`);
  let asks: ((result: string | null) => void)[] = [];
  let running: Engine<Openable>;
  const wired = wire(root, contract, options, (engine) => {
    running = engine;
    return serve(engine, (result) => {
      const answered = asks;
      asks = [];
      for (const answer of answered) answer(result);
    });
  });
  const show = (): void => wired.open.set(true);
  return {
    ...wired,
    root: root as HTMLDialogElement,
    show,
    close: (result = null) => running.intend('close', { reason: 'program', result }),
    ask: () =>
      new Promise((resolve) => {
        asks.push(resolve);
        show();
        if (!wired.open.get() && !wired.busy.get()) resolve(null);
      }),
  };
}
