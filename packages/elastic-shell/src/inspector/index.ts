// The inspector: a panel in the page that tells why something closed, what can be pressed, and where focus goes. Importing it starts
// it, and the journal. For development only: leave the import out of what you publish.
//
//   if (import.meta.env.DEV) import('elastic-shell/inspector');
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
