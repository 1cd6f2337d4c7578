// The steps of its test. `elastic-shell new --test` writes the rest.
named('Zoom in').click();
await until(() => document.querySelector('output')?.textContent === '1 : 2000');
named('Depths').click();
await until(() => named('Depths').getAttribute('aria-pressed') === 'true');
