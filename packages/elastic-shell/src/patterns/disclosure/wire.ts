// The disclosure on an element: `wireDisclosure`.
import type { Cell } from '../../core/cell.js';
import type { Openable } from '../../core/contract/openable.js';
import { disclosure } from '../../core/contract/disclosure.js';
import { type ContentOptions, withContent } from '../../content/content.js';
import type { ElasticAxis } from '../../motion/expand.js';
import { wire } from '../../engine/engine.js';
import { lazyService } from '../../engine/lazy-service.js';
import type { OpenOptions, Wired } from '../../engine/types.js';

export interface DisclosureOptions extends OpenOptions, ContentOptions {
  /** Along which axis it opens by its measured size; needs structure.css. Default: neither, it opens at once. */
  elastic?: ElasticAxis;
}

export interface Disclosure extends Wired {
  readonly open: Cell<boolean>;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    disclosure: DisclosureOptions;
  }
}

/**
 * Wires a disclosure. `root` is the panel, which buttons name by `commandfor` or `aria-controls`,
 * or a `<details>`. Follows the WAI-ARIA disclosure pattern. Throws a TypeError when `root` is no
 * element or is wired already.
 */
export const wireDisclosure = (root: HTMLElement, options?: DisclosureOptions): Disclosure =>
  wire<Openable, DisclosureOptions>(root, disclosure, options, (engine) => {
    const { elastic } = engine.options;
    const service = elastic
      ? lazyService({}, engine, async () =>
          (await import('../../motion/expand-root.js')).elasticRoot(engine, elastic),
        )
      : {};
    return withContent(engine, service);
  });
