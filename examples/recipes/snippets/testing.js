// What docs/guides/testing.md shows.
import { expectContract, setUpPlatform, settled, walk } from 'elastic-shell/testing';
import { wireTabs } from 'elastic-shell/tabs';

const release = setUpPlatform();
afterAll(release);

test('the record of a boat, in tabs', async () => {
  document.body.innerHTML = `
    <div id="record">
      <div role="tablist" aria-label="Record">
        <button role="tab">Overview</button>
        <button role="tab">Work</button>
      </div>
      <div role="tabpanel">Curlew, a cutter</div>
      <div role="tabpanel" hidden>Two orders are open</div>
    </div>`;
  const record = document.getElementById('record');
  const tabs = wireTabs(record);
  await expectContract(record, 'tabs');
  expect(await walk(record)).toMatch('ArrowRight  tab, Work, selected, 2 of 2');
  tabs.select('1');
  await settled(tabs);
  expect(document.activeElement.textContent).toBe('Overview');
});
