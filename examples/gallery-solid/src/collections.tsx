// Accordions, tabs, carousels, trees and menus.
import {
  Content,
  Rows,
  createAccordion,
  createCarousel,
  createMenu,
  createTabs,
  createTree,
} from 'elastic-shell/solid';
import type { TreeNode } from 'elastic-shell';
import {
  boatParts,
  later,
  type Place,
  plates,
  sheets,
  steps,
  stores,
  tides,
  yard,
} from 'quillhaven-gallery/data';
import { createSignal, For, Show } from 'solid-js';
import { Instance, Section } from './section';
import { useServed } from './served';

function PlainAccordion() {
  const accordion = createAccordion({ expanded: ['before'] });
  return (
    <div {...accordion.root}>
      <For each={steps}>
        {({ key, title, text }) => (
          <div>
            <h3>
              <button {...accordion.header(key)}>
                <span data-marker="plus" aria-hidden="true" />
                {title}
              </button>
            </h3>
            <div {...accordion.panel(key)} class="section">
              <p>{text}</p>
            </div>
          </div>
        )}
      </For>
    </div>
  );
}

function ExclusiveAccordion() {
  const [expanded, setExpanded] = createSignal<ReadonlySet<string>>(new Set(['morning']));
  const accordion = createAccordion({
    expanded: [expanded, setExpanded],
    exclusive: true,
    keepOne: true,
    arrows: true,
  });
  return (
    <>
      <div {...accordion.root}>
        <For each={tides}>
          {({ key, title, text }) => (
            <div>
              <h4>
                <button {...accordion.header(key)}>
                  <span data-marker="plus" aria-hidden="true" />
                  {title}
                </button>
              </h4>
              <div {...accordion.panel(key)} class="section">
                <p>{text}</p>
              </div>
            </div>
          )}
        </For>
      </div>
      <output>{[...expanded()].join()}</output>
    </>
  );
}

function PlainTabs() {
  const tabs = createTabs({ selected: useServed() ? 'rig' : 'hull' });
  return (
    <div {...tabs.root}>
      <div {...tabs.list} aria-label="Plain tabs">
        <For each={boatParts}>{({ key, title }) => <button {...tabs.tab(key)}>{title}</button>}</For>
      </div>
      <div class="panels">
        <For each={boatParts}>
          {({ key, text }) => (
            <div {...tabs.panel(key)} class="section">
              <p>{text}</p>
            </div>
          )}
        </For>
      </div>
    </div>
  );
}

/** Tabs that the component itself removes from its list. */
function ClosableTabs() {
  const [open, setOpen] = createSignal(sheets);
  const [tab, setTab] = createSignal<string | undefined>('sheet-1');
  const tabs = createTabs({
    selected: [tab, setTab],
    activation: 'manual',
    closable: true,
    onChange: ({ name, value }) => {
      if (name === 'closed') setOpen((all) => all.filter(({ key }) => !value.has(key)));
    },
  });
  const more = () => {
    const key = `sheet-${Date.now()}`;
    setOpen((all) => [{ key, title: 'Another sheet', text: 'Nothing yet.' }, ...all]);
  };
  return (
    <>
      <div {...tabs.root}>
        <div {...tabs.list} aria-label="Closable tabs">
          <For each={open()}>
            {({ key, title }) => (
              <button {...tabs.tab(key)}>
                {title} <span {...tabs.closer}>×</span>
              </button>
            )}
          </For>
        </div>
        <div class="panels">
          <For each={open()}>
            {({ key, text }) => (
              <div {...tabs.panel(key)} class="section">
                <p>{text}</p>
              </div>
            )}
          </For>
        </div>
      </div>
      <p class="row">
        <button type="button" onClick={more}>
          Add a sheet
        </button>
        <button type="button" onClick={() => setOpen((all) => [...all].reverse())}>
          Turn the order round
        </button>
        <output>{tab()}</output>
      </p>
    </>
  );
}

const Later = (props: { of: string }) => <p>Came later, for {props.of}.</p>;

function LazyTabs() {
  const tabs = createTabs({
    content: (_, key) => (key === 'later' ? later(300, { default: Later }) : undefined),
  });
  return (
    <div {...tabs.root}>
      <div {...tabs.list} aria-label="Lazy tabs">
        <button {...tabs.tab('now')}>Now</button>
        <button {...tabs.tab('later')}>Later</button>
      </div>
      <div class="panels">
        <div {...tabs.panel('now')} class="section">
          <p>Here already.</p>
        </div>
        <div {...tabs.panel('later')} class="section" />
      </div>
      <Content<{ default: typeof Later }> of={tabs}>
        {(module, key) => <module.default of={key ?? ''} />}
      </Content>
    </div>
  );
}

