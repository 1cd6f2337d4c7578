<script lang="ts">
  // A switch that takes effect at once.
  import { useSwitch } from 'elastic-shell/svelte';

  const id = $props.id();
  let isOn = $state(false);
  const lights = useSwitch({
    get checked() {
      return isOn;
    },
    set checked(now) {
      isOn = now;
    },
  });
</script>

<p>
  <button {...lights.root} aria-labelledby={id}></button>
  <span {id}>Yard lights</span>
  <output>{isOn ? 'on' : 'off'}</output>
</p>
