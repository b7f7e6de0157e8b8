ALTER TABLE "follow_ups" ADD COLUMN "held_before" date;--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "held_before" date;--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "cancelled_day" date;