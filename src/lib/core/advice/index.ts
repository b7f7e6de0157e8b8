export {
	adviseBriefly,
	adviseCorner,
	keptAdvice,
	type Advice,
	type KeptAdvice,
	type KeptPurchase
} from './advise-corner';
export { offersOf, stepsToDo, type Offer } from './offers';
