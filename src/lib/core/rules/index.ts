export { RULES_IN_FORCE, type Rules } from './rules-in-force';
