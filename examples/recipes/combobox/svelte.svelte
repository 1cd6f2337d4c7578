<script lang="ts">
  // A combobox. A form submits its value under the name "berth".
  import { useCombobox } from 'elastic-shell/svelte';

  const berths = [
    { key: 'quay', label: 'Quay' },
    { key: 'slip', label: 'Slip' },
    { key: 'mole', label: 'Mole' },
    { key: 'mooring', label: 'Mooring' },
  ];
  let berth = $state<string | undefined>();
  const combobox = useCombobox({
    name: 'berth',
    items: berths,
    get selected() {
      return berth;
    },
    set selected(key) {
      berth = key;
    },
  });
</script>

<form>
  <div {...combobox.root}>
    <label {...combobox.label}>Berth</label>
    <div {...combobox.box}>
      <input {...combobox.field} />
      <button {...combobox.toggler} aria-label="Show berths">
        <span data-marker aria-hidden="true"></span>
      </button>
    </div>
    <div {...combobox.popup}><div {...combobox.list}></div></div>
  </div>
  <output>{berth}</output>
</form>
