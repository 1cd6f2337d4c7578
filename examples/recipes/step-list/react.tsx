import { useAccordion, useDisclosure, useSwitch } from 'elastic-shell/react';
import { Fragment, useId, useState } from 'react';

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

function ReadMore({ text }: { text: string }) {
  const more = useDisclosure({ elastic: 'block' });
  return (
    <>
      <div {...more.root}>
        <p>{text}</p>
      </div>
      <button {...more.opener()}>{more.open ? 'Read less' : 'Read more'}</button>
    </>
  );
}

/** Steps in an accordion. A switch sets whether several can be open. A long text inside a step can be expanded. */
export function StepList() {
  const id = useId();
  const [isOne, setOne] = useState(false);
  const one = useSwitch({ checked: [isOne, setOne] });
  const accordion = useAccordion({ expanded: ['clear'], exclusive: isOne });
  return (
    <>
      <p>
        <button {...one.root} aria-labelledby={id} /> <span id={id}>One at a time</span>
      </p>
      <div {...accordion.root}>
        {steps.map(({ key, title, text, more }) => (
          <Fragment key={key}>
            <h3>
              <button {...accordion.header(key)}>{title}</button>
            </h3>
            <div {...accordion.panel(key)}>
              <p>{text}</p>
              {more && <ReadMore text={more} />}
            </div>
          </Fragment>
        ))}
      </div>
    </>
  );
}
