/**
 * A tick each second, from a worker: a tab in the background has its own timers slowed down to one a minute and less, a worker's go on.
 * What it means is worked out from moments: a tick that is late makes nothing wrong.
 */
setInterval(() => postMessage(Date.now()), 1000);
