import { useAccordion } from 'elastic-shell/react';
import { Fragment } from 'react';

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
  const accordion = useAccordion({ expanded: ['before'] });
  return (
    <div {...accordion.root}>
      {steps.map(({ key, title, text }) => (
        <Fragment key={key}>
          <h3>
            <button {...accordion.header(key)}>{title}</button>
          </h3>
          <div {...accordion.panel(key)}>
            <p>{text}</p>
          </div>
        </Fragment>
      ))}
    </div>
  );
}
