/** Whether a long job starts its next part, or leaves it to the next job: one that takes too long counts as lost with its process. */
export type ShouldContinue = () => boolean;

/** Runs to the end, for callers that wait for all of it. */
export const alwaysContinue: ShouldContinue = () => true;

/** How long a job starts new parts of its work, ms: then the next one continues. */
export const LONGEST_WORK_MS = 240_000;
