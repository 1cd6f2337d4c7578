// What its test does; `elastic-shell new --test` writes the rest around it.
named('Zoom in').click();
await until(() => document.querySelector('output')?.textContent === '1 : 2000');
named('Depths').click();
await until(() => named('Depths').getAttribute('aria-pressed') === 'true');
