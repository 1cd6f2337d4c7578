// Lazy branches of a tree: loaded when they expand, marked as busy, cancelled when they collapse, and tried
// again after a failure.
import { type Tree, type TreeNode, withChildren, withoutChildren } from '../../core/collection/tree.js';
import { tell } from '../../core/report.js';
import { failureText } from '../../core/text.js';
import { wordsOf } from '../../core/words.js';
import { isPromise } from '../../core/promise.js';

/** The options of lazy branches. */
export interface BranchOptions<N extends TreeNode = TreeNode> {
  /**
   * Returns the children of a lazy node, or a promise of them. The signal is aborted if the branch closes or
   * is removed before they load.
   *
   * @defaultValue none
   * @example { children: ({ key }, signal) => loadParts(key, signal) }
   */
  children?(node: N, signal: AbortSignal): readonly NoInfer<N>[] | PromiseLike<readonly NoInfer<N>[]>;
  messages?: {
    /**
     * Returns the text of the row that reports that children failed to load.
     *
     * @defaultValue the message of the error and "Try again"
     */
    branchFailed?(error: unknown): string;
  };
}

/** The lazy branches of one tree. */
export interface Branches {
  isBusy(key: string): boolean;
  /** Returns the branch whose failure a row reports. */
  failedAt(key: string): string | undefined;
  /** Loads the children of an expanded branch, unless they are loaded. */
  open(key: string): void;
  /** A branch has collapsed: loading is cancelled. */
  close(key: string): void;
  /** Loads again after a failure. */
  retry(key: string): void;
  release(): void;
}

const words = { branchFailed: (error: unknown) => `${failureText(error)} Try again` };

/** Creates the lazy branches. `become` is called with each new tree and the branch that was filled. */
export function branches(
  root: Element,
  options: BranchOptions,
  now: () => Tree,
  become: (tree: Tree, filled?: string) => void,
): Branches {
  const loads = new Map<string, AbortController>();
  const failures = new Map<string, string>();

  const fill = (key: string, mine: AbortController, children: readonly TreeNode[]): void => {
    if (loads.get(key) !== mine) return;
    if (!Array.isArray(children))
      throw new TypeError(
        `elastic-shell: children of tree node "${key}" must be an array of nodes, got ${String(children)}`,
      );
    const next = withChildren(now(), key, children);
    loads.delete(key);
    become(next, key);
  };
  const fail = (key: string, mine: AbortController, error: unknown): void => {
    if (loads.get(key) !== mine) return;
    loads.delete(key);
    tell('branch-failed', root, { key, error });
    const say = wordsOf(words, () => options.messages);
    const row = `${key} failed`;
    failures.set(row, key);
    become(withChildren(now(), key, [{ key: row, label: say.branchFailed(error), disabled: true }]));
  };
  const open = (key: string): void => {
    const node = now().nodes.get(key)?.node;
    if (node?.children !== 'lazy' || loads.has(key)) return;
    const mine = new AbortController();
    loads.set(key, mine);
    try {
      if (!options.children)
        throw new TypeError(`elastic-shell: tree node "${key}" is lazy, but the option children is missing`);
      const answer = options.children(node, mine.signal);
      if (isPromise(answer))
        void answer
          .then((children) => fill(key, mine, children))
          .then(undefined, (error) => fail(key, mine, error));
      else fill(key, mine, answer);
    } catch (error) {
      fail(key, mine, error);
    }
    if (loads.has(key)) become(now());
  };
  const close = (key: string): void => {
    const load = loads.get(key);
    loads.delete(key);
    load?.abort();
    if (load) become(now());
  };
  return {
    isBusy: (key) => loads.has(key),
    failedAt: (key) => failures.get(key),
    open,
    close,
    retry(row) {
      const key = failures.get(row);
      if (key === undefined) return;
      failures.delete(row);
      become(withoutChildren(now(), key));
      open(key);
    },
    release() {
      for (const load of loads.values()) load.abort();
      loads.clear();
    },
  };
}
