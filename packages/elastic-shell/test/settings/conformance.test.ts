// In every setting: open, move, choose, close, focus, in one instance of each pattern. `npm run test:long -- conformance` runs
// every row of every contract.
import { conform, settings, unknown } from './support/conformance';
import { brief } from './support/rows';

it('knows every row of every contract', () => expect(unknown).toEqual([]));

conform(settings, (row) => brief.has(row));
