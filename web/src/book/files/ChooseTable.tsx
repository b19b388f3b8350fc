import { Button, Upload } from 'antd';

/** Asks for a file that holds a table. */
export const ChooseTable = ({ onChoose }: { onChoose(file: File): void }) => (
  <Upload
    accept=".csv,.tsv,.txt,.xlsx,.ods"
    showUploadList={false}
    beforeUpload={(file) => {
      onChoose(file);
      return false;
    }}
  >
    <Button style={{ marginTop: '0.5rem' }}>Choose a file</Button>
  </Upload>
);
