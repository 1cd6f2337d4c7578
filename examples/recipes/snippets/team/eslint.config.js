import elasticShell from 'elastic-shell-cli/eslint';

export default [
  // Your own configurations, with the parsers of your framework, go here.
  ...elasticShell.configs.recommended,
];
