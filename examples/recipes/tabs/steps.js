// What its test does; `elastic-shell new --test` writes the rest around it.
press(named('Overview'), 'ArrowRight');
await until(() => named('Work').getAttribute('aria-selected') === 'true');
expect(document.activeElement).toBe(named('Work'));
