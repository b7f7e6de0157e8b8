import { isNotNull, or, sql } from 'drizzle-orm';
import { schema } from '../db/client';

const { passkeys, users } = schema;

/** SQL for whether a users row has an active second factor: authenticator codes, or a passkey (by passkeys_user_idx). */
export const hasSecondFactor = sql<boolean>`(${or(
	isNotNull(users.codeSince),
	sql`exists (select 1 from ${passkeys} where ${passkeys.userId} = ${users.id})`
)})`;
