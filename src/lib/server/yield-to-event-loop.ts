/** Lets everything else that waits go on before the next piece of long work. */
export const yieldToEventLoop = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));
