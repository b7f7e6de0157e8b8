export { discomfortChange, NOTICEABLE_CHANGE, worstScore, type DiscomfortChange } from './discomfort-change';
export { BODY_SIDES, hasSides, REGIONS, SIDED_REGIONS, type BodySide, type Region } from './regions';
export {
	weeklyBurden,
	RECALL_DAYS,
	DISCOMFORT_KINDS,
	WORK_INTERFERENCE,
	regionReportIssues,
	MAX_SCORE,
	regionPartsOf,
	REGION_PART_IDS,
	type DiscomfortKind,
	type RegionPart,
	type RegionReport
} from './report';
export {
	EMERGENCY_RED_FLAGS,
	isEmergency,
	isRedFlag,
	CLINICIAN_RED_FLAGS,
	EMERGENCY_CLEARANCES,
	redFlagNamed,
	URGENT_RED_FLAGS,
	isDistressFlag,
	isUrgent,
	type EmergencyRedFlag,
	RED_FLAGS,
	type ClinicianRedFlag,
	type EmergencyClearance,
	type UrgentRedFlag,
	type RedFlag
} from './red-flags';
