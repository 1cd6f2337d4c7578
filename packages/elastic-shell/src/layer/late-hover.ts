// Opening on hover, as a module that loads later. Tooltips import `hover.ts` directly.
export { hoverGroup } from './hover.js';
