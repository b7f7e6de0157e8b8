/** Whether a long piece of work begins its next part, or leaves it to the next job: one that takes too long counts as lost with its process. */
export type ShouldContinue = () => boolean;

/** Goes on to the end: for whoever waits for all of it. */
export const alwaysContinue: ShouldContinue = () => true;
