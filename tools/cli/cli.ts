import { WAY_IDS } from '@velmo/core/combine';
import { combine } from './combine';
import { inspect } from './inspect';
import { shoot } from './shoot';
import { UsageError } from './usage';

const USAGE = `usage: npm run -s tool -- shoot --scene ID --out FILE [--lens main] [--time 1/125] [--iso 100]
                         [--mp 3|12] [--crop 1] [--nd 0] [--torch] [--flash off|begin|end] [--hand] [--stabiliser 0]
                         [--mains 50] [--at 0] [--white 5000,0] [--seed 1] [--upright]
                         [--series bracket:5:2 | burst:10 | focus:0.4m:2m | interval:10:30, then --out f-{n}.dng]
                         [--series long:60:mean|sum|brightest]
       npm run -s tool -- inspect FILE
       npm run -s tool -- merge|focus|average|median|brightest|stars|sum A.dng B.dng ... --out M.dng [--float] [--fixed] [--picture M.jpg]
       npm run -s tool -- fuse|focus|average|median|brightest A.jpg B.jpg ... --out M.jpg [--fixed]
                         merge: [--brightness 0] [--range 0.8] [--detail 1]`;

const COMMANDS: Record<string, (args: string[]) => void> = {
  shoot,
  inspect,
  ...Object.fromEntries(WAY_IDS.map((id) => [id, combine(id)])),
};

/** Exit code 2 and one clear line on bad arguments or a broken file. */
function main([command, ...args]: string[]): void {
  if (command === undefined || command === '--help') {
    console.log(USAGE);
    process.exit(command === undefined ? 2 : 0);
  }
  try {
    const run = COMMANDS[command];
    if (!run)
      throw new UsageError(
        `there is no command "${command}": use ${Object.keys(COMMANDS).join(', ')}`,
      );
    run(args);
  } catch (error) {
    if (!(error instanceof Error)) throw error;
    console.error(`velmo: ${error.message.split('\n')[0]}`);
    process.exit(2);
  }
}

main(process.argv.slice(2));
