// What `rehearse` puts into a page.
import { listen } from '../../elastic-shell/src/heard/live.js';
import { agent } from '../../elastic-shell/src/rehearsal/page/agent.js';

listen();
Object.assign(globalThis, { elasticRehearsal: agent });
