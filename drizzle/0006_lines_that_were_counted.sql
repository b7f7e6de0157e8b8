CREATE TABLE "audit_checks" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"seal_id" bigint NOT NULL,
	"hash" text NOT NULL,
	"n" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "audit_counts" (
	"kind" text NOT NULL,
	"shard" integer NOT NULL,
	"n" bigint DEFAULT 0 NOT NULL,
	CONSTRAINT "audit_counts_kind_shard_pk" PRIMARY KEY("kind","shard")
);

--> statement-breakpoint
INSERT INTO "audit_counts" ("kind", "shard", "n")
	SELECT 'line', shard, CASE shard WHEN 0 THEN (SELECT count(*) FROM "audit_lines") ELSE 0 END FROM generate_series(0, 63) AS shard
	UNION ALL SELECT 'seal', 0, (SELECT count(*) FROM "audit_seals");
--> statement-breakpoint
-- With the rights of who owns the tables: the application writes lines, and can't change how many it wrote.
create function count_audit_lines() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
begin
	update audit_counts set n = n + (select count(*) from added) where kind = 'line' and shard = pg_backend_pid() % 64;
	return null;
end
$$;
--> statement-breakpoint
create function count_audit_seals() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
begin
	update audit_counts set n = n + (select count(*) from added) where kind = 'seal';
	return null;
end
$$;
--> statement-breakpoint
create trigger audit_lines_counted after insert on audit_lines
	referencing new table as added for each statement execute function count_audit_lines();
--> statement-breakpoint
create trigger audit_seals_counted after insert on audit_seals
	referencing new table as added for each statement execute function count_audit_seals();
--> statement-breakpoint
create trigger audit_checks_append_only
	before update or delete or truncate on audit_checks
	for each statement execute function refuse_change();
