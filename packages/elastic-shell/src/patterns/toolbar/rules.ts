// Rules about toolbars.
import { tagText, writtenRole } from '../../core/rules/markup.js';
import { isLabelled } from '../../core/rules/names.js';
import type { Test } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

const isToolbar: Test = (element) => writtenRole(element) === 'toolbar';

/** Rules about toolbars. */
export const toolbarRules: readonly Rule[] = [
  {
    code: 'toolbar-name-missing',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Toolbar: each of several has a name',
    summary: 'One of several toolbars has no name.',
    on: ['[role=toolbar]'],
    find: (element, page) =>
      !isToolbar(element) || isLabelled(element, page) || page.all(isToolbar).length < 2
        ? undefined
        : {
            element,
            sentence: `${tagText(element)} is one of several toolbars but has no name, so screen readers can’t distinguish them.`,
            remedy: 'Add aria-label, or aria-labelledby with the id of its heading.',
            ...(page.isScripted && { severity: 'warning' }),
          },
  },
];
