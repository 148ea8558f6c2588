-- What a bundle brought, by id: an example says that it is one, and goes at once.
alter table loads add column ids uuid[] not null default '{}';
