import type { LetterGone, MadeLink } from '@gleddo/contract';
import { useMutation } from '@tanstack/react-query';
import { Button, Typography } from 'antd';
import { post } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './people.module.css';

/** A link that was made: shown this once, to be copied and passed on, or sent. */
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
      {made.email !== '' && <SendLink key={token} made={made} />}
    </div>
  );
}

function SendLink({ made: { token, email } }: { readonly made: MadeLink }) {
  const sending = useMutation({ mutationFn: () => post('letters/link', { token }) });
  if (sending.data)
    return (
      <p className="is-met" role="status">
        ✓ {GONE[sending.data.goesTo]} {email}.
      </p>
    );
  return (
    <>
      <Button loading={sending.isPending} onClick={() => sending.mutate()}>
        Send it to {email}
      </Button>
      <Refusal of={sending} />
    </>
  );
}

const GONE: Readonly<Record<LetterGone['goesTo'], string>> = {
  mail: 'Sent to',
  folder: 'No mail server is set: it lies in the folder of letters, for',
};
