import type { AuditAction } from '../audit/write-audit-line';

/** Something that the organisation publishes in versions. */
export interface PublishedSubject<C> {
	/** Under which its versions are stored. */
	readonly key: string;
	/** Number of the last version that the software comes with: the organisation's own are counted from there. */
	readonly base: number;
	/** How its publication is named in the audit log, and with what beside the version. */
	readonly published: Extract<AuditAction, `${string}-published`>;
	/** The same for a draft that was given up; null where the server keeps no drafts of it. */
	readonly discarded: Extract<AuditAction, `${string}-discarded`> | null;
	readonly detail: Readonly<Record<string, string>>;
	/** The reason where a colleague has changed or published it in the meantime. */
	readonly conflict: 'policyChanged' | 'checklistChanged' | 'textChanged';
	/** A stored version as it is used; null is what the software comes with. */
	readonly read: (content: unknown) => C;
}
