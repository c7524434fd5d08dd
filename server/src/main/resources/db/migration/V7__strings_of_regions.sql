-- What strings go to in trade regions that an office made: as in the regions they are like, when this was added.
update office_regions
set body = body || jsonb_build_object('strings', case body ->> 'like'
        when 'UK' then '{"outside": "FINISH", "walls": "STRUCTURE", "openings": "EDGES", "firstMm": 12, "nextMm": 8}'::jsonb
        when 'US' then '{"outside": "STRUCTURE", "walls": "CENTRE", "openings": "CENTRES", "firstMm": 16, "nextMm": 10}'::jsonb
        else '{"outside": "STRUCTURE", "walls": "STRUCTURE", "openings": "EDGES", "firstMm": 12, "nextMm": 8}'::jsonb
    end)
where not body ? 'strings';
