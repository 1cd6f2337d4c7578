// The gallery in Solid.
import { Bars } from './bars';
import { Choices } from './choices';
import { Collections } from './collections';
import { Elements } from './elements';
import { Layers } from './layers';
import { Owners } from './owners';

export const App = () => (
  <>
    <Layers />
    <Collections />
    <Bars />
    <Choices />
    <Owners />
    <Elements />
  </>
);
