// What a layer asks of its host and of the pattern, and where it may stand.
import type { Attributes } from '../core/contract/contract.js';
import type { Openable } from '../core/contract/openable.js';
import type { Escape, Outside } from '../core/layers/stack.js';
import type { Cause } from '../engine/types.js';
import type { FocusPolicy } from '../focus/focus-policy.js';
import type { Labels } from '../labels/labels.js';
import type { Phase } from './phase.js';
import type { TopLayer } from './top-layer.js';

/** The options of what stands above the page. */
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

/** Whose layer it is: a running pattern, or a part of one. */
export interface LayerHost {
  /** What is shown above the page. */
  readonly root: HTMLElement;
  readonly options: LayerOptions & {
    /**
     * What happens when its `open` attribute is taken away while the platform still shows it.
     *
     * @defaultValue `restore`
     */
    readonly externalChanges?: 'accept' | 'revert';
  };
  /** The intent of each command: a control that closes it is no opener. */
  readonly commands: Readonly<Record<string, string>>;
  state(): Openable;
  intend(intent: 'close', cause: Cause): void;
  change(next: Openable, cause: Cause, settled?: boolean): void;
  reread(): void;
  render(): void;
  flush(): void;
}

/** Where a layer stands, when its style alone does not say. `A` is what it stands beside. */
export interface Position<A = unknown> {
  /** What it stands beside, before it shows. Throws when there is nothing. */
  find(opener: Element | undefined): A;
  /** Keeps it there until released. `lost`: what it stands beside has gone. */
  hold(beside: A, lost: () => void): () => void;
  attributes(phase: Phase): Attributes;
  /** Takes away every trace. */
  forget(): void;
}

/** What a pattern says about its own layer. */
export interface LayerRules<A = unknown> {
  showing: TopLayer;
  position?: Position<A>;
  outside: Outside;
  /**  @defaultValue `keep` */
  focusOut?: 'close' | 'keep';
  /** What names it, where it has a name. */
  labels?: Labels;
  /** How it treats focus. Without one it never touches it. */
  focus?: FocusPolicy;
  /** It has closed, or will not open: with this result. */
  ended?(result: string | null): void;
}
