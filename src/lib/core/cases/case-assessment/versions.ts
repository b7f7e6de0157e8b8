/**
 * Version of the rules in code (those outside any table): states what an assessment was made by. Raised with every change that may assess
 * the same record differently.
 */
export const CORE_VERSION = '5';
