import { useDisclosure } from 'elastic-shell/react';
import type { ReactNode } from 'react';

/** A long text that can be expanded. The label of the button follows the state. */
export function ShowMore({ children }: { children: ReactNode }) {
  const more = useDisclosure({ elastic: 'block' });
  return (
    <>
      <div {...more.root}>{children}</div>
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
