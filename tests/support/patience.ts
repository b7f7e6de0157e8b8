const MINUTE_MS = 60_000;

/** How long a test waits for something to come about: the one limit there is, far beyond what the busiest machine takes. */
export const PATIENCE = { timeout: 10 * MINUTE_MS } as const;
