export { changeOf, NOTICEABLE, worstOf, type Change } from './change';
export { BODY_SIDES, hasSides, REGIONS, SIDED_REGIONS, type BodySide, type Region } from './regions';
export {
	burdenOf,
	DAYS_ASKED,
	DISCOMFORT_KINDS,
	HINDERS,
	issuesOfReport,
	MOST_WORST,
	partsOf,
	REGION_PART_IDS,
	type DiscomfortKind,
	type RegionPart,
	type RegionReport
} from './report';
export {
	EMERGENCY_SIGNS,
	isEmergency,
	isSign,
	CLINICIAN_SIGNS,
	LIFT_WAYS,
	signNamed,
	URGENT_SIGNS,
	isDistress,
	isUrgent,
	type EmergencySign,
	SIGNS,
	type ClinicianSign,
	type LiftWay,
	type UrgentSign,
	type Sign
} from './signs';
