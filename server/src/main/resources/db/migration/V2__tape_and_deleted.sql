-- The tape of a worksheet, and worksheets that are deleted but can be brought back.

alter table worksheet add column deleted_at timestamp(6) with time zone;

create table tape (
    worksheet_id varchar(36)   not null references worksheet (id) on delete cascade,
    line_no      bigint        not null,
    entry        varchar(8192) not null,
    shown        varchar(8192) not null,
    exact        boolean       not null,
    in_full      clob          not null,
    made_at      timestamp(6) with time zone not null,
    primary key (worksheet_id, line_no)
);
