// The running brews, on any page: what the server knows of them, entries stored on this device until the server has them, and the
// server's time. No entry is discarded before it is acknowledged.
import { replay } from './brew-run.js';

// ---- the server's time, by this device's monotonic clock ----

const clockKey = 'cistern-clock';
let base = null;
let bestTrip = Infinity;

const remember = (key, value) => {
  try {
    localStorage.setItem(key, value);
    return true;
  } catch {
    return false;
  }
};
const recall = (key) => {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
};

/** Now, ms of the server's clock. The device's date may be wrong or change; only its monotonic clock counts. */
export const serverNow = () => base + performance.now();

/** Learns the time from a response: request and response times by the monotonic clock, ms. */
const learnTime = (nowMs, asked, answered) => {
  const trip = answered - asked;
  const found = nowMs + trip / 2 - answered;
  if (base === null || trip <= bestTrip || Math.abs(found - base) > trip / 2 + 20) {
    bestTrip = trip;
    base = found;
    remember(clockKey, String(found + performance.now() - Date.now()));
  }
};

/** Before the server has answered: the time in the page or, for an old page without network, the last one this device knew. */
export const guessTime = (pageNowMs) => {
  if (base !== null) return;
  const ahead = Number(recall(clockKey) ?? Number.NaN);
  const byDate = Date.now() + ahead;
  const now = Number.isFinite(byDate) && Math.abs(byDate - pageNowMs) > 60_000 ? byDate : pageNowMs;
  base = now - performance.now();
};

// ---- stored on this device ----

const keptKey = (id) => `cistern-kept-${id}`;
/** Entries that could not be stored, by brew; they live as long as this page. */
const memory = new Map();
export const storage = { broken: false };

const stored = (id) => {
  try {
    const found = JSON.parse(recall(keptKey(id)) ?? '[]');
    return Array.isArray(found) ? found : [];
  } catch {
    // Something else wrote there; what cannot be read cannot be sent.
    return [];
  }
};
/** Read each time, because other pages of this device store entries too. */
export const kept = (id) => [...stored(id), ...(memory.get(id) ?? [])];
const keep = (id, entry) => {
  if (!remember(keptKey(id), JSON.stringify([...stored(id), entry]))) {
    // Full or denied: entries are kept in memory, and the page says so.
    storage.broken = true;
    memory.set(id, [...(memory.get(id) ?? []), entry]);
  }
};
const drop = (id, gone) => {
  const rest = stored(id).filter((entry) => !gone(entry));
  memory.set(id, (memory.get(id) ?? []).filter((entry) => !gone(entry)));
  try {
    if (rest.length > 0) localStorage.setItem(keptKey(id), JSON.stringify(rest));
    else localStorage.removeItem(keptKey(id));
  } catch {
    // An entry that is sent again counts once.
  }
};
/** The brews with entries on this device. */
export const keptBrews = () => {
  const ids = new Set([...memory.keys()].filter((id) => memory.get(id).length > 0));
  try {
    for (let i = 0; i < localStorage.length; i += 1) {
      const [, id] = /^cistern-kept-(\d+)$/.exec(localStorage.key(i)) ?? [];
      if (id && kept(Number(id)).length > 0) ids.add(Number(id));
    }
  } catch {
    // no storage: only what is in memory
  }
  return [...ids];
};
/** Deletes entries that no server accepts, when the barista says so. */
export const letGo = (id) => {
  orphans.delete(id);
  drop(id, () => true);
};

// ---- the brews ----

/** id → {id, name, plan, entries, state} */
export const brews = new Map();
const listeners = new Set();
export const onChange = (listener) => listeners.add(listener);
const changed = () => { for (const listener of listeners) listener(); };
export const link = { down: false, problem: '', newer: false };
/** Brews that this server does not have, though this device has entries for them. */
export const orphans = new Set();

