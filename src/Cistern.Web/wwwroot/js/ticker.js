// A clock in a worker: browsers slow the timers of a page that is not in front, a worker's they do not.
setInterval(() => postMessage(0), 200);

// And once more when the next call is due, in so many ms.
let call = 0;
onmessage = ({ data }) => {
  clearTimeout(call);
  call = setTimeout(() => postMessage(0), data);
};
