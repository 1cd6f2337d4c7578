// `elastic-shell/carousel`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { carousel } from '../../core/contract/carousel.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireCarousel } from './wire.js';

export * from './wire.js';
registerPattern(carousel.name, carousel.options, wireCarousel);
