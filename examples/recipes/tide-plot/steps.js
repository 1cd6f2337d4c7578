// The steps of its test. `elastic-shell new --test` writes the rest.
named('Tide today').click();
await until(() => document.querySelector('svg[role=img]') !== null);
