ALTER TABLE "observations" DROP COLUMN "needs";--> statement-breakpoint
ALTER TABLE "observations" DROP COLUMN "stays_open";