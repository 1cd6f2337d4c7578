<script lang="ts">
  // Accordions, tabs, carousels, trees and menus.
  import { Content, Rows, useAccordion, useCarousel, useMenu, useTabs, useTree } from 'elastic-shell/svelte';
  import type { TreeNode } from 'elastic-shell';
  import { boatParts, later, plates, sheets, steps, stores, tides, yard } from 'quillhaven-gallery/data';
  import type LaterPart from './LaterPart.svelte';
  import GallerySection from './GallerySection.svelte';
  import { useServed } from './served';
  import TreeRows from './TreeRows.svelte';

  const accordion = useAccordion({ expanded: ['before'] });
  let expanded = $state.raw<ReadonlySet<string>>(new Set(['morning']));
  const exclusive = useAccordion({
    exclusive: true,
    keepOne: true,
    arrows: true,
    get expanded() {
      return expanded;
    },
    set expanded(keys) {
      expanded = keys;
    },
  });

  const tabs = useTabs({ selected: useServed() ? 'rig' : 'hull' });
  let open = $state(sheets);
  let tab = $state<string | undefined>('sheet-1');
  const closable = useTabs({
    get selected() {
      return tab;
    },
    set selected(key) {
      tab = key;
    },
    activation: 'manual',
    closable: true,
    onChange(change) {
      if (change.name === 'closed') open = open.filter(({ key }) => !change.value.has(key));
    },
  });
  const more = () => {
    open = [{ key: `sheet-${Date.now()}`, title: 'Another sheet', text: 'Nothing yet.' }, ...open];
  };
  const lazy = useTabs({
    content: (_, key) => (key === 'later' ? later(300, import('./LaterPart.svelte')) : undefined),
  });

  const carousel = useCarousel();
  const picked = useCarousel({ wrap: false });

  const tree = useTree({ expanded: useServed() ? ['sheds'] : [] });
  const data = useTree<TreeNode>({ items: stores, checks: true });

  let said = $state('');
  const say = ({ key }: { key: string }) => {
    said = key;
  };
  const menu = useMenu({ onPick: say, checked: ['lights', 'waiting'] });
  const move = useMenu({ onPick: say });
</script>

<GallerySection id="accordion" title="Accordion">
  <div {...accordion.root}>
    {#each steps as { key, title, text } (key)}
      <div>
        <h3>
          <button {...accordion.header(key)}>
            <span data-marker="plus" aria-hidden="true"></span>{title}
          </button>
        </h3>
        <div {...accordion.panel(key)} class="section">
          <p>{text}</p>
        </div>
      </div>
    {/each}
  </div>

  <h3>One at a time, one always open, with arrow keys</h3>
  <div {...exclusive.root}>
    {#each tides as { key, title, text } (key)}
      <div>
        <h4>
          <button {...exclusive.header(key)}>
            <span data-marker="plus" aria-hidden="true"></span>{title}
          </button>
        </h4>
        <div {...exclusive.panel(key)} class="section">
          <p>{text}</p>
        </div>
      </div>
    {/each}
  </div>
  <output>{[...expanded].join()}</output>
</GallerySection>

<GallerySection id="tabs" title="Tabs">
  <div {...tabs.root}>
    <div {...tabs.list} aria-label="Plain tabs">
      {#each boatParts as { key, title } (key)}
        <button {...tabs.tab(key)}>{title}</button>
      {/each}
    </div>
    <div class="panels">
      {#each boatParts as { key, text } (key)}
        <div {...tabs.panel(key)} class="section">
          <p>{text}</p>
        </div>
      {/each}
    </div>
  </div>

  <h3>Manual, closable, by the component's own list</h3>
  <div {...closable.root}>
    <div {...closable.list} aria-label="Closable tabs">
      {#each open as { key, title } (key)}
        <button {...closable.tab(key)}>
          {title} <span {...closable.closer}>×</span>
        </button>
      {/each}
    </div>
    <div class="panels">
      {#each open as { key, text } (key)}
        <div {...closable.panel(key)} class="section">
          <p>{text}</p>
        </div>
      {/each}
    </div>
  </div>
  <p class="row">
    <button type="button" onclick={more}>Add a sheet</button>
    <button type="button" onclick={() => (open = [...open].reverse())}>Turn the order round</button>
    <output>{tab}</output>
  </p>

  <h3>With a panel that comes later</h3>
  <div {...lazy.root}>
    <div {...lazy.list} aria-label="Lazy tabs">
      <button {...lazy.tab('now')}>Now</button>
      <button {...lazy.tab('later')}>Later</button>
    </div>
    <div class="panels">
      <div {...lazy.panel('now')} class="section"><p>Here already.</p></div>
      <div {...lazy.panel('later')} class="section"></div>
    </div>
    <Content of={lazy}>
      {#snippet children(module: { default: typeof LaterPart }, key)}
        <module.default of={key ?? ''} />
      {/snippet}
    </Content>
  </div>
</GallerySection>

<GallerySection id="carousel" title="Carousel">
  <section {...carousel.root} aria-label="Plates">
    <div class="row">
      <button {...carousel.previousButton}>Previous</button>
      <button {...carousel.nextButton}>Next</button>
    </div>
    <div {...carousel.slides}>
      {#each plates as plate (plate)}
        <div {...carousel.slide(plate)}>
          <p class="slide">Plate {plate}</p>
          <p>
            <a href="#carousel">More of plate {plate}</a>
          </p>
        </div>
      {/each}
    </div>
  </section>

  <h3>Pickers as tabs, no wrapping</h3>
  <section {...picked.root} aria-label="Picked plates">
    <div {...picked.pickers} aria-label="Choose a plate">
      {#each plates as plate (plate)}
        <button {...picked.picker(plate)}>{plate}</button>
      {/each}
    </div>
    <div {...picked.slides}>
      {#each plates as plate (plate)}
        <div {...picked.slide(plate)}>
          <p class="slide">Plate {plate}</p>
        </div>
      {/each}
    </div>
  </section>
</GallerySection>

<GallerySection id="tree" title="Tree">
  <ul {...tree.root} aria-label="Yard">
    <TreeRows {tree} places={yard} />
  </ul>

  <h3>10,000 rows by components</h3>
  <p class="row">
    <label>Find <input {...data.search} /></label>
  </p>
  <div {...data.root} aria-label="Stores" class="box tall"></div>
  <Rows of={data}>
    {#snippet children(item)}
      <span class="rivet">{item.label} <small>by a component</small></span>
    {/snippet}
  </Rows>
</GallerySection>

<GallerySection id="menu" title="Menu">
  <button {...menu.opener()}>Boat</button>
  <div {...menu.root} aria-label="Boat">
    <button {...menu.item('lift')}>Lift</button>
    <button {...menu.item('launch')}>Launch</button>
    <button {...menu.item('scrap')} aria-disabled="true">Break up</button>
    <button {...menu.item('move')} {...move.branch()}>Move to</button>
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
</GallerySection>
