export {
	grantOf,
	isPermitted,
	PERMISSIONS,
	rolesWith,
	SHOWS_PEOPLE,
	type Grant,
	type Permission
} from './permissions';
export { ROLES, type Role } from './roles';
export { whoSees, type WhoSees } from './who-sees';
