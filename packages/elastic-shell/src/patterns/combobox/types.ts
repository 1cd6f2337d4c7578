// The options of a combobox beyond what is to choose from.
import type { Item } from '../../core/collection/items.js';
import type { ComboboxChoices } from '../../core/contract/combobox.js';
import type { AnchorOptions } from '../../position/anchored.js';
import type { OpenOptions } from '../../engine/types.js';
import type { ChoicesOptions } from './options-source.js';
import type { ComboboxWords } from './words.js';

export interface RunOptions
  extends OpenOptions, ComboboxChoices, ChoicesOptions, Omit<AnchorOptions, 'anchor'> {
  /** Makes an option of what was typed, at once or by a promise; the list offers to add it. Default: none. */
  create?(query: string): Item | PromiseLike<Item>;
  /** The name under which the selected keys, or the free text, are sent with a form. Default: the attribute data-name of the root. */
  name?: string;
  /** Whether a form can be sent with nothing selected. Default: as the field says. */
  required?: boolean;
  messages?: ComboboxWords;
}
