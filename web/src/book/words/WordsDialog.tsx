import { Input, Modal } from 'antd';
import { useState } from 'react';
import styles from './words.module.css';
import { useExplained } from './Words';

/** All words that are explained, to be looked through. */
export function WordsDialog({ onClose }: { onClose(): void }) {
  const [typed, setTyped] = useState('');
  const words = useExplained().filter(({ word, says }) =>
    `${word} ${says}`.toLowerCase().includes(typed.trim().toLowerCase()),
  );
  return (
    <Modal title="Words" open onCancel={onClose} footer={null} width={600}>
      <Input
        aria-label="Search the words"
        placeholder="Search the words"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <dl className={styles['glossary']}>
        {words.map(({ word, says, example }) => (
          <div key={word}>
            <dt>{word}</dt>
            <dd>
              {says} {example && <em className="quiet">{example}</em>}
            </dd>
          </div>
        ))}
      </dl>
      {words.length === 0 && <p className="quiet">No word fits. Search for a part of one.</p>}
    </Modal>
  );
}
