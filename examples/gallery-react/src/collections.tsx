// Accordions, tabs, carousels, trees and menus.
import { Content, Rows, useAccordion, useCarousel, useMenu, useTabs, useTree } from 'elastic-shell/react';
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
import { useState } from 'react';
import { Instance, Section } from './section';
import { useServed } from './served';

function PlainAccordion() {
  const accordion = useAccordion({ expanded: ['before'] });
  return (
    <div {...accordion.root}>
      {steps.map(({ key, title, text }) => (
        <div key={key}>
          <h3>
            <button {...accordion.header(key)}>
              <span data-marker="plus" aria-hidden="true" />
              {title}
            </button>
          </h3>
          <div {...accordion.panel(key)} className="section">
            <p>{text}</p>
          </div>
        </div>
      ))}
    </div>
  );
}

function ExclusiveAccordion() {
  const [expanded, setExpanded] = useState<ReadonlySet<string>>(new Set(['morning']));
  const accordion = useAccordion({
    expanded: [expanded, setExpanded],
    exclusive: true,
    keepOne: true,
    arrows: true,
  });
  return (
    <>
      <div {...accordion.root}>
        {tides.map(({ key, title, text }) => (
          <div key={key}>
            <h4>
              <button {...accordion.header(key)}>
                <span data-marker="plus" aria-hidden="true" />
                {title}
              </button>
            </h4>
            <div {...accordion.panel(key)} className="section">
              <p>{text}</p>
            </div>
          </div>
        ))}
      </div>
      <output>{[...expanded].join()}</output>
    </>
  );
}

function PlainTabs() {
  const tabs = useTabs({ selected: useServed() ? 'rig' : 'hull' });
  return (
    <div {...tabs.root}>
      <div {...tabs.list} aria-label="Plain tabs">
        {boatParts.map(({ key, title }) => (
          <button key={key} {...tabs.tab(key)}>
            {title}
          </button>
        ))}
      </div>
      <div className="panels">
        {boatParts.map(({ key, text }) => (
          <div key={key} {...tabs.panel(key)} className="section">
            <p>{text}</p>
          </div>
        ))}
      </div>
    </div>
  );
}

/** Tabs that the component itself removes from its list. */
function ClosableTabs() {
  const [open, setOpen] = useState(sheets);
  const [tab, setTab] = useState<string | undefined>('sheet-1');
  const tabs = useTabs({
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
          {open.map(({ key, title }) => (
            <button key={key} {...tabs.tab(key)}>
              {title} <span {...tabs.closer}>×</span>
            </button>
          ))}
        </div>
        <div className="panels">
          {open.map(({ key, text }) => (
            <div key={key} {...tabs.panel(key)} className="section">
              <p>{text}</p>
            </div>
          ))}
        </div>
      </div>
      <p className="row">
        <button type="button" onClick={more}>
          Add a sheet
        </button>
        <button type="button" onClick={() => setOpen((all) => [...all].reverse())}>
          Turn the order round
        </button>
        <output>{tab}</output>
      </p>
    </>
  );
}

const Later = ({ of }: { of: string }) => <p>Came later, for {of}.</p>;

function LazyTabs() {
  const tabs = useTabs({
    content: (_, key) => (key === 'later' ? later(300, { default: Later }) : undefined),
  });
  return (
    <div {...tabs.root}>
      <div {...tabs.list} aria-label="Lazy tabs">
        <button {...tabs.tab('now')}>Now</button>
        <button {...tabs.tab('later')}>Later</button>
      </div>
      <div className="panels">
        <div {...tabs.panel('now')} className="section">
          <p>Here already.</p>
        </div>
        <div {...tabs.panel('later')} className="section" />
      </div>
      <Content<{ default: typeof Later }> of={tabs}>
        {(module, key) => <module.default of={key ?? ''} />}
      </Content>
    </div>
  );
}

function PlainCarousel() {
  const carousel = useCarousel();
  return (
    <section {...carousel.root} aria-label="Plates">
      <div className="row">
        <button {...carousel.previousButton}>Previous</button>
        <button {...carousel.nextButton}>Next</button>
      </div>
      <div {...carousel.slides}>
        {plates.map((plate) => (
          <div key={plate} {...carousel.slide(plate)}>
            <p className="slide">Plate {plate}</p>
            <p>
              <a href="#carousel">More of plate {plate}</a>
            </p>
          </div>
        ))}
      </div>
    </section>
  );
}

function PickedCarousel() {
  const carousel = useCarousel({ wrap: false });
  return (
    <section {...carousel.root} aria-label="Picked plates">
      <div {...carousel.pickers} aria-label="Choose a plate">
        {plates.map((plate) => (
          <button key={plate} {...carousel.picker(plate)}>
            {plate}
          </button>
        ))}
      </div>
      <div {...carousel.slides}>
        {plates.map((plate) => (
          <div key={plate} {...carousel.slide(plate)}>
            <p className="slide">Plate {plate}</p>
          </div>
        ))}
      </div>
    </section>
  );
}

type TreeHandle = ReturnType<typeof useTree>;

const Branches = ({ tree, places }: { tree: TreeHandle; places: readonly Place[] }) =>
  places.map(({ key, label, places: within }) => (
    <li key={key} {...(within ? tree.branch(key) : tree.leaf(key))}>
      {label}
      {within && (
        <ul {...tree.group}>
          <Branches tree={tree} places={within} />
        </ul>
      )}
    </li>
  ));

function PlainTree() {
  const tree = useTree({ expanded: useServed() ? ['sheds'] : [] });
  return (
    <ul {...tree.root} aria-label="Yard">
      <Branches tree={tree} places={yard} />
    </ul>
  );
}

const Part = ({ node }: { node: TreeNode }) => (
  <span className="rivet">
    {node.label} <small>by a component</small>
  </span>
);

function DataTree() {
  const tree = useTree<TreeNode>({ items: stores, checks: true });
  return (
    <>
      <p className="row">
        <label>
          Find <input {...tree.search} />
        </label>
      </p>
      <div {...tree.root} aria-label="Stores" className="box tall" />
      <Rows of={tree}>{(node) => <Part node={node} />}</Rows>
    </>
  );
}

function PlainMenu() {
  const [said, say] = useState('');
  const menu = useMenu({ onPick: ({ key }) => say(key), checked: ['lights', 'waiting'] });
  const move = useMenu({ onPick: ({ key }) => say(key) });
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
      <output>{said}</output>
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
