import { useQuery } from '@tanstack/react-query';
import type { Preview } from '@gleddo/contract';
import { Modal, Spin } from 'antd';
import { useState } from 'react';
import { Refusal } from '../../platform/shell/Refusal';
import { PreviewTable } from './PreviewTable';
import styles from './preview.module.css';

interface PreviewDialogProps {
  readonly title: string;
  readonly says: string;
  readonly okText: string;
  /** What names it among what was asked before. */
  readonly name: readonly string[];
  ask(): Promise<Preview>;
  onKeep(givenBack: readonly string[]): void;
  onClose(): void;
}

/** What a change would do to everybody’s marks, shown before it is kept. */
export function PreviewDialog(props: PreviewDialogProps) {
  const { title, says, okText, name, ask, onKeep, onClose } = props;
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const preview = useQuery({
    queryKey: ['preview', ...name],
    queryFn: ask,
    staleTime: 0,
    gcTime: 0,
  });
  return (
    <Modal
      open
      title={title}
      okText={okText}
      cancelText="Leave it as it is"
      okButtonProps={{ disabled: !preview.data }}
      onOk={() => onKeep(chosen)}
      onCancel={onClose}
    >
      <p className="quiet">{says}</p>
      <Refusal of={preview} />
      <div className={styles['list']}>
        {preview.data ? (
          <PreviewTable preview={preview.data} chosen={chosen} onChoose={setChosen} />
        ) : (
          !preview.error && <Spin aria-label="Every work is being checked with it" />
        )}
      </div>
    </Modal>
  );
}
