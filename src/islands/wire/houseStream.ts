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

function lead(onEvent: (event: HouseEvent) => void): Leading {
  const client = crypto.randomUUID();
  const cards = new Map<string, string>();
  const stream = new EventSource(`/api/events?client=${client}`);
  let isOpen = false;
  let told = '';
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tell = () => {
    const open = [...new Set(cards.values())].toSorted();
    const body = JSON.stringify({ client, cards: open });
    if (!isOpen || body === told) return;
    told = body;
    fetch('/api/events', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
    })
      // A reply that is not read keeps its connection.
      .then((response) => response.text())
      .catch(() => {
        told = '';
      });
  };
  const tellSoon = () => {
    clearTimeout(timer);
    timer = setTimeout(tell, tellingMilliseconds);
  };
  stream.addEventListener('message', ({ data }: MessageEvent<string>) => {
    void readEvent(data).then((event) => {
      if (!event) return;
      if (event.kind === 'hello') {
        isOpen = true;
        told = '';
        tell();
      }
      onEvent(event);
    });
  });
  stream.addEventListener('error', () => {
    // It connects again by itself, unless the server refused it.
    isOpen = false;
  });
  return {
    come: (tab, card) => {
      cards.set(tab, card);
      tellSoon();
    },
    leave: (tab) => {
      cards.delete(tab);
      tellSoon();
    },
    forget: () => cards.clear(),
    end: () => {
      clearTimeout(timer);
      stream.close();
    },
  };
}

async function readEvent(data: string): Promise<HouseEvent | undefined> {
  const { houseEventSchema } = await import('../../core/replies/replies');
  const read = houseEventSchema.safeParse(JSON.parse(data));
  return read.success ? read.data : undefined;
}
