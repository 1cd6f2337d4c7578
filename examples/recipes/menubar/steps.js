// The steps of its test. `elastic-shell new --test` writes the rest.
named('Order').click();
await until(() => named('Order').getAttribute('aria-expanded') === 'true');
named('Strike').click();
await until(() => document.querySelector('output')?.textContent === 'strike');
