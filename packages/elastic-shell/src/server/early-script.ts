// Made from early.ts by `npm run build`. Change that, not this.

/** The early script, to be put into a `<script>` in the head of a page. */
export const earlyScript = "(()=>{var s=[],a=new WeakSet,m=\"a,input,select,textarea,summary,label\",l=\"[commandfor],[aria-controls],[role=tab],[role=switch],[role=option],[role=treeitem],[role=combobox],[role^=menuitem]\",c=e=>document.getElementById(e.getAttribute(\"commandfor\")??e.getAttribute(\"aria-controls\")??\"\"),i=e=>e.hasAttribute(\"commandfor\"),d=e=>{let t=e.getAttribute(\"command\");return i(e)&&t?\"commandForElement\"in e&&!t.startsWith(\"--\"):e.matches(`${m},[type=submit],[type=reset]`)},u=e=>{let t=i(e)?null:e;for(;t&&!a.has(t);)t=t.parentElement;return t??=c(e),!!t&&a.has(t)},b=({target:e})=>{let t=e instanceof Element?e.closest(`button,${m},${l}`):null;t?.matches(l)&&!d(t)&&!u(t)&&s.push([t,t.animate({opacity:.4},{duration:900,iterations:1/0})])},E=e=>{a.add(e),s=s.filter(([t,r])=>{let n=c(t),o=n===e||!i(t)&&e.contains(t)&&(!n||e.contains(n));return o&&(r.cancel(),setTimeout(()=>t.click())),!o})};globalThis.addEventListener?.(\"click\",b,!0);Reflect.set(globalThis,Symbol.for(\"elastic-shell.early\"),E);})();";

/** Its hash, for the policy of such a page: `script-src 'self' 'sha256-…'`. CSP Level 3. */
export const earlyScriptHash = 'sha256-yaemJJA0Jv7H51P+0ZAB+QdgoMurKkDoGn8H0SWiX8o=';
