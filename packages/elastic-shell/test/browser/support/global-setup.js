// Serves the desk and the test pages for the browser tests, built if they are out of date.
import { build } from '../../../../../scripts/build.mjs';
import { serve } from './server.js';

export default async function setUp() {
  await build();
  const { deskServer, pagesServer, desk, pages } = await serve();
  globalThis.testServers = [deskServer, pagesServer];
  process.env.DESK_URL = desk;
  process.env.PAGES_URL = pages;
}
