ALTER TABLE "workforce_reports" ADD COLUMN "remark" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "workforce_reports" ADD COLUMN "decided" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "workforce_reports" ADD COLUMN "version" integer DEFAULT 1 NOT NULL;