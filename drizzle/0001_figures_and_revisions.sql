CREATE TABLE "class_revision" (
	"hall_id" text NOT NULL,
	"class_id" text NOT NULL,
	"version" integer NOT NULL,
	"document" jsonb NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "class_revision_class_id_version_pk" PRIMARY KEY("class_id","version")
);
--> statement-breakpoint
ALTER TABLE "hall" ADD COLUMN "figures" jsonb;--> statement-breakpoint
ALTER TABLE "class_revision" ADD CONSTRAINT "class_revision_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "class_revision" ADD CONSTRAINT "class_revision_class_id_class_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."class"("id") ON DELETE cascade ON UPDATE no action;