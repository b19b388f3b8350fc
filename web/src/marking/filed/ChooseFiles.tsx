import { useState } from 'react';
import styles from './filed.module.css';

/** Where files are dropped or chosen, one or a pile. */
export function ChooseFiles({ onChoose }: { onChoose(files: readonly File[]): void }) {
  const [isOver, setOver] = useState(false);
  const take = (list: FileList | null) => {
    if (list && list.length > 0) onChoose([...list]);
  };
  return (
    <label
      className={styles['drop']}
      data-over={isOver}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        take(event.dataTransfer.files);
      }}
    >
      Drop files here, or <u>choose them</u>: one, many, or a ZIP of them.
      <input
        className={styles['input']}
        type="file"
        multiple
        aria-label="Choose files"
        accept=".csv,.tsv,.txt,.xlsx,.ods,.json,.zip"
        onChange={(event) => {
          take(event.target.files);
          event.target.value = '';
        }}
      />
    </label>
  );
}
