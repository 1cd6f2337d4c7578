// In every browser: open, move, choose, close, focus, in one instance of each pattern of the plain gallery.
// `npm run test:long conformance` runs every row of every contract in every setting, in every browser.
import { conform, unknown } from '../settings/support/conformance';
import { brief } from '../settings/support/rows';

it('knows every row of every contract', () => expect(unknown).toEqual([]));

conform(['plain'], (row) => brief.has(row));
