/** Stands by itself: the service worker shows it in place of a page that only the server has. */
export const csr = false;
