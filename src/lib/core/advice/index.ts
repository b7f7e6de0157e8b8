export {
	adviseCorner,
	keptAdvice,
	type Advice,
	type KeptAdvice,
	type KeptMore,
	type KeptOutcome,
	type KeptPurchase
} from './advise-corner';
export { firstActs, type FirstAct } from './first-acts';
export { pageActs } from './page-acts';
export { toldDistance, type ToldDistance } from './told-distance';
export { readAdvice, readPurchases, type StoredAdvice, type StoredPurchase } from './read-advice';
export {
	actsOf,
	advisedFindings,
	isOfStep,
	type AdvisedFinding,
	type FindingFate,
	type AnsweredAbout
} from './advised-findings';
export { OTHER_CHECK_IDS, otherChecks, type OtherCheck, type OtherCheckId } from './other-checks';
export { sideLookOf, type SideLook, type SidePointId } from './side-look';
export { isLeftAlone, offersOf, stepsToDo, type Offer } from './offers';
