-- A job also takes ribbon or string off the reels: its kind in the cutting; such a row has the sheet -1.
alter table taking add column strand text not null default '';
