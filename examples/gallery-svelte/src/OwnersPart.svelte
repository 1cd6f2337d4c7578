<script lang="ts">
  // Controlled state: a component that refuses a change, accepts it later, changes the state from outside, or
  // unmounts while it is open.
  import { useCombobox, useDialog, useDisclosure } from 'elastic-shell/svelte';
  import { berths, later } from 'quillhaven-gallery/data';
  import GallerySection from './GallerySection.svelte';
  import WaitingGuest from './WaitingGuest.svelte';

  let isHeld = $state(false);
  let takes = $state(false);
  let refused = $state(0);
  const refusing = useDialog({
    get open() {
      return isHeld;
    },
    set open(next) {
      if (next || takes) isHeld = next;
    },
    onRefuse({ by }) {
      if (by === 'owner') refused++;
    },
  });

  let isLater = $state(false);
  const waiting = useDialog({
    get open() {
      return isLater;
    },
    guard: ({ value }) => later(200, true).then(() => void (isLater = value)),
  });

  let isTurned = $state(false);
  let reasons = $state<string[]>([]);
  const turned = useDisclosure({
    get open() {
      return isTurned;
    },
    set open(now) {
      isTurned = now;
    },
    onChange: ({ reason }) => void reasons.push(reason),
  });

  // The slip has no boats, so choosing it is refused, and the list stays as it was.
  let berth = $state<string | undefined>('quay');
  let isListed = $state(false);
  const combobox = useCombobox({
    items: berths,
    get open() {
      return isListed;
    },
    set open(now) {
      isListed = now;
    },
    get selected() {
      return berth;
    },
    set selected(key) {
      if (key !== 'slip') berth = key;
    },
  });

  let size = $state<'narrow' | 'wide'>('narrow');
  let escape = $state<'close' | 'keep'>('close');
  const changing = useDialog(() => ({ size, escape }));

  let isThere = $state(false);
</script>

<GallerySection id="owners" title="Who owns the state">
  <div data-case="refused">
    <button {...refusing.opener()}>Open what stays open</button>
    <output>{isHeld ? 'open' : 'closed'}, refused {refused}</output>
    <dialog {...refusing.root}>
      <h4>Held</h4>
      <label><input bind:checked={takes} type="checkbox" /> It may close</label>
      <button {...refusing.closer()}>Close the held one</button>
    </dialog>
  </div>

  <h3>An owner who answers later</h3>
  <div data-case="later">
    <button {...waiting.opener()}>Open when the owner says so</button>
    <output>{isLater ? 'open' : 'closed'}</output>
    <dialog {...waiting.root}>
      <h4>Later</h4>
      <button {...waiting.closer()}>Close it later</button>
    </dialog>
  </div>

  <h3>Changed from outside</h3>
  <div data-case="outside">
    <button type="button" onclick={() => (isTurned = !isTurned)}>Turn it over from outside</button>
    <button {...turned.opener()}>Turn it over</button>
    <div {...turned.root}>The tide table hangs by the door.</div>
    <output>{reasons.join()}</output>
  </div>

  <h3>Two states at once</h3>
  <div data-case="several">
    <div {...combobox.root}>
      <label {...combobox.label}>Berth, not the slip</label>
      <div {...combobox.box}><input {...combobox.field} /></div>
      <div {...combobox.popup}><div {...combobox.list}></div></div>
    </div>
    <output>{berth}, {isListed ? 'open' : 'closed'}</output>
  </div>

  <h3>Options that change while it is open</h3>
  <div data-case="options">
    <button {...changing.opener()}>Open what changes</button>
    <dialog {...changing.root}>
      <h4>Changes while it is open</h4>
      <button type="button" onclick={() => (size = size === 'wide' ? 'narrow' : 'wide')}>Other size</button>
      <button type="button" onclick={() => (escape = escape === 'keep' ? 'close' : 'keep')}>
        Escape: {escape}
      </button>
      <button {...changing.closer()}>Close what changes</button>
    </dialog>
  </div>

  <h3>Gone while it waits</h3>
  <div data-case="mounted">
    <button type="button" onclick={() => (isThere = true)}>Mount what waits</button>
    {#if isThere}
      <WaitingGuest onleave={() => (isThere = false)} />
    {/if}
  </div>
</GallerySection>
