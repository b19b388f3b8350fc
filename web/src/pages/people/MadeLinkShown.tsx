import type { MadeLink } from '@gleddo/contract';
import { Typography } from 'antd';
import { momentText } from '../../platform/figures/days';
import styles from './people.module.css';

/** A link that was made: shown this once, to be copied and passed on. */
export function MadeLinkShown({ made }: { readonly made: MadeLink }) {
  const { name, token, until } = made;
  return (
    <div className={styles['made-passwords']}>
      <p className="notice">
        By this link {name} chooses a password, once, until {momentText(until)}. It is shown only
        now: copy it and pass it on to nobody else.
      </p>
      <Typography.Text copyable code>
        {`${window.location.origin}/link/${token}`}
      </Typography.Text>
    </div>
  );
}
