// Signs seen at a step, stored on this device until the server has them, and sent from any open page.

const KEY = 'cistern-signs';

/** Brew, step, and the sign's code with whether it was seen. */
const stored = () => {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}');
  } catch {
    return {};
  }
};
const store = (all) => {
  try {
    if (Object.keys(all).length > 0) localStorage.setItem(KEY, JSON.stringify(all));
    else localStorage.removeItem(KEY);
  } catch {
    // Full or denied: it is sent now or not at all.
  }
};

/** What this device knows of a brew and the server may not: step to the code that was seen, or to nothing. */
export const waiting = (brew) => Object.fromEntries(Object.entries(stored()[brew] ?? {}).map(([step, { sign, on }]) => [step, on ? sign : '']));

const send = async (brew, step, { sign, on }) => fetch(`/brew/${brew}?handler=Sign`, {
  method: 'POST',
  body: new URLSearchParams({ step, sign, on: on ? 'yes' : 'no', __RequestVerificationToken: document.querySelector('[name=__RequestVerificationToken]')?.value ?? '' }),
});

/** Sends everything that waits; without network it keeps waiting. Returns what the server refused, as "brew step". */
export const sendWaiting = async () => {
  const refused = [];
  for (const [brew, steps] of Object.entries(stored())) {
    for (const [step, one] of Object.entries(steps)) {
      let answer;
      try {
        answer = await send(brew, step, one);
      } catch {
        return refused;
      }
      // An expired token or a busy server: later. What no server accepts is deleted.
      if (!answer.ok && ![404, 410, 422].includes(answer.status)) return refused;
      if (!answer.ok) refused.push(`${brew} ${step}`);
      const rest = stored();
      if (JSON.stringify(rest[brew]?.[step]) === JSON.stringify(one)) {
        delete rest[brew][step];
        if (Object.keys(rest[brew]).length === 0) delete rest[brew];
        store(rest);
      }
    }
  }
  return refused;
};

/** Stores a sign and sends it: `taken`, `waits` or `refused`. */
export const see = async (brew, step, sign, on) => {
  const all = stored();
  store({ ...all, [brew]: { ...all[brew], [step]: { sign, on } } });
  if (!stored()[brew]?.[step]) {
    // There is no storage on this device.
    return (await send(brew, step, { sign, on })).ok ? 'taken' : 'refused';
  }
  if ((await sendWaiting()).includes(`${brew} ${step}`)) return 'refused';
  return stored()[brew]?.[step] === undefined ? 'taken' : 'waits';
};

addEventListener('online', sendWaiting);
sendWaiting();
