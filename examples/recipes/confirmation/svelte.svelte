<script lang="ts">
  import ConfirmDialog from './ConfirmDialog.svelte';

  let isStruck = $state(false);
  const strike = async () => {
    const response = await fetch('/yard/orders/W1041', { method: 'DELETE' });
    if (!response.ok) throw new Error('The office did not answer. The order still stands.');
    isStruck = true;
  };
</script>

<div>
  <ConfirmDialog
    opener="Strike order…"
    question="Strike order W1041?"
    keep="Keep it"
    confirm="Strike it"
    confirming="Striking…"
    onconfirm={strike}
  >
    <p>“New rudder for Curlew” is taken off the list for good.</p>
  </ConfirmDialog>
  <output>{isStruck ? 'Struck.' : ''}</output>
</div>