export const entriesOf = (id) => {
  const taken = brews.get(id)?.entries ?? [];
  const known = new Set(taken.map((entry) => entry.id));
  return [...taken, ...kept(id).filter((entry) => !known.has(entry.id))];
};
/** A time on a brew's own clock, ms, and back: a rehearsal's clock may run faster. */
export const brewMs = (id, ms) => {
  const { speed = 1, openedAtMs } = brews.get(id);
  return speed === 1 ? ms : openedAtMs + (ms - openedAtMs) * speed;
};
export const realMs = (id, ms) => {
  const { speed = 1, openedAtMs } = brews.get(id);
  return speed === 1 ? ms : openedAtMs + (ms - openedAtMs) / speed;
};
export const runOf = (id) => replay(brews.get(id).plan, entriesOf(id), brewMs(id, serverNow()));
/** On the brew clock, s; before it starts, since the brew was opened or the last preparation was done. */
export const nowOf = (id, run) => {
  const since = run.startedAtMs ?? Math.max(brews.get(id).openedAtMs, ...entriesOf(id).filter((entry) => entry.kind === 'ready').map((entry) => entry.atMs));
  return Math.max(0, (brewMs(id, serverNow()) - since) / 1000);
};

const take = (reply, asked, answered) => {
  learnTime(reply.nowMs, asked, answered);
  const under = new Set();
  for (const brew of reply.brews) {
    under.add(brew.id);
    const had = brews.get(brew.id);
    // The page may have learnt more since this response was sent.
    if (had && had.entries.length > brew.entries.length && !reply.answers) continue;
    brews.set(brew.id, { ...had, ...brew, plan: brew.plan ?? had?.plan });
  }
  if (!reply.answers) for (const id of brews.keys()) if (!under.has(id)) brews.get(id).state = 'Over';
};

/** Timeout of requests, ms: a network that hangs counts as none; entries are sent again later. */
const PATIENCE = 10_000;
const ask = async (url, options) => {
  const asked = performance.now();
  const answer = await fetch(url, { ...options, signal: AbortSignal.timeout(PATIENCE) });
  const version = answer.headers.get('X-Cistern-Version');
  link.newer ||= version !== null && version !== document.body.dataset.version;
  // This device was removed, so it deletes everything of this application.
  if (answer.status === 401) navigator.serviceWorker?.controller?.postMessage({ say: 'forget' });
  if (!answer.ok) return { answer };
  const reply = await answer.json();
  return { answer, reply, asked, answered: performance.now() };
};

let sending = null;
const sendAll = async () => {
  for (const id of keptBrews()) {
    const batch = kept(id).slice(0, 200);
    const { answer, reply, asked, answered } = await ask(`/api/brews/${id}/entries`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(batch),
    });
    if (answer.status === 404) {
      orphans.add(id);
      continue;
    }
    if (!answer.ok) {
      link.problem = `The server answered ${answer.status}; ${batch.length === 1 ? 'what was pressed is' : `${batch.length} presses are`} stored here.`;
      continue;
    }
    const sent = new Set(batch.map((entry) => entry.id));
    drop(id, (entry) => sent.has(entry.id));
    link.problem = reply.message ?? '';
    if (brews.has(id)) take({ ...reply, answers: true }, asked, answered);
  }
};
/** Sends stored entries of all brews, one batch after another. */
const send = () => {
  sending ??= sendAll().then(() => { link.down = false; }, () => { link.down = true; }).finally(() => {
    sending = null;
    changed();
  });
  return sending;
};

/** Browsers have no crypto.randomUUID over plain HTTP. */
const uuid = () => {
  if (crypto.randomUUID) return crypto.randomUUID();
  const hex = [...crypto.getRandomValues(new Uint8Array(16))].map((byte, i) => (i === 6 ? (byte & 0x0f) | 0x40 : i === 8 ? (byte & 0x3f) | 0x80 : byte).toString(16).padStart(2, '0')).join('');
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
};

/** Presses closer than this count as one, ms. */
export const ONE_PRESS_MS = 500;
/** Makes an entry: stored first, then sent. */
export const say = (id, kind, step, undoes = null, atMs = Math.round(brews.has(id) ? brewMs(id, serverNow()) : serverNow())) => {
  const entry = { id: uuid(), kind, step, atMs, undoes };
  keep(id, entry);
  changed();
  send().then(() => { if (kept(id).length > 0 && !link.down && !orphans.has(id)) send(); });
};

/** Loads what the server knows. */
export const follow = async () => {
  if (keptBrews().length > 0) await send();
  try {
    const known = [...brews.values()].filter((brew) => brew.plan).map((brew) => `${brew.id}.${brew.plan.version}`);
    const { answer, reply, asked, answered } = await ask(`/api/under-way?known=${known.join(',')}`, { headers: { Accept: 'application/json' } });
    if (answer.ok) {
      take(reply, asked, answered);
      link.down = false;
    }
  } catch {
    link.down = true;
  }
  changed();
};
