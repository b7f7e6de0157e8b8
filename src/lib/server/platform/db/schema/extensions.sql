-- Before the tables. Both come with PostgreSQL and are trusted: pg_trgm searches by any part of a name, btree_gist keeps days apart by person.
create extension if not exists pg_trgm;
--> statement-breakpoint
create extension if not exists btree_gist;
