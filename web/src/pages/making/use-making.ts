import { useSearchParams } from 'react-router';

const MAKING = 'make-exercise';

/** The address at which a company asks what exercise is to be made of it. */
export const makingAddress = (bookId: string): string => `/companies/${bookId}/chart?${MAKING}`;

/** Whether the dialog is open stands in the address. */
export function useMaking(): [boolean, (open: boolean) => void] {
  const [params, setParams] = useSearchParams();
  const setOpen = (open: boolean) =>
    setParams((before) => {
      const after = new URLSearchParams(before);
      if (open) after.set(MAKING, '');
      else after.delete(MAKING);
      return after;
    });
  return [params.has(MAKING), setOpen];
}
