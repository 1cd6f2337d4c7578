<script lang="ts">
  let { of }: { of: string } = $props();
</script>

<p>Came later, for {of}.</p>
