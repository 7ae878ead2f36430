-- Which page made a change, the key under which it was sent (it is applied once however often it arrives), and which
-- change an undo takes back, where that is not the last.

alter table journal add column page varchar(64);
alter table journal add column request_key varchar(64);
alter table journal add column takes_back bigint;
alter table tape add column request_key varchar(64);

-- Worksheets made small, as they were at a revision; made again when they have changed.
create table picture (
    worksheet_id varchar(36) not null primary key references worksheet (id) on delete cascade,
    revision     bigint      not null,
    drawing      clob        not null
);
