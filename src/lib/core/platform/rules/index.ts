export { rulesVersionOf, SHIPPED_RULES, SHIPPED_RULES_VERSION, type Rules } from './shipped-rules';
