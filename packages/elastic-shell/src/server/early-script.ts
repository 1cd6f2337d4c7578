// Made from early.ts by `npm run build`. Change that, not this.

/** The early script, to be put into a `<script>` in the head of a page. */
export const earlyScript = "(()=>{var s=[],a=new WeakSet,l=\"a,input,select,textarea,summary,label\",m=\"[commandfor],[aria-controls],[role=tab],[role=switch],[role=option],[role=treeitem],[role=combobox],[role^=menuitem]\",c=e=>document.getElementById(e.getAttribute(\"commandfor\")??e.getAttribute(\"aria-controls\")??\"\"),i=e=>e.hasAttribute(\"commandfor\"),u=e=>{let t=e.getAttribute(\"command\");return i(e)&&t?\"commandForElement\"in e&&!t.startsWith(\"--\"):e.matches(`${l},[type=submit],[type=reset]`)},E=e=>{let t=i(e)?null:e;for(;t&&!a.has(t);)t=t.parentElement;return t??=c(e),!!t&&a.has(t)},b=e=>{let t=e.target.closest?.(`button,${l},${m}`);t?.matches(m)&&!u(t)&&!E(t)&&s.push([t,e,t.animate({opacity:.4},{duration:900,iterations:1/0})])},h=e=>{a.add(e),s=s.filter(([t,r,d])=>{let n=c(t),o=n===e||!i(t)&&e.contains(t)&&(!n||e.contains(n));return o&&(d.cancel(),setTimeout(()=>t.dispatchEvent(r))),!o})};globalThis.addEventListener?.(\"click\",b,!0);Reflect.set(globalThis,Symbol.for(\"elastic-shell.early\"),h);})();";

/** Its hash, for the policy of such a page: `script-src 'self' 'sha256-…'`. CSP Level 3. */
export const earlyScriptHash = 'sha256-3fHE29V1lTzrjJy1jzBTQv8FvP7PdB/nBJ+0a/q7YS0=';
