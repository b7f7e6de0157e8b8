CREATE TABLE "triage_policies" (
	"version" integer PRIMARY KEY NOT NULL,
	"settings" jsonb NOT NULL,
	"note" text NOT NULL,
	"published_at" timestamp with time zone NOT NULL,
	"published_by" uuid,
	CONSTRAINT "triage_policies_version_check" CHECK ("triage_policies"."version" > 1000)
);
--> statement-breakpoint
ALTER TABLE "follow_ups" DROP CONSTRAINT "follow_ups_held_check";--> statement-breakpoint
ALTER TABLE "plans" DROP CONSTRAINT "plans_held_check";--> statement-breakpoint
ALTER TABLE "triage_policies" ADD CONSTRAINT "triage_policies_published_by_users_id_fk" FOREIGN KEY ("published_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "follow_ups" ADD CONSTRAINT "follow_ups_held_check" CHECK ("follow_ups"."held_why" in ('update', 'policy', 'import'));--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_held_check" CHECK ("plans"."held_why" in ('update', 'policy', 'import'));