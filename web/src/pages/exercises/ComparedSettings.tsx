import { SETTINGS, settingName, type Setting } from '@gleddo/core';
import { Select } from 'antd';

interface ComparedSettingsProps {
  readonly settings: readonly Setting[];
  onChange(settings: Setting[]): void;
}

/** Which settings of the company students make, and are compared with the key’s. */
export const ComparedSettings = ({ settings, onChange }: ComparedSettingsProps) => (
  <section className="paper">
    <h2>The company</h2>
    <label>
      Students set up, and it is compared{' '}
      <Select
        mode="multiple"
        aria-label="Settings of the company that are compared"
        style={{ width: '100%' }}
        placeholder="nothing: the company is given"
        options={SETTINGS.map((value) => ({ value, label: settingName(value) }))}
        value={[...settings]}
        onChange={onChange}
      />
    </label>
    {settings.length > 0 && (
      <p className="quiet">
        Students have a page Company. What the starting point has as the key has it earns nothing:
        under Starting point, set it to something else.
      </p>
    )}
  </section>
);
