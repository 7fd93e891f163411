'use client';

import { Smartphone } from 'lucide-react';
import { Button } from '@/ui/Button';
import type { Motion } from './useMotion';

/** Whether the phone works the slowdowns by what it feels; the passenger's keys go on in any case. */
export function MotionKeys({ motion }: { motion: Motion }) {
  return (
    <div className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-1">
      {motion.state === 'off' ? (
        <>
          <Button look="quiet" onClick={() => motion.start('phone')}>
            <Smartphone aria-hidden="true" size={20} /> By this phone’s motion
          </Button>
          <Button look="quiet" onClick={() => motion.start('simulated')}>
            A simulated drive, to try it
          </Button>
        </>
      ) : (
        <>
          <span role="status" className="flex items-center gap-2 font-semibold">
            <Smartphone aria-hidden="true" size={20} />
            {motion.state === 'learning'
              ? 'Lying still in the car, learning which way is forward'
              : 'Feels the brake and the release'}
          </span>
          <Button look="quiet" onClick={motion.stop}>
            By hand again
          </Button>
        </>
      )}
      {motion.trouble && (
        <p role="alert" className="w-full font-semibold text-stop">
          {motion.trouble}
        </p>
      )}
    </div>
  );
}
