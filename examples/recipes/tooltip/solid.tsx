import { createTooltip } from 'elastic-shell/solid';

/** A button with a few words about it: a description, never its only name. */
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
