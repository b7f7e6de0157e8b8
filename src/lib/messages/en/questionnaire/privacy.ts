import type { Role } from '$lib/core/platform/access/roles';
import type { WhoSees } from '$lib/core/platform/access/who-sees';
import type { Organisation } from '$lib/core/platform/organisation';
import type { Retention } from '$lib/core/platform/retention';
import type { PrivacyLine } from '../../text-parts';

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

/** Names of the roles as employees read them. */
const ROLE_NAMES: Readonly<Record<Role, string>> = {
	coordinator: 'coordinator',
	clinician: 'clinician',
	reader: 'analyst'
};

const list = (roles: readonly Role[]) =>
	new Intl.ListFormat('en-GB', { type: 'disjunction' }).format(roles.map((role) => ROLE_NAMES[role]));

const years = (n: number) => (n === 1 ? 'one year' : `${n} years`);

/** The privacy statement for employees. */
export const privacyTexts = {
	asked: [
		'We ask about',
		'Heights of your furniture and body, any discomfort, your health where it matters at a desk, and items you have at home. If you measure from a photo, it stays on your device, and we save only the numbers.'
	] as PrivacyLine,
	why: ['Why', 'To find what fits you, and to fix what doesn’t.'] as PrivacyLine,
	participation: {
		term: 'Taking part',
		words: ({ participation, dutyLaw }: Organisation) =>
			participation === 'voluntary'
				? 'Taking part is voluntary. You can skip any question or stop at any time.'
				: `Taking part is part of your employer’s health and safety duty${dutyLaw ? ` (${dutyLaw})` : ''}. You can still skip any question.`
	},
	seenBy: {
		term: 'Seen by',
		words: ({ everyAnswer, referredOnly, totalsOnly }: WhoSees, organisation: string, least: number) =>
			[
				`People with the ${list(everyAnswer)} role${organisation ? ` at ${organisation}` : ''} see your answers. They see a warning sign as soon as you tap it. Two of them may give your case a level separately, without your name, to check that they agree.`,
				referredOnly.length > 0 && `A ${list(referredOnly)} sees them only if you agree to a referral.`,
				totalsOnly.length > 0 &&
					`People with the ${list(totalsOnly)} role see only totals of ${COUNTS[least] ?? least} people or more.`,
				'The people who run the server can reach the database.'
			]
				.filter(Boolean)
				.join(' ')
	},
	howLong: {
		term: 'How long',
		words: ({ yearsAfterAnswer, yearsAfterLeaving }: Retention, organisation: string) => {
			const place = organisation || 'your organisation';
			const sign = 'If a warning sign is open, we delete your data once your coordinator has followed it up.';
			if (yearsAfterAnswer !== null && yearsAfterLeaving !== null)
				return `We delete your data ${years(yearsAfterAnswer)} after your last answer, or ${years(yearsAfterLeaving)} after you leave ${place}. ${sign}`;
			if (yearsAfterAnswer !== null)
				return `We delete your data ${years(yearsAfterAnswer)} after your last answer. ${sign}`;
			if (yearsAfterLeaving !== null)
				return `We delete your data ${years(yearsAfterLeaving)} after you leave ${place}. ${sign}`;
			return 'There is no end date. We keep your data until you withdraw it or a coordinator deletes it.';
		}
	},
	passedOn: [
		'Passed on',
		'Coordinators can download data as files: lists, a health record or everything. They can also let other programs of your organisation read part of it.'
	] as PrivacyLine,
	stays: [
		'After deletion',
		'If you withdraw, your coordinator’s own notes stay, and the fact that you were asked. Even after we delete your data, some things stay: log entries without your name, totals in earlier reports, and backups for a while. Until month-end totals are renewed, your last answers stay in them without your name, for a year at most.'
	] as PrivacyLine,
	rights: ['Your rights', 'You can see, correct, download or withdraw your answers here.'] as PrivacyLine,
	complaints: [
		'Complaints',
		'You can ask your organisation which law allows it to use your data. You can also complain to the data protection authority where you live.'
	] as PrivacyLine,
	limits: [
		'Its limits',
		'This is guidance for comfort, not a diagnosis. It doesn’t replace a clinician. Local law comes first.'
	] as PrivacyLine,
	questions: {
		term: 'Questions?',
		words: ({ contactName, contactRole, phone, replyTo }: Organisation) => {
			const who = contactRole ? `${contactName}, ${contactRole}` : contactName;
			const reach = [phone, replyTo].filter((one) => one !== '').join(', ');
			return reach ? `Ask ${who}: ${reach}.` : `Ask ${who}.`;
		}
	}
};
