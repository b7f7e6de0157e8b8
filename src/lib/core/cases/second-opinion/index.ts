export {
	compareOpinions,
	levelField,
	OPINION_SIZE,
	spreadOverLevels,
	type JudgedByRules,
	type OpinionComparison,
	type OpinionDifference,
	type PolicyProposal
} from './compare-opinions';
