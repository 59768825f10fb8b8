-- The notebook: what was made. removed: when it was taken out; it can be brought back.
create table make (
    id integer primary key autoincrement,
    at text not null,
    name text not null,
    design text not null,
    copies integer not null check (copies > 0),
    project text not null,
    notes text not null,
    removed text
);
-- Measures, size and papers as they were shown when it was made.
create table make_figure (
    make integer not null references make (id),
    place integer not null,
    what text not null,
    value text not null,
    primary key (make, place)
);
create table make_took (
    make integer not null references make (id),
    phase text not null,
    seconds integer not null check (seconds >= 0),
    primary key (make, phase)
);
-- What went wrong; step 0 belongs to none.
create table make_wrong (
    make integer not null references make (id),
    place integer not null,
    step integer not null check (step >= 0),
    title text not null,
    said text not null,
    primary key (make, place)
);
-- What was measured of it, against what was planned; whole nanometres.
create table make_measured (
    make integer not null references make (id),
    what text not null,
    planned integer not null check (planned > 0),
    measured integer not null check (measured > 0),
    primary key (make, what)
);
-- Pictures lie beside the database, each called by the SHA-256 of its bytes.
create table make_photo (
    make integer not null references make (id),
    place integer not null,
    hash text not null,
    kind text not null,
    caption text not null,
    primary key (make, place)
);
