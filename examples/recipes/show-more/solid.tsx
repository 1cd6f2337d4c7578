import { createDisclosure } from 'elastic-shell/solid';
import type { JSX } from 'solid-js';

/** A long text that can be expanded. The label of the button follows the state. */
export function ShowMore(props: { children: JSX.Element }) {
  const more = createDisclosure({ elastic: 'block' });
  return (
    <>
      <div {...more.root}>{props.children}</div>
      <button {...more.opener()}>{more.open ? 'Show less' : 'Show more'}</button>
    </>
  );
}

export function CraneNote() {
  return (
    <>
      <p>The crane lifts nine tonnes on a still day and seven in a breeze.</p>
      <ShowMore>
        <p>Its brake was renewed in spring. Nobody stands below the hook, and the sling is wetted first.</p>
      </ShowMore>
    </>
  );
}
