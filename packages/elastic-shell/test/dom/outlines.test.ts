// Outlines: what a server writes of a part is what the engine writes of it, so that nothing changes when it is wired.
import {
  accordionOutline,
  type Attributes,
  carouselOutline,
  comboboxOutline,
  dialogOutline,
  disclosureOutline,
  drawerOutline,
  listboxOutline,
  menuOutline,
  popoverOutline,
  switchOutline,
  tabsOutline,
  tooltipOutline,
  treeOutline,
} from 'elastic-shell/core';
import * as library from '../../src/index';
import { get, page, settle } from './page';

/** Attributes as HTML. */
const html = (attributes: Attributes): string =>
  Object.entries(attributes)
    .filter(([, value]) => value !== null)
    .map(([name, value]) => ` ${name}="${value}"`)
    .join('');

const set = (...keys: string[]): ReadonlySet<string> => new Set(keys);
const nothing: ReadonlySet<string> = set();

/** A page of one pattern, its options for the engine, and what is written when it is wired. */
const pages: Record<string, [markup: () => string, wire: (root: HTMLElement) => library.Wired]> = {
  accordion: [
    () => {
      const given = { id: 'r', state: { expanded: set('b') }, options: { keepOne: true } };
      const { single, each } = accordionOutline;
      return `<div${html(single.root(given))}>${['a', 'b']
        .map(
          (key) =>
            `<h3><button${html(each.header(given, key))}>${key}</button></h3><div${html(each.panel(given, key))}>p</div>`,
        )
        .join('')}</div>`;
    },
    (root) => library.wireAccordion(root, { keepOne: true }),
  ],
  carousel: [
    () => {
      const given = { id: 'r', state: { selected: 'a', rotating: false }, options: {} };
      const { single, each } = carouselOutline;
      return `<section${html(single.root(given))} aria-label="c"><button${html(single.nextButton(given))}>n</button>
        <div${html(single.slides(given))}><div${html(each.slide(given, 'a'))}>a</div></div></section>`;
    },
    (root) => library.wireCarousel(root),
  ],
  combobox: [
    () => {
      const state = { open: false, selected: 'b', current: undefined, query: '', text: '' };
      const given = { id: 'r', state, options: {}, items: [{ key: 'b', label: 'Bee' }] };
      const { single, each } = comboboxOutline;
      return `<div${html(single.root(given))}><label${html(single.label(given))}>l</label>
        <div${html(single.box(given))}><input${html(single.field(given))}><button${html(single.toggler(given))} aria-label="t"></button></div>
        <div${html(single.popup(given))}><div${html(single.list(given))}><div${html(each.option(given, 'b'))}>Bee</div></div></div></div>`;
    },
    (root) => library.wireCombobox(root),
  ],
  dialog: [
    () => {
      const given = { id: 'r', state: { open: false }, options: { size: 'narrow' as const } };
      const { single, each } = dialogOutline;
      return `<button${html(each.opener(given))}>o</button><dialog${html(single.root(given))}><h2${html(single.title(given))}>t</h2><button${html(each.closer(given, 'yes'))}>c</button></dialog>`;
    },
    (root) => library.wireDialog(root, { size: 'narrow' }),
  ],
  disclosure: [
    () => {
      const given = { id: 'r', state: { open: false }, options: {} };
      return `<button${html(disclosureOutline.each.opener(given))}>o</button><div${html(disclosureOutline.single.root(given))}>p</div>`;
    },
    (root) => library.wireDisclosure(root),
  ],
  drawer: [
    () => {
      const given = { id: 'r', state: { open: false }, options: { modal: false } };
      const { single, each } = drawerOutline;
      return `<button${html(each.opener(given))}>o</button><dialog${html(single.root(given))}><h2>t</h2></dialog>`;
    },
    (root) => library.wireDrawer(root, { modal: false }),
  ],
  listbox: [
    () => {
      const given = {
        id: 'r',
        state: { selected: set('b'), current: undefined },
        options: { multiple: true },
      };
      const { single, each } = listboxOutline;
      return `<div${html(single.root(given))} aria-label="l">${['a', 'b'].map((key) => `<div${html(each.option(given, key))}>${key}</div>`).join('')}</div>`;
    },
    (root) => library.wireListbox(root, { multiple: true }),
  ],
  menu: [
    () => {
      const given = { id: 'r', state: { open: false, checked: set('b'), current: 'a' }, options: {} };
      const { single, each } = menuOutline;
      return `<button${html(each.opener(given))}>o</button><div${html(single.root(given))} aria-label="m">
        <button${html(each.item(given, 'a'))}>a</button><button${html(each.checkbox(given, 'b'))}>b</button></div>`;
    },
    (root) => library.wireMenu(root),
  ],
  popover: [
    () => {
      const given = { id: 'r', state: { open: false }, options: {} };
      return `<button${html(popoverOutline.each.opener(given))}>o</button><div${html(popoverOutline.single.root(given))}>p</div>`;
    },
    (root) => library.wirePopover(root),
  ],
  switch: [
    () =>
      `<button${html(switchOutline.single.root({ id: 'r', state: { checked: true }, options: {} }))}>s</button>`,
    (root) => library.wireSwitch(root),
  ],
  tabs: [
    () => {
      const given = {
        id: 'r',
        state: { selected: 'b', closed: nothing },
        options: { orientation: 'vertical' as const },
      };
      const { single, each } = tabsOutline;
      return `<div${html(single.root(given))}><div${html(single.list(given))} aria-label="l">${['a', 'b'].map((key) => `<button${html(each.tab(given, key))}>${key}</button>`).join('')}</div>
        ${['a', 'b'].map((key) => `<div${html(each.panel(given, key))}><a href="#">x</a></div>`).join('')}</div>`;
    },
    (root) => library.wireTabs(root, { orientation: 'vertical' }),
  ],
  tooltip: [
    () => {
      const given = { id: 'r', state: { open: false }, options: {} };
      return `<button${html(tooltipOutline.each.described(given))}>o</button><div${html(tooltipOutline.single.root(given))}>p</div>`;
    },
    (root) => library.wireTooltip(root),
  ],
  tree: [
    () => {
      const state = {
        selected: 'leaf',
        current: undefined,
        expanded: set('top'),
        checked: nothing,
        query: '',
      };
      const given = { id: 'r', state, options: {} };
      const { single, each } = treeOutline;
      return `<ul${html(single.root(given))} aria-label="t"><li${html(each.branch(given, 'top'))}>top<ul${html(single.group(given))}><li${html(each.leaf(given, 'leaf'))}>leaf</li></ul></li></ul>`;
    },
    (root) => library.wireTree(root),
  ],
};

