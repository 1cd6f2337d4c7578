<script lang="ts">
  let { text }: { text: string } = $props();
</script>

<span>{text}</span>
