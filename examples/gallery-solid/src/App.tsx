// The gallery in Solid.
import { Choices } from './choices';
import { Collections } from './collections';
import { Layers } from './layers';

export const App = () => (
  <>
    <Layers />
    <Collections />
    <Choices />
  </>
);
