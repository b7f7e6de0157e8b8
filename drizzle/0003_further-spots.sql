ALTER TABLE "assessments" ADD COLUMN "spot_of" uuid;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_spot_of_assessments_id_fk" FOREIGN KEY ("spot_of") REFERENCES "public"."assessments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "assessments_spot_of_idx" ON "assessments" USING btree ("spot_of");