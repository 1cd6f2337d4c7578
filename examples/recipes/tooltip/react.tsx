import { useTooltip } from 'elastic-shell/react';

/** A tooltip that describes a button. */
export function HaulOut() {
  const hint = useTooltip();
  return (
    <>
      <button type="button" {...hint.described()}>
        Haul out
      </button>
      <div {...hint.root}>Lifts the boat onto the slip</div>
    </>
  );
}
