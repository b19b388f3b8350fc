import { Select, type SelectProps } from 'antd';
import { useRef } from 'react';

/**
 * A list that one chooses from by typing, as quickly as one types: once something is chosen, Tab goes on to the next field
 * though the list is still closing. (It closes a moment later, and would take a Tab for a choice until then.)
 */
export function QuickSelect<V, O extends object>(props: SelectProps<V, O & { label?: unknown }>) {
  const isChosen = useRef(false);
  return (
    <span
      style={{ display: 'contents' }}
      onKeyDownCapture={(event) => {
        if (isChosen.current && event.key === 'Tab') event.stopPropagation();
        isChosen.current = false;
      }}
    >
      <Select
        {...props}
        defaultActiveFirstOption
        onSelect={(...given) => {
          isChosen.current = true;
          props.onSelect?.(...given);
        }}
      />
    </span>
  );
}
