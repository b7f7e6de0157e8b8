export {
	rulesVersionOf,
	SHIPPED_RULES,
	SHIPPED_RULES_VERSION,
	softwareVersionOf,
	type Rules
} from './shipped-rules';
