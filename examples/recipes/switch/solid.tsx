import { createSwitch } from 'elastic-shell/solid';
import { createSignal, createUniqueId } from 'solid-js';

/** A switch that takes effect at once. */
export function YardLights() {
  const id = createUniqueId();
  const [isOn, setOn] = createSignal(false);
  const lights = createSwitch({ checked: [isOn, setOn] });
  return (
    <p>
      <button {...lights.root} aria-labelledby={id} /> <span id={id}>Yard lights</span>{' '}
      <output>{isOn() ? 'on' : 'off'}</output>
    </p>
  );
}
