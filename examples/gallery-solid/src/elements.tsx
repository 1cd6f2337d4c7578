// Elements in Solid: attributes and properties are followed, events are handled, and the owner reverts a refused change.
import 'elastic-shell/elements/disclosure';
import 'elastic-shell/elements/tabs';
import type {} from 'elastic-shell/elements/solid';
import { boatParts } from 'quillhaven-gallery/data';
import { createSignal, For } from 'solid-js';
import { Section } from './section';

export function Elements() {
  const [tab, setTab] = createSignal<string | undefined>('rig');
  const [open, setOpen] = createSignal(false);
  return (
    <Section id="elements" title="Elements in a component">
      <shell-tabs
        attr:data-wire-selected={tab()}
        on:shell-change={({ detail }) => detail.name === 'selected' && setTab(detail.value)}
      >
        <div role="tablist" aria-label="Parts of the boat">
          <For each={boatParts}>
            {({ key, title }) => (
              <button type="button" role="tab" data-key={key}>
                {title}
              </button>
            )}
          </For>
        </div>
        <For each={boatParts}>
          {({ key, text }) => (
            <div role="tabpanel" data-key={key} hidden={key !== 'rig'} class="section">
              <p>{text}</p>
            </div>
          )}
        </For>
      </shell-tabs>
      <p class="row">
        <button type="button" onClick={() => setTab('engine')}>
          Show the engine
        </button>
        <output>{tab()}</output>
      </p>
      <shell-disclosure
        open={open()}
        // Solid doesn't set functions on elements that it hydrates. A ref sets them.
        ref={(element) => (element.guard = ({ value }) => !value)}
        on:shell-change={({ detail }) => setOpen(detail.value)}
        on:shell-refuse={({ detail }) => setOpen(detail.previous)}
      >
        <button type="button" onClick={() => setOpen(!open())}>
          {open() ? 'Close the locker' : 'Open the locker'}
        </button>
        <div id="locker" hidden>
          Nothing in it.
        </div>
      </shell-disclosure>
    </Section>
  );
}
