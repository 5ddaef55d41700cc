// Notifications are offered when they first make sense: when somebody left the page of a brew and returned. Asked earlier, most people
// refuse the browser's question for good.
import { wish, wishes } from './cues.js';

const key = 'cistern-notify-offered';
const offered = () => {
  try {
    return localStorage.getItem(key) !== null;
  } catch {
    // Without storage it would be offered again and again.
    return true;
  }
};
const done = () => {
  try {
    localStorage.setItem(key, 'yes');
  } catch {
    // See above.
  }
};

/** Offers them in a line of the page, to somebody who was away during a brew. */
export const offerNotifications = (line, brews) => {
  if (!line || !globalThis.Notification || !navigator.serviceWorker) return;
  const [yes, no] = line.querySelectorAll('button');
  let left = false;
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') left = brews();
    else if (left && !offered() && !wishes().notify && Notification.permission === 'default') line.hidden = false;
  });
  yes.addEventListener('click', async () => {
    done();
    line.hidden = true;
    wish({ notify: (await Notification.requestPermission()) === 'granted' });
  });
  no.addEventListener('click', () => {
    done();
    line.hidden = true;
  });
};
