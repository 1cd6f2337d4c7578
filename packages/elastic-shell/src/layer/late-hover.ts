// Opening on hover, as a module that loads later. Tooltips import `hover.ts` itself.
export { hoverGroup } from './hover.js';
