export {
	adviseBriefly,
	adviseCorner,
	keptAdvice,
	type Advice,
	type KeptAdvice,
	type KeptPurchase
} from './advise-corner';
