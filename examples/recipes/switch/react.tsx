import { useSwitch } from 'elastic-shell/react';
import { useId, useState } from 'react';

/** A switch that takes effect at once. */
export function YardLights() {
  const id = useId();
  const [isOn, setOn] = useState(false);
  const lights = useSwitch({ checked: [isOn, setOn] });
  return (
    <p>
      <button {...lights.root} aria-labelledby={id} /> <span id={id}>Yard lights</span>{' '}
      <output>{isOn ? 'on' : 'off'}</output>
    </p>
  );
}
