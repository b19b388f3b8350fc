import { useMutation } from '@tanstack/react-query';
import { Button, Upload } from 'antd';
import { useParams } from 'react-router';
import { post } from '../../platform/api/client';
import { pictureOfFile } from '../../book/files/picture-of-file';
import { Refusal } from '../../platform/shell/Refusal';

interface ChoosePictureProps {
  readonly title: string;
  readonly picture: string | undefined;
  /** Told under which name it is kept. */
  onKept(name: string): void;
}

/** A picture to lie beside the work: a photograph of a paper, a drawing. */
export function ChoosePicture({ title, picture, onKept }: ChoosePictureProps) {
  const { id = '' } = useParams();
  const path = `exercises/${id}/pictures` as const;
  const keep = useMutation({
    mutationFn: async (file: File) => post(path, { picture: await pictureOfFile(file) }),
    onSuccess: (kept) => onKept(kept.id),
  });
  return (
    <div>
      {picture !== undefined && (
        <img src={`/api/${path}/${picture}`} alt={title} style={{ maxHeight: '4.5rem' }} />
      )}
      <Upload
        accept="image/*"
        showUploadList={false}
        beforeUpload={(file) => {
          keep.mutate(file);
          return false;
        }}
      >
        <Button size="small" loading={keep.isPending}>
          {picture === undefined ? 'Choose a picture' : 'Choose another picture'}
        </Button>
      </Upload>
      <Refusal says={keep.error?.message ?? null} />
    </div>
  );
}
