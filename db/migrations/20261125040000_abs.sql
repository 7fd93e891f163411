-- migrate:up

-- A car can have ABS without stability control; a car with stability control has it.
alter table cars add column abs boolean;
update cars set abs = true where stability_control;

-- migrate:down

alter table cars drop column abs;
