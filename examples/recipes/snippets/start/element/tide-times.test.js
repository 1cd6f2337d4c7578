// @vitest-environment jsdom
import 'elastic-shell/elements/dialog';
import { expectContract, setUpPlatform, settled } from 'elastic-shell/testing';
import { expect, test } from 'vitest';

setUpPlatform(); // adds what jsdom lacks for dialogs and popovers

test('the tide times open', async () => {
  document.body.innerHTML = `
    <button type="button" commandfor="tide-times" command="show-modal">Tide times</button>
    <shell-dialog>
      <dialog id="tide-times">
        <h2>Tide times</h2>
        <button type="button" commandfor="tide-times" command="close">Close</button>
      </dialog>
    </shell-dialog>`;
  const dialog = document.querySelector('dialog');
  await settled();
  await expectContract(dialog, 'dialog'); // every key and every guarantee
  document.querySelector('button').click();
  await settled(dialog);
  expect(dialog.open).toBe(true);
  document.body.replaceChildren();
  await settled();
});
