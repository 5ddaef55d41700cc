// The page on which every call can be tried and switched.
import { buzz, speak, tryOut, wish, wishes } from './cues.js';

const root = document.getElementById('cues');
const problem = document.getElementById('cues-problem');
const tell = (text) => {
  problem.textContent = text;
  problem.hidden = text === '';
};

for (const input of root.querySelectorAll('[data-wish]')) {
  const name = input.dataset.wish;
  if (input.type === 'checkbox') input.checked = wishes()[name];
  else input.value = wishes()[name];
  input.addEventListener('change', async () => {
    wish({ [name]: input.type === 'checkbox' ? input.checked : Number(input.value) });
    if (name === 'notify' && input.checked && await permission() !== 'granted') {
      input.checked = false;
      wish({ notify: false });
    }
  });
}

const permission = async () => {
  if (!('Notification' in globalThis)) {
    tell('This browser cannot notify.');
    return 'denied';
  }
  const answer = await Notification.requestPermission();
  if (answer !== 'granted') tell('This browser does not let Cistern notify. Its settings for this address can change that.');
  return answer;
};

const tries = {
  speech: () => { if (!speak('Open the valve now')) tell('This device has no voice of its own.'); },
  vibration: () => { if (!navigator.vibrate || buzz('at') === false) tell('This device cannot vibrate.'); },
  notify: async () => { if (await permission() === 'granted') (await navigator.serviceWorker?.getRegistration())?.showNotification('Open the valve now', { tag: 'try' }); },
};
for (const button of root.querySelectorAll('[data-try]')) {
  button.addEventListener('click', () => {
    tell('');
    (tries[button.dataset.try] ?? (() => tryOut(button.dataset.try)))();
  });
}
