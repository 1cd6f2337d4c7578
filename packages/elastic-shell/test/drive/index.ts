// The browsers that are driven over a wire, for environment.js, which the build compiles them for.
export { firefox } from './firefox';
export { webkit } from './webkit';
