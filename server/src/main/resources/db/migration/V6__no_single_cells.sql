-- What was in it is in strips since V5.
drop table if exists cell;
