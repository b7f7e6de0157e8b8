-- After the tables: what their definitions can't say.

-- Counters of writes within the last minutes: nothing is lost where they are.
alter table write_limits set unlogged;
--> statement-breakpoint
-- No two observations of one person cover the same day: a closing would count both.
alter table observations
	add constraint observations_days_excl exclude using gist (person_id with =, daterange(on_day, until_day) with &&);
--> statement-breakpoint
-- What is written once stays: triggers hold it for every role, the owner included.
create function refuse_change() returns trigger language plpgsql as $$
begin
	raise exception 'audit lines are append-only';
end
$$;
--> statement-breakpoint
create trigger audit_lines_append_only
	before update or delete or truncate on audit_lines
	for each statement execute function refuse_change();
--> statement-breakpoint
create trigger audit_seals_append_only
	before update or delete or truncate on audit_seals
	for each statement execute function refuse_change();
--> statement-breakpoint
create trigger audit_checks_append_only
	before update or delete or truncate on audit_checks
	for each statement execute function refuse_change();
--> statement-breakpoint
-- An assessment result is written once. It goes with the person, or with their answers where these are withdrawn.
create function refuse_rewriting() returns trigger language plpgsql as $$
begin
	raise exception 'assessment results are never rewritten';
end
$$;
--> statement-breakpoint
create trigger assessment_results_never_rewritten
	before update on assessment_results
	for each statement execute function refuse_rewriting();
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
-- Tables that have their rows from the beginning.
insert into retention (id) values (1);
--> statement-breakpoint
insert into heartbeat default values;
--> statement-breakpoint
insert into audit_counts (kind, shard)
	select 'line', shard from generate_series(0, 63) as shard union all select 'seal', 0;
