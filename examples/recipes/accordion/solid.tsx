import { createAccordion } from 'elastic-shell/solid';
import { For } from 'solid-js';

const steps = [
  {
    key: 'before',
    title: 'Before the haul',
    text: 'Clear the slip, check the cradle, and take the tide from the board.',
  },
  {
    key: 'during',
    title: 'On the slip',
    text: 'One on the winch, one on each line; nobody stands below the bow.',
  },
  {
    key: 'after',
    title: 'Once she is ashore',
    text: 'Chock her, wash her down, and write the hour in the log.',
  },
];

/** Headings with collapsible sections. Several can be open. */
export function HaulOutSteps() {
  const accordion = createAccordion({ expanded: ['before'] });
  return (
    <div {...accordion.root}>
      <For each={steps}>
        {({ key, title, text }) => (
          <>
            <h3>
              <button {...accordion.header(key)}>{title}</button>
            </h3>
            <div {...accordion.panel(key)}>
              <p>{text}</p>
            </div>
          </>
        )}
      </For>
    </div>
  );
}