function PlainCarousel() {
  const carousel = createCarousel();
  return (
    <section {...carousel.root} aria-label="Plates">
      <div class="row">
        <button {...carousel.previousButton}>Previous</button>
        <button {...carousel.nextButton}>Next</button>
      </div>
      <div {...carousel.slides}>
        <For each={plates}>
          {(plate) => (
            <div {...carousel.slide(plate)}>
              <p class="slide">Plate {plate}</p>
              <p>
                <a href="#carousel">More of plate {plate}</a>
              </p>
            </div>
          )}
        </For>
      </div>
    </section>
  );
}

function PickedCarousel() {
  const carousel = createCarousel({ wrap: false });
  return (
    <section {...carousel.root} aria-label="Picked plates">
      <div {...carousel.pickers} aria-label="Choose a plate">
        <For each={plates}>{(plate) => <button {...carousel.picker(plate)}>{plate}</button>}</For>
      </div>
      <div {...carousel.slides}>
        <For each={plates}>
          {(plate) => (
            <div {...carousel.slide(plate)}>
              <p class="slide">Plate {plate}</p>
            </div>
          )}
        </For>
      </div>
    </section>
  );
}

type TreeHandle = ReturnType<typeof createTree>;

const Branches = (props: { tree: TreeHandle; places: readonly Place[] }) => (
  <For each={props.places}>
    {({ key, label, places: within }) => (
      <li {...(within ? props.tree.branch(key) : props.tree.leaf(key))}>
        {label}
        <Show when={within}>
          {(places) => (
            <ul {...props.tree.group}>
              <Branches tree={props.tree} places={places()} />
            </ul>
          )}
        </Show>
      </li>
    )}
  </For>
);

function PlainTree() {
  const tree = createTree({ expanded: useServed() ? ['sheds'] : [] });
  return (
    <ul {...tree.root} aria-label="Yard">
      <Branches tree={tree} places={yard} />
    </ul>
  );
}

const Part = (props: { node: TreeNode }) => (
  <span class="rivet">
    {props.node.label} <small>by a component</small>
  </span>
);

function DataTree() {
  const tree = createTree<TreeNode>({ items: stores, checks: true });
  return (
    <>
      <p class="row">
        <label>
          Find <input {...tree.search} />
        </label>
      </p>
      <div {...tree.root} aria-label="Stores" class="box tall" />
      <Rows of={tree}>{(node) => <Part node={node()} />}</Rows>
    </>
  );
}

function PlainMenu() {
  const [said, say] = createSignal('');
  const menu = createMenu({ onPick: ({ key }) => say(key), checked: ['lights', 'waiting'] });
  const move = createMenu({ onPick: ({ key }) => say(key) });
  return (
    <>
      <button {...menu.opener()}>Boat</button>
      <div {...menu.root} aria-label="Boat">
        <button {...menu.item('lift')}>Lift</button>
        <button {...menu.item('launch')}>Launch</button>
        <button {...menu.item('scrap')} aria-disabled="true">
          Break up
        </button>
        <button {...menu.item('move')} {...move.branch()}>
          Move to
        </button>
        <div {...move.root} aria-label="Move to">
          <button {...move.item('slip')}>Great slip</button>
          <button {...move.item('shed')}>Shed</button>
        </div>
        <hr {...menu.separator} />
        <button {...menu.checkbox('lights')}>Lights</button>
        <button {...menu.checkbox('pump')}>Pump</button>
        <div {...menu.group('State')}>
          <button {...menu.radio('waiting')}>Waiting</button>
          <button {...menu.radio('hand')}>In hand</button>
          <button {...menu.radio('held')}>Held</button>
        </div>
      </div>
      <output>{said()}</output>
    </>
  );
}

export function Collections() {
  return (
    <>
      <Section id="accordion" title="Accordion">
        <PlainAccordion />
        <Instance title="One at a time, one always open, with arrow keys">
          <ExclusiveAccordion />
        </Instance>
      </Section>
      <Section id="tabs" title="Tabs">
        <PlainTabs />
        <Instance title="Manual, closable, by the component's own list">
          <ClosableTabs />
        </Instance>
        <Instance title="With a panel that comes later">
          <LazyTabs />
        </Instance>
      </Section>
      <Section id="carousel" title="Carousel">
        <PlainCarousel />
        <Instance title="Pickers as tabs, no wrapping">
          <PickedCarousel />
        </Instance>
      </Section>
      <Section id="tree" title="Tree">
        <PlainTree />
        <Instance title="10,000 rows by components">
          <DataTree />
        </Instance>
      </Section>
      <Section id="menu" title="Menu">
        <PlainMenu />
      </Section>
    </>
  );
}
