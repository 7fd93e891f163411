import { describe, expect, it } from 'vitest';
import { holdsOn } from '@/core/job/holds';
import { answerRow, emptySheet } from '@/tests/support/sheet';
import { jobCorners } from './corners';
import { plainCorners } from './plain';

describe('the corner plan', () => {
  it('draws what the car has, and ordinary sizes where nobody knows', () => {
    const { car } = emptySheet();
    car.rear = { ...car.rear, brake: 'drum', rotorNewMm: null };
    expect(plainCorners(car)).toMatchObject({
      FL: { brake: 'disc', rotor: { newMm: 24 }, pads: { newMm: 12 }, caliper: 'sliding' },
      RR: { brake: 'drum', rotor: { newMm: 22 } },
    });
  });

  it('says the worst of a corner, marks a hold, and says when all is fine there', () => {
    const sheet = emptySheet({
      answers: [
        answerRow({ finding: 'bearing_play', state: 'excess', place: 'FR' }),
        answerRow({ finding: 'pad_thickness', state: 'low', place: 'FR' }),
        answerRow({ finding: 'slide_pins', state: 'stiff', place: 'RL' }),
        answerRow({ finding: 'slide_pins', state: 'free', place: 'FL' }),
      ],
    });
    const corners = jobCorners(sheet, holdsOn(sheet));
    expect(corners.FR).toMatchObject({
      hold: true,
      tone: 'bad',
      hub: 'bad',
      says: 'Bearing play, excess',
      more: 1,
    });
    expect(corners.RL).toMatchObject({
      hold: false,
      tone: 'watch',
      hub: 'plain',
      says: 'Slide pins, stiff',
    });
    expect(corners.FL).toMatchObject({ tone: 'plain', says: '1 looked at, fine' });
    expect(corners.RR.says).toBe('');
  });
});
