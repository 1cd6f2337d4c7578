// @vitest-environment jsdom
import { expectContract, setUpPlatform, settled } from 'elastic-shell/testing';
import { render } from 'solid-js/web';
import { expect, test } from 'vitest';
import { TideTimes } from './TideTimes';

setUpPlatform(); // adds what jsdom lacks for dialogs and popovers

test('the tide times open', async () => {
  const dispose = render(() => <TideTimes />, document.body);
  const dialog = document.querySelector('dialog')!;
  await expectContract(dialog, 'dialog'); // every key and every guarantee
  document.querySelector('button')!.click();
  await settled(dialog);
  expect(dialog.open).toBe(true);
  dispose();
  await settled();
});
