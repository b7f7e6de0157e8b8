/** Account events about which the owner is emailed. */
export const ACCOUNT_NOTICES = [
	'new-device',
	'tries',
	'codes',
	'password',
	'passkey',
	'passkey-removed',
	'factor-set',
	'factor-ended',
	'log-given',
	'log-taken',
	'provider',
	'api-token'
] as const;

/** One of {@link ACCOUNT_NOTICES}. */
export type AccountNotice = (typeof ACCOUNT_NOTICES)[number];

/** Emails to employees, each with a personal link. */
export const EMPLOYEE_EMAIL_KINDS = [
	'invitation',
	'reminder',
	'message',
	'equipment',
	'plan-reminder',
	'trial-question',
	'check-in',
	'check-in-reminder',
	'recheck',
	'recheck-reminder'
] as const;

/** One of {@link EMPLOYEE_EMAIL_KINDS}. */
export type EmployeeEmailKind = (typeof EMPLOYEE_EMAIL_KINDS)[number];

/** Emails to a clinician about a referral: a new one, an answer to their question, or its cancellation. */
const CLINICIAN_NEWS = ['new', 'answered', 'ended'] as const;

/** One of {@link CLINICIAN_NEWS}. */
export type ClinicianNews = (typeof CLINICIAN_NEWS)[number];

/** Every kind of email; each has its own subject, text and button. */
export const EMAIL_KINDS = [
	...EMPLOYEE_EMAIL_KINDS,
	'referral-new',
	'referral-answered',
	'referral-ended',
	'deputy-alert',
	'account-invitation',
	'password-reset',
	...ACCOUNT_NOTICES
] as const;

/** One of {@link EMAIL_KINDS}. */
export type EmailKind = (typeof EMAIL_KINDS)[number];

/** Whether an email goes to an employee. */
export const isEmployeeEmail = (kind: EmailKind): kind is EmployeeEmailKind =>
	(EMPLOYEE_EMAIL_KINDS as readonly EmailKind[]).includes(kind);
