import { getDocumentProxy } from 'unpdf';

/** What stands on a paper, line by line, and what lies in the file for whoever checks it. */
export interface PaperRead {
  lines: string[];
  report: string | null;
  /** In base64. */
  signature: string | null;
}

interface Piece {
  str: string;
  transform: number[];
}

/** Pieces of text of one height are one line, from left to right; gaps do not count. */
const linesOf = (pieces: readonly Piece[]): string[] => {
  const rows = new Map<number, Piece[]>();
  for (const piece of pieces) {
    const height = Math.round(piece.transform[5]!);
    const near = [height, height - 1, height + 1].find((one) => rows.has(one)) ?? height;
    rows.set(near, [...(rows.get(near) ?? []), piece]);
  }
  return [...rows]
    .sort(([a], [b]) => b - a)
    .map(([, row]) =>
      row
        .sort((a, b) => a.transform[4]! - b.transform[4]!)
        .map(({ str }) => str)
        .join(' ')
        .replace(/\s+/g, ' ')
        .trim(),
    )
    .filter((line) => line !== '');
};

/** What the library does and its types do not say yet: a file's content is asked for by itself. */
interface WithFiles {
  getAttachments: () => Promise<Map<string, { filename: string }> | null>;
  getAttachmentContent: (id: string) => Promise<Uint8Array | null>;
}

const fileIn = async (pdf: object, name: string): Promise<Uint8Array | null> => {
  const { getAttachments, getAttachmentContent } = pdf as WithFiles;
  const files = (await getAttachments.call(pdf)) ?? new Map<string, { filename: string }>();
  const [id] = [...files].find(([, { filename }]) => filename === name) ?? [];
  return id === undefined ? null : getAttachmentContent.call(pdf, id);
};

const MOST_PAGES = 40;

/** Reads a PDF that somebody has given; throws where it is none. */
export const readPaper = async (bytes: Uint8Array): Promise<PaperRead> => {
  const pdf = await getDocumentProxy(bytes, { verbosity: 0 });
  try {
    const lines: string[] = [];
    for (let page = 1; page <= Math.min(pdf.numPages, MOST_PAGES); page += 1) {
      const { items } = await (await pdf.getPage(page)).getTextContent();
      lines.push(...linesOf(items.filter((item) => 'str' in item) as Piece[]));
    }
    const [report, signature] = [await fileIn(pdf, 'report.json'), await fileIn(pdf, 'report.sig')];
    return {
      lines,
      report: report ? Buffer.from(report).toString('utf8') : null,
      signature: signature ? Buffer.from(signature).toString('base64') : null,
    };
  } finally {
    await pdf.loadingTask.destroy();
  }
};
