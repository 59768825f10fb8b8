-- A picture of what is printed on a paper, in Base64, and how large it is there.
alter table paper add column picture text;
alter table paper add column picture_width integer check (picture_width > 0);
alter table paper add column picture_height integer check (picture_height > 0);
