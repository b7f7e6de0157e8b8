-- The levels have the field's names, and one more: what is for the same working day.
ALTER TYPE "public"."level" RENAME VALUE 'now' TO 'emergency';
--> statement-breakpoint
ALTER TYPE "public"."level" RENAME VALUE 'settled' TO 'done';
--> statement-breakpoint
ALTER TYPE "public"."level" ADD VALUE 'urgent' AFTER 'emergency';
--> statement-breakpoint
CREATE TABLE "finding_ticks" (
	"assessment_id" uuid NOT NULL,
	"finding" text NOT NULL,
	"how" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "finding_ticks_assessment_id_finding_pk" PRIMARY KEY("assessment_id","finding"),
	CONSTRAINT "finding_ticks_how_check" CHECK ("finding_ticks"."how" in ('done', 'not-here'))
);
--> statement-breakpoint
CREATE TABLE "sign_lifts" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"sign" text NOT NULL,
	"how" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "sign_lifts_sign_check" CHECK ("sign_lifts"."sign" in ('chest-pain', 'sudden-breathlessness', 'sudden-one-sided-weakness', 'sudden-worst-headache', 'sudden-loss-of-sight', 'saddle-numbness', 'thoughts-of-ending-life', 'new-weakness', 'one-calf-swollen', 'back-pain-with-fever', 'clumsy-hands', 'wakes-at-night', 'numbness-stays', 'runs-down-a-limb', 'does-not-ease', 'after-injury', 'worst-at-night')),
	CONSTRAINT "sign_lifts_how_check" CHECK ("sign_lifts"."how" in ('seen', 'mistake', 'safe-now'))
);
--> statement-breakpoint
ALTER TABLE "contacts" DROP CONSTRAINT "contacts_closes_check";
--> statement-breakpoint
ALTER TABLE "check_ins" DROP CONSTRAINT "check_ins_undone_check";
--> statement-breakpoint
ALTER TABLE "reported_signs" DROP CONSTRAINT "reported_signs_sign_check";
--> statement-breakpoint
ALTER TABLE "finding_ticks" ADD CONSTRAINT "finding_ticks_assessment_id_assessments_id_fk" FOREIGN KEY ("assessment_id") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "sign_lifts" ADD CONSTRAINT "sign_lifts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
CREATE INDEX "sign_lifts_person_idx" ON "sign_lifts" USING btree ("person_id","at");
--> statement-breakpoint
-- Numbness with weakness is read as the weakness it is.
UPDATE "reported_signs" SET "sign" = 'new-weakness' WHERE "sign" = 'with-weakness';
--> statement-breakpoint
UPDATE "contacts" SET "closes" = array_replace("closes", 'with-weakness', 'new-weakness') WHERE 'with-weakness' = ANY ("closes");
--> statement-breakpoint
UPDATE "check_ins" SET "signs" = ("signs" - 'with-weakness') || '["new-weakness"]' WHERE "signs" ? 'with-weakness';
--> statement-breakpoint
UPDATE "assessments" SET "answers" = ("answers" - 'sign.with-weakness') || jsonb_build_object('sign.new-weakness', "answers" -> 'sign.with-weakness') WHERE "answers" ? 'sign.with-weakness';
--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_closes_check" CHECK ("contacts"."closes" <@ array['chest-pain', 'sudden-breathlessness', 'sudden-one-sided-weakness', 'sudden-worst-headache', 'sudden-loss-of-sight', 'saddle-numbness', 'thoughts-of-ending-life', 'new-weakness', 'one-calf-swollen', 'back-pain-with-fever', 'clumsy-hands', 'wakes-at-night', 'numbness-stays', 'runs-down-a-limb', 'does-not-ease', 'after-injury', 'worst-at-night', 'reported-weakness', 'reported-tingling', 'severe', 'not-better']::text[]);
--> statement-breakpoint
ALTER TABLE "reported_signs" ADD CONSTRAINT "reported_signs_sign_check" CHECK ("reported_signs"."sign" in ('chest-pain', 'sudden-breathlessness', 'sudden-one-sided-weakness', 'sudden-worst-headache', 'sudden-loss-of-sight', 'saddle-numbness', 'thoughts-of-ending-life', 'new-weakness', 'one-calf-swollen', 'back-pain-with-fever', 'clumsy-hands', 'wakes-at-night', 'numbness-stays', 'runs-down-a-limb', 'does-not-ease', 'after-injury', 'worst-at-night'));
--> statement-breakpoint
UPDATE "assessments" SET "signs" = ("signs" - 'with-weakness') || '["new-weakness"]' WHERE "signs" ? 'with-weakness';
--> statement-breakpoint
CREATE TABLE "crisis_lines" (
	"country" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"phone" text NOT NULL,
	"changed_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "cases" ADD COLUMN "is_stopped" boolean DEFAULT false NOT NULL;
