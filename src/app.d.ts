import type { NodePgDatabase } from 'drizzle-orm/node-postgres';
import type { Actor } from '$lib/server/actor';
import type { Session } from '$lib/server/access/sessions';
import type { Config } from '$lib/server/config';
import type { schema } from '$lib/server/db/client';
import type { TextSize } from '$lib/ui/theme/text-sizes';
import type { JobName } from '$lib/server/jobs/jobs';
import type { ChangeFeed } from '$lib/server/live/changes';
import type { OpenStreams } from '$lib/server/live/open-streams';
import type { Planner } from '$lib/server/planning/planning';

declare global {
	namespace App {
		interface Error {
			message: string;
			at?: string;
			/** Why, as a code, where the page offers something for it. */
			code?: string;
		}
		interface Locals {
			db: NodePgDatabase<typeof schema>;
			config: Config;
			planning: Planner;
			/** What other requests and processes change, for pages that follow it. */
			changes: ChangeFeed;
			/** Streams that are open in this process. */
			streams: OpenStreams;
			/** Wakes the queue, after the transaction that gave it work. */
			wake: (name: JobName) => void;
			/** The moment of this request. */
			now: Date;
			/** The signed-in user, or null. */
			user: (Actor & { kind: 'user' }) | null;
			/** The session of the request, also while its second factor is still to come. */
			session: Session | null;
			/** Whether the user's role may not open this page; its layout shows the refusal. */
			isDenied: boolean;
			/** Whether the connection to the database failed in this request. */
			hasLostDatabase: boolean;
			/** The language that this page is in: of the person whose link was opened, or the usual one. */
			language: import('$lib/messages/languages').Language;
			theme: 'light' | 'dark' | '';
			textSize: TextSize;
			/** The unit of the coordinator's door. */
			unit: import('$lib/core/length').LengthUnit;
		}
	}
}

export {};
