import fc from 'fast-check';
import { IS_LONG_RUN, ROTATION } from './rotation';

/** Property tests of the proofs and of the use cases begin elsewhere each day; in the long run they try ten times as many. */
fc.configureGlobal({ seed: 20_261_124 + ROTATION, ...(IS_LONG_RUN ? { numRuns: 1000 } : {}) });
