CREATE TABLE "erased_person" (
	"hall_id" text NOT NULL,
	"mark" text NOT NULL,
	"erased_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "erased_person_hall_id_mark_pk" PRIMARY KEY("hall_id","mark")
);
--> statement-breakpoint
CREATE TABLE "room_clock" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"offset_ms" double precision DEFAULT 0 NOT NULL,
	"stepped_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "write_probe" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "class_revision" DROP CONSTRAINT "class_revision_class_id_class_id_fk";
--> statement-breakpoint
ALTER TABLE "run_event" DROP CONSTRAINT "run_event_run_id_run_id_fk";
--> statement-breakpoint
ALTER TABLE "run" DROP CONSTRAINT "run_class_id_class_id_fk";
--> statement-breakpoint
ALTER TABLE "screen_link" DROP CONSTRAINT "screen_link_run_id_run_id_fk";
--> statement-breakpoint
DROP INDEX "run_event_id";--> statement-breakpoint
DROP INDEX "run_by_class";--> statement-breakpoint
ALTER TABLE "class_revision" DROP CONSTRAINT "class_revision_class_id_version_pk";--> statement-breakpoint
ALTER TABLE "run_event" DROP CONSTRAINT "run_event_run_id_sequence_pk";--> statement-breakpoint
ALTER TABLE "class" DROP CONSTRAINT "class_pkey";--> statement-breakpoint
ALTER TABLE "run" DROP CONSTRAINT "run_pkey";--> statement-breakpoint
ALTER TABLE "class_revision" ADD CONSTRAINT "class_revision_hall_id_class_id_version_pk" PRIMARY KEY("hall_id","class_id","version");--> statement-breakpoint
ALTER TABLE "class" ADD CONSTRAINT "class_hall_id_id_pk" PRIMARY KEY("hall_id","id");--> statement-breakpoint
ALTER TABLE "run_event" ADD CONSTRAINT "run_event_hall_id_run_id_sequence_pk" PRIMARY KEY("hall_id","run_id","sequence");--> statement-breakpoint
ALTER TABLE "run" ADD CONSTRAINT "run_hall_id_id_pk" PRIMARY KEY("hall_id","id");--> statement-breakpoint
ALTER TABLE "class_revision" ADD COLUMN "format" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "class" ADD COLUMN "format" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "class" ADD COLUMN "summary" jsonb;--> statement-breakpoint
ALTER TABLE "class" ADD COLUMN "summary_of" text;--> statement-breakpoint
ALTER TABLE "exercise" ADD COLUMN "format" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "gear_kind" ADD COLUMN "format" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "hall" ADD COLUMN "library_version" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "format" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "plan" ADD COLUMN "format" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "format" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "format" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "class_name" text GENERATED ALWAYS AS (snapshot->>'name') STORED;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "room_name" text GENERATED ALWAYS AS (snapshot->>'roomName') STORED;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "planned_seconds" double precision GENERATED ALWAYS AS (case when jsonb_typeof(snapshot->'timeline'->'total') = 'number' then (snapshot->'timeline'->>'total')::float8 end) STORED;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "people" jsonb GENERATED ALWAYS AS (coalesce(snapshot->'people', '[]') || coalesce(snapshot->'left', '[]')) STORED;--> statement-breakpoint
ALTER TABLE "class_revision" ADD CONSTRAINT "class_revision_class_fk" FOREIGN KEY ("hall_id","class_id") REFERENCES "public"."class"("hall_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run_event" ADD CONSTRAINT "run_event_run_fk" FOREIGN KEY ("hall_id","run_id") REFERENCES "public"."run"("hall_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run" ADD CONSTRAINT "run_class_fk" FOREIGN KEY ("hall_id","class_id") REFERENCES "public"."class"("hall_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "screen_link" ADD CONSTRAINT "screen_link_run_fk" FOREIGN KEY ("hall_id","run_id") REFERENCES "public"."run"("hall_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "run_id" ON "run" USING btree ("id");--> statement-breakpoint
CREATE INDEX "screen_link_by_run" ON "screen_link" USING btree ("hall_id","run_id");--> statement-breakpoint
CREATE UNIQUE INDEX "run_event_id" ON "run_event" USING btree ("hall_id","run_id","id");--> statement-breakpoint
CREATE INDEX "run_by_class" ON "run" USING btree ("hall_id","class_id");--> statement-breakpoint
ALTER TABLE "erased_person" ADD CONSTRAINT "erased_person_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
INSERT INTO "room_clock" DEFAULT VALUES;--> statement-breakpoint
INSERT INTO "write_probe" DEFAULT VALUES;--> statement-breakpoint
-- The database's clock in milliseconds since 1970: the only place that asks it, so that a test can put another in its place.
CREATE FUNCTION "database_clock"() RETURNS double precision LANGUAGE sql VOLATILE AS $$ SELECT extract(epoch FROM clock_timestamp()) * 1000 $$;--> statement-breakpoint
-- The time by which every room goes: the database's clock, less what it was set forward or back by hand.
CREATE FUNCTION "room_time"() RETURNS double precision LANGUAGE sql VOLATILE AS $$ SELECT database_clock() + (SELECT offset_ms FROM room_clock) $$;--> statement-breakpoint
CREATE FUNCTION "library_changed"() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN
  UPDATE hall SET library_version = library_version + 1 WHERE id IN (SELECT DISTINCT hall_id FROM changed);
  RETURN NULL;
END $$;--> statement-breakpoint
CREATE TRIGGER "person_inserted" AFTER INSERT ON "person" REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "person_updated" AFTER UPDATE ON "person" REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "person_deleted" AFTER DELETE ON "person" REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "exercise_inserted" AFTER INSERT ON "exercise" REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "exercise_updated" AFTER UPDATE ON "exercise" REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "exercise_deleted" AFTER DELETE ON "exercise" REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "gear_kind_inserted" AFTER INSERT ON "gear_kind" REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "gear_kind_updated" AFTER UPDATE ON "gear_kind" REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "gear_kind_deleted" AFTER DELETE ON "gear_kind" REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "room_inserted" AFTER INSERT ON "room" REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "room_updated" AFTER UPDATE ON "room" REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();--> statement-breakpoint
CREATE TRIGGER "room_deleted" AFTER DELETE ON "room" REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION library_changed();
