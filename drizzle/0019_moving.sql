CREATE TABLE "moving" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"rhythm" text,
	"share" text DEFAULT 'moving' NOT NULL,
	"shared_at" timestamp with time zone,
	CONSTRAINT "moving_rhythm_check" CHECK ("moving"."rhythm" in ('half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks')),
	CONSTRAINT "moving_share_check" CHECK ("moving"."share" in ('moving', 'half', 'mostly'))
);
--> statement-breakpoint
CREATE TABLE "moving_weeks" (
	"person_id" uuid NOT NULL,
	"week" date NOT NULL,
	"planned" smallint NOT NULL,
	"taken" smallint NOT NULL,
	CONSTRAINT "moving_weeks_person_id_week_pk" PRIMARY KEY("person_id","week")
);
--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "rhythm" text DEFAULT 'half-hour' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "rhythm" text;--> statement-breakpoint
ALTER TABLE "rounds" ADD COLUMN "rhythm" text DEFAULT 'half-hour' NOT NULL;--> statement-breakpoint
ALTER TABLE "moving" ADD CONSTRAINT "moving_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "moving_weeks" ADD CONSTRAINT "moving_weeks_person_id_moving_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."moving"("person_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_rhythm_check" CHECK ("assessments"."rhythm" in ('half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'));--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_rhythm_check" CHECK ("people"."rhythm" in ('half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'));--> statement-breakpoint
ALTER TABLE "rounds" ADD CONSTRAINT "rounds_rhythm_check" CHECK ("rounds"."rhythm" in ('half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'));