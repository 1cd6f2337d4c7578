// How long one test may take: jest.config.js says it for each project, and nothing else does.
/* global jest */
jest.setTimeout(globalThis.TIMEOUT);
