// What a layer needs from its host and its pattern, and where it may stand.
import type { Attributes } from '../core/contract/contract.js';
import type { Openable } from '../core/contract/openable.js';
import type { Escape, Outside } from '../core/layers/stack.js';
import type { Cause } from '../engine/types.js';
import type { FocusPolicy } from '../focus/focus-policy.js';
import type { Labels } from '../labels/labels.js';
import type { Phase } from './phase.js';
import type { TopLayer } from './top-layer.js';

/** The options of everything that opens above the page. */
export interface LayerOptions {
  /**
   * Specifies what a click outside does. `absorb` closes it and keeps the click from the page, and `keep`
   * leaves it open.
   *
   * @defaultValue `close`
   * @example { outside: 'keep' }
   */
  outside?: Outside;
  /**
   * Specifies what Escape and the back gesture do.
   *
   * @defaultValue `close`
   * @example { escape: 'keep' }
   */
  escape?: Escape;
  /**
   * Specifies what happens when focus leaves both it and its opener.
   *
   * @defaultValue `keep`
   * @example { focusOut: 'close' }
   */
  focusOut?: 'close' | 'keep';
  /**
   * Specifies what happens to it when a control inside it opens a modal dialog.
   *
   * @defaultValue `keep`
   * @example { behind: 'close' }
   */
  behind?: 'close' | 'keep';
}

/** The pattern of the layer: a running pattern, or a part of one. */
export interface LayerHost {
  /** The element that is shown above the page. */
  readonly root: HTMLElement;
  readonly options: LayerOptions & {
    /**
     * What happens when other code removes its `open` attribute while the platform still shows it.
     *
     * @defaultValue `restore`
     */
    readonly externalChanges?: 'accept' | 'revert';
  };
  /** The intent of each command. A control that closes the layer isn't an opener. */
  readonly commands: Readonly<Record<string, string>>;
  state(): Openable;
  intend(intent: 'close', cause: Cause): void;
  change(next: Openable, cause: Cause, settled?: boolean): void;
  reread(): void;
  render(): void;
  flush(): void;
}

/** Where a layer is placed, if its style sheet does not decide. `A` is the type of its anchor. */
export interface Position<A = unknown> {
  /** Returns its anchor, before it is shown. Throws if there is none. */
  find(opener: Element | undefined): A;
  /** Keeps it positioned until released. `lost` is called when the anchor has left the document. */
  hold(beside: A, lost: () => void): () => void;
  attributes(phase: Phase): Attributes;
  /** Removes everything that was written. */
  forget(): void;
}

/** What a pattern defines about its layer. */
export interface LayerRules<A = unknown> {
  showing: TopLayer;
  position?: Position<A>;
  outside: Outside;
  /**
   * What happens when focus leaves it.
   *
   * @defaultValue `keep`
   */
  focusOut?: 'close' | 'keep';
  /** The element that labels it, if there is one. */
  labels?: Labels;
  /** How it treats focus. Without it, focus is left alone. */
  focus?: FocusPolicy;
  /** Called with the result when it has closed, or will not open. */
  ended?(result: string | null): void;
}
