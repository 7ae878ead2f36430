-- What people typed, and every edit as it was made. Values are worked out again on opening.

create table worksheet (
    id         varchar(36)  not null primary key,
    title      varchar(120) not null,
    example    boolean      not null,
    created_at timestamp(6) with time zone not null,
    changed_at timestamp(6) with time zone not null,
    revision   bigint       not null,
    outline    clob         not null
);

create table cell (
    worksheet_id varchar(36) not null references worksheet (id) on delete cascade,
    grid_id      varchar(40) not null,
    column_no    integer     not null,
    row_no       integer     not null,
    entry        varchar(8192) not null,
    primary key (worksheet_id, grid_id, column_no, row_no)
);

create table journal (
    worksheet_id varchar(36)  not null references worksheet (id) on delete cascade,
    revision     bigint       not null,
    made_at      timestamp(6) with time zone not null,
    kind         varchar(8)   not null,
    says         varchar(500) not null,
    edits        clob         not null,
    inverse      clob         not null,
    primary key (worksheet_id, revision)
);
