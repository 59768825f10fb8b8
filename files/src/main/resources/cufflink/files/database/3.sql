-- The sheets of jobs that a change takes out (back = 0) or puts back (back = 1). Without a change: taken before this table was kept.
create table taking (
    taking text not null,
    cutting text not null,
    sheet integer not null,
    back integer not null,
    change integer references change (id)
);
create index taking_by_cutting on taking (cutting);
create index taking_by_change on taking (change);
