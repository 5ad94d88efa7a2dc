/**
 * The streams of the devices, once for all tabs of a browser: it has few connections to one address, and tabs that listen
 * each on their own would leave none for anything else. One tab leads: it listens for all of them and passes on what it
 * hears; when it is closed another one takes over.
 */

type Device = 'scale' | 'pedal';

/** What a tab wants to hear, and on behalf of which pairs. */
interface Wants {
  tab: string;
  scale: boolean;
  pedal: boolean;
  pairs: readonly string[];
}

type Message =
  ({ kind: 'wants' } & Wants) | { kind: 'who' } | { kind: 'told'; device: Device; data: unknown };

interface Listener {
  device: Device;
  pair: string | undefined;
  onTold: (told: unknown) => void;
}

const NAME = 'round-pocket.devices';
const LOOK_MS = 2000;

const tab = Math.random().toString(36).slice(2);
const listeners = new Set<Listener>();
/** What each tab wants, as far as this one leads. */
const wanted = new Map<string, Wants>();
const open = new Map<Device, { address: string; stream: EventSource }>();

let channel: BroadcastChannel | undefined;
let leading = false;

/** Listens to a device; gives back how to stop. */
export function listen(
  device: Device,
  pair: string | undefined,
  onTold: (told: unknown) => void,
): () => void {
  const listener = { device, pair, onTold };
  begin();
  listeners.add(listener);
  tellWants();
  return () => {
    listeners.delete(listener);
    tellWants();
  };
}

function begin(): void {
  if (channel) {
    return;
  }
  if (typeof BroadcastChannel === 'undefined' || !('locks' in navigator)) {
    leading = true; // each for itself where a browser knows no better
    return;
  }
  channel = new BroadcastChannel(NAME);
  channel.onmessage = ({ data }: MessageEvent<Message>) => hear(data);
  // Held as long as this tab is there, so that who leads knows which tabs are.
  void navigator.locks.request(`${NAME}.${tab}`, forEver);
  void navigator.locks.request(NAME, () => {
    leading = true;
    wanted.set(tab, ownWants());
    channel?.postMessage({ kind: 'who' } satisfies Message);
    setInterval(() => void forgetClosed(), LOOK_MS);
    arrange();
    return forEver();
  });
}

function forEver(): Promise<never> {
  return new Promise(() => undefined);
}

function ownWants(): Wants {
  const all = [...listeners];
  const pedal = all.filter(({ device }) => device === 'pedal');
  return {
    tab,
    scale: all.some(({ device }) => device === 'scale'),
    pedal: pedal.length > 0,
    pairs: pedal.flatMap(({ pair }) => pair ?? []),
  };
}

function tellWants(): void {
  wanted.set(tab, ownWants());
  channel?.postMessage({ kind: 'wants', ...ownWants() } satisfies Message);
  arrange();
}

function hear(message: Message): void {
  switch (message.kind) {
    case 'who':
      channel?.postMessage({ kind: 'wants', ...ownWants() } satisfies Message);
      break;
    case 'wants':
      wanted.set(message.tab, message);
      arrange();
      break;
    case 'told':
      pass(message.device, message.data);
      break;
  }
}

function pass(device: Device, told: unknown): void {
  listeners.forEach((each) => {
    if (each.device === device) {
      each.onTold(told);
    }
  });
}

/** A tab that is gone wants nothing, though it could not say so. */
async function forgetClosed(): Promise<void> {
  const { held = [] } = await navigator.locks.query();
  const there = new Set(held.map(({ name }) => name));
  for (const each of wanted.keys()) {
    if (!there.has(`${NAME}.${each}`)) {
      wanted.delete(each);
      arrange();
    }
  }
}

/** Opens what is wanted by any tab, and closes what none wants. */
function arrange(): void {
  if (!leading) {
    return;
  }
  const all = [...wanted.values()];
  const pairs = [...new Set(all.flatMap((each) => each.pairs))].sort();
  const query = pairs.map((pair) => `pair=${pair}`).join('&');
  const pedal = all.some((each) => each.pedal);
  connect('pedal', pedal ? `/api/devices/pedal${query && `?${query}`}` : undefined);
  connect('scale', all.some((each) => each.scale) ? '/api/devices/scale' : undefined);
}

function connect(device: Device, address: string | undefined): void {
  const before = open.get(device);
  if (before?.address === address) {
    return;
  }
  open.delete(device);
  if (address !== undefined) {
    const stream = new EventSource(address);
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      const told: unknown = JSON.parse(data);
      channel?.postMessage({ kind: 'told', device, data: told } satisfies Message);
      pass(device, told);
    };
    stream.onopen = () => before?.stream.close(); // a pedal stays with its pair meanwhile
    open.set(device, { address, stream });
  } else {
    before?.stream.close();
  }
}
