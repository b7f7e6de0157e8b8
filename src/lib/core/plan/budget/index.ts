export { cheapestSensible } from './cheapest-sensible';
export { purchaseOffers, type PurchaseOffer } from './purchase-offers';
export {
	helpedByLargerBudget,
	purchaseChoices,
	type AllocatedPurchase,
	type PurchaseSelection,
	type PurchaseSums,
	type SelectionProof,
	type Stock
} from './best-purchases';
export { readNeeds, writeOffers, type LeftOut, type Needs, type PersonInNeed } from './needs';
