import type { CompanyChart } from './chart.js';

/** Two partners who light stages. */
export const ODUYA_BROCK: CompanyChart = {
  name: 'Oduya and Brock, Stage Lighting',
  trade: 'Lamps hired out, shows lit',
  legalForm: 'partnership',
  accounts: `
bank             | Bank                             | bank                     |   9600
customers        | Theatres that owe                | trade-receivables        |   3250
lamps            | Lamps for hire                   | plant-equipment          |  24000
lamps-dep        | Accumulated depreciation, lamps  | accumulated-depreciation |  -8000 | lamps
lorry            | Lorry                            | vehicles                 |  21000
lorry-dep        | Accumulated depreciation, lorry  | accumulated-depreciation |  -7000 | lorry
suppliers        | Suppliers                        | trade-payables           |  -1850
deposits         | Deposits held for lamps          | deposits-held            |  -1000
capital-o        | Capital, Oduya                   | owner-capital            | -24000
capital-b        | Capital, Brock                   | owner-capital            | -16000
drawings-o       | Drawings, Oduya                  | drawings                 |
drawings-b       | Drawings, Brock                  | drawings                 |
hire             | Hire of lamps                    | service-fees             |
shows            | Shows lit                        | service-fees             |
crew             | Crew for shows                   | direct-labour            |
bulbs            | Bulbs and filters                | other-direct-cost        |
store            | Rent of the store                | premises                 |
diesel           | Diesel and repairs, lorry        | vehicle-running          |
lamps-charge     | Depreciation, lamps              | depreciation-charge      |
lorry-charge     | Depreciation, lorry              | depreciation-charge      |
`,
};
