import { Component } from '@angular/core';
import { BarsPart } from './bars';
import { ChoicesPart } from './choices';
import { CollectionsPart } from './collections';
import { ElementsPart } from './elements';
import { FormsPart } from './forms';
import { LayersPart } from './layers';
import { OwnersPart } from './owners';

@Component({
  selector: 'gallery-app',
  imports: [LayersPart, CollectionsPart, BarsPart, ChoicesPart, OwnersPart, FormsPart, ElementsPart],
  template:
    '<layers-part /><collections-part /><bars-part /><choices-part /><owners-part /><forms-part /><elements-part />',
})
export class App {}
