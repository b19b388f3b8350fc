import type { AcceptRequest, Marked } from '@gleddo/contract';
import { post } from '../../platform/api/client';
import { PreviewDialog } from '../preview/PreviewDialog';
import type { MarkedChange } from '../marks/use-marked-change';

interface AcceptingProps {
  readonly accepting: AcceptRequest;
  /** What is accepted, as it is called. */
  readonly shown: string;
  readonly marked: Marked;
  readonly change: MarkedChange;
  onClose(): void;
}

/** Accepts something from everybody, or no longer: once what it does to everybody’s marks was seen. */
export function Accepting({ accepting, shown, marked, change, onClose }: AcceptingProps) {
  const { account, what, value, withdraw = false } = accepting;
  const path = `tries/${marked.tryId}/accept` as const;
  return (
    <PreviewDialog
      title={withdraw ? `Accept “${shown}” no longer?` : `Accept “${shown}” from everybody?`}
      says={
        withdraw
          ? 'The key then asks for its own again. Every work was checked without it:'
          : 'Whoever did the same has it right. Every work was checked with it:'
      }
      okText={withdraw ? 'Accept it no longer' : 'Accept it'}
      name={[marked.tryId, account, what, value, String(withdraw)]}
      ask={() => post(`${path}/preview`, accepting)}
      onKeep={(givenBack) => {
        change.mutate(() => post(path, { ...accepting, givenBack }));
        onClose();
      }}
      onClose={onClose}
    />
  );
}
