import { createSwitch } from 'elastic-shell/solid';
import { createEffect, createSignal, createUniqueId } from 'solid-js';

const remembered = () => {
  const kept = localStorage.getItem('dark-look');
  return kept ? kept === 'true' : matchMedia('(prefers-color-scheme: dark)').matches;
};

/** A switch for dark mode, which the browser remembers. */
export function DarkLook() {
  const id = createUniqueId();
  const [isDark, setDark] = createSignal(remembered());
  const look = createSwitch({ checked: [isDark, setDark] });
  createEffect(() => {
    document.documentElement.style.colorScheme = isDark() ? 'dark' : 'light';
    localStorage.setItem('dark-look', String(isDark()));
  });
  return (
    <p>
      <button {...look.root} aria-labelledby={id} /> <span id={id}>Dark</span>
    </p>
  );
}
