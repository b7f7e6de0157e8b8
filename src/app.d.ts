import type { NodePgDatabase } from 'drizzle-orm/node-postgres';
import type { Actor } from '$lib/server/actor';
import type { Config } from '$lib/server/config';
import type { schema } from '$lib/server/db/client';
import type { TextSize } from '$lib/ui/theme/text-sizes';
import type { Planning } from '$lib/server/planning/planning';

declare global {
	namespace App {
		interface Error {
			message: string;
			at?: string;
		}
		interface Locals {
			db: NodePgDatabase<typeof schema>;
			config: Config;
			planning: Planning;
			/** The moment of this request. */
			now: Date;
			/** The signed-in user, or null. */
			user: (Actor & { kind: 'user' }) | null;
			theme: 'light' | 'dark' | '';
			textSize: TextSize;
			/** The unit of the coordinator's door. */
			unit: 'cm' | 'in' | 'mm';
		}
	}
}

export {};
