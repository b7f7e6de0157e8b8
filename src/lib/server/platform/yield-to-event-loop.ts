/** Lets other waiting work run before the next piece of a long job. */
export const yieldToEventLoop = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));
