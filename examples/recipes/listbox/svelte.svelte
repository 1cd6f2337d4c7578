<script lang="ts">
  // A listbox. A form submits its value under the name "rig".
  import { useListbox } from 'elastic-shell/svelte';

  const rigs = [
    { key: 'cutter', label: 'Cutter' },
    { key: 'ketch', label: 'Ketch' },
    { key: 'sloop', label: 'Sloop' },
    { key: 'yawl', label: 'Yawl', disabled: true },
  ];
  const id = $props.id();
  let rig = $state<string | undefined>();
  const list = useListbox({
    name: 'rig',
    items: rigs,
    get selected() {
      return rig;
    },
    set selected(key) {
      rig = key;
    },
  });
</script>

<form>
  <p {id}>Rig</p>
  <div {...list.root} aria-labelledby={id}></div>
  <output>{rig}</output>
</form>
