// What its test does; `elastic-shell new --test` writes the rest around it.
named('Tide today').click();
await until(() => document.querySelector('svg[role=img]') !== null);
