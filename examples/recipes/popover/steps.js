// The steps of its test. `elastic-shell new --test` writes the rest.
named('Berth four').click();
await until(() => named('Berth four').getAttribute('aria-expanded') === 'true');
press(named('Berth four'), 'Escape');
await until(() => named('Berth four').getAttribute('aria-expanded') === 'false');
