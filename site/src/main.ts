// The script of every page: its contents, its colours, its search, its code. All of it uses the library
// itself. Parts that a page doesn't have, or that are not open, are not loaded.
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
