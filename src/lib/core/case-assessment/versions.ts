/**
 * Version of the core's rules that are no table of their own: what a judgement was made by. Raised with every change that may give
 * another judgement for the same file.
 */
export const CORE_VERSION = '5';
