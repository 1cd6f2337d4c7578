// @vitest-environment jsdom
import { expectContract, setUpPlatform, settled } from 'elastic-shell/testing';
import { flushSync, mount, unmount } from 'svelte';
import { expect, test } from 'vitest';
import TideTimes from './TideTimes.svelte';

setUpPlatform(); // adds what jsdom lacks for dialogs and popovers

test('the tide times open', async () => {
  const mounted = mount(TideTimes, { target: document.body });
  flushSync();
  const dialog = document.querySelector('dialog')!;
  await expectContract(dialog, 'dialog'); // every key and every guarantee
  document.querySelector('button')!.click();
  await settled(dialog);
  expect(dialog.open).toBe(true);
  await unmount(mounted);
  await settled();
});