describe.each(Object.entries(pages))('%s', (_, [markup, wire]) => {
  it('is written as the engine writes it', async () => {
    page(markup());
    const all = [...document.body.querySelectorAll('*')];
    const written = all.map((element) =>
      [...element.attributes].map(({ name, value }) => [name, value] as const),
    );
    const wired = wire(get('r'));
    await settle();
    const changed = all.flatMap((element, at) =>
      (written[at] ?? []).flatMap(([name, value]) => {
        const now = element.getAttribute(name);
        // What has no popovers shows them without the attribute.
        return now === value || (name === 'popover' && now === null)
          ? []
          : [`<${element.localName}> ${name}: ${value} → ${now}`];
      }),
    );
    expect(changed).toEqual([]);
    wired.unwire();
  });
});

it('gives ids that hold together, whatever the keys hold', () => {
  const given = { id: 'r', state: { selected: 'a b', closed: nothing }, options: {} };
  const tab = tabsOutline.each.tab(given, 'a b');
  const panel = tabsOutline.each.panel(given, 'a b');
  expect([tab['aria-controls'], panel['aria-labelledby']]).toEqual([panel['id'], tab['id']]);
  expect(tab['id']).not.toMatch(/\s/);
});

it('reads the label of a row past the comments that frameworks leave', () => {
  page(
    '<ul id="r" role="tree" aria-label="t"><li data-key="a">A</li><li data-key="q"><!--$-->Quay<!--/--></li></ul>',
  );
  const wired = library.wireTree(get('r'));
  get('r').querySelector<HTMLElement>('[data-key=a]')!.focus();
  document.activeElement!.dispatchEvent(
    new KeyboardEvent('keydown', { key: 'q', bubbles: true, cancelable: true }),
  );
  expect(document.activeElement).toBe(get('r').querySelector('[data-key=q]'));
  wired.unwire();
});
