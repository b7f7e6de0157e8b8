export {
	DIRECTORY_CHANGES,
	DIRECTORY_LENGTHS,
	FIRST_DIRECTORY_SETTINGS,
	mayChange,
	TEAM_SOURCES,
	type DirectoryChange,
	type DirectorySettings,
	type TeamSource
} from './directory-settings';
export {
	rosterOfUsers,
	type DirectoryComparison,
	type DirectoryRoster,
	type UnreadableRow
} from './roster-of-users';
export { scimGroup, scimPage, scimUser, type ScimGroup, type ScimUser } from './scim';
