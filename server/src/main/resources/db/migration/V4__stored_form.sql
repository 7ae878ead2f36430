-- Each block by itself, cells in strips of a column, and the format of each row (see the package "stored"). What was
-- written before is format 1; V5 brings worksheets to format 2, and changes stay as they are.

alter table worksheet add column if not exists format integer default 1 not null;
alter table journal add column if not exists format integer default 1 not null;

create table if not exists block (
    worksheet_id varchar(36) not null references worksheet (id) on delete cascade,
    block_id     varchar(40) not null,
    content      clob        not null,
    primary key (worksheet_id, block_id)
);

create table if not exists strip (
    worksheet_id varchar(36) not null references worksheet (id) on delete cascade,
    grid_id      varchar(40) not null,
    column_no    integer     not null,
    strip_no     integer     not null,
    entries      varchar(1048576) not null,
    primary key (worksheet_id, grid_id, column_no, strip_no)
);
