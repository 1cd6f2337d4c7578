// In every browser: open, move, choose, close, focus, in one instance of each pattern of the plain gallery.
// `npm run test:long conformance` runs every row of every contract in every setting, in every browser.
import { conform, unknown } from '../frameworks/support/conformance';
import { brief } from '../frameworks/support/rows';

it('knows every row of every contract', () => expect(unknown).toEqual([]));

conform(['plain'], (row) => brief.has(row));
