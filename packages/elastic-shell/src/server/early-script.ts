// Made from early.ts by `npm run build`. Change that, not this.

/** The early script, to be put into a `<script>` in the head of a page. */
export const earlyScript = "(()=>{var s=[],l=new WeakSet,m=\"a,input,select,textarea,summary,label\",o=\"[commandfor],[aria-controls],[role=tab],[role=switch],[role=option],[role=treeitem],[role=combobox],[role^=menuitem]\",c=e=>document.getElementById(e.getAttribute(\"commandfor\")??e.getAttribute(\"aria-controls\")??\"\"),a=e=>e.hasAttribute(\"commandfor\"),u=e=>{let t=e.getAttribute(\"command\");return a(e)&&t?\"commandForElement\"in e&&!t.startsWith(\"--\"):e.matches(`${m},[type=submit],[type=reset]`)},d=e=>{let t=a(e)?null:e;for(;t&&!l.has(t);)t=t.parentElement;return t??=c(e),!!t&&l.has(t)},E=({target:e})=>{let t=e instanceof Element?Element.prototype.closest.call(e,`button,${m},${o}`):null;t?.matches(o)&&!u(t)&&!d(t)&&s.push([t,t.animate({opacity:.4},{duration:900,iterations:1/0})])},b=e=>{l.add(e),s=s.filter(([t,r])=>{let n=c(t),i=n===e||!a(t)&&e.contains(t)&&(!n||e.contains(n));return i&&(r.cancel(),setTimeout(()=>t.click())),!i})};globalThis.addEventListener?.(\"click\",E,!0);Reflect.set(globalThis,Symbol.for(\"elastic-shell.early\"),b);})();";

/** Its hash, for the policy of such a page: `script-src 'self' 'sha256-…'`. CSP Level 3. */
export const earlyScriptHash = 'sha256-xRBsu/kcM6X65Vu1gqybAgNrcQJAH4qmjXmvC/ANTJc=';
