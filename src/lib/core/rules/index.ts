export { RULES_IN_FORCE, RULES_VERSION, type Rules } from './rules-in-force';
