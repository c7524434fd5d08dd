-- Which way windows open, and where the lines over them meet, in trade regions that an office made: as in the regions they are like, when this was added.
update office_regions
set body = jsonb_set(body, '{windows}', body -> 'windows' || case body ->> 'like'
        when 'DE' then '{"inwards": true, "lines": "MEET_AT_HANDLE"}'::jsonb
        else '{"inwards": false, "lines": "MEET_AT_HINGE"}'::jsonb
    end)
where not body -> 'windows' ? 'inwards';
