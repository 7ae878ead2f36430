-- What currencies are worth, where somebody has changed that; without a row the samples hold.
create table if not exists rate (
    place  integer     not null primary key,
    code   varchar(3)  not null unique,
    name   varchar(40) not null,
    plural varchar(40) not null,
    euros  varchar(64) not null
);
