import type { NodePgDatabase } from 'drizzle-orm/node-postgres';
import type { Actor } from '$lib/server/platform/actor';
import type { Session } from '$lib/server/platform/access/sessions';
import type { Config } from '$lib/server/platform/config';
import type { schema } from '$lib/server/platform/db/client';
import type { TextSize } from '$lib/core/platform/text-sizes';
import type { ChangeFeed } from '$lib/server/platform/live/changes';
import type { OpenStreams } from '$lib/server/platform/live/open-streams';
import type { FiguresDatabase } from '$lib/server/workforce/figures-database';
import type { Planner } from '$lib/server/plan/planning/planning';

declare global {
	namespace App {
		interface Error {
			message: string;
			at?: string;
			/** The reason as a code, where the page offers something for it. */
			code?: string;
		}
		interface Locals {
			db: NodePgDatabase<typeof schema>;
			/** Where figures of the workforce are read. */
			figures: FiguresDatabase;
			config: Config;
			planning: Planner;
			/** Changes by other requests and processes, for pages that follow them. */
			changes: ChangeFeed;
			streams: OpenStreams;
			/** The time of this request. */
			now: Date;
			/** The signed-in user, or null. */
			user: (Actor & { kind: 'user' }) | null;
			/** The session of the request, even while its second factor is missing. */
			session: Session | null;
			/** The organisation's IANA time zone, for pages behind sign-in: of its days and moments. */
			timeZone: string;
			/** Whether the user's role may not open this page; its layout shows the refusal. */
			isDenied: boolean;
			/** Whether the connection to the database failed in this request. */
			hasLostDatabase: boolean;
			/** The language of this page: that of the person whose link was opened or who is signed in, or the default. */
			language: import('$lib/messages/languages').Locale;
			deskReader: import('$lib/messages/desk-language').DeskReader;
			theme: 'light' | 'dark' | '';
			textSize: TextSize;
			unit: import('$lib/core/body/length/format-length').LengthUnit;
		}
	}
}

export {};
