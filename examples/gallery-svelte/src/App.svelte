<script lang="ts">
  import BarsPart from './BarsPart.svelte';
  import ChoicesPart from './ChoicesPart.svelte';
  import CollectionsPart from './CollectionsPart.svelte';
  import ElementsPart from './ElementsPart.svelte';
  import LayersPart from './LayersPart.svelte';
  import OwnersPart from './OwnersPart.svelte';
</script>

<LayersPart />
<CollectionsPart />
<BarsPart />
<ChoicesPart />
<OwnersPart />
<ElementsPart />
