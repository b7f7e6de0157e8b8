/**
 * Ticks once a second from a worker: timers of a background tab are slowed to once a minute or less, a worker's are not. Times are computed
 * from timestamps, so a late tick does no harm.
 */
setInterval(() => postMessage(Date.now()), 1000);
