-- Sets that were handed out: when, for what and to whom, the project as it stood, and the document as it was, kept for ever.

create table issue (
    id         uuid primary key,
    project_id uuid        not null references project (id) on delete cascade,
    version_id uuid        not null references named_version (id),
    number     text        not null,
    issued_on  date        not null,
    purpose    text        not null,
    note       text        not null,
    withdrawn  text        not null default '',
    recipients jsonb       not null default '[]',
    made_at    timestamptz not null,
    unique (project_id, number)
);
create index issue_of_project on issue (project_id, made_at);

create table issue_document (
    issue_id uuid  primary key references issue (id) on delete cascade,
    pdf      bytea not null
);
