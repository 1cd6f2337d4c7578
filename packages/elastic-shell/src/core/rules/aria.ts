// Roles, states and properties from the standards, as data for the rules: WAI-ARIA 1.2 and 1.3, Graphics and
// DPUB modules, and implicit roles from ARIA in HTML. Only what rules need is included.

const list = (words: string): readonly string[] => words.trim().split(/\s+/);

const widgets =
  list(`button checkbox combobox gridcell link listbox menu menubar menuitem menuitemcheckbox menuitemradio option
  progressbar radio radiogroup scrollbar searchbox separator slider spinbutton switch tab tablist tabpanel textbox tree treegrid
  treeitem grid`);

const structure =
  list(`alert alertdialog application article banner blockquote caption cell code columnheader comment
  complementary contentinfo definition deletion dialog directory document emphasis feed figure form generic group heading
  image img insertion list listitem log main mark marquee math meter navigation none note paragraph presentation region row
  rowgroup rowheader search sectionfooter sectionheader status strong subscript suggestion superscript table term time timer
  toolbar tooltip`);

const graphics = list('graphics-document graphics-object graphics-symbol');

const books =
  list(`doc-abstract doc-acknowledgments doc-afterword doc-appendix doc-backlink doc-biblioentry doc-bibliography
  doc-biblioref doc-chapter doc-colophon doc-conclusion doc-cover doc-credit doc-credits doc-dedication doc-endnote doc-endnotes
  doc-epigraph doc-epilogue doc-errata doc-example doc-footnote doc-foreword doc-glossary doc-glossref doc-index
  doc-introduction doc-noteref doc-notice doc-pagebreak doc-pagefooter doc-pageheader doc-pagelist doc-part doc-preface
  doc-prologue doc-pullquote doc-qna doc-subtitle doc-tip doc-toc`);

/** Every role of the standards. */
export const roles: ReadonlySet<string> = new Set([...widgets, ...structure, ...graphics, ...books]);

const truths = ['true', 'false'];
const mixed = [...truths, 'mixed'];

/**
 * The values of an attribute: one of several words, an id, ids, an integer, a number, several words, or any
 * text.
 */
export type AriaKind =
  readonly string[] | 'id' | 'ids' | 'integer' | 'number' | 'text' | { words: readonly string[] };

/** Every state and property by its name without `aria-`, with its values. */
export const ariaAttributes: Readonly<Record<string, AriaKind>> = {
  activedescendant: 'id',
  atomic: truths,
  autocomplete: ['inline', 'list', 'both', 'none'],
  braillelabel: 'text',
  brailleroledescription: 'text',
  busy: truths,
  checked: mixed,
  colcount: 'integer',
  colindex: 'integer',
  colindextext: 'text',
  colspan: 'integer',
  controls: 'ids',
  current: ['page', 'step', 'location', 'date', 'time', ...truths],
  describedby: 'ids',
  description: 'text',
  details: 'ids',
  disabled: truths,
  dropeffect: { words: ['copy', 'execute', 'link', 'move', 'none', 'popup'] },
  errormessage: 'ids',
  expanded: truths,
  flowto: 'ids',
  grabbed: truths,
  haspopup: [...truths, 'menu', 'listbox', 'tree', 'grid', 'dialog'],
  hidden: truths,
  invalid: ['grammar', 'spelling', ...truths],
  keyshortcuts: 'text',
  label: 'text',
  labelledby: 'ids',
  level: 'integer',
  live: ['assertive', 'off', 'polite'],
  modal: truths,
  multiline: truths,
  multiselectable: truths,
  orientation: ['horizontal', 'vertical'],
  owns: 'ids',
  placeholder: 'text',
  posinset: 'integer',
  pressed: mixed,
  readonly: truths,
  relevant: { words: ['additions', 'all', 'removals', 'text'] },
  required: truths,
  roledescription: 'text',
  rowcount: 'integer',
  rowindex: 'integer',
  rowindextext: 'text',
  rowspan: 'integer',
  selected: truths,
  setsize: 'integer',
  sort: ['ascending', 'descending', 'none', 'other'],
  valuemax: 'number',
  valuemin: 'number',
  valuenow: 'number',
  valuetext: 'text',
};

/** The required states of a role. Native elements with the role provide them. */
export const requiredStates: Readonly<Record<string, readonly string[]>> = {
  checkbox: ['checked'],
  combobox: ['expanded'],
  heading: ['level'],
  menuitemcheckbox: ['checked'],
  menuitemradio: ['checked'],
  meter: ['valuenow'],
  radio: ['checked'],
  scrollbar: ['controls', 'valuenow'],
  slider: ['valuenow'],
  switch: ['checked'],
};

/** Roles whose children are presentational: their content isn't exposed. */
export const flat: ReadonlySet<string> = new Set(
  list(`button checkbox image img math menuitemcheckbox menuitemradio meter option progressbar radio scrollbar separator slider
    switch tab`),
);

/** The roles that support a state. On other roles it has no effect. */
export const statesOf: Readonly<Record<string, ReadonlySet<string>>> = {
  checked: new Set(list('checkbox menuitemcheckbox menuitemradio option radio switch treeitem')),
  pressed: new Set(['button']),
  selected: new Set(list('columnheader gridcell option row rowheader tab treeitem')),
  expanded: new Set(
    list(`application button checkbox columnheader combobox gridcell link listbox menuitem menuitemcheckbox menuitemradio row
      rowheader switch tab treeitem`),
  ),
};

/** The role of each kind of `<input>`. */
export const inputRoles: Readonly<Record<string, string>> = {
  button: 'button',
  checkbox: 'checkbox',
  image: 'button',
  number: 'spinbutton',
  radio: 'radio',
  range: 'slider',
  reset: 'button',
  search: 'searchbox',
  submit: 'button',
  hidden: '',
  color: '',
  date: '',
  'datetime-local': '',
  file: '',
  month: '',
  password: '',
  time: '',
  week: '',
};

/** The role of an element from its tag alone. */
export const tagRoles: Readonly<Record<string, string>> = {
  article: 'article',
  aside: 'complementary',
  button: 'button',
  details: 'group',
  dialog: 'dialog',
  fieldset: 'group',
  figure: 'figure',
  form: 'form',
  h1: 'heading',
  h2: 'heading',
  h3: 'heading',
  h4: 'heading',
  h5: 'heading',
  h6: 'heading',
  hr: 'separator',
  img: 'img',
  li: 'listitem',
  main: 'main',
  math: 'math',
  menu: 'list',
  meter: 'meter',
  nav: 'navigation',
  ol: 'list',
  option: 'option',
  output: 'status',
  p: 'paragraph',
  progress: 'progressbar',
  search: 'search',
  section: 'region',
  table: 'table',
  td: 'cell',
  textarea: 'textbox',
  tr: 'row',
  ul: 'list',
};
