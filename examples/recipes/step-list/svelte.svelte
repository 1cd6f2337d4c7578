<script lang="ts">
  // Steps in an accordion. A switch sets whether several can be open. A long text inside a step can be expanded.
  import { useAccordion, useSwitch } from 'elastic-shell/svelte';
  import ReadMore from './ReadMore.svelte';

  const steps = [
    {
      key: 'clear',
      title: 'Clear the slip',
      text: 'Take the trolley up, sweep the rails, and look for lines.',
      more: 'The lower rail has a joint that catches: walk it at low water.',
    },
    { key: 'float', title: 'Float her on', text: 'At the top of the tide, with two lines to each side.' },
    { key: 'haul', title: 'Haul', text: 'Slowly, until she sits; then stop and chock.' },
  ];
  const id = $props.id();
  let isOne = $state(false);
  const one = useSwitch({
    get checked() {
      return isOne;
    },
    set checked(now) {
      isOne = now;
    },
  });
  const accordion = useAccordion({
    expanded: ['clear'],
    get exclusive() {
      return isOne;
    },
  });
</script>

<p>
  <button {...one.root} aria-labelledby={id}></button> <span {id}>One at a time</span>
</p>
<div {...accordion.root}>
  {#each steps as { key, title, text, more } (key)}
    <h3><button {...accordion.header(key)}>{title}</button></h3>
    <div {...accordion.panel(key)}>
      <p>{text}</p>
      {#if more}<ReadMore text={more} />{/if}
    </div>
  {/each}
</div>
