import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  WAYS_TO_SHARE,
  type HowShared,
  type SharedKind,
  type ShareRequest,
  type Sharing,
} from '@gleddo/contract';
import { Button, Modal, Select } from 'antd';
import { useState } from 'react';
import { ask, get } from '../api/client';
import { BY_LABEL } from '../figures/by-label';
import { Asking } from '../shell/Asking';
import { Refusal } from '../shell/Refusal';
import { SAYS } from './shared-words';
import styles from './sharing.module.css';

interface ShareProps {
  readonly kind: SharedKind;
  readonly id: string;
  readonly name: string;
  /** Where it stands beside other tools, and is no button of the page. */
  readonly isQuiet?: boolean;
}

/** Shares what is one’s own with colleagues, each in their way. */
export function ShareWith(props: ShareProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      {props.isQuiet ? (
        <button type="button" className="link-button" onClick={() => setOpen(true)}>
          Share my stock
        </button>
      ) : (
        <Button onClick={() => setOpen(true)}>Share</Button>
      )}
      {isOpen && (
        <Modal
          open
          title={`Share “${props.name}” with colleagues`}
          footer={null}
          onCancel={() => setOpen(false)}
        >
          <Shared {...props} />
        </Modal>
      )}
    </>
  );
}

function useSharing({ kind: of, id }: ShareProps) {
  const queries = useQueryClient();
  const kind: string = of;
  const path = `sharing/${kind}/${id}` as const;
  const queryKey = ['sharing', kind, id];
  const sharing = useQuery({ queryKey, queryFn: () => get(path), staleTime: 0 });
  const change = useMutation({
    mutationFn: (to: ShareRequest | { readonly gone: string }): Promise<Sharing> =>
      'gone' in to ? ask('DELETE', `${path}/${to.gone}`) : ask('PUT', path, to),
    onSuccess: (now) => queries.setQueryData(queryKey, now),
  });
  return { sharing, change };
}

const waysOf = (kind: SharedKind) =>
  WAYS_TO_SHARE[kind].map((how) => ({
    value: how,
    label: kind === 'note-stocks' ? 'to take from' : SAYS[how],
  }));

function Shared(props: ShareProps) {
  const { sharing, change } = useSharing(props);
  if (!sharing.data) return <Asking of={sharing} what="With whom it is shared" />;
  const { with: colleagues, others } = sharing.data;
  const ways = waysOf(props.kind);
  return (
    <>
      <Refusal of={change} />
      {colleagues.length === 0 ? (
        <p className="quiet">With nobody yet: it is yours alone.</p>
      ) : (
        <ul className={styles['list']}>
          {colleagues.map(({ id: personId, name, how }) => (
            <li key={personId}>
              <strong>{name}</strong>
              <Select
                aria-label={`How it is shared with ${name}`}
                popupMatchSelectWidth={false}
                value={how}
                options={ways}
                onChange={(to: HowShared) => change.mutate({ personId, how: to })}
              />
              <button
                type="button"
                className="link-button"
                aria-label={`Share no longer with ${name}`}
                onClick={() => change.mutate({ gone: personId })}
              >
                No longer
              </button>
            </li>
          ))}
        </ul>
      )}
      <OneMore {...{ others, ways, isPending: change.isPending }} onShare={change.mutate} />
    </>
  );
}

interface OneMoreProps {
  readonly others: Sharing['others'];
  readonly ways: readonly { readonly value: HowShared; readonly label: string }[];
  readonly isPending: boolean;
  onShare(with_: ShareRequest): void;
}

function OneMore({ others, ways, isPending, onShare }: OneMoreProps) {
  const [personId, choose] = useState<string | null>(null);
  const [how, setHow] = useState<HowShared | undefined>(ways[0]?.value);
  if (others.length === 0)
    return (
      <p className="quiet">There is no other colleague. The head of the house invites them.</p>
    );
  return (
    <div className={styles['one-more']}>
      <Select
        className={styles['colleague'] ?? ''}
        aria-label="Colleague"
        placeholder="Choose a colleague"
        showSearch={BY_LABEL}
        value={personId}
        options={others.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(to: string | null) => choose(to)}
      />
      <Select
        aria-label="How"
        popupMatchSelectWidth={false}
        value={how}
        options={[...ways]}
        onChange={setHow}
      />
      <Button
        type="primary"
        disabled={personId === null || !how}
        loading={isPending}
        onClick={() => {
          if (personId === null || !how) return;
          onShare({ personId, how });
          choose(null);
        }}
      >
        Share
      </Button>
    </div>
  );
}
