export { grantOf, isPermitted, PERMISSIONS, rolesWith, type Grant, type Permission } from './permissions';
export { ROLES, type Role } from './roles';
