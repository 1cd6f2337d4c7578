// A section of the gallery, and one instance in it.
import type { JSX } from 'solid-js';

export const Section = (props: { id: string; title: string; children: JSX.Element }) => (
  <section id={props.id} aria-labelledby={`${props.id}-heading`}>
    <h2 id={`${props.id}-heading`}>{props.title}</h2>
    {props.children}
  </section>
);

export const Instance = (props: { title: string; children: JSX.Element }) => (
  <>
    <h3>{props.title}</h3>
    {props.children}
  </>
);
