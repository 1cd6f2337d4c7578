// What docs/frameworks/server-pages.md shows, on the server.
import { earlyScript, earlyScriptHash, html, partsOf } from 'elastic-shell/server';

/** @param {{ id: string }} order */
export function strikeForm(order) {
  const strike = partsOf('dialog', { id: `strike-${order.id}`, size: 'narrow' });

  return `<button ${html(strike.opener())}>Strike…</button>
   <dialog ${html(strike.root, { role: 'alertdialog' })}>
     <h3 ${html(strike.title)}>Strike ${order.id}?</h3>
     <form method="post" action="/strike">
       <button ${html(strike.closer('cancel'))}>Keep it</button>
       <button name="order" value="${order.id}">Strike it</button>
     </form>
   </dialog>`;
}

export const head = `<script>${earlyScript}</script>`;
export const policy = `default-src 'self'; script-src 'self' '${earlyScriptHash}'; require-trusted-types-for 'script'`;
