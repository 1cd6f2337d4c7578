// What its test does; `elastic-shell new --test` writes the rest around it.
named('Order').click();
await until(() => named('Order').getAttribute('aria-expanded') === 'true');
named('Strike').click();
await until(() => document.querySelector('output')?.textContent === 'strike');
