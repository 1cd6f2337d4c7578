// `elastic-shell/carousel`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { carousel } from '../../core/contract/carousel.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireCarousel } from './wire.js';

export * from './wire.js';
registerPattern(carousel.name, carousel.options, wireCarousel);
