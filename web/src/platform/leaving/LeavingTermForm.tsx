import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { LONGEST_TERM, type Fate, type LeavingTerm } from '@gleddo/contract';
import { Button, Form, InputNumber, Radio } from 'antd';
import { ask, get } from '../api/client';
import { Asking } from '../shell/Asking';
import { Refusal } from '../shell/Refusal';
import { NAMELESS_SAYS } from './what-goes';

const FATES: readonly { readonly value: Fate; readonly label: string }[] = [
  { value: 'deleted', label: 'all that is kept of them is deleted' },
  { value: 'nameless', label: 'their works stay without a name' },
];

/** For the head of the house: how long what is deleted can be taken back, and what becomes of people. */
export function LeavingTermForm() {
  const queries = useQueryClient();
  const term = useQuery({
    queryKey: ['leaving-term'],
    queryFn: () => get('leavings/term'),
  });
  const save = useMutation({
    mutationFn: (to: LeavingTerm) => ask('PUT', 'leavings/term', to),
    onSuccess: (now) => queries.setQueryData(['leaving-term'], now),
  });
  if (!term.data) return <Asking of={term} what="The term" />;
  return (
    <Form
      layout="vertical"
      requiredMark={false}
      initialValues={term.data}
      onFinish={save.mutate}
      onValuesChange={() => save.reset()}
    >
      <TermFields />
      <Refusal of={save} />
      <Button htmlType="submit" loading={save.isPending}>
        Save
      </Button>{' '}
      {save.isSuccess && <Saved />}
    </Form>
  );
}

const TermFields = () => (
  <>
    <Form.Item
      name="days"
      label="What is deleted can be taken back for"
      rules={[{ required: true, message: 'Say the term in whole days; 0 is at once.' }]}
    >
      <InputNumber
        min={0}
        max={LONGEST_TERM}
        precision={0}
        suffix="days"
        style={{ width: '8.75rem' }}
      />
    </Form.Item>
    <Form.Item name="fate" label="Of people who leave" style={{ marginBottom: '0.25rem' }}>
      <Radio.Group vertical options={[...FATES]} />
    </Form.Item>
    <p className="quiet">{NAMELESS_SAYS}</p>
  </>
);

const Saved = () => (
  <span className="is-met" role="status">
    ✓ Saved. What was asked for before keeps its day.
  </span>
);
