// What its test does; `elastic-shell new --test` writes the rest around it.
named('Kit').click();
await until(() => named('Kit').getAttribute('aria-expanded') === 'true');
