-- By how much the trimmer cuts short; whole nanometres, negative if it cuts long.
alter table tools add column cuts_short integer not null default 0;
-- The project file of something that is being made; nothing once it is made.
alter table make add column open text;
create unique index make_open on make (open);
-- What was measured may be a measure of the design, too: it has a label.
alter table make_measured rename to make_measured_before;
create table make_measured (
    make integer not null references make (id),
    place integer not null,
    what text not null,
    label text not null,
    planned integer not null check (planned > 0),
    measured integer not null check (measured > 0),
    primary key (make, what, label)
);
insert into make_measured (make, place, what, label, planned, measured)
    select make, rowid, what, case what when 'width' then 'Closed width' when 'height' then 'Closed height'
    else 'Thickness' end, planned, measured from make_measured_before;
drop table make_measured_before;
-- What is to be different next time. target: as in notebook.json; standing: offered, own or dropped.
create table make_next (
    make integer not null references make (id),
    place integer not null,
    key text not null,
    design text not null,
    said text not null,
    target text not null,
    standing text not null,
    primary key (make, place),
    unique (make, key)
);
