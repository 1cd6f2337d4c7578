// The gallery without zones, as Angular is by default; with `?zones` as older applications are.
import {
  type ApplicationConfig,
  provideZoneChangeDetection,
  provideZonelessChangeDetection,
} from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app';

async function detection(): Promise<ApplicationConfig> {
  if (!location.search.includes('zones')) return { providers: [provideZonelessChangeDetection()] };
  await import('zone.js');
  return { providers: [provideZoneChangeDetection({ eventCoalescing: true })] };
}

void detection().then((config) => bootstrapApplication(App, config));
