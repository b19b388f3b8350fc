import type { AnswerKey, Step } from '@gleddo/core';
import type { GuideDraft } from './guide-draft';

/** What the parts of a step’s editor are given. */
export interface StepEditorProps {
  readonly keyNow: AnswerKey;
  readonly draft: GuideDraft;
  readonly step: Step;
  onDraft(draft: GuideDraft): void;
}
