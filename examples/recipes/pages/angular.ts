// Shows the recipe that the address names, in Angular: angular.html?recipe=dialog.
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { BerthField } from '../combobox/angular';
import { BerthNote } from '../popover/angular';
import { BerthPicker } from '../berth-picker/angular';
import { BoatActions } from '../menu/angular';
import { BoatRecord } from '../tabs/angular';
import { BoatSearch } from '../boat-search/angular';
import { BoatSheets } from '../boat-sheets/angular';
import { ChartTools } from '../toolbar/angular';
import { CraneNote } from '../show-more/angular';
import { DarkLook } from '../dark-look/angular';
import { EditOrder } from '../edit-order/angular';
import { HaulOut } from '../tooltip/angular';
import { HaulOutSteps } from '../accordion/angular';
import { LadderPlace } from '../disclosure/angular';
import { OrderRows } from '../order-rows/angular';
import { PartsTree } from '../parts-tree/angular';
import { PennantFields } from '../picker/angular';
import { RigList } from '../listbox/angular';
import { SiteHeader } from '../site-header/angular';
import { StepList } from '../step-list/angular';
import { StrikeOrder } from '../confirmation/angular';
import { SurveyPlates } from '../carousel/angular';
import { TideTimes } from '../dialog/angular';
import { TideToday } from '../tide-plot/angular';
import { TradesField } from '../trades-field/angular';
import { YardBar } from '../menubar/angular';
import { YardLights } from '../switch/angular';
import { YardPlaces } from '../tree/angular';
import { YardSections } from '../drawer/angular';

// The compiler puts the selector of a component into its definition; the place for it is made here.
const recipes: Record<string, [selector: string, component: Type<unknown>]> = {
  accordion: ['haul-out-steps', HaulOutSteps],
  'berth-picker': ['berth-picker', BerthPicker],
  'boat-search': ['boat-search', BoatSearch],
  'boat-sheets': ['boat-sheets', BoatSheets],
  carousel: ['survey-plates', SurveyPlates],
  combobox: ['berth-field', BerthField],
  confirmation: ['strike-order', StrikeOrder],
  'dark-look': ['dark-look', DarkLook],
  dialog: ['tide-times', TideTimes],
  disclosure: ['ladder-place', LadderPlace],
  drawer: ['yard-sections', YardSections],
  'edit-order': ['edit-order', EditOrder],
  listbox: ['rig-list', RigList],
  menu: ['boat-actions', BoatActions],
  menubar: ['yard-bar', YardBar],
  'order-rows': ['order-rows', OrderRows],
  'parts-tree': ['parts-tree', PartsTree],
  picker: ['pennant-fields', PennantFields],
  popover: ['berth-note', BerthNote],
  'show-more': ['crane-note', CraneNote],
  'site-header': ['site-header', SiteHeader],
  'step-list': ['step-list', StepList],
  switch: ['yard-lights', YardLights],
  tabs: ['boat-record', BoatRecord],
  'tide-plot': ['tide-today', TideToday],
  toolbar: ['chart-tools', ChartTools],
  tooltip: ['haul-out', HaulOut],
  'trades-field': ['trades-field', TradesField],
  tree: ['yard-places', YardPlaces],
};

const name = new URLSearchParams(location.search).get('recipe') ?? '';
const found = recipes[name];
if (!found) throw new Error(`There is no recipe "${name}" in Angular.`);
const [selector, component] = found;
document.querySelector('main')?.append(document.createElement(selector));
void bootstrapApplication(component, { providers: [provideZonelessChangeDetection()] });
