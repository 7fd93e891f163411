'use client';

import { useSettledJob } from '../record/JobProvider';
import { later } from '../shell/later';
import { useKept } from '../shell/useKept';
import { AtHand } from './AtHand';
import { CheckList } from './CheckList';
import { ChecksBar, type ChecksMode } from './ChecksBar';
import { JobPhotos } from './JobPhotos';
import { useWantedCheck } from './wanted';

const WalkRound = later(() => import('./WalkRound').then((module) => module.WalkRound));
const MeasuringSheet = later(() => import('./MeasuringSheet').then((module) => module.MeasuringSheet));

/** The checks three ways: as questions in working order, one thing at a time round the car, or as one dense sheet. */
export function ChecksStage() {
  const { pickCorner } = useSettledJob();
  const [mode, setMode] = useKept<ChecksMode>('checks.mode', 'list');
  useWantedCheck(pickCorner, () => setMode('list'));
  return (
    <>
      <ChecksBar mode={mode} onMode={setMode} />
      {mode !== 'walk' && <AtHand />}
      {mode === 'list' && <CheckList />}
      {mode === 'walk' && <WalkRound />}
      {mode === 'sheet' && <MeasuringSheet />}
      <JobPhotos />
    </>
  );
}
