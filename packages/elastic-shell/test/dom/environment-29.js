// The newest jsdom: its style sheet hides `[popover]`, and it has no popovers. People test their own pages there.
import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
const { default: JSDOMEnvironment } = require('@jest/environment-jsdom-abstract');
const jsdom = require('jsdom-29');

export default class extends JSDOMEnvironment {
  constructor(config, context) {
    super(config, context, jsdom);
  }
}
