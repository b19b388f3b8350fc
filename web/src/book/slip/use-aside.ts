import { useEffect, useState, type PointerEvent } from 'react';

/**
 * Who points at the slip while holding a key that takes accounts together means the rows under it: it goes aside until
 * the key is let go of.
 */
export function useAside(): [boolean, (event: PointerEvent) => void] {
  const [isAside, setAside] = useState(false);
  useEffect(() => {
    if (!isAside) return;
    const back = () => setAside(false);
    window.addEventListener('keyup', back);
    window.addEventListener('blur', back);
    return () => {
      window.removeEventListener('keyup', back);
      window.removeEventListener('blur', back);
    };
  }, [isAside]);
  const onPointerMove = (event: PointerEvent) => {
    if (event.ctrlKey || event.metaKey) setAside(true);
  };
  return [isAside, onPointerMove];
}
