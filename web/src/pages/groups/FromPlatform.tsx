import { useMutation } from '@tanstack/react-query';
import type { PlatformList } from '@gleddo/contract';
import { Button } from 'antd';
import { get } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';

interface FromPlatformProps {
  readonly groupId: string;
  /** Whether something is typed that the list would take the place of. */
  readonly isTyped: boolean;
  /** Takes the list as rows of a spreadsheet, with their headings. */
  onList(rows: string): void;
}

const rowsOf = ({ students }: PlatformList): string =>
  [
    ['Name', 'Number', 'E-mail'],
    ...students.map(({ name, number, email }) => [name, number, email]),
  ]
    .map((row) => row.join('\t'))
    .join('\n');

/** Asks the school’s platform who is in the course that is this class. */
export function FromPlatform({ groupId, isTyped, onList }: FromPlatformProps) {
  const asking = useMutation({
    mutationFn: () => get(`groups/${groupId}/platform-list`),
    onSuccess: (list) => list && onList(rowsOf(list)),
  });
  return (
    <div style={{ marginBlockStart: '0.75rem' }}>
      <Button disabled={isTyped} loading={asking.isPending} onClick={() => asking.mutate()}>
        Ask the school’s platform
      </Button>
      {isTyped && <span className="quiet"> once nothing is typed above</span>}
      <Refusal of={asking} />
    </div>
  );
}
