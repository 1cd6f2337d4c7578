// What every page of the site has: its contents, its look, its search, its code. All of it is made of the library itself; what is not
// on the page, or not opened, is not loaded.
import 'elastic-shell/structure.css';
import 'elastic-shell/skin.css';
import 'elastic-shell/controls.css';
import './site.css';
import './words.css';
import './examples.css';
import { wireBenches } from './bench';
import { wireCodes } from './codes';
import { wireContents } from './contents';
import { wireHere } from './here';
import { lightKeys } from './keys';
import { wireLook } from './look';
import { wireSearch } from './search-opener';

wireContents();
wireLook();
wireSearch();
wireHere();
wireBenches();
if (document.querySelector('.code')) wireCodes();
lightKeys();
