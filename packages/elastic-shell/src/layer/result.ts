// A layer with a result: `show`, `close(result)` and `ask()` on top of any service that opens it.
import type { Contract } from '../core/contract/contract.js';
import type { Openable, OpenIntent } from '../core/contract/openable.js';
import { described } from '../engine/dom.js';
import { type Engine, type Service, wire } from '../engine/engine.js';
import { keepWired } from '../engine/registry.js';
import type { Cells, CommonOptions, Wired } from '../engine/types.js';
import type { OpenMethods } from './methods.js';

/** A wired `<dialog>` with a result. */
export interface WithResult<Options extends object = object>
  extends Wired<Options>, Cells<Openable>, OpenMethods {
  /** The `<dialog>` that is wired. */
  readonly root: HTMLDialogElement;
  /**
   * Closes it, if the guard allows it. A pending `ask()` resolves to `result`, or to null if omitted.
   *
   * @param result - The result.
   */
  close(result?: string | null): void;
  /**
   * Opens it and waits until it closes.
   *
   * @returns A promise of the value of the control that closed it, or of null if it was dismissed.
   */
  ask(): Promise<string | null>;
}

/** Returns whether `root` is a `<dialog>`. */
export const isDialog = (root: HTMLElement | null | undefined): root is HTMLDialogElement =>
  root?.localName === 'dialog';

/**
 * Wires a `<dialog>` with a result. `serve` opens and closes it, and calls `ended` with each result. Throws a
 * TypeError if `root` is no `<dialog>` or is wired already.
 */
export function wireWithResult<O extends object>(
  root: HTMLElement,
  contract: Contract<Openable, O, OpenIntent>,
  options: O & CommonOptions<Openable>,
  serve: (
    engine: Engine<Openable, O & CommonOptions<Openable>, OpenIntent>,
    ended: (result: string | null) => void,
    dialog: HTMLDialogElement,
  ) => Service<Openable>,
): WithResult {
  if (!isDialog(root))
    throw new TypeError(`elastic-shell: ${contract.name} needs a <dialog>, got ${described(root)}`);
  let asks: ((result: string | null) => void)[] = [];
  let close: WithResult['close'] = () => {};
  let isAsking = (): boolean => false;
  const wired = wire<Openable, O, OpenIntent>(root, contract, options, (engine) => {
    close = (result = null) => engine.intend('close', { reason: 'program', result });
    const ended = (result: string | null): void => {
      const answered = asks;
      asks = [];
      for (const answer of answered) answer(result);
    };
    ({ isAsking } = engine);
    const service = serve(engine, ended, root);
    return {
      ...service,
      refused(error) {
        const isTold = service.refused?.(error) ?? false;
        // Opening was refused, so it will not close.
        if (!engine.state().open) ended(null);
        return isTold;
      },
    };
  });
  const show = (): void => void wired.open.set(true);
  return keepWired({
    ...wired,
    root,
    show,
    close,
    toggle: () => (wired.open.get() ? close() : show()),
    ask: () =>
      new Promise((resolve) => {
        asks.push(resolve);
        show();
        // An owner that replies later has not refused yet.
        if (!wired.open.get() && !wired.busy.get() && !isAsking()) resolve(null);
      }),
  });
}
