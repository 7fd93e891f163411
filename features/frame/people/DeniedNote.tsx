'use client';

import { ROLE_WORDS } from '@/core/base/people/roles';
import { inSentence } from '@/core/base/sentence';
import { denied } from '../../shell/denied';
import { usePerson } from '../../shell/PersonContext';
import { BriefNote } from '../BriefNote';

/** What was pressed is for others. */
export function DeniedNote() {
  const { label, may } = ROLE_WORDS[usePerson().role];
  return (
    <BriefNote while={denied}>
      <b>Not entered.</b> You are here as {inSentence(label)}: {may}.
    </BriefNote>
  );
}
