// In every setting: open, move, choose, close, focus, in one instance of each pattern. `npm run test:long -- conformance` runs
// every row of every contract.
import { conform, settings } from './support/conformance';
import { brief } from './support/rows';

conform(
  settings.filter((setting) => setting !== 'plain'),
  (row) => brief.has(row),
);
