<script lang="ts">
  // A switch for dark mode, which the browser remembers.
  import { useSwitch } from 'elastic-shell/svelte';

  const id = $props.id();
  const kept = localStorage.getItem('dark-look');
  let isDark = $state(kept ? kept === 'true' : matchMedia('(prefers-color-scheme: dark)').matches);
  const look = useSwitch({
    get checked() {
      return isDark;
    },
    set checked(dark) {
      isDark = dark;
    },
  });
  $effect(() => {
    document.documentElement.style.colorScheme = isDark ? 'dark' : 'light';
    localStorage.setItem('dark-look', String(isDark));
  });
</script>

<p>
  <button {...look.root} aria-labelledby={id}></button> <span {id}>Dark</span>
</p>
