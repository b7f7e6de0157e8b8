export { changeOf, NOTICEABLE, worstOf, type Change } from './change';
export { hasSides, REGIONS, SIDED_REGIONS, type BodySide, type Region } from './regions';
export {
	burdenOf,
	DAYS_ASKED,
	DISCOMFORT_KINDS,
	HINDERS,
	issuesOfReport,
	MOST_WORST,
	type DiscomfortKind,
	type RegionReport
} from './report';
export {
	EMERGENCY_SIGNS,
	isEmergency,
	PROFESSIONAL_SIGNS,
	type EmergencySign,
	type ProfessionalSign,
	type Sign
} from './signs';
