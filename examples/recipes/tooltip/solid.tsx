import { createTooltip } from 'elastic-shell/solid';

/** A tooltip that describes a button. */
export function HaulOut() {
  const hint = createTooltip();
  return (
    <>
      <button type="button" {...hint.described()}>
        Haul out
      </button>
      <div {...hint.root}>Lifts the boat onto the slip</div>
    </>
  );
}
