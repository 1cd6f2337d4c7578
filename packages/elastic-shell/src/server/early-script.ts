// Made from early.ts by `npm run build`. Change that, not this.

/** The early script, to be put into a `<script>` in the head of a page. */
export const earlyScript = "(()=>{var a=[],i=new WeakSet,c=\"a,input,select,textarea,summary,label\",m=\"[commandfor],[aria-controls],[role=tab],[role=switch],[role=option],[role=treeitem],[role=combobox],[role^=menuitem]\",r=e=>document.getElementById(e.getAttribute(\"commandfor\")??e.getAttribute(\"aria-controls\")??\"\"),o=e=>e.hasAttribute(\"commandfor\"),d=e=>{let t=e.getAttribute(\"command\");return o(e)&&t?\"commandForElement\"in e&&!t.startsWith(\"--\"):e.matches(`${c},[type=submit],[type=reset]`)},E=e=>{let t=o(e)?null:e;for(;t&&!i.has(t);)t=t.parentElement;return t??=r(e),!!t&&i.has(t)},b=e=>{let{target:t}=e,n=t instanceof Element?t.closest(`button,${c},${m}`):null;n?.matches(m)&&!d(n)&&!E(n)&&a.push([n,e,n.animate({opacity:.4},{duration:900,iterations:1/0})])},h=e=>{i.add(e),a=a.filter(([t,n,u])=>{let s=r(t),l=s===e||!o(t)&&e.contains(t)&&(!s||e.contains(s));return l&&(u.cancel(),setTimeout(()=>t.dispatchEvent(n))),!l})};globalThis.addEventListener?.(\"click\",b,!0);Reflect.set(globalThis,Symbol.for(\"elastic-shell.early\"),h);})();";

/** Its hash, for the policy of such a page: `script-src 'self' 'sha256-…'`. CSP Level 3. */
export const earlyScriptHash = 'sha256-XIt45osPU37zeCgYxR42gEQwJRbIS0oFwmiFLzn1+QU=';
