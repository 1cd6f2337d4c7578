// @vitest-environment jsdom
import { expectContract, setUpPlatform, settled } from 'elastic-shell/testing';
import { expect, test } from 'vitest';
import { createApp } from 'vue';
import TideTimes from './TideTimes.vue';

setUpPlatform(); // adds what jsdom lacks for dialogs and popovers

test('the tide times open', async () => {
  const app = createApp(TideTimes);
  app.mount(document.body.appendChild(document.createElement('main')));
  const dialog = document.querySelector('dialog')!;
  await expectContract(dialog, 'dialog'); // every key and every guarantee
  document.querySelector('button')!.click();
  await settled(dialog);
  expect(dialog.open).toBe(true);
  app.unmount();
  await settled();
});
