-- What a metre of ribbon and what an envelope costs, if known.
alter table ribbon add column price text;
alter table envelope add column price text;
