import { whoSees } from '../../../core/platform/access/who-sees';
import { MIN_GROUP_SIZE } from '../../../core/workforce/group-size-limit';
import { privacyLines, type PrivacyLines } from '../../../messages/privacy';
import type { Db } from '../../platform/db/client';
import { readRetention } from '../../people/erasure/retention';
import { readOrganisation } from '../../platform/organisation/read-organisation';

/** What people are told about their data, from the settings and permissions in force. Two key look-ups. */
export async function readPrivacyLines(db: Db, locale: string): Promise<PrivacyLines> {
	const [organisation, retention] = await Promise.all([readOrganisation(db), readRetention(db)]);
	return privacyLines({ organisation, retention, whoSees: whoSees(), leastPeople: MIN_GROUP_SIZE }, locale);
}
