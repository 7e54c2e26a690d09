// A process that plays a school, told step by step what to do.
import { openSchool } from './school.mjs';

const [address, classes, inClass] = process.argv.slice(2);
let school;

const steps = {
  open: async () => {
    school = await openSchool({ address, classes: Number(classes), inClass: Number(inClass) });
    return {};
  },
  join: async () => ({ joins: await school.join() }),
  watch: async () => {
    await school.watch();
    return {};
  },
  act: async ({ rounds, every }) => {
    const { times, lost } = await school.act({ rounds, every });
    return { times, lost };
  },
};

process.on('message', async ({ word, ...more }) => process.send(await steps[word](more)));
