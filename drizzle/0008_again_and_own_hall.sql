ALTER TABLE "class" ADD COLUMN "series_id" text;--> statement-breakpoint
ALTER TABLE "hall" ADD COLUMN "stage" text DEFAULT 'own' NOT NULL;--> statement-breakpoint
CREATE INDEX "class_by_series" ON "class" USING btree ("hall_id","series_id");--> statement-breakpoint
UPDATE "hall" SET "stage" = 'demo' WHERE "id" = 'kiln-yard';
