import { brier, calibration } from '@/core/diagnosis/learn/calibration';
import { CalibrationView } from '@/features/shop/setup/CalibrationView';
import { forecasts } from '@/server/learn/queries';
import { page } from '../../asPerson';

export const metadata = { title: 'How often it was right' };

export default page('read', async () => {
  const { said, jobs } = await forecasts();
  return <CalibrationView bins={calibration(said)} jobs={jobs} brier={brier(said)} />;
});
