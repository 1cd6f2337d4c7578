// The inspector: a panel in the page that explains why something closed, which keys work, and where focus
// moves. Importing it starts it, and the journal. It is for development only, so leave the import out of
// production builds.  if (import.meta.env.DEV) import('elastic-shell/inspector');
import { setDocuments } from '../journal/index.js';
import { begin, inspector } from './inspector.js';
import { beginRecord } from './record.js';

export { type Inspector, type InspectorOptions, type ViewKey } from './inspector.js';
export { inspector, setDocuments };

if (typeof document !== 'undefined') {
  beginRecord();
  if (document.readyState === 'loading') document.addEventListener('DOMContentLoaded', begin, { once: true });
  else begin();
}
