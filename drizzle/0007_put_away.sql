ALTER TABLE "plan" ADD COLUMN "deleted_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "deleted_at" timestamp with time zone;