// @vitest-environment jsdom
import { TestBed } from '@angular/core/testing';
import { expectContract, setUpPlatform, settled } from 'elastic-shell/testing';
import { expect, test } from 'vitest';
import { TideTimes } from './tide-times';

setUpPlatform(); // adds what jsdom lacks for dialogs and popovers

test('the tide times open', async () => {
  const fixture = TestBed.createComponent(TideTimes);
  document.body.append(fixture.nativeElement);
  await fixture.whenStable();
  const dialog = document.querySelector('dialog')!;
  await expectContract(dialog, 'dialog'); // every key and every guarantee
  document.querySelector('button')!.click();
  await settled(dialog);
  expect(dialog.open).toBe(true);
  fixture.destroy();
  await settled();
});
