'use client';

import { useEffect, useRef, useState } from 'react';
import type { JobFields } from '@/core/job/sheet';
import { TextArea } from '@/ui/Field';
import { useKept } from '../shell/useKept';
import { useJob } from './JobProvider';

type TextKey = { [K in keyof JobFields]: JobFields[K] extends string ? K : never }[keyof JobFields];

/** Typing pauses this long before a text is sent, ms. */
const PAUSE_MS = 900;

type Props = {
  field: TextKey;
  label: string;
  hint?: string;
  maxLength: number;
  rows?: number;
  placeholder?: string;
  /** Told the text as it stands in the field, letter by letter. */
  onText?: (text: string) => void;
};

/** A line of free text of the job: kept on this device from the first letter, sent when the typing pauses. */
export function SavedText({ field, label, hint, maxLength, rows, placeholder, onText }: Props) {
  const { sheet, changeJob, closed } = useJob();
  const saved = sheet.job[field];
  const [draft, keepDraft, forgetDraft] = useKept<string | null>(`job.${sheet.job.id}.${field}`, null);
  const [text, setText] = useState(saved);
  const typing = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  useEffect(() => {
    if (draft !== null && !typing.current) setText(draft);
  }, [draft]);
  useEffect(() => {
    if (!typing.current && draft === null) setText(saved);
  }, [saved, draft]);

  useEffect(() => onText?.(text), [text, onText]);

  const send = (value: string) => {
    clearTimeout(timer.current);
    typing.current = false;
    changeJob(field, value.trim(), label);
    forgetDraft();
  };
  return (
    <TextArea
      label={label}
      hint={hint}
      rows={rows}
      maxLength={maxLength}
      placeholder={placeholder}
      value={text}
      readOnly={closed}
      onChange={(event) => {
        const { value } = event.target;
        typing.current = true;
        setText(value);
        keepDraft(value);
        clearTimeout(timer.current);
        timer.current = setTimeout(() => send(value), PAUSE_MS);
      }}
      onBlur={() => typing.current && send(text)}
    />
  );
}
