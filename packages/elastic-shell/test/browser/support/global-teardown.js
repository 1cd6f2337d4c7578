// Stops what global-setup.js started, and the browsers of tests that ran in this process.
import { closeBrowsers } from './environment.js';

export default async function tearDown() {
  await closeBrowsers();
  for (const server of globalThis.testServers ?? []) {
    server.closeAllConnections();
    server.close();
  }
}
