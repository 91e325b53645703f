CREATE TABLE "audit" (
	"hall_id" text NOT NULL,
	"id" bigint GENERATED ALWAYS AS IDENTITY (sequence name "audit_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"user_id" text,
	"by_name" text NOT NULL,
	"act" text NOT NULL,
	"person_id" text,
	"about" text,
	CONSTRAINT "audit_hall_id_id_pk" PRIMARY KEY("hall_id","id")
);
--> statement-breakpoint
CREATE TABLE "incident" (
	"hall_id" text NOT NULL,
	"id" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"by_name" text NOT NULL,
	"document" jsonb NOT NULL,
	CONSTRAINT "incident_hall_id_id_pk" PRIMARY KEY("hall_id","id")
);
--> statement-breakpoint
ALTER TABLE "audit" ADD CONSTRAINT "audit_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "incident" ADD CONSTRAINT "incident_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "incident_by_time" ON "incident" USING btree ("hall_id","at");