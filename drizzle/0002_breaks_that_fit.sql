ALTER TABLE "assessments" DROP CONSTRAINT "assessments_rhythm_check";--> statement-breakpoint
ALTER TABLE "moving" DROP CONSTRAINT "moving_rhythm_check";--> statement-breakpoint
ALTER TABLE "people" DROP CONSTRAINT "people_rhythm_check";--> statement-breakpoint
ALTER TABLE "rounds" DROP CONSTRAINT "rounds_rhythm_check";--> statement-breakpoint
ALTER TABLE "assessments" ALTER COLUMN "rhythm" SET DEFAULT 'few';--> statement-breakpoint
ALTER TABLE "rounds" ALTER COLUMN "rhythm" SET DEFAULT 'few';--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_rhythm_check" CHECK ("assessments"."rhythm" in ('few', 'half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'));--> statement-breakpoint
ALTER TABLE "moving" ADD CONSTRAINT "moving_rhythm_check" CHECK ("moving"."rhythm" in ('few', 'half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'));--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_rhythm_check" CHECK ("people"."rhythm" in ('few', 'half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'));--> statement-breakpoint
ALTER TABLE "rounds" ADD CONSTRAINT "rounds_rhythm_check" CHECK ("rounds"."rhythm" in ('few', 'half-hour', 'twenty', 'stairs', 'hour', 'small-changes', 'walks'));