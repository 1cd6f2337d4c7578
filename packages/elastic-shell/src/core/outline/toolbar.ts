// The outline of the toolbar.
import type { Attributes } from '../contract/contract.js';
import { toolbar as contract, type ToolbarChoices, type ToolbarState } from '../contract/toolbar.js';
import { type Given, type Outline, rootOf, stopAt } from './outline.js';

type Toolbar = Given<ToolbarState, ToolbarChoices>;

/**
 * The parts of a toolbar. Spread `root`, and `item(key)` onto each control. For controls that don't fit, spread `more` with the
 * `opener()` of a menu onto the button that shows them.
 */
export const toolbarOutline = {
  name: contract.name,
  first: { current: undefined },
  firstItem: { state: 'current', parts: ['item'] },
  single: {
    /** The bar. */
    root: (given: Toolbar): Attributes => ({ ...rootOf(contract.semantics, given), role: 'toolbar' }),
    /** A separator between items. */
    separator: (_: Toolbar): Attributes => ({ role: 'separator' }),
    /** The button for controls that don't fit. Spread it onto a `<button>`. */
    more: (_: Toolbar): Attributes => ({ 'data-more': '', hidden: '' }),
  },
  each: {
    /** A control of the bar. */
    item: (given: Toolbar, key: string): Attributes => ({
      'data-key': key,
      ...stopAt(given, key, [given.state.current]),
    }),
  },
} satisfies Outline<ToolbarState, ToolbarChoices>;
