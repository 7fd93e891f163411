-- migrate:up
-- A school of two bleeders more, and where the new fluid waits in a pressure bleed.
alter table shop drop constraint shop_two_bleeders_check;
alter table shop add constraint shop_two_bleeders_check
  check (two_bleeders in ('outer_inner_outer', 'outer_inner', 'inner_outer'));
alter table shop add column pot_school text not null default 'fluid' check (pot_school in ('fluid', 'dry'));

-- migrate:down
alter table shop drop column pot_school;
update shop set two_bleeders = 'outer_inner' where two_bleeders = 'inner_outer';
alter table shop drop constraint shop_two_bleeders_check;
alter table shop add constraint shop_two_bleeders_check
  check (two_bleeders in ('outer_inner_outer', 'outer_inner'));
