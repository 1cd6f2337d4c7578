<script lang="ts">
  import { Rows, useCombobox } from 'elastic-shell/svelte';
  import { options } from '../data';
  import Label from './Label.svelte';

  const combobox = useCombobox({ items: options });
</script>

<div {...combobox.root}>
  <label {...combobox.label}>Rivet</label>
  <input {...combobox.field} />
  <div {...combobox.popup}><div {...combobox.list}></div></div>
  <Rows of={combobox}>{#snippet children(item)}<Label text={item.label} />{/snippet}</Rows>
</div>
