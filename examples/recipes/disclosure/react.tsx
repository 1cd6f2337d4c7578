import { useDisclosure } from 'elastic-shell/react';

/** A button that shows and hides text. Find-in-page finds the hidden text and shows it. */
export function LadderPlace() {
  const place = useDisclosure({ elastic: 'block' });
  return (
    <>
      <button {...place.opener()}>Where the ladder is</button>
      <div {...place.root}>
        <p>Behind the sail loft, chained to the third post. The key is on the hook.</p>
      </div>
    </>
  );
}
