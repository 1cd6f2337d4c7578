// Shows the recipe that the address names, in Angular: angular.html?recipe=dialog.
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { BerthField } from '../combobox/angular';
import { BerthNote } from '../popover/angular';
import { BoatActions } from '../menu/angular';
import { BoatRecord } from '../tabs/angular';
import { ChartTools } from '../toolbar/angular';
import { HaulOut } from '../tooltip/angular';
import { HaulOutSteps } from '../accordion/angular';
import { LadderPlace } from '../disclosure/angular';
import { RigList } from '../listbox/angular';
import { SurveyPlates } from '../carousel/angular';
import { TideTimes } from '../dialog/angular';
import { YardBar } from '../menubar/angular';
import { YardLights } from '../switch/angular';
import { YardPlaces } from '../tree/angular';
import { YardSections } from '../drawer/angular';

// The compiler puts the selector of a component into its definition; the place for it is made here.
const recipes: Record<string, [selector: string, component: Type<unknown>]> = {
  accordion: ['haul-out-steps', HaulOutSteps],
  carousel: ['survey-plates', SurveyPlates],
  combobox: ['berth-field', BerthField],
  dialog: ['tide-times', TideTimes],
  disclosure: ['ladder-place', LadderPlace],
  drawer: ['yard-sections', YardSections],
  listbox: ['rig-list', RigList],
  menu: ['boat-actions', BoatActions],
  menubar: ['yard-bar', YardBar],
  popover: ['berth-note', BerthNote],
  switch: ['yard-lights', YardLights],
  tabs: ['boat-record', BoatRecord],
  toolbar: ['chart-tools', ChartTools],
  tooltip: ['haul-out', HaulOut],
  tree: ['yard-places', YardPlaces],
};

const name = new URLSearchParams(location.search).get('recipe') ?? '';
const found = recipes[name];
if (!found) throw new Error(`There is no recipe "${name}" in Angular.`);
const [selector, component] = found;
document.querySelector('main')?.append(document.createElement(selector));
void bootstrapApplication(component, { providers: [provideZonelessChangeDetection()] });
