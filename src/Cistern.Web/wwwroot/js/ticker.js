// A clock in a worker: browsers slow the timers of a page that is not in front, a worker's they do not.
setInterval(() => postMessage(0), 200);
