import { Component } from '@angular/core';
import { ChoicesPart } from './choices';
import { CollectionsPart } from './collections';
import { ElementsPart } from './elements';
import { FormsPart } from './forms';
import { LayersPart } from './layers';
import { OwnersPart } from './owners';

@Component({
  selector: 'gallery-app',
  imports: [LayersPart, CollectionsPart, ChoicesPart, OwnersPart, FormsPart, ElementsPart],
  template:
    '<layers-part /><collections-part /><choices-part /><owners-part /><forms-part /><elements-part />',
})
export class App {}
