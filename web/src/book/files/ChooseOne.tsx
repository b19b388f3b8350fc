import { Button } from 'antd';
import { useRef } from 'react';

interface ChooseOneProps {
  readonly label: string;
  readonly accept: string;
  readonly loading?: boolean;
  onChoose(file: File): void;
}

/** A button that asks for one file. */
export function ChooseOne({ label, accept, loading = false, onChoose }: ChooseOneProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button loading={loading} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={label}
        accept={accept}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          target.value = '';
          if (file) onChoose(file);
        }}
      />
    </>
  );
}
