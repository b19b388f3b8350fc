import { StandIn } from './stand-in.js';

const [tool = 'http://localhost:3000', port = '4000'] = process.argv.slice(2);
const standIn = await StandIn.begin(tool.replace(/\/$/, ''), Number(port));
process.stdout.write(
  `The stand-in for a school’s platform is at ${standIn.address}, for Gleddo at ${tool}\n`,
);
