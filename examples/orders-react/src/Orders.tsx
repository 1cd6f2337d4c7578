// The yard's orders: a list from state, striking that waits for the server, and a drawer on a phone. A router
// keeps the current page in the address. The state of the other page is kept.
import { useDialog, useDrawer, useTabs } from 'elastic-shell/react';
import { boatOf, day, office, type Order, pounds } from 'quillhaven-gallery/office';
import { Activity, useState } from 'react';
import { useSearchParams } from 'react-router';
import { EditOrder } from './EditOrder';
import { Notes } from './Notes';
import { PennantSign } from './PennantSign';

const settings = [
  ['../gallery/react.html', 'Gallery'],
  ['../desk.html', 'The plain desk'],
] as const;

function Topbar({ failing, onFailing }: { failing: boolean; onFailing(next: boolean): void }) {
  const sections = useDrawer({ closedWhen: '(min-width: 48rem)' });
  return (
    <>
      <header className="topbar">
        <p className="brand">
          Quillhaven <span>orders in React</span>
        </p>
        <button {...sections.opener()} id="menu">
          Sections
        </button>
        <nav aria-label="Desk">
          {settings.map(([to, name]) => (
            <a key={to} href={to}>
              {name}
            </a>
          ))}
        </nav>
        <label>
          <input type="checkbox" checked={failing} onChange={() => onFailing(!failing)} /> Server fails
        </label>
      </header>
      <dialog {...sections.root} className="sections">
        <header>
          <h2>Sections</h2>
          <button {...sections.closer()} aria-label="Close">
            ×
          </button>
        </header>
        <nav aria-label="Sections">
          {settings.map(([to, name]) => (
            <a key={to} href={to}>
              {name}
            </a>
          ))}
        </nav>
      </dialog>
    </>
  );
}

interface RowProps {
  order: Order;
  onEdit(): void;
  onStrike(): void;
}

const Row = ({ order, onEdit, onStrike }: RowProps) => {
  const boat = boatOf(order.boat);
  return (
    <li className="order">
      <span className="number">{order.id}</span>
      <strong className="work">{order.title}</strong>
      <span className="boat">
        <PennantSign pennant={boat.pennant} />
        {boat.name}
      </span>
      <span className="state" data-state={order.state}>
        {order.state}
      </span>
      <time className="due" dateTime={order.due}>
        {day(order.due)}
      </time>
      <span className="hours">{order.hours} h</span>
      <span className="cost">{pounds(order.cost)}</span>
      <span className="actions">
        <button
          type="button"
          data-button="quiet"
          className="edit"
          onClick={onEdit}
          aria-label={`Edit order ${order.id}`}
        >
          Edit order
        </button>
        <button
          type="button"
          data-button="quiet"
          className="strike"
          onClick={onStrike}
          aria-label={`Strike order ${order.id}…`}
        >
          Strike order…
        </button>
      </span>
      <span className="trades">{order.trades.join(', ')}</span>
    </li>
  );
};

function StrikeOrder({ order, onClose }: { order: Order; onClose(struck: boolean): void }) {
  const strike = useDialog({
    open: [true, (open, { result }) => open || onClose(result === 'strike')],
    guard: ({ value, result }) => value || result !== 'strike' || office.strike(order.id),
    size: 'narrow',
  });
  return (
    <dialog {...strike.root} role="alertdialog">
      <header>
        <h2>Strike order {order.id}?</h2>
      </header>
      <div>
        <p>It is taken off the board, with its hours and its notes. This cannot be undone.</p>
        <dl className="facts">
          <div>
            <dt>Work</dt>
            <dd>{order.title}</dd>
          </div>
          <div>
            <dt>Booked</dt>
            <dd>
              {order.hours} hours, {pounds(order.cost)}
            </dd>
          </div>
        </dl>
        <p role="alert" data-message="" className="failure" />
      </div>
      <footer>
        <button {...strike.closer('cancel')}>Keep order</button>
        <button {...strike.closer('strike')} data-button="danger">
          {strike.busy ? 'Striking…' : 'Strike order'}
        </button>
      </footer>
    </dialog>
  );
}

export function Orders() {
  const [orders, setOrders] = useState(() => office.orders());
  const [said, say] = useState('');
  const [failing, setFailing] = useState(false);
  const [striking, setStriking] = useState<Order>();
  const [editing, setEditing] = useState<Order>();
  const [params, setParams] = useSearchParams();
  const view = params.get('view') ?? 'orders';
  const pages = useTabs({
    selected: [view, (key) => setParams(key === 'orders' || !key ? {} : { view: key })],
  });
  const struck = (order: Order, isStruck: boolean) => {
    setStriking(undefined);
    if (!isStruck) return;
    setOrders(office.orders());
    say(`Order ${order.id} was struck.`);
  };
  const saved = (order?: Order) => {
    setEditing(undefined);
    if (!order) return;
    setOrders(office.orders());
    say(`Order ${order.id} was saved.`);
  };
  return (
    <>
      <Topbar
        failing={failing}
        onFailing={(next) => {
          office.failing = next;
          setFailing(next);
        }}
      />
      <main {...pages.root}>
        <div {...pages.list} aria-label="Pages">
          <button {...pages.tab('orders')}>Orders</button>
          <button {...pages.tab('notes')}>Notes</button>
        </div>
        <div {...pages.panel('orders')}>
          <h1>
            Work orders <span id="count">{orders.length}</span>
          </h1>
          <p role="status" id="status">
            {said}
          </p>
          <ol className="orders" aria-label="Work orders">
            {orders.map((order) => (
              <Row
                key={order.id}
                order={order}
                onEdit={() => setEditing(order)}
                onStrike={() => setStriking(order)}
              />
            ))}
          </ol>
        </div>
        <div {...pages.panel('notes')}>
          <Activity mode={view === 'notes' ? 'visible' : 'hidden'}>
            <Notes />
          </Activity>
        </div>
      </main>
      {striking && <StrikeOrder order={striking} onClose={(isStruck) => struck(striking, isStruck)} />}
      {editing && <EditOrder order={editing} onClose={saved} />}
    </>
  );
}
