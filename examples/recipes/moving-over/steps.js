// The steps of its test. `elastic-shell new --test` writes the rest.
named('Kit').click();
await until(() => named('Kit').getAttribute('aria-expanded') === 'true');
