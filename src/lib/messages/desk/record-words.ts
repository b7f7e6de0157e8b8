import { ACT_WORDS } from './state-words';

/** What was done that a case's own history does not hold, in words. */
const MORE: Readonly<Record<string, string>> = {
	'signed-in': 'signed in',
	'sign-in-failed': 'a sign-in failed',
	'signed-out': 'signed out',
	'second-factor-set': 'set up a second factor',
	'second-factor-ended': 'took a second factor away',
	'recovery-code-used': 'signed in with a code for a lost phone',
	'passkey-added': 'added a passkey',
	'passkey-removed': 'took a passkey away',
	'provider-linked': 'signed in with the organisation’s own sign-in for the first time',
	'record-right-given': 'gave audit log access',
	'record-right-taken': 'removed audit log access',
	'reset-asked': 'a link for another password was asked for',
	'person-erased': 'erased a person',
	'person-data-exported': 'downloaded all data about a person',
	'retention-set': 'set how long data is kept',
	'list-read': 'looked at a list',
	'record-read': 'read the audit log',
	'feed-read': 'a calendar read the follow-ups',
	'equipment-exported': 'took the equipment along',
	'letter-delivered': 'a letter was delivered',
	'people-imported': 'imported a list',
	'people-exported': 'took people along',
	'round-made': 'made a round',
	'round-sent': 'sent a round',
	'round-closed': 'closed a round',
	'round-reopened': 'opened a round again',
	nudged: 'reminded by hand',
	'emails-released': 'released waiting emails',
	'emails-cancelled': 'cancelled waiting emails',
	'emails-sent-again': 'sent emails again that had not gone out',
	'email-limit-set': 'set the daily limit for emails',
	'user-invited': 'invited someone',
	'user-closed': 'closed an account',
	'password-chosen': 'chose a password',
	'prices-set': 'set prices',
	'report-made': 'made a report',
	'report-dropped': 'took a report away',
	'figures-exported': 'took figures along',
	'store-counted': 'counted the store',
	'referral-written': 'wrote about a referral'
};

/** An act of the record in words. */
export const recordActWords = (act: string): string => MORE[act] ?? ACT_WORDS[act] ?? act;
