// The toolbar, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { toolbar, toolbarKeys } from '../core/contract/toolbar.js';
import { toolbarRules } from '../patterns/toolbar/rules.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

describePattern(toolbar, {
  rules: toolbarRules,
  isRoot: withRole('toolbar'),
  needs: [['an element with role="toolbar"', withRole('toolbar')]],
  keys: ({ options, orientation }) => toolbarKeys({ ...options, orientation }),
  selector: '[role=toolbar]',
  walk: ['Tab', 'ArrowRight', 'ArrowRight', 'End', 'Home', 'Tab'],
  sample: { given: { current: 'first' }, words: ['with the tab stop', 'without it'] },
});
