import { Component } from '@angular/core';

@Component({ selector: 'harbour-log', template: '<p>Two boats in, one out, and a seal.</p>' })
export class HarbourLog {}
