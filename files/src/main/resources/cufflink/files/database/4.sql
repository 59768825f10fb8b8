-- Whether measures that place scores are put on the board's grooves.
alter table tools add column on_grooves integer not null default 0;
