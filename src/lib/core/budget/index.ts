export {
	allPurchases,
	bestPurchases,
	worthOf,
	type Bought,
	type InNeed,
	type Purchases
} from './best-purchases';
