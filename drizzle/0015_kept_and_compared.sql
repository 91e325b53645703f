CREATE TABLE "attendance" (
	"hall_id" text NOT NULL,
	"run_id" text NOT NULL,
	"person_id" text NOT NULL,
	"class_id" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"minutes" double precision NOT NULL,
	"did" jsonb NOT NULL,
	"partners" text[] NOT NULL,
	"go_easy" text[] NOT NULL,
	CONSTRAINT "attendance_hall_id_run_id_person_id_pk" PRIMARY KEY("hall_id","run_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "result_entry" (
	"hall_id" text NOT NULL,
	"run_id" text NOT NULL,
	"place" text NOT NULL,
	"measure" text NOT NULL,
	"person_id" text NOT NULL,
	"id" text NOT NULL,
	"outcome" jsonb,
	"by_name" text NOT NULL,
	"at" timestamp with time zone DEFAULT clock_timestamp() NOT NULL,
	CONSTRAINT "result_entry_hall_id_id_person_id_pk" PRIMARY KEY("hall_id","id","person_id")
);
--> statement-breakpoint
CREATE TABLE "result" (
	"hall_id" text NOT NULL,
	"run_id" text NOT NULL,
	"place" text NOT NULL,
	"measure" text NOT NULL,
	"person_id" text NOT NULL,
	"name" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"task_key" text NOT NULL,
	"option" text NOT NULL,
	"outcome" jsonb,
	"entry" text NOT NULL,
	"tapped" jsonb,
	"splits" jsonb,
	"tapped_of" integer,
	"is_entered" boolean DEFAULT false NOT NULL,
	CONSTRAINT "result_hall_id_run_id_place_measure_person_id_pk" PRIMARY KEY("hall_id","run_id","place","measure","person_id")
);
--> statement-breakpoint
CREATE TABLE "run_note" (
	"hall_id" text NOT NULL,
	"id" text NOT NULL,
	"run_id" text NOT NULL,
	"text" text NOT NULL,
	"by_name" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "run_note_hall_id_id_pk" PRIMARY KEY("hall_id","id")
);
--> statement-breakpoint
CREATE TABLE "task" (
	"hall_id" text NOT NULL,
	"key" text NOT NULL,
	"document" jsonb NOT NULL,
	CONSTRAINT "task_hall_id_key_pk" PRIMARY KEY("hall_id","key")
);
--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "slot_seconds" double precision GENERATED ALWAYS AS (case when jsonb_typeof(snapshot->'slotSeconds') = 'number' then (snapshot->>'slotSeconds')::float8 end) STORED;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "record" jsonb;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "record_version" integer;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "record_sequence" integer;--> statement-breakpoint
ALTER TABLE "attendance" ADD CONSTRAINT "attendance_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "attendance" ADD CONSTRAINT "attendance_run_fk" FOREIGN KEY ("hall_id","run_id") REFERENCES "public"."run"("hall_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "result_entry" ADD CONSTRAINT "result_entry_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "result_entry" ADD CONSTRAINT "result_entry_run_fk" FOREIGN KEY ("hall_id","run_id") REFERENCES "public"."run"("hall_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "result" ADD CONSTRAINT "result_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "result" ADD CONSTRAINT "result_run_fk" FOREIGN KEY ("hall_id","run_id") REFERENCES "public"."run"("hall_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run_note" ADD CONSTRAINT "run_note_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run_note" ADD CONSTRAINT "run_note_run_fk" FOREIGN KEY ("hall_id","run_id") REFERENCES "public"."run"("hall_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "task" ADD CONSTRAINT "task_hall_id_hall_id_fk" FOREIGN KEY ("hall_id") REFERENCES "public"."hall"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "attendance_by_person" ON "attendance" USING btree ("hall_id","person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "result_entry_by_run" ON "result_entry" USING btree ("hall_id","run_id");--> statement-breakpoint
CREATE INDEX "result_by_person" ON "result" USING btree ("hall_id","person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "result_by_piece" ON "result" USING btree ("hall_id",split_part(place, '/', 1),"person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "result_by_task" ON "result" USING btree ("hall_id","task_key","person_id","at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "run_note_by_run" ON "run_note" USING btree ("hall_id","run_id");--> statement-breakpoint
CREATE INDEX "run_by_day" ON "run" USING btree ("hall_id",coalesce(started_at, created_at) desc) WHERE sequence > 0 and deleted_at is null;--> statement-breakpoint
CREATE INDEX "run_by_name" ON "run" USING btree ("hall_id","class_name");--> statement-breakpoint
CREATE INDEX "run_unrecorded" ON "run" USING btree ("hall_id") WHERE ended_at is not null and (record_version is distinct from version or record_sequence is distinct from sequence);