<script setup lang="ts">
// Listboxes, comboboxes and switches.
import { Rows, Tokens, useCombobox, useListbox, useSwitch } from 'elastic-shell/vue';
import { berths, gear, later, rigs, rivets, trades } from 'quillhaven-gallery/data';
import { reactive, ref } from 'vue';
import GallerySection from './GallerySection.vue';
import { useServed } from './served';

const listbox = useListbox(useServed() ? { selected: 'ketch' } : {});
// A set that is changed in place.
const chosenGear = reactive(new Set(['anchor']));
const several = useListbox({ multiple: true, selected: chosenGear });
const long = useListbox({ items: rivets });

const berth = useCombobox();
const kind = ref<string | undefined>('cutter');
const select = useCombobox({ selected: kind, items: rigs });
const rivet = useCombobox({ items: rivets });

const chosen = ref<ReadonlySet<string>>(new Set(['rigger']));
const tradesBox = useCombobox({ multiple: true, limit: 4, selected: chosen, items: trades });

const lights = useSwitch({ checked: useServed() });
const on = ref(true);
const pump = useSwitch({ checked: on });
const power = useSwitch({ guard: () => later(400, true) });
</script>

<template>
  <GallerySection id="listbox" title="Listbox">
    <div v-bind="listbox.root" aria-label="Rig" class="box">
      <div
        v-for="{ key, label, disabled } in rigs"
        :key="key"
        v-bind="listbox.option(key)"
        :aria-disabled="disabled"
      >
        {{ label }}
      </div>
    </div>

    <h3>Several</h3>
    <div v-bind="several.root" aria-label="Gear" class="box">
      <div v-for="{ key, label } in gear" :key="key" v-bind="several.option(key)">{{ label }}</div>
    </div>
    <output>{{ [...chosenGear].join() }}</output>

    <h3>10,000 options by components</h3>
    <div v-bind="long.root" aria-label="Rivets" class="box tall"></div>
    <Rows v-slot="{ item }" :of="long">
      <span class="rivet">{{ item.label }} <small>by a component</small></span>
    </Rows>
  </GallerySection>

  <GallerySection id="combobox" title="Combobox">
    <div v-bind="berth.root">
      <label v-bind="berth.label">Berth</label>
      <div v-bind="berth.box">
        <input v-bind="berth.field" />
        <button v-bind="berth.toggler" aria-label="Show berths">
          <span data-marker aria-hidden="true"></span>
        </button>
      </div>
      <div v-bind="berth.popup">
        <div v-bind="berth.list">
          <div v-for="{ key, label } in berths" :key="key" v-bind="berth.option(key)">{{ label }}</div>
        </div>
      </div>
    </div>

    <h3>To choose only</h3>
    <div v-bind="select.root">
      <span v-bind="select.label">Kind</span>
      <button v-bind="select.button">
        <span v-bind="select.value">{{ rigs.find(({ key }) => key === 'cutter')?.label }}</span><span
          data-marker
          aria-hidden="true"
        ></span>
      </button>
      <div v-bind="select.popup"><div v-bind="select.list"></div></div>
      <output>{{ kind }}</output>
    </div>

    <h3>10,000 options by components</h3>
    <div v-bind="rivet.root">
      <label v-bind="rivet.label">Rivet</label>
      <div v-bind="rivet.box"><input v-bind="rivet.field" /></div>
      <div v-bind="rivet.popup"><div v-bind="rivet.list"></div></div>
      <output>{{ rivet.query }}</output>
      <Rows v-slot="{ item }" :of="rivet">
        <span class="rivet">{{ item.label }} <small>by a component</small></span>
      </Rows>
    </div>
  </GallerySection>

  <GallerySection id="combobox-multiple" title="Combobox for several">
    <div v-bind="tradesBox.root">
      <label v-bind="tradesBox.label">Trades</label>
      <div v-bind="tradesBox.box"><input v-bind="tradesBox.field" /></div>
      <div v-bind="tradesBox.popup"><div v-bind="tradesBox.list"></div></div>
      <output>{{ [...chosen].join() }}</output>
      <Tokens v-slot="{ token }" :of="tradesBox"
        ><b>{{ token.label }}</b></Tokens
      >
    </div>
  </GallerySection>

  <GallerySection id="switch" title="Switch">
    <p class="row">
      <button v-bind="lights.root" aria-labelledby="plain-switch-name"></button>
      <span id="plain-switch-name">Quay lights</span>
    </p>

    <h3>On a checkbox</h3>
    <p class="row">
      <label><input v-bind="pump.box" name="pump" /> Pump</label>
      <output>{{ on ? 'on' : 'off' }}</output>
    </p>

    <h3>Waiting for a server</h3>
    <p class="row">
      <button v-bind="power.root" aria-label="Crane power"></button> Crane power
      {{ power.busy ? 'is asked for' : '' }}
    </p>
  </GallerySection>
</template>
