CREATE TABLE "account_passkey" (
	"id" text PRIMARY KEY NOT NULL,
	"user_id" text NOT NULL,
	"name" text,
	"public_key" text NOT NULL,
	"credential_id" text NOT NULL,
	"counter" integer NOT NULL,
	"device_type" text NOT NULL,
	"backed_up" boolean NOT NULL,
	"transports" text,
	"aaguid" text,
	"created_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "account_passkey" ADD CONSTRAINT "account_passkey_user_id_account_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."account_user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "passkey_by_user" ON "account_passkey" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "passkey_by_credential" ON "account_passkey" USING btree ("credential_id");