<script lang="ts">
  // Elements in Svelte: attributes and properties are followed, events are handled, and the owner reverts a refused change.
  import 'elastic-shell/elements/disclosure';
  import 'elastic-shell/elements/tabs';
  import type {} from 'elastic-shell/elements/svelte';
  import { boatParts } from 'quillhaven-gallery/data';
  import GallerySection from './GallerySection.svelte';

  let tab = $state<string | undefined>('rig');
  let open = $state(false);
</script>

<GallerySection id="elements" title="Elements in a component">
  <shell-tabs
    data-wire-selected={tab}
    onshell-change={({ detail }) => {
      if (detail.name === 'selected') tab = detail.value;
    }}
  >
    <div role="tablist" aria-label="Parts of the boat">
      {#each boatParts as { key, title } (key)}
        <button type="button" role="tab" data-key={key}>{title}</button>
      {/each}
    </div>
    {#each boatParts as { key, text } (key)}
      <div role="tabpanel" data-key={key} hidden={key !== 'rig'} class="section"><p>{text}</p></div>
    {/each}
  </shell-tabs>
  <p class="row">
    <button type="button" onclick={() => (tab = 'engine')}>Show the engine</button>
    <output>{tab}</output>
  </p>
  <shell-disclosure
    {open}
    guard={({ value }) => !value}
    onshell-change={({ detail }) => (open = detail.value)}
    onshell-refuse={({ detail }) => (open = detail.previous)}
  >
    <button type="button" onclick={() => (open = !open)}
      >{open ? 'Close the locker' : 'Open the locker'}</button
    >
    <div id="locker" hidden>Nothing in it.</div>
  </shell-disclosure>
</GallerySection>
