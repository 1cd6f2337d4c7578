// Serves the built desk and the built test pages for the browser tests.
import { serve } from './server.js';

export default async function setUp() {
  const { deskServer, pagesServer, desk, pages } = await serve();
  globalThis.testServers = [deskServer, pagesServer];
  process.env.DESK_URL = desk;
  process.env.PAGES_URL = pages;
}
