// @vitest-environment jsdom
import { expectContract, setUpPlatform, settled } from 'elastic-shell/testing';
import { flushSync } from 'react-dom';
import { createRoot } from 'react-dom/client';
import { expect, test } from 'vitest';
import { TideTimes } from './TideTimes';

setUpPlatform(); // adds what jsdom lacks for dialogs and popovers

test('the tide times open', async () => {
  const root = createRoot(document.body.appendChild(document.createElement('main')));
  flushSync(() => root.render(<TideTimes />));
  const dialog = document.querySelector('dialog')!;
  await expectContract(dialog, 'dialog'); // every key and every guarantee
  document.querySelector('button')!.click();
  await settled(dialog);
  expect(dialog.open).toBe(true);
  root.unmount();
  await settled();
});
