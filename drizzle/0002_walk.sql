CREATE TABLE "equipment_requests" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"assessment_id" uuid NOT NULL,
	"purchase" text NOT NULL,
	"asked_at" timestamp with time zone NOT NULL,
	CONSTRAINT "equipment_requests_purchase_check" CHECK ("equipment_requests"."purchase" in ('keyboard-and-mouse', 'footrest', 'seat-cushion', 'monitor', 'another-surface'))
);
--> statement-breakpoint
DROP INDEX "assessments_unseen_idx";--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "signs" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "signs_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "discomfort" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "level_rank" smallint;--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "reasons" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD CONSTRAINT "equipment_requests_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "equipment_requests_key" ON "equipment_requests" USING btree ("assessment_id","purchase");--> statement-breakpoint
CREATE INDEX "assessments_unseen_idx" ON "assessments" USING btree ("level_rank","checks_off" DESC NULLS LAST,"cost_now" DESC NULLS LAST) WHERE "assessments"."level_rank" is not null and "assessments"."seen_at" is null;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_level_check" CHECK ("assessments"."level_rank" between 0 and 5);--> statement-breakpoint
-- Answers from before levels: a plan to carry out where a check is off, else nothing open.
UPDATE "assessments" SET "level_rank" = CASE WHEN "checks_off" > 0 THEN 4 ELSE 5 END WHERE "answered_at" IS NOT NULL;
