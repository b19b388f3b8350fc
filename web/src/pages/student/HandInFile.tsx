import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { MyTryDetail, OwnFileRequest } from '@gleddo/contract';
import { bookToJson, readIncoming, type Incoming } from '@gleddo/core';
import { Modal } from 'antd';
import { useState } from 'react';
import { counted } from '../../platform/figures/counted';
import { post } from '../../platform/api/client';
import { ChooseOne } from '../../book/files/ChooseOne';
import { readTable } from '../../book/files/read-table';
import { Refusal } from '../../platform/shell/Refusal';

interface Chosen {
  readonly name: string;
  readonly incoming: Incoming;
}

const LARGEST = 8_000_000;
const SHOWN_ROWS = 6;
const SHOWN_COLUMNS = 6;

async function readOf(file: File): Promise<Chosen> {
  if (file.size > LARGEST) throw new Error(`“${file.name}” is larger than ${LARGEST / 1e6} MB.`);
  const bytes = new Uint8Array(await file.arrayBuffer());
  const read = await readIncoming(bytes, readTable);
  if (!read.ok) throw new Error(`“${file.name}” can’t be read. ${read.refusals[0]?.says ?? ''}`);
  return { name: file.name, incoming: read.value };
}

function bodyOf({ name: fileName, incoming }: Chosen): OwnFileRequest {
  if (incoming.kind === 'table') return { fileName, table: { cells: incoming.cells } };
  const book = incoming.kind === 'key' ? incoming.key.book : incoming.book;
  return { fileName, book: bookToJson(book) };
}

function useHandingIn(exerciseId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (file: Chosen) => post(`my-exercises/${exerciseId}/file`, bodyOf(file)),
    onSuccess: (handed) => {
      queries.setQueryData(['mine', exerciseId], handed);
      void queries.invalidateQueries({ queryKey: ['mine'], exact: true });
    },
  });
}

/** Hands in a file in the place of what is done here, once it was seen what stands in it. */
export function HandInFile({ mine }: { mine: MyTryDetail }) {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const read = useMutation({ mutationFn: readOf, onSuccess: setChosen });
  const handIn = useHandingIn(mine.exerciseId);
  return (
    <>
      <Refusal of={read} />
      <ChooseOne
        label="Hand in a file"
        accept=".csv,.tsv,.txt,.xlsx,.ods,.json"
        loading={read.isPending}
        onChoose={(file) => read.mutate(file)}
      />
      <Modal
        open={chosen !== null}
        title={`Hand in “${chosen?.name ?? ''}”?`}
        okText="Hand it in"
        cancelText="Choose another"
        confirmLoading={handIn.isPending}
        onOk={() => chosen && handIn.mutate(chosen, { onSuccess: () => setChosen(null) })}
        onCancel={() => setChosen(null)}
      >
        {chosen && <WhatStandsIn incoming={chosen.incoming} />}
        <p className="quiet">
          {mine.state === 'working' && 'It takes the place of what you did here. '}
          Once handed in, it stays as it is.
        </p>
        <Refusal of={handIn} />
      </Modal>
    </>
  );
}

function WhatStandsIn({ incoming }: { incoming: Incoming }) {
  if (incoming.kind !== 'table') {
    const book = incoming.kind === 'key' ? incoming.key.book : incoming.book;
    return (
      <p>
        A book: {counted(book.accounts.length, 'account')},{' '}
        {counted(book.entries.length, 'entry', 'entries')}.
      </p>
    );
  }
  const { cells } = incoming;
  return (
    <>
      <p>A table of {counted(cells.length, 'row')}. It begins:</p>
      <table className="lines-table">
        <tbody>
          {cells.slice(0, SHOWN_ROWS).map((row, i) => (
            <tr key={i}>
              {row.slice(0, SHOWN_COLUMNS).map((cell, j) => (
                <td key={j}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
