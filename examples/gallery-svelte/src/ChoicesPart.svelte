<script lang="ts">
  // Listboxes, comboboxes and switches.
  import { Rows, Tokens, useCombobox, useListbox, useSwitch } from 'elastic-shell/svelte';
  import { berths, gear, later, rigs, rivets, trades } from 'quillhaven-gallery/data';
  import { SvelteSet } from 'svelte/reactivity';
  import GallerySection from './GallerySection.svelte';
  import { useServed } from './served';

  const listbox = useListbox(useServed() ? { selected: 'ketch' } : {});
  // A set that is changed in place.
  const chosenGear = new SvelteSet(['anchor']);
  const several = useListbox({ multiple: true, selected: chosenGear });
  const long = useListbox({ items: rivets });

  const berth = useCombobox();
  let kind = $state<string | undefined>('cutter');
  const select = useCombobox({
    items: rigs,
    get selected() {
      return kind;
    },
    set selected(key) {
      kind = key;
    },
  });
  const rivet = useCombobox({ items: rivets });

  let chosen = $state.raw<ReadonlySet<string>>(new Set(['rigger']));
  const tradesBox = useCombobox({
    multiple: true,
    limit: 4,
    items: trades,
    get selected() {
      return chosen;
    },
    set selected(keys) {
      chosen = keys;
    },
  });

  const lights = useSwitch({ checked: useServed() });
  let on = $state(true);
  const pump = useSwitch({
    get checked() {
      return on;
    },
    set checked(now) {
      on = now;
    },
  });
  const power = useSwitch({ guard: () => later(400, true) });
</script>

<GallerySection id="listbox" title="Listbox">
  <div {...listbox.root} aria-label="Rig" class="box">
    {#each rigs as { key, label, disabled } (key)}
      <div {...listbox.option(key)} aria-disabled={disabled}>
        {label}
      </div>
    {/each}
  </div>

  <h3>Several</h3>
  <div {...several.root} aria-label="Gear" class="box">
    {#each gear as { key, label } (key)}
      <div {...several.option(key)}>{label}</div>
    {/each}
  </div>
  <output>{[...chosenGear].join()}</output>

  <h3>10,000 options by components</h3>
  <div {...long.root} aria-label="Rivets" class="box tall"></div>
  <Rows of={long}>
    {#snippet children(item)}
      <span class="rivet">{item.label} <small>by a component</small></span>
    {/snippet}
  </Rows>
</GallerySection>

<GallerySection id="combobox" title="Combobox">
  <div {...berth.root}>
    <label {...berth.label}>Berth</label>
    <div {...berth.box}>
      <input {...berth.field} />
      <button {...berth.toggler} aria-label="Show berths">
        <span data-marker aria-hidden="true"></span>
      </button>
    </div>
    <div {...berth.popup}>
      <div {...berth.list}>
        {#each berths as { key, label } (key)}
          <div {...berth.option(key)}>{label}</div>
        {/each}
      </div>
    </div>
  </div>

  <h3>To choose only</h3>
  <div {...select.root}>
    <span {...select.label}>Kind</span>
    <button {...select.button}>
      <span {...select.value}>{rigs.find(({ key }) => key === 'cutter')?.label}</span><span
        data-marker
        aria-hidden="true"
      ></span>
    </button>
    <div {...select.popup}><div {...select.list}></div></div>
    <output>{kind}</output>
  </div>

  <h3>10,000 options by components</h3>
  <div {...rivet.root}>
    <label {...rivet.label}>Rivet</label>
    <div {...rivet.box}><input {...rivet.field} /></div>
    <div {...rivet.popup}><div {...rivet.list}></div></div>
    <output>{rivet.query}</output>
    <Rows of={rivet}>
      {#snippet children(item)}
        <span class="rivet">{item.label} <small>by a component</small></span>
      {/snippet}
    </Rows>
  </div>
</GallerySection>

<GallerySection id="combobox-multiple" title="Combobox for several">
  <div {...tradesBox.root}>
    <label {...tradesBox.label}>Trades</label>
    <div {...tradesBox.box}><input {...tradesBox.field} /></div>
    <div {...tradesBox.popup}><div {...tradesBox.list}></div></div>
    <output>{[...chosen].join()}</output>
    <Tokens of={tradesBox}>{#snippet children(token)}<b>{token.label}</b>{/snippet}</Tokens>
  </div>
</GallerySection>

<GallerySection id="switch" title="Switch">
  <p class="row">
    <button {...lights.root} aria-labelledby="plain-switch-name"></button>
    <span id="plain-switch-name">Quay lights</span>
  </p>

  <h3>On a checkbox</h3>
  <p class="row">
    <label><input {...pump.box} name="pump" /> Pump</label>
    <output>{on ? 'on' : 'off'}</output>
  </p>

  <h3>Waiting for a server</h3>
  <p class="row">
    <button {...power.root} aria-label="Crane power"></button> Crane power
    {power.busy ? 'is asked for' : ''}
  </p>
</GallerySection>
