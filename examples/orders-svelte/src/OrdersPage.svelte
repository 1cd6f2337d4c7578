<script lang="ts">
  // The yard's orders: a list from state, striking that waits for the server, and a drawer on a phone. The
  // address contains the current page.
  import { useDrawer, useTabs } from 'elastic-shell/svelte';
  import { boatOf, day, office, type Order, pounds } from 'quillhaven-gallery/office';
  import EditOrder from './EditOrder.svelte';
  import NotesPage from './NotesPage.svelte';
  import PennantSign from './PennantSign.svelte';
  import StrikeOrder from './StrikeOrder.svelte';

  const places = [
    ['../gallery/svelte.html', 'Gallery'],
    ['../desk.html', 'The plain desk'],
  ];
  const sections = useDrawer({ closedWhen: '(min-width: 48rem)' });

  let orders = $state.raw(office.orders());
  let said = $state('');
  let isFailing = $state(false);
  $effect(() => void (office.failing = isFailing));

  let notes = $state<string[]>([]);
  let isUrgent = $state(false);
  const viewNow = () => new URLSearchParams(location.search).get('view') ?? 'orders';
  let view = $state(viewNow());
  function go(key = 'orders') {
    history.pushState(null, '', key === 'orders' ? location.pathname : `?view=${key}`);
    view = viewNow();
  }
  const pages = useTabs({ selected: [() => view, go] });

  let striking = $state.raw<Order>();
  let editing = $state.raw<Order>();
  function tell(words: string) {
    orders = office.orders();
    said = words;
  }
  function struck({ id }: Order, isStruck: boolean) {
    striking = undefined;
    if (isStruck) tell(`Order ${id} was struck.`);
  }
  function saved(order?: Order) {
    editing = undefined;
    if (order) tell(`Order ${order.id} was saved.`);
  }
</script>

<header class="topbar">
  <p class="brand">Quillhaven <span>orders in Svelte</span></p>
  <button {...sections.opener()} id="menu">Sections</button>
  <nav aria-label="Desk">
    {#each places as [to, name] (to)}<a href={to}>{name}</a>{/each}
  </nav>
  <label><input type="checkbox" bind:checked={isFailing} /> Server fails</label>
</header>
<dialog {...sections.root} class="sections">
  <header>
    <h2>Sections</h2>
    <button {...sections.closer()} aria-label="Close">×</button>
  </header>
  <nav aria-label="Sections">
    {#each places as [to, name] (to)}<a href={to}>{name}</a>{/each}
  </nav>
</dialog>

<svelte:window onpopstate={() => (view = viewNow())} />
<main {...pages.root}>
  <div {...pages.list} aria-label="Pages">
    <button {...pages.tab('orders')}>Orders</button>
    <button {...pages.tab('notes')}>Notes</button>
  </div>
  <div {...pages.panel('orders')}>
    <h1>Work orders <span id="count">{orders.length}</span></h1>
    <p id="status" role="status">{said}</p>
    <ol class="orders" aria-label="Work orders">
      {#each orders as order (order.id)}
        <li class="order">
          <span class="number">{order.id}</span>
          <strong class="work">{order.title}</strong>
          <span class="boat"
            ><PennantSign pennant={boatOf(order.boat).pennant} />{boatOf(order.boat).name}</span
          >
          <span class="state" data-state={order.state}>{order.state}</span>
          <time class="due" datetime={order.due}>{day(order.due)}</time>
          <span class="hours">{order.hours} h</span>
          <span class="cost">{pounds(order.cost)}</span>
          <span class="actions">
            <button
              type="button"
              data-button="quiet"
              class="edit"
              aria-label="Edit order {order.id}"
              onclick={() => (editing = order)}>Edit order</button
            >
            <button
              type="button"
              data-button="quiet"
              class="strike"
              aria-label="Strike order {order.id}…"
              onclick={() => (striking = order)}>Strike order…</button
            >
          </span>
          <span class="trades">{order.trades.join(', ')}</span>
        </li>
      {/each}
    </ol>
  </div>
  <div {...pages.panel('notes')}>
    {#if view === 'notes'}<NotesPage bind:notes bind:isUrgent />{/if}
  </div>
</main>

{#if striking}
  <StrikeOrder order={striking} onclose={(isStruck) => striking && struck(striking, isStruck)} />
{/if}
{#if editing}
  <EditOrder order={editing} onclose={saved} />
{/if}
