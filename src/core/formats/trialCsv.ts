import type { TrialReport } from '../trials/report';
import type { Arm } from '../records/trialKinds';
import { toCsv } from './toCsv';

const rounded = (x: number): number | string => (Number.isFinite(x) ? Number(x.toFixed(4)) : '');

/**
 * A trial as a table (RFC 4180), a row a coat, for those who want to work it out themselves: handbook lives are what distance,
 * water and standing took of a coat on one scale; an empty `lives_to` is a coat that had not squeaked.
 */
export const writeTrialCsv = (report: TrialReport, labels: Record<Arm, string>): string =>
  toCsv(
    report.coats.map(({ coat, arm, uncounted, evidence }) => {
      const lasted = evidence?.kind === 'lasted' ? evidence : null;
      const rag = evidence?.kind === 'rag' ? evidence : null;
      return {
        date: coat.work.at,
        habit: arm === 'a' || arm === 'b' ? labels[arm] : (arm ?? ''),
        counts: uncounted === null ? (evidence ? 'yes' : 'not yet') : uncounted,
        lube: coat.lube,
        km: rounded(coat.km),
        end: coat.end,
        lives_from: lasted ? rounded(lasted.from) : '',
        lives_to: lasted ? rounded(lasted.to) : '',
        rag_dirt: rag ? rounded(rag.level) : '',
        rag_error: rag ? rounded(rag.sd) : '',
        left_by_wipe: rag ? rounded(rag.leftOutside) : '',
        dirt_by_handbook: rag ? rounded(rag.gathered) : '',
      };
    }),
  );
