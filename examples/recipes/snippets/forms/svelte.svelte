<!-- What docs/guides/forms.md shows. -->
<script lang="ts">
  import { useListbox } from 'elastic-shell/svelte';

  const rig = useListbox({ name: 'rig', selected: 'gaff' });
</script>

<form action="/boats">
  <div {...rig.root} aria-label="Rig">
    <div {...rig.option('gaff')}>Gaff</div>
    <div {...rig.option('lug')}>Lug</div>
  </div>
  <button>Save</button>
</form>
