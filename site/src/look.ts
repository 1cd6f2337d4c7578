// The switch for dark mode, which is remembered.
import { wireSwitch } from 'elastic-shell/switch';

/** Shows and wires the switch. */
export function wireLook(): void {
  const root = document.getElementById('site-look');
  if (!root) return;
  const kept = localStorage.getItem('dark-look');
  const checked = kept ? kept === 'true' : matchMedia('(prefers-color-scheme: dark)').matches;
  wireSwitch(root, {
    checked,
    onChange({ value }) {
      document.documentElement.style.colorScheme = value ? 'dark' : 'light';
      localStorage.setItem('dark-look', String(value));
    },
  });
  root.parentElement!.hidden = false;
}
