// Elastic Shell for Angular: a function and a directive for each pattern, `[shellPart]`, and templates for
// rows, tokens and content.
export { provideShellDefaults, shellDefaults } from './defaults.js';
export type { ChosenOf, Handle, StateSignal } from './handle.js';
export type * from './handles.js';
export type { RowsOf } from 'elastic-shell/bindings';
export { type InjectOptions, injectPattern, type InjectRoot, type StateGiven } from './inject.js';
export * from './inject-patterns.js';
export { ShellPart, type ShellPartOf, type ShellParts } from './part.js';
export { LayerDirective } from './layer.js';
export { PatternDirective } from './pattern.js';
export { ValueDirective } from './forms.js';
export {
  type ContentContext,
  type RowContext,
  ShellContent,
  ShellRows,
  ShellTokens,
  type TokenContext,
} from './places.js';
export * from './directives.js';
