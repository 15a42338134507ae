import { useState } from 'react';
import { templatePage, type Template } from '../../../core/cutting/templatePage';
import { writeDxf } from '../../../core/drawing/writeDxf';
import { writeSvg } from '../../../core/drawing/writeSvg';
import { fileName } from '../../../core/text/fileName';
import { saveFile } from '../../parts/saveFile';
import { postForFile } from '../../wire/postForFile';

interface Props {
  readonly template: Template;
  /** What the files say they are, and are called: the card, the stock, the sheet, which of them. */
  readonly title: string;
}

/** A sheet's template at 1:1 in each form there is. */
export function TemplateLinks({ template, title }: Props) {
  const [failure, setFailure] = useState<string>();
  const savePdf = async () => {
    setFailure(undefined);
    const { layout, unit, contours } = template;
    const used = new Set(layout.pieces.flatMap(({ letters }) => letters));
    const reply = await postForFile('/api/templates', {
      title,
      unit,
      layout,
      contours: [...contours].filter(([letter]) => used.has(letter)),
    });
    if (reply.ok) saveFile(fileName([title], '.pdf'), 'application/pdf', reply.file);
    else setFailure(reply.message);
  };
  const link = (name: string, save: () => void) => (
    <button type="button" className="link" onClick={save}>
      {name} at 1:1
    </button>
  );
  return (
    <>
      <p className="flex gap-4 pt-1.5 text-[15px] print:hidden">
        {link('SVG', () =>
          saveFile(
            fileName([title], '.svg'),
            'image/svg+xml',
            writeSvg(templatePage(template, title)),
          ),
        )}
        {link('DXF', () =>
          saveFile(
            fileName([title], '.dxf'),
            'application/dxf',
            writeDxf(templatePage(template, title)),
          ),
        )}
        {link('PDF', () => void savePdf())}
      </p>
      {failure !== undefined && (
        <p role="alert" className="text-pencil">
          {failure}
        </p>
      )}
    </>
  );
}
