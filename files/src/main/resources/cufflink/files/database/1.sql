-- Lengths are whole nanometres, prices decimal texts, yes and no 1 and 0.
create table paper (
    id integer primary key autoincrement,
    name text not null,
    width integer not null check (width > 0),
    height integer not null check (height > 0),
    weight real not null check (weight > 0),
    basis text not null,
    caliper integer check (caliper > 0),
    face text not null,
    back text not null,
    directional integer not null,
    grain text not null,
    measured_width integer check (measured_width > 0),
    measured_height integer check (measured_height > 0),
    swatch text not null,
    two_sided integer not null,
    offcut integer not null,
    count integer not null check (count >= 0),
    price text,
    notes text not null
);
create table ribbon (
    id integer primary key autoincrement,
    name text not null,
    width integer not null check (width > 0),
    remaining integer not null check (remaining >= 0),
    colour text not null,
    notes text not null
);
create table envelope (
    id integer primary key autoincrement,
    name text not null,
    width integer not null check (width > 0),
    height integer not null check (height > 0),
    measured_width integer check (measured_width > 0),
    measured_height integer check (measured_height > 0),
    count integer not null check (count >= 0),
    notes text not null
);
create table punch (
    id integer primary key autoincrement,
    name text not null,
    cuts_width integer not null check (cuts_width > 0),
    cuts_height integer not null check (cuts_height > 0),
    layer_width integer check (layer_width > 0),
    layer_height integer check (layer_height > 0),
    notes text not null
);
create table tools (
    id integer primary key check (id = 1),
    trimmer integer not null check (trimmer > 0),
    board_width integer not null check (board_width > 0),
    board_height integer not null check (board_height > 0),
    groove integer not null check (groove > 0),
    grain text not null
);
-- Every change ever made. state: done, undone, or dropped (undone, and something else done since).
create table change (
    id integer primary key autoincrement,
    at text not null,
    words text not null,
    state text not null
);
create table edit (
    change integer not null references change (id),
    place integer not null,
    kind text not null,
    before text,
    after text,
    primary key (change, place)
);
