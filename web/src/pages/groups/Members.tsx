import type { GroupAnswer, Member } from '@gleddo/contract';
import { useState } from 'react';
import { LongRows } from '../../platform/figures/LongRows';
import { TableHead } from '../../platform/figures/TableHead';
import { LeavingList } from '../../platform/leaving/LeavingList';
import { useDeleting } from '../../platform/leaving/use-deleting';
import { StudentDialog } from './StudentDialog';

interface MembersProps {
  readonly group: GroupAnswer;
  /** Who only assists changes nobody. */
  readonly mayChange: boolean;
}

/** Who is in the class, with what the school calls them as far as anybody said it. */
export function Members({ group, mayChange }: MembersProps) {
  const { members } = group;
  const [openId, open] = useState<string | null>(null);
  const { onDelete, dialog } = useDeleting('person');
  const opened = members.find(({ id }) => id === openId);
  const hasNumbers = members.some(({ number }) => number !== '');
  const names = ['Name', ...(hasNumbers ? ['Number'] : []), 'Signs in as', ''];
  return (
    <>
      <table className="lines-table">
        <TableHead names={names} />
        <LongRows
          of={members}
          rowHeight={30}
          row={(member) => (
            <MemberRow
              key={member.id}
              {...{ member, hasNumbers }}
              onOpen={mayChange ? () => open(member.id) : null}
            />
          )}
        />
      </table>
      <LeavingList which={(each) => members.some((member) => member.id === each.id)} />
      {opened && (
        <StudentDialog {...{ group, student: opened, onDelete }} onClose={() => open(null)} />
      )}
      {dialog}
    </>
  );
}

interface MemberRowProps {
  readonly member: Member;
  readonly hasNumbers: boolean;
  readonly onOpen: (() => void) | null;
}

const MemberRow = ({ member, hasNumbers, onOpen }: MemberRowProps) => (
  <tr>
    <td>{member.name}</td>
    {hasNumbers && <td className="quiet">{member.number}</td>}
    <td className="quiet">{member.login}</td>
    <td>
      {onOpen && (
        <button
          type="button"
          className="link-button"
          aria-label={`Change: ${member.name}`}
          onClick={onOpen}
        >
          Change
        </button>
      )}
    </td>
  </tr>
);
