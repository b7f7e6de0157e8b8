import { TEST_LIMIT_MS } from '../../bin/lib/patience.mjs';

/** How long a test waits for something to come about: no longer than it may take itself. */
export const PATIENCE = { timeout: TEST_LIMIT_MS } as const;
