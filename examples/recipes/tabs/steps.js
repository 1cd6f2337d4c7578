// The steps of its test. `elastic-shell new --test` writes the rest.
press(named('Overview'), 'ArrowRight');
await until(() => named('Work').getAttribute('aria-selected') === 'true');
expect(document.activeElement).toBe(named('Work'));
