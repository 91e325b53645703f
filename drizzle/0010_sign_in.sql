CREATE TABLE "invitation" (
	"hall_id" text NOT NULL,
	"id" text NOT NULL,
	"token_hash" text NOT NULL,
	"role" text NOT NULL,
	"name" text NOT NULL,
	"until" timestamp with time zone NOT NULL,
	"used_at" timestamp with time zone,
	CONSTRAINT "invitation_hall_id_id_pk" PRIMARY KEY("hall_id","id")
);
--> statement-breakpoint
CREATE TABLE "account_login" (
	"id" text PRIMARY KEY NOT NULL,
	"user_id" text NOT NULL,
	"account_id" text NOT NULL,
	"provider_id" text NOT NULL,
	"password" text,
	"access_token" text,
	"refresh_token" text,
	"id_token" text,
	"access_token_expires_at" timestamp with time zone,
	"refresh_token_expires_at" timestamp with time zone,
	"scope" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "account_mail" (
	"id" text PRIMARY KEY NOT NULL,
	"to" text NOT NULL,
	"subject" text NOT NULL,
	"text" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "membership" (
	"hall_id" text NOT NULL,
	"user_id" text NOT NULL,
	"role" text NOT NULL,
	"since" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "membership_hall_id_user_id_pk" PRIMARY KEY("hall_id","user_id")
);
--> statement-breakpoint
CREATE TABLE "account_proof" (
	"id" text PRIMARY KEY NOT NULL,
	"identifier" text NOT NULL,
	"value" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "account_secret" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"secret" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "account_session" (
	"id" text PRIMARY KEY NOT NULL,
	"user_id" text NOT NULL,
	"token" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"ip_address" text,
	"user_agent" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "account_session_token_unique" UNIQUE("token")
);
--> statement-breakpoint
CREATE TABLE "account_user" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"email_verified" boolean DEFAULT false NOT NULL,
	"image" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "account_user_email_unique" UNIQUE("email")
);
--> statement-breakpoint
ALTER TABLE "invitation" ADD CONSTRAINT "invitation_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "account_login" ADD CONSTRAINT "account_login_user_id_account_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."account_user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "membership" ADD CONSTRAINT "membership_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "membership" ADD CONSTRAINT "membership_user_id_account_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."account_user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "account_session" ADD CONSTRAINT "account_session_user_id_account_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."account_user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "invitation_by_token" ON "invitation" USING btree ("token_hash");--> statement-breakpoint
CREATE INDEX "login_by_user" ON "account_login" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "membership_by_user" ON "membership" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "proof_by_identifier" ON "account_proof" USING btree ("identifier");--> statement-breakpoint
CREATE INDEX "session_by_user" ON "account_session" USING btree ("user_id");--> statement-breakpoint
INSERT INTO "account_user" ("id", "name", "email", "email_verified") SELECT 'demo-owner', 'Isaura', 'isaura@kiln-yard.example', true WHERE EXISTS (SELECT FROM "hall" WHERE "stage" = 'demo');--> statement-breakpoint
INSERT INTO "membership" ("hall_id", "user_id", "role") SELECT "id", 'demo-owner', 'owner' FROM "hall" WHERE "stage" = 'demo';
