import type { HoldId } from '@/core/diagnosis/holds/holds';
import type { ChangeTrial } from '@/core/job/changeTrial';
import type { DriveBack, ProofDrive } from '@/core/job/proofDrive';
import { newId } from '../../shell/newId';
import type { CommandContext } from './context';

/** What proves that it is cured: evidence, drives, trials. */
export function proofCommands({ post }: CommandContext) {
  return {
    /** Signs the evidence that ends a hold. */
    prove: (hold: HoldId, how: string, by: string): void =>
      post({ kind: 'proof', body: { id: newId(), hold, how, by }, label: 'Proof of a hold' }),

    /** Sends the car out on proof. */
    sendOut: (drive: Pick<ProofDrive, 'driver' | 'conditions' | 'dueOn'>): void =>
      post({ kind: 'proof_drive', body: { id: newId(), ...drive }, label: 'Out on proof' }),

    /** It is back. */
    comeBack: (driveId: string, back: Omit<DriveBack, 'id' | 'at'>): void =>
      post({ kind: 'drive_back', driveId, body: { id: newId(), ...back }, label: 'Back from proof' }),

    /** Notes a change that was tried over laps. */
    addTrial: (trial: Omit<ChangeTrial, 'id' | 'recordedAt' | 'version'>): void =>
      post({ kind: 'trial', body: { id: newId(), ...trial }, label: `Trial: ${trial.change}` }),
  };
}
