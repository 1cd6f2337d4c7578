// Elements in React: attributes and properties are followed, events are handled, and the owner reverts a refused change.
import 'elastic-shell/elements/disclosure';
import 'elastic-shell/elements/tabs';
import { useShellElement } from 'elastic-shell/elements/react';
import { boatParts } from 'quillhaven-gallery/data';
import { useState } from 'react';
import { Section } from './section';

export function Elements() {
  const [tab, setTab] = useState<string | undefined>('rig');
  const [open, setOpen] = useState(false);
  return (
    <Section id="elements" title="Elements in a component">
      <shell-tabs
        data-wire-selected={tab}
        ref={useShellElement<'shell-tabs'>({
          'onshell-change': ({ detail }) => detail.name === 'selected' && setTab(detail.value),
        })}
      >
        <div role="tablist" aria-label="Parts of the boat">
          {boatParts.map(({ key, title }) => (
            <button type="button" role="tab" key={key} data-key={key}>
              {title}
            </button>
          ))}
        </div>
        {boatParts.map(({ key, text }) => (
          <div role="tabpanel" key={key} data-key={key} hidden={key !== 'rig'} className="section">
            <p>{text}</p>
          </div>
        ))}
      </shell-tabs>
      <p className="row">
        <button type="button" onClick={() => setTab('engine')}>
          Show the engine
        </button>
        <output>{tab}</output>
      </p>
      <shell-disclosure
        ref={useShellElement<'shell-disclosure'>({
          open,
          guard: ({ value }) => !value,
          'onshell-change': ({ detail }) => setOpen(detail.value),
          'onshell-refuse': ({ detail }) => setOpen(detail.previous),
        })}
      >
        <button type="button" onClick={() => setOpen(!open)}>
          {open ? 'Close the locker' : 'Open the locker'}
        </button>
        <div id="locker" hidden>
          Nothing in it.
        </div>
      </shell-disclosure>
    </Section>
  );
}
