<script setup lang="ts">
// Accordions, tabs, carousels, trees and menus.
import { Content, Rows, useAccordion, useCarousel, useMenu, useTabs, useTree } from 'elastic-shell/vue';
import type { TreeNode } from 'elastic-shell';
import { boatParts, later, plates, sheets, steps, stores, tides, yard } from 'quillhaven-gallery/data';
import { ref } from 'vue';
import GallerySection from './GallerySection.vue';
import { useServed } from './served';
import TreeRows from './TreeRows.vue';

const accordion = useAccordion({ expanded: ['before'] });
const expanded = ref<ReadonlySet<string>>(new Set(['morning']));
const exclusive = useAccordion({ expanded, exclusive: true, keepOne: true, arrows: true });

const tabs = useTabs({ selected: useServed() ? 'rig' : 'hull' });
const open = ref(sheets);
const tab = ref<string | undefined>('sheet-1');
const closable = useTabs({
  selected: tab,
  activation: 'manual',
  closable: true,
  onChange(change) {
    if (change.name === 'closed') open.value = open.value.filter(({ key }) => !change.value.has(key));
  },
});
const more = () => {
  open.value = [{ key: `sheet-${Date.now()}`, title: 'Another sheet', text: 'Nothing yet.' }, ...open.value];
};
const lazy = useTabs({
  content: (_, key) => (key === 'later' ? later(300, import('./LaterPart.vue')) : undefined),
});

const carousel = useCarousel();
const picked = useCarousel({ wrap: false });

const tree = useTree({ expanded: useServed() ? ['sheds'] : [] });
const data = useTree<TreeNode>({ items: stores, checks: true });

const said = ref('');
const say = ({ key }: { key: string }) => {
  said.value = key;
};
const menu = useMenu({ onPick: say, checked: ['lights', 'waiting'] });
const move = useMenu({ onPick: say });
</script>

<template>
  <GallerySection id="accordion" title="Accordion">
    <div v-bind="accordion.root">
      <div v-for="{ key, title, text } in steps" :key="key">
        <h3>
          <button v-bind="accordion.header(key)">
            <span data-marker="plus" aria-hidden="true"></span>{{ title }}
          </button>
        </h3>
        <div v-bind="accordion.panel(key)" class="section">
          <p>{{ text }}</p>
        </div>
      </div>
    </div>

    <h3>One at a time, one always open, with arrow keys</h3>
    <div v-bind="exclusive.root">
      <div v-for="{ key, title, text } in tides" :key="key">
        <h4>
          <button v-bind="exclusive.header(key)">
            <span data-marker="plus" aria-hidden="true"></span>{{ title }}
          </button>
        </h4>
        <div v-bind="exclusive.panel(key)" class="section">
          <p>{{ text }}</p>
        </div>
      </div>
    </div>
    <output>{{ [...expanded].join() }}</output>
  </GallerySection>

  <GallerySection id="tabs" title="Tabs">
    <div v-bind="tabs.root">
      <div v-bind="tabs.list" aria-label="Plain tabs">
        <button v-for="{ key, title } in boatParts" :key="key" v-bind="tabs.tab(key)">{{ title }}</button>
      </div>
      <div class="panels">
        <div v-for="{ key, text } in boatParts" :key="key" v-bind="tabs.panel(key)" class="section">
          <p>{{ text }}</p>
        </div>
      </div>
    </div>

    <h3>Manual, closable, by the component's own list</h3>
    <div v-bind="closable.root">
      <div v-bind="closable.list" aria-label="Closable tabs">
        <button v-for="{ key, title } in open" :key="key" v-bind="closable.tab(key)">
          {{ title }} <span v-bind="closable.closer">×</span>
        </button>
      </div>
      <div class="panels">
        <div v-for="{ key, text } in open" :key="key" v-bind="closable.panel(key)" class="section">
          <p>{{ text }}</p>
        </div>
      </div>
    </div>
    <p class="row">
      <button type="button" @click="more">Add a sheet</button>
      <button type="button" @click="open = [...open].reverse()">Turn the order round</button>
      <output>{{ tab }}</output>
    </p>

    <h3>With a panel that comes later</h3>
    <div v-bind="lazy.root">
      <div v-bind="lazy.list" aria-label="Lazy tabs">
        <button v-bind="lazy.tab('now')">Now</button>
        <button v-bind="lazy.tab('later')">Later</button>
      </div>
      <div class="panels">
        <div v-bind="lazy.panel('now')" class="section"><p>Here already.</p></div>
        <div v-bind="lazy.panel('later')" class="section"></div>
      </div>
      <Content v-slot="{ content, tab: key }" :of="lazy">
        <component :is="content.default" :of="key" />
      </Content>
    </div>
  </GallerySection>

  <GallerySection id="carousel" title="Carousel">
    <section v-bind="carousel.root" aria-label="Plates">
      <div class="row">
        <button v-bind="carousel.previousButton">Previous</button>
        <button v-bind="carousel.nextButton">Next</button>
      </div>
      <div v-bind="carousel.slides">
        <div v-for="plate in plates" :key="plate" v-bind="carousel.slide(plate)">
          <p class="slide">Plate {{ plate }}</p>
          <p>
            <a href="#carousel">More of plate {{ plate }}</a>
          </p>
        </div>
      </div>
    </section>

    <h3>Pickers as tabs, no wrapping</h3>
    <section v-bind="picked.root" aria-label="Picked plates">
      <div v-bind="picked.pickers" aria-label="Choose a plate">
        <button v-for="plate in plates" :key="plate" v-bind="picked.picker(plate)">{{ plate }}</button>
      </div>
      <div v-bind="picked.slides">
        <div v-for="plate in plates" :key="plate" v-bind="picked.slide(plate)">
          <p class="slide">Plate {{ plate }}</p>
        </div>
      </div>
    </section>
  </GallerySection>

  <GallerySection id="tree" title="Tree">
    <ul v-bind="tree.root" aria-label="Yard">
      <TreeRows :tree="tree" :places="yard" />
    </ul>

    <h3>10,000 rows by components</h3>
    <p class="row">
      <label>Find <input v-bind="data.search" /></label>
    </p>
    <div v-bind="data.root" aria-label="Stores" class="box tall"></div>
    <Rows v-slot="{ item }" :of="data">
      <span class="rivet">{{ item.label }} <small>by a component</small></span>
    </Rows>
  </GallerySection>

  <GallerySection id="menu" title="Menu">
    <button v-bind="menu.opener()">Boat</button>
    <div v-bind="menu.root" aria-label="Boat">
      <button v-bind="menu.item('lift')">Lift</button>
      <button v-bind="menu.item('launch')">Launch</button>
      <button v-bind="menu.item('scrap')" aria-disabled="true">Break up</button>
      <button v-bind="{ ...menu.item('move'), ...move.branch() }">Move to</button>
      <div v-bind="move.root" aria-label="Move to">
        <button v-bind="move.item('slip')">Great slip</button>
        <button v-bind="move.item('shed')">Shed</button>
      </div>
      <hr v-bind="menu.separator" />
      <button v-bind="menu.checkbox('lights')">Lights</button>
      <button v-bind="menu.checkbox('pump')">Pump</button>
      <div v-bind="menu.group('State')">
        <button v-bind="menu.radio('waiting')">Waiting</button>
        <button v-bind="menu.radio('hand')">In hand</button>
        <button v-bind="menu.radio('held')">Held</button>
      </div>
    </div>
    <output>{{ said }}</output>
  </GallerySection>
</template>
