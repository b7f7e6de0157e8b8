/** Read and left again by a form: it needs no scripts, and someone on a slow phone reads it at once. */
export const csr = false;
