/** Read and left again by a form: it needs no scripts, and somebody on a slow phone reads it at once. */
export const csr = false;
