CREATE TABLE "checklist_drafts" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"document" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"changed_at" timestamp with time zone NOT NULL,
	"changed_by" uuid,
	CONSTRAINT "checklist_drafts_one_check" CHECK ("checklist_drafts"."id" = 1)
);
--> statement-breakpoint
CREATE TABLE "checklists" (
	"version" integer PRIMARY KEY NOT NULL,
	"document" jsonb NOT NULL,
	"finding_names" jsonb NOT NULL,
	"note" text NOT NULL,
	"published_at" timestamp with time zone NOT NULL,
	"published_by" uuid,
	CONSTRAINT "checklists_version_check" CHECK ("checklists"."version" > 1000)
);
--> statement-breakpoint
ALTER TABLE "checklist_drafts" ADD CONSTRAINT "checklist_drafts_changed_by_users_id_fk" FOREIGN KEY ("changed_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "checklists" ADD CONSTRAINT "checklists_published_by_users_id_fk" FOREIGN KEY ("published_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;