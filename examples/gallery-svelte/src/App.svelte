<script lang="ts">
  import ChoicesPart from './ChoicesPart.svelte';
  import CollectionsPart from './CollectionsPart.svelte';
  import ElementsPart from './ElementsPart.svelte';
  import LayersPart from './LayersPart.svelte';
  import OwnersPart from './OwnersPart.svelte';
</script>

<LayersPart />
<CollectionsPart />
<ChoicesPart />
<OwnersPart />
<ElementsPart />
