CREATE TABLE "kit_counts" (
	"lesson_id" uuid NOT NULL,
	"material_id" text NOT NULL,
	"counted" jsonb NOT NULL,
	"groups" integer NOT NULL,
	"taken" jsonb NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "kit_counts_lesson_id_material_id_pk" PRIMARY KEY("lesson_id","material_id")
);
--> statement-breakpoint
CREATE TABLE "packing_ticks" (
	"lesson_id" uuid NOT NULL,
	"material_id" text NOT NULL,
	"place" text NOT NULL,
	"amount" double precision NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "packing_ticks_lesson_id_material_id_place_pk" PRIMARY KEY("lesson_id","material_id","place")
);
--> statement-breakpoint
CREATE TABLE "safety_confirmations" (
	"id" uuid PRIMARY KEY NOT NULL,
	"lesson_id" uuid NOT NULL,
	"initials" text NOT NULL,
	"basis" jsonb,
	"before_rule" boolean DEFAULT false NOT NULL,
	"stands" boolean DEFAULT true NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "supplies" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"unit" text NOT NULL,
	"amount" double precision NOT NULL,
	"place" text NOT NULL,
	"pack_size" double precision,
	"price" double precision,
	"instead" jsonb NOT NULL,
	"care" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "classes" ADD COLUMN "allergies" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "school" ADD COLUMN "calendar" jsonb;--> statement-breakpoint
ALTER TABLE "kit_counts" ADD CONSTRAINT "kit_counts_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "packing_ticks" ADD CONSTRAINT "packing_ticks_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "safety_confirmations" ADD CONSTRAINT "safety_confirmations_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "safety_lesson" ON "safety_confirmations" USING btree ("lesson_id");--> statement-breakpoint
UPDATE "lessons" SET "plan" = '{"leftOut":[],"preparing":[]}'::jsonb || "plan" || jsonb_build_object('materials', coalesce((SELECT jsonb_agg('{"level":null,"place":"tray","made":null}'::jsonb || one.value ORDER BY one.ordinality) FROM jsonb_array_elements("plan"->'materials') WITH ORDINALITY one), '[]'::jsonb));--> statement-breakpoint
UPDATE "investigations" SET "plan" = '{"leftOut":[],"preparing":[]}'::jsonb || "plan" || jsonb_build_object('materials', coalesce((SELECT jsonb_agg('{"level":null,"place":"tray","made":null}'::jsonb || one.value ORDER BY one.ordinality) FROM jsonb_array_elements("plan"->'materials') WITH ORDINALITY one), '[]'::jsonb));--> statement-breakpoint
-- Hazards now follow from the plan: a starter's list that nobody has touched gives way to what its parts show.
UPDATE "lessons" SET "plan" = jsonb_set("lessons"."plan", '{hazards}', '[]'::jsonb) FROM "investigations", (VALUES
	('ball-bounce', '["climbing","small-parts"]'::jsonb),
	('bean-sprouts', '["living-things","mould","allergens"]'::jsonb),
	('bottle-jackets', '["hot-water","spills"]'::jsonb),
	('bubble-lifetime', '["spills","allergens"]'::jsonb),
	('magnet-layers', '["small-parts"]'::jsonb),
	('paper-bridge', '["small-parts"]'::jsonb),
	('paper-towels', '["spills"]'::jsonb),
	('shadow-length', '["sun"]'::jsonb),
	('shoe-grip', '["spills"]'::jsonb)
) AS shipped(starter, hazards) WHERE "investigations"."id" = "lessons"."investigation_id" AND "investigations"."starter_id" = shipped.starter AND "lessons"."plan"->'hazards' = shipped.hazards;--> statement-breakpoint
UPDATE "investigations" SET "plan" = jsonb_set("plan", '{hazards}', '[]'::jsonb) WHERE "starter_id" IS NOT NULL;--> statement-breakpoint
UPDATE "school" SET "ways" = '{"paper":"A4"}'::jsonb || "ways";--> statement-breakpoint
-- Lessons that have been tested already count as confirmed from before there were confirmations.
INSERT INTO "safety_confirmations" ("id", "lesson_id", "initials", "basis", "before_rule")
SELECT gen_random_uuid(), tested."lesson_id", '', NULL, true FROM (SELECT DISTINCT "lesson_id" FROM "readings") tested;
