import { createAccordion, createDisclosure, createSwitch } from 'elastic-shell/solid';
import { createSignal, createUniqueId, For, Show } from 'solid-js';

const steps = [
  {
    key: 'clear',
    title: 'Clear the slip',
    text: 'Take the trolley up, sweep the rails, and look for lines.',
    more: 'The lower rail has a joint that catches: walk it at low water.',
  },
  { key: 'float', title: 'Float her on', text: 'At the top of the tide, with two lines to each side.' },
  { key: 'haul', title: 'Haul', text: 'Slowly, until she sits; then stop and chock.' },
];

function ReadMore(props: { text: string }) {
  const more = createDisclosure({ elastic: 'block' });
  return (
    <>
      <div {...more.root}>
        <p>{props.text}</p>
      </div>
      <button {...more.opener()}>{more.open ? 'Read less' : 'Read more'}</button>
    </>
  );
}

/** Steps in an accordion. A switch sets whether several can be open. A long text inside a step can be expanded. */
export function StepList() {
  const id = createUniqueId();
  const [isOne, setOne] = createSignal(false);
  const one = createSwitch({ checked: [isOne, setOne] });
  const accordion = createAccordion(() => ({ expanded: ['clear'], exclusive: isOne() }));
  return (
    <>
      <p>
        <button {...one.root} aria-labelledby={id} /> <span id={id}>One at a time</span>
      </p>
      <div {...accordion.root}>
        <For each={steps}>
          {({ key, title, text, more }) => (
            <>
              <h3>
                <button {...accordion.header(key)}>{title}</button>
              </h3>
              <div {...accordion.panel(key)}>
                <p>{text}</p>
                <Show when={more}>{(rest) => <ReadMore text={rest()} />}</Show>
              </div>
            </>
          )}
        </For>
      </div>
    </>
  );
}
