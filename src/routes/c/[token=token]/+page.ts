/** Read, and left by a form: it needs no scripts, and someone on a slow phone can read it at once. */
export const csr = false;
