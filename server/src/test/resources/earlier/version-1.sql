-- H2 2.4.240;
SET WRITE_DELAY 0;
;
CREATE USER IF NOT EXISTS "" SALT '' HASH '' ADMIN;
CREATE CACHED TABLE "PUBLIC"."flyway_schema_history"(
    "installed_rank" INTEGER NOT NULL,
    "version" CHARACTER VARYING(50),
    "description" CHARACTER VARYING(200) NOT NULL,
    "type" CHARACTER VARYING(20) NOT NULL,
    "script" CHARACTER VARYING(1000) NOT NULL,
    "checksum" INTEGER,
    "installed_by" CHARACTER VARYING(100) NOT NULL,
    "installed_on" TIMESTAMP DEFAULT CURRENT_TIMESTAMP NOT NULL,
    "execution_time" INTEGER NOT NULL,
    "success" BOOLEAN NOT NULL
);
ALTER TABLE "PUBLIC"."flyway_schema_history" ADD CONSTRAINT "PUBLIC"."flyway_schema_history_pk" PRIMARY KEY("installed_rank");
-- 2 +/- SELECT COUNT(*) FROM PUBLIC.flyway_schema_history;
INSERT INTO "PUBLIC"."flyway_schema_history" VALUES
(-1, NULL, '<< Flyway Schema History table created >>', 'TABLE', '', NULL, '', TIMESTAMP '2026-11-29 20:43:29.199916', 0, TRUE),
(1, '1', 'worksheets', 'SQL', 'V1__worksheets.sql', -2062619495, '', TIMESTAMP '2026-11-29 20:43:30.802238', 334, TRUE);
CREATE INDEX "PUBLIC"."flyway_schema_history_s_idx" ON "PUBLIC"."flyway_schema_history"("success" NULLS FIRST);
CREATE CACHED TABLE "PUBLIC"."WORKSHEET"(
    "ID" CHARACTER VARYING(36) NOT NULL,
    "TITLE" CHARACTER VARYING(120) NOT NULL,
    "EXAMPLE" BOOLEAN NOT NULL,
    "CREATED_AT" TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    "CHANGED_AT" TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    "REVISION" BIGINT NOT NULL,
    "OUTLINE" CHARACTER LARGE OBJECT NOT NULL
);
ALTER TABLE "PUBLIC"."WORKSHEET" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_E" PRIMARY KEY("ID");
-- 1 +/- SELECT COUNT(*) FROM PUBLIC.WORKSHEET;
INSERT INTO "PUBLIC"."WORKSHEET" VALUES
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'Teapots', FALSE, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:15.526641+00', TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:21.809056+00', 10, '{"sections":[{"id":"part-1","title":"Cooling","folded":false,"blocks":[{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"}},{"kind":"chart","id":"chart-1","title":"Cooling of a pot","grid":"read-1","across":"A1:A4","series":[{"cells":"B1:B4","shape":"POINTS_AND_LINE"},{"cells":"C1:C4","shape":"LINE"}],"acrossTitle":"time in min","upTitle":"","legend":true},{"kind":"note","id":"note-1","text":"Made of clay."}]},{"id":"section-1","title":"Teapots","folded":false,"blocks":[{"kind":"grid","id":"grid-1","title":"Grid 1","rows":8,"columns":5,"headings":0,"widths":{},"styles":{}}]}],"names":[{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B4"}}]}');
CREATE CACHED TABLE "PUBLIC"."CELL"(
    "WORKSHEET_ID" CHARACTER VARYING(36) NOT NULL,
    "GRID_ID" CHARACTER VARYING(40) NOT NULL,
    "COLUMN_NO" INTEGER NOT NULL,
    "ROW_NO" INTEGER NOT NULL,
    "ENTRY" CHARACTER VARYING(8192) NOT NULL
);
ALTER TABLE "PUBLIC"."CELL" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_1F" PRIMARY KEY("WORKSHEET_ID", "GRID_ID", "COLUMN_NO", "ROW_NO");
-- 11 +/- SELECT COUNT(*) FROM PUBLIC.CELL;
INSERT INTO "PUBLIC"."CELL" VALUES
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 0, 0, 'Time'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 1, 0, 'Heat'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 0, 1, '0'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 0, 3, '10'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 1, 1, '90'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 1, 3, '=B3-7/2'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 3, 1, '=mean(heat)'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 0, 2, '5'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 0, 17, 'pots = 3'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 1, 2, '=B2-7/2'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 'read-1', 1, 17, '=pots!');
CREATE CACHED TABLE "PUBLIC"."JOURNAL"(
    "WORKSHEET_ID" CHARACTER VARYING(36) NOT NULL,
    "REVISION" BIGINT NOT NULL,
    "MADE_AT" TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    "KIND" CHARACTER VARYING(8) NOT NULL,
    "SAYS" CHARACTER VARYING(500) NOT NULL,
    "EDITS" CHARACTER LARGE OBJECT NOT NULL,
    "INVERSE" CHARACTER LARGE OBJECT NOT NULL
);
ALTER TABLE "PUBLIC"."JOURNAL" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_D6" PRIMARY KEY("WORKSHEET_ID", "REVISION");
-- 10 +/- SELECT COUNT(*) FROM PUBLIC.JOURNAL;
INSERT INTO "PUBLIC"."JOURNAL" VALUES
('2fca4084-9770-482c-a72f-8a9d0469efd1', 1, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:17.983059+00', 'EDIT', 'Added to the page', '[{"do":"addSection","section":{"id":"section-1","title":"Teapots","folded":false,"blocks":[{"kind":"grid","id":"grid-1","title":"Grid 1","rows":8,"columns":5,"headings":0,"widths":{},"styles":{}}]},"at":0}]', '[{"do":"removeBlock","block":"grid-1"},{"do":"removeSection","section":"section-1"}]'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 2, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:18.924613+00', 'EDIT', 'Added to the page', '[{"do":"addSection","section":{"id":"part-1","title":"Cooling","folded":false,"blocks":[{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{"1":120},"styles":{"B":"decimal 1"}},{"kind":"note","id":"note-1","text":"Made of clay."}]},"at":0}]', '[{"do":"removeBlock","block":"read-1"},{"do":"removeBlock","block":"note-1"},{"do":"removeSection","section":"part-1"}]'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 3, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:20.289695+00', 'EDIT', '10 cells entered', '[{"do":"enter","grid":"read-1","cells":[{"cell":"A1","text":"Time"},{"cell":"B1","text":"Heat"},{"cell":"A2","text":"0"},{"cell":"A3","text":"5"},{"cell":"A4","text":"10"},{"cell":"B2","text":"90"},{"cell":"B3","text":"=B2-7/2"},{"cell":"B4","text":"=B3-7/2"},{"cell":"A18","text":"pots = 3"},{"cell":"B18","text":"=pots!"}]}]', '[{"do":"enter","grid":"read-1","cells":[{"cell":"A1","text":""},{"cell":"B1","text":""},{"cell":"A2","text":""},{"cell":"A3","text":""},{"cell":"A4","text":""},{"cell":"B2","text":""},{"cell":"B3","text":""},{"cell":"B4","text":""},{"cell":"A18","text":""},{"cell":"B18","text":""}]}]'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 4, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:20.578552+00', 'EDIT', 'Added to the page', '[{"do":"addBlock","section":"part-1","block":{"kind":"chart","id":"chart-1","title":"Cooling","grid":"read-1","across":"A1:A4","series":[{"cells":"B1:B4","shape":"POINTS_AND_LINE"},{"cells":"C1:C4","shape":"LINE"}],"acrossTitle":"time in min","upTitle":"","legend":true},"at":1}]', '[{"do":"removeBlock","block":"chart-1"}]'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 5, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:20.788237+00', 'EDIT', 'Layout changed', '[{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling of a pot","grid":"read-1","across":"A1:A4","series":[{"cells":"B1:B4","shape":"POINTS_AND_LINE"},{"cells":"C1:C4","shape":"LINE"}],"acrossTitle":"time in min","upTitle":"","legend":true}}]', '[{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling","grid":"read-1","across":"A1:A4","series":[{"cells":"B1:B4","shape":"POINTS_AND_LINE"},{"cells":"C1:C4","shape":"LINE"}],"acrossTitle":"time in min","upTitle":"","legend":true}}]'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 6, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:20.919575+00', 'EDIT', 'Layout changed', '[{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"}}}]', '[{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{"1":120},"styles":{"B":"decimal 1"}}}]'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 7, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:20.992385+00', 'EDIT', 'B2:B4 named heat', '[{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B4"}}]', '[{"do":"define","name":"heat","target":null}]'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 8, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:21.078145+00', 'EDIT', 'D2 = 86.5', '[{"do":"enter","grid":"read-1","cells":[{"cell":"D2","text":"=mean(heat)"}]}]', '[{"do":"enter","grid":"read-1","cells":[{"cell":"D2","text":""}]}]'),
('2fca4084-9770-482c-a72f-8a9d0469efd1', 9, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:21.401954+00', 'EDIT', '1 row put in before row 3', '[{"do":"insertLines","grid":"read-1","axis":"ROWS","at":2,"count":1}]', '[{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling of a pot","grid":"read-1","across":"A1:A4","series":[{"cells":"B1:B4","shape":"POINTS_AND_LINE"},{"cells":"C1:C4","shape":"LINE"}],"acrossTitle":"time in min","upTitle":"","legend":true}},{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"}}},{"do":"define","name":"heat","target":null},{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B4"}},{"do":"enter","grid":"read-1","cells":[{"cell":"A3","text":"5"},{"cell":"A4","text":"10"},{"cell":"A18","text":"pots = 3"},{"cell":"B3","text":"=B2-7/2"},{"cell":"B4","text":"=B3-7/2"},{"cell":"B18","text":"=pots!"},{"cell":"A5","text":""},{"cell":"A19","text":""},{"cell":"B5","text":""},{"cell":"B19","text":""}]}]');
INSERT INTO "PUBLIC"."JOURNAL" VALUES
('2fca4084-9770-482c-a72f-8a9d0469efd1', 10, TIMESTAMP WITH TIME ZONE '2026-11-29 20:44:21.809056+00', 'UNDO', 'Undone: Layout changed, Name heat taken away, B2:B4 named heat, 10 cells entered', '[{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling of a pot","grid":"read-1","across":"A1:A4","series":[{"cells":"B1:B4","shape":"POINTS_AND_LINE"},{"cells":"C1:C4","shape":"LINE"}],"acrossTitle":"time in min","upTitle":"","legend":true}},{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"}}},{"do":"define","name":"heat","target":null},{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B4"}},{"do":"enter","grid":"read-1","cells":[{"cell":"A3","text":"5"},{"cell":"A4","text":"10"},{"cell":"A18","text":"pots = 3"},{"cell":"B3","text":"=B2-7/2"},{"cell":"B4","text":"=B3-7/2"},{"cell":"B18","text":"=pots!"},{"cell":"A5","text":""},{"cell":"A19","text":""},{"cell":"B5","text":""},{"cell":"B19","text":""}]}]', '[{"do":"enter","grid":"read-1","cells":[{"cell":"A3","text":""},{"cell":"A4","text":"5"},{"cell":"A18","text":""},{"cell":"B3","text":""},{"cell":"B4","text":"=B2-7/2"},{"cell":"B18","text":""},{"cell":"A5","text":"10"},{"cell":"A19","text":"pots = 3"},{"cell":"B5","text":"=B4-7/2"},{"cell":"B19","text":"=pots!"}]},{"do":"define","name":"heat","target":null},{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B5"}},{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":21,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"}}},{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling of a pot","grid":"read-1","across":"A1:A5","series":[{"cells":"B1:B5","shape":"POINTS_AND_LINE"},{"cells":"C1:C5","shape":"LINE"}],"acrossTitle":"time in min","upTitle":"","legend":true}}]');
ALTER TABLE "PUBLIC"."CELL" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_1" FOREIGN KEY("WORKSHEET_ID") REFERENCES "PUBLIC"."WORKSHEET"("ID") ON DELETE CASCADE NOCHECK;
ALTER TABLE "PUBLIC"."JOURNAL" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_D" FOREIGN KEY("WORKSHEET_ID") REFERENCES "PUBLIC"."WORKSHEET"("ID") ON DELETE CASCADE NOCHECK;
