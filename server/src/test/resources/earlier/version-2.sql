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
-- 3 +/- SELECT COUNT(*) FROM PUBLIC.flyway_schema_history;
INSERT INTO "PUBLIC"."flyway_schema_history" VALUES
(-1, NULL, '<< Flyway Schema History table created >>', 'TABLE', '', NULL, '', TIMESTAMP '2026-11-29 20:45:12.401086', 0, TRUE),
(1, '1', 'worksheets', 'SQL', 'V1__worksheets.sql', -2062619495, '', TIMESTAMP '2026-11-29 20:45:12.763215', 83, TRUE),
(2, '2', 'tape and deleted', 'SQL', 'V2__tape_and_deleted.sql', -124376376, '', TIMESTAMP '2026-11-29 20:45:12.94659', 139, TRUE);
CREATE INDEX "PUBLIC"."flyway_schema_history_s_idx" ON "PUBLIC"."flyway_schema_history"("success" NULLS FIRST);
CREATE CACHED TABLE "PUBLIC"."TAPE"(
    "WORKSHEET_ID" CHARACTER VARYING(36) NOT NULL,
    "LINE_NO" BIGINT NOT NULL,
    "ENTRY" CHARACTER VARYING(8192) NOT NULL,
    "SHOWN" CHARACTER VARYING(8192) NOT NULL,
    "EXACT" BOOLEAN NOT NULL,
    "IN_FULL" CHARACTER LARGE OBJECT NOT NULL,
    "MADE_AT" TIMESTAMP(6) WITH TIME ZONE NOT NULL
);
ALTER TABLE "PUBLIC"."TAPE" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_27" PRIMARY KEY("WORKSHEET_ID", "LINE_NO");
-- 1 +/- SELECT COUNT(*) FROM PUBLIC.TAPE;
INSERT INTO "PUBLIC"."TAPE" VALUES
('5a5ef4a1-0535-409d-9dbe-20062564a200', 1, '1/3', '0.3333333333', TRUE, '1/3', TIMESTAMP WITH TIME ZONE '2026-11-29 20:46:01.696784+00');
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
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 0, 0, 'Time'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 1, 0, 'Heat'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 0, 1, '0'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 0, 3, '10'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 1, 1, '90'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 1, 3, '=B3-7/2'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 3, 1, '=mean(heat)'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 0, 2, '5'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 0, 17, 'pots = 3'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 1, 2, '=B2-7/2'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'read-1', 1, 17, '=pots!');
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
-- 11 +/- SELECT COUNT(*) FROM PUBLIC.JOURNAL;
INSERT INTO "PUBLIC"."JOURNAL" VALUES
('5a5ef4a1-0535-409d-9dbe-20062564a200', 1, TIMESTAMP WITH TIME ZONE '2026-11-29 20:45:49.691376+00', 'START', 'Added to the page', '[{"do":"addSection","section":{"id":"section-1","title":"Teapots","folded":false,"isPart":false,"blocks":[{"kind":"grid","id":"grid-1","title":"Grid 1","rows":8,"columns":5,"headings":0,"widths":{},"styles":{},"remarks":{},"hiddenRows":[],"hiddenColumns":[],"beside":false,"tabulation":null}]},"at":0}]', '[{"do":"removeBlock","block":"grid-1"},{"do":"removeSection","section":"section-1"}]'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 2, TIMESTAMP WITH TIME ZONE '2026-11-29 20:45:53.403172+00', 'EDIT', 'Added to the page', '[{"do":"addSection","section":{"id":"part-1","title":"Cooling","folded":false,"isPart":false,"blocks":[{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{"1":120},"styles":{"B":"decimal 1"},"remarks":{},"hiddenRows":[],"hiddenColumns":[],"beside":false,"tabulation":null},{"kind":"note","id":"note-1","text":"Made of clay.","beside":false}]},"at":0}]', '[{"do":"removeBlock","block":"read-1"},{"do":"removeBlock","block":"note-1"},{"do":"removeSection","section":"part-1"}]'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 3, TIMESTAMP WITH TIME ZONE '2026-11-29 20:45:55.183698+00', 'EDIT', '10 cells entered', '[{"do":"enter","grid":"read-1","cells":[{"cell":"A1","text":"Time"},{"cell":"B1","text":"Heat"},{"cell":"A2","text":"0"},{"cell":"A3","text":"5"},{"cell":"A4","text":"10"},{"cell":"B2","text":"90"},{"cell":"B3","text":"=B2-7/2"},{"cell":"B4","text":"=B3-7/2"},{"cell":"A18","text":"pots = 3"},{"cell":"B18","text":"=pots!"}]}]', '[{"do":"enter","grid":"read-1","cells":[{"cell":"A1","text":""},{"cell":"B1","text":""},{"cell":"A2","text":""},{"cell":"A3","text":""},{"cell":"A4","text":""},{"cell":"B2","text":""},{"cell":"B3","text":""},{"cell":"B4","text":""},{"cell":"A18","text":""},{"cell":"B18","text":""}]}]'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 4, TIMESTAMP WITH TIME ZONE '2026-11-29 20:45:57.360166+00', 'EDIT', 'Added to the page', '[{"do":"addBlock","section":"part-1","block":{"kind":"chart","id":"chart-1","title":"Cooling","form":"PLOT","grid":"read-1","across":"A1:A4","series":[{"source":{"of":"cells","area":"B1:B4"},"name":"","shape":"POINTS","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"LINE"},{"source":{"of":"curve","expression":"90-x","variable":"x","from":"0","to":"20"},"name":"","shape":"LINE","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"NONE"}],"acrossAxis":{"title":"time in min","least":"","most":"","logarithmic":false},"upAxis":{"title":"","least":"","most":"","logarithmic":false},"rightAxis":{"title":"","least":"","most":"","logarithmic":false},"legend":"ABOVE","lines":true,"swapped":false,"stacked":false,"marks":[{"kind":"tangent","series":0,"across":5.0},{"kind":"label","across":5.0,"up":80.0,"text":"here"}],"beside":false},"at":1}]', '[{"do":"removeBlock","block":"chart-1"}]'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 5, TIMESTAMP WITH TIME ZONE '2026-11-29 20:45:57.98141+00', 'EDIT', 'Called Cooling of a pot', '[{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling of a pot","form":"PLOT","grid":"read-1","across":"A1:A4","series":[{"source":{"of":"cells","area":"B1:B4"},"name":"","shape":"POINTS","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"LINE"},{"source":{"of":"curve","expression":"90-x","variable":"x","from":"0","to":"20"},"name":"","shape":"LINE","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"NONE"}],"acrossAxis":{"title":"time in min","least":"","most":"","logarithmic":false},"upAxis":{"title":"","least":"","most":"","logarithmic":false},"rightAxis":{"title":"","least":"","most":"","logarithmic":false},"legend":"ABOVE","lines":true,"swapped":false,"stacked":false,"marks":[{"kind":"tangent","series":0,"across":5.0},{"kind":"label","across":5.0,"up":80.0,"text":"here"}],"beside":false}}]', '[{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling","form":"PLOT","grid":"read-1","across":"A1:A4","series":[{"source":{"of":"cells","area":"B1:B4"},"name":"","shape":"POINTS","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"LINE"},{"source":{"of":"curve","expression":"90-x","variable":"x","from":"0","to":"20"},"name":"","shape":"LINE","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"NONE"}],"acrossAxis":{"title":"time in min","least":"","most":"","logarithmic":false},"upAxis":{"title":"","least":"","most":"","logarithmic":false},"rightAxis":{"title":"","least":"","most":"","logarithmic":false},"legend":"ABOVE","lines":true,"swapped":false,"stacked":false,"marks":[{"kind":"tangent","series":0,"across":5.0},{"kind":"label","across":5.0,"up":80.0,"text":"here"}],"beside":false}}]');
INSERT INTO "PUBLIC"."JOURNAL" VALUES
('5a5ef4a1-0535-409d-9dbe-20062564a200', 6, TIMESTAMP WITH TIME ZONE '2026-11-29 20:45:58.285212+00', 'EDIT', 'Layout changed', '[{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"},"remarks":{},"hiddenRows":[],"hiddenColumns":[],"beside":false,"tabulation":null}}]', '[{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{"1":120},"styles":{"B":"decimal 1"},"remarks":{},"hiddenRows":[],"hiddenColumns":[],"beside":false,"tabulation":null}}]'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 7, TIMESTAMP WITH TIME ZONE '2026-11-29 20:45:58.503211+00', 'EDIT', 'B2:B4 named heat', '[{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B4"}}]', '[{"do":"define","name":"heat","target":null}]'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 8, TIMESTAMP WITH TIME ZONE '2026-11-29 20:45:58.920036+00', 'EDIT', 'D2 = 86.5', '[{"do":"enter","grid":"read-1","cells":[{"cell":"D2","text":"=mean(heat)"}]}]', '[{"do":"enter","grid":"read-1","cells":[{"cell":"D2","text":""}]}]'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 9, TIMESTAMP WITH TIME ZONE '2026-11-29 20:46:00.035954+00', 'EDIT', '1 row put in before row 3', '[{"do":"insertLines","grid":"read-1","axis":"ROWS","at":2,"count":1}]', '[{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling of a pot","form":"PLOT","grid":"read-1","across":"A1:A4","series":[{"source":{"of":"cells","area":"B1:B4"},"name":"","shape":"POINTS","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"LINE"},{"source":{"of":"curve","expression":"90-x","variable":"x","from":"0","to":"20"},"name":"","shape":"LINE","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"NONE"}],"acrossAxis":{"title":"time in min","least":"","most":"","logarithmic":false},"upAxis":{"title":"","least":"","most":"","logarithmic":false},"rightAxis":{"title":"","least":"","most":"","logarithmic":false},"legend":"ABOVE","lines":true,"swapped":false,"stacked":false,"marks":[{"kind":"tangent","series":0,"across":5.0},{"kind":"label","across":5.0,"up":80.0,"text":"here"}],"beside":false}},{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"},"remarks":{},"hiddenRows":[],"hiddenColumns":[],"beside":false,"tabulation":null}},{"do":"define","name":"heat","target":null},{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B4"}},{"do":"enter","grid":"read-1","cells":[{"cell":"A3","text":"5"},{"cell":"A4","text":"10"},{"cell":"A18","text":"pots = 3"},{"cell":"B3","text":"=B2-7/2"},{"cell":"B4","text":"=B3-7/2"},{"cell":"B18","text":"=pots!"},{"cell":"A5","text":""},{"cell":"A19","text":""},{"cell":"B5","text":""},{"cell":"B19","text":""}]}]'),
('5a5ef4a1-0535-409d-9dbe-20062564a200', 10, TIMESTAMP WITH TIME ZONE '2026-11-29 20:46:01.247617+00', 'UNDO', 'Undone: Other cells across, series changed, Layout changed, Name heat taken away, B2:B4 named heat, 10 cells entered', '[{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling of a pot","form":"PLOT","grid":"read-1","across":"A1:A4","series":[{"source":{"of":"cells","area":"B1:B4"},"name":"","shape":"POINTS","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"LINE"},{"source":{"of":"curve","expression":"90-x","variable":"x","from":"0","to":"20"},"name":"","shape":"LINE","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"NONE"}],"acrossAxis":{"title":"time in min","least":"","most":"","logarithmic":false},"upAxis":{"title":"","least":"","most":"","logarithmic":false},"rightAxis":{"title":"","least":"","most":"","logarithmic":false},"legend":"ABOVE","lines":true,"swapped":false,"stacked":false,"marks":[{"kind":"tangent","series":0,"across":5.0},{"kind":"label","across":5.0,"up":80.0,"text":"here"}],"beside":false}},{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"},"remarks":{},"hiddenRows":[],"hiddenColumns":[],"beside":false,"tabulation":null}},{"do":"define","name":"heat","target":null},{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B4"}},{"do":"enter","grid":"read-1","cells":[{"cell":"A3","text":"5"},{"cell":"A4","text":"10"},{"cell":"A18","text":"pots = 3"},{"cell":"B3","text":"=B2-7/2"},{"cell":"B4","text":"=B3-7/2"},{"cell":"B18","text":"=pots!"},{"cell":"A5","text":""},{"cell":"A19","text":""},{"cell":"B5","text":""},{"cell":"B19","text":""}]}]', '[{"do":"enter","grid":"read-1","cells":[{"cell":"A3","text":""},{"cell":"A4","text":"5"},{"cell":"A18","text":""},{"cell":"B3","text":""},{"cell":"B4","text":"=B2-7/2"},{"cell":"B18","text":""},{"cell":"A5","text":"10"},{"cell":"A19","text":"pots = 3"},{"cell":"B5","text":"=B4-7/2"},{"cell":"B19","text":"=pots!"}]},{"do":"define","name":"heat","target":null},{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B5"}},{"do":"changeBlock","block":{"kind":"grid","id":"read-1","title":"Readings","rows":21,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"},"remarks":{},"hiddenRows":[],"hiddenColumns":[],"beside":false,"tabulation":null}},{"do":"changeBlock","block":{"kind":"chart","id":"chart-1","title":"Cooling of a pot","form":"PLOT","grid":"read-1","across":"A1:A5","series":[{"source":{"of":"cells","area":"B1:B5"},"name":"","shape":"POINTS","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"LINE"},{"source":{"of":"curve","expression":"90-x","variable":"x","from":"0","to":"20"},"name":"","shape":"LINE","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"NONE"}],"acrossAxis":{"title":"time in min","least":"","most":"","logarithmic":false},"upAxis":{"title":"","least":"","most":"","logarithmic":false},"rightAxis":{"title":"","least":"","most":"","logarithmic":false},"legend":"ABOVE","lines":true,"swapped":false,"stacked":false,"marks":[{"kind":"tangent","series":0,"across":5.0},{"kind":"label","across":5.0,"up":80.0,"text":"here"}],"beside":false}}]');
INSERT INTO "PUBLIC"."JOURNAL" VALUES
('5a5ef4a1-0535-409d-9dbe-20062564a200', 11, TIMESTAMP WITH TIME ZONE '2026-11-29 20:46:03.633972+00', 'EDIT', 'Settings changed', '[{"do":"changeSettings","settings":{"degrees":true,"comma":false,"grouped":false,"style":""}}]', '[{"do":"changeSettings","settings":{"degrees":false,"comma":false,"grouped":false,"style":""}}]');
CREATE CACHED TABLE "PUBLIC"."WORKSHEET"(
    "ID" CHARACTER VARYING(36) NOT NULL,
    "TITLE" CHARACTER VARYING(120) NOT NULL,
    "EXAMPLE" BOOLEAN NOT NULL,
    "CREATED_AT" TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    "CHANGED_AT" TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    "REVISION" BIGINT NOT NULL,
    "OUTLINE" CHARACTER LARGE OBJECT NOT NULL,
    "DELETED_AT" TIMESTAMP(6) WITH TIME ZONE
);
ALTER TABLE "PUBLIC"."WORKSHEET" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_E" PRIMARY KEY("ID");
-- 1 +/- SELECT COUNT(*) FROM PUBLIC.WORKSHEET;
INSERT INTO "PUBLIC"."WORKSHEET" VALUES
('5a5ef4a1-0535-409d-9dbe-20062564a200', 'Teapots', FALSE, TIMESTAMP WITH TIME ZONE '2026-11-29 20:45:44.736314+00', TIMESTAMP WITH TIME ZONE '2026-11-29 20:46:03.633972+00', 11, '{"sections":[{"id":"part-1","title":"Cooling","folded":false,"isPart":false,"blocks":[{"kind":"grid","id":"read-1","title":"Readings","rows":20,"columns":4,"headings":1,"widths":{},"styles":{"B":"decimal 2"},"remarks":{},"hiddenRows":[],"hiddenColumns":[],"beside":false,"tabulation":null},{"kind":"chart","id":"chart-1","title":"Cooling of a pot","form":"PLOT","grid":"read-1","across":"A1:A4","series":[{"source":{"of":"cells","area":"B1:B4"},"name":"","shape":"POINTS","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"LINE"},{"source":{"of":"curve","expression":"90-x","variable":"x","from":"0","to":"20"},"name":"","shape":"LINE","onRight":false,"errors":null,"look":{"colour":"","dash":"USUAL","width":0.0,"marker":"USUAL","size":0,"hollow":false,"labels":false},"fit":"NONE"}],"acrossAxis":{"title":"time in min","least":"","most":"","logarithmic":false},"upAxis":{"title":"","least":"","most":"","logarithmic":false},"rightAxis":{"title":"","least":"","most":"","logarithmic":false},"legend":"ABOVE","lines":true,"swapped":false,"stacked":false,"marks":[{"kind":"tangent","series":0,"across":5.0},{"kind":"label","across":5.0,"up":80.0,"text":"here"}],"beside":false},{"kind":"note","id":"note-1","text":"Made of clay.","beside":false}]},{"id":"section-1","title":"Teapots","folded":false,"isPart":false,"blocks":[{"kind":"grid","id":"grid-1","title":"Grid 1","rows":8,"columns":5,"headings":0,"widths":{},"styles":{},"remarks":{},"hiddenRows":[],"hiddenColumns":[],"beside":false,"tabulation":null}]}],"names":[{"do":"define","name":"heat","target":{"grid":"read-1","area":"B2:B4"}}],"settings":{"degrees":true,"comma":false,"grouped":false,"style":""}}', NULL);
ALTER TABLE "PUBLIC"."CELL" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_1" FOREIGN KEY("WORKSHEET_ID") REFERENCES "PUBLIC"."WORKSHEET"("ID") ON DELETE CASCADE NOCHECK;
ALTER TABLE "PUBLIC"."TAPE" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_2" FOREIGN KEY("WORKSHEET_ID") REFERENCES "PUBLIC"."WORKSHEET"("ID") ON DELETE CASCADE NOCHECK;
ALTER TABLE "PUBLIC"."JOURNAL" ADD CONSTRAINT "PUBLIC"."CONSTRAINT_D" FOREIGN KEY("WORKSHEET_ID") REFERENCES "PUBLIC"."WORKSHEET"("ID") ON DELETE CASCADE NOCHECK;
