-- What a punch or a die cuts: its shape, the bulges of a scalloped edge, the path of a traced one; how large the die
-- itself is, the nested set it belongs to, the heaviest paper it copes with.
alter table punch add column shape text not null default 'UNTOLD';
alter table punch add column scallops integer not null default 0;
alter table punch add column path text;
alter table punch add column outer_width integer check (outer_width > 0);
alter table punch add column outer_height integer check (outer_height > 0);
alter table punch add column nested text not null default '';
alter table punch add column heaviest integer check (heaviest > 0);
