CREATE TABLE "card_claim" (
	"hall_id" text NOT NULL,
	"run_id" text NOT NULL,
	"person_id" text NOT NULL,
	"device" text NOT NULL,
	CONSTRAINT "card_claim_hall_id_run_id_person_id_pk" PRIMARY KEY("hall_id","run_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "pairing" (
	"hall_id" text NOT NULL,
	"device" text NOT NULL,
	"code" text NOT NULL,
	"until" bigint NOT NULL,
	"path" text,
	CONSTRAINT "pairing_hall_id_device_pk" PRIMARY KEY("hall_id","device")
);
--> statement-breakpoint
ALTER TABLE "card_claim" ADD CONSTRAINT "card_claim_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "card_claim" ADD CONSTRAINT "card_claim_run_fk" FOREIGN KEY ("hall_id","run_id") REFERENCES "public"."run"("hall_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pairing" ADD CONSTRAINT "pairing_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "pairing_code" ON "pairing" USING btree ("hall_id","code");