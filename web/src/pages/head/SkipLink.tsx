import { arrive } from '../../platform/keyboard/keep-focus';
import styles from './head.module.css';

/** The way past the head of the page, for whoever goes by keyboard: seen when it has the focus. */
export function SkipLink() {
  return (
    <button type="button" className={styles['skip-link']} onClick={arrive}>
      Past the head, to the work
    </button>
  );
}
