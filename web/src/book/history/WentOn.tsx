import { useMutation } from '@tanstack/react-query';
import type { HistoryEntry } from '@gleddo/contract';
import { Button } from 'antd';
import { post } from '../../platform/api/client';
import { useOpenBook } from '../open-book/open-book';
import { momentText } from '../../platform/figures/days';
import { Refusal } from '../../platform/shell/Refusal';

/** What is said of a step that no operation tells: the books were those of a checkpoint from then on. */
interface Said {
  readonly kind?: string;
  readonly step?: string;
}

/** Where somebody went on from a later step: what was before is one click away. */
export function WentOn({ history }: { history: readonly HistoryEntry[] }) {
  const { answer } = useOpenBook();
  const entry = history.find(({ operation }) => (operation as Said).kind === 'went-on');
  const back = useMutation({
    mutationFn: (revision: number) => post(`books/${answer.id}/set-back`, { revision }),
  });
  if (!entry) return null;
  const { step = '' } = entry.operation as Said;
  return (
    <div>
      <p>
        Went on from the beginning of “{step}”{' '}
        <span className="quiet">
          {entry.by}, {momentText(entry.at)}
        </span>
      </p>
      {answer.mayChange && (
        <Button
          size="small"
          loading={back.isPending}
          onClick={() => back.mutate(entry.revision - 1)}
        >
          Back to how it was before that
        </Button>
      )}
      <Refusal of={back} />
    </div>
  );
}
