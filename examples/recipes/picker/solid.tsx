import type { Item } from 'elastic-shell';
import { Content, createListbox, createPopover } from 'elastic-shell/solid';
import { createSignal } from 'solid-js';
import './pennants.css';

type Picked = { picked: string | undefined; onPick(key: string | undefined): void };

function Pennants(props: Picked & { pennants: readonly Item[] }) {
  const list = createListbox({
    items: props.pennants,
    layout: 'grid',
    selected: [() => props.picked, (key) => props.onPick(key)],
  });
  return <div {...list.root} aria-label="Pennants" class="pennants" />;
}

/** A field with a picker in a popover. The picker loads when the popover opens. */
export function PennantField(props: Picked & { label: string }) {
  const popover = createPopover({
    loadOn: 'hover',
    // If loading fails, the popover shows the error and a retry button. Closing it cancels loading.
    async content(signal): Promise<readonly Item[]> {
      const response = await fetch('/yard/pennants', { signal });
      if (!response.ok) throw new Error('The pennants could not be loaded.');
      return response.json();
    },
  });
  const pick = (key: string | undefined) => {
    props.onPick(key);
    popover.close();
  };
  return (
    <>
      <button {...popover.opener()}>
        {props.label}: {props.picked ?? 'none'}
      </button>{' '}
      <div {...popover.root} aria-label={props.label}>
        <div data-content />
      </div>
      <Content<readonly Item[]> of={popover}>
        {(pennants) => <Pennants pennants={pennants} picked={props.picked} onPick={pick} />}
      </Content>
    </>
  );
}

/** Two fields that share one state. */
export function PennantFields() {
  const [pennant, setPennant] = createSignal<string | undefined>();
  return (
    <div>
      <PennantField label="Pennant at the mast" picked={pennant()} onPick={setPennant} />
      <PennantField label="Pennant on the board" picked={pennant()} onPick={setPennant} />
    </div>
  );
}
