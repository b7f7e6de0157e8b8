-- Audit lines are written once. A trigger holds it for every role, the owner included.
create function refuse_change() returns trigger language plpgsql as $$
begin
	raise exception 'audit lines are append-only';
end
$$;
--> statement-breakpoint
create trigger audit_lines_append_only
	before update or delete or truncate on audit_lines
	for each statement execute function refuse_change();
