// Wires a disclosure: `wireDisclosure`.
import { disclosure } from '../../core/contract/disclosure.js';
import type { Openable, OpenIntent } from '../../core/contract/openable.js';
import { type ContentOptions, withContent } from '../../content/content.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { wire } from '../../engine/engine.js';
import { findableLater } from '../../engine/findable.js';
import { keepWired } from '../../engine/registry.js';
import { whenTouched } from '../../engine/untouched.js';
import { lazyService } from '../../engine/lazy-service.js';
import type { Cells, OpenOptions, Wired } from '../../engine/types.js';
import { type OpenMethods, openMethods } from '../../layer/methods.js';
import type { ElasticAxis } from '../../motion/expand.js';

/** The options of a disclosure. */
export interface DisclosureOptions extends OpenOptions<Openable>, ContentOptions {
  /**
   * Sets how it opens: animating to its measured height (`block`) or width (`inline`), or without animation.
   * Requires structure.css.
   *
   * @defaultValue `none`
   * @example { elastic: 'block' }
   */
  elastic?: ElasticAxis | 'none';
}

/** A wired disclosure: its state `open`, and the methods `show`, `close` and `toggle`. */
export interface Disclosure extends Wired<DisclosureOptions>, Cells<Openable>, OpenMethods {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireDisclosure`. */
    disclosure: DisclosureOptions;
  }
}
registerPattern(disclosure.name, disclosure.options, wireDisclosure);

/**
 * Wires a disclosure. `root` is the panel, which buttons name with `commandfor` or `aria-controls`, or a
 * `<details>`. Follows the WAI-ARIA disclosure pattern.
 *
 * @param root - The panel, or the `<details>`.
 * @param own - The options.
 * @returns The wired disclosure.
 * @throws TypeError if `root` isn't an element or is already wired, or if an option is unknown or has an
 * invalid value.
 */
export function wireDisclosure(root: HTMLElement, own?: DisclosureOptions): Disclosure {
  const options = optionsOf(disclosure, own, root);
  const { open, content, elastic = 'none' } = options;
  const make = (): Disclosure => {
    const wired = wire<Openable, DisclosureOptions, OpenIntent>(root, disclosure, options, (engine) => {
      const load = async () => (await import('../../motion/expand-root.js')).expandRoot;
      const moving =
        elastic === 'none' ? {} : lazyService({}, engine, async () => (await load())(engine, elastic));
      return withContent(engine, moving);
    });
    return keepWired({ ...wired, ...openMethods(wired) });
  };
  // An initial state, content or motion has effects before the first use.
  return open === undefined && !content && elastic === 'none'
    ? whenTouched(root, disclosure, options, make, findableLater)
    : make();
}
