import { cardExporters, type ExportInput } from '../../cardExporters';
import type { ThreadWork } from '../threadMeans';

export interface ExportTask {
  /** The name of the file among the exporters. */
  readonly name: string;
  readonly input: ExportInput;
}

/** Writes one downloadable form of a card. */
export const exportCardFile: ThreadWork = async (input, { solver }) => {
  const { name, input: wanted } = input as ExportTask;
  const exporter = cardExporters.find(({ file }) => file === name);
  if (!exporter) throw new Error(`exportCardFile: no exporter ${name}`);
  return exporter.write(wanted, solver);
};
