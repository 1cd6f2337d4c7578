// Stops what global-setup.js started.
export default function tearDown() {
  for (const server of globalThis.testServers ?? []) {
    server.closeAllConnections();
    server.close();
  }
}
