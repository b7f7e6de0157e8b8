import { sql, type SQL } from 'drizzle-orm';
import { schema } from '../db/client';

const { auditLines, personMerges } = schema;

/** That a line of the audit log is about a person, under any number they had: those of records that were merged into theirs too. */
export const isAbout = (personId: string): SQL =>
	sql`(${auditLines.personId} = ${personId} or ${auditLines.personId} in (select ${personMerges.fromId} from ${personMerges} where ${personMerges.intoId} = ${personId}))`;
