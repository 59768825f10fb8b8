-- What is set aside for a job; lengths in nanometres. wanted: a day such as 2026-12-12, or nothing.
create table reservation (
    id integer primary key autoincrement,
    name text not null,
    ware text not null,
    width integer check (width > 0),
    height integer check (height > 0),
    count integer not null check (count >= 0),
    length integer not null check (length >= 0),
    job text not null,
    wanted text not null
);
-- How much of something the maker wants to have at least.
create table least (
    id integer primary key autoincrement,
    name text not null,
    ware text not null,
    count integer not null check (count >= 0),
    length integer not null check (length >= 0)
);
