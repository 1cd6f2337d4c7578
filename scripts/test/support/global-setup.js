// The tests of the tools run what the build has made: whatever was built before, all of it is there and up to date.
import { build } from '../../build.mjs';

export default () => build();
