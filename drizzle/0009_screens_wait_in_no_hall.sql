DELETE FROM "pairing";--> statement-breakpoint
ALTER TABLE "pairing" DROP CONSTRAINT "pairing_hall_id_device_pk";--> statement-breakpoint
DROP INDEX "pairing_code";--> statement-breakpoint
ALTER TABLE "pairing" DROP COLUMN "hall_id";--> statement-breakpoint
ALTER TABLE "pairing" ADD PRIMARY KEY ("device");--> statement-breakpoint
ALTER TABLE "pairing" ADD CONSTRAINT "pairing_code" UNIQUE ("code");
