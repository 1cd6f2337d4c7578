import { useSwitch } from 'elastic-shell/react';
import { useEffect, useId, useState } from 'react';

const remembered = () => {
  const kept = localStorage.getItem('dark-look');
  return kept ? kept === 'true' : matchMedia('(prefers-color-scheme: dark)').matches;
};

/** A switch for dark mode, which the browser remembers. */
export function DarkLook() {
  const id = useId();
  const [isDark, setDark] = useState(remembered);
  const look = useSwitch({ checked: [isDark, setDark] });
  useEffect(() => {
    document.documentElement.style.colorScheme = isDark ? 'dark' : 'light';
    localStorage.setItem('dark-look', String(isDark));
  }, [isDark]);
  return (
    <p>
      <button {...look.root} aria-labelledby={id} /> <span id={id}>Dark</span>
    </p>
  );
}
