import type { Me } from '@gleddo/contract';
import { Modal } from 'antd';
import { Link, useLocation } from 'react-router';
import { KeysTable } from '../../book/work/KeysTable';
import { Brief } from '../../book/words/Brief';
import { topicsAt } from './topics';
import styles from './about.module.css';

interface AboutDialogProps {
  readonly role: Me['role'];
  readonly isOpen: boolean;
  onClose(): void;
}

/** What is said of the page that one is on, the way to all that is said, and the keys. */
export function AboutDialog({ role, isOpen, onClose }: AboutDialogProps) {
  const { pathname } = useLocation();
  return (
    <Modal title="About this page" open={isOpen} onCancel={onClose} footer={null} width={600}>
      {topicsAt(pathname, role).map(({ id, title, says }) => (
        <section key={id} className={styles['here']} aria-label={title}>
          <h3>{title}</h3>
          <Brief text={says} />
        </section>
      ))}
      <p>
        <Link to="/guide" onClick={onClose}>
          The whole guide
        </Link>
      </p>
      <h3>Shortcuts</h3>
      <KeysTable />
    </Modal>
  );
}
