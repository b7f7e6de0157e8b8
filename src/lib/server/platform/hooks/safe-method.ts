/** Methods that change nothing. */
const SAFE: readonly string[] = ['GET', 'HEAD', 'OPTIONS'];

/** Whether a request's method changes nothing. */
export const isSafeMethod = (method: string): boolean => SAFE.includes(method);
