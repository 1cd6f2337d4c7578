// After a run: the ten test files that took longest, so that a slow one is noticed when it becomes slow.
import { relative } from 'node:path';
import { root } from '../../setup.mjs';

const most = 10;

export default class Slowest {
  onRunComplete(_, { testResults }) {
    const files = testResults
      .filter(({ perfStats }) => perfStats.runtime)
      .sort((one, other) => other.perfStats.runtime - one.perfStats.runtime)
      .slice(0, most);
    if (files.length < 2) return;
    console.log('\nThe slowest files:');
    for (const { displayName, testFilePath, perfStats } of files) {
      const seconds = (perfStats.runtime / 1000).toFixed(1).padStart(7);
      console.log(`${seconds} s  ${displayName?.name ?? ''} ${relative(root, testFilePath)}`);
    }
  }
}
