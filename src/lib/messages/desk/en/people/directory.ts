import type { DirectoryChange, TeamSource } from '$lib/core/people/directory/directory-settings';
import type { AsideReason } from '$lib/core/people/exchange/import-report';

/** Joiners, leavers and changes from the organisation's staff directory. */
export const directoryTexts = {
	link: 'Staff directory',
	linkWithCount: (n: number) => (n === 0 ? 'Staff directory' : `Staff directory (${n})`),
	title: 'Staff directory · Easy Corner',
	heading: 'Staff directory',
	lead: 'Easy Corner reads your staff directory and shows you the joiners, leavers and other changes. Nothing changes here until you apply them.',
	matching:
		'People are matched by staff number, or by email address if either side has no number. Details that are empty in the directory stay as they are here.',
	notConnected:
		'No staff directory is connected. Your administrator sets its SCIM 2.0 address and token, as the guide for administrators explains.',
	readAt: (moment: string, people: string) => `Read ${moment}: ${people}.`,
	never: 'It hasn’t been read yet.',
	deleted: 'The list we read has been deleted. Read the directory again to see what has changed.',
	isReading: 'Reading the directory …',
	readNow: 'Read now',
	faults: {
		unreachable: 'We couldn’t reach the directory. Your administrator can check its address.',
		refused: 'The directory refused our token. Your administrator can set a new one.',
		filter: 'The directory doesn’t accept the filter. Correct it in the settings below.',
		busy: 'The directory was too busy to answer. We’ll try again in an hour.',
		unreadable: 'The directory sent something that isn’t SCIM 2.0. Your administrator can check its address.',
		incomplete: 'The directory changed or stopped while we were reading it. We’ll try again in an hour.',
		failed: 'We couldn’t process the directory. Your administrator finds the reason in the log.'
	} satisfies Record<string, string>,
	asBefore: 'Below is the list from the last time it worked.',
	allSame: 'Everyone here is as in the directory.',
	apply: 'Apply these changes',
	backIn: (n: number) => `Leavers who are active in the directory: ${n}`,
	missingFrom: (n: number) => `People who aren’t in the directory: ${n}`,
	markMissing: (people: string) => `The directory has everyone: mark ${people} as leavers`,
	missingNotSure: 'Some of them may be among those whose details can’t be read, so they stay.',
	leaving: (n: number) => `No longer active: ${n}. They will be marked as leavers.`,
	departed: (n: number) =>
		n === 1
			? 'One person who is no longer active isn’t here, and isn’t added.'
			: `${n} people who are no longer active aren’t here, and aren’t added.`,
	notAdded: (n: number) =>
		n === 1
			? 'One person in the directory isn’t here. Adding people is switched off below.'
			: `${n} people in the directory aren’t here. Adding people is switched off below.`,
	asideCount: (n: number) => (n === 1 ? 'One person needs a closer look' : `${n} people need a closer look`),
	aside: {
		'address-in-use':
			'This address belongs to someone with another staff number here. Correct the number, here or in the directory.',
		'address-kept': 'This new address already belongs to someone else here. The old address stays.'
	} satisfies Record<AsideReason, string>,
	unreadableCount: (n: number) =>
		n === 1 ? 'The details of one person can’t all be read' : `The details of ${n} people can’t all be read`,
	noName: 'No name',
	applied: (added: string, changed: number, moved: number) =>
		`Applied: ${added} added, ${changed} changed, ${moved} marked as leavers or returned.`,
	settings: 'Directory settings',
	isOn: 'Read it every night',
	may: 'It may …',
	changes: {
		joiners: 'add people',
		leavers: 'mark people as leavers or returned',
		name: 'change names',
		email: 'change email addresses',
		team: 'change teams',
		phone: 'change phone numbers',
		place: 'change countries, regions and time zones'
	} satisfies Record<DirectoryChange, string>,
	usersFilter: 'Filter for people',
	usersFilterHint:
		'A SCIM filter, such as userType eq "Employee". Leave it empty to read everyone. Anyone it leaves out counts as not in the directory.',
	teamFrom: 'Team',
	teams: {
		department: 'The department',
		group: 'A group',
		none: 'Not from the directory'
	} satisfies Record<TeamSource, string>,
	groupStart: 'Names of team groups start with',
	groupStartHint:
		'“Team ” makes the group “Team Studio” the team “Studio”. Leave it empty to use all groups. Someone in several is put in the first by name.',
	save: 'Save and read again',
	saved: 'Saved. We are reading the directory again.'
};
