import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { NewPlatformRequest, PlatformShown, PlatformsShown } from '@gleddo/contract';
import { Button, Form, Input, Popconfirm, Typography } from 'antd';
import { useState } from 'react';
import { ask, get, post } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';

const KEY = ['platforms'];

function useChange<Said>(change: (said: Said) => Promise<PlatformsShown>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
}

/** The learning platforms of the school from which people come here, and to which marks go. */
export function Platforms() {
  const known = useQuery({ queryKey: KEY, queryFn: () => get('platforms') });
  const [isAdding, setAdding] = useState(false);
  if (!known.data) return <Asking of={known} what="The school’s platform" />;
  const { ours, platforms } = known.data;
  return (
    <section className="paper" aria-label="The school’s platform">
      <h2>The school’s platform</h2>
      {platforms.length === 0 && (
        <p className="quiet">
          None. A learning platform that follows the open standard LTI 1.3 can bring students to an
          exercise, tell who is in a class, and take the marks.
        </p>
      )}
      {platforms.map((each) => (
        <OnePlatform key={each.id} of={each} />
      ))}
      {isAdding ? (
        <NewPlatform ours={ours} onDone={() => setAdding(false)} />
      ) : (
        <Button onClick={() => setAdding(true)}>Add a platform</Button>
      )}
    </section>
  );
}

function OnePlatform({
  of: { id, name, issuer, people, courses },
}: {
  readonly of: PlatformShown;
}) {
  const remove = useChange(() => ask('DELETE', `platforms/${id}`));
  return (
    <p>
      <strong>{name}</strong> <span className="quiet">{issuer}</span>
      <br />
      {counted(people, 'person', 'people')} and {counted(courses, 'course')} known.{' '}
      <Popconfirm
        title={`Remove ${name}?`}
        description="Whoever came from it stays, with all that they did. Nobody comes from it any more, and no mark goes there."
        okText="Remove it"
        cancelText="Leave it"
        onConfirm={() => remove.mutate(undefined)}
      >
        <button type="button" className="link-button">
          Remove
        </button>
      </Popconfirm>
      <Refusal of={remove} />
    </p>
  );
}

const TO_COPY = [
  ['signIn', 'Where signing in begins'],
  ['launch', 'Where people are sent to, and what opens'],
  ['keys', 'Our public keys'],
] as const;

const FIELDS: readonly (readonly [name: keyof NewPlatformRequest, label: string, hint: string])[] =
  [
    ['name', 'What people call it', ''],
    ['issuer', 'Issuer', 'often its own address'],
    ['clientId', 'Client id', ''],
    ['deployment', 'Deployment id', ''],
    ['signInUrl', 'Its address for signing in', 'https://…'],
    ['tokenUrl', 'Its address for access tokens', 'https://…'],
    ['keysUrl', 'The address of its public keys', 'https://…'],
  ];

const ToCopy = ({ ours }: Pick<PlatformsShown, 'ours'>) => (
  <>
    <h3>1. Copy to the platform, where a tool is added</h3>
    <dl>
      {TO_COPY.map(([name, label]) => (
        <div key={name}>
          <dt className="quiet">{label}</dt>
          <dd style={{ margin: '0 0 0.5rem' }}>
            <Typography.Text code copyable={{ tooltips: false, text: ours[name] }}>
              {ours[name]}
            </Typography.Text>
          </dd>
        </div>
      ))}
    </dl>
    <p className="quiet">Let it open in a window of its own, and share names and e-mails.</p>
  </>
);

interface NewPlatformProps {
  readonly ours: PlatformsShown['ours'];
  onDone(): void;
}

/** What is to be copied to the platform, and from it. */
function NewPlatform({ ours, onDone }: NewPlatformProps) {
  const add = useChange((said: NewPlatformRequest) => post('platforms', said));
  return (
    <>
      <ToCopy ours={ours} />
      <h3>2. Copy from the platform</h3>
      <Form<NewPlatformRequest>
        layout="vertical"
        requiredMark={false}
        scrollToFirstError={{ focus: true, block: 'center' }}
        onFinish={(said) => add.mutate(said, { onSuccess: onDone })}
      >
        {FIELDS.map(([name, label, placeholder]) => (
          <Form.Item
            key={name}
            {...{ name, label }}
            rules={[{ required: true, whitespace: true, message: `“${label}” is missing.` }]}
          >
            <Input placeholder={placeholder} autoComplete="off" />
          </Form.Item>
        ))}
        <Button type="primary" htmlType="submit" loading={add.isPending}>
          Add it
        </Button>{' '}
        <Button onClick={onDone}>Leave it</Button>
        <Refusal of={add} />
      </Form>
    </>
  );
}
