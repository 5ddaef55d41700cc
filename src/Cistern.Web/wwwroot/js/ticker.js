// A timer in a worker: browsers slow down the timers of background pages, but not a worker's.
setInterval(() => postMessage(0), 200);

// And once more when the next call is due, in this many ms.
let call = 0;
onmessage = ({ data }) => {
  clearTimeout(call);
  call = setTimeout(() => postMessage(0), data);
};
