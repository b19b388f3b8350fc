import type { GroupAnswer } from '@gleddo/contract';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './groups.module.css';
import { useStudentChange } from './use-student-change';

const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

/** Who was taken out: their work stays, and they can come back. */
export function FormerMembers({ group }: { readonly group: GroupAnswer }) {
  const { former } = group;
  const change = useStudentChange(group);
  if (former.length === 0) return null;
  return (
    <>
      <h3>Taken out</h3>
      <p className="quiet">
        What they did stays with the exercises; nothing more is handed out to them.
      </p>
      <ul className={styles['former']}>
        {former.map(({ id, name, leftAt }) => (
          <li key={id}>
            {name}, <span className="quiet">since {DAY.format(new Date(leftAt))}</span>{' '}
            <button
              type="button"
              className="link-button"
              aria-label={`Bring back: ${name}`}
              onClick={() => change.mutate({ what: 'back', id })}
            >
              Bring back
            </button>
          </li>
        ))}
      </ul>
      <Refusal of={change} />
    </>
  );
}
