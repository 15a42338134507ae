import type { HouseEvent } from '../../core/replies/replies';

/**
 * Servers let a browser have six connections, so all its tabs share one stream of events: the tab that holds a lock
 * opens it and passes on what it hears; when that tab goes, the lock falls to the next.
 */
const lockName = 'nibwright-house-stream';
const channelName = 'nibwright-house';
/** Tabs that went without a word are forgotten after at most so long. */
const rollCallMilliseconds = 60_000;

type TabMessage =
  | { readonly kind: 'event'; readonly event: HouseEvent }
  /** A tab says that it is there, and which card it has open. */
  | { readonly kind: 'here'; readonly tab: string; readonly card: string }
  | { readonly kind: 'gone'; readonly tab: string }
  /** The tab with the stream asks who is there. */
  | { readonly kind: 'who' };

/**
 * Hears of a card from the house as long as it is open here.
 * @returns how to end it
 */
export function joinHouse(card: string, onEvent: (event: HouseEvent) => void): () => void {
  if (!('locks' in navigator) || typeof EventSource === 'undefined') return () => undefined;
  const tab = crypto.randomUUID();
  const channel = new BroadcastChannel(channelName);
  const ending = new AbortController();
  const say = (message: TabMessage) => channel.postMessage(message);
  const here: TabMessage = { kind: 'here', tab, card };
  let leading: Leading | undefined;
  const end = () => {
    if (ending.signal.aborted) return;
    say({ kind: 'gone', tab });
    ending.abort();
    leading?.end();
    channel.close();
    window.removeEventListener('pagehide', end);
  };
  channel.addEventListener('message', ({ data }: MessageEvent<TabMessage>) => {
    switch (data.kind) {
      case 'event':
        return onEvent(data.event);
      case 'who':
        return say(here);
      case 'here':
        return leading?.come(data.tab, data.card);
      case 'gone':
        return leading?.leave(data.tab);
      default:
        throw new TypeError(`joinHouse: unknown message ${JSON.stringify(data satisfies never)}`);
    }
  });
  say(here);
  window.addEventListener('pagehide', end);
  navigator.locks
    .request(lockName, { signal: ending.signal }, async () => {
      leading = lead((event) => {
        say({ kind: 'event', event });
        onEvent(event);
      });
      leading.come(tab, card);
      say({ kind: 'who' });
      const rollCall = setInterval(() => {
        leading?.forget();
        leading?.come(tab, card);
        say({ kind: 'who' });
      }, rollCallMilliseconds);
      await new Promise((resolve) => ending.signal.addEventListener('abort', resolve));
      clearInterval(rollCall);
    })
    // The page goes before its turn comes.
    .catch(() => undefined);
  return end;
}

/** The stream of a browser, in the tab that has it. */
interface Leading {
  readonly come: (tab: string, card: string) => void;
  readonly leave: (tab: string) => void;
  /** Begins to ask anew who is there. */
  readonly forget: () => void;
  readonly end: () => void;
}

/** So long one waits for more tabs to say something, before the house is told. */
const tellingMilliseconds = 150;
/** What did not reach the house is tried again after so long, and after twice as long each further time, up to the most. */
const retryMilliseconds = { first: 2000, most: 30_000 } as const;

function lead(onEvent: (event: HouseEvent) => void): Leading {
  const client = crypto.randomUUID();
  const cards = new Map<string, string>();
  let stream: EventSource | undefined;
  /** What the house said as the stream opened; undefined while it is not open. */
  let hello: HouseEvent | undefined;
  let told = '';
  let patience: number = retryMilliseconds.first;
  let tellTimer: ReturnType<typeof setTimeout> | undefined;
  let listenTimer: ReturnType<typeof setTimeout> | undefined;
  const tellAfter = (milliseconds: number) => {
    clearTimeout(tellTimer);
    tellTimer = setTimeout(() => void tell(), milliseconds);
  };
  /** How long to wait this time. */
  const wait = () => {
    const now = patience;
    patience = Math.min(2 * patience, retryMilliseconds.most);
    return now;
  };
  const tell = async () => {
    const open = [...new Set(cards.values())].toSorted();
    const body = JSON.stringify({ client, cards: open });
    if (!hello || body === told) return;
    told = body;
    if (!(await tellHouse(body))) {
      told = '';
      tellAfter(wait());
      return;
    }
    patience = retryMilliseconds.first;
    // Only from now on are saves told, so what was saved until then is looked for now.
    if (hello) onEvent(hello);
  };
  const listen = () => {
    clearTimeout(listenTimer);
    stream?.close();
    hello = undefined;
    stream = new EventSource(`/api/events?client=${client}`);
    stream.addEventListener('message', ({ data }: MessageEvent<string>) => {
      void readEvent(data).then((event) => {
        if (event?.kind === 'hello') {
          hello = event;
          told = '';
          void tell();
        }
        if (event) onEvent(event);
      });
    });
    stream.addEventListener('error', ({ currentTarget }) => {
      hello = undefined;
      // After a line was lost it connects again by itself; not so after a refusal, such as of a server that starts.
      if (currentTarget !== stream || stream.readyState !== EventSource.CLOSED) return;
      clearTimeout(listenTimer);
      listenTimer = setTimeout(listen, wait());
    });
  };
  listen();
  // Once the line is there again nobody waits, and a stream that went dead on the way is not trusted.
  window.addEventListener('online', listen);
  return {
    come: (tab, card) => {
      cards.set(tab, card);
      tellAfter(tellingMilliseconds);
    },
    leave: (tab) => {
      cards.delete(tab);
      tellAfter(tellingMilliseconds);
    },
    forget: () => cards.clear(),
    end: () => {
      clearTimeout(tellTimer);
      clearTimeout(listenTimer);
      window.removeEventListener('online', listen);
      stream?.close();
    },
  };
}

/** Says which cards are open here; false where that did not arrive. */
async function tellHouse(body: string): Promise<boolean> {
  try {
    const response = await fetch('/api/events', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
    });
    // A reply that is not read keeps its connection.
    await response.text();
    return response.ok;
  } catch {
    return false;
  }
}

async function readEvent(data: string): Promise<HouseEvent | undefined> {
  const { houseEventSchema } = await import('../../core/replies/replies');
  const read = houseEventSchema.safeParse(JSON.parse(data));
  return read.success ? read.data : undefined;
}
