import { sql } from 'drizzle-orm';

/** The organisation's IANA time zone as part of a statement, read once for each; UTC until it is set. */
export const organisationZone = sql<string>`coalesce((select o.time_zone from organisation o), 'UTC')`;
