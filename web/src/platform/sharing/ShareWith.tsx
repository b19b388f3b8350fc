import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  WAYS_TO_SHARE,
  type HowShared,
  type SharedKind,
  type ShareRequest,
  type Sharing,
} from '@gleddo/contract';
import { Button, Modal, Select } from 'antd';
import { useRef, useState } from 'react';
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
  const list = useRef<HTMLDivElement>(null);
  // The button that was pressed goes, or can’t be pressed again: the list takes its focus.
  const onSuccess = () => list.current?.focus();
  if (!sharing.data) return <Asking of={sharing} what="With whom it is shared" />;
  const { with: colleagues, others } = sharing.data;
  const ways = waysOf(props.kind);
  return (
    <div role="group" aria-label="With whom it is shared" tabIndex={-1} ref={list}>
      <Refusal of={change} />
      {colleagues.length === 0 ? (
        <p className="quiet">With nobody yet: it is yours alone.</p>
      ) : (
        <ul className={styles['list']}>
          {colleagues.map((colleague) => (
            <ColleagueRow
              key={colleague.id}
              {...{ colleague, ways }}
              onChange={(how) => change.mutate({ personId: colleague.id, how })}
              onGone={() => change.mutate({ gone: colleague.id }, { onSuccess })}
            />
          ))}
        </ul>
      )}
      <OneMore
        {...{ others, ways, isPending: change.isPending }}
        onShare={(with_) => change.mutate(with_, { onSuccess })}
      />
    </div>
  );
}

type Way = ReturnType<typeof waysOf>[number];

interface ColleagueRowProps {
  readonly colleague: Sharing['with'][number];
  readonly ways: readonly Way[];
  onChange(how: HowShared): void;
  onGone(): void;
}

function ColleagueRow({ colleague: { name, how }, ways, onChange, onGone }: ColleagueRowProps) {
  return (
    <li>
      <strong>{name}</strong>
      <HowSelect name={`How it is shared with ${name}`} {...{ how, ways, onChange }} />
      <button
        type="button"
        className="link-button"
        aria-label={`Share no longer with ${name}`}
        onClick={onGone}
      >
        No longer
      </button>
    </li>
  );
}

interface HowSelectProps {
  readonly name: string;
  readonly how: HowShared | null;
  readonly ways: readonly Way[];
  onChange(how: HowShared): void;
}

/** How something is shared; where there is one way only, that is said, and nothing to choose. */
function HowSelect({ name, how, ways, onChange }: HowSelectProps) {
  if (ways.length === 1) return <span>{ways[0]?.label}</span>;
  return (
    <Select
      aria-label={name}
      popupMatchSelectWidth={false}
      value={how}
      options={[...ways]}
      onChange={onChange}
    />
  );
}

interface OneMoreProps {
  readonly others: Sharing['others'];
  readonly ways: readonly Way[];
  readonly isPending: boolean;
  onShare(with_: ShareRequest): void;
}

function OneMore({ others, ways, isPending, onShare }: OneMoreProps) {
  const [personId, choose] = useState<string | null>(null);
  const [how, setHow] = useState<HowShared | null>(ways[0]?.value ?? null);
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
      <HowSelect name="How" {...{ how, ways }} onChange={setHow} />
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
